package bemble.judge.reading;

import bemble.judge.reading.Prediction.Expected;
import bemble.judge.reading.Prediction.Seen;
import bemble.judge.report.Written;
import bemble.paper.Role;
import bemble.paper.Spot;
import bemble.procedure.Step;
import bemble.procedure.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A worked page as somebody would write it on a sheet with the sum set out. */
public final class Transcript {
  private Transcript() {}

  /** All values in the order of writing; numbers copied from the sum are left out. */
  public static List<Written> of(Working working) {
    return puts(working, false).stream().map(Put::written).toList();
  }

  /** The ways of writing. */
  public enum Kind {
    /** One character of full size. */
    FIGURE,
    /** A small figure that helps the writer. */
    AID,
    /** A decimal mark, after a square. */
    POINT,
    /** A number of as many figures as it needs, in one square. */
    NUMBER
  }

  /**
   * A piece of writing.
   *
   * @param written the mark and its square
   * @param kind how
   * @param role the purpose of the mark
   * @param step the step in which it is written; figures behind one another in a step are said in
   *     one go; null for marks that no step writes by itself
   */
  public record Put(Written written, Kind kind, Role role, @Nullable Step step) {}

  /**
   * All values in the order of writing.
   *
   * @param setOut whether those copied from the sum, its sign and all points are among them
   */
  public static List<Put> puts(Working working, boolean setOut) {
    List<Put> page = new ArrayList<>();
    Optional<Written> sign = setOut ? Signs.of(working) : Optional.empty();
    Prediction prediction = new Prediction(working);
    for (Seen seen : prediction.seen()) {
      if (sign.isPresent() && !seen.isSetOut()) {
        page.add(new Put(sign.get(), Kind.FIGURE, Role.SIGN, null));
        sign = Optional.empty();
      }
      if (setOut || !seen.isSetOut()) {
        seen.expected().forEach(one -> page.add(put(seen, one)));
      }
    }
    if (setOut) {
      prediction.pointsOnPaper().stream()
          .filter(after -> !prediction.hasPoint(after))
          .map(after -> new Written(after, Spot.LOWER_RIGHT, "."))
          .forEach(point -> page.add(new Put(point, Kind.POINT, Role.POINT, null)));
    }
    return page;
  }

  private static Put put(Seen seen, Expected one) {
    Kind kind = one.spot() == Spot.FULL ? Kind.FIGURE : Kind.NUMBER;
    kind = seen.isPoint() ? Kind.POINT : kind;
    return new Put(
        new Written(one.at(), one.spot(), one.text()),
        seen.isAid() ? Kind.AID : kind,
        seen.entry().slot().role(),
        seen.step());
  }
}
