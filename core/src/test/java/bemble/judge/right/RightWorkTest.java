package bemble.judge.right;

import static org.junit.jupiter.api.Assertions.assertEquals;

import bemble.judge.Judge;
import bemble.judge.PlainPaper;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Square;
import bemble.problem.Division;
import bemble.problem.Multiplication;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Right work of other kinds is right at the end, and in five orders while it is written. */
class RightWorkTest {
  private static final int PAGES = 10;

  static List<RightKind> kinds() {
    return RightMeasure.KINDS;
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void isNeverCalledWrong(RightKind kind) {
    RightMeasure.Counted counted = RightMeasure.count(kind, PAGES, 91);
    assertEquals(0, counted.wrong() + counted.alarmed(), counted::example);
    assertEquals(0, counted.notNeeded(), kind::title);
  }

  /** A page that only looks like a round of nothing, or like rows of half, is not right. */
  @Test
  void whatOnlyLooksLikeItIsWrong() {
    Sum division =
        PlainPaper.sum(new Division(Numeral.of(876), Numeral.of(24)), "partial-quotients");
    Square ones = PlainPaper.lastOfFirst(division);
    int counts = PlainPaper.countColumn(division);
    for (int left : new int[] {12, 2}) {
      PlainPaper paper = new PlainPaper();
      int[][] rounds = {{30, 720, 156}, {6, 144, 12}, {0, 0, left}};
      int row = ones.row() + 1;
      for (int[] round : rounds) {
        paper.write(round[0], new Square(row, counts));
        paper.write(round[1], new Square(row, ones.column()));
        paper.write(round[2], new Square(row + 1, ones.column()));
        row += 2;
      }
      paper.write(36, new Square(row - 1, counts));
      assertEquals(left == 12, isRight(division, paper), "left " + left);
    }
    Sum product = PlainPaper.sum(new Multiplication(Numeral.of(34), Numeral.of(26)), "column");
    Square answer = PlainPaper.lastOfAnswer(product);
    for (int half : new int[] {442, 42}) {
      PlainPaper paper = new PlainPaper();
      paper.write(442, answer.moved(-2, 0));
      paper.write(half, answer.moved(-1, 0));
      paper.write(884, answer);
      assertEquals(half == 442, isRight(product, paper), "half " + half);
    }
  }

  private static boolean isRight(Sum sum, PlainPaper paper) {
    return new Judge(sum).judge(paper.figures(), Stage.HANDED_IN, SettingOut.GIVEN).allRight();
  }
}
