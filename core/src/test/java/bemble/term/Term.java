package bemble.term;

import bemble.practice.Lesson;
import bemble.practice.LessonPart;
import bemble.practice.SetLine;
import java.util.Arrays;
import java.util.Random;
import java.util.stream.IntStream;

/** Twelve weeks of five lessons with a class. */
final class Term {
  static final int WEEKS = 12;
  static final int MINUTES = 45;
  private static final int AFTER = 28;
  private static final double ABSENT = 0.04;

  /** The day of the last look at the class: four weeks after the term. */
  static final int LATER = 7 * WEEKS - 3 + AFTER;

  private final Room room;
  private final Strategy strategy;
  private final Random random;

  Term(Kind kind, int size, Mind mind, Strategy strategy, long seed) {
    room = new Room(kind, size, mind, seed);
    this.strategy = strategy;
    random = new Random(seed + 1);
  }

  /**
   * How much pupils still know four weeks after the term.
   *
   * @param mean rungs on average
   * @param lowest on average of the lowest quarter
   */
  record Result(double mean, double lowest) {}

  /** Looks at a class before and after each lesson. */
  interface Look {
    void before(Room room, int day);

    void after(Room room, int day);
  }

  Result run() {
    return run(
        new Look() {
          @Override
          public void before(Room room, int day) {}

          @Override
          public void after(Room room, int day) {}
        });
  }

  Result run(Look look) {
    for (int week = 0; week < WEEKS; week++) {
      for (int weekday = 0; weekday < 5; weekday++) {
        int day = 7 * week + weekday;
        look.before(room, day);
        teach(day);
        look.after(room, day);
      }
      room.children().forEach(Child::weekGoesBy);
    }
    return result();
  }

  private void teach(int day) {
    Strategy.Chosen chosen = strategy.lesson(room, day, MINUTES);
    for (int pupil = 0; pupil < room.children().size(); pupil++) {
      if (random.nextDouble() >= ABSENT) {
        attend(pupil, chosen, day);
      }
    }
    if (chosen.rung() >= 0) {
      room.noteLesson(chosen.rung());
    }
  }

  private void attend(int pupil, Strategy.Chosen chosen, int day) {
    Child child = room.children().get(pupil);
    if (chosen.rung() >= 0) {
      child.meets(chosen.rung(), day);
    }
    if (chosen.against()) {
      child.untaught(chosen.rung());
    }
    for (Lesson.Part part : chosen.lesson().parts()) {
      if (!isFor(pupil, part, chosen.lesson())) {
        continue;
      }
      for (SetLine line : part.lines()) {
        int rung = Rungs.place(line.rung().id());
        if (part.kind() != LessonPart.SHOW && part.kind() != LessonPart.TOGETHER) {
          room.work(pupil, rung, line.count(), day);
        }
        child.practise(rung, line.count(), rung == chosen.rung(), day);
      }
    }
  }

  /** A pupil in a group has its part, and not the practice of the others. */
  private static boolean isFor(long pupil, Lesson.Part part, Lesson lesson) {
    boolean apart = lesson.parts().stream().anyMatch(each -> each.pupils().contains(pupil));
    return part.pupils().isEmpty()
        ? !apart || part.kind() != LessonPart.PRACTISE
        : part.pupils().contains(pupil);
  }

  private Result result() {
    double[] had =
        room.children().stream()
            .mapToDouble(
                child ->
                    IntStream.range(0, Rungs.COUNT).filter(rung -> child.has(rung, LATER)).count())
            .sorted()
            .toArray();
    int quarter = Math.max(1, had.length / 4);
    return new Result(
        Arrays.stream(had).average().orElseThrow(),
        Arrays.stream(had).limit(quarter).average().orElseThrow());
  }
}
