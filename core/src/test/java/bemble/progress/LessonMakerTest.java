package bemble.progress;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import bemble.practice.Lesson;
import bemble.practice.LessonPart;
import bemble.practice.Pace;
import bemble.practice.SetLine;
import bemble.progress.LessonMaker.Group;
import bemble.style.Style;
import java.util.List;
import java.util.Optional;
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

  private static Optional<Group> someGroup(Random random) {
    Rung rung = Ladder.STANDARD.all().get(random.nextInt(Ladder.STANDARD.all().size()));
    return random.nextBoolean() ? Optional.empty() : Optional.of(new Group(rung, List.of(3L, 5L)));
  }

  @Test
  void aLessonIsNeverLongerThanItsMinutes() {
    Random random = new Random(3);
    for (Rung goal : Ladder.STANDARD.all()) {
      int minutes = random.nextInt(90);
      List<Rung> again = some(random);
      Lesson lesson = maker.make(goal, goal.methods().get(0), again, someGroup(random), minutes);
      assertTrue(lesson.minutes() <= minutes, () -> goal.id() + ": " + lesson.minutes());
      for (Lesson.Part part : lesson.parts()) {
        assertEquals(maker.minutes(part.lines()), part.minutes(), goal::id);
        int own = Rules.STANDARD.shares().sums();
        assertTrue(part.lines().stream().allMatch(line -> line.count() <= own), goal::id);
      }
    }
  }

  @Test
  void aLessonOfThreeQuartersOfAnHourHasAllItsParts() {
    Rung goal = Ladder.STANDARD.find("subtraction-one-zero-crossed").orElseThrow();
    Rung again = Ladder.STANDARD.find("addition-ones-carry").orElseThrow();
    Lesson lesson = maker.make(goal, "exchange", List.of(again), Optional.empty(), 45);
    assertEquals(
        List.of(
            LessonPart.OPENER,
            LessonPart.SHOW,
            LessonPart.TOGETHER,
            LessonPart.PRACTISE,
            LessonPart.HOMEWORK),
        lesson.parts().stream().map(Lesson.Part::kind).toList());
    assertEquals(again, lesson.parts().get(0).lines().get(0).rung());
    assertTrue(lesson.parts().get(3).lines().get(0).count() >= 5);
  }

  /** Small sums leave time, which goes to mixed practice. */
  @Test
  void minutesThatAreLeftGoToMixedPractice() {
    List<Rung> all = Ladder.STANDARD.all();
    Lesson lesson =
        maker.make(
            all.get(0), all.get(0).methods().get(0), all.subList(1, 20), Optional.empty(), 45);
    assertTrue(lesson.minutes() >= 40, () -> lesson.minutes() + " minutes");
    Lesson.Part practice =
        lesson.parts().stream()
            .filter(part -> part.kind() == LessonPart.PRACTISE)
            .findFirst()
            .orElseThrow();
    assertEquals(all.get(0), practice.lines().get(0).rung());
    assertTrue(practice.lines().size() > 5, practice::toString);
    Rung opened = lesson.parts().get(0).lines().get(0).rung();
    assertFalse(
        practice.lines().get(1).rung().equals(opened), "each comes once before one comes again");
  }

  @Test
  void aGroupPractisesItsRungWhileTheOthersGoOn() {
    Rung goal = Ladder.STANDARD.find("subtraction-one-zero-crossed").orElseThrow();
    Rung own = Ladder.STANDARD.find("subtraction-one-from-two").orElseThrow();
    Lesson with =
        maker.make(goal, "exchange", List.of(), Optional.of(new Group(own, List.of(4L))), 45);
    Lesson without = maker.make(goal, "exchange", List.of(), Optional.empty(), 45);
    assertEquals(without.minutes(), with.minutes());
    Lesson.Part part =
        with.parts().stream().filter(each -> !each.pupils().isEmpty()).findFirst().orElseThrow();
    assertEquals(LessonPart.PRACTISE, part.kind());
    assertEquals(List.of(4L), part.pupils());
    assertEquals(own, part.lines().get(0).rung());
  }

  @Test
  void aClassThatTakesTwiceAsLongGetsNoMoreSums() {
    LessonMaker slow = lessons(new Pace(2 * Pace.ESTIMATE.times(), 30));
    for (Rung goal : Ladder.STANDARD.all()) {
      String method = goal.methods().get(0);
      assertEquals(2 * maker.seconds(goal, method), slow.seconds(goal, method), 1e-9, goal::id);
      int fewer = sums(slow.make(goal, method, List.of(), Optional.empty(), 45));
      assertTrue(
          fewer <= sums(maker.make(goal, method, List.of(), Optional.empty(), 45)), goal::id);
    }
  }

  private static int sums(Lesson lesson) {
    return lesson.parts().stream()
        .flatMap(part -> part.lines().stream())
        .mapToInt(SetLine::count)
        .sum();
  }

  @Test
  void noSumFitsIntoNoTime() {
    Rung goal = Ladder.STANDARD.find("subtraction-two-from-two").orElseThrow();
    assertEquals(0, maker.make(goal, "exchange", List.of(goal), Optional.empty(), 0).minutes());
  }
}
