package bemble.slate;

import bemble.judge.Judge;
import bemble.judge.reading.Transcript;
import bemble.judge.report.KnownSquares;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.judge.report.Written;
import bemble.method.PageForm;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Area;
import bemble.paper.Mark;
import bemble.paper.Paper;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Square;
import bemble.procedure.Working;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The sheet on which a sum is to be worked, and its true page. */
public final class Slate {
  /** Free squares around the work for a writer who sets the sum out. */
  private static final int ROOM = 2;

  private final Sum sum;
  private final SettingOut settingOut;
  private final Working truth;
  private final Judge judge;

  /** Worked out when it is first asked for, which most slates that are only judged never are. */
  private @Nullable Paper sheet;

  /** The sheet of a sum that its writer set out. */
  public Slate(Sum sum, SettingOut settingOut) {
    this.sum = sum;
    this.settingOut = settingOut;
    this.truth = sum.work();
    this.judge = new Judge(sum);
  }

  /** The sum. */
  public Sum sum() {
    return sum;
  }

  /** The true page. */
  public Working truth() {
    return truth;
  }

  /** The sheet as it is handed to the writer. */
  public Paper sheet() {
    if (sheet == null) {
      sheet = blank();
    }
    return sheet;
  }

  private Paper blank() {
    Paper page = truth.paper();
    Area most = SheetRoom.of(sum, page.extent());
    Area room = new Area(most.from(), most.to().moved(ROOM, ROOM));
    List<Mark> printed =
        settingOut == SettingOut.OWN
            ? page.marks().stream().filter(this::isFrame).toList()
            : truth.setOut();
    return new Paper(room, page.onesColumn(), sum.ruled(room, printed));
  }

  /** The box or bracket to write into, which is ruled even where the writer sets the sum out. */
  private boolean isFrame(Mark mark) {
    boolean frames = mark.role() == Role.RULE || mark.role() == Role.SIGN;
    return isFramed() && frames && truth.opensWith(mark);
  }

  /** Whether its box or bracket is printed even where the writer sets the sum out. */
  public boolean isFramed() {
    return sum.method().form() == PageForm.FRAMED;
  }

  /**
   * The row of the answer, counted from 0, where the sheet shows it by a ruled line right above or
   * below: on other sheets it would tell how many rows there are to be before it.
   */
  public Optional<Integer> answerRow() {
    List<Integer> rows =
        truth.paper().marks().stream()
            .filter(mark -> mark.role().kind() == Role.Kind.ANSWER)
            .flatMap(
                mark ->
                    mark.shape() instanceof Shape.Figure figure
                        ? Stream.of(figure)
                        : Stream.empty())
            .map(figure -> figure.at().row())
            .distinct()
            .toList();
    boolean shown =
        rows.size() == 1 && sheet().marks().stream().anyMatch(mark -> rules(mark, rows.get(0)));
    return shown ? Optional.of(rows.get(0)) : Optional.empty();
  }

  private static boolean rules(Mark mark, int row) {
    return mark.shape() instanceof Shape.Line line
        && line.from().row() == line.to().row()
        && (line.from().row() == row || line.from().row() == row + 1);
  }

  /**
   * A number to be written, how, and with how many figures.
   *
   * @param at the square of its last figure; the others stand in it too, or to the left of it
   * @param figures how many it has, or more where another sum whose numbers are as long has more
   *     there: how many it has itself is for its writer to find
   * @param part its purpose
   */
  public record Waypoint(Square at, Stroke.Kind kind, int figures, Part part) {
    private Waypoint with(int figures) {
      return new Waypoint(at, kind, figures, part);
    }
  }

  /** The purposes of a waypoint. */
  public enum Part {
    /** A figure of the sum that its writer copies. */
    COPIED,
    /** The sign of the sum. */
    SIGN,
    /** A part that is worked out. */
    WORKED;

    static Part of(Role role) {
      return role == Role.SIGN ? SIGN : role.kind() == Role.Kind.GIVEN ? COPIED : WORKED;
    }
  }

  /** The numbers in the order in which a practised hand would write them. */
  public List<Waypoint> path() {
    Map<Waypoint, Integer> most = new HashMap<>();
    for (Working other : SheetRoom.alike(sum)) {
      numbers(other).forEach(number -> most.merge(number.with(0), number.figures(), Math::max));
    }
    return numbers(truth).stream()
        .map(
            number -> number.with(Math.max(number.figures(), most.getOrDefault(number.with(0), 0))))
        .toList();
  }

  private List<Waypoint> numbers(Working page) {
    List<Waypoint> path = new ArrayList<>();
    Set<Square> hops = new HashSet<>();
    Transcript.Put before = null;
    for (Transcript.Put put : Transcript.puts(page, settingOut == SettingOut.OWN)) {
      boolean frame = put.role() == Role.SIGN && isFramed();
      if (isInMargin(put) || put.kind() == Transcript.Kind.POINT || frame) {
        continue;
      }
      Waypoint last = path.isEmpty() ? null : path.get(path.size() - 1);
      if (before != null && last != null && goesOn(before, put, last)) {
        path.set(path.size() - 1, last.with(last.figures() + 1));
      } else {
        int figures = put.written().text().length();
        Stroke.Kind kind = Stroke.Kind.of(put.kind());
        path.add(new Waypoint(put.written().at(), kind, figures, Part.of(put.role())));
      }
      boolean isOfHop = put.role() == Role.HOP || put.role() == Role.PARTIAL;
      if (put.role() == Role.STOP || isOfHop && !hops.isEmpty()) {
        // Its writer may stop elsewhere, and any hop may be as long as a number of the sum.
        hops.add(put.written().at());
      }
      before = put;
    }
    path.replaceAll(each -> hops.contains(each.at()) ? each.with(longest()) : each);
    return path;
  }

  /** The most signs that a number of the sum can have. */
  private int longest() {
    List<Numeral> numbers = sum.problem().numbers();
    int scale = numbers.stream().mapToInt(Numeral::scale).max().orElse(0);
    int figures = numbers.stream().mapToInt(one -> one.padded(scale).length()).max().orElse(0);
    return scale > 0 ? figures + 1 : figures;
  }

  /** Whether a figure is the next one, to the left, of the number before. */
  private static boolean goesOn(Transcript.Put before, Transcript.Put put, Waypoint number) {
    return put.kind() == Transcript.Kind.FIGURE
        && before.kind() == Transcript.Kind.FIGURE
        && put.step() == before.step()
        && put.written().at().equals(number.at().moved(0, -number.figures()));
  }

  /** The squares in which this sum, or one with numbers as long, has marks of a kind. */
  public Set<Square> squares(Stroke.Kind kind) {
    return Stream.concat(Stream.of(truth), SheetRoom.alike(sum).stream())
        .flatMap(page -> strokes(page).stream())
        .filter(stroke -> stroke.kind() == kind)
        .map(Stroke::at)
        .collect(Collectors.toSet());
  }

  /** The strokes by which a worked page would be written on this sheet, in order. */
  public List<Stroke> strokes(Working page) {
    return Transcript.puts(page, settingOut == SettingOut.OWN).stream()
        .filter(put -> put.written().at().row() >= 0)
        .filter(put -> !isInMargin(put))
        .map(
            put -> new Stroke(Stroke.Kind.of(put.kind()), put.written().at(), put.written().text()))
        .toList();
  }

  /** The strip of multiples and the trial table are optional. */
  private static boolean isInMargin(Transcript.Put put) {
    return put.kind() == Transcript.Kind.AID && put.role().isInMargin();
  }

  /** The judge's report on a page that was written on this sheet. */
  public Report judge(List<Written> page, Stage stage) {
    return judge.judge(page, stage, settingOut);
  }

  /**
   * The report on a page with squares that could not be read: nothing is said about those, and
   * nothing is called missing.
   */
  public Report judge(List<Written> page, Set<Square> unread, Stage stage) {
    if (unread.isEmpty()) {
      return judge(page, stage);
    }
    return new KnownSquares(page, sheet().marks(), unread).told(judge(page, Stage.IN_WORK));
  }

  /** Whether all marks on its page are single figures: others are not read off paper. */
  public boolean isOfFigures() {
    return strokes(truth).stream()
        .allMatch(
            stroke -> stroke.kind() == Stroke.Kind.FIGURE || stroke.kind() == Stroke.Kind.AID);
  }
}
