package bemble.app.words;

import bemble.style.Style;
import bemble.words.Catalogue;
import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.util.ULocale;
import java.util.HashMap;
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
   * The sentence of a key in the language of the request.
   *
   * @param fillIns the name of each fill-in, with its value behind it
   */
  public static String of(String key, Object... fillIns) {
    String language = Language.current(Style.ENGLISH);
    Map<Object, Object> named = new HashMap<>();
    for (int i = 0; i < fillIns.length; i += 2) {
      named.put(fillIns[i], fillIns[i + 1]);
    }
    return new MessageFormat(text(language, key), ULocale.forLanguageTag(language)).format(named);
  }

  /** The message of a key as it stands in its file. */
  static String text(String language, String key) {
    return READ.computeIfAbsent(language, each -> Catalogue.read(each, "messages")).text(key);
  }
}
