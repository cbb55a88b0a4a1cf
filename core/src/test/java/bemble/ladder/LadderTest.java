package bemble.ladder;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.method.Method;
import bemble.methods.Methods;
import bemble.number.Numeral;
import bemble.problem.Addition;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.recipe.Fitting;
import bemble.recipe.Measured;
import bemble.recipe.Recipe;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class LadderTest {
  static List<Rung> rungs() {
    return Ladder.STANDARD.all();
  }

  @ParameterizedTest
  @MethodSource("rungs")
  void everyRungHasSumsForALessonAndThreeVersions(Rung rung) {
    assertTrue(Fitting.of(rung.recipe()).count().longValue() >= 40, rung::id);
    assertEquals(40, new HashSet<>(rung.draw(40, 1)).size(), rung::id);
  }

  @ParameterizedTest
  @MethodSource("rungs")
  void theSumsOfARungAreWorkedByItsMethods(Rung rung) {
    for (Problem problem : rung.draw(20, 3)) {
      for (String id : rung.methods()) {
        Method<?> method = Methods.find(rung.operation(), id).orElseThrow();
        assertTrue(Methods.misfit(method, problem).isEmpty(), () -> id + " for " + problem);
      }
    }
  }

  @ParameterizedTest
  @MethodSource("rungs")
  void aSumBelongsToTheRungThatItWasDrawnFor(Rung rung) {
    String method = rung.methods().get(0);
    List<Problem> drawn = rung.draw(60, 5);
    long there =
        drawn.stream()
            .filter(sum -> Ladder.STANDARD.place(sum, method).equals(Optional.of(rung)))
            .count();
    assertTrue(drawn.stream().allMatch(rung::fits), rung::id);
    assertTrue(there >= 40, () -> there + " of 60 belong to " + rung.id());
  }

  @Test
  void aSumThatFitsNoRungBelongsToNone() {
    Problem large = new Addition(List.of(Numeral.parse("123456789"), Numeral.parse("2")));
    assertEquals(Optional.empty(), Ladder.STANDARD.place(large, "column"));
  }

  /** The sums of the rungs before never have the trait that a rung adds. */
  @ParameterizedTest
  @EnumSource(Operation.class)
  void sumsHaveWhatTheirRungSaysAndNotWhatLaterRungsAdd(Operation operation) {
    List<Rung> rungs = Ladder.STANDARD.of(operation);
    for (int later = 0; later < rungs.size(); later++) {
      Rung rung = rungs.get(later);
      for (Problem problem : Fitting.of(rung.recipe()).draw(60, 9)) {
        assertTrue(isOf(rung, problem, true), () -> problem + " is of " + rung.id());
      }
      for (Rung before : needed(rung, rungs)) {
        for (Problem problem : Fitting.of(before.recipe()).draw(60, 9)) {
          boolean shows = !rung.adds().isEmpty() && isOf(rung, problem, false);
          assertFalse(shows, () -> before.id() + " shows " + rung.id() + " in " + problem);
        }
      }
    }
  }

  private static Set<Rung> needed(Rung rung, List<Rung> rungs) {
    Set<Rung> needed = new HashSet<>();
    for (Rung before : rungs) {
      if (rung.needs().contains(before.id())) {
        needed.add(before);
        needed.addAll(needed(before, rungs));
      }
    }
    return needed;
  }

  /** Whether a sum has the news of a rung, or its whole recipe, in numbers of the rung's sizes. */
  private static boolean isOf(Rung rung, Problem problem, boolean all) {
    Recipe recipe = rung.recipe();
    List<Numeral> numbers = problem.numbers();
    boolean sized = numbers.size() == recipe.numbers().size();
    for (int i = 0; sized && i < numbers.size(); i++) {
      sized = recipe.numbers().get(i).figures().holds(numbers.get(i).figures().length());
    }
    return sized
        && (all ? recipe.wishes() : rung.adds())
            .entrySet().stream()
                .allMatch(wish -> wish.getValue().holds(Measured.of(problem).get(wish.getKey())));
  }

  @Test
  void everyNeedComesEarlierOnTheLadder() {
    for (Operation operation : Operation.values()) {
      Set<String> before = new HashSet<>();
      for (Rung rung : Ladder.STANDARD.of(operation)) {
        assertTrue(before.containsAll(rung.needs()), rung::id);
        assertTrue(before.add(rung.id()), rung::id);
      }
    }
  }

  @ParameterizedTest
  @MethodSource("rungs")
  void everyRungIsFoundByItsId(Rung rung) {
    assertEquals(rung, Ladder.STANDARD.find(rung.id()).orElseThrow());
  }

  @Test
  void decimalsAreWrittenWithoutTheZerosThatFillThem() {
    for (Problem problem :
        Ladder.STANDARD.find("subtraction-decimals-padded").orElseThrow().draw(30, 2)) {
      assertEquals(1, problem.numbers().get(0).scale());
      assertEquals(2, problem.numbers().get(1).scale());
    }
    for (Problem problem : Ladder.STANDARD.find("root-fractions").orElseThrow().draw(30, 2)) {
      assertEquals(2, problem.numbers().get(0).scale());
    }
  }
}
