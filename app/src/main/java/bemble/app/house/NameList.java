package bemble.app.house;

import bemble.app.words.PlainNames;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Names as people have them: one to a line, a column of a table with or without a head, surnames
 * before first names.
 */
public final class NameList {
  private static final Pattern BETWEEN = Pattern.compile("[;\t]");
  private static final Pattern FIGURE = Pattern.compile("\\d");
  private static final Set<String> SURNAMES = Set.of("surname", "last name", "family name");
  private static final Set<String> FIRST_NAMES =
      Set.of("first name", "forename", "given name", "christian name");
  private static final Set<String> NAMES =
      Set.of("name", "names", "pupil", "pupils", "child", "children", "student", "full name");

  private NameList() {}

  /** The names in a text, in its order. */
  static List<String> read(String text) {
    List<List<String>> rows =
        text.lines().map(NameList::values).filter(row -> !row.get(0).isEmpty()).toList();
    if (rows.isEmpty()) {
      return List.of();
    }
    List<String> head = rows.get(0).stream().map(value -> value.toLowerCase(Locale.ROOT)).toList();
    int surname = find(head, SURNAMES);
    int first = find(head, FIRST_NAMES);
    boolean hasHead = surname >= 0 || first >= 0 || find(head, NAMES) >= 0;
    List<String> names = new ArrayList<>();
    for (List<String> row : hasHead ? rows.subList(1, rows.size()) : rows) {
      names.add(
          surname >= 0 && first >= 0
              ? (at(row, first) + " " + at(row, surname)).strip()
              : turned(at(row, Math.max(0, hasHead ? find(head, NAMES) : 0))));
    }
    return names.stream().filter(name -> !name.isEmpty()).toList();
  }

  private static List<String> values(String line) {
    String[] parts = BETWEEN.split(line.replace("\"", ""), -1);
    return Arrays.stream(parts).map(PlainNames::plain).toList();
  }

  private static int find(List<String> head, Set<String> words) {
    for (int i = 0; i < head.size(); i++) {
      if (words.contains(head.get(i))) {
        return i;
      }
    }
    return -1;
  }

  private static String at(List<String> row, int column) {
    return column < row.size() ? row.get(column) : "";
  }

  /** Ash, Bram is Bram Ash; of Bram, 7, 3b only the name counts. */
  private static String turned(String value) {
    String[] parts = value.split(",", -1);
    boolean isTurned =
        parts.length == 2
            && !FIGURE.matcher(value).find()
            && !parts[0].isBlank()
            && !parts[1].isBlank();
    return isTurned ? parts[1].strip() + " " + parts[0].strip() : parts[0].strip();
  }
}
