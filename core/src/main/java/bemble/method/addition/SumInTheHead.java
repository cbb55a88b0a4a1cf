package bemble.method.addition;

import bemble.method.column.Layout;
import bemble.method.column.WrittenRow;
import bemble.number.Numeral;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.paper.Square;
import bemble.problem.Addition;
import bemble.procedure.Answer;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.procedure.Slot;
import bemble.procedure.Working;
import bemble.remark.Place;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/** A sum from the left of which nothing is written but its answer. */
final class SumInTheHead {
  private static final int ROW = 1;

  private SumInTheHead() {}

  static Working work(Addition sum, Script script) {
    AdditionLayout layout = AdditionLayout.of(sum);
    script.step(Section.SET_OUT);
    script.say(
        () ->
            Remark.of(RemarkKind.START_IN_HEAD)
                .with("addends", sum.addends())
                .with("place", new Place(layout.highest())));
    List<WrittenRow> addends = new ArrayList<>();
    for (Numeral addend : sum.addends()) {
      addends.add(kept(script, layout, addend, addends.size()));
    }
    Area answer = new Area(new Square(ROW, 0), new Square(ROW, layout.lastColumn()));
    PlaceParts parts = new PlaceParts(script, layout, addends, place -> answer);
    Answer total = new Answer.One(new PlaceTotals(script, parts, ROW, true).add().read());
    script.step(Section.ANSWER);
    layout.rule(script, ROW + 1);
    script.say(() -> AdditionRemarks.readOff(sum, total.value()));
    Area extent = Layout.upTo(ROW + 1, layout.lastColumn());
    return script.finish(sum, LeftToRight.ID, total, extent, layout.columns().ones());
  }

  /** An addend as it is heard: its figures stand nowhere. */
  private static WrittenRow kept(Script script, AdditionLayout layout, Numeral addend, int number) {
    WrittenRow kept = new WrittenRow(number, addend.highestPlace(), addend.lowestPlace());
    for (int place = addend.highestPlace(); place >= addend.lowestPlace(); place--) {
      Slot slot = Slot.small(Role.GIVEN, place, layout.columns().at(number, place));
      BigInteger figure = BigInteger.valueOf(addend.digitAt(place));
      kept.put(place, script.copy(slot, figure, value -> List.of()));
    }
    return kept;
  }
}
