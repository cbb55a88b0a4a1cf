package bemble.slate;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.judge.Judge;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.judge.report.Written;
import bemble.method.Method;
import bemble.method.PageForm;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.paper.Area;
import bemble.paper.Mark;
import bemble.paper.Role;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.problem.Limits;
import bemble.problem.Problem;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class SlateTest {
  private static final Map<String, List<String>> LINES =
      Map.of(
          "addition", List.of("46 + 38", "578 + 264 + 91", "12.50 + 7.85"),
          "subtraction", List.of("702 − 385", "6,003 − 487", "10.05 − 0.78"),
          "multiplication", List.of("57 × 38", "306 × 204", "48 × 7"),
          "division", List.of("936 ÷ 4", "4,236 ÷ 7", "605 ÷ 12"),
          "root", List.of("√2,916", "√94,249", "√7 to 2 places"));

  static List<Sum> sums() {
    List<Sum> sums = new ArrayList<>();
    for (Method<?> method : Methods.all()) {
      for (String line : LINES.get(method.operation().id())) {
        Problem problem =
            ((Reading.Understood) new ProblemReader(Limits.STANDARD).read(line)).problem();
        if (Judge.judges(method) && Methods.misfit(method, problem).isEmpty()) {
          sums.add(new Sum(problem, method, Style.STANDARD));
        }
      }
    }
    return sums;
  }

  private static boolean isWithin(Square square, Area area) {
    return square.row() >= area.from().row()
        && square.row() <= area.to().row()
        && square.column() >= area.from().column()
        && square.column() <= area.to().column();
  }

  /** The strokes of the path, square by square, make a right page. */
  @ParameterizedTest
  @MethodSource("sums")
  void theStrokesOfATruePageComeToOne(Sum sum) {
    Slate slate = new Slate(sum, SettingOut.GIVEN);
    List<Stroke> strokes = slate.strokes(slate.truth());
    Report report = slate.judge(PageOfStrokes.after(strokes), Stage.HANDED_IN);
    assertTrue(report.allRight(), () -> sum.problem() + " " + report.findings());
    assertTrue(strokes.stream().noneMatch(Stroke::isCrowded));
  }

  @ParameterizedTest
  @MethodSource("sums")
  void thePathLeadsThroughTheSquaresOfATruePageInItsOrder(Sum sum) {
    Slate slate = new Slate(sum, SettingOut.GIVEN);
    List<Slate.Waypoint> path = slate.path();
    int step = 0;
    int written = 0;
    for (Stroke stroke : slate.strokes(slate.truth())) {
      if (stroke.kind() == Stroke.Kind.POINT) {
        continue;
      }
      boolean isNext = step + 1 < path.size() && path.get(step + 1).at().equals(stroke.at());
      if (written > 0 && (isNext || written == path.get(step).figures())) {
        step++;
        written = 0;
      }
      assertEquals(path.get(step).at().moved(0, -written), stroke.at());
      assertEquals(path.get(step).kind(), stroke.kind());
      written += stroke.kind() == Stroke.Kind.FIGURE ? 1 : path.get(step).figures();
    }
    assertEquals(path.size() - 1, step);
  }

  /**
   * Products and remainders are said from the left, and so is a total without further columns. If
   * another sum of this length has more figures, there is room for them.
   */
  @ParameterizedTest
  @CsvSource({
    "85 + 67, column, 1 2",
    "86 × 7, column, 1 2",
    "936 ÷ 12, long, 1 2 2 2 1 3 2",
    "57 × 38, area, 4 3 4 3 2 3 1 1 2 1",
    "364 + 228, left-to-right, 4 3 2 4",
    "487 + 215, left-to-right, 4 3 2 4",
    "403 − 187, count-up, 3 3 3 3 3 3 3 3 3 3 3 3 3 2 1",
    "403 − 17, count-back, 3 3 3 3 3 3",
    "14 − 12, count-up, 1 1"
  })
  void figuresOfOneNumberAreOneStepOfThePath(String line, String method, String figures) {
    Problem problem =
        ((Reading.Understood) new ProblemReader(Limits.STANDARD).read(line)).problem();
    Method<?> found = Methods.find(problem.operation(), method).orElseThrow();
    String numbers =
        new Slate(new Sum(problem, found, Style.STANDARD), SettingOut.GIVEN)
            .path().stream()
                .filter(step -> step.kind() != Stroke.Kind.AID)
                .map(step -> String.valueOf(step.figures()))
                .collect(Collectors.joining(" "));
    assertEquals(figures, numbers);
  }

  /** Its writer copies the figures of the sum, then sets its sign, and then works. */
  @ParameterizedTest
  @MethodSource("sums")
  void thePathTellsWhatIsCopied(Sum sum) {
    List<Slate.Part> own =
        new Slate(sum, SettingOut.OWN).path().stream().map(Slate.Waypoint::part).toList();
    List<Slate.Part> given =
        new Slate(sum, SettingOut.GIVEN).path().stream().map(Slate.Waypoint::part).toList();
    assertFalse(given.contains(Slate.Part.SIGN));
    assertTrue(own.stream().filter(part -> part == Slate.Part.SIGN).count() <= 1);
    int sign = own.indexOf(Slate.Part.SIGN);
    assertTrue(sign < 0 || own.subList(0, sign).stream().allMatch(Slate.Part.COPIED::equals));
    long figures =
        sum.problem().numbers().stream()
            .mapToInt(number -> number.highestPlace() - number.lowestPlace() + 1)
            .sum();
    long copied = own.stream().filter(Slate.Part.COPIED::equals).count();
    assertTrue(copied == 0 || sign < 0 || copied >= figures, sum.problem()::toString);
  }

  /** Neither a remainder nor the number of rounds or figures shows in the size of the sheet. */
  @ParameterizedTest
  @CsvSource({
    "9736 ÷ 8, 9753 ÷ 8, long",
    "9736 ÷ 8, 8008 ÷ 8, short",
    "9736 ÷ 8, 8008 ÷ 8, partial-quotients",
    "224 × 26, 999 × 99, column",
    "1000 − 999, 9000 − 111, exchange",
    "111 + 111, 999 + 999, column",
    "√1024, √9999, digit-pairs",
    "403 − 187, 900 − 111, count-up",
    "403 − 12, 999 − 99, count-back"
  })
  void aSheetTellsNothingOfTheAnswer(String one, String other, String method) {
    assertEquals(sheet(one, method), sheet(other, method));
  }

  /** Nor does the next expected square show it. */
  @ParameterizedTest
  @CsvSource({
    "12 + 34, 78 + 99, column",
    "12 × 3, 98 × 9, column",
    "11 × 11, 99 × 99, lattice",
    "9736 ÷ 8, 1736 ÷ 8, long",
    "364 + 228, 987 + 918, left-to-right",
    "√1024, √9801, digit-pairs"
  })
  void aPathTellsNothingOfTheAnswer(String one, String other, String method) {
    Map<Square, Integer> figures = figures(one, method);
    Map<Square, Integer> others = figures(other, method);
    others.keySet().retainAll(figures.keySet());
    figures.keySet().retainAll(others.keySet());
    assertFalse(figures.isEmpty());
    assertEquals(figures, others);
  }

  private static Map<Square, Integer> figures(String line, String method) {
    Map<Square, Integer> figures = new HashMap<>();
    slate(line, method).path().stream()
        .filter(number -> number.kind() == Stroke.Kind.FIGURE)
        .forEach(number -> figures.merge(number.at(), number.figures(), Math::max));
    return figures;
  }

  private static Area sheet(String line, String method) {
    return slate(line, method).sheet().extent();
  }

  private static Slate slate(String line, String method) {
    Problem problem =
        ((Reading.Understood) new ProblemReader(Limits.STANDARD).read(line)).problem();
    Method<?> by = Methods.find(problem.operation(), method).orElseThrow();
    return new Slate(new Sum(problem, by, Style.STANDARD), SettingOut.GIVEN);
  }

  @ParameterizedTest
  @MethodSource("sums")
  void theWholePathLiesOnTheSheet(Sum sum) {
    for (SettingOut settingOut : SettingOut.values()) {
      Slate slate = new Slate(sum, settingOut);
      Area sheet = slate.sheet().extent();
      for (Slate.Waypoint step : slate.path()) {
        assertTrue(isWithin(step.at(), sheet), () -> step + " on " + sheet);
      }
    }
  }

  @ParameterizedTest
  @MethodSource("sums")
  void nothingThatIsToBeWrittenIsPrinted(Sum sum) {
    Slate slate = new Slate(sum, SettingOut.GIVEN);
    Set<Role.Kind> printed =
        slate.sheet().marks().stream().map(mark -> mark.role().kind()).collect(Collectors.toSet());
    assertFalse(printed.contains(Role.Kind.ANSWER));
    assertFalse(printed.contains(Role.Kind.AID));
  }

  /** Who sets the sum out finds an empty sheet, or one with nothing but its frame. */
  @ParameterizedTest
  @MethodSource("sums")
  void noNumberIsPrintedForWhoeverSetsTheSumOut(Sum sum) {
    Slate slate = new Slate(sum, SettingOut.OWN);
    List<Mark> marks = slate.sheet().marks();
    assertTrue(marks.stream().noneMatch(mark -> mark.role() == Role.GIVEN));
    assertEquals(
        sum.method().form() == PageForm.FRAMED,
        marks.stream().anyMatch(mark -> mark.role() == Role.RULE),
        () -> sum.method().id());
  }

  @Test
  void aFigureTakesThePlaceOfTheOneBeforeAndASmallOneStandsBesideIt() {
    Square at = new Square(3, 4);
    List<Written> page =
        PageOfStrokes.after(
            List.of(
                new Stroke(Stroke.Kind.FIGURE, at, "6"),
                new Stroke(Stroke.Kind.AID, at, "1"),
                new Stroke(Stroke.Kind.FIGURE, at, "8")));
    assertEquals(
        List.of(new Written(at, Spot.UPPER_LEFT, "1"), new Written(at, Spot.FULL, "8")), page);
  }

  @Test
  void whatIsStruckOrRuledIsSeenAndNotJudged() {
    Square at = new Square(3, 4);
    List<Stroke> strokes =
        List.of(
            new Stroke(Stroke.Kind.FIGURE, at, "6"),
            new Stroke(Stroke.Kind.STRIKE, at, ""),
            new Stroke(Stroke.Kind.LINE, at, ""));
    assertEquals(List.of(new Written(at, Spot.FULL, "6")), PageOfStrokes.after(strokes));
  }

  /**
   * Held against a plain list of squares: the last thing written in each way in a square stands.
   */
  @Test
  void anyStrokesComeToWhatWasWrittenLastAndNotRubbedOut() {
    Random random = new Random(97);
    Stroke.Kind[] kinds = {
      Stroke.Kind.FIGURE, Stroke.Kind.AID, Stroke.Kind.NUMBER, Stroke.Kind.POINT, Stroke.Kind.RUB
    };
    for (int page = 0; page < 200; page++) {
      List<Stroke> strokes =
          IntStream.range(0, 1 + random.nextInt(40))
              .mapToObj(
                  any -> {
                    Stroke.Kind kind = kinds[random.nextInt(kinds.length)];
                    Square at = new Square(random.nextInt(3), random.nextInt(3));
                    boolean empty = kind == Stroke.Kind.RUB || random.nextInt(6) == 0;
                    return new Stroke(kind, at, empty ? "" : "" + random.nextInt(10));
                  })
              .toList();
      assertEquals(
          expected(strokes), PageOfStrokes.after(strokes).size(), () -> strokes.toString());
    }
  }

  private static long expected(List<Stroke> strokes) {
    return IntStream.range(0, strokes.size())
        .filter(i -> !strokes.get(i).text().isEmpty())
        .filter(
            i ->
                strokes.subList(i + 1, strokes.size()).stream()
                    .noneMatch(
                        later ->
                            later.at().equals(strokes.get(i).at())
                                && (later.kind() == Stroke.Kind.RUB
                                    || later.kind() == strokes.get(i).kind())))
        .count();
  }

  /** On other sheets the row of the answer would tell how many come before it. */
  @ParameterizedTest
  @CsvSource({
    "46 + 38, column, 4",
    "702 − 385, exchange, 5",
    "936 ÷ 4, long, 1",
    "57 × 38, column,"
  })
  void namesTheRowOfTheAnswerWhereALineShowsIt(String line, String method, Integer row) {
    assertEquals(Optional.ofNullable(row), slate(line, method).answerRow());
  }
}
