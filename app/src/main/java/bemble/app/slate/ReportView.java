package bemble.app.slate;

import bemble.judge.report.Finding;
import bemble.judge.report.Verdict;
import bemble.paper.Square;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The judge's report on a page.
 *
 * @param figures every figure with its verdict
 * @param missing the squares that lack a mark, once a page is handed in
 * @param findings the things that went wrong by themselves, the first first
 * @param right figures that are right
 * @param slips findings in number
 * @param follows figures that follow from a slip
 * @param allRight whether nothing is wrong and nothing missing
 * @param hints remarks on parts that are no slips, but would be better otherwise
 */
public record ReportView(
    List<FigureView> figures,
    List<Square> missing,
    List<SlipFinding> findings,
    long right,
    long slips,
    long follows,
    boolean allRight,
    List<String> hints) {
  /** A figure's verdict. */
  public record FigureView(Square at, boolean full, Verdict verdict) {}

  /**
   * A thing that went wrong.
   *
   * @param where the section, in words
   * @param slip the likeliest slip's id; missing where none is known
   * @param name the name of the slip
   * @param question a question about it
   * @param others other slips that would explain it, by name
   */
  public record SlipFinding(
      List<Square> squares,
      Finding.Kind kind,
      String where,
      @Nullable String slip,
      String name,
      String question,
      List<String> others) {}
}
