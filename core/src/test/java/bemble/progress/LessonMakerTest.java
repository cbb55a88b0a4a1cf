package bemble.progress;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import bemble.practice.Line;
import bemble.practice.Pace;
import bemble.progress.Lesson.Kind;
import bemble.style.Style;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class LessonMakerTest {
  private final LessonMaker maker = lessons(Pace.ESTIMATE);

  private static LessonMaker lessons(Pace pace) {
    return new LessonMaker(Rules.STANDARD, Style.STANDARD, pace);
  }

  private static List<Rung> some(Random random) {
    List<Rung> all = Ladder.STANDARD.all();
    return random.ints(random.nextInt(4), 0, all.size()).mapToObj(all::get).distinct().toList();
  }

  @Test
  void aLessonIsNeverLongerThanItsMinutes() {
    Random random = new Random(3);
    for (Rung goal : Ladder.STANDARD.all()) {
      int minutes = random.nextInt(90);
      List<Rung> again = some(random);
      Lesson lesson = maker.make(goal, goal.methods().get(0), again, minutes);
      assertTrue(lesson.minutes() <= minutes, () -> goal.id() + ": " + lesson.minutes());
      for (Lesson.Part part : lesson.parts()) {
        assertEquals(maker.minutes(part.lines()), part.minutes(), goal::id);
        assertTrue(part.lines().stream().mapToInt(Line::count).sum() <= 20, goal::id);
      }
    }
  }

  @Test
  void aLessonOfThreeQuartersOfAnHourHasAllItsParts() {
    Rung goal = Ladder.STANDARD.find("subtraction-one-zero-crossed").orElseThrow();
    Rung again = Ladder.STANDARD.find("addition-ones-carry").orElseThrow();
    Lesson lesson = maker.make(goal, "exchange", List.of(again), 45);
    assertEquals(
        List.of(Kind.OPENER, Kind.SHOW, Kind.TOGETHER, Kind.PRACTISE, Kind.HOMEWORK),
        lesson.parts().stream().map(Lesson.Part::kind).toList());
    assertEquals(again, lesson.parts().get(0).lines().get(0).rung());
    assertTrue(lesson.parts().get(3).lines().get(0).count() >= 5);
  }

  @Test
  void aClassThatTakesTwiceAsLongGetsNoMoreSums() {
    LessonMaker slow = lessons(new Pace(2 * Pace.ESTIMATE.times(), 30));
    for (Rung goal : Ladder.STANDARD.all()) {
      String method = goal.methods().get(0);
      assertEquals(2 * maker.seconds(goal, method), slow.seconds(goal, method), 1e-9, goal::id);
      int fewer = sums(slow.make(goal, method, List.of(), 45));
      assertTrue(fewer <= sums(maker.make(goal, method, List.of(), 45)), goal::id);
    }
  }

  private static int sums(Lesson lesson) {
    return lesson.parts().stream()
        .flatMap(part -> part.lines().stream())
        .mapToInt(Line::count)
        .sum();
  }

  @Test
  void noSumFitsIntoNoTime() {
    Rung goal = Ladder.STANDARD.find("subtraction-two-from-two").orElseThrow();
    assertEquals(0, maker.make(goal, "exchange", List.of(goal), 0).minutes());
  }
}
