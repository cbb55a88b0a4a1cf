package bemble.app.file;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Finds names of pupils in titles and notes, as whole words in just these letters. */
public final class NamesInText {
  private static final String GONE = "…";

  private NamesInText() {}

  /** Whether a text holds a name. */
  public static boolean holds(String text, String name) {
    return pattern(List.of(name)).matcher(text).find();
  }

  /**
   * A text without some names.
   *
   * @param kept longer names in which one of them may stand: Bram Ash where Bram is taken out
   */
  public static String without(String text, Collection<String> names, Collection<String> kept) {
    List<String> all = Stream.concat(names.stream(), kept.stream()).distinct().toList();
    if (all.isEmpty()) {
      return text;
    }
    return pattern(all)
        .matcher(text)
        .replaceAll(
            found ->
                Matcher.quoteReplacement(names.contains(found.group()) ? GONE : found.group()));
  }

  /** The longest first, so that a name within another is not found there. */
  private static Pattern pattern(Collection<String> names) {
    return Pattern.compile(
        names.stream()
            .sorted(Comparator.comparingInt(String::length).reversed())
            .map(Pattern::quote)
            .collect(Collectors.joining("|", "(?<![\\p{L}\\p{N}])(?:", ")(?![\\p{L}\\p{N}])")));
  }
}
