package bemble.judge.right;

import bemble.judge.PlainPaper;
import bemble.judge.report.SettingOut;
import bemble.method.Sum;
import bemble.paper.Square;
import java.util.Random;

/**
 * A kind of page that is right, though Bemble would have written it otherwise. Its writer knows no
 * procedure: numbers are worked out and put where the drawing of the kind has them.
 */
public interface RightKind {
  /** A page of the kind. */
  RightPage write(Random random);

  /** The name in the table. */
  default String title() {
    return getClass().getSimpleName();
  }

  /** A right page of a sum. */
  record RightPage(Sum sum, SettingOut settingOut, PlainPaper paper) {
    static RightPage given(Sum sum, PlainPaper paper) {
      return new RightPage(sum, SettingOut.GIVEN, paper);
    }
  }

  /** The square of the last figure of the number that stands first. */
  static Square ones(Sum sum) {
    return PlainPaper.lastOfFirst(sum);
  }

  /** A number of some figures, none of them 0. */
  static int number(Random random, int figures) {
    int number = 0;
    for (int place = 0; place < figures; place++) {
      number = 10 * number + 1 + random.nextInt(9);
    }
    return number;
  }
}
