package bemble.app.journey;

import bemble.words.Catalogue;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.util.FileSystemUtils;

/**
 * A made-up language: English with every message in brackets, as files in a folder of the class
 * path. What is shown without brackets in it does not come from a message.
 */
final class Brackets implements AutoCloseable {
  static final String TAG = "en-XA";
  private static final Path FOLDER = Path.of("target", "test-classes", "bemble", "words", TAG);

  private static final Map<String, UnaryOperator<String>> FILES =
      new TreeMap<>(
          Stream.of(
                  "labels",
                  "settings",
                  "slips",
                  "rungs",
                  "refusals",
                  "remark-names",
                  "messages",
                  "remarks/adding",
                  "remarks/taking",
                  "remarks/multiplying",
                  "remarks/dividing",
                  "remarks/roots",
                  "remarks/checking",
                  "remarks/help")
              .collect(Collectors.toMap(name -> name, name -> Brackets::around)));

  static {
    FILES.put("places", Brackets::aroundEach);
    FILES.put("notation", Brackets::aroundEach);
  }

  private static final Pattern BRACKETED = Pattern.compile("«[^«»]*»");
  private static final ObjectMapper JSON = new ObjectMapper();

  /** Writes the language, of which Bemble knows from now on. */
  Brackets() throws IOException {
    Files.createDirectories(FOLDER.resolve("remarks"));
    for (Map.Entry<String, UnaryOperator<String>> file : FILES.entrySet()) {
      Catalogue english = Catalogue.read("en", file.getKey());
      List<String> lines =
          english.keys().stream()
              .map(key -> key + "=" + escaped(file.getValue().apply(english.text(key))))
              .toList();
      Files.write(FOLDER.resolve(file.getKey() + ".properties"), lines);
    }
    Map<String, String> screens =
        JSON.readValue(
            Path.of("..", "web", "src", "words", "en.json").toFile(), new TypeReference<>() {});
    screens.replaceAll((key, message) -> around(message));
    JSON.writeValue(FOLDER.resolve("screens.json").toFile(), screens);
  }

  static String around(String message) {
    return "«" + message + "»";
  }

  /** Lists of names are parted by commas. */
  private static String aroundEach(String list) {
    return Stream.of(list.split(","))
        .map(name -> name.isEmpty() ? name : around(name))
        .collect(Collectors.joining(","));
  }

  private static String escaped(String text) {
    return text.replace("\\", "\\\\").replace("\n", "\\n");
  }

  /** What of a text stands in no brackets. */
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
    FileSystemUtils.deleteRecursively(FOLDER);
  }
}
