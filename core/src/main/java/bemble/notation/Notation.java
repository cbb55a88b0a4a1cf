package bemble.notation;

import bemble.style.Style;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The letters and words of one language on a page, read from a file of that language. Another
 * language gets those that it lacks from {@link Style#ENGLISH}.
 */
public final class Notation {
  private static final int IGNORING_CASE = Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE;
  private static final Map<String, Notation> READ = new ConcurrentHashMap<>();

  private final Properties texts;
  private final String[] within;
  private final String[] groups;
  private final String[] parts;
  private final List<String> wholes;
  private final Pattern withRemainder;

  private Notation(String language) {
    texts = new Properties();
    read(Style.ENGLISH, texts);
    read(language, texts);
    within = text("head.within").split(",");
    groups = text("head.groups").split(",");
    parts = text("head.parts").split(",");
    wholes = IntStream.range(0, 3 * (groups.length + 1)).mapToObj(this::whole).toList();
    String words =
        Stream.of(text("remainder.typed").split(","))
            .map(Pattern::quote)
            .collect(Collectors.joining("|"));
    withRemainder = Pattern.compile("(.*?)(?:" + words + ")(.*)", IGNORING_CASE);
  }

  /** A number, and behind a word the remainder; either may be any text. */
  Pattern withRemainder() {
    return withRemainder;
  }

  /** The notation of the class's language. */
  public static Notation of(Style style) {
    return READ.computeIfAbsent(style.language(), Notation::new);
  }

  private static void read(String language, Properties into) {
    String path = "/bemble/words/" + language + "/notation.properties";
    Optional<InputStream> file = Optional.ofNullable(Notation.class.getResourceAsStream(path));
    if (file.isPresent()) {
      try (InputStreamReader text = new InputStreamReader(file.get(), StandardCharsets.UTF_8)) {
        into.load(text);
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
  }

  /** A text of the page with its names; {@code fills} are names and values in turn. */
  public String text(String key, Object... fills) {
    String text = texts.getProperty(key);
    for (int i = 0; i < fills.length; i += 2) {
      text = text.replace("{" + fills[i] + "}", fills[i + 1].toString());
    }
    return text;
  }

  /** The key of a constant: {@code units}. */
  static String key(Enum<?> constant) {
    return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** The head over a place other than the ones; a dot beyond the known ones. */
  String head(int place) {
    if (place < 0) {
      return -place <= parts.length ? parts[-place - 1] : text("head.beyond");
    }
    return place < wholes.size() ? wholes.get(place) : text("head.beyond");
  }

  private String whole(int place) {
    return place < within.length ? within[place] : within[place % 3] + groups[place / 3 - 1];
  }
}
