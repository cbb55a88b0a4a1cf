package bemble.method.division;

import bemble.fact.Fact;
import bemble.method.Method;
import bemble.method.MethodHead;
import bemble.method.PageForm;
import bemble.method.column.Layout;
import bemble.method.column.PlaceColumns;
import bemble.method.column.Remaining;
import bemble.method.column.WrittenRow;
import bemble.notation.RemainderText;
import bemble.number.Figures;
import bemble.number.Numeral;
import bemble.number.Whole;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Square;
import bemble.problem.Division;
import bemble.problem.Operation;
import bemble.procedure.Answer;
import bemble.procedure.Entry;
import bemble.procedure.Move;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.procedure.Shift;
import bemble.procedure.Slot;
import bemble.procedure.Working;
import bemble.remark.Cue;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.slip.DividingSlips;
import bemble.style.Choice;
import bemble.style.RoundMove;
import bemble.style.Setting;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The quotient above the bracket; in each round: how many times, write the figure over the last
 * figure used, multiply, write the product, subtract, compare, bring down the next figure. A round
 * in which it goes zero times writes the zero. Beside the page stands the strip of the divisor's
 * multiples.
 */
public final class LongDivision implements Method<Division> {
  private static final int QUOTIENT_ROW = 1;
  private static final int DIVIDEND_ROW = 2;
  private static final int STRIP = 9;
  private static final List<String> STRIP_HEADS =
      IntStream.rangeClosed(0, STRIP).mapToObj(times -> times + " ×").toList();

  /** Squares behind the quotient that are kept free for the remainder. */
  private static final int ROOM_FOR_LETTER = 2;

  private static final int ROOM_FOR_WORD = 5;

  private static final MethodHead HEAD =
      MethodHead.of(Operation.DIVISION, "long")
          .form(PageForm.FRAMED)
          .slips(
              List.of(
                  DividingSlips.ZERO_LEFT_OUT,
                  DividingSlips.ZERO_LEFT_BLANK,
                  DividingSlips.REMAINDER_DROPPED,
                  DividingSlips.NOT_BROUGHT_DOWN,
                  DividingSlips.BROUGHT_DOWN_TWICE,
                  DividingSlips.SUBTRACTION_SLIP,
                  DividingSlips.TRIAL_TOO_SMALL,
                  DividingSlips.TRIAL_TOO_LARGE,
                  DividingSlips.TWO_FIGURES_IN_ONE_PLACE,
                  DividingSlips.FROM_THE_ONES_END,
                  DividingSlips.QUOTIENT_LEFT))
          .schools(List.of(Setting.ZERO_ROUND))
          .sampleLines(List.of("4236 ÷ 7"));

  @Override
  public MethodHead head() {
    return HEAD;
  }

  @Override
  public List<Cue> cues(Style style) {
    return RoundCues.of(style.roundMoves());
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
    private final int stripColumn;
    private final WrittenRow quotient = new WrittenRow(QUOTIENT_ROW);

    private final Remaining remaining;

    /**
     * How far later figures of the quotient stand too far left, for want of zeros; below 0 too far
     * right, for two figures in one place.
     */
    private int leftOut;

    /** How far the whole quotient stands too far left. */
    private int aside;

    /** How many multiples the strip has, and the last of them. */
    private int multiples;

    private Entry multiple;
    private int round;
    private int arrow = -1;
    private Entry divisor;

    @SuppressWarnings("NullAway.Init")
    Page(Division sum, Script script) {
      this.sum = sum;
      this.script = script;
      this.bracket = new Bracket(sum, script, DIVIDEND_ROW);
      this.columns = bracket.columns();
      boolean words = script.style().has(Choice.RemainderForm.WORD);
      this.stripColumn = columns.ones() + 2 + (words ? ROOM_FOR_WORD : ROOM_FOR_LETTER);
      this.remaining = new Remaining(script, columns, DIVIDEND_ROW);
    }

    Working work() {
      bracket.setOut(RemarkKind.SET_OUT_DIVISION);
      divisor = bracket.divisor();
      if (hasStrip() && !script.style().has(Choice.Multiples.AS_NEEDED)) {
        script.step(Section.SET_OUT);
        strip(STRIP);
        script.say(() -> Remark.of(RemarkKind.STRIP).with("divisor", sum.divisor()));
      }
      int place = bracket.takeFirst(remaining);
      rounds(place);
      stop();
      script.step(Section.ANSWER);
      Numeral left = Numeral.of(remaining.value());
      Answer.Quotient answer = new Answer.Quotient(readOff(quotient.read()), left);
      if (!left.isZero()) {
        String text = RemainderText.of(left, sum.divisor(), script.style());
        Square behind = columns.at(QUOTIENT_ROW, Math.min(0, leftOut) - 1);
        script.draw(Role.NOTE, new Shape.Words(behind, Shape.Side.FROM_LEFT, text));
      }
      QuotientRead.say(script, sum, answer);
      // As many rows as any quotient may need, or the sheet would tell of zeros in it.
      int rounds = Math.max(1, sum.dividend().length() - sum.divisor().length() + 1);
      int deepest = Math.max(remaining.row(), DIVIDEND_ROW + 2 * rounds);
      int lastRow = hasStrip() ? Math.max(deepest, multiples + 1) : deepest;
      int lastColumn =
          hasStrip()
              ? stripColumn + 2 + Shape.Small.squares(sum.divisor().length() + 1)
              : stripColumn - 1;
      return script.finish(sum, id(), answer, Layout.upTo(lastRow, lastColumn), columns.ones());
    }

    /** Whether the class wants the multiples of this divisor ready. */
    private boolean hasStrip() {
      return switch (script.style().choice(Choice.Multiples.class)) {
        case LONG_DIVISORS, AS_NEEDED -> sum.divisor().length() > 1;
        case ALWAYS -> true;
        case NEVER -> false;
      };
    }

    /**
     * With zeros left out the figures read as a shorter number, with more in a place a longer one.
     */
    private Numeral readOff(Numeral read) {
      return Numeral.of(Whole.without(read.unscaled(), Math.max(0, leftOut)));
    }

    /** The divisor's multiples so far, each made by adding the divisor to the one before. */
    private void strip(int last) {
      int middle = (Shape.Small.squares(sum.divisor().length()) - 1) / 2;
      while (multiples < last) {
        multiples++;
        Square at = new Square(multiples, stripColumn);
        script.draw(Role.NOTE, new Shape.Words(at, Shape.Side.CENTRED, STRIP_HEADS.get(multiples)));
        Slot slot = Slot.small(Role.MULTIPLE, 0, at.moved(0, 2 + middle));
        List<Entry> reads = multiple == null ? List.of(divisor) : List.of(multiple, divisor);
        multiple = script.write(slot, Rule.TOTAL, reads);
      }
    }

    /** Goes on with the strip until a multiple is too large, or the strip is complete. */
    private void goOnWithStrip(int place) {
      BigInteger goes = remaining.value().divide(divisor.value());
      int wanted = goes.min(BigInteger.valueOf(STRIP - 1L)).intValue() + 1;
      if (multiples < wanted) {
        step(place);
        strip(wanted);
        BigInteger stands = remaining.value();
        script.say(
            () ->
                Remark.of(RemarkKind.STRIP_ON)
                    .with("divisor", sum.divisor())
                    .with("standing", stands));
      }
    }

    private void rounds(int first) {
      aside = script.places(Shift.QUOTIENT_LEFT, Section.round(1), first, 0);
      for (int place = first; place >= 0; place--) {
        round++;
        Entry times = howMany(place);
        if (times.value().signum() > 0 || script.style().has(Choice.ZeroRound.ROW_OF_ZERO)) {
          subtract(place, times);
        }
        boolean brings =
            place > 0 && script.makes(Move.BRING_DOWN, Section.round(round), place - 1);
        if (brings) {
          bringDown(place - 1);
          again(place - 1);
        }
      }
    }

    /** A figure that came down begins the next round. */
    private void again(int place) {
      if (script.style().roundMoves().has(RoundMove.AGAIN)) {
        step(place);
        BigInteger stands = remaining.value();
        script.say(() -> Remark.of(RemarkKind.AGAIN).with("standing", stands));
      }
    }

    private void stop() {
      step(0);
      BigInteger left = remaining.value();
      script.say(() -> Remark.of(RemarkKind.STOP_DIVIDING).with("left", left));
    }

    private void step(int place) {
      Area focus = new Area(columns.at(QUOTIENT_ROW, place), columns.at(remaining.row(), place));
      script.step(Section.round(round), focus);
      eraseArrow();
    }

    private Entry howMany(int place) {
      boolean goesOn = hasStrip() && script.style().has(Choice.Multiples.AS_NEEDED);
      if (goesOn && divisor.value().signum() > 0) {
        goOnWithStrip(place);
      }
      step(place);
      int over = place + leftOut + aside;
      boolean zero = divisor.value().compareTo(remaining.value()) > 0;
      if (zero
          && !quotient.isEmpty()
          && !script.makes(Move.WRITE_ZERO, Section.round(round), place)) {
        leftOut++;
        return goesZeroTimes(place);
      }
      Script.Meant meant =
          script.means(quotientSlot(over), Rule.of(Rule.Kind.HOW_MANY), remaining.behind(divisor));
      int more = Figures.of(meant.value()).length() - 1;
      leftOut -= more;
      Entry times = meant.write(quotientSlot(over - more));
      quotient.put(over - more, times);
      if (divisor.value().signum() > 0) {
        BigInteger stands = remaining.value();
        script.use(() -> Fact.howMany(stands, divisor.value()));
      }
      sayTimes(place, times);
      return times;
    }

    private Slot quotientSlot(int place) {
      return Slot.full(Role.QUOTIENT, place, columns.at(QUOTIENT_ROW, place));
    }

    /** A round that goes zero times and leaves no mark: a zero that was forgotten. */
    private Entry goesZeroTimes(int place) {
      Entry times =
          script.keepInMind(
              quotientSlot(place), Rule.of(Rule.Kind.HOW_MANY), remaining.behind(divisor));
      sayTimes(place, times);
      return times;
    }

    private void sayTimes(int place, Entry times) {
      BigInteger stands = remaining.value();
      script.say(() -> HowOften.remark(divisor.value(), stands, times.value(), place));
    }

    private void subtract(int place, Entry times) {
      step(place);
      Entry product =
          remaining.writeProduct(place, Rule.of(Rule.Kind.PRODUCT), List.of(times, divisor));
      script.use(() -> Fact.multiply(times.value(), divisor.value()));
      script.say(
          () ->
              Remark.of(RemarkKind.MULTIPLY_BACK)
                  .with("times", times.value())
                  .with("divisor", divisor.value())
                  .with("product", product.value()));
      if (script.style().roundMoves().comparesProduct()) {
        compareProduct(place, product);
      }
      step(place);
      Remaining.Taken taken = remaining.subtract(product);
      script.say(
          () ->
              Remark.of(RemarkKind.SUBTRACT_PRODUCT)
                  .with("standing", taken.before())
                  .with("product", product.value())
                  .with("left", taken.left().value()));
      if (taken.left().value().signum() > 0 && script.style().roundMoves().comparesLeft()) {
        compare(place, taken.left());
      }
    }

    /** Says that the product must not be more than the number it is taken from. */
    private void compareProduct(int place, Entry product) {
      step(place);
      BigInteger stands = remaining.value();
      script.say(
          () ->
              Remark.of(RemarkKind.COMPARE_PRODUCT)
                  .with("product", product.value())
                  .with("standing", stands));
    }

    /** The remainder must be less than the divisor, or the divisor would go in once more. */
    private void compare(int place, Entry left) {
      step(place);
      script.say(
          () ->
              Remark.of(RemarkKind.COMPARE_LEFT)
                  .with("left", left.value())
                  .with("divisor", divisor.value()));
    }

    private void bringDown(int place) {
      step(place);
      Entry figure = bracket.figure(place);
      if (remaining.bringDown(figure, place)) {
        Square from = columns.at(DIVIDEND_ROW, place);
        Square to = columns.at(remaining.row(), place);
        arrow = script.draw(Role.DRAWING, new Shape.Arrow(from, to));
      }
      BigInteger stands = remaining.value();
      script.say(
          () ->
              Remark.of(RemarkKind.BRING_DOWN)
                  .with("figure", figure.value())
                  .with("standing", stands));
    }

    private void eraseArrow() {
      if (arrow >= 0) {
        script.erase(arrow);
        arrow = -1;
      }
    }
  }
}
