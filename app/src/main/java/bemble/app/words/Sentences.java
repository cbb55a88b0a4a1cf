package bemble.app.words;

import bemble.style.Style;
import bemble.words.Catalogue;
import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.util.ULocale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The app's own sentences, besides the words of a working: {@code messages.properties} of a
 * language.
 */
public final class Sentences {
  private static final Map<String, Catalogue> READ = new ConcurrentHashMap<>();

  private Sentences() {}

  /**
   * The sentence of a key in the language of the request; {@code named} are its fill-ins, in the
   * order of their numbers.
   */
  public static String of(String key, Object... named) {
    String language = Language.current(Style.ENGLISH);
    return new MessageFormat(text(language, key), ULocale.forLanguageTag(language)).format(named);
  }

  /** The message of a key as it stands in its file. */
  static String text(String language, String key) {
    return READ.computeIfAbsent(language, each -> Catalogue.read(each, "messages")).text(key);
  }
}
