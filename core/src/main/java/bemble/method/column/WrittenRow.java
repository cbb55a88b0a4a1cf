package bemble.method.column;

import bemble.number.Numeral;
import bemble.number.Whole;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.plan.Entry;
import bemble.plan.Script;
import bemble.plan.Shift;
import bemble.plan.Slot;
import bemble.style.Choice;
import bemble.wording.Section;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A number standing in one row, figure by figure under its places. */
public final class WrittenRow {
  private final int row;

  /** The figures from the place {@code lowest} up; null where a square is blank. */
  private final List<Entry> figures = new ArrayList<>();

  private int lowest;

  /** An empty row, to be filled while a script runs. */
  public WrittenRow(int row) {
    this.row = row;
  }

  /** Copies a number of the sum into a row, with its decimal mark. */
  public static WrittenRow copy(Script script, PlaceColumns columns, int row, Numeral number) {
    return copy(script, columns, row, number, number.lowestPlace());
  }

  /** Copies a number and fills it up with zeros down to the place {@code lowest}. */
  public static WrittenRow copy(
      Script script, PlaceColumns columns, int row, Numeral number, int lowest) {
    return copy(script, columns, row, number, number.highestPlace(), lowest);
  }

  /** Copies a number and, where the class does so, fills blank squares in front with zeros. */
  public static WrittenRow copyUnder(
      Script script, PlaceColumns columns, int row, Numeral number, int highest, int lowest) {
    boolean zeros = script.style().has(Choice.BlankSquares.ZEROS);
    int first = zeros ? Math.max(highest, number.highestPlace()) : number.highestPlace();
    int left = script.places(Shift.SET_OUT_LEFT, Section.SET_OUT, number.highestPlace(), 0);
    return left > 0
        ? copyTooFarLeft(script, columns, row, number, left)
        : copy(script, columns, row, number, first, lowest);
  }

  /** A number not lined up by its places; squares to its right stay blank. */
  private static WrittenRow copyTooFarLeft(
      Script script, PlaceColumns columns, int row, Numeral number, int left) {
    WrittenRow written = new WrittenRow(row);
    for (int place = number.highestPlace(); place >= number.lowestPlace(); place--) {
      Slot slot = Slot.full(Role.GIVEN, place + left, columns.at(row, place + left));
      written.put(place + left, script.copy(slot, number.digitAt(place)));
    }
    return written;
  }

  /** Copies a number and fills it up with zeros from one place down to another. */
  public static WrittenRow copy(
      Script script, PlaceColumns columns, int row, Numeral number, int highest, int lowest) {
    WrittenRow written = new WrittenRow(row);
    for (int place = highest; place >= lowest; place--) {
      boolean given = place >= number.lowestPlace() && place <= number.highestPlace();
      Role role = given ? Role.GIVEN : Role.PADDING;
      Slot slot = Slot.full(role, place, columns.at(row, place));
      written.put(place, script.copy(slot, number.digitAt(place)));
    }
    written.point(script, columns);
    return written;
  }

  /** Adds a figure at a place. */
  public void put(int place, Entry figure) {
    if (figures.isEmpty()) {
      lowest = place;
    }
    while (place < lowest) {
      figures.add(0, null);
      lowest--;
    }
    while (place > highest()) {
      figures.add(null);
    }
    figures.set(place - lowest, figure);
  }

  /** Draws the decimal mark where figures stand after the ones. */
  public void point(Script script, PlaceColumns columns) {
    if (lowest() < 0) {
      script.draw(
          Role.POINT, new Shape.Point(columns.at(row, 0), script.style().marks().decimal()));
    }
  }

  /** The figure at a place; empty where the square is blank. */
  public Optional<Entry> at(int place) {
    int index = place - lowest;
    return index < 0 || index >= figures.size()
        ? Optional.empty()
        : Optional.ofNullable(figures.get(index));
  }

  /** Whether nothing is written yet. */
  public boolean isEmpty() {
    return figures.isEmpty();
  }

  /** The row of the paper. */
  public int row() {
    return row;
  }

  /** The highest place that is written. */
  public int highest() {
    return lowest + figures.size() - 1;
  }

  /** The lowest place that is written. */
  public int lowest() {
    return lowest;
  }

  /** The highest place that any of some rows has written. */
  public static int highest(List<WrittenRow> rows) {
    int highest = Integer.MIN_VALUE;
    for (WrittenRow each : rows) {
      highest = Math.max(highest, each.highest());
    }
    return highest;
  }

  /** The number that the row shows, as it was written; blank squares count as zero. */
  public Numeral read() {
    BigInteger unscaled = BigInteger.ZERO;
    int last = Math.min(0, lowest);
    for (int place = highest(); place >= last; place--) {
      BigInteger figure = at(place).map(Entry::value).orElse(BigInteger.ZERO);
      unscaled = Whole.joined(unscaled, figure);
    }
    return Numeral.of(unscaled, -last);
  }
}
