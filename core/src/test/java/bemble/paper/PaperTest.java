package bemble.paper;

import static org.junit.jupiter.api.Assertions.assertEquals;

import bemble.method.Methods;
import bemble.method.Sum;
import bemble.plan.Working;
import bemble.problem.Limits;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.style.Style;
import java.util.List;
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
