package bemble.app.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import bemble.style.Style;
import bemble.words.Catalogue;
import com.ibm.icu.text.MessageFormat;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class SentencesTest {
  /** The ways in which the code names a sentence, and the part of its key that they leave out. */
  private static final Pattern NAMED =
      Pattern.compile(
          String.join(
              "|",
              "(RefusedException\\.of|new \\w+Exception|Sentences\\.of)\\(\\s*\"([a-z.-]+)\"",
              "\"\\{(valid\\.[a-z-]+)}\"",
              "HttpStatus\\.\\w+, \"([a-z-]+)\"",
              "\"((?:failed|damaged)\\.[a-z-]+)\""));

  private static List<String> sources() throws IOException {
    List<String> texts = new ArrayList<>();
    try (Stream<Path> all = Files.walk(Path.of("src/main/java"))) {
      for (Path source : all.filter(path -> path.toString().endsWith(".java")).toList()) {
        texts.add(Files.readString(source));
      }
    }
    return texts;
  }

  private static Set<String> named() throws IOException {
    Set<String> keys = new TreeSet<>();
    for (String source : sources()) {
      Matcher found = NAMED.matcher(source);
      while (found.find()) {
        keys.add(key(found));
      }
    }
    keys.removeIf(key -> key.endsWith("."));
    return keys;
  }

  private static String key(Matcher found) {
    if (found.group(3) != null) {
      return found.group(3);
    }
    if (found.group(5) != null) {
      return found.group(5);
    }
    if (found.group(4) != null) {
      return "turned-away." + found.group(4);
    }
    return switch (found.group(1)) {
      case "RefusedException.of" -> "refused." + found.group(2);
      case "new StaleException" -> "stale." + found.group(2);
      case "new UnusableFileException" -> "file." + found.group(2);
      case "new MissingException" -> "missing." + found.group(2);
      default -> found.group(2);
    };
  }

  @Test
  void everySentenceThatTheCodeNamesIsThereAndNoOther() throws IOException {
    Set<String> named = named();
    assertFalse(named.isEmpty());
    named.removeIf(
        key ->
            key.matches(
                "turned-away\\.(not-valid|failed|stale|done-before|other-class|cut-off|missing|unreadable|no-room|busy|not-written|no-request)"));
    assertEquals(new TreeSet<>(Catalogue.read(Style.ENGLISH, "messages").keys()), named);
  }

  /** Each name of a fill-in stands behind the key of its sentence, wherever the code says it. */
  @Test
  void everyFillInIsNamedWhereItIsFilledIn() throws IOException {
    Catalogue messages = Catalogue.read(Style.ENGLISH, "messages");
    List<String> missing = new ArrayList<>();
    for (String source : sources()) {
      Matcher found = NAMED.matcher(source);
      while (found.find()) {
        String key = key(found);
        if (found.group(1) != null && !key.endsWith(".")) {
          String call = source.substring(found.end(), source.indexOf(';', found.end()));
          for (String name : new MessageFormat(messages.text(key)).getArgumentNames()) {
            if (!call.contains("\"" + name + "\"")) {
              missing.add(key + " " + name);
            }
          }
        }
      }
    }
    assertEquals(List.of(), missing);
  }

  @Test
  void namesWhatItSpeaksOf() {
    assertEquals(
        "Write one figure to a square: “12” is more.",
        Sentences.of("refused.two-figures", "text", "12"));
    assertEquals(
        "That would be 1,200 frames; Bemble prints up to 360. Choose a frame for each column.",
        Sentences.of("refused.too-many-frames", "frames", 1200, "most", 360));
  }

  /** The format would swallow an apostrophe, and the text behind it. */
  @Test
  void noSentenceHasALoneApostrophe() {
    Catalogue messages = Catalogue.read(Style.ENGLISH, "messages");
    messages.keys().forEach(key -> assertFalse(messages.text(key).contains("'"), key));
  }
}
