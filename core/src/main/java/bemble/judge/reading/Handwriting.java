package bemble.judge.reading;

import bemble.judge.report.Written;
import bemble.paper.Spot;
import bemble.paper.Square;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** A written page, square by square. */
public final class Handwriting {
  private final Map<Square, String> full = new HashMap<>();
  private final Map<Square, String> small = new HashMap<>();
  private final Set<Square> points = new LinkedHashSet<>();
  private final Map<Integer, List<Written>> smallByColumn = new HashMap<>();
  private final List<Written> all;

  /** Finds each thing that was written by its square. */
  public Handwriting(List<Written> page) {
    all = List.copyOf(page);
    for (Written written : page) {
      if (written.isPoint()) {
        points.add(written.at());
      } else if (written.isFull()) {
        full.put(written.at(), written.text());
      } else {
        small.put(written.at(), written.text());
        smallByColumn
            .computeIfAbsent(written.at().column(), column -> new ArrayList<>())
            .add(written);
      }
    }
  }

  /** Everything that was written, in the order given. */
  public List<Written> all() {
    return all;
  }

  /** The text in a square: in full size, as a number in the square, or a point after it. */
  public Optional<String> at(Square square, Spot spot) {
    if (spot == Spot.LOWER_RIGHT) {
      return points.contains(square) ? Optional.of(".") : Optional.empty();
    }
    return Optional.ofNullable(spot == Spot.FULL ? full.get(square) : small.get(square));
  }

  /** The squares after which a decimal mark stands in a row. */
  public List<Square> pointsInRow(int row) {
    return points.stream().filter(after -> after.row() == row).toList();
  }

  /** The small figures of a column. */
  public List<Written> smallInColumn(int column) {
    return smallByColumn.getOrDefault(column, List.of());
  }

  /** The digits that stand in a row from a square on to the left without a gap; may be empty. */
  public String digitsLeftFrom(Square ones) {
    StringBuilder digits = new StringBuilder();
    for (Square at = ones; isDigit(full.get(at)); at = at.moved(0, -1)) {
      digits.insert(0, full.get(at));
    }
    return digits.toString();
  }

  /** Whether a text is one of the ten digits. */
  public static boolean isDigit(@Nullable String text) {
    return text != null && text.length() == 1 && Character.isDigit(text.charAt(0));
  }
}
