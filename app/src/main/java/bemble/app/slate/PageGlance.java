package bemble.app.slate;

import bemble.paper.Paper;
import bemble.paper.Square;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A page that is being written, at a glance.
 *
 * @param attempt the number of the attempt
 * @param paper the sheet with the sum set out for the writer
 * @param strokes all strokes, in order
 * @param handedIn whether its writer has ended it
 * @param allRight whether nothing is wrong on it so far, and nothing missing once it is handed in
 * @param slipAt the squares of the first slip; empty where there is none
 * @param slip the name of that slip; missing if there is none
 */
public record PageGlance(
    long attempt,
    String problem,
    Paper paper,
    List<StrokeView> strokes,
    boolean handedIn,
    boolean allRight,
    List<Square> slipAt,
    @Nullable String slip) {}
