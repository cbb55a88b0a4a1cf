package bemble.method.division;

import bemble.fact.Fact;
import bemble.method.Method;
import bemble.method.MethodHead;
import bemble.method.Misfit;
import bemble.method.PageForm;
import bemble.method.column.Layout;
import bemble.method.column.PlaceColumns;
import bemble.method.column.Remaining;
import bemble.method.column.WrittenRow;
import bemble.number.Figures;
import bemble.number.Numeral;
import bemble.number.Whole;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.problem.Division;
import bemble.problem.Operation;
import bemble.procedure.Answer;
import bemble.procedure.Entry;
import bemble.procedure.Move;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.procedure.Slot;
import bemble.procedure.Working;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.slip.DividingSlips;
import java.math.BigInteger;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * Division in one row: the quotient above the bracket, figure by figure, and each rest small before
 * the next figure of the dividend. Products and differences are kept in the head, so it is for
 * divisors whose multiples a class knows.
 */
public final class ShortDivision implements Method<Division> {
  private static final BigInteger LARGEST_DIVISOR = BigInteger.valueOf(12);
  private static final int QUOTIENT_ROW = 1;
  private static final int DIVIDEND_ROW = 2;

  private static final MethodHead HEAD =
      MethodHead.of(Operation.DIVISION, "short")
          .form(PageForm.FRAMED)
          .slips(
              List.of(
                  DividingSlips.ZERO_LEFT_OUT,
                  DividingSlips.ZERO_LEFT_BLANK,
                  DividingSlips.LEFT_OVER_LOST,
                  DividingSlips.LEFT_OVER_ADDED,
                  DividingSlips.REMAINDER_DROPPED,
                  DividingSlips.TRIAL_TOO_SMALL,
                  DividingSlips.TRIAL_TOO_LARGE))
          .sampleLines(List.of("4236 ÷ 7"));

  @Override
  public MethodHead head() {
    return HEAD;
  }

  @Override
  public Optional<Misfit> misfit(Division sum) {
    boolean small = sum.divisor().unscaled().compareTo(LARGEST_DIVISOR) <= 0;
    return small ? Optional.empty() : Optional.of(Misfit.DIVISOR_UP_TO_12);
  }

  @Override
  public Working work(Division sum, Script script) {
    return new Page(sum, script).work();
  }

  private final class Page {
    private final Division sum;
    private final Script script;
    private final Bracket bracket;
    private final PlaceColumns columns;
    private final WrittenRow quotient = new WrittenRow(QUOTIENT_ROW);

    /** The number that is shared next: the last remainder, if any, and a figure of the dividend. */
    private final Remaining remaining;

    /** How far later figures of the quotient stand too far left, for want of zeros. */
    private int leftOut;

    private int round;
    private Entry divisor;

    @SuppressWarnings("NullAway.Init")
    Page(Division sum, Script script) {
      this.sum = sum;
      this.script = script;
      this.bracket = new Bracket(sum, script, DIVIDEND_ROW);
      this.columns = bracket.columns();
      this.remaining = new Remaining(script, columns, DIVIDEND_ROW);
    }

    Working work() {
      bracket.setOut(RemarkKind.SET_OUT_DIVISION);
      divisor = bracket.divisor();
      Entry left = null;
      for (int place = bracket.takeFirst(remaining); place >= 0; place--) {
        round++;
        Entry times = howMany(place);
        left = left(place, times);
        if (place > 0) {
          Entry next = bracket.figure(place - 1);
          remaining.goOnFrom(left.value().signum() > 0 ? List.of(left, next) : List.of(next));
        }
      }
      return readOff(Objects.requireNonNull(left));
    }

    private void step(int place) {
      script.step(
          Section.round(round),
          new Area(columns.at(QUOTIENT_ROW, place), columns.at(DIVIDEND_ROW, place)));
    }

    private Entry howMany(int place) {
      step(place);
      BigInteger shared = remaining.value();
      boolean zero = divisor.value().compareTo(shared) > 0;
      boolean kept =
          zero
              && !quotient.isEmpty()
              && !script.makes(Move.WRITE_ZERO, Section.round(round), place);
      Slot slot = slot(Role.QUOTIENT, kept ? place : place + leftOut);
      Rule rule = Rule.of(Rule.Kind.HOW_MANY);
      Entry times =
          kept
              ? script.keepInMind(slot, rule, remaining.behind(divisor))
              : script.write(slot, rule, remaining.behind(divisor));
      if (kept) {
        leftOut++;
      } else {
        quotient.put(slot.place(), times);
      }
      if (divisor.value().signum() > 0) {
        script.use(() -> Fact.howMany(shared, divisor.value()));
      }
      script.say(() -> HowOften.remark(divisor.value(), shared, times.value(), place));
      return times;
    }

    private Slot slot(Role role, int place) {
      return Slot.full(role, place, columns.at(QUOTIENT_ROW, place));
    }

    /** The remainder at a place, written small before the next figure, if there is one. */
    private Entry left(int place, Entry times) {
      step(place);
      Slot mind = Slot.small(Role.PRODUCT, place, columns.at(DIVIDEND_ROW, place));
      Rule multiply = Rule.of(Rule.Kind.PRODUCT);
      Entry product = script.keepInMind(mind, multiply, List.of(times, divisor));
      List<Entry> reads = remaining.behind(product);
      BigInteger shared = remaining.value();
      Square next = columns.at(DIVIDEND_ROW, place - 1);
      Slot small = new Slot(Role.LEFT_OVER, place, next, Spot.UPPER_LEFT);
      Entry left =
          script.enter(
              small,
              Rule.of(Rule.Kind.LEFT_OVER),
              reads,
              value -> shown(place, value) ? List.of(figure(small, value)) : List.of());
      script.use(() -> Fact.subtract(shared, product.value()));
      script.say(
          () ->
              Remark.of(kind(place, left.value()))
                  .with("standing", shared)
                  .with("product", product.value())
                  .with("left", left.value())
                  .with("divisor", divisor.value()));
      return left;
    }

    private static boolean shown(int place, BigInteger value) {
      return place > 0 && value.signum() > 0;
    }

    private static Shape figure(Slot slot, BigInteger value) {
      return new Shape.Small(slot.square(), slot.spot(), Figures.of(value));
    }

    private static RemarkKind kind(int place, BigInteger left) {
      if (place == 0) {
        return RemarkKind.LEFT_AT_END;
      }
      return left.signum() == 0 ? RemarkKind.NOTHING_LEFT : RemarkKind.LEFT_BEFORE_NEXT;
    }

    private Working readOff(Entry left) {
      script.step(Section.ANSWER);
      Numeral read = quotient.read();
      Numeral value = Numeral.of(Whole.without(read.unscaled(), leftOut));
      Numeral remainder = Numeral.of(left.value());
      int length = remainder.isZero() ? 0 : remainder.length();
      if (length > 0) {
        Layout.sign(script, new Square(QUOTIENT_ROW, columns.ones() + 1), "r");
        Square ones = new Square(QUOTIENT_ROW, columns.ones() + 1 + length);
        script.write(Slot.full(Role.REMAINDER, 0, ones), Rule.SAME, List.of(left));
      }
      Answer.Quotient answer = new Answer.Quotient(value, remainder);
      QuotientRead.say(script, sum, answer);
      Area extent = Layout.upTo(DIVIDEND_ROW, columns.ones() + 1 + length);
      return script.finish(sum, id(), answer, extent, columns.ones());
    }
  }
}
