package bemble.procedure;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A part of a working whose steps belong together, such as all steps of one column.
 *
 * @param kind the reason for which the steps belong together
 * @param number which one of its kind: the place of a column, the count of a row from 1; else 0
 */
public record Section(Kind kind, int number) {
  /** The reasons for which steps belong to one section. */
  public enum Kind {
    SET_OUT,
    COLUMN,
    PAIR,
    ROW,
    ROUND,
    HOPS,
    TOTALS,
    ANSWER,
    COMPARE
  }

  /** Setting the sum out. */
  public static final Section SET_OUT = new Section(Kind.SET_OUT, 0);

  /** How many sections of a kind are made once: each step of each page asks for one. */
  private static final int FEW = 32;

  private static final List<List<Section>> SECTIONS =
      Arrays.stream(Kind.values())
          .map(kind -> IntStream.range(0, FEW).mapToObj(n -> new Section(kind, n)).toList())
          .toList();

  /** Going along a number line. */
  public static final Section HOPS = new Section(Kind.HOPS, 0);

  /** Adding up a drawing. */
  public static final Section TOTALS = new Section(Kind.TOTALS, 0);

  /** Reading the answer off. */
  public static final Section ANSWER = new Section(Kind.ANSWER, 0);

  /** Holding a check against the number that it should come back to. */
  public static final Section COMPARE = new Section(Kind.COMPARE, 0);

  /** The work in the column of {@code place}. */
  public static Section column(int place) {
    return of(Kind.COLUMN, place);
  }

  /** The work of adding the next pair, counted from 1. */
  public static Section pair(int number) {
    return of(Kind.PAIR, number);
  }

  /** The work in a row of products or of things, counted from 1. */
  public static Section row(int number) {
    return of(Kind.ROW, number);
  }

  /** A round of a division or of a root, counted from 1. */
  public static Section round(int number) {
    return of(Kind.ROUND, number);
  }

  private static Section of(Kind kind, int number) {
    return number >= 0 && number < FEW
        ? SECTIONS.get(kind.ordinal()).get(number)
        : new Section(kind, number);
  }
}
