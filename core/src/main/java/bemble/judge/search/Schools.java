package bemble.judge.search;

import bemble.method.Sum;
import bemble.style.Choice;
import bemble.style.Setting;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.List;

/** The conventions that are accepted on a page, whichever of them its class has. */
public final class Schools {
  private Schools() {}

  /** The class's own style, and then every other that would put figures in other squares. */
  public static List<Style> of(Sum sum) {
    List<Style> styles = new ArrayList<>(List.of(sum.style()));
    for (Setting setting : sum.method().schools()) {
      for (Style style : List.copyOf(styles)) {
        for (Choice choice : setting.choices()) {
          if (!style.has(choice)) {
            styles.add(style.with(choice));
          }
        }
      }
    }
    return styles;
  }
}
