package bemble.app.scan;

import bemble.app.words.Sentences;
import bemble.ink.Doubt;

/** The reasons for asking about an answer on a sheet. */
enum AskedWhy {
  UNSURE,
  ALIKE,
  MOVED,
  FAINT,
  UNPLAIN,
  SPOILT,
  /** Its writer has written another answer below. */
  NEW_ANSWER,
  /** It has figures after a point, for which there is no square. */
  POINT,
  /** Its squares do not stand side by side. */
  APART,
  /** There is ink beside its squares: the answer may be longer than they are. */
  BESIDE;

  /** The reason in words, beside the picture of the answer. */
  String words() {
    return switch (this) {
      case UNSURE -> Sentences.of("asked.unsure");
      case ALIKE -> Sentences.of("asked.alike");
      case MOVED -> Sentences.of("asked.moved");
      case FAINT -> Sentences.of("asked.faint");
      case UNPLAIN -> Sentences.of("asked.unplain");
      case SPOILT -> Sentences.of("asked.spoilt");
      case NEW_ANSWER -> Sentences.of("asked.new-answer");
      case POINT -> Sentences.of("asked.point");
      case APART -> Sentences.of("asked.apart");
      case BESIDE -> Sentences.of("asked.beside");
    };
  }

  static AskedWhy of(Doubt doubt) {
    return doubt == Doubt.NONE ? UNSURE : valueOf(doubt.name());
  }
}
