package bemble.diagnosis;

import bemble.number.NumberTable;
import java.util.List;
import java.util.stream.Stream;

/**
 * How likely things are before anything was answered: {@code rates.properties}, which names the
 * source of each.
 *
 * @param none a pupil without a slip
 * @param one a pupil with one slip
 * @param two a pupil with two
 * @param own a pupil with a rule that is not known
 * @param nextSlip how likely a slip of a method is, the one named before it being 1
 * @param habits at how many of its chances somebody makes a slip: each is as likely as the others
 * @param ownHabits in how many sums somebody works by a rule that is not known
 * @param cares how carefully pupils write
 * @param unforeseen an answer that nothing explains
 * @param unforeseenAnswers among how many such answers it is one
 * @param seenAmiss a slip seen on a page where only a figure went wrong
 */
public record Rates(
    double none,
    double one,
    double two,
    double own,
    double nextSlip,
    List<Double> habits,
    List<Double> ownHabits,
    List<Care> cares,
    double unforeseen,
    double unforeseenAnswers,
    double seenAmiss) {
  /** The rates that Bemble works with. */
  public static final Rates STANDARD = read();

  /** Keeps copies. */
  public Rates {
    habits = List.copyOf(habits);
    ownHabits = List.copyOf(ownHabits);
    cares = List.copyOf(cares);
  }

  private static Rates read() {
    NumberTable table = NumberTable.read("rates");
    return new Rates(
        table.number("none"),
        table.number("one"),
        table.number("two"),
        table.number("own"),
        table.number("next-slip"),
        List.of(table.number("always"), table.number("often"), table.number("sometimes")),
        List.of(table.number("own.often"), table.number("own.sometimes")),
        Stream.of("careful", "hasty", "careless").map(name -> care(table, name)).toList(),
        table.number("unforeseen"),
        table.number("unforeseen-answers"),
        table.number("seen-amiss"));
  }

  private static Care care(NumberTable table, String name) {
    return new Care(
        table.number(name + ".share"),
        table.number(name + ".figure"),
        table.number(name + ".fact"));
  }
}
