package bemble.judge.wrong;

import bemble.judge.PlainPaper;
import bemble.judge.report.SettingOut;
import bemble.method.Sum;
import bemble.paper.Square;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * A kind of page with one slip, after which everything was worked rightly. Its writer knows no
 * procedure.
 */
interface WrongKind {
  /** A page of the kind; empty if the slip does not show in the sum that was drawn. */
  Optional<WrongPage> write(Random random);

  /** The name in the table. */
  default String title() {
    return getClass().getSimpleName();
  }

  /**
   * A page with one slip.
   *
   * @param first the squares of which one is the first wrong one
   */
  record WrongPage(Sum sum, SettingOut settingOut, PlainPaper paper, List<Square> first) {}
}
