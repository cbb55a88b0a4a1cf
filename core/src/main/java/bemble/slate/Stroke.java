package bemble.slate;

import bemble.judge.reading.Transcript;
import bemble.paper.Square;

/**
 * An action of a writer on a page.
 *
 * @param kind the kind of action
 * @param at its square
 * @param text the written text; empty for rubbing out, striking and ruling
 */
public record Stroke(Kind kind, Square at, String text) {
  /** The actions of a writer on a page. */
  public enum Kind {
    /** One character of full size. */
    FIGURE,
    /** A small figure that helps the writer. */
    AID,
    /** A number in a square that is meant for one. */
    NUMBER,
    /** A decimal mark on the line to the right of the square. */
    POINT,
    /** A stroke through the mark in the square, or its removal. */
    STRIKE,
    /** A line under the square. */
    LINE,
    /** A mark on paper that could not be read. */
    UNREAD,
    /** The square rubbed clean. */
    RUB;

    static Kind of(Transcript.Kind kind) {
      return valueOf(kind.name());
    }
  }

  /** Whether it puts more than one figure into a square that holds one. */
  public boolean isCrowded() {
    return kind == Kind.FIGURE && text.length() > 1;
  }
}
