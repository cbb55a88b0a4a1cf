package bemble.judge.reading;

import bemble.judge.report.Written;
import bemble.paper.Mark;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.procedure.Slot;
import bemble.procedure.Step;
import bemble.procedure.Working;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The page that a given hand would write, square by square. */
public final class Prediction {
  /** A place in which a text is expected. */
  public record Expected(Square at, Spot spot, String text) {}

  /**
   * An entry with its squares.
   *
   * @param step the step whose remark tells the entry's origin: the one that writes it, or the one
   *     before that writes nothing
   */
  public record Seen(Entry entry, Step step, List<Expected> expected) {
    /** The marks that should be written. */
    public List<Written> due() {
      return expected.stream().map(one -> new Written(one.at(), one.spot(), one.text())).toList();
    }

    /** The column of the page in which it stands. */
    public int column() {
      return entry.slot().square().column();
    }

    /** Whether it is a small figure that helps its writer. */
    public boolean isAid() {
      return entry.slot().role().kind() == Role.Kind.AID && entry.slot().spot() != Spot.FULL;
    }

    /** Whether it is a decimal mark. */
    public boolean isPoint() {
      return entry.slot().role() == Role.POINT;
    }

    /** Whether it is a number of several figures in one square. */
    public boolean isOpen() {
      return entry.slot().role().isWhole();
    }

    /** Whether it is copied from the sum. */
    public boolean isSetOut() {
      return entry.isSetOut();
    }

    /** Whether a page is complete without it: an aid, or a mark that only some schools write. */
    public boolean isOptional() {
      Role role = entry.slot().role();
      boolean nothingLeft = role == Role.REMAINDER && entry.value().signum() == 0;
      boolean padding = role == Role.PADDING;
      return isAid() || nothingLeft || padding || role == Role.LEAD || role == Role.TRY;
    }
  }

  private final Working working;
  private final List<Seen> seen = new ArrayList<>();
  private final Map<Square, String> full = new HashMap<>();
  private final Map<Square, String> cells = new HashMap<>();
  private final Set<Square> points = new HashSet<>();
  private final Set<Square> pointsOnPaper = new LinkedHashSet<>();
  private final Optional<OtherAids> otherAids;
  private final Map<Integer, Set<String>> aidsByColumn = new HashMap<>();

  /** A page with no small figures but its own. */
  public Prediction(Working working) {
    this(working, Optional.empty());
  }

  /** A page on which other small figures say the same as its own, column by column. */
  public Prediction(Working working, OtherAids otherAids) {
    this(working, Optional.of(otherAids));
  }

  private Prediction(Working working, Optional<OtherAids> otherAids) {
    this.working = working;
    this.otherAids = otherAids;
    List<Mark> marks = working.paper().marks();
    for (Mark mark : marks) {
      Square after = pointOf(mark);
      if (after != null) {
        pointsOnPaper.add(after);
      }
    }
    Step before = null;
    for (Step step : working.steps()) {
      boolean said =
          before != null
              && before.entries().isEmpty()
              && step.notes().isWithoutFacts()
              && before.section().equals(step.section())
              && !before.notes().isWithoutFacts();
      Step saying = said ? Objects.requireNonNull(before) : step;
      for (Entry entry : step.entries()) {
        add(entry, saying, marks);
      }
      before = step;
    }
    seen.replaceAll(this::asItStays);
  }

  /** Where two numbers overlap, the later one hides the earlier. */
  private Seen asItStays(Seen each) {
    List<Expected> left =
        each.expected.stream()
            .filter(one -> one.spot() != Spot.FULL || one.text().equals(full.get(one.at())))
            .toList();
    return left.size() == each.expected.size() ? each : new Seen(each.entry, each.step, left);
  }

  private void add(Entry entry, Step step, List<Mark> marks) {
    List<Expected> expected = new ArrayList<>();
    for (int id : entry.marks()) {
      Shape shape = marks.get(id).shape();
      if (shape instanceof Shape.Figure figure) {
        expected.add(new Expected(figure.at(), Spot.FULL, figure.text()));
      } else if (shape instanceof Shape.Small small) {
        expected.add(new Expected(small.at(), small.spot(), ShortNumbers.text(small.text())));
      } else if (shape instanceof Shape.Hop hop) {
        expected.add(
            new Expected(entry.slot().square(), Spot.SMALL, ShortNumbers.text(hop.label())));
      } else if (shape instanceof Shape.Point point) {
        expected.add(new Expected(point.after(), Spot.LOWER_RIGHT, "."));
      }
    }
    Seen each = new Seen(entry, step, expected);
    seen.add(each);
    for (Expected one : expected) {
      if (each.isPoint()) {
        points.add(one.at());
      } else if (each.isAid()) {
        aidsByColumn.computeIfAbsent(one.at().column(), column -> new HashSet<>()).add(one.text());
      } else if (one.spot() == Spot.FULL) {
        full.put(one.at(), one.text());
      } else {
        cells.put(one.at(), one.text());
      }
    }
  }

  /** The working that the hand does. */
  public Working working() {
    return working;
  }

  /** Its entries that are seen on the page, in the order of writing. */
  public List<Seen> seen() {
    return seen;
  }

  /** The text expected in a square; null where nothing is. */
  public @Nullable String at(Square square, Spot spot) {
    return spot == Spot.FULL ? full.get(square) : cells.get(square);
  }

  /** Whether a point is expected after a square. */
  public boolean hasPoint(Square after) {
    return points.contains(after);
  }

  /** The squares after which a decimal mark is drawn or written. */
  public Set<Square> pointsOnPaper() {
    return pointsOnPaper;
  }

  /** The square after which a point is drawn; null for any other mark. */
  public static @Nullable Square pointOf(Mark mark) {
    boolean isPoint = mark.role() == Role.POINT;
    return isPoint && mark.shape() instanceof Shape.Point point ? point.after() : null;
  }

  /** Whether an entry is a zero in front of a number, which nobody has to write. */
  public boolean isZeroInFront(Seen each) {
    if (each.entry.value().signum() != 0 || each.expected.size() != 1) {
      return false;
    }
    boolean areTens = each.entry.rule().kind() == Rule.Kind.TENS_OF_PAIRS;
    return switch (each.entry.slot().role()) {
      case HALF -> areTens;
      case EDGE -> isFirstAtEdge(each.entry.slot());
      case PARTIAL -> areTens && isFirstInRow(each);
      default -> each.entry.slot().role().kind() == Role.Kind.ANSWER && isFirstInRow(each);
    };
  }

  /** Whether round the edge of a box nothing but zeros stands for higher places. */
  private boolean isFirstAtEdge(Slot edge) {
    return seen.stream()
        .map(Seen::entry)
        .filter(entry -> entry.slot().role() == Role.EDGE && entry.slot().place() > edge.place())
        .allMatch(entry -> entry.value().signum() == 0);
  }

  private boolean isFirstInRow(Seen each) {
    Square at = each.expected.get(0).at();
    boolean first = this.at(at.moved(0, -1), Spot.FULL) == null;
    boolean more = this.at(at.moved(0, 1), Spot.FULL) != null;
    return first && more && !pointsOnPaper.contains(at);
  }

  /** Whether a square is meant for a number of several figures. */
  public boolean isCell(Square square) {
    return cells.containsKey(square);
  }

  /** Whether a step of the page itself writes a small figure in a column. */
  public boolean hasAid(int column, String text) {
    return aidsByColumn.getOrDefault(column, Set.of()).contains(text);
  }

  /** Whether a small figure is one that may help in a column. */
  public boolean helps(int column, String text) {
    return hasAid(column, text) || otherAids.stream().anyMatch(each -> each.accepts(column, text));
  }
}
