package bemble.method.subtraction;

import bemble.fact.Fact;
import bemble.number.Numeral;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.procedure.Slot;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/**
 * An open number line: stops below it, hops above it, one after another to the right where one
 * counts up, and to the left where one counts back.
 */
final class NumberLine {
  /** The row of the hops; their lengths stand one above, the stops one below. */
  static final int HOP_ROW = 1;

  private final Script script;
  private final int scale;
  private final int spacing;
  private final int apart;
  private final List<Entry> hops = new ArrayList<>();
  private Entry at;
  private int column;
  private int begin;
  private int end;

  /**
   * A line whose entries count in the place {@code -scale}.
   *
   * @param longest the most figures of any number on it
   * @param hopsBack for how many hops back, to the left, there is room; 0 where one counts up
   */
  @SuppressWarnings("NullAway.Init")
  NumberLine(Script script, int scale, int longest, int hopsBack) {
    this.script = script;
    this.scale = scale;
    this.spacing = spacing(longest);
    this.apart = hopsBack > 0 ? -spacing : spacing;
    this.column = spacing / 2 + hopsBack * spacing;
    this.begin = column;
    this.end = column;
  }

  /** How many squares there are between two stops. */
  private static int spacing(int longest) {
    return Math.max(3, Shape.Small.squares(longest) + 1);
  }

  /**
   * The line with its hops as it is ruled for a writer, as far as a sheet reaches.
   *
   * @param longest the most figures of any number on it
   * @param hopsBack for how many hops back there is room; 0 where one counts up
   */
  static List<Shape> ruled(Area sheet, int longest, int hopsBack) {
    int spacing = spacing(longest);
    int from = sheet.from().column();
    int to = sheet.to().column();
    int end = hopsBack > 0 ? spacing / 2 + hopsBack * spacing : to;
    List<Shape> ruled = new ArrayList<>();
    ruled.add(new Shape.Line(new Square(HOP_ROW + 1, from), new Square(HOP_ROW + 1, to + 1)));
    for (int stop = spacing / 2; stop + spacing <= end; stop += spacing) {
      if (stop >= from) {
        Square left = new Square(HOP_ROW, stop);
        ruled.add(new Shape.Hop(left, left.moved(0, spacing), ""));
      }
    }
    return ruled;
  }

  Entry start(Numeral number) {
    Slot slot = slot(Role.GIVEN, HOP_ROW + 1);
    at = script.copy(slot, number.padded(scale).unscaled(), value -> shown(slot, value));
    return at;
  }

  /** Hops from where one stands to the stop that {@code rule} gives. */
  void hop(Rule rule, List<Entry> reads, RemarkKind kind) {
    int left = Math.min(column, column + apart);
    script.step(Section.HOPS, new Area(new Square(0, left), new Square(3, left + spacing)));
    Square from = new Square(HOP_ROW, column);
    Square middle = new Square(HOP_ROW - 1, (2 * column + apart) / 2);
    column += apart;
    begin = Math.min(begin, column);
    end = Math.max(end, column);
    Slot stop = slot(Role.STOP, HOP_ROW + 1);
    Entry landed = script.enter(stop, rule, reads, value -> shown(stop, value));
    Entry earlier = at;
    boolean up = landed.value().compareTo(earlier.value()) >= 0;
    List<Entry> ends = up ? List.of(landed, earlier) : List.of(earlier, landed);
    Square to = new Square(HOP_ROW, column);
    Slot slot = Slot.small(Role.HOP, -scale, middle);
    Entry hop =
        script.enter(
            slot,
            Rule.of(Rule.Kind.DIFFERENCE),
            ends,
            value -> List.of(new Shape.Hop(from, to, text(value))));
    hops.add(hop);
    at = landed;
    script.use(() -> Fact.subtract(ends.get(0).value(), ends.get(1).value()));
    int count = hops.size();
    BigInteger far = Rule.TOTAL.applyTo(hops);
    boolean last = landed.value().equals(reads.get(1).value());
    script.say(
        () ->
            Remark.of(kind)
                .with("last", last ? 1 : 0)
                .with("from", said(earlier.value()))
                .with("hop", said(hop.value()))
                .with("hops", count)
                .with("far", said(far))
                .with("to", said(landed.value())));
  }

  /** Draws the line under all the hops made. */
  void ruleLine() {
    Square left = new Square(HOP_ROW + 1, firstColumn());
    Square right = new Square(HOP_ROW + 1, lastColumn() + 1);
    script.draw(Role.RULE, new Shape.Line(left, right));
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

  int firstColumn() {
    return begin - spacing / 2;
  }

  int lastColumn() {
    return end + spacing / 2;
  }

  Numeral numeral(BigInteger value) {
    return Numeral.of(value, scale);
  }

  /** As it is said: zeros that end a decimal are left out. */
  private Numeral said(BigInteger value) {
    return numeral(value).stripped();
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
