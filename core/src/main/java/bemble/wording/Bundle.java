package bemble.wording;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Properties;
import java.util.Set;
import java.util.stream.Collectors;

/** A file of sentences by key. */
final class Bundle {
  private final String name;
  private final Map<String, String> texts;
  private final Map<String, Template> templates;
  private final Map<String, String> files;

  private Bundle(String name, Properties properties, Map<String, String> files) {
    this.name = name;
    this.files = Map.copyOf(files);
    texts =
        properties.stringPropertyNames().stream()
            .collect(Collectors.toUnmodifiableMap(key -> key, properties::getProperty));
    templates =
        texts.entrySet().stream()
            .collect(
                Collectors.toUnmodifiableMap(Map.Entry::getKey, e -> new Template(e.getValue())));
  }

  /** All remarks, which are kept in a file for each kind of work. */
  static Bundle remarks() {
    return load(
        "remarks",
        "remarks/adding",
        "remarks/taking",
        "remarks/multiplying",
        "remarks/dividing",
        "remarks/roots",
        "remarks/checking",
        "remarks/help");
  }

  /** All labels: the names of things, and what can be chosen. */
  static Bundle labels() {
    return load("labels", "labels", "settings", "slips", "rungs");
  }

  static Bundle load(String name) {
    return load(name, name);
  }

  private static Bundle load(String name, String... files) {
    Properties properties = new Properties();
    Map<String, String> fileOf = new HashMap<>();
    for (String file : files) {
      try (Reader reader =
          new InputStreamReader(
              Bundle.class.getResourceAsStream("/bemble/" + file + ".properties"),
              StandardCharsets.UTF_8)) {
        properties.load(reader);
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
      properties.stringPropertyNames().forEach(key -> fileOf.putIfAbsent(key, file));
    }
    return new Bundle(name, properties, fileOf);
  }

  Optional<Template> find(String key) {
    return Optional.ofNullable(templates.get(key));
  }

  Template get(String key) {
    return find(key).orElseThrow(() -> new NoSuchElementException(name + " has no " + key));
  }

  /** All that stand under a common beginning, by the rest of their keys. */
  Map<String, Template> starting(String beginning) {
    return templates.entrySet().stream()
        .filter(entry -> entry.getKey().startsWith(beginning))
        .collect(
            Collectors.toUnmodifiableMap(
                entry -> entry.getKey().substring(beginning.length()), Map.Entry::getValue));
  }

  /** The file in which a key stands: {@code remarks/adding}. */
  String file(String key) {
    return files.get(key);
  }

  String plain(String key) {
    return texts.get(key);
  }

  Set<String> keys() {
    return texts.keySet();
  }
}
