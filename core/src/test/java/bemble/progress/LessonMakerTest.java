package bemble.progress;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import bemble.practice.Line;
import bemble.progress.Lesson.Kind;
import bemble.style.Style;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class LessonMakerTest {
  private final LessonMaker maker = new LessonMaker(Rules.STANDARD, Style.STANDARD);

  private static List<Rung> some(Random random) {
    List<Rung> all = Ladder.all();
    return random.ints(random.nextInt(4), 0, all.size()).mapToObj(all::get).distinct().toList();
  }

  @Test
  void aLessonIsNeverLongerThanItsMinutes() {
    Random random = new Random(3);
    for (Rung goal : Ladder.all()) {
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
    Rung goal = Ladder.find("subtraction-one-zero-crossed").orElseThrow();
    Rung again = Ladder.find("addition-ones-carry").orElseThrow();
    Lesson lesson = maker.make(goal, "exchange", List.of(again), 45);
    assertEquals(
        List.of(Kind.OPENER, Kind.SHOW, Kind.TOGETHER, Kind.PRACTISE, Kind.HOMEWORK),
        lesson.parts().stream().map(Lesson.Part::kind).toList());
    assertEquals(again, lesson.parts().get(0).lines().get(0).rung());
    assertTrue(lesson.parts().get(3).lines().get(0).count() >= 5);
  }

  @Test
  void noSumFitsIntoNoTime() {
    Rung goal = Ladder.find("subtraction-two-from-two").orElseThrow();
    assertEquals(0, maker.make(goal, "exchange", List.of(goal), 0).minutes());
  }
}
