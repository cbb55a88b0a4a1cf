package bemble.method.column;

import bemble.fact.Fact;
import bemble.number.Figures;
import bemble.paper.Role;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Slot;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The number to be worked on while another is used up from the left: its rest and the figures
 * brought down behind that. Long division and roots both go on in this way.
 */
public final class Remaining {
  private final Script script;
  private final PlaceColumns columns;
  private final int numberRow;
  private final List<Entry> parts = new ArrayList<>();
  private int row;

  /** The value of the parts; null until it is asked for after they changed. */
  private @Nullable BigInteger value;

  /** The number in {@code row}, before any part of it is taken. */
  public Remaining(Script script, PlaceColumns columns, int row) {
    this.script = script;
    this.columns = columns;
    this.numberRow = row;
    this.row = row;
  }

  /** The value before a subtraction, and the entry that it left. */
  public record Taken(BigInteger before, Entry left) {}

  /** Takes one more figure of the number as it stands there. */
  public void take(Entry figure) {
    add(figure);
  }

  private void add(Entry part) {
    parts.add(part);
    value = null;
  }

  /** Replaces the parts where nothing is written below them. */
  public void goOnFrom(List<Entry> next) {
    parts.clear();
    next.forEach(this::add);
  }

  /** Brings a figure of the number down; true when it had to be written again. */
  public boolean bringDown(Entry figure, int place) {
    if (row == numberRow) {
      add(figure);
      return false;
    }
    Slot slot = Slot.full(Role.BROUGHT_DOWN, place, columns.at(row, place));
    add(script.write(slot, Rule.SAME, List.of(figure)));
    return true;
  }

  /** Writes a product under the parts, its ones figure under {@code place}. */
  public Entry writeProduct(int place, Rule rule, List<Entry> factors) {
    Slot slot = Slot.full(Role.PRODUCT, place, columns.at(row + 1, place));
    return script.write(slot, rule, factors);
  }

  /** Subtracts the product. The remainder stands two rows lower from now on. */
  public Taken subtract(Entry product) {
    int place = product.slot().place();
    BigInteger before = value();
    int widest = Math.max(Figures.of(before).length(), Figures.of(product.value()).length());
    Layout.sign(script, columns.at(row + 1, place + widest), "−");
    Layout.rule(script, row + 2, columns.of(place + widest - 1), columns.of(place));
    row += 2;
    Slot slot = Slot.full(Role.REMAINDER, place, columns.at(row, place));
    Entry left = script.write(slot, Rule.of(Rule.Kind.LEFT_OVER), behind(product));
    parts.clear();
    add(left);
    script.use(() -> Fact.subtract(before, product.value()));
    return new Taken(before, left);
  }

  /** The parts as one number, in units of the last figure. */
  public BigInteger value() {
    if (value == null) {
      value = Rule.of(Rule.Kind.JOINED).applyTo(parts);
    }
    return value;
  }

  /** The parts that stand, the first one first. */
  public List<Entry> parts() {
    return List.copyOf(parts);
  }

  /** An entry and then the parts that stand, for rules that read both. */
  public List<Entry> behind(Entry first) {
    List<Entry> reads = new ArrayList<>(parts.size() + 1);
    reads.add(first);
    reads.addAll(parts);
    return reads;
  }

  /** The row in which it stands. */
  public int row() {
    return row;
  }

  /** The place of its last figure. */
  public int lastPlace() {
    return parts.get(parts.size() - 1).slot().place();
  }
}
