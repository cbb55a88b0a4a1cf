package bemble.slate;

import bemble.judge.report.Written;
import bemble.paper.Spot;
import bemble.paper.Square;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The marks on a page after some strokes. */
public final class PageOfStrokes {
  private record Key(Square at, Stroke.Kind kind) {}

  private final Map<Key, String> marks = new LinkedHashMap<>();
  private final Set<Square> unread = new LinkedHashSet<>();

  /** The marks on a blank page after some strokes. */
  public static List<Written> after(List<Stroke> strokes) {
    return of(strokes).written();
  }

  /** A page with some strokes. */
  public static PageOfStrokes of(List<Stroke> strokes) {
    PageOfStrokes page = new PageOfStrokes();
    strokes.forEach(page::add);
    return page;
  }

  /** Does the next stroke. */
  public void add(Stroke stroke) {
    Square at = stroke.at();
    switch (stroke.kind()) {
      case FIGURE, NUMBER -> {
        unread.remove(at);
        put(new Key(at, stroke.kind()), stroke.text());
      }
      case AID, POINT -> put(new Key(at, stroke.kind()), stroke.text());
      case UNREAD -> unread.add(at);
      case RUB -> {
        marks.keySet().removeIf(key -> key.at().equals(at));
        unread.remove(at);
      }
      // Strokes and lines are seen, but not judged.
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

  /** The squares with marks that could not be read. */
  public Set<Square> unread() {
    return Set.copyOf(unread);
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
