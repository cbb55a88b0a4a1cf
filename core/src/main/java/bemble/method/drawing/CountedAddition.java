package bemble.method.drawing;

import bemble.fact.Fact;
import bemble.method.Method;
import bemble.method.MethodHead;
import bemble.method.PageForm;
import bemble.method.column.Beats;
import bemble.method.column.ColumnAdder;
import bemble.method.column.Layout;
import bemble.method.column.Questions;
import bemble.method.column.SaidAddends;
import bemble.number.Numeral;
import bemble.number.Whole;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Shape.Thing;
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
import bemble.remark.Place;
import bemble.remark.Quantity;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.style.Choice;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * Addition by drawing every addend and counting: ten of a kind are ringed and traded for one of the
 * next, and the rest is counted. The ways of drawing differ only in the looks of the addends.
 */
abstract class CountedAddition implements Method<Addition> {
  static final int TOP = 2;

  /** The highest place that is drawn; larger numbers stay in it. */
  private static final int STACKS = 3;

  /** The head of an addition that is counted, by its id. */
  static MethodHead counted(String id) {
    return MethodHead.of(Operation.ADDITION, id).form(PageForm.COUNTED);
  }

  /** The remark before a number is drawn. */
  static Remark drawing(Numeral number, boolean dotsOnly) {
    return Remark.of(RemarkKind.DRAW_NUMBER).with("number", number).with("dots", dotsOnly ? 1 : 0);
  }

  /** The thing that shows one of a place in the addend of that index. */
  abstract Thing thing(int place, int addend, Style style);

  /** Whether the things fill frames of ten, so that nothing has to be counted one by one. */
  abstract boolean fillsFrames();

  /** Draws the sheet before the first addend; the top row of things is given. */
  abstract void prepare(Script script, CounterBoard board, int highest);

  @Override
  public final Working work(Addition sum, Script script) {
    return new Page(sum, script).work();
  }

  private final class Page {
    private final Addition sum;
    private final Script script;
    private final int highest;
    private final CounterBoard board;
    private final WrittenBeside written;
    private final Map<Integer, List<Entry>> counted = new HashMap<>();

    Page(Addition sum, Script script) {
      this.sum = sum;
      this.script = script;
      BigInteger total =
          sum.addends().stream().map(Numeral::unscaled).reduce(BigInteger.ZERO, BigInteger::add);
      this.highest = Math.min(Numeral.of(total).highestPlace(), STACKS);
      this.board = new CounterBoard(script, highest, TOP);
      this.written = WrittenBeside.of(board, highest, TOP);
      for (int place = 0; place <= highest; place++) {
        counted.put(place, new ArrayList<>());
      }
    }

    Working work() {
      for (int i = 0; i < sum.addends().size(); i++) {
        drawAddend(i);
      }
      script.step(Section.SET_OUT);
      written.rule(script, sum.addends().size(), "+");
      script.say(() -> Remark.of(RemarkKind.DRAW_RULE).with("place", new Place(0)));
      for (int place = 0; place <= highest; place++) {
        count(place);
      }
      script.step(Section.ANSWER);
      Answer answer = new Answer.One(written.read());
      script.say(
          () -> Remark.of(RemarkKind.READ_SUM).with("problem", sum).with("answer", answer.value()));
      int lastRow = TOP + Math.max(board.rows(), sum.addends().size() + 1);
      return script.finish(sum, id(), answer, Layout.upTo(lastRow, written.columns().ones()), null);
    }

    private void drawAddend(int index) {
      script.step(Section.SET_OUT);
      if (index == 0) {
        prepare(script, board, highest);
      }
      Numeral addend = sum.addends().get(index);
      boolean dots = thing(1, 0, script.style()) == Thing.DOT;
      script.say(() -> drawing(addend, dots));
      for (int place = Math.min(highest, addend.highestPlace()); place >= 0; place--) {
        Slot slot = Slot.full(Role.GIVEN, place, board.square(place, 0));
        int zone = place;
        Beats.alone(script, slot.square(), Quantity.of(addend, place), null);
        Thing thing = thing(place, index, script.style());
        Entry entry =
            script.copy(
                slot,
                BigInteger.valueOf(addend.digitAt(place)),
                value -> board.more(zone, value.intValue(), thing));
        board.drawn(place, entry.marks());
        Objects.requireNonNull(counted.get(place)).add(entry);
      }
      written.copy(script, index, addend);
    }

    /** Counts a place, trades its tens, and writes the rest. */
    private void count(int place) {
      List<Entry> reads = List.copyOf(counted.get(place));
      BigInteger total = Rule.TOTAL.applyTo(reads);
      if (place == highest && place > 0 && total.signum() == 0) {
        return;
      }
      script.step(Section.column(place), board.zone(place));
      ColumnAdder.useSum(script, carryInTurn(reads));
      script.say(() -> counting(place, reads, new Quantity(total, place)));
      BigInteger traded = BigInteger.ZERO;
      if (place < highest) {
        traded = trade(place, reads, total).multiply(BigInteger.TEN);
      }
      write(place, reads, total, traded);
    }

    private Remark counting(int place, List<Entry> reads, Quantity total) {
      SaidAddends addends = SaidAddends.of(script.style(), carryInTurn(reads), 0);
      boolean frames = fillsFrames() && !addends.isSingle();
      return Remark.of(frames ? RemarkKind.FILL_FRAMES : RemarkKind.COUNT_ALL)
          .with("parts", addends.parts(place))
          .with("adding", addends.adding(total))
          .with("frames", Whole.tens(total.count()))
          .with("more", Whole.ones(total.count()))
          .with("total", total)
          .with("place", new Place(place));
    }

    /** What was traded is drawn last; it is said in its turn. */
    private List<Entry> carryInTurn(List<Entry> reads) {
      int last = reads.size() - 1;
      boolean first =
          reads.get(last).slot().role() == Role.CARRY && script.style().has(Choice.CarryTurn.FIRST);
      List<Entry> turned = new ArrayList<>(reads);
      if (first) {
        turned.add(0, turned.remove(last));
      }
      return turned;
    }

    /** Rings every ten of a place and draws one of the next for each; gives how many. */
    private BigInteger trade(int place, List<Entry> reads, BigInteger total) {
      int tens = Whole.tens(total).intValue();
      boolean asked = Questions.canTenBeMade(script, board.zone(place), total, place);
      if (asked && tens == 0) {
        return BigInteger.ZERO;
      }
      script.step(Section.column(place), board.zone(place));
      if (tens == 0) {
        script.say(
            () ->
                Remark.of(RemarkKind.TRADE_NOTHING)
                    .with("total", new Quantity(total, place))
                    .with("ten", new Quantity(BigInteger.TEN, place))
                    .with("next", new Quantity(BigInteger.ONE, place + 1))
                    .with("place", new Place(place)));
        return BigInteger.ZERO;
      }
      int before = board.count(place + 1);
      Slot slot = Slot.full(Role.CARRY, place + 1, board.square(place + 1, before));
      Entry traded =
          script.enter(
              slot,
              Rule.TENS_OF_TOTAL,
              reads,
              value ->
                  board.more(place + 1, value.intValue(), thing(place + 1, 0, script.style())));
      board.drawn(place + 1, traded.marks());
      Objects.requireNonNull(counted.get(place + 1)).add(traded);
      if (fillsFrames() && !script.style().has(Choice.CarryPosition.KEPT_IN_MIND)) {
        written.carry(script, place + 1, traded.value());
      }
      for (int ten = 0; ten < tens; ten++) {
        board.ringTen(place, ten * 10);
        board.arrow(place, ten * 10, place + 1, before + ten);
      }
      script.say(
          () ->
              Remark.of(RemarkKind.TRADE_UP)
                  .with("total", new Quantity(total, place))
                  .with("ten", new Quantity(BigInteger.valueOf(10L * tens), place))
                  .with("next", new Quantity(BigInteger.ONE, place + 1))
                  .with("traded", new Quantity(traded.value(), place + 1))
                  .with("moved", new Quantity(traded.value(), place + 1)));
      return BigInteger.valueOf(tens);
    }

    private void write(int place, List<Entry> reads, BigInteger total, BigInteger traded) {
      script.step(Section.column(place), board.zone(place));
      // Nothing is traded out of the highest place, so the whole place is counted.
      Rule rule = place == highest ? Rule.TOTAL : Rule.ONES_OF_TOTAL;
      Entry figure = written.answer(script, sum.addends().size(), place, rule, reads);
      boolean ringed = traded.signum() > 0;
      if (ringed) {
        script.use(() -> Fact.subtract(total, traded));
      }
      script.say(
          () ->
              Remark.of(ringed ? RemarkKind.COUNT_LEFT : RemarkKind.WRITE_COUNT)
                  .with("left", new Quantity(figure.value(), place))
                  .with("place", new Place(place)));
    }
  }

  /** Writes the head of each zone above it. */
  static void heads(Script script, CounterBoard board, int highest) {
    for (int place = highest; place >= 0; place--) {
      Square at = new Square(0, board.left(place) + 2);
      script.draw(
          Role.HEAD,
          new Shape.Words(
              at, Shape.Side.CENTRED, bemble.notation.PlaceHeads.head(place, script.style())));
    }
  }
}
