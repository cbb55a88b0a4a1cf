package bemble.app.house;

import java.util.List;

/**
 * A sum of the garden in which a remark is heard.
 *
 * @param problem the sum
 * @param method the method
 */
record Trial(String problem, String method) {
  /** Sums in which, together, nearly all remarks of a kind of work are made, the plainest first. */
  static List<Trial> of(String book) {
    return switch (book) {
      case "adding" ->
          List.of(
              new Trial("378 + 256", "column"),
              new Trial("145 + 138", "blocks"),
              new Trial("364 + 228", "left-to-right"));
      case "taking" ->
          List.of(
              new Trial("432 − 118", "exchange"),
              new Trial("5003 − 1268", "exchange"),
              new Trial("532 − 278", "add-to-both"),
              new Trial("623 − 187", "expanded"),
              new Trial("403 − 187", "count-up"));
      case "multiplying" ->
          List.of(
              new Trial("34 × 203", "column"),
              new Trial("57 × 38", "area"),
              new Trial("57 × 38", "crosswise"));
      case "dividing" -> List.of(new Trial("4236 ÷ 7", "long"), new Trial("26 ÷ 6", "groups"));
      default -> List.of(new Trial("√94249", "digit-pairs"));
    };
  }
}
