package bemble.paper;

import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A sheet of squared paper with everything that was written on it.
 *
 * @param extent the squares in use
 * @param onesColumn the column of the ones, where the whole page keeps to place columns; otherwise
 *     null
 * @param marks in order of writing
 */
public record Paper(Area extent, @Nullable Integer onesColumn, List<Mark> marks) {
  private static final int SPOTS = Spot.values().length;

  /** More columns than any sheet has. */
  private static final long WIDEST = 1L << 20;

  /** Keeps a copy of the marks. */
  public Paper {
    marks = List.copyOf(marks);
  }

  /**
   * Paper on which a small figure, and the stroke through it, give way to a later one in their
   * spot.
   *
   * @param marks in order of writing; each is written in the step of the one before or later, and a
   *     stroke goes through a figure that stands there
   */
  public static Paper written(Area extent, @Nullable Integer onesColumn, List<Mark> marks) {
    if (!mayShareSpots(extent, marks)) {
      return new Paper(extent, onesColumn, marks);
    }
    Map<Long, Integer> takenAgain = new HashMap<>();
    Mark[] kept = marks.toArray(Mark[]::new);
    for (int i = kept.length - 1; i >= 0; i--) {
      Mark mark = kept[i];
      Long spot = smallSpot(mark.shape());
      Integer by = spot == null ? null : takenAgain.get(spot);
      if (by != null) {
        kept[i] = mark.goneBy(by);
      }
      if (mark.shape() instanceof Shape.Small) {
        takenAgain.put(spot, mark.step());
      }
    }
    return new Paper(extent, onesColumn, List.of(kept));
  }

  /**
   * Whether two small figures may stand in one spot: a quick look, since few pages have such. True
   * too often where a mark lies outside the extent, never too seldom.
   */
  private static boolean mayShareSpots(Area extent, List<Mark> marks) {
    int width = extent.to().column() + 1;
    BitSet taken = new BitSet(width * (extent.to().row() + 1) * SPOTS);
    for (int i = 0; i < marks.size(); i++) {
      if (marks.get(i).shape() instanceof Shape.Small small) {
        int square = small.at().row() * width + small.at().column();
        int spot = square * SPOTS + small.spot().ordinal();
        if (spot < 0 || taken.get(spot)) {
          return true;
        }
        taken.set(spot);
      }
    }
    return false;
  }

  /** Where a small figure or the stroke through it stands; null for marks that keep their place. */
  private static @Nullable Long smallSpot(Shape shape) {
    if (shape instanceof Shape.Strike strike && strike.spot() != Spot.FULL) {
      return key(strike.at(), strike.spot());
    }
    return shape instanceof Shape.Small small ? key(small.at(), small.spot()) : null;
  }

  /** A number for each spot of each square. */
  private static Long key(Square at, Spot spot) {
    return (at.row() * WIDEST + at.column()) * SPOTS + spot.ordinal();
  }

  /** The marks that are seen once a step is done. */
  public List<Mark> marksAt(int step) {
    return marks.stream().filter(mark -> mark.isSeenAt(step)).toList();
  }

  /** This paper laid that many rows further down and columns further right. */
  public Paper moved(int rows, int columns) {
    return new Paper(
        extent.moved(rows, columns),
        onesColumn == null ? null : onesColumn + columns,
        marks.stream().map(mark -> mark.moved(rows, columns)).toList());
  }
}
