package bemble.ladder;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.number.Numeral;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.problem.Subtraction;
import bemble.recipe.Range;
import bemble.recipe.Recipe;
import bemble.recipe.Size;
import bemble.recipe.Trait;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Ladders that a class has made its own. */
class ClassLadderTest {
  private static final String CROSSED = "subtraction-one-zero-crossed";
  private static final Rung OWN =
      Rung.own(
          "own-1",
          new Recipe(
              Operation.SUBTRACTION,
              List.of(Size.of(3, 3), Size.of(1, 1)),
              Map.of(
                  Trait.EXCHANGES, Range.atLeast(1), Trait.ZEROS_IN_SUBTRAHEND, Range.exactly(0)),
              0),
          "exchange");

  private static List<PlacedRung> standard() {
    return new ArrayList<>(Ladder.STANDARD.placedRungs());
  }

  private static int place(String rung, List<PlacedRung> placedRungs) {
    return placedRungs.stream().map(placed -> placed.rung().id()).toList().indexOf(rung);
  }

  private static void hide(String rung, List<PlacedRung> placedRungs) {
    placedRungs.replaceAll(
        placed -> placed.rung().id().equals(rung) ? new PlacedRung(placed.rung(), true) : placed);
  }

  @Test
  void aClassThatChangesNothingHasTheStandardLadder() {
    assertEquals(Ladder.STANDARD.placedRungs(), Ladder.of(List.of()).placedRungs());
    assertEquals(Ladder.STANDARD.placedRungs(), Ladder.of(standard()).placedRungs());
  }

  /** A rung that others need is always shown, and always earlier. */
  @Test
  void inAnyOrderEveryNeedIsShownAndComesEarlier() {
    Random random = new Random(11);
    for (int round = 0; round < 60; round++) {
      List<PlacedRung> placedRungs = standard();
      placedRungs.add(new PlacedRung(OWN, false));
      Collections.shuffle(placedRungs, random);
      placedRungs.replaceAll(placed -> new PlacedRung(placed.rung(), random.nextInt(4) == 0));
      List<PlacedRung> some = placedRungs.subList(0, random.nextInt(placedRungs.size() + 1));
      Ladder ladder = Ladder.of(some);
      Set<String> before = new HashSet<>();
      for (Rung rung : ladder.all()) {
        assertTrue(before.containsAll(rung.needs()), () -> rung.id() + " " + rung.needs());
        before.add(rung.id());
      }
      long hidden = some.stream().filter(PlacedRung::hidden).count();
      int all =
          Ladder.STANDARD.all().size() + (some.stream().anyMatch(ClassLadderTest::isOwn) ? 1 : 0);
      assertEquals(all, ladder.placedRungs().size());
      assertEquals(all - hidden, ladder.all().size());
      for (Operation operation : Operation.values()) {
        assertEquals(
            ids(some, operation),
            ids(ladder.placedRungs(), operation).stream()
                .filter(id -> place(id, some) >= 0)
                .toList(),
            "the order of the class stands");
      }
    }
  }

  private static boolean isOwn(PlacedRung placed) {
    return placed.rung().id().equals(OWN.id());
  }

  private static List<String> ids(List<PlacedRung> placedRungs, Operation operation) {
    return placedRungs.stream()
        .map(PlacedRung::rung)
        .filter(rung -> rung.operation() == operation)
        .map(Rung::id)
        .toList();
  }

  @Test
  void whatNeedsAHiddenRungNeedsWhatThatNeeds() {
    List<PlacedRung> placedRungs = standard();
    hide("subtraction-two-from-two", placedRungs);
    Ladder ladder = Ladder.of(placedRungs);
    assertEquals(
        List.of("subtraction-one-from-two"),
        ladder.find("subtraction-from-a-whole-ten").orElseThrow().needs());
    assertTrue(ladder.find("subtraction-two-from-two").isPresent(), "it keeps its record");
    assertFalse(ids(ladder.placedRungs(), Operation.SUBTRACTION).isEmpty());
    assertFalse(
        ladder.all().stream().anyMatch(rung -> rung.id().equals("subtraction-two-from-two")));
  }

  @Test
  void aRungPutBeforeWhatItNeededNeedsThatNoLonger() {
    List<PlacedRung> placedRungs = standard();
    PlacedRung crossed = placedRungs.remove(place(CROSSED, placedRungs));
    placedRungs.add(place("subtraction-two-from-two", placedRungs), crossed);
    assertEquals(List.of(), Ladder.of(placedRungs).find(CROSSED).orElseThrow().needs());
    assertFalse(Ladder.STANDARD.find(CROSSED).orElseThrow().needs().isEmpty());
  }

  @Test
  void aRungOfTheClassNeedsTheOneBeforeItAndTakesTheSumsThatItFits() {
    List<PlacedRung> placedRungs = standard();
    int place = place("subtraction-decimals-padded", placedRungs);
    placedRungs.add(place, new PlacedRung(OWN, false));
    Ladder ladder = Ladder.of(placedRungs);
    String before = placedRungs.get(place - 1).rung().id();
    assertEquals(List.of(before), ladder.find("own-1").orElseThrow().needs());
    Problem sum = new Subtraction(Numeral.parse("342"), Numeral.parse("7"));
    assertEquals("own-1", ladder.place(sum, "exchange").orElseThrow().id());
    assertEquals(Optional.empty(), ladder.place(sum, "count-up"), "it is not worked that way");
    assertTrue(OWN.draw(30, 3).stream().allMatch(OWN::fits));
  }

  @Test
  void aHiddenRungTakesNoSums() {
    List<PlacedRung> placedRungs = standard();
    hide(CROSSED, placedRungs);
    Ladder ladder = Ladder.of(placedRungs);
    for (Problem problem : Ladder.STANDARD.find(CROSSED).orElseThrow().draw(20, 8)) {
      assertFalse(
          ladder.place(problem, "exchange").stream().anyMatch(rung -> rung.id().equals(CROSSED)));
    }
  }
}
