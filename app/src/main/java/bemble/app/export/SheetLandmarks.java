package bemble.app.export;

import java.util.List;

/**
 * The marks and codes that every exercise sheet has at known places, so that it is found in a
 * picture. All lengths are millimetres, from the middle of the corner mark at the upper left.
 *
 * @param marks the middles of the printed marks
 * @param codes the codes, the one at the upper right first
 */
public record SheetLandmarks(List<Mark> marks, List<Code> codes) {
  /**
   * The middle of a mark of four millimetres.
   *
   * @param open whether it is white inside, which tells the lower right one from the others
   */
  public record Mark(double x, double y, boolean open) {}

  /**
   * A code.
   *
   * @param side the length of its side
   * @param modules how many of its smallest squares that is
   */
  public record Code(double left, double top, double side, int modules) {}
}
