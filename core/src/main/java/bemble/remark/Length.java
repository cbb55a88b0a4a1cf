package bemble.remark;

import java.util.Locale;

/** The lengths in which a remark is told. */
public enum Length {
  /** The sentence, as a teacher says it. */
  SAY,
  /** The same in as few words as can be. */
  BRIEF,
  /** The question that lets a class say it first. */
  ASK,
  /** The reason in place value. */
  WHY;

  /** The name under which sentences of this kind are kept: {@code brief}. */
  public String key() {
    return name().toLowerCase(Locale.ROOT);
  }
}
