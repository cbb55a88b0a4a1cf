package bemble.method.subtraction;

import bemble.method.Method;
import bemble.method.MethodHead;
import bemble.method.column.WrittenRow;
import bemble.paper.Role;
import bemble.problem.Operation;
import bemble.problem.Subtraction;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Slot;
import bemble.procedure.Working;
import bemble.remark.RemarkKind;
import bemble.slip.AddingSlips;
import bemble.slip.FactSlips;
import bemble.slip.OperationSlips;
import bemble.slip.TakingSlips;
import bemble.style.Setting;
import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;

/**
 * Where the top figure is too small: go left to the first figure that is not zero, make it one
 * less, turn each zero on the way into 10 and then 9, and add 10 where it was needed. Every change
 * is struck and rewritten above.
 */
public final class Exchange implements Method<Subtraction> {
  /**
   * A figure is rewritten at most twice. It pays at most once, since whatever it pays for leaves
   * nines on the way, and 9 is never too small; and it receives at most once.
   */
  private static final int REWRITINGS = 2;

  private static final MethodHead HEAD =
      MethodHead.of(Operation.SUBTRACTION, "exchange")
          .layout(2)
          .slips(
              List.of(
                  AddingSlips.LINED_UP_LEFT,
                  AddingSlips.LINED_UP_RIGHT,
                  AddingSlips.POINT_LEFT_OUT,
                  AddingSlips.POINT_MOVED,
                  AddingSlips.POINT_MOVED_RIGHT,
                  AddingSlips.NUMBER_TOO_FAR_LEFT,
                  TakingSlips.ZERO_PASSED_STAYS_ZERO,
                  TakingSlips.ZERO_PASSED_BECOMES_TEN,
                  TakingSlips.NOTHING_GIVES_THE_NUMBER,
                  TakingSlips.NOTHING_GIVES_NOTHING,
                  TakingSlips.SMALLER_FROM_LARGER,
                  TakingSlips.SMALLER_FROM_LARGER_EVEN_FROM_ZERO,
                  TakingSlips.NEIGHBOUR_NOT_LESS,
                  TakingSlips.NOBODY_PAYS,
                  TakingSlips.LESS_WITHOUT_EXCHANGE,
                  TakingSlips.TOO_SMALL_GIVES_NOTHING,
                  TakingSlips.NOTHING_TAKEN_GIVES_NOTHING,
                  TakingSlips.ADDED_INSTEAD,
                  OperationSlips.ADDED_AS_A_SUM,
                  FactSlips.FACT_ONE_OUT,
                  FactSlips.FIGURE_MISREAD))
          .schools(List.of(Setting.LAST_COLUMNS))
          .sharesAidsWith(List.of("add-to-both"))
          .sampleLines(List.of("432 − 118", "5003 − 1268"));

  @Override
  public MethodHead head() {
    return HEAD;
  }

  @Override
  public Working work(Subtraction sum, Script script) {
    return new Page(sum, script).work();
  }

  /** One page in the making. */
  private final class Page implements Exchanges.Page {
    private final Subtraction sum;
    private final SubtractionLayout layout;
    private final Script script;
    private final Exchanges top;
    private final WrittenRow answer;
    private WrittenRow taken;

    @SuppressWarnings("NullAway.Init")
    Page(Subtraction sum, Script script) {
      this.sum = sum;
      this.layout = SubtractionLayout.of(sum, mayNeedExchange(sum) ? REWRITINGS : 0);
      this.script = script;
      this.top = new Exchanges(script, this, layout.highest(), layout.lowest());
      this.answer = new WrittenRow(layout.answerRow());
    }

    Working work() {
      SubtractionLayout.Rows rows = layout.setOut(script, sum);
      taken = rows.subtrahend();
      for (int place = layout.lowest(); place <= layout.highest(); place++) {
        top.put(place, rows.minuend().at(place).orElseThrow());
      }
      IntFunction<Entry> tops = top::at;
      for (int place = layout.lowest(); place <= layout.highest(); place++) {
        if (place > 0 && nothingFrom(place)) {
          layout.sayNothingInFront(
              script, place, tops, at -> taken.at(at).map(List::of).orElse(List.of()));
          break;
        }
        Optional<Entry> bottom = taken.at(place);
        if (bottom.isPresent()
            && layout.takeLastTwoAsOne(script, answer, place, tops, taken, List.of(bottom.get()))) {
          break;
        }
        column(place, bottom);
      }
      return layout.finish(script, sum, id(), answer);
    }

    private boolean nothingFrom(int place) {
      for (int p = place; p <= layout.highest(); p++) {
        BigInteger bottom = taken.at(p).map(Entry::value).orElse(BigInteger.ZERO);
        if (!top.at(p).value().equals(bottom)) {
          return false;
        }
      }
      // Adding the columns instead gives a figure where subtracting leaves none.
      return taken
          .at(place)
          .map(bottom -> layout.willFindNothing(script, place, List.of(top.at(place), bottom)))
          .orElse(true);
    }

    private void column(int place, Optional<Entry> bottom) {
      if (bottom.isEmpty()) {
        layout.step(script, place);
        layout.writeDifference(script, answer, place, Rule.SAME, List.of(top.at(place)));
        SubtractionLayout.sayUntouched(script, top.at(place), place);
        return;
      }
      Entry first = top.at(place);
      if (bottom.get().value().signum() > 0) {
        layout.ask(script, first, List.of(bottom.get()), place);
      }
      if (first.value().compareTo(bottom.get().value()) < 0) {
        top.bringTen(place, bottom.get().value());
      }
      layout.step(script, place);
      Entry from = top.at(place);
      Entry left =
          layout.writeDifference(
              script, answer, place, Rule.of(Rule.Kind.DIFFERENCE), List.of(from, bottom.get()));
      if (bottom.get().value().signum() == 0) {
        SubtractionLayout.sayUntouched(script, from, place);
        return;
      }
      SubtractionLayout.sayTaken(
          script,
          from.equals(first) ? RemarkKind.TAKE : RemarkKind.TAKE_AFTER_TEN,
          place,
          from.value(),
          bottom.get().value(),
          left);
    }

    @Override
    public void step(int place) {
      layout.step(script, place);
    }

    @Override
    public Entry rewrite(int place, int count, Rule rule, Entry old) {
      // More than two rewritings happen only on a page with a slip; they share the upper row.
      int row = layout.minuendRow() - Math.min(count, REWRITINGS);
      Slot slot = Slot.small(Role.EXCHANGE, place, layout.columns().at(row, place));
      return script.write(slot, rule, List.of(old));
    }

    @Override
    public RemarkKind kind(Exchanges.Way way) {
      return switch (way) {
        case NEXT -> RemarkKind.EXCHANGE;
        case AFAR -> RemarkKind.EXCHANGE_FROM_AFAR;
        case ON -> RemarkKind.EXCHANGE_ON;
        case ONE_GO -> RemarkKind.EXCHANGE_IN_ONE_GO;
      };
    }
  }

  /** Room is kept for exchanges in every sum of more than one place, or it would tell of them. */
  private static boolean mayNeedExchange(Subtraction sum) {
    int lowest = Math.min(sum.minuend().lowestPlace(), sum.subtrahend().lowestPlace());
    return sum.minuend().highestPlace() > lowest;
  }
}
