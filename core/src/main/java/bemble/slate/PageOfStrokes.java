package bemble.slate;

import bemble.judge.report.Written;
import bemble.paper.Spot;
import bemble.paper.Square;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What stands on a page after some strokes. */
public final class PageOfStrokes {
  private record Key(Square at, Stroke.Kind kind) {}

  private final Map<Key, String> marks = new LinkedHashMap<>();

  /** What stands on a blank page after some strokes. */
  public static List<Written> after(List<Stroke> strokes) {
    PageOfStrokes page = new PageOfStrokes();
    strokes.forEach(page::add);
    return page.written();
  }

  /** Does the next stroke. */
  public void add(Stroke stroke) {
    Square at = stroke.at();
    switch (stroke.kind()) {
      case FIGURE, NUMBER, AID, POINT -> put(new Key(at, stroke.kind()), stroke.text());
      case RUB -> marks.keySet().removeIf(key -> key.at().equals(at));
      // Strokes and lines are seen, and judged by nobody.
      case STRIKE, LINE -> {}
      default -> throw new IllegalStateException("no such stroke: " + stroke);
    }
  }

  private void put(Key key, String text) {
    marks.remove(key);
    if (!text.isEmpty()) {
      marks.put(key, text);
    }
  }

  /** Everything that stands on the page now, in the order of writing. */
  public List<Written> written() {
    List<Written> written = new ArrayList<>();
    marks.forEach((key, text) -> written.add(new Written(key.at(), spot(key.kind()), text)));
    return written;
  }

  private static Spot spot(Stroke.Kind kind) {
    return switch (kind) {
      case FIGURE -> Spot.FULL;
      case NUMBER -> Spot.SMALL;
      case POINT -> Spot.LOWER_RIGHT;
      default -> Spot.UPPER_LEFT;
    };
  }
}
