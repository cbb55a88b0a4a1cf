package bemble.method.subtraction;

import bemble.fact.Fact;
import bemble.number.Numeral;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.plan.Entry;
import bemble.plan.Rule;
import bemble.plan.Script;
import bemble.plan.Slot;
import bemble.wording.Remark;
import bemble.wording.RemarkKind;
import bemble.wording.Section;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/** An open number line: stops below it, hops above it, one after another to the right. */
final class NumberLine {
  /** The row of the hops; the stops stand one below. */
  static final int HOP_ROW = 1;

  private final Script script;
  private final int scale;
  private final int spacing;
  private final List<Entry> hops = new ArrayList<>();
  private Entry at;
  private int column;

  /**
   * A line whose entries count in the place {@code -scale}.
   *
   * @param longest the most figures of any number on it
   */
  NumberLine(Script script, int scale, int longest) {
    this.script = script;
    this.scale = scale;
    this.spacing = Math.max(3, Shape.Small.squares(longest) + 1);
    this.column = spacing / 2;
  }

  Entry start(Numeral number) {
    Slot slot = slot(Role.STOP, HOP_ROW + 1);
    at = script.copy(slot, number.padded(scale).unscaled(), value -> shown(slot, value));
    return at;
  }

  /** Hops from where one stands to the stop that {@code rule} gives. */
  void hop(Rule rule, List<Entry> reads, RemarkKind kind) {
    script.step(Section.HOPS, new Area(new Square(0, column), new Square(3, column + spacing)));
    Square from = new Square(HOP_ROW, column);
    column += spacing;
    Slot stop = slot(Role.STOP, HOP_ROW + 1);
    Entry landed = script.enter(stop, rule, reads, value -> shown(stop, value));
    Entry earlier = at;
    boolean up = landed.value().compareTo(earlier.value()) >= 0;
    List<Entry> ends = up ? List.of(landed, earlier) : List.of(earlier, landed);
    Slot slot = slot(Role.HOP, HOP_ROW);
    Entry hop =
        script.enter(
            slot,
            Rule.of(Rule.Kind.DIFFERENCE),
            ends,
            value -> List.of(new Shape.Hop(from, slot.square(), text(value))));
    hops.add(hop);
    at = landed;
    script.use(() -> Fact.subtract(ends.get(0).value(), ends.get(1).value()));
    boolean last = landed.value().equals(reads.get(1).value());
    script.say(
        () ->
            Remark.of(kind)
                .with("last", last ? 1 : 0)
                .with("from", numeral(earlier.value()))
                .with("hop", numeral(hop.value()))
                .with("to", numeral(landed.value())));
  }

  /** Draws the line under all the hops made. */
  void ruleLine() {
    Square end = new Square(HOP_ROW + 1, column + spacing / 2 + 1);
    script.draw(Role.RULE, new Shape.Line(new Square(HOP_ROW + 1, 0), end));
  }

  /** Rings the stop on which one stands. */
  void ringLast(Script script) {
    Square last = at.slot().square();
    script.draw(Role.DRAWING, new Shape.Ring(last, last));
  }

  Entry at() {
    return at;
  }

  List<Entry> hops() {
    return List.copyOf(hops);
  }

  int lastColumn() {
    return column + spacing / 2;
  }

  Numeral numeral(BigInteger value) {
    return Numeral.of(value, scale);
  }

  private Slot slot(Role role, int row) {
    return Slot.small(role, -scale, new Square(row, column));
  }

  private String text(BigInteger value) {
    return script.style().marks().plain(numeral(value));
  }

  private List<Shape> shown(Slot slot, BigInteger value) {
    return List.of(new Shape.Small(slot.square(), Spot.SMALL, text(value)));
  }
}
