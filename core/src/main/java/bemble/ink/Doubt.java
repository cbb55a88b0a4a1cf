package bemble.ink;

/** The reasons for asking a person about a square, the gravest last. */
public enum Doubt {
  NONE,
  /** The likeliest reading is not far enough ahead of another. */
  UNSURE,
  /** A figure that looks like another one in this hand. */
  ALIKE,
  /** The right figures, but not where they were asked for, or with a gap or a nought more. */
  MOVED,
  /** So pale that it may be the trace of a rubbed-out figure. */
  FAINT,
  /** In more pieces than a figure has, smaller than one, or running out of its square. */
  UNPLAIN,
  /** Crossed out, written over, or no figure. */
  SPOILT
}
