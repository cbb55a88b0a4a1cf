package bemble.method.subtraction;

import bemble.fact.Fact;
import bemble.method.column.Decimals;
import bemble.method.column.Layout;
import bemble.method.column.PlaceColumns;
import bemble.method.column.Questions;
import bemble.method.column.WrittenRow;
import bemble.method.column.WrittenRow.Reach;
import bemble.number.Whole;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.problem.Operation;
import bemble.problem.Subtraction;
import bemble.procedure.Answer;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.procedure.Slot;
import bemble.procedure.Working;
import bemble.remark.Place;
import bemble.remark.Quantity;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.style.Choice;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;

/**
 * The page of a subtraction in columns: heads, rows for rewritten figures, minuend, subtrahend,
 * rule, difference.
 *
 * @param columns which column belongs to which place
 * @param highest the highest place of the minuend
 * @param lowest the lowest place of either number
 * @param minuendRow the row of the minuend; the rows between it and the heads are for rewriting
 */
record SubtractionLayout(PlaceColumns columns, int highest, int lowest, int minuendRow) {
  private static final BigInteger TWENTY = BigInteger.valueOf(20);

  static SubtractionLayout of(Subtraction sum, int rowsForRewriting) {
    int highest = sum.minuend().highestPlace();
    int lowest = Math.min(sum.minuend().lowestPlace(), sum.subtrahend().lowestPlace());
    return new SubtractionLayout(
        new PlaceColumns(highest + 1), highest, lowest, rowsForRewriting + 1);
  }

  int answerRow() {
    return minuendRow + 2;
  }

  /** The two numbers as written. */
  record Rows(WrittenRow minuend, WrittenRow subtrahend) {}

  Rows setOut(Script script, Subtraction sum) {
    script.step(Section.SET_OUT);
    columns.heads(script, 0, highest, lowest);
    script.say(
        () ->
            Remark.of(RemarkKind.SET_OUT_SUBTRACTION)
                .with("minuend", sum.minuend())
                .with("subtrahend", sum.subtrahend())
                .with("lined", Decimals.linedUpBy(script.style(), lowest)));
    WrittenRow minuend =
        WrittenRow.copy(script, columns, minuendRow, sum.minuend(), sum.minuend().lowestPlace());
    WrittenRow subtrahend =
        WrittenRow.copyUnder(
            script,
            columns,
            minuendRow + 1,
            sum.subtrahend(),
            new Reach(highest, sum.subtrahend().lowestPlace(), minuend, Operation.SUBTRACTION));
    Decimals.fillUp(script, columns, sum.numbers(), List.of(minuend, subtrahend), lowest);
    script.step(Section.SET_OUT);
    Layout.sign(script, columns.at(minuendRow + 1, highest + 1), "−");
    rule(script, answerRow());
    script.say(() -> Remark.of(RemarkKind.DRAW_RULE_TAKING).with("place", new Place(lowest)));
    Decimals.markFirst(script, columns, answerRow(), lowest);
    return new Rows(minuend, subtrahend);
  }

  /** Opens a step at work in the column of {@code place}. */
  void step(Script script, int place) {
    script.step(Section.column(place), focus(place));
  }

  private Area focus(int place) {
    return new Area(columns.at(0, place), columns.at(answerRow(), place));
  }

  /** Asks whether all that is to be taken can be taken from a top figure. */
  void ask(Script script, Entry top, List<Entry> taken, int place) {
    if (Questions.areSteps(script)) {
      OneMore.of(script.style(), taken).ask(script, focus(place), top.value(), place);
    }
  }

  private Slot answer(int place) {
    return Slot.full(Role.ANSWER, place, columns.at(answerRow(), place));
  }

  /** Whether the hand will find no difference in a column. */
  boolean willFindNothing(Script script, int place, List<Entry> reads) {
    Rule difference = Rule.of(Rule.Kind.DIFFERENCE);
    return script.willFindNothing(Section.column(place), answer(place), difference, reads);
  }

  Entry writeDifference(Script script, WrittenRow answer, int place, Rule rule, List<Entry> reads) {
    Entry written = script.write(answer(place), rule, reads);
    answer.put(place, written);
    return written;
  }

  /**
   * Works the last two columns as one, where the class does so and the top that is left there is
   * below twenty, with nothing to take in the very last; true when it did.
   *
   * @param top the top figure as it stands at a place
   * @param taken everything that is to be taken at {@code place}
   */
  boolean takeLastTwoAsOne(
      Script script,
      WrittenRow answer,
      int place,
      IntFunction<Entry> top,
      WrittenRow subtrahend,
      List<Entry> taken) {
    if (place != highest - 1 || script.style().has(Choice.LastColumns.COLUMN_BY_COLUMN)) {
      return false;
    }
    BigInteger ten = top.apply(highest).value();
    BigInteger from = Whole.joined(ten, top.apply(place).value());
    BigInteger bottom = Rule.TOTAL.applyTo(taken);
    if (top.apply(place).value().compareTo(bottom) >= 0) {
      return false; // Nothing has to be exchanged, so there is nothing to be spared.
    }
    boolean nothingBeyond =
        subtrahend.at(highest).map(Entry::value).orElse(BigInteger.ZERO).signum() == 0;
    if (!nothingBeyond
        || ten.signum() == 0
        || from.compareTo(TWENTY) >= 0
        || from.compareTo(bottom) < 0) {
      return false;
    }
    List<Entry> reads = new ArrayList<>(List.of(top.apply(place), top.apply(highest)));
    reads.addAll(taken);
    step(script, place);
    Rule rule = Rule.of(Rule.Kind.DIFFERENCE_WITH_TEN_MORE);
    Entry left = writeDifference(script, answer, place, rule, reads);
    sayTaken(script, RemarkKind.TAKE_TOGETHER, place, from, bottom, left);
    return true;
  }

  /** Says which numbers were subtracted in a column, and notes the fact. */
  static void sayTaken(
      Script script, RemarkKind kind, int place, BigInteger from, BigInteger bottom, Entry left) {
    script.use(() -> Fact.subtract(from, bottom));
    script.say(
        () ->
            Remark.of(kind)
                .with("top", new Quantity(from, place))
                .with("bottom", new Quantity(bottom, place))
                .with("left", new Quantity(left.value(), place)));
  }

  /**
   * Says, column by column from a place on, that nothing is left and that nothing is written.
   *
   * @param top the top figure as it stands at a place
   * @param taken the figures to be taken at a place, the figure below first
   */
  void sayNothingInFront(
      Script script, int place, IntFunction<Entry> top, IntFunction<List<Entry>> taken) {
    for (int at = place; at <= highest; at++) {
      step(script, at);
      Entry above = top.apply(at);
      List<Entry> below = taken.apply(at);
      Place here = new Place(at);
      int last = at == highest ? 1 : 0;
      if (above.value().signum() == 0) {
        script.say(
            () -> Remark.of(RemarkKind.NOTHING_IN_FRONT).with("place", here).with("last", last));
      } else {
        sayTaken(script, RemarkKind.LEAVES_NOTHING, above.value(), below, BigInteger.ZERO, last);
      }
    }
  }

  /** Says the subtraction of a column, maybe with one more added to the figure below first. */
  static void sayTaken(
      Script script,
      RemarkKind kind,
      BigInteger from,
      List<Entry> taken,
      BigInteger left,
      int last) {
    OneMore more = OneMore.of(script.style(), taken);
    int place = taken.get(0).slot().place();
    more.use(script);
    script.use(() -> Fact.subtract(from, more.bottom()));
    script.say(
        () ->
            more.told(Remark.of(kind), place)
                .with("top", new Quantity(from, place))
                .with("left", new Quantity(left, place))
                .with("place", new Place(place))
                .with("last", last));
  }

  /** Says the result of a column from which nothing is taken. */
  static void sayUntouched(Script script, Entry top, int place) {
    script.say(() -> untouched(top.value(), place));
  }

  static Remark untouched(BigInteger top, int place) {
    return Remark.of(RemarkKind.TAKE_NOTHING).with("top", new Quantity(top, place));
  }

  Working finish(Script script, Subtraction sum, String method, WrittenRow answer) {
    script.step(Section.ANSWER);
    rule(script, answerRow() + 1);
    Answer difference = new Answer.One(Decimals.answer(script, answer));
    script.say(
        () ->
            Remark.of(RemarkKind.READ_DIFFERENCE)
                .with("problem", sum)
                .with("answer", difference.value()));
    Area extent = Layout.upTo(answerRow(), columns.of(lowest));
    return script.finish(sum, method, difference, extent, columns.ones());
  }

  private void rule(Script script, int row) {
    Layout.rule(script, row, 0, columns.of(lowest));
  }
}
