package bemble.term;

import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import bemble.practice.Pace;
import bemble.progress.LessonMaker;
import bemble.progress.Rules;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The ladder in numbers: the needs of each rung, and how hard it is within its operation. */
final class Rungs {
  static final List<Rung> ALL = Ladder.STANDARD.all();
  static final int COUNT = ALL.size();
  static final LessonMaker LESSONS = new LessonMaker(Rules.STANDARD, Style.STANDARD, Pace.ESTIMATE);

  private static final Map<String, Integer> PLACES = new HashMap<>();
  private static final int[] IN_OPERATION = new int[COUNT];
  private static final int[][] NEEDS = new int[COUNT][];
  private static final double[] HARD = new double[COUNT];

  static {
    for (int i = 0; i < COUNT; i++) {
      PLACES.put(ALL.get(i).id(), i);
    }
    for (int i = 0; i < COUNT; i++) {
      Rung rung = ALL.get(i);
      NEEDS[i] = rung.needs().stream().mapToInt(PLACES::get).toArray();
      List<Rung> like = Ladder.STANDARD.of(rung.operation());
      IN_OPERATION[i] = like.indexOf(rung);
      HARD[i] = IN_OPERATION[i] / (like.size() - 1.0) - 0.5;
    }
  }

  private Rungs() {}

  static int place(String id) {
    return PLACES.get(id);
  }

  static int[] needs(int rung) {
    return NEEDS[rung];
  }

  /** The place of a rung within its operation, from 0. */
  static int inOperation(int rung) {
    return IN_OPERATION[rung];
  }

  /** The hardness, from −0.5 for the easiest rung of an operation to 0.5 for the hardest. */
  static double hardness(int rung) {
    return HARD[rung];
  }

  /**
   * An order through all operations side by side, each rung behind its needs: always the first rung
   * of the operation of which the smallest share is done.
   */
  static List<Integer> inOrder() {
    List<Integer> order = new ArrayList<>();
    boolean[] done = new boolean[COUNT];
    while (order.size() < COUNT) {
      int best = -1;
      for (int i = 0; i < COUNT; i++) {
        boolean ready = !done[i];
        for (int need : NEEDS[i]) {
          ready &= done[need];
        }
        if (ready && (best < 0 || HARD[i] < HARD[best])) {
          best = i;
        }
      }
      done[best] = true;
      order.add(best);
    }
    return order;
  }
}
