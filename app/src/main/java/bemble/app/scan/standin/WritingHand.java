package bemble.app.scan.standin;

import java.awt.Graphics2D;

/** The hand of one writer. */
public interface WritingHand {
  /**
   * Writes a figure into a square.
   *
   * @param sheet to draw on, in millimetres
   * @param left the square's upper left corner
   * @param side of the square
   */
  void write(Graphics2D sheet, char figure, double left, double top, double side);

  /** How light its pen is, from 0 for black to 255 for paper. */
  int grey();
}
