package bemble.app.http;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.ResourceBundle;

/** What the app says besides the words of a working: {@code messages.properties}. */
public final class Sentences {
  private static final ResourceBundle BUNDLE = ResourceBundle.getBundle("messages", Locale.ROOT);

  private Sentences() {}

  /** The sentence of a key; {@code named} are what it speaks of, in the order of its numbers. */
  public static String of(String key, Object... named) {
    return new MessageFormat(BUNDLE.getString(key), Locale.ENGLISH).format(named);
  }
}
