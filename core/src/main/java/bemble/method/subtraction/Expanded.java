package bemble.method.subtraction;

import bemble.fact.Fact;
import bemble.method.Method;
import bemble.method.MethodHead;
import bemble.method.PageForm;
import bemble.method.column.Beats;
import bemble.method.column.Layout;
import bemble.method.column.Questions;
import bemble.method.column.TopFigures;
import bemble.number.Figures;
import bemble.number.Numeral;
import bemble.number.Whole;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.problem.Operation;
import bemble.problem.Subtraction;
import bemble.procedure.Answer;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.procedure.Slot;
import bemble.procedure.Working;
import bemble.remark.Adding;
import bemble.remark.Quantity;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.slip.FactSlips;
import bemble.slip.TakingSlips;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/**
 * Both numbers in expanded form, part over part; exchanges are made between the parts, the parts
 * subtracted, and their differences put together. A part's entry counts in its place: 20 is 2 tens.
 */
public final class Expanded implements Method<Subtraction> {
  private static final int REWRITINGS = 2;
  private static final int MINUEND_ROW = REWRITINGS;
  private static final int ANSWER_ROW = MINUEND_ROW + 2;

  private static final MethodHead HEAD =
      MethodHead.of(Operation.SUBTRACTION, "expanded")
          .form(PageForm.FRAMED)
          .slips(
              List.of(
                  TakingSlips.ZERO_PASSED_STAYS_ZERO,
                  TakingSlips.ZERO_PASSED_BECOMES_TEN,
                  TakingSlips.NOTHING_GIVES_THE_NUMBER,
                  TakingSlips.NOTHING_GIVES_NOTHING,
                  TakingSlips.SMALLER_FROM_LARGER,
                  TakingSlips.SMALLER_FROM_LARGER_EVEN_FROM_ZERO,
                  TakingSlips.NEIGHBOUR_NOT_LESS,
                  TakingSlips.LESS_WITHOUT_EXCHANGE,
                  FactSlips.FACT_ONE_OUT))
          .sampleLines(List.of("623 − 187"));

  @Override
  public MethodHead head() {
    return HEAD;
  }

  @Override
  public Working work(Subtraction sum, Script script) {
    return new Page(sum, script).work();
  }

  private final class Page implements Exchanges.Page {
    private final Subtraction sum;
    private final Script script;
    private final int highest;
    private final int lowest;
    private final int width;
    private final Exchanges top;
    private final TopFigures bottom;

    Page(Subtraction sum, Script script) {
      this.sum = sum;
      this.script = script;
      this.highest = sum.minuend().highestPlace();
      this.lowest = Math.min(sum.minuend().lowestPlace(), sum.subtrahend().lowestPlace());
      this.top = new Exchanges(script, this, highest, lowest);
      this.bottom = new TopFigures(highest, lowest);
      // One more square is for the sign between parts.
      this.width = Shape.Small.squares(Math.max(highest + 1, 1 - lowest)) + 2;
    }

    Working work() {
      setOut();
      for (int place = lowest; place <= highest; place++) {
        BigInteger taken = bottom.at(place).value();
        if (taken.signum() > 0) {
          ask(new Quantity(top.at(place).value(), place), new Quantity(taken, place));
        }
        if (top.at(place).value().compareTo(taken) < 0) {
          top.bringTen(place, taken);
        }
      }
      List<Entry> parts = subtractParts();
      Answer difference = putTogether(parts);
      Area extent = Layout.upTo(ANSWER_ROW + 2, lastColumn());
      return script.finish(sum, id(), difference, extent, null);
    }

    /** The question is about what stands on the page: 20 from 90, not 2 from 9. */
    private void ask(Quantity from, Quantity taken) {
      Questions.canBeTaken(
          script,
          focus(taken.place()),
          from,
          taken,
          () ->
              Remark.of(RemarkKind.CAN_BE_TAKEN)
                  .with("more", 0)
                  .with("top", from.worth())
                  .with("bottom", taken.worth()));
    }

    private void setOut() {
      script.step(Section.SET_OUT);
      script.say(() -> Remark.of(RemarkKind.EXPAND).with("number", sum.minuend()));
      for (int place = highest; place >= lowest; place--) {
        top.put(place, part(MINUEND_ROW, place, sum.minuend()));
      }
      plusSigns(MINUEND_ROW);
      script.step(Section.SET_OUT);
      script.say(() -> Remark.of(RemarkKind.EXPAND_UNDER).with("number", sum.subtrahend()));
      Layout.sign(script, new Square(MINUEND_ROW + 1, 0), "−");
      for (int place = highest; place >= lowest; place--) {
        bottom.put(place, part(MINUEND_ROW + 1, place, sum.subtrahend()));
      }
      Layout.rule(script, ANSWER_ROW, 0, lastColumn());
    }

    private Entry part(int row, int place, Numeral number) {
      Slot slot = slot(Role.PARTIAL, row, place);
      BigInteger figure = BigInteger.valueOf(number.digitAt(place));
      Quantity told = new Quantity(figure, place);
      Beats.alone(script, slot.square(), told, told.worth());
      return script.copy(slot, figure, value -> shown(slot, value));
    }

    private void plusSigns(int row) {
      for (int place = highest - 1; place >= lowest; place--) {
        Square between = square(row, place).moved(0, -(width / 2) - 1);
        Layout.sign(script, between, "+");
      }
    }

    @Override
    public void step(int place) {
      script.step(Section.column(place), focus(place));
    }

    @Override
    public Entry rewrite(int place, int count, Rule rule, Entry old) {
      Slot slot = slot(Role.EXCHANGE, MINUEND_ROW - Math.min(count, REWRITINGS), place);
      return script.enter(slot, rule, List.of(old), value -> shown(slot, value));
    }

    @Override
    public RemarkKind kind(Exchanges.Way way) {
      return switch (way) {
        case NEXT -> RemarkKind.EXCHANGE_PARTS;
        case AFAR -> RemarkKind.EXCHANGE_PARTS_FROM_AFAR;
        case ON -> RemarkKind.EXCHANGE_PARTS_ON;
        case ONE_GO -> RemarkKind.EXCHANGE_PARTS_IN_ONE_GO;
      };
    }

    private List<Entry> subtractParts() {
      List<Entry> parts = new ArrayList<>();
      for (int place = lowest; place <= highest; place++) {
        step(place);
        Slot slot = slot(Role.PARTIAL, ANSWER_ROW, place);
        List<Entry> reads = List.of(top.at(place), bottom.at(place));
        Entry left =
            script.enter(slot, Rule.of(Rule.Kind.DIFFERENCE), reads, value -> shown(slot, value));
        parts.add(left);
        sayTaken(place, reads, left);
      }
      plusSigns(ANSWER_ROW);
      return parts;
    }

    /** The fact is in the values that stand on the page: 90 − 70, not 9 − 7. */
    private void sayTaken(int place, List<Entry> reads, Entry left) {
      BigInteger from = reads.get(0).value();
      BigInteger taken = reads.get(1).value();
      script.use(() -> Fact.subtract(inOnes(from, place), inOnes(taken, place)));
      script.say(
          () ->
              Remark.of(RemarkKind.TAKE_PART)
                  .with("top", new Quantity(from, place).worth())
                  .with("bottom", new Quantity(taken, place).worth())
                  .with("left", new Quantity(left.value(), place).worth()));
    }

    /** Each part gives one figure; needless zeros in front are not written. */
    private Answer putTogether(List<Entry> parts) {
      script.step(Section.ANSWER);
      int first = highest;
      while (first > 0 && parts.get(first - lowest).value().signum() == 0) {
        first--;
      }
      int ones = lastColumn() + lowest;
      BigInteger value = BigInteger.ZERO;
      for (int place = first; place >= lowest; place--) {
        Square square = new Square(ANSWER_ROW + 2, ones - place);
        Slot slot = Slot.full(Role.ANSWER, place, square);
        Entry figure = script.write(slot, Rule.SAME, List.of(parts.get(place - lowest)));
        value = Whole.joined(value, figure.value());
      }
      if (lowest < 0) {
        Square point = new Square(ANSWER_ROW + 2, ones);
        script.draw(Role.POINT, new Shape.Point(point, script.style().marks().decimal()));
      }
      Answer difference = new Answer.One(Numeral.of(value, -lowest));
      script.say(
          () ->
              Remark.of(RemarkKind.PUT_TOGETHER)
                  .with("adding", Adding.of(worths(parts), difference.value()))
                  .with("problem", sum)
                  .with("answer", difference.value()));
      return difference;
    }

    /** The values of the parts, largest first. */
    private static List<Numeral> worths(List<Entry> parts) {
      List<Numeral> worths = new ArrayList<>();
      for (int i = parts.size() - 1; i >= 0; i--) {
        Entry part = parts.get(i);
        worths.add(new Quantity(part.value(), part.slot().place()).worth());
      }
      return worths;
    }

    /** The part with its zeros: 2 tens are shown as 20, 7 tenths as 0.7. */
    private List<Shape> shown(Slot slot, BigInteger value) {
      return List.of(new Shape.Small(slot.square(), Spot.SMALL, text(slot.place(), value)));
    }

    private String text(int place, BigInteger value) {
      if (place < 0) {
        return script.style().marks().plain(Numeral.of(value, -place));
      }
      return Figures.of(inOnes(value, place));
    }

    /** A value of a place, counted in ones; parts after the point stay. */
    private static BigInteger inOnes(BigInteger value, int place) {
      return place <= 0 ? value : Whole.product(value, Whole.powerOfTen(place));
    }

    private Slot slot(Role role, int row, int place) {
      return Slot.small(role, place, square(row, place));
    }

    /** The middle square of a part's block. */
    private Square square(int row, int place) {
      return new Square(row, 1 + (highest - place) * width + width / 2);
    }

    private int lastColumn() {
      return (highest - lowest + 1) * width;
    }

    private Area focus(int place) {
      int first = 1 + (highest - place) * width;
      return new Area(new Square(0, first), new Square(ANSWER_ROW, first + width - 2));
    }
  }
}
