package bemble.diagnosis;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import java.util.Properties;

/**
 * How likely things are before anything was answered: {@code rates.properties}, which names the
 * source of each.
 *
 * @param none a pupil without a slip
 * @param one a pupil with one slip
 * @param two a pupil with two
 * @param nextSlip how likely a slip of a method is, the one named before it being 1
 * @param always how often somebody makes a slip who makes it nearly always
 * @param often how often somebody makes it who makes it often
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
    double factMissed,
    double unforeseen,
    double unforeseenAnswers) {
  /** The rates that Bemble works with. */
  public static final Rates STANDARD = read();

  private static Rates read() {
    Properties rates = new Properties();
    try (Reader file =
        new InputStreamReader(
            Objects.requireNonNull(Rates.class.getResourceAsStream("/bemble/rates.properties")),
            StandardCharsets.UTF_8)) {
      rates.load(file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return new Rates(
        of(rates, "none"),
        of(rates, "one"),
        of(rates, "two"),
        of(rates, "next-slip"),
        of(rates, "always"),
        of(rates, "often"),
        of(rates, "fact-missed"),
        of(rates, "unforeseen"),
        of(rates, "unforeseen-answers"));
  }

  private static double of(Properties rates, String key) {
    return Double.parseDouble(rates.getProperty(key));
  }
}
