package bemble.app;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * Draws all modules and their packages on floors, from the code as it is: a package stands above
 * all that it uses. {@code ./bemble picture} renews the file.
 */
class ArchitecturePicture {
  static final Path FILE = Path.of("../docs/architecture.svg");

  private static final Path SCREENS = Path.of("../web/eslint.config.js");
  private static final int LEFT = 150;
  private static final int WIDTH = 780;
  private static final int ROW = 42;
  private static final int GAP = 10;
  private static final int LARGEST = 15;
  private static final int SMALLEST = 11;

  /** How many letters of size 1 stand in a width of 1, with room at both ends. */
  private static final double LETTERS_ACROSS = 1.5;

  private static final String BOX =
      "<rect x=\"%.1f\" y=\"%d\" width=\"%.1f\" height=\"34\" rx=\"8\" fill=\"#FCFAF4\""
          + " stroke=\"#24503F\"/><text x=\"%.1f\" y=\"%d\" text-anchor=\"middle\""
          + " font-size=\"%d\">%s</text>%n";
  private static final String MODULE =
      "<rect x=\"10\" y=\"%1$d\" width=\"940\" height=\"%2$d\" rx=\"12\" fill=\"#DCE3DA\""
          + " stroke=\"#24503F\"/><text x=\"26\" y=\"%3$d\" font-size=\"18\""
          + " font-weight=\"bold\">%4$s</text>%n";
  private static final String ARROW =
      "<path d=\"M80 %dL80 %d\" stroke=\"#24503F\" stroke-width=\"2\" marker-end=\"url(#a)\"/>%n";

  private final StringBuilder drawing = new StringBuilder();
  private int y = 10;

  @Test
  void draw() throws IOException {
    Files.writeString(FILE, drawn());
  }

  /** The picture of the code. */
  static String drawn() throws IOException {
    ArchitecturePicture picture = new ArchitecturePicture();
    picture.module("bench", List.of());
    picture.y += GAP;
    picture.module("web", screens());
    picture.module("app", floors("bemble.app", Set.of()));
    picture.module("words", List.of());
    picture.module("core", floors("bemble", Set.of("app", "words")));
    return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 960 %d\""
            .formatted(picture.y - 14)
        + " font-family=\"sans-serif\" fill=\"none\"><title>Web on app on words on core, floor by"
        + " floor; bench beside them</title><defs><marker id=\"a\" viewBox=\"0 0 10 10\" refX=\"9\""
        + " refY=\"5\" markerWidth=\"8\" markerHeight=\"8\" orient=\"auto\"><path d=\"M0 0L10 5L0"
        + " 10z\" fill=\"#24503F\"/></marker></defs><g fill=\"#1F2A44\">\n"
        + picture.drawing
        + "</g></svg>\n";
  }

  private void module(String name, List<List<String>> floors) {
    if (!drawing.isEmpty() && !name.equals("web")) {
      drawing.append(ARROW.formatted(y - 24, y - 2));
    }
    List<List<String>> rows = floors.stream().flatMap(ArchitecturePicture::rows).toList();
    int height = Math.max(1, rows.size()) * ROW + 16;
    drawing.append(MODULE.formatted(y, height, y + 30, name));
    for (int row = 0; row < rows.size(); row++) {
      row(rows.get(row), y + 12 + row * ROW);
    }
    y += height + 24;
  }

  /** A floor of which the names would be tiny has two rows. */
  private static Stream<List<String>> rows(List<String> floor) {
    int half = (floor.size() + 1) / 2;
    return size(floor) < SMALLEST
        ? Stream.of(floor.subList(0, half), floor.subList(half, floor.size()))
        : Stream.of(floor);
  }

  private static double width(List<String> row) {
    return (WIDTH - GAP * (row.size() - 1.0)) / row.size();
  }

  private static int size(List<String> row) {
    int longest = row.stream().mapToInt(String::length).max().orElse(1);
    return (int) Math.min(LARGEST, width(row) * LETTERS_ACROSS / longest);
  }

  private void row(List<String> rooms, int top) {
    double width = width(rooms);
    for (int i = 0; i < rooms.size(); i++) {
      double left = LEFT + i * (width + GAP);
      double middle = left + width / 2;
      drawing.append(BOX.formatted(left, top, width, middle, top + 22, size(rooms), rooms.get(i)));
    }
  }

  /** The floors of the screens from the top, as ESLint holds them. */
  private static List<List<String>> screens() throws IOException {
    String config = Files.readString(SCREENS);
    String floors = config.substring(config.indexOf("FLOORS = ["), config.indexOf("];"));
    List<List<String>> found = new ArrayList<>();
    Matcher floor = Pattern.compile("\\[([^\\[\\]]+)]").matcher(floors);
    while (floor.find()) {
      found.add(0, Arrays.stream(floor.group(1).split("\\W+")).filter(s -> !s.isEmpty()).toList());
    }
    return found;
  }

  /** The packages below one, from the top; each stands one floor above the highest that it uses. */
  private static List<List<String>> floors(String root, Set<String> without) {
    Map<String, Set<String>> used = new TreeMap<>();
    for (JavaClass each :
        new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages(root)) {
      String from = room(root, each.getPackageName());
      if (!from.isEmpty() && without.stream().noneMatch(from::startsWith)) {
        Set<String> uses = used.computeIfAbsent(from, room -> new TreeSet<>());
        each.getDirectDependenciesFromSelf().stream()
            .map(dependency -> room(root, dependency.getTargetClass().getPackageName()))
            .filter(to -> !to.isEmpty() && !to.equals(from))
            .forEach(uses::add);
      }
    }
    Map<String, Integer> heights = new HashMap<>();
    Map<Integer, List<String>> floors = new TreeMap<>(Comparator.reverseOrder());
    used.keySet()
        .forEach(
            room ->
                floors
                    .computeIfAbsent(height(room, used, heights), height -> new ArrayList<>())
                    .add(room));
    return List.copyOf(floors.values());
  }

  /** The package below the root; empty for the root and for whatever lies elsewhere. */
  private static String room(String root, String name) {
    return name.startsWith(root + ".") ? name.substring(root.length() + 1) : "";
  }

  private static int height(
      String room, Map<String, Set<String>> used, Map<String, Integer> heights) {
    Integer known = heights.get(room);
    if (known != null) {
      return known;
    }
    // A circle, which other tests refuse, would otherwise have no end.
    heights.put(room, 0);
    int height =
        used.getOrDefault(room, Set.of()).stream()
            .mapToInt(other -> height(other, used, heights) + 1)
            .max()
            .orElse(0);
    heights.put(room, height);
    return height;
  }
}
