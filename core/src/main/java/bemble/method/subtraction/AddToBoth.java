package bemble.method.subtraction;

import bemble.fact.Fact;
import bemble.method.Method;
import bemble.method.MethodHead;
import bemble.method.column.WrittenRow;
import bemble.number.Whole;
import bemble.paper.Role;
import bemble.paper.Spot;
import bemble.problem.Operation;
import bemble.problem.Subtraction;
import bemble.procedure.Entry;
import bemble.procedure.Move;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.procedure.Slot;
import bemble.procedure.Working;
import bemble.remark.Quantity;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.slip.AddingSlips;
import bemble.slip.FactSlips;
import bemble.slip.OperationSlips;
import bemble.slip.TakingSlips;
import bemble.style.Setting;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.stream.Stream;

/**
 * Where the top figure is too small, both numbers are made larger by as much: ten more in this
 * column of the minuend, one more in the next column of the subtrahend. Their difference stays.
 */
public final class AddToBoth implements Method<Subtraction> {
  private static final MethodHead HEAD =
      MethodHead.of(Operation.SUBTRACTION, "add-to-both")
          .slips(
              List.of(
                  AddingSlips.LINED_UP_LEFT,
                  AddingSlips.LINED_UP_RIGHT,
                  AddingSlips.POINT_LEFT_OUT,
                  AddingSlips.POINT_MOVED,
                  AddingSlips.POINT_MOVED_RIGHT,
                  AddingSlips.NUMBER_TOO_FAR_LEFT,
                  TakingSlips.NOTHING_GIVES_THE_NUMBER,
                  TakingSlips.NOTHING_GIVES_NOTHING,
                  TakingSlips.SMALLER_FROM_LARGER,
                  TakingSlips.SMALLER_FROM_LARGER_EVEN_FROM_ZERO,
                  TakingSlips.ONE_MORE_FORGOTTEN,
                  TakingSlips.LESS_WITHOUT_EXCHANGE,
                  TakingSlips.TOO_SMALL_GIVES_NOTHING,
                  TakingSlips.NOTHING_TAKEN_GIVES_NOTHING,
                  TakingSlips.ADDED_INSTEAD,
                  OperationSlips.ADDED_AS_A_SUM,
                  FactSlips.FACT_ONE_OUT,
                  FactSlips.FIGURE_MISREAD))
          .schools(List.of(Setting.LAST_COLUMNS))
          .sharesAidsWith(List.of("exchange"))
          .sampleLines(List.of("532 − 278"));

  @Override
  public MethodHead head() {
    return HEAD;
  }

  @Override
  public Working work(Subtraction sum, Script script) {
    Style style = script.style();
    SubtractionLayout layout = SubtractionLayout.of(sum, 0);
    SubtractionLayout.Rows rows = layout.setOut(script, sum);
    WrittenRow answer = new WrittenRow(layout.answerRow());
    Optional<Entry> oneMore = Optional.empty();
    IntFunction<Entry> tops = at -> rows.minuend().at(at).orElseThrow();
    for (int place = layout.lowest(); place <= layout.highest(); place++) {
      Entry top = rows.minuend().at(place).orElseThrow();
      List<Entry> taken = new ArrayList<>(2);
      rows.subtrahend().at(place).ifPresent(taken::add);
      oneMore.ifPresent(taken::add);
      if (place > 0
          && nothingFrom(place, rows, oneMore, layout.highest())
          && (oneMore.isEmpty() || layout.willFindNothing(script, place, reads(top, taken)))) {
        List<Entry> here = List.copyOf(taken);
        int from = place;
        layout.sayNothingInFront(
            script,
            place,
            tops,
            at -> at == from ? here : rows.subtrahend().at(at).map(List::of).orElse(List.of()));
        break;
      }
      if (!taken.isEmpty()
          && layout.takeLastTwoAsOne(script, answer, place, tops, rows.subtrahend(), taken)) {
        break;
      }
      oneMore = column(script, layout, answer, place, top, taken);
    }
    return layout.finish(script, sum, id(), answer);
  }

  private static List<Entry> reads(Entry top, List<Entry> taken) {
    return Stream.concat(Stream.of(top), taken.stream()).toList();
  }

  private static boolean nothingFrom(
      int place, SubtractionLayout.Rows rows, Optional<Entry> oneMore, int highest) {
    BigInteger extra = oneMore.map(Entry::value).orElse(BigInteger.ZERO);
    for (int p = place; p <= highest; p++) {
      BigInteger bottom = rows.subtrahend().at(p).map(Entry::value).orElse(BigInteger.ZERO);
      if (!rows.minuend().at(p).orElseThrow().value().equals(bottom.add(extra))) {
        return false;
      }
      extra = BigInteger.ZERO;
    }
    return true;
  }

  /** Works one column; gives the one more that the next has to take, if any. */
  private static Optional<Entry> column(
      Script script,
      SubtractionLayout layout,
      WrittenRow answer,
      int place,
      Entry top,
      List<Entry> taken) {
    if (taken.isEmpty()) {
      layout.step(script, place);
      layout.writeDifference(script, answer, place, Rule.SAME, List.of(top));
      SubtractionLayout.sayUntouched(script, top, place);
      return Optional.empty();
    }
    BigInteger bottom = Rule.TOTAL.applyTo(taken);
    List<Entry> reads = new ArrayList<>(taken.size() + 2);
    reads.add(top);
    BigInteger from = top.value();
    if (bottom.signum() > 0) {
      layout.ask(script, top, taken, place);
    }
    Optional<Entry> owed = Optional.empty();
    Rule rule = Rule.of(Rule.Kind.DIFFERENCE);
    if (from.compareTo(bottom) < 0
        && place < layout.highest()
        && script.makes(Move.exchangeFor(top), Section.column(place), place)) {
      reads.add(makeLarger(script, layout, place, top, taken));
      owed = Optional.of(oneMore(script, layout, place + 1));
      from = Whole.joined(reads.get(1).value(), from);
      rule = Rule.of(Rule.Kind.DIFFERENCE_WITH_TEN_MORE);
    }
    reads.addAll(taken);
    layout.step(script, place);
    Entry left = layout.writeDifference(script, answer, place, rule, reads);
    say(script, place, from, taken, left, owed.isPresent());
    return owed;
  }

  /** Where ten was added, the one more has been told already. */
  private static void say(
      Script script, int place, BigInteger from, List<Entry> taken, Entry left, boolean told) {
    if (!script.isOnPaper()) {
      return;
    }
    OneMore more = OneMore.of(script.style(), taken);
    if (more.bottom().signum() == 0) {
      script.say(() -> SubtractionLayout.untouched(from, place));
    } else if (more.more() == 2) {
      SubtractionLayout.sayTaken(script, RemarkKind.TAKE_ONE_MORE, from, taken, left.value(), 0);
    } else if (more.more() == OneMore.THEN) {
      BigInteger between = Whole.left(from, more.below());
      script.use(() -> Fact.subtract(from, more.below()));
      script.use(() -> Fact.subtract(between, BigInteger.ONE));
      sayBoth(script, RemarkKind.TAKE_THEN_ONE_MORE, from, more, left);
    } else if (more.more() == 1 && !told) {
      more.use(script);
      script.use(() -> Fact.subtract(from, more.bottom()));
      sayBoth(script, RemarkKind.TAKE_AND_ONE_MORE, from, more, left);
    } else {
      RemarkKind kind = told ? RemarkKind.TAKE_AFTER_TEN : RemarkKind.TAKE;
      SubtractionLayout.sayTaken(script, kind, place, from, more.bottom(), left);
    }
  }

  private static void sayBoth(
      Script script, RemarkKind kind, BigInteger from, OneMore more, Entry left) {
    int place = left.slot().place();
    script.say(
        () ->
            Remark.of(kind)
                .with("top", new Quantity(from, place))
                .with("bottom", new Quantity(more.below(), place))
                .with("all", new Quantity(more.bottom(), place))
                .with("between", new Quantity(Whole.left(from, more.below()), place))
                .with("left", new Quantity(left.value(), place)));
  }

  private static Entry makeLarger(
      Script script, SubtractionLayout layout, int place, Entry top, List<Entry> taken) {
    layout.step(script, place);
    OneMore more = OneMore.of(script.style(), taken);
    more.use(script);
    // Why both may grow is said unless the column before has just said so.
    boolean first = more.more() == 0;
    script.say(
        () ->
            more.told(Remark.of(RemarkKind.ADD_TO_BOTH), place)
                .with("first", first ? 1 : 0)
                .with("top", new Quantity(top.value(), place))
                .with("ten", new Quantity(BigInteger.TEN, place))
                .with("one", new Quantity(BigInteger.ONE, place + 1)));
    Slot slot =
        new Slot(
            Role.TEN_MORE, place, layout.columns().at(layout.minuendRow(), place), Spot.UPPER_LEFT);
    return script.copy(slot, 1);
  }

  private static Entry oneMore(Script script, SubtractionLayout layout, int place) {
    Slot slot =
        new Slot(
            Role.ONE_MORE,
            place,
            layout.columns().at(layout.minuendRow() + 1, place),
            Spot.LOWER_RIGHT);
    return script.copy(slot, 1);
  }
}
