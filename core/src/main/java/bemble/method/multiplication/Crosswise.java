package bemble.method.multiplication;

import bemble.fact.Fact;
import bemble.method.Method;
import bemble.method.MethodHead;
import bemble.method.column.Beats;
import bemble.method.column.Layout;
import bemble.method.column.PlaceColumns;
import bemble.method.column.WritingOrder;
import bemble.method.column.WrittenRow;
import bemble.number.Numeral;
import bemble.number.Whole;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.problem.Multiplication;
import bemble.problem.Operation;
import bemble.procedure.Answer;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.procedure.Slot;
import bemble.procedure.Working;
import bemble.remark.Crossing;
import bemble.remark.Place;
import bemble.remark.Quantity;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.slip.FactSlips;
import bemble.slip.MultiplyingSlips;
import bemble.style.Choice;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * One answer line: its k-th figure comes from all pairs of figures whose places add to k, and the
 * carry. The pairs at work are linked. The shorter factor is padded with zeros.
 */
public final class Crosswise implements Method<Multiplication> {
  private static final int ONE_ROW = 2;
  private static final int OTHER_ROW = 4;
  private static final int ANSWER_ROW = 5;

  private static final MethodHead HEAD =
      MethodHead.of(Operation.MULTIPLICATION, "crosswise")
          .slips(
              List.of(
                  MultiplyingSlips.MULTIPLIED_CARRY_NOT_ADDED,
                  MultiplyingSlips.MIDDLE_LEFT_OUT,
                  FactSlips.FACT_ONE_OUT))
          .sampleLines(List.of("57 × 38"));

  @Override
  public MethodHead head() {
    return HEAD;
  }

  @Override
  public Working work(Multiplication sum, Script script) {
    return new Page(sum, script).work();
  }

  private final class Page {
    private final Multiplication sum;
    private final Script script;
    private final int length;
    private final PlaceColumns columns;
    private final int carryRow;
    private final Spot carrySpot;
    private final WrittenRow answer = new WrittenRow(ANSWER_ROW);
    private final List<Integer> links = new ArrayList<>();
    private WrittenRow one;
    private WrittenRow other;

    @SuppressWarnings("NullAway.Init")
    Page(Multiplication sum, Script script) {
      this.sum = sum;
      this.script = script;
      this.length = Math.max(sum.multiplicand().length(), sum.multiplier().length());
      this.columns = new PlaceColumns(2 * length + 1);
      Choice.CarryPosition position = script.style().choice(Choice.CarryPosition.class);
      this.carrySpot = position == Choice.CarryPosition.ON_LINE ? Spot.UPPER_LEFT : Spot.SMALL;
      this.carryRow =
          switch (position) {
            case ABOVE -> ONE_ROW - 1;
            case BELOW -> ANSWER_ROW + 1;
            case ON_LINE, KEPT_IN_MIND -> ANSWER_ROW;
          };
    }

    Working work() {
      setOut();
      Optional<Entry> carry = Optional.empty();
      int last = sum.multiplicand().highestPlace() + sum.multiplier().highestPlace();
      if (sum.multiplicand().isZero() || sum.multiplier().isZero()) {
        last = 0;
      }
      for (int place = 0; place <= last; place++) {
        carry = figure(place, carry, place == last);
      }
      script.step(Section.ANSWER);
      eraseLinks();
      Layout.rule(script, ANSWER_ROW + 1, columns.of(answer.highest()), columns.ones());
      Answer product = new Answer.One(answer.read());
      script.say(
          () ->
              Remark.of(RemarkKind.READ_PRODUCT)
                  .with("problem", sum)
                  .with("answer", product.value()));
      Area extent = Layout.upTo(ANSWER_ROW + 1, columns.ones());
      return script.finish(sum, id(), product, extent, columns.ones());
    }

    private void setOut() {
      script.step(Section.SET_OUT);
      columns.heads(script, 0, length - 1, 0);
      script.say(() -> ColumnPage.setOut(RemarkKind.SET_OUT_CROSSWISE, sum));
      one = padded(ONE_ROW, sum.multiplicand(), null);
      other = padded(OTHER_ROW, sum.multiplier(), one);
      Layout.sign(script, columns.at(OTHER_ROW, length), "×");
      Layout.rule(script, ANSWER_ROW, columns.of(length), columns.ones());
    }

    private WrittenRow padded(int row, Numeral factor, @Nullable WrittenRow under) {
      WrittenRow written = new WrittenRow(row, length - 1, 0);
      for (int place = length - 1; place >= 0; place--) {
        Role role = place > factor.highestPlace() ? Role.PADDING : Role.GIVEN;
        Slot slot = Slot.full(role, place, columns.at(row, place));
        Beats.figure(script, slot, factor.digitAt(place), under, role == Role.PADDING);
        written.put(place, script.copy(slot, factor.digitAt(place)));
      }
      return written;
    }

    /** Works one figure of the answer; gives the carry into the next. */
    private Optional<Entry> figure(int place, Optional<Entry> carry, boolean last) {
      Area focus = new Area(columns.at(ANSWER_ROW, place), columns.at(ANSWER_ROW, place));
      script.step(Section.column(place), focus);
      eraseLinks();
      List<Entry> reads = pairs(place, carry);
      useFacts(reads);
      Slot slot = Slot.full(Role.ANSWER, place, columns.at(ANSWER_ROW, place));
      script.say(() -> remark(place, reads, carry, last));
      Role role = last ? Role.ANSWER : Role.CARRY;
      Slot next =
          last
              ? Slot.full(role, place + 1, columns.at(ANSWER_ROW, place + 1))
              : new Slot(role, place + 1, columns.at(carryRow, place + 1), carrySpot);
      Rule figure = Rule.of(Rule.Kind.FIGURE_OF_PAIRS);
      Rule moving = Rule.of(Rule.Kind.TENS_OF_PAIRS);
      Optional<Entry> tens =
          WritingOrder.write(
              script,
              () -> answer.put(place, script.write(slot, figure, reads)),
              () -> script.meant(next, moving, reads).map(Script.Meant::write));
      if (last) {
        tens.ifPresent(front -> answer.put(place + 1, front));
        return Optional.empty();
      }
      return tens;
    }

    private Remark remark(int place, List<Entry> reads, Optional<Entry> carry, boolean last) {
      BigInteger total = Rule.TOTAL.apply(products(reads));
      BigInteger carried = carry.map(Entry::value).orElse(BigInteger.ZERO);
      BigInteger moved = last ? BigInteger.ZERO : Whole.tens(total);
      return Remark.of(carry.isPresent() ? RemarkKind.CROSS_AND_CARRIED : RemarkKind.CROSS)
          .with("place", new Place(place))
          .with("crossing", new Crossing(spoken(reads), carried))
          .with("carried", carried)
          .with("total", new Quantity(total, place))
          .with("tens", new Quantity(moved, place + 1))
          .with("moved", new Quantity(moved, place + 1))
          .with("ten", new Quantity(Whole.product(moved, BigInteger.TEN), place))
          .with("order", WritingOrder.of(script))
          .with("write", new Quantity(last ? total : Whole.ones(total), place));
    }

    /** The pairs as they are said; a zero that only fills a place is not spoken of. */
    private static List<Crossing.Pair> spoken(List<Entry> reads) {
      List<Crossing.Pair> all = new ArrayList<>();
      for (int i = 0; i + 1 < reads.size(); i += 2) {
        Entry upper = reads.get(i);
        Entry lower = reads.get(i + 1);
        if (isSpoken(upper, lower)) {
          all.add(new Crossing.Pair(figure(upper), figure(lower)));
        }
      }
      return all;
    }

    private static Quantity figure(Entry figure) {
      return new Quantity(figure.value(), figure.slot().place());
    }

    /** Links the pairs of a place; gives their figures, two by two, and then the carry. */
    private List<Entry> pairs(int place, Optional<Entry> carry) {
      int first = Math.max(0, place - length + 1);
      int last = Math.min(place, length - 1);
      List<Entry> reads = new ArrayList<>(2 * (last - first + 1) + 1);
      boolean fromLeft = script.style().has(Choice.CrossingOrder.FROM_TOP_LEFT);
      for (int n = first; n <= last; n++) {
        int p = fromLeft ? first + last - n : n;
        Entry upper = one.at(p).orElseThrow();
        Entry lower = other.at(place - p).orElseThrow();
        link(upper.slot().square(), lower.slot().square());
        reads.add(upper);
        reads.add(lower);
      }
      carry.ifPresent(reads::add);
      return List.copyOf(reads);
    }

    /** Notes the facts of the pairs that a sentence names, and of their total with the carry. */
    private void useFacts(List<Entry> reads) {
      if (!script.isOnPaper()) {
        return;
      }
      List<BigInteger> added = new ArrayList<>();
      for (int i = 0; i + 1 < reads.size(); i += 2) {
        BigInteger upper = reads.get(i).value();
        BigInteger lower = reads.get(i + 1).value();
        if (isSpoken(reads.get(i), reads.get(i + 1))) {
          script.use(() -> Fact.multiply(upper, lower));
          added.add(Whole.product(upper, lower));
        }
      }
      if (reads.size() % 2 == 1) {
        added.add(reads.get(reads.size() - 1).value());
      }
      added.removeIf(each -> each.signum() == 0);
      if (added.size() > 1) {
        script.use(() -> Fact.add(added));
      }
    }

    private static boolean isSpoken(Entry upper, Entry lower) {
      return upper.slot().role() != Role.PADDING && lower.slot().role() != Role.PADDING;
    }

    /** The products of the pairs, each by itself, and the carry. */
    private static List<BigInteger> products(List<Entry> reads) {
      List<BigInteger> products = new ArrayList<>();
      for (int i = 0; i + 1 < reads.size(); i += 2) {
        products.add(Whole.product(reads.get(i).value(), reads.get(i + 1).value()));
      }
      if (reads.size() % 2 == 1) {
        products.add(reads.get(reads.size() - 1).value());
      }
      return products;
    }

    private void link(Square upper, Square lower) {
      if (script.isOnPaper()) {
        links.add(script.draw(Role.DRAWING, new Shape.Link(upper, lower)));
      }
    }

    private void eraseLinks() {
      links.forEach(script::erase);
      links.clear();
    }
  }
}
