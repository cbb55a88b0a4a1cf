package bemble.app.json;

import bemble.words.Wording;

/** The names of constants in JSON. */
public final class JsonName {
  private JsonName() {}

  /** The name of a setting or a trait: {@code carryPosition}. */
  public static String of(Enum<?> constant) {
    String[] words = Wording.key(constant).split("-");
    StringBuilder name = new StringBuilder(words[0]);
    for (int i = 1; i < words.length; i++) {
      name.append(Character.toUpperCase(words[i].charAt(0))).append(words[i].substring(1));
    }
    return name.toString();
  }
}
