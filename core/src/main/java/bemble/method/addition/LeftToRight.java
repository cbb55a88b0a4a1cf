package bemble.method.addition;

import bemble.method.Method;
import bemble.method.MethodHead;
import bemble.method.column.ColumnAdder;
import bemble.method.column.Layout;
import bemble.method.column.WrittenRow;
import bemble.paper.Area;
import bemble.paper.Square;
import bemble.problem.Addition;
import bemble.problem.Operation;
import bemble.procedure.Answer;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.procedure.Working;
import bemble.remark.Place;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.slip.AddingSlips;
import bemble.style.Choice;
import bemble.style.Setting;
import java.util.List;

/**
 * Hundreds with hundreds, tens with tens, ones with ones, the highest place first. The total of
 * each place is a part, written with its zeros; the parts stand behind one another and are added in
 * the head, first those in which no place makes a ten. A class may write them under one another and
 * add them in columns, or write only the total so far. It may also keep the sum itself on one line,
 * or in the head.
 */
public final class LeftToRight implements Method<Addition> {
  static final String ID = "left-to-right";

  private static final MethodHead HEAD =
      MethodHead.of(Operation.ADDITION, ID)
          .layout(2)
          .slips(
              AdditionLayout.SLIPS.stream()
                  .filter(
                      slip ->
                          slip != AddingSlips.TWO_DIGITS_IN_ONE_SQUARE
                              && slip != AddingSlips.OLD_CARRY_AGAIN)
                  .toList())
          .schools(List.of(Setting.PARTIAL_SUMS))
          .sampleLines(List.of("364 + 228", "487 + 215"));

  @Override
  public MethodHead head() {
    return HEAD;
  }

  @Override
  public Working work(Addition sum, Script script) {
    return switch (script.style().choice(Choice.PartialSums.class)) {
      case SUM_ON_ONE_LINE -> SumOnOneLine.work(sum, script);
      case ONLY_THE_ANSWER -> SumInTheHead.work(sum, script);
      default -> new Page(sum, script).work();
    };
  }

  /** One page in the making. */
  private static final class Page {
    private final Addition sum;
    private final Script script;
    private final AdditionLayout layout;
    private final PlaceParts parts;

    /** The first row under the addends. */
    private final int below;

    Page(Addition sum, Script script) {
      this.sum = sum;
      this.script = script;
      this.layout = AdditionLayout.of(sum);
      script.step(Section.SET_OUT);
      layout.heads(script);
      script.say(
          () ->
              Remark.of(RemarkKind.START_LEFT)
                  .with("addends", sum.addends())
                  .with("place", new Place(layout.highest())));
      List<WrittenRow> addends = layout.copyAddends(script, sum, 1);
      this.below = 1 + addends.size();
      this.parts = new PlaceParts(script, layout, addends, this::focus);
      layout.signAndRule(script, below);
    }

    Working work() {
      return switch (script.style().choice(Choice.PartialSums.class)) {
        case UNDER_ONE_ANOTHER -> underOneAnother();
        case IN_THE_HEAD ->
            finish(new PlaceTotals(script, parts, below, false).add(), layout.lastColumn());
        default -> onOneLine();
      };
    }

    private Working onOneLine() {
      List<Integer> places = parts.places();
      PartsLayout line = PartsLayout.behindOneAnother(layout, places, below);
      int row = line.lastRow() + 1;
      PartsTogether together =
          new PartsTogether(
              script, layout.columns(), layout.lowest(), new Square(below, 0), line.lastColumn());
      List<WrittenRow> written = parts.write("+", places, line.blocks());
      return finish(together.add(written, row, () -> layout.rule(script, row)), line.lastColumn());
    }

    private Working underOneAnother() {
      List<Integer> places = parts.places();
      PartsLayout lines = PartsLayout.underOneAnother(layout, places, below);
      return finish(addInColumns(parts.write("+", places, lines.blocks())), lines.lastColumn());
    }

    private WrittenRow addInColumns(List<WrittenRow> parts) {
      if (parts.size() == 1) {
        return parts.get(0);
      }
      int row = below + parts.size();
      script.step(Section.TOTALS);
      layout.signAndRule(script, row);
      script.say(() -> Remark.of(RemarkKind.ADD_PARTS).with("carries", ColumnAdder.carries(parts)));
      return ColumnAdder.crowded(script.style(), layout.columns(), row, below).add(script, parts);
    }

    /** The addends' figures of a place. */
    private Area focus(int place) {
      return new Area(layout.columns().at(1, place), layout.columns().at(below - 1, place));
    }

    private Working finish(WrittenRow answer, int lastColumn) {
      script.step(Section.ANSWER);
      // Its row tells how many totals there are.
      if (!script.style().has(Choice.PartialSums.LINE_AND_TOTALS)) {
        layout.rule(script, answer.row() + 1);
      }
      Answer total = new Answer.One(answer.read());
      script.say(() -> AdditionRemarks.readOff(sum, total.value()));
      Area extent = Layout.upTo(answer.row() + 1, lastColumn);
      return script.finish(sum, ID, total, extent, layout.columns().ones());
    }
  }
}
