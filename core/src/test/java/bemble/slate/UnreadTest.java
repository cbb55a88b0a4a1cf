package bemble.slate;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.judge.Judge;
import bemble.judge.report.Finding;
import bemble.judge.report.Judged;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.judge.report.Verdict;
import bemble.judge.report.Written;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.number.Numeral;
import bemble.paper.Square;
import bemble.practice.SlipKey;
import bemble.problem.Addition;
import bemble.problem.Division;
import bemble.problem.Multiplication;
import bemble.problem.Problem;
import bemble.problem.Subtraction;
import bemble.slip.Slip;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Pages with squares that could not be read. */
class UnreadTest {
  private static final int PAGES = 240;

  /** A page of full figures and which of its squares are unread. */
  private record Page(Slate slate, List<Stroke> strokes, Set<Square> unread) {
    static Page of(Random random, double share) {
      Sum sum = sum(random);
      List<Slip> slips = SlipKey.slips(sum.method());
      Slate slate = new Slate(sum, SettingOut.GIVEN);
      List<Stroke> strokes =
          slate
              .strokes(Judge.simulate(sum, List.of(slips.get(random.nextInt(slips.size())))))
              .stream()
              .filter(stroke -> stroke.kind() == Stroke.Kind.FIGURE)
              .toList();
      Set<Square> unread = new HashSet<>();
      strokes.stream()
          .filter(any -> random.nextDouble() < share)
          .forEach(each -> unread.add(each.at()));
      return new Page(slate, strokes, unread);
    }

    Report judged() {
      List<Stroke> read = new ArrayList<>();
      for (Stroke stroke : strokes) {
        read.add(
            unread.contains(stroke.at())
                ? new Stroke(Stroke.Kind.UNREAD, stroke.at(), "")
                : stroke);
      }
      PageOfStrokes page = PageOfStrokes.of(read);
      assertEquals(unread, page.unread());
      return slate.judge(page.written(), page.unread(), Stage.HANDED_IN);
    }

    Report whole() {
      return slate.judge(PageOfStrokes.after(strokes), Stage.HANDED_IN);
    }
  }

  private static Sum sum(Random random) {
    Numeral one = Numeral.of(200 + random.nextInt(9000));
    Numeral other = Numeral.of(11 + random.nextInt(89));
    Numeral figure = Numeral.of(2 + random.nextInt(8));
    Problem problem =
        switch (random.nextInt(4)) {
          case 0 -> new Addition(List.of(one, other));
          case 1 -> new Subtraction(one, other);
          case 2 -> new Multiplication(one, other);
          default -> new Division(one, figure);
        };
    return usual(problem);
  }

  private static Sum usual(Problem problem) {
    return new Sum(problem, Methods.usual(problem.operation()), Style.STANDARD);
  }

  /** The squares whose figures differ from the judgement of the whole page. */
  private static Set<Square> wrong(Report whole) {
    Stream<Square> figures =
        whole.figures().stream()
            .filter(each -> each.verdict() != Verdict.RIGHT)
            .map(Judged::written)
            .map(Written::at);
    Stream<Square> found = whole.findings().stream().flatMap(each -> each.squares().stream());
    return Stream.concat(figures, found).collect(Collectors.toSet());
  }

  /**
   * A finding on a page that is read in part is also one on the whole page, at a square that is
   * read.
   */
  @Test
  void nothingIsToldThatTheWholePageDoesNotShow() {
    Random random = new Random(11);
    int told = 0;
    for (int i = 0; i < PAGES; i++) {
      Page page = Page.of(random, 0.15);
      Set<Square> wrong = wrong(page.whole());
      Report report = page.judged();
      for (Finding finding : report.findings()) {
        told++;
        finding.squares().forEach(at -> assertFalse(page.unread().contains(at)));
        assertTrue(wrong.contains(finding.squares().get(0)), () -> page + " " + finding);
      }
      boolean isWhole = page.unread().isEmpty();
      assertTrue(isWhole || !report.allRight(), "nobody knows whether all is right");
    }
    assertTrue(told > PAGES / 4, "hardly anything is told: " + told);
  }

  /** 467 + 258 as .17 in the tens: the ones may hold a slip before it. */
  @Test
  void aFigureBeforeWhichSomethingIsUnreadIsNotTheFirst() {
    Slate slate =
        new Slate(usual(new Addition(List.of(Numeral.of(467), Numeral.of(258)))), SettingOut.GIVEN);
    List<Stroke> strokes =
        List.of(
            new Stroke(Stroke.Kind.UNREAD, new Square(4, 3), ""),
            new Stroke(Stroke.Kind.FIGURE, new Square(4, 2), "1"),
            new Stroke(Stroke.Kind.FIGURE, new Square(4, 1), "7"));
    PageOfStrokes page = PageOfStrokes.of(strokes);
    Report report = slate.judge(page.written(), page.unread(), Stage.HANDED_IN);
    assertEquals(0, report.count(Verdict.FIRST_SLIP));
    assertEquals(List.of(new Square(4, 3)), report.missing());
  }

  @Test
  void aFigureAndARubbedOutSquareAreReadAgain() {
    Square at = new Square(4, 2);
    Stroke unread = new Stroke(Stroke.Kind.UNREAD, at, "");
    Stroke figure = new Stroke(Stroke.Kind.FIGURE, at, "7");
    Stroke rubbed = new Stroke(Stroke.Kind.RUB, at, "");
    assertEquals(Set.of(at), PageOfStrokes.of(List.of(figure, unread)).unread());
    assertEquals(Set.of(), PageOfStrokes.of(List.of(unread, figure)).unread());
    assertEquals(Set.of(), PageOfStrokes.of(List.of(unread, rubbed)).unread());
  }
}
