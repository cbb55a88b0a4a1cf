package bemble.method.multiplication;

import bemble.fact.Fact;
import bemble.method.Method;
import bemble.method.MethodHead;
import bemble.method.PageForm;
import bemble.method.column.Beats;
import bemble.method.column.ColumnAdder;
import bemble.method.column.ColumnOrder;
import bemble.method.column.Layout;
import bemble.method.column.SaidAddends;
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
import bemble.remark.Place;
import bemble.remark.Quantity;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.slip.AddingSlips;
import bemble.slip.FactSlips;
import bemble.slip.MultiplyingSlips;
import bemble.style.Choice;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * A box for every pair of figures, cut from its upper right to its lower left corner: tens above
 * the cut, ones below. All figures between two cuts count the same place; they are added with
 * carries, from the lower right, and the totals are read round the corner of the box.
 */
public final class Lattice implements Method<Multiplication> {
  private static final int TOP = 1;
  private static final int LEFT = 2;

  /** Squares along the side of a box: one for the tens, one for the ones. */
  private static final int SIDE = 2;

  private static final MethodHead HEAD =
      MethodHead.of(Operation.MULTIPLICATION, "lattice")
          .form(PageForm.FRAMED)
          .slips(
              List.of(
                  MultiplyingSlips.TENS_BELOW_THE_CUT,
                  MultiplyingSlips.ZERO_TIMES_GIVES_THE_NUMBER,
                  AddingSlips.CARRY_NOT_ADDED,
                  AddingSlips.TENS_WRITTEN_ONES_CARRIED,
                  FactSlips.FACT_ONE_OUT))
          .sampleLines(List.of("46 × 73"));

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
    private final int across;
    private final int down;
    private final List<Entry> top = new ArrayList<>();
    private final List<Entry> side = new ArrayList<>();

    /** The entries between two cuts, by the place that they count, from the upper right down. */
    private final Map<Integer, List<Entry>> diagonals = new HashMap<>();

    Page(Multiplication sum, Script script) {
      this.sum = sum;
      this.script = script;
      this.across = sum.multiplicand().length();
      this.down = sum.multiplier().length();
    }

    Working work() {
      setOut();
      for (int row = 0; row < down; row++) {
        for (int column = 0; column < across; column++) {
          fill(row, column);
        }
      }
      return readOff(addDiagonals());
    }

    private void setOut() {
      script.step(Section.SET_OUT);
      Layout.sign(script, new Square(0, right()), "×");
      ruleBoxes();
      script.say(
          () ->
              Remark.of(RemarkKind.SET_OUT_LATTICE)
                  .with("multiplicand", sum.multiplicand())
                  .with("multiplier", sum.multiplier()));
      for (int column = 0; column < across; column++) {
        int place = across - 1 - column;
        Square at = new Square(0, LEFT + SIDE * column + 1);
        Beats.alone(
            script, at, Quantity.of(sum.multiplicand(), place), digit(sum.multiplicand(), place));
        top.add(script.copy(Slot.full(Role.GIVEN, place, at), sum.multiplicand().digitAt(place)));
      }
      for (int row = 0; row < down; row++) {
        int place = down - 1 - row;
        Square at = new Square(TOP + SIDE * row, right());
        Beats.alone(
            script, at, Quantity.of(sum.multiplier(), place), digit(sum.multiplier(), place));
        side.add(script.copy(Slot.full(Role.GIVEN, place, at), sum.multiplier().digitAt(place)));
      }
    }

    private static Numeral digit(Numeral factor, int place) {
      return Numeral.of(factor.digitAt(place));
    }

    private int right() {
      return LEFT + SIDE * across;
    }

    private int bottom() {
      return TOP + SIDE * down;
    }

    private void ruleBoxes() {
      for (int row = 0; row <= down; row++) {
        line(new Square(TOP + SIDE * row, LEFT), new Square(TOP + SIDE * row, right()));
      }
      for (int column = 0; column <= across; column++) {
        line(new Square(TOP, LEFT + SIDE * column), new Square(bottom(), LEFT + SIDE * column));
      }
      for (int column = 1; column <= across; column++) {
        cut(new Square(TOP, LEFT + SIDE * column));
      }
      for (int row = 1; row < down; row++) {
        cut(new Square(TOP + SIDE * row, right()));
      }
    }

    /**
     * Draws the cut from a crossing at the upper or the right edge down to the left, to the edge of
     * the box.
     */
    private void cut(Square from) {
      int length = Math.min(bottom() - from.row(), from.column() - LEFT);
      line(from, from.moved(length, -length));
    }

    private void line(Square from, Square to) {
      script.draw(Role.RULE, new Shape.Line(from, to));
    }

    private void fill(int row, int column) {
      Square corner = new Square(TOP + SIDE * row, LEFT + SIDE * column);
      script.step(Section.row(row + 1), new Area(corner, corner.moved(1, 1)));
      Entry one = top.get(column);
      Entry other = side.get(row);
      List<Entry> reads = List.of(one, other);
      int place = one.slot().place() + other.slot().place();
      half(place + 1, corner, Rule.of(Rule.Kind.TENS_OF_PAIRS), reads);
      half(place, corner.moved(1, 1), Rule.of(Rule.Kind.FIGURE_OF_PAIRS), reads);
      Fact fact = Fact.multiply(one.value(), other.value());
      script.use(() -> fact);
      script.say(
          () ->
              Remark.of(RemarkKind.FILL_LATTICE)
                  .with("one", one.value())
                  .with("other", other.value())
                  .with("product", fact.result())
                  .with("tens", Whole.tens(fact.result()))
                  .with("left", Whole.ones(fact.result())));
    }

    private void half(int place, Square at, Rule rule, List<Entry> reads) {
      Entry half = script.write(Slot.full(Role.HALF, place, at), rule, reads);
      diagonals.computeIfAbsent(place, any -> new ArrayList<>()).add(half);
    }

    /** The totals of the diagonals, the ones first. */
    private List<Entry> addDiagonals() {
      List<Entry> totals = new ArrayList<>();
      Entry carry = null;
      for (int place = 0; place < across + down; place++) {
        List<Entry> reads =
            ColumnOrder.of(script.style(), Objects.requireNonNull(diagonals.get(place)));
        if (carry != null) {
          reads.add(script.style().has(Choice.CarryTurn.FIRST) ? 0 : reads.size(), carry);
        }
        script.step(Section.column(place), new Area(edge(place), edge(place)));
        Slot slot = Slot.full(Role.EDGE, place, edge(place));
        totals.add(script.write(slot, Rule.ONES_OF_TOTAL, reads));
        BigInteger total = Rule.TOTAL.applyTo(reads);
        boolean carries = total.compareTo(BigInteger.TEN) >= 0 && place + 1 < across + down;
        carry = carries ? carry(place + 1, reads) : null;
        say(place, reads, total);
      }
      return totals;
    }

    private Entry carry(int place, List<Entry> reads) {
      Slot small = new Slot(Role.CARRY, place, edge(place), Spot.UPPER_LEFT);
      return script.write(small, Rule.TENS_OF_TOTAL, reads);
    }

    /** Where the diagonal of a place leaves the box: below it, or further on at its left. */
    private Square edge(int place) {
      return place < across
          ? new Square(bottom(), LEFT + SIDE * (across - 1 - place) + 1)
          : new Square(TOP + SIDE * (across + down - 1 - place), LEFT - 1);
    }

    private void say(int place, List<Entry> reads, BigInteger total) {
      boolean empty = total.signum() == 0;
      RemarkKind several = empty ? RemarkKind.ADD_EMPTY_DIAGONAL : RemarkKind.ADD_DIAGONAL;
      script.say(
          () -> {
            SaidAddends addends = SaidAddends.of(script.style(), reads, 0);
            return Remark.of(addends.isSingle() ? RemarkKind.ADD_SINGLE : several)
                .with("parts", addends.parts(place))
                .with("adding", addends.adding(new Quantity(total, place)))
                .with("place", new Place(place))
                .with("total", new Quantity(total, place))
                .with("tens", Whole.tens(total))
                .with("moved", new Quantity(Whole.tens(total), place + 1))
                .with("ten", new Quantity(Whole.product(Whole.tens(total), BigInteger.TEN), place))
                .with("order", 0)
                .with("write", Whole.ones(total));
          });
      ColumnAdder.useSum(script, reads);
    }

    private Working readOff(List<Entry> totals) {
      script.step(Section.ANSWER);
      int row = bottom() + 2;
      int ones = Math.max(right(), across + down) - 1;
      BigInteger product = BigInteger.ZERO;
      for (int place = totals.size() - 1; place >= 0; place--) {
        Entry total = totals.get(place);
        if (product.signum() > 0 || total.value().signum() > 0 || place == 0) {
          Slot slot = Slot.full(Role.ANSWER, place, new Square(row, ones - place));
          Entry figure = script.write(slot, Rule.SAME, List.of(total));
          product = Whole.joined(product, figure.value());
        }
      }
      Answer answer = new Answer.One(Numeral.of(product));
      script.say(
          () ->
              Remark.of(RemarkKind.READ_ROUND_CORNER)
                  .with("problem", sum)
                  .with("answer", answer.value()));
      return script.finish(sum, id(), answer, Layout.upTo(row, ones + 1), null);
    }
  }
}
