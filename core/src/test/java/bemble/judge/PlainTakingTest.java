package bemble.judge;

import bemble.judge.PlainPaper.Slip;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.problem.Subtraction;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Whole subtractions with their small figures by a writer who knows no procedure: ten more beside
 * the figure or as a number above it, or nothing but the answer, on sheets of either written way.
 * With one slip, which is the first finding and the only one; without any, all is right.
 */
class PlainTakingTest {
  private static final int PAGES = 50;
  private static final int PLACES = 4;

  private enum Notes {
    BESIDE,
    ABOVE,
    NONE
  }

  /** A page as somebody wrote it, and the first square with a wrong figure. */
  private static final class Writer {
    private final PlainPaper paper = new PlainPaper();
    private final int[] top = new int[PLACES];
    private final Square lastOfTop;
    private final Square ones;
    private final Notes notes;
    private final Slip slip;

    Writer(int number, Square lastOfTop, Square ones, Notes notes, Slip slip) {
      for (int place = 0, left = number; place < PLACES; place++, left /= 10) {
        top[place] = left % 10;
      }
      this.lastOfTop = lastOfTop;
      this.ones = ones;
      this.notes = notes;
      this.slip = slip;
    }

    PlainPaper write(int taken) {
      int highest = 0;
      int[] answer = new int[PLACES];
      for (int place = 0, left = taken; place < PLACES; place++, left /= 10) {
        int below = left % 10;
        if (top[place] < below && slip.is("turned", place)) {
          answer[place] = below - top[place];
        } else {
          if (top[place] < below) {
            exchange(place);
          }
          answer[place] = top[place] - below;
          answer[place] += slip.is("fact", place) ? (answer[place] < 9 ? 1 : -1) : 0;
        }
        highest = answer[place] > 0 ? place : highest;
        if (place < PLACES - 1 || answer[place] > 0) {
          paper.write(answer[place], ones.moved(0, -place));
        }
      }
      return paper;
    }

    private void exchange(int place) {
      int from = place + 1;
      while (top[from] == 0) {
        from++;
      }
      if (!slip.is("not less", place)) {
        top[from]--;
        note(top[from], from);
      }
      for (int passed = from - 1; passed > place; passed--) {
        top[passed] = slip.is("ten", place) ? 10 : 9;
        note(top[passed], passed);
      }
      top[place] += 10;
      if (notes == Notes.BESIDE) {
        paper.writeSmall(1, lastOfTop.moved(0, -place), Spot.UPPER_LEFT);
      } else {
        note(top[place], place);
      }
    }

    private void note(int figure, int place) {
      if (notes != Notes.NONE) {
        paper.writeSmall(figure, lastOfTop.moved(-1, -place));
      }
    }
  }

  @ParameterizedTest
  @CsvSource({
    "turned, 0, smaller-from-larger",
    "turned, 1, smaller-from-larger",
    "not less, 0, neighbour-not-less",
    "not less, 1, neighbour-not-less",
    "ten, 0, zero-passed-becomes-ten",
    "fact, 0, SUBTRACT/fact-one-out",
    "fact, 1, SUBTRACT/fact-one-out",
    "none, 0, nothing"
  })
  void differences(String what, int place, String name) {
    Slip slip = new Slip(what, place);
    for (Notes notes : Notes.values()) {
      judged("exchange", notes, slip, name);
      // Who adds to both passes no zero.
      if (!what.equals("ten")) {
        judged(
            "add-to-both", notes, slip, name.replace("neighbour-not-less", "one-more-forgotten"));
      }
    }
  }

  /** Without zeros, but for one among the tens where the slip is one of passing a zero. */
  private static int top(Random random, Slip slip) {
    int top = 2 + random.nextInt(8);
    for (int place = PLACES - 2; place >= 0; place--) {
      boolean zero = place == 1 && slip.is("ten", 0);
      top = 10 * top + (zero ? 0 : 1 + random.nextInt(9));
    }
    return top;
  }

  private static void judged(String method, Notes notes, Slip slip, String name) {
    Random random = new Random(76);
    PlainCount count = new PlainCount();
    for (int page = 0; page < PAGES; page++) {
      int top = top(random, slip);
      int taken = 1000 + random.nextInt(top - 1000);
      Sum sum = PlainPaper.sum(new Subtraction(Numeral.of(top), Numeral.of(taken)), method);
      Square last = PlainPaper.lastOfFirst(sum);
      Square ones = PlainPaper.lastOfAnswer(sum);
      PlainPaper truth = new Writer(top, last, ones, notes, Slip.NONE).write(taken);
      PlainPaper paper = new Writer(top, last, ones, notes, slip).write(taken);
      // Two figures in one column are another slip.
      if (paper.isPlain()) {
        count.add(sum, paper, paper.firstOther(truth), name);
      }
    }
    // A tens figure one less may also be a ten paid without need.
    count.check(99, 91);
  }
}
