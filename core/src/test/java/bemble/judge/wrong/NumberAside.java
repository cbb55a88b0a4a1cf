package bemble.judge.wrong;

import bemble.judge.PlainPaper;
import bemble.judge.report.SettingOut;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Square;
import bemble.problem.Addition;
import bemble.problem.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * One number is copied a column off, and all is worked rightly as it stands.
 *
 * <pre>
 *   1 2
 *   1 3 4
 * +   2 1
 *   2 7 5
 * </pre>
 */
final class NumberAside implements WrongKind {
  private final int numbers;
  private final boolean left;

  NumberAside(int numbers, boolean left) {
    this.numbers = numbers;
    this.left = left;
  }

  @Override
  public String title() {
    return "NumberAside, " + numbers + (left ? " left" : " right");
  }

  @Override
  public Optional<WrongPage> write(Random random) {
    List<Integer> addends = new ArrayList<>();
    for (int i = 0; i < numbers; i++) {
      addends.add(i == 1 ? 100 + random.nextInt(900) : 10 + random.nextInt(90));
    }
    Problem problem = new Addition(addends.stream().map(Numeral::of).toList());
    Sum sum = PlainPaper.sum(problem, "column");
    Square top = PlainPaper.lastOfFirst(sum);
    int aside = numbers == 2 ? 0 : random.nextInt(2) * (numbers - 1);
    PlainPaper paper = new PlainPaper();
    long total = 0;
    List<Square> moved = new ArrayList<>();
    for (int i = 0; i < numbers; i++) {
      Square ones = top.moved(i, 0);
      boolean off = i == aside;
      Square at = off ? ones.moved(0, left ? -1 : 1) : ones;
      paper.write(addends.get(i), at);
      total += addends.get(i) * (off && left ? 10L : off ? 1 : left ? 1 : 10);
      if (off) {
        for (int figure = 0; figure < String.valueOf(addends.get(i)).length(); figure++) {
          moved.add(at.moved(0, -figure));
        }
      }
    }
    paper.sign("+", top.moved(numbers - 1, -String.valueOf(total).length()));
    paper.write(total, top.moved(numbers, left ? 0 : 1));
    return Optional.of(new WrongPage(sum, SettingOut.OWN, paper, moved));
  }
}
