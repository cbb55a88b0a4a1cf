package bemble.method.addition;

import bemble.method.column.Layout;
import bemble.method.column.WrittenRow;
import bemble.number.Numeral;
import bemble.paper.Area;
import bemble.paper.Square;
import bemble.problem.Addition;
import bemble.procedure.Answer;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.procedure.Working;
import bemble.remark.Place;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import java.util.ArrayList;
import java.util.List;

/** A sum from the left with its numbers in one line: 34 + 21 = 50 + 5 = 55. */
final class SumOnOneLine {
  private static final int ROW = 1;

  private final Addition sum;
  private final Script script;
  private final AdditionLayout layout;
  private final OneLine line = new OneLine(ROW, 0);
  private final PlaceParts parts;

  private SumOnOneLine(Addition sum, Script script) {
    this.sum = sum;
    this.script = script;
    this.layout = AdditionLayout.of(sum);
    script.step(Section.SET_OUT);
    script.say(
        () ->
            Remark.of(RemarkKind.START_ON_LINE)
                .with("addends", sum.addends())
                .with("place", new Place(layout.highest())));
    List<WrittenRow> addends = addends();
    Area all = Layout.upTo(line.lastRow(), line.lastColumn());
    this.parts = new PlaceParts(script, layout, addends, place -> all);
  }

  static Working work(Addition sum, Script script) {
    return new SumOnOneLine(sum, script).work();
  }

  private List<WrittenRow> addends() {
    List<WrittenRow> addends = new ArrayList<>();
    for (Numeral addend : sum.addends()) {
      PartsLayout.Block block = line.next(addend.highestPlace(), addend.lowestPlace());
      if (!addends.isEmpty()) {
        block.sign().ifPresent(at -> Layout.sign(script, at, "+"));
      }
      addends.add(WrittenRow.copy(script, block.columns(), block.row(), addend));
    }
    return addends;
  }

  private Working work() {
    List<Integer> places = parts.places();
    List<PartsLayout.Block> blocks = blocks(places);
    List<WrittenRow> written = parts.write("=", places, blocks);
    WrittenRow answer = written.get(0);
    if (written.size() > 1) {
      PartsLayout.Block end = line.next(layout.columns().ones(), layout.lowest());
      Square begin = blocks.get(0).sign().orElseThrow();
      answer =
          new PartsTogether(script, end.columns(), layout.lowest(), begin, line.lastColumn())
              .add(written, end.row(), () -> end.sign().ifPresent(this::equalSign));
    }
    script.step(Section.ANSWER);
    Answer total = new Answer.One(answer.read());
    script.say(() -> AdditionRemarks.readOff(sum, total.value()));
    Area extent = Layout.upTo(line.lastRow() + 1, line.lastColumn());
    return script.finish(sum, LeftToRight.ID, total, extent, null);
  }

  /** A single part is the answer, and has room for all of its places. */
  private List<PartsLayout.Block> blocks(List<Integer> places) {
    return places.size() > 1
        ? line.parts(layout, places)
        : List.of(line.next(layout.columns().ones(), layout.lowest()));
  }

  private void equalSign(Square at) {
    Layout.sign(script, at, "=");
  }
}
