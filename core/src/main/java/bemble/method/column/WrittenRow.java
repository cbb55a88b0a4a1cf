package bemble.method.column;

import bemble.number.Numeral;
import bemble.number.Whole;
import bemble.paper.Role;
import bemble.problem.Operation;
import bemble.procedure.Entry;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.procedure.Shift;
import bemble.procedure.Slot;
import bemble.style.Choice;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** A number standing in one row, figure by figure under its places. */
public final class WrittenRow {
  /** Room for the figures of most numbers. */
  private static final int FEW = 8;

  private final int row;

  /** The figures from the place {@code first} up; null where a square is blank. */
  private Entry[] figures;

  private int first;

  /** The lowest place that is written; above {@code highest} while nothing is written. */
  private int lowest;

  private int highest = -1;

  /** An empty row, to be filled while a script runs. */
  public WrittenRow(int row) {
    this(row, FEW - 1, 0);
  }

  /** An empty row with room for figures from one place down to another; more may come. */
  public WrittenRow(int row, int highest, int lowest) {
    this.row = row;
    this.figures = new Entry[highest - lowest + 1];
    this.first = lowest;
  }

  /**
   * How far the row of a number reaches.
   *
   * @param highest the highest place of any number that it stands under one another with
   * @param lowest the place down to which it is filled up
   * @param under the row above it; null where the number is the first
   * @param operation the operation that joins the numbers
   */
  public record Reach(int highest, int lowest, @Nullable WrittenRow under, Operation operation) {}

  /** Copies a number of the sum into a row, with its decimal mark. */
  public static WrittenRow copy(Script script, PlaceColumns columns, int row, Numeral number) {
    return copy(script, columns, row, number, number.lowestPlace());
  }

  /** Copies a whole number under another as it is. */
  public static WrittenRow copyUnder(
      Script script, PlaceColumns columns, int row, Numeral number, WrittenRow under) {
    Reach reach =
        new Reach(number.highestPlace(), number.lowestPlace(), under, Operation.MULTIPLICATION);
    return copy(script, columns, row, number, number.highestPlace(), reach);
  }

  /** Copies a number and fills it up with zeros down to the place {@code lowest}. */
  public static WrittenRow copy(
      Script script, PlaceColumns columns, int row, Numeral number, int lowest) {
    return copy(script, columns, row, number, number.highestPlace(), lowest);
  }

  /**
   * Copies a number under another and, where the class does so, fills blank squares in front with
   * zeros.
   */
  public static WrittenRow copyUnder(
      Script script, PlaceColumns columns, int row, Numeral number, Reach reach) {
    boolean zeros = script.style().has(Choice.BlankSquares.ZEROS);
    int first = zeros ? Math.max(reach.highest(), number.highestPlace()) : number.highestPlace();
    int left = script.places(Shift.SET_OUT_LEFT, Section.SET_OUT, number.highestPlace(), 0);
    return left != 0
        ? copyAside(script, columns, row, number, left)
        : copy(script, columns, row, number, first, reach);
  }

  /** A number not lined up by its places, so many to the left; squares beside it stay blank. */
  private static WrittenRow copyAside(
      Script script, PlaceColumns columns, int row, Numeral number, int left) {
    WrittenRow written =
        new WrittenRow(row, number.highestPlace() + left, number.lowestPlace() + left);
    for (int place = number.highestPlace(); place >= number.lowestPlace(); place--) {
      Slot slot = Slot.full(Role.GIVEN, place + left, columns.at(row, place + left));
      written.put(place + left, script.copy(slot, number.digitAt(place)));
    }
    return written;
  }

  /** Copies a number and fills it up with zeros from one place down to another. */
  public static WrittenRow copy(
      Script script, PlaceColumns columns, int row, Numeral number, int highest, int lowest) {
    return copy(
        script,
        columns,
        row,
        number,
        highest,
        new Reach(highest, lowest, null, Operation.ADDITION));
  }

  private static WrittenRow copy(
      Script script, PlaceColumns columns, int row, Numeral number, int highest, Reach reach) {
    int lowest = reach.lowest();
    WrittenRow written = new WrittenRow(row, highest, lowest);
    for (int place = reach.highest(); place > highest; place--) {
      Beats.blank(script, columns.at(row, place), place, reach.operation());
    }
    for (int place = highest; place >= lowest; place--) {
      boolean given = place >= number.lowestPlace() && place <= number.highestPlace();
      Role role = given ? Role.GIVEN : Role.PADDING;
      Slot slot = Slot.full(role, place, columns.at(row, place));
      Beats.figure(script, slot, number.digitAt(place), reach.under(), !given);
      written.put(place, script.copy(slot, number.digitAt(place)));
    }
    written.point(script, columns);
    return written;
  }

  /** Goes on with zeros down to a place, and sets the decimal mark where there was none. */
  public void fillUp(Script script, PlaceColumns columns, int to) {
    fillUp(script, columns, to, slot -> script.copy(slot, 0));
  }

  /** The same with zeros that are written in another way than as part of the sum. */
  public void fillUp(Script script, PlaceColumns columns, int to, Function<Slot, Entry> zero) {
    boolean whole = lowest == 0;
    for (int place = lowest - 1; place >= to; place--) {
      put(place, zero.apply(Slot.full(Role.PADDING, place, columns.at(row, place))));
    }
    if (whole) {
      point(script, columns);
    }
  }

  /** Adds a figure at a place. */
  public void put(int place, Entry figure) {
    if (place < first || place >= first + figures.length) {
      makeRoomFor(place);
    }
    figures[place - first] = figure;
    boolean alone = isEmpty();
    lowest = alone ? place : Math.min(lowest, place);
    highest = alone ? place : Math.max(highest, place);
  }

  private void makeRoomFor(int place) {
    int from = place < first ? place - FEW : first;
    int end = place < first ? first + figures.length : place + 1 + FEW;
    Entry[] roomier = new Entry[end - from];
    System.arraycopy(figures, 0, roomier, first - from, figures.length);
    figures = roomier;
    first = from;
  }

  /** Draws the decimal mark where figures stand after the ones. */
  public void point(Script script, PlaceColumns columns) {
    if (lowest() < 0) {
      Decimals.mark(script, columns, row);
    }
  }

  /** The figure at a place; empty where the square is blank. */
  public Optional<Entry> at(int place) {
    int index = place - first;
    return index < 0 || index >= figures.length
        ? Optional.empty()
        : Optional.ofNullable(figures[index]);
  }

  /** Whether nothing is written yet. */
  public boolean isEmpty() {
    return highest < lowest;
  }

  /** The row of the paper. */
  public int row() {
    return row;
  }

  /** The highest place that is written. */
  public int highest() {
    return highest;
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
    int last = Math.min(0, lowest);
    StringBuilder text = new StringBuilder(highest < last ? "0" : "");
    for (int place = highest; place >= last; place--) {
      BigInteger value = valueAt(place);
      if (value.compareTo(BigInteger.TEN) >= 0) {
        return joined(last);
      }
      text.append((char) ('0' + value.intValue()));
    }
    return new Numeral(text.toString(), -last);
  }

  /** The number that the row shows where a square holds more than one figure. */
  private Numeral joined(int last) {
    List<BigInteger> values = new ArrayList<>();
    for (int place = highest; place >= last; place--) {
      values.add(valueAt(place));
    }
    return Numeral.of(Whole.joined(values, 0), -last);
  }

  private BigInteger valueAt(int place) {
    return at(place).map(Entry::value).orElse(BigInteger.ZERO);
  }
}
