package bemble.method.addition;

import bemble.method.Method;
import bemble.method.MethodHead;
import bemble.method.column.ColumnAdder;
import bemble.method.column.ColumnOrder;
import bemble.method.column.Layout;
import bemble.method.column.PlaceColumns;
import bemble.method.column.WrittenRow;
import bemble.number.Numeral;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.paper.Square;
import bemble.problem.Addition;
import bemble.problem.Operation;
import bemble.procedure.Answer;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.procedure.Slot;
import bemble.procedure.Working;
import bemble.remark.Mention;
import bemble.remark.Place;
import bemble.remark.Quantity;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.slip.Slip;
import bemble.style.Choice;
import bemble.style.Setting;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Hundreds with hundreds, tens with tens, ones with ones, the highest place first. What each place
 * comes to is a part, written with its zeros; the parts stand behind one another and are added in
 * the head, those first in which no place makes a ten. A class may write them under one another and
 * add them in columns, or write only the total so far.
 */
public final class LeftToRight implements Method<Addition> {
  private static final MethodHead HEAD =
      MethodHead.of(Operation.ADDITION, "left-to-right")
          .layout(2)
          .slips(
              AdditionLayout.SLIPS.stream()
                  .filter(
                      slip -> slip != Slip.TWO_DIGITS_IN_ONE_SQUARE && slip != Slip.OLD_CARRY_AGAIN)
                  .toList())
          .schools(List.of(Setting.PARTIAL_SUMS))
          .sampleLines(List.of("364 + 228", "487 + 215"));

  @Override
  public MethodHead head() {
    return HEAD;
  }

  @Override
  public Working work(Addition sum, Script script) {
    return new Page(sum, script).work();
  }

  /** One page in the making. */
  private static final class Page {
    private final Addition sum;
    private final Script script;
    private final AdditionLayout layout;
    private final List<WrittenRow> addends;

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
      this.addends = layout.copyAddends(script, sum, 1);
      this.below = 1 + addends.size();
      layout.signAndRule(script, below);
    }

    Working work() {
      return switch (script.style().choice(Choice.PartialSums.class)) {
        case ON_ONE_LINE, LINE_AND_TOTALS -> onOneLine();
        case UNDER_ONE_ANOTHER -> underOneAnother();
        case IN_THE_HEAD -> finish(addPlaces(), layout.lastColumn());
      };
    }

    private Working onOneLine() {
      List<Integer> places = placesThatAdd();
      PartsLayout line = PartsLayout.behindOneAnother(layout, places, below);
      List<WrittenRow> parts = parts(places, line);
      PartsTogether together =
          new PartsTogether(script, layout, new Square(below, 0), line.lastColumn());
      return finish(together.add(parts, line.lastRow() + 1), line.lastColumn());
    }

    private Working underOneAnother() {
      List<Integer> places = placesThatAdd();
      PartsLayout lines = PartsLayout.underOneAnother(layout, places, below);
      return finish(addInColumns(parts(places, lines)), lines.lastColumn());
    }

    /** Writes what each place comes to, where something is added, each with its plus in front. */
    private List<WrittenRow> parts(List<Integer> places, PartsLayout line) {
      List<WrittenRow> parts = new ArrayList<>();
      for (int place = layout.highest(); place >= layout.lowest(); place--) {
        if (places.contains(place)) {
          PartsLayout.Block block = line.blocks().get(parts.size());
          parts.add(part(place, places, block.row(), block.columns()));
          block.sign().ifPresent(at -> Layout.sign(script, at, "+"));
        } else {
          noPart(place);
        }
      }
      return parts;
    }

    /** The places at which something is added, the highest first; the ones if there is none. */
    private List<Integer> placesThatAdd() {
      List<Integer> places = new ArrayList<>();
      for (int place = layout.highest(); place >= layout.lowest(); place--) {
        if (Rule.TOTAL.applyTo(ofPlace(place)).signum() > 0) {
          places.add(place);
        }
      }
      return places.isEmpty() ? List.of(0) : places;
    }

    private void noPart(int place) {
      script.step(Section.column(place), focus(place));
      script.say(() -> Remark.of(RemarkKind.ADD_NO_PLACE).with("place", new Place(place)));
    }

    /**
     * Writes what one place comes to, with its zeros: down to the ones. Where it is all that is
     * written, it is the answer and goes down to the lowest place of the addends.
     */
    private WrittenRow part(int place, List<Integer> places, int row, PlaceColumns columns) {
      List<Entry> reads = ofPlace(place);
      script.step(Section.column(place), focus(place));
      WrittenRow part = new WrittenRow(row);
      boolean alone = places.size() == 1;
      Role zeros = alone ? Role.ANSWER : Role.PLACEHOLDER;
      Role figures = alone ? Role.ANSWER : Role.PARTIAL;
      // From the right, so that all of it can be typed in one go.
      for (int under = alone ? layout.lowest() : 0; under < place; under++) {
        part.put(under, zero(zeros, under, columns.at(row, under)));
      }
      int length = Rule.TOTAL.applyTo(reads).toString().length();
      for (int n = 0; n < length; n++) {
        Slot slot = Slot.full(figures, place + n, columns.at(row, place + n));
        part.put(place + n, script.write(slot, Rule.figureOfTotal(n), reads));
      }
      for (int above = place + length; above <= 0; above++) {
        part.put(above, zero(zeros, above, columns.at(row, above)));
      }
      part.point(script, columns);
      sayPart(place, reads, part.read());
      return part;
    }

    private Entry zero(Role role, int place, Square at) {
      return script.write(Slot.full(role, place, at), Rule.of(Rule.Kind.ZERO), List.of());
    }

    private void sayPart(int place, List<Entry> reads, Numeral worth) {
      ColumnAdder.useSum(script, reads);
      script.say(
          () -> {
            List<Mention> added = ColumnAdder.parts(reads, place);
            Quantity total = new Quantity(Rule.TOTAL.applyTo(reads), place);
            return Remark.of(added.size() > 1 ? RemarkKind.ADD_PLACE : RemarkKind.ADD_SINGLE_PLACE)
                .with("parts", added)
                .with("adding", ColumnAdder.adding(reads, total))
                .with("total", total)
                .with("worth", worth);
          });
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

    /** Writes the total so far after each place that adds something. */
    private WrittenRow addPlaces() {
      List<Integer> places = placesThatAdd();
      WrittenRow total = null;
      for (int place = layout.highest(); place >= layout.lowest(); place--) {
        if (places.contains(place)) {
          boolean last = place == places.get(places.size() - 1);
          total = addPlace(place, last ? layout.lowest() : Math.min(place, 0), total);
        } else if (total == null) {
          noPart(place);
        } else {
          script.step(Section.column(place), focus(place));
          sayTotal(RemarkKind.KEEP_SAME_TOTAL, place, ofPlace(place), total, total);
        }
      }
      return total;
    }

    private WrittenRow addPlace(int place, int lowest, @Nullable WrittenRow before) {
      List<Entry> reads = ofPlace(place);
      script.step(Section.column(place), focus(place));
      int row = before == null ? below : before.row() + 1;
      int highest = before == null ? place : Math.max(place, before.highest());
      WrittenRow total =
          new RunningTotals(script, layout.columns())
              .write(row, Math.max(0, highest), lowest, each -> added(each, place, before));
      ColumnAdder.useSum(script, reads);
      RemarkKind kind = before == null ? RemarkKind.KEEP_TOTAL : RemarkKind.KEEP_NEXT_TOTAL;
      sayTotal(kind, place, reads, before == null ? total : before, total);
      return total;
    }

    /** What comes together at a place when the figures of one place are added. */
    private List<Entry> added(int at, int place, WrittenRow before) {
      List<Entry> added = new ArrayList<>();
      if (before != null) {
        before.at(at).ifPresent(added::add);
      }
      added.addAll(at == place ? ofPlace(place) : List.of());
      return added;
    }

    private void sayTotal(
        RemarkKind kind, int place, List<Entry> reads, WrittenRow before, WrittenRow total) {
      Quantity more = new Quantity(Rule.TOTAL.applyTo(reads), place);
      script.say(
          () ->
              Remark.of(kind)
                  .with("place", new Place(place))
                  .with("parts", ColumnAdder.parts(reads, place))
                  .with("adding", ColumnAdder.adding(reads, more))
                  .with("before", before.read())
                  .with("more", more.worth())
                  .with("total", total.read()));
    }

    /** The figures of a place, in the class's order. */
    private List<Entry> ofPlace(int place) {
      return ColumnOrder.of(script.style(), RunningTotals.at(place, addends));
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
      return script.finish(sum, HEAD.id(), total, extent, layout.columns().ones());
    }
  }
}
