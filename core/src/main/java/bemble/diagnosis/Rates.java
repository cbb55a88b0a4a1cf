package bemble.diagnosis;

import bemble.number.NumberTable;

/**
 * How likely things are before anything was answered: {@code rates.properties}, which names the
 * source of each.
 *
 * @param none a pupil without a slip
 * @param one a pupil with one slip
 * @param two a pupil with two
 * @param nextSlip how likely a slip of a method is, the one named before it being 1
 * @param always at how many of its chances somebody makes a slip who makes it nearly always
 * @param often how often somebody makes it who makes it often
 * @param sometimes how often somebody makes it who makes it sometimes
 * @param factMissed a number fact missed in a sum
 * @param unforeseen an answer that nothing explains
 * @param unforeseenAnswers among how many such answers it is one
 */
public record Rates(
    double none,
    double one,
    double two,
    double nextSlip,
    double always,
    double often,
    double sometimes,
    double factMissed,
    double unforeseen,
    double unforeseenAnswers) {
  /** The rates that Bemble works with. */
  public static final Rates STANDARD = read();

  private static Rates read() {
    NumberTable table = NumberTable.read("rates");
    return new Rates(
        table.number("none"),
        table.number("one"),
        table.number("two"),
        table.number("next-slip"),
        table.number("always"),
        table.number("often"),
        table.number("sometimes"),
        table.number("fact-missed"),
        table.number("unforeseen"),
        table.number("unforeseen-answers"));
  }
}
