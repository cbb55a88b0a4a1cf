package bemble.slate;

import static org.junit.jupiter.api.Assertions.assertEquals;

import bemble.judge.report.Written;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.slate.Stroke.Kind;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The screens are tested with the same file. */
class PageOfStrokesTest {
  private static final Path CASES = Path.of("../web/src/test/page-of-strokes.txt");

  private static final Map<String, Kind> KINDS =
      Map.of(
          "F", Kind.FIGURE,
          "A", Kind.AID,
          "N", Kind.NUMBER,
          "P", Kind.POINT,
          "S", Kind.STRIKE,
          "L", Kind.LINE,
          "R", Kind.RUB);

  private static final Map<Kind, Spot> SPOTS =
      Map.of(
          Kind.FIGURE, Spot.FULL,
          Kind.AID, Spot.UPPER_LEFT,
          Kind.NUMBER, Spot.SMALL,
          Kind.POINT, Spot.LOWER_RIGHT);

  private static List<Stroke> read(String text) {
    List<Stroke> strokes = new ArrayList<>();
    for (String each : text.isBlank() ? new String[0] : text.strip().split(" ")) {
      String[] parts = each.split(",", -1);
      Square at = new Square(Integer.parseInt(parts[1]), Integer.parseInt(parts[2]));
      strokes.add(new Stroke(KINDS.get(parts[0]), at, parts[3]));
    }
    return strokes;
  }

  @Test
  void hasWhatTheScreensDrawInAThousandCases() throws IOException {
    List<String> lines = Files.readAllLines(CASES);
    assertEquals(1000, lines.size());
    for (String line : lines) {
      String[] both = line.split("\\|", -1);
      List<Written> page =
          read(both[1]).stream()
              .map(mark -> new Written(mark.at(), SPOTS.get(mark.kind()), mark.text()))
              .toList();
      assertEquals(page, PageOfStrokes.after(read(both[0])), line);
    }
  }
}
