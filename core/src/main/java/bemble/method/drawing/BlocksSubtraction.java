package bemble.method.drawing;

import bemble.fact.Fact;
import bemble.method.Method;
import bemble.method.MethodHead;
import bemble.method.Misfit;
import bemble.method.PageForm;
import bemble.method.column.Beats;
import bemble.method.column.Layout;
import bemble.method.column.Questions;
import bemble.method.column.TopFigures;
import bemble.number.Numeral;
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
import java.math.BigInteger;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * Only the minuend is drawn; one of a kind is traded for ten of the next below; the subtrahend is
 * crossed out; the rest is counted.
 */
public final class BlocksSubtraction implements Method<Subtraction> {
  private static final int TOP = 2;

  /** The minuend and the subtrahend. */
  private static final int NUMBERS = 2;

  private static final MethodHead HEAD =
      MethodHead.of(Operation.SUBTRACTION, "blocks").form(PageForm.COUNTED);

  @Override
  public MethodHead head() {
    return HEAD;
  }

  @Override
  public Optional<Misfit> misfit(Subtraction sum) {
    boolean drawable =
        BlocksAddition.drawable(sum.minuend()) && BlocksAddition.drawable(sum.subtrahend());
    return drawable ? Optional.empty() : Optional.of(Misfit.WHOLE_UP_TO_9999);
  }

  @Override
  public Working work(Subtraction sum, Script script) {
    return new Page(sum, script).work();
  }

  private final class Page {
    private final Subtraction sum;
    private final Script script;
    private final int highest;
    private final CounterBoard board;
    private final WrittenBeside written;
    private final TopFigures standing;

    /** How many things of a zone are crossed out, always the first ones. */
    private final Map<Integer, Integer> crossed = new HashMap<>();

    Page(Subtraction sum, Script script) {
      this.sum = sum;
      this.script = script;
      this.highest = sum.minuend().highestPlace();
      this.standing = new TopFigures(highest, 0);
      this.board = new CounterBoard(script, highest, TOP);
      this.written = WrittenBeside.of(board, highest, TOP);
    }

    Working work() {
      drawMinuend();
      int last = lastPlace();
      for (int place = 0; place <= highest; place++) {
        int taken = sum.subtrahend().digitAt(place);
        if (taken > 0) {
          ask(place, taken);
        }
        if (standing.at(place).value().intValue() < taken) {
          tradeFor(place, taken);
        }
        crossOut(place, taken, place <= last);
      }
      script.step(Section.ANSWER);
      Answer answer = new Answer.One(written.read());
      script.say(
          () ->
              Remark.of(RemarkKind.READ_DIFFERENCE)
                  .with("problem", sum)
                  .with("answer", answer.value()));
      int lastRow = TOP + Math.max(board.rows(), NUMBERS + 1);
      return script.finish(sum, id(), answer, Layout.upTo(lastRow, written.columns().ones()), null);
    }

    /** The highest place with a rest: no zeros are written in front. */
    private int lastPlace() {
      BigInteger left = sum.minuend().unscaled().subtract(sum.subtrahend().unscaled());
      return Numeral.of(left).highestPlace();
    }

    private void drawMinuend() {
      script.step(Section.SET_OUT);
      CountedAddition.heads(script, board, highest);
      script.say(() -> CountedAddition.drawing(sum.minuend(), false));
      for (int place = highest; place >= 0; place--) {
        int zone = place;
        Slot slot = Slot.full(Role.GIVEN, place, board.square(place, 0));
        Beats.alone(script, slot.square(), Quantity.of(sum.minuend(), place), null);
        Entry drawn =
            script.copy(
                slot,
                BigInteger.valueOf(sum.minuend().digitAt(place)),
                value -> board.more(zone, value.intValue(), CounterBoard.thing(zone)));
        board.drawn(place, drawn.marks());
        standing.put(place, drawn);
        crossed.put(place, 0);
      }
      written.copy(script, 0, sum.minuend());
      script.step(Section.SET_OUT);
      written.copy(script, 1, sum.subtrahend());
      written.rule(script, NUMBERS, "−");
      script.say(
          () ->
              Remark.of(RemarkKind.WRITE_TAKEN)
                  .with("minuend", sum.minuend())
                  .with("subtrahend", sum.subtrahend())
                  .with("place", new Place(0)));
    }

    private void ask(int place, int taken) {
      Quantity top = new Quantity(standing.at(place).value(), place);
      Quantity bottom = new Quantity(BigInteger.valueOf(taken), place);
      Questions.canBeTaken(
          script,
          board.zone(place),
          top,
          bottom,
          () ->
              Remark.of(RemarkKind.CAN_BE_TAKEN)
                  .with("more", 0)
                  .with("top", top)
                  .with("bottom", bottom));
    }

    private void tradeFor(int place, int taken) {
      int payer = standing.payerFor(place).orElse(place);
      for (int asked = place + 1; asked <= payer; asked++) {
        BigInteger has = standing.at(asked).value();
        Questions.hasAnything(script, board.zone(asked), has, asked, place);
      }
      for (int from = payer; from > place; from--) {
        trade(from, place, taken, payer);
      }
    }

    private static RemarkKind kind(int from, int place, int payer) {
      if (from < payer) {
        return RemarkKind.TRADE_ON;
      }
      return payer > place + 1 ? RemarkKind.TRADE_FROM_AFAR : RemarkKind.TRADE_DOWN;
    }

    private void trade(int from, int place, int taken, int payer) {
      script.step(Section.column(place), board.zone(from));
      BigInteger small = standing.at(place).value();
      int gone = Objects.requireNonNull(crossed.get(from));
      board.crossOut(from, gone, 1);
      crossed.put(from, gone + 1);
      standing.put(from, keep(from, Rule.of(Rule.Kind.ONE_LESS), standing.at(from)));
      int to = from - 1;
      int before = board.count(to);
      Entry old = standing.at(to);
      Slot slot = Slot.full(Role.EXCHANGE, to, board.square(to, before));
      Entry more =
          script.enter(
              slot,
              Rule.of(Rule.Kind.TEN_MORE),
              List.of(old),
              value ->
                  board.more(
                      to, value.intValue() - old.value().intValue(), CounterBoard.thing(to)));
      board.drawn(to, more.marks());
      standing.put(to, more);
      board.arrow(from, gone, to, before);
      BigInteger left = standing.at(from).value();
      script.say(
          () ->
              Remark.of(kind(from, place, payer))
                  .with("top", new Quantity(small, place))
                  .with("bottom", new Quantity(BigInteger.valueOf(taken), place))
                  .with("place", new Place(place))
                  .with("empty", Place.between(place, payer))
                  .with("left", new Quantity(left, from))
                  .with("now", new Quantity(more.value(), to))
                  .with("one", new Quantity(BigInteger.ONE, from))
                  .with("ten", new Quantity(BigInteger.TEN, to)));
    }

    private Entry keep(int place, Rule rule, Entry read) {
      return script.keepInMind(
          Slot.full(Role.EXCHANGE, place, board.square(place, 0)), rule, List.of(read));
    }

    /** Crosses out the things that are taken, and writes the rest unless it is a zero in front. */
    private void crossOut(int place, int figure, boolean writes) {
      script.step(Section.column(place), board.zone(place));
      Slot slot = Slot.full(Role.GIVEN, place, board.square(place, 0));
      Entry taken = script.copy(slot, BigInteger.valueOf(figure), value -> List.of());
      Entry from = standing.at(place);
      int before = Objects.requireNonNull(crossed.get(place));
      int gone = Math.min(taken.value().intValue(), board.count(place) - before);
      board.crossOut(place, before, gone);
      crossed.merge(place, gone, Integer::sum);
      Rule rule = Rule.of(Rule.Kind.DIFFERENCE);
      Entry left =
          writes
              ? written.answer(script, NUMBERS, place, rule, List.of(from, taken))
              : script.keepInMind(slot, rule, List.of(from, taken));
      script.use(() -> Fact.subtract(from.value(), taken.value()));
      script.say(
          () ->
              Remark.of(RemarkKind.CROSS_OUT)
                  .with("place", new Place(place))
                  .with("taken", new Quantity(taken.value(), place))
                  .with("writes", writes ? 1 : 0)
                  .with("left", new Quantity(left.value(), place)));
    }
  }
}
