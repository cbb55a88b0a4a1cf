package bemble.app.journey;

import bemble.style.Style;
import bemble.words.Catalogue;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.util.FileSystemUtils;

/**
 * A made-up language: English with every message in brackets, as files in a folder of the class
 * path. Text without brackets does not come from a message.
 */
final class Brackets implements AutoCloseable {
  static final String TAG = "en-XA";
  private static final Path FOLDER = Path.of("target", "test-classes", "bemble", "words", TAG);

  /** Tests beside these see the language as a whole or not at all. */
  private static final Path ASIDE = Path.of("target", TAG);

  /** Files of lists of names, which are parted by commas. */
  private static final Set<String> LISTS = Set.of("places", "notation");

  private static final Pattern BRACKETED = Pattern.compile("«[^«»]*»");
  private static final ObjectMapper JSON = new ObjectMapper();

  /** Writes the language, of which Bemble knows from now on. */
  Brackets() throws IOException {
    Files.createDirectories(ASIDE.resolve("remarks"));
    for (String name : names()) {
      Catalogue english = Catalogue.read(Style.ENGLISH, name);
      UnaryOperator<String> around = LISTS.contains(name) ? Brackets::aroundEach : Brackets::around;
      List<String> lines =
          english.keys().stream()
              .map(key -> key + "=" + escaped(around.apply(english.text(key))))
              .toList();
      Files.write(ASIDE.resolve(name + ".properties"), lines);
    }
    Map<String, String> screens =
        JSON.readValue(
            Path.of("..", "web", "src", "words", "en.json").toFile(), new TypeReference<>() {});
    screens.replaceAll((key, message) -> around(message));
    JSON.writeValue(ASIDE.resolve("screens.json").toFile(), screens);
    // A run that was killed has left it.
    FileSystemUtils.deleteRecursively(FOLDER);
    Files.createDirectories(FOLDER.getParent());
    Files.move(ASIDE, FOLDER);
  }

  /** The files of messages in English, without their ending: remarks/adding. */
  private static Set<String> names() throws IOException {
    Set<String> names = new TreeSet<>();
    for (Resource file :
        new PathMatchingResourcePatternResolver()
            .getResources("classpath*:bemble/words/en/**/*.properties")) {
      names.add(file.getURI().toString().replaceAll(".*/words/en/|\\.properties", ""));
    }
    return names;
  }

  static String around(String message) {
    return "«" + message + "»";
  }

  private static String aroundEach(String list) {
    return Stream.of(list.split(","))
        .map(name -> name.isEmpty() ? name : around(name))
        .collect(Collectors.joining(","));
  }

  private static String escaped(String text) {
    return text.replace("\\", "\\\\").replace("\n", "\\n");
  }

  /** The parts of a text that stand in no brackets. */
  static String outside(String text) {
    String left = text;
    for (String before = ""; !before.equals(left); ) {
      before = left;
      left = BRACKETED.matcher(left).replaceAll("");
    }
    return left;
  }

  @Override
  public void close() throws IOException {
    Files.move(FOLDER, ASIDE);
    FileSystemUtils.deleteRecursively(ASIDE);
  }
}
