package bemble.app.scan;

import bemble.app.export.SheetTable;
import bemble.app.export.SheetTable.TilePlace;
import bemble.app.refusal.RefusedException;
import bemble.app.table.Stored;
import bemble.app.working.SumRef;
import bemble.app.working.Sums;
import bemble.judge.Judge;
import bemble.judge.report.SettingOut;
import bemble.method.Sum;
import bemble.slate.Slate;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The sums of a sheet that are set out on squares as they are worked. */
@Component
class SetOutSums {
  private final Sums sums;
  private final Stored stored;

  SetOutSums(Sums sums, Stored stored) {
    this.sums = sums;
    this.stored = stored;
  }

  /** The slate of a sum that is set out, in the style in which the sheet was printed. */
  Optional<Slate> slate(SheetTable table, TilePlace tile) {
    if (tile.setOutAs() == null || table.style() == null) {
      return Optional.empty();
    }
    Sum sum;
    try {
      sum =
          sums.read(
              new SumRef(tile.plain(), tile.method(), stored.style(table.style().toString())));
    } catch (RefusedException e) {
      // A sum that is not worked so any more is answered all the same.
      return Optional.empty();
    }
    if (!Judge.judges(sum.method()) || tile.setOutAs() != sum.method().layout()) {
      return Optional.empty();
    }
    return Optional.of(new Slate(sum, SettingOut.GIVEN));
  }
}
