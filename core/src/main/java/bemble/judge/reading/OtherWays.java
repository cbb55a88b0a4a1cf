package bemble.judge.reading;

import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;

/** Ways of writing a page that mean the same as the usual one. */
public final class OtherWays {
  private OtherWays() {}

  /** The page read as if it had been written in the way with which it is compared. */
  public static Transposed read(
      Transposed page, Prediction truth, Stage stage, SettingOut settingOut) {
    Transposed something = PartsOfNothing.on(page, truth);
    // On a sheet that is set out each number has its squares, unless one is left out or moved.
    boolean free = settingOut == SettingOut.OWN || something != page;
    Spread spread =
        free
            ? Spread.of(something.read(), truth, stage)
            : Spread.turned(something.read(), truth, stage);
    Transposed rows = RowsOfProduct.of(truth).on(spread.on(something), truth.working(), stage);
    return RoundsOfNothing.of(truth).map(rounds -> rounds.on(rows, stage)).orElse(rows);
  }
}
