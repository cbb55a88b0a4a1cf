package bemble.method;

import bemble.style.Choice;
import bemble.style.RoundMoves;
import bemble.style.Setting;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/** Styles in which everything is tried. */
public final class ManyStyles {
  private static final int STYLES = 110;

  private ManyStyles() {}

  /** Every choice on its own, and many together. */
  public static List<Style> all() {
    List<Style> styles = new ArrayList<>(List.of(Style.STANDARD));
    for (Setting setting : Setting.values()) {
      for (Choice choice : setting.choices()) {
        Map<Setting, Choice> changed = new EnumMap<>(Style.STANDARD.choices());
        changed.put(setting, choice);
        if (Style.clash(changed).isEmpty()) {
          styles.add(new Style(changed, Map.of(), RoundMoves.STANDARD, Style.ENGLISH));
        }
      }
    }
    Random random = new Random(11);
    while (styles.size() < STYLES) {
      Map<Setting, Choice> mixed = new EnumMap<>(Setting.class);
      for (Setting setting : Setting.values()) {
        mixed.put(setting, setting.choices().get(random.nextInt(setting.choices().size())));
      }
      if (Style.clash(mixed).isEmpty()) {
        styles.add(new Style(mixed, Map.of(), RoundMoves.STANDARD, Style.ENGLISH));
      }
    }
    return styles;
  }
}
