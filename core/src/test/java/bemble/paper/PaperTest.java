package bemble.paper;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.problem.Limits;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.procedure.Working;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PaperTest {
  private static Working work(String line, String method) {
    Problem sum = ((Reading.Understood) new ProblemReader(Limits.STANDARD).read(line)).problem();
    Operation operation = sum.operation();
    return new Sum(sum, Methods.find(operation, method).orElseThrow(), Style.STANDARD).work();
  }

  private static List<String> small(Working working, int step) {
    return working.paper().marksAt(step).stream()
        .filter(mark -> mark.shape() instanceof Shape.Small)
        .map(mark -> ((Shape.Small) mark.shape()).text())
        .toList();
  }

  /** In 46 × 37 the carry of the first row is struck, and the second row's takes its place. */
  @Test
  void aSmallFigureGivesWayToALaterOneInItsSpot() {
    Working working = work("46 × 37", "column");
    int last = working.steps().size() - 1;
    List<Integer> carries =
        working.paper().marks().stream()
            .filter(mark -> mark.role() == Role.CARRY && mark.shape() instanceof Shape.Small)
            .map(Mark::step)
            .toList();
    assertEquals(List.of("4"), small(working, carries.get(0)));
    assertEquals(List.of("1"), small(working, carries.get(1)));
    assertEquals("1", small(working, last).get(0));
  }

  /** Small figures and strokes on few squares, so that many meet; some lie beyond the extent. */
  @Test
  void ofSmallFiguresInOneSpotEachIsSeenUntilTheNextIsWritten() {
    Random random = new Random(17);
    int met = 0;
    for (int round = 0; round < 300; round++) {
      List<Mark> marks = new ArrayList<>();
      int many = random.nextInt(20);
      for (int step = 0; step < many; step++) {
        Square at = new Square(random.nextInt(3) - 1, random.nextInt(4));
        Spot spot = random.nextBoolean() ? Spot.SMALL : Spot.UPPER_LEFT;
        Shape small = new Shape.Small(at, spot, "1");
        boolean strikes =
            random.nextBoolean() && marks.stream().anyMatch(mark -> mark.shape().equals(small));
        Shape shape = strikes ? new Shape.Strike(at, spot) : small;
        marks.add(new Mark(step, Role.CARRY, 1, step, shape));
      }
      Paper paper = Paper.written(new Area(new Square(0, 0), new Square(1, 1)), null, marks);
      for (Mark mark : marks) {
        Integer gone = nextSmallInSpot(marks, mark);
        met += gone == null ? 0 : 1;
        assertEquals(gone, paper.marks().get(mark.id()).gone(), () -> marks + " at " + mark);
      }
    }
    assertTrue(met > 100, "marks that met: " + met);
  }

  private static Integer nextSmallInSpot(List<Mark> marks, Mark mark) {
    return marks.stream()
        .skip(mark.id() + 1L)
        .filter(later -> later.shape() instanceof Shape.Small)
        .filter(later -> spot(later).equals(spot(mark)))
        .map(Mark::step)
        .findFirst()
        .orElse(null);
  }

  private static String spot(Mark mark) {
    return mark.shape() instanceof Shape.Small small
        ? small.at() + " " + small.spot()
        : ((Shape.Strike) mark.shape()).at() + " " + ((Shape.Strike) mark.shape()).spot();
  }

  @Test
  void linksAreGoneWhenTheirStepIsOver() {
    Working working = work("34 × 26", "crosswise");
    for (int step = 0; step < working.steps().size(); step++) {
      int now = step;
      long links =
          working.paper().marksAt(step).stream()
              .filter(mark -> mark.shape() instanceof Shape.Link)
              .peek(mark -> assertEquals(now, mark.step()))
              .count();
      assertEquals(working.steps().get(step).facts().size() > 0, links > 0, "step " + step);
    }
  }

  @Test
  void movedPaperKeepsItsMarksInTheirPlacesTowardsEachOther() {
    Paper paper = work("6203 − 1487", "exchange").paper();
    assertEquals(paper, paper.moved(3, -2).moved(-3, 2));
    assertEquals(
        paper.extent(), paper.extent().joined(new Area(new Square(1, 1), new Square(2, 2))));
  }
}
