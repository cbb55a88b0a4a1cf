package bemble.judge;

import bemble.method.Sum;
import bemble.problem.Operation;
import bemble.style.Choice;
import bemble.style.Setting;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.List;

/** The conventions that are accepted on a page, whichever of them its class has. */
final class Schools {
  private Schools() {}

  /** The class's own style, and then every other that would put figures in other squares. */
  static List<Style> of(Sum sum) {
    List<Style> styles = new ArrayList<>(List.of(sum.style()));
    for (Setting setting : settings(sum.method().operation(), sum.method().id())) {
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

  private static List<Setting> settings(Operation operation, String method) {
    return switch (operation) {
      case ADDITION, ROOT -> List.of();
      case SUBTRACTION -> method.equals("expanded") ? List.of() : List.of(Setting.LAST_COLUMNS);
      case MULTIPLICATION ->
          method.equals("column") ? List.of(Setting.PLACEHOLDER, Setting.ZERO_DIGIT) : List.of();
      case DIVISION -> List.of(Setting.ZERO_ROUND);
    };
  }
}
