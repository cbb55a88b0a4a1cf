package bemble.diagnosis;

import bemble.number.NumberTable;
import java.util.List;
import java.util.stream.Stream;

/**
 * How likely things are before anything was answered: {@code rates.properties}, which names the
 * source of each.
 *
 * @param shares of the pupils
 * @param nextSlip how likely a slip of a method is, the one named before it being 1
 * @param habits the share of chances at which a pupil makes a slip: each is as likely as the others
 * @param ownHabits the share of sums that a pupil works by an unknown rule
 * @param cares how carefully pupils write
 * @param unforeseen answers that nothing explains
 * @param seenAmiss a slip seen on a page where only a figure went wrong
 */
public record Rates(
    Shares shares,
    double nextSlip,
    List<Double> habits,
    List<Double> ownHabits,
    List<Care> cares,
    Unforeseen unforeseen,
    double seenAmiss) {
  /** The rates that Bemble works with. */
  public static final Rates STANDARD = read();

  /**
   * Of all pupils.
   *
   * @param none without a slip
   * @param one with one slip
   * @param two with two
   * @param own with a rule that is not known
   */
  public record Shares(double none, double one, double two, double own) {}

  /**
   * An answer that nothing explains.
   *
   * @param rate how often there is one
   * @param among how many such answers it is one of
   */
  public record Unforeseen(double rate, double among) {}

  /** Keeps copies. */
  public Rates {
    habits = List.copyOf(habits);
    ownHabits = List.copyOf(ownHabits);
    cares = List.copyOf(cares);
  }

  private static Rates read() {
    NumberTable table = NumberTable.read("rates");
    return new Rates(
        new Shares(
            table.number("none"), table.number("one"), table.number("two"), table.number("own")),
        table.number("next-slip"),
        List.of(table.number("always"), table.number("often"), table.number("sometimes")),
        List.of(table.number("own.often"), table.number("own.sometimes")),
        Stream.of("careful", "hasty", "careless").map(name -> care(table, name)).toList(),
        new Unforeseen(table.number("unforeseen"), table.number("unforeseen-answers")),
        table.number("seen-amiss"));
  }

  private static Care care(NumberTable table, String name) {
    return new Care(
        table.number(name + ".share"),
        table.number(name + ".figure"),
        table.number(name + ".fact"));
  }
}
