package bemble.app.scan;

import bemble.app.words.Sentences;

/** Why a page of a pile cannot be used. */
enum ScanProblem {
  NO_SHEET,
  CUT_OFF,
  OTHER_HOUSE,
  OTHER_HANDOUT,
  OTHER_PUPIL,
  TWICE,
  DAMAGED,
  TOO_LARGE;

  String sentence() {
    return switch (this) {
      case NO_SHEET -> Sentences.of("scan.no-sheet");
      case CUT_OFF -> Sentences.of("scan.cut-off");
      case OTHER_HOUSE -> Sentences.of("scan.other-house");
      case OTHER_HANDOUT -> Sentences.of("scan.other-handout");
      case OTHER_PUPIL -> Sentences.of("scan.other-pupil");
      case TWICE -> Sentences.of("scan.twice");
      case DAMAGED -> Sentences.of("scan.damaged");
      case TOO_LARGE -> Sentences.of("scan.too-large");
    };
  }
}
