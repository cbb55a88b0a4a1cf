package bemble.method.drawing;

import bemble.paper.Area;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Shape.Thing;
import bemble.paper.Square;
import bemble.procedure.Script;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * A sheet with a zone for each place, highest place first, in which things are drawn five to a row:
 * dots for ones, sticks for tens, flats for hundreds, stacks for thousands.
 */
public final class CounterBoard {
  /** Things in a row of a zone. */
  public static final int WIDTH = 5;

  private static final Thing[] THINGS = {Thing.DOT, Thing.STICK, Thing.FLAT, Thing.STACK};
  private static final int GAP = 1;

  private final Script script;
  private final int highest;
  private final int top;
  private final Map<Integer, List<Integer>> marks = new HashMap<>();

  /**
   * A board with zones from {@code highest} down to the ones, whose things begin in row {@code
   * top}.
   */
  public CounterBoard(Script script, int highest, int top) {
    this.script = script;
    this.highest = highest;
    this.top = top;
    for (int place = 0; place <= highest; place++) {
      marks.put(place, new ArrayList<>());
    }
  }

  /** The counter for one of a place, 0 to 3. */
  public static Thing thing(int place) {
    return THINGS[place];
  }

  /** The leftmost column of a zone. */
  public int left(int place) {
    return (highest - place) * (WIDTH + GAP);
  }

  /** The last column of the board. */
  public int lastColumn() {
    return left(0) + WIDTH - 1;
  }

  /** The square of the n-th thing of a zone, counted from 0. */
  public Square square(int place, int n) {
    return new Square(top + n / WIDTH, left(place) + n % WIDTH);
  }

  private List<Integer> drawn(int place) {
    return Objects.requireNonNull(marks.get(place));
  }

  /** How many things a zone has had, including those traded away. */
  public int count(int place) {
    return drawn(place).size();
  }

  /** Shapes for so many more things in a zone; call {@link #drawn} when they are on paper. */
  public List<Shape> more(int place, int howMany, Thing thing) {
    List<Shape> shapes = new ArrayList<>();
    for (int n = count(place); n < count(place) + howMany; n++) {
      shapes.add(new Shape.Counter(square(place, n), thing));
    }
    return shapes;
  }

  /** Notes the marks of things that were drawn in a zone. */
  public void drawn(int place, List<Integer> ids) {
    drawn(place).addAll(ids);
  }

  /**
   * Crosses out so many of a zone's things that are not crossed out yet, counted from {@code from}.
   */
  public void crossOut(int place, int from, int howMany) {
    drawn(place).subList(from, from + howMany).forEach(script::strike);
  }

  /** Draws a ring around ten things of a zone, from the n-th on; n is a multiple of five. */
  public void ringTen(int place, int n) {
    script.draw(Role.DRAWING, new Shape.Ring(square(place, n), square(place, n + 9)));
  }

  /** Draws an arrow from a thing of one zone to a thing of another. */
  public void arrow(int fromPlace, int from, int toPlace, int to) {
    script.draw(Role.DRAWING, new Shape.Arrow(square(fromPlace, from), square(toPlace, to)));
  }

  /** The rows that all zones take up so far, at least one. */
  public int rows() {
    int most = marks.values().stream().mapToInt(List::size).max().orElse(0);
    return Math.max(1, (most + WIDTH - 1) / WIDTH);
  }

  /** The squares of a zone, down to the last row used. */
  public Area zone(int place) {
    return new Area(
        new Square(top, left(place)), new Square(top + rows() - 1, left(place) + WIDTH - 1));
  }
}
