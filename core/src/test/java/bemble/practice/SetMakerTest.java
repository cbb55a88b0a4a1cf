package bemble.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import bemble.practice.SetMaker.Order;
import bemble.problem.Operation;
import bemble.recipe.Range;
import bemble.recipe.Recipe;
import bemble.recipe.Size;
import bemble.style.Style;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class SetMakerTest {
  private static final SetMaker MAKER = new SetMaker(Style.STANDARD);

  private static SetLine line(String rung, int count) {
    Rung found = Ladder.STANDARD.find(rung).orElseThrow();
    return new SetLine(found, found.methods().get(0), count);
  }

  private static final List<SetLine> TWO_LINES =
      List.of(line("subtraction-one-zero-crossed", 7), line("subtraction-zeros-crossed", 5));

  private static List<Item> make(long seed) {
    return MAKER.make(TWO_LINES, Map.of(), List.of(), Order.AS_LISTED, seed);
  }

  private static int seconds(List<Item> items) {
    return Workload.of(items, Style.STANDARD).seconds();
  }

  private static Set<String> keys(List<Item> items) {
    return items.stream().map(Item::key).collect(Collectors.toSet());
  }

  @Test
  void everyLineHasItsSumsAndNoSumComesTwice() {
    List<Item> items = make(5);
    assertEquals(12, keys(items).size());
    assertEquals(
        List.of("subtraction-one-zero-crossed", "subtraction-zeros-crossed"),
        items.stream().map(Item::rung).distinct().toList());
    assertEquals(items, make(5));
    assertNotEquals(items, make(6));
  }

  /** 6 + 7 and 7 + 6 are one sum: three figures give six sums and not nine. */
  @Test
  void addendsInAnotherOrderAreTheSameSum() {
    Size size = new Size(new Range(1, 1), "678");
    Recipe recipe = new Recipe(Operation.ADDITION, List.of(size, size), Map.of(), 0);
    Rung rung = new Rung("", recipe, Map.of(), List.of(), List.of("column"), List.of());
    List<Item> items =
        MAKER.make(
            List.of(new SetLine(rung, "column", 9)), Map.of(), List.of(), Order.AS_LISTED, 1);
    assertEquals(6, items.size());
    assertEquals(6, keys(items).size());
  }

  @Test
  void whatWasUsedBeforeDoesNotComeAgain() {
    List<Item> before = make(5);
    List<Item> items = MAKER.make(TWO_LINES, Map.of(), keys(before), Order.AS_LISTED, 5);
    assertEquals(12, items.size());
    items.forEach(item -> assertFalse(keys(before).contains(item.key()), item::key));
  }

  @Test
  void whatIsHeldStaysInItsPlaceAndAllElseIsOther() {
    List<Item> before = make(5);
    Map<Integer, Item> held = Map.of(2, before.get(2), 9, before.get(9));
    List<Item> items = MAKER.make(TWO_LINES, held, keys(before), Order.EASY_FIRST, 77);
    assertEquals(12, items.size());
    for (int i = 0; i < 12; i++) {
      assertEquals(held.containsKey(i), items.get(i).equals(before.get(i)), "at " + i);
      assertEquals(before.get(i).rung(), items.get(i).rung());
    }
  }

  @Test
  void theEasyOnesComeFirstWhereThatIsWished() {
    List<Item> items = MAKER.make(TWO_LINES, Map.of(), List.of(), Order.EASY_FIRST, 5);
    assertEquals(keys(make(5)), keys(items));
    for (int i = 1; i < items.size(); i++) {
      assertTrue(seconds(items.subList(i - 1, i)) <= seconds(items.subList(i, i + 1)));
    }
    List<Item> mixed = MAKER.make(TWO_LINES, Map.of(), List.of(), Order.MIXED, 5);
    assertEquals(keys(items), keys(mixed));
    assertTrue(mixed.stream().limit(7).map(Item::rung).distinct().count() > 1);
  }

  static List<Rung> rungs() {
    return Ladder.STANDARD.all();
  }

  @ParameterizedTest
  @MethodSource("rungs")
  void versionsHaveOtherSumsAndTakeAsLong(Rung rung) {
    List<SetLine> lines = List.of(new SetLine(rung, rung.methods().get(0), 8));
    List<Item> first = MAKER.make(lines, Map.of(), List.of(), Order.AS_LISTED, 3);
    Set<String> used = new HashSet<>(keys(first));
    for (int version = 1; version <= 2; version++) {
      List<Item> other = MAKER.version(lines, first, used, version);
      assertEquals(8, other.size(), rung::id);
      double ratio = (double) seconds(other) / seconds(first);
      assertTrue(ratio > 0.95 && ratio < 1.05, () -> rung.id() + " " + ratio);
      for (Item item : other) {
        assertTrue(used.add(item.key()), () -> rung.id() + " " + item.key());
      }
    }
  }

  @Test
  void aLessonShowsThenAsksThenPractises() {
    List<Item> lesson = MAKER.lesson(Lesson.about(line("division-zero-inside", 6)), List.of(), 4);
    assertEquals(
        Map.of(
            LessonPart.SHOW,
            2L,
            LessonPart.TOGETHER,
            2L,
            LessonPart.PRACTISE,
            6L,
            LessonPart.EXPLAIN,
            1L),
        lesson.stream().collect(Collectors.groupingBy(Item::part, Collectors.counting())));
    assertEquals(LessonPart.SHOW, lesson.get(0).part());
    assertEquals(LessonPart.EXPLAIN, lesson.get(10).part());
    assertEquals(11, keys(lesson).size());
  }

  @ParameterizedTest
  @EnumSource(Operation.class)
  void theWorkloadOfASetIsThatOfItsSums(Operation operation) {
    Rung rung = Ladder.STANDARD.of(operation).get(3);
    List<Item> items =
        MAKER.make(
            List.of(new SetLine(rung, rung.methods().get(0), 9)),
            Map.of(),
            List.of(),
            Order.AS_LISTED,
            2);
    Workload all = Workload.of(items, Style.STANDARD);
    int facts = 0;
    int pairs = 0;
    for (Item item : items) {
      Workload one = Workload.of(List.of(item), Style.STANDARD);
      facts += one.facts();
      pairs += one.uses().values().stream().mapToInt(Integer::intValue).sum();
    }
    assertEquals(facts, all.facts());
    assertEquals(pairs, all.uses().values().stream().mapToInt(Integer::intValue).sum());
    assertTrue(pairs <= facts && all.seconds() > all.facts());
  }
}
