package bemble.words;

import bemble.style.Style;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Objects;
import java.util.Properties;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Messages of one language by key. They stand in the folder of the language on the class path,
 * {@code bemble/words/en}; messages that a language lacks are said in English.
 */
public final class Catalogue {
  private final Map<String, String> texts = new HashMap<>();
  private final Map<String, String> files = new HashMap<>();

  private Catalogue() {}

  /**
   * Reads the messages of some files.
   *
   * @param language the IETF tag of the language, which is the name of its folder
   * @param names the files, without their ending
   */
  public static Catalogue read(String language, String... names) {
    Catalogue catalogue = new Catalogue();
    for (String name : names) {
      catalogue.take(name, Objects.requireNonNull(open(Style.ENGLISH, name), name));
      InputStream translated = open(language, name);
      if (translated != null) {
        catalogue.take(name, translated);
      }
    }
    return catalogue;
  }

  private static @Nullable InputStream open(String language, String name) {
    return Catalogue.class.getResourceAsStream(
        "/bemble/words/" + language + "/" + name + ".properties");
  }

  private void take(String name, InputStream file) {
    Properties properties = new Properties();
    try (Reader reader = new InputStreamReader(file, StandardCharsets.UTF_8)) {
      properties.load(reader);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    for (String key : properties.stringPropertyNames()) {
      texts.put(key, properties.getProperty(key));
      files.put(key, name);
    }
  }

  /** The message of a key; throws {@link NoSuchElementException} where there is none. */
  public String text(String key) {
    String text = texts.get(key);
    if (text == null) {
      throw new NoSuchElementException(key);
    }
    return text;
  }

  /** The file in which a key stands: {@code remarks/adding}. */
  String file(String key) {
    return Objects.requireNonNull(files.get(key), key);
  }

  /** All keys that have a message. */
  public Set<String> keys() {
    return Set.copyOf(texts.keySet());
  }
}
