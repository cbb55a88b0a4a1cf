package bemble.term;

import bemble.ladder.Ladder;
import bemble.progress.ClassProgress;
import bemble.progress.Evidence;
import bemble.progress.Progress;
import bemble.progress.Rules;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/** A class: its pupils, and a teacher's record of them. */
final class Room {
  static final LocalDate FIRST = LocalDate.of(2026, 9, 7);

  /** How often the diagnosis names a slip that was made, and a careless answer a slip. */
  private static final double NAMED = 0.9;

  private static final double MISNAMED = 0.01;
  private static final String SLIP = "slip";

  private final List<Child> children = new ArrayList<>();
  private final List<Map<Integer, Work>> seen = new ArrayList<>();
  private final int[] lessons = new int[Rungs.COUNT];
  private final int[] lastWorked = new int[Rungs.COUNT];
  private final Random random;

  /** The work of a pupil on a rung, and the standing that it gives. */
  private static final class Work {
    private final List<Evidence> sums = new ArrayList<>();
    private Progress told = Progress.NONE;
    private LocalDate asOf = LocalDate.MIN;

    /**
     * The standing on a day. Without new sums only the day changes it: its due date, and recent
     * work.
     */
    Progress told(LocalDate today, Rules rules) {
      boolean due = told.lookAgain().filter(day -> !today.isBefore(day)).isPresent();
      if (asOf == LocalDate.MIN || due || told.slip().isPresent()) {
        told = Progress.of(sums, today, rules);
        asOf = today;
      }
      return told;
    }
  }

  Room(Kind kind, int size, Mind mind, long seed) {
    random = new Random(seed);
    for (int i = 0; i < size; i++) {
      double ability = kind.ability() + kind.spread() * random.nextGaussian();
      double rate = kind.rate() * Math.exp(0.2 * random.nextGaussian());
      double careless = 0.02 + 0.06 * random.nextDouble();
      Child child = new Child(mind, ability, rate, careless, new Random(random.nextLong()));
      had(child, kind.known());
      children.add(child);
      seen.add(new HashMap<>());
    }
  }

  /** Sets the rungs that a pupil knew before the term. */
  private static void had(Child child, int known) {
    for (int rung = 0; rung < Rungs.COUNT; rung++) {
      if (Rungs.inOperation(rung) < known) {
        child.meets(rung, -70);
        child.practise(rung, 15, true, -70);
        child.practise(rung, 8, true, -66);
        child.practise(rung, 4, false, -50);
      }
    }
  }

  List<Child> children() {
    return children;
  }

  /** How many lessons there were about a rung. */
  int lessons(int rung) {
    return lessons[rung];
  }

  void noteLesson(int rung) {
    lessons[rung]++;
  }

  /** The last day with work on a rung. */
  int lastWorked(int rung) {
    return lastWorked[rung];
  }

  /** Has a pupil work some sums, which the teacher sees. */
  void work(int pupil, int rung, int sums, int day) {
    LocalDate date = FIRST.plusDays(day);
    Work work = seen.get(pupil).computeIfAbsent(rung, any -> new Work());
    for (int i = 0; i < sums; i++) {
      work.sums.add(
          switch (children.get(pupil).answer(rung, day)) {
            case RIGHT -> Evidence.right(date);
            case WRONG -> Evidence.wrong(date, random.nextDouble() < MISNAMED ? SLIP : "");
            case SLIP -> Evidence.wrong(date, random.nextDouble() < NAMED ? SLIP : "");
          });
    }
    work.asOf = LocalDate.MIN;
    lastWorked[rung] = day;
  }

  /** The standings of the class on a day, by the rules. */
  ClassProgress progress(int day, Rules rules) {
    LocalDate today = FIRST.plusDays(day);
    Map<Long, Map<String, Progress>> all = new LinkedHashMap<>();
    for (int pupil = 0; pupil < children.size(); pupil++) {
      Map<String, Progress> told = new HashMap<>();
      seen.get(pupil)
          .forEach((rung, work) -> told.put(Rungs.ALL.get(rung).id(), work.told(today, rules)));
      all.put((long) pupil, told);
    }
    return new ClassProgress(Ladder.STANDARD, all);
  }
}
