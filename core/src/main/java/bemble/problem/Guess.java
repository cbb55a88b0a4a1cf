package bemble.problem;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Pattern;

/**
 * Guesses the line that was meant by one that could not be read, by mending the commonest slips.
 */
final class Guess {
  private record Repair(Pattern pattern, String replacement) {
    static Repair of(String pattern, String replacement) {
      return new Repair(Pattern.compile(pattern, Pattern.CASE_INSENSITIVE), replacement);
    }

    String mend(String text) {
      return pattern.matcher(text).replaceAll(replacement);
    }
  }

  /** Applied one after another; the first text that can be read is taken. */
  private static final List<Repair> REPAIRS =
      List.of(
          Repair.of("[=?].*$", ""),
          Repair.of("\\b(plus|and|add)\\b", "+"),
          Repair.of("\\b(minus|take away|less)\\b", "−"),
          Repair.of("\\b(times|multiplied by)\\b|·|⋅", "×"),
          Repair.of("\\bdivided by\\b|:", "÷"),
          Repair.of("\\b(square )?root of\\b", "√"),
          Repair.of("(?<=\\d)[oO]|[oO](?=\\d)", "0"),
          Repair.of("(?<=\\d)[lI]|[lI](?=\\d)", "1"),
          Repair.of("(\\d),(\\d{1,2})(?!\\d)", "$1.$2"),
          Repair.of("[^\\d.,+−\\-×x*÷/√→\\s]", ""),
          Repair.of("([+−\\-×x*÷/])(\\s*\\1)+", "$1"),
          Repair.of("(\\d)\\s+(?=\\d)", "$1 + "),
          Repair.of("\\s+", " "));

  private Guess() {}

  static Optional<String> meant(String text, Predicate<String> readable) {
    List<String> tried = new ArrayList<>();
    String mended = text;
    for (Repair repair : REPAIRS) {
      mended = repair.mend(mended).strip();
      if (!tried.contains(mended) && !mended.equals(text) && readable.test(mended)) {
        return Optional.of(mended);
      }
      tried.add(mended);
    }
    return Optional.empty();
  }
}
