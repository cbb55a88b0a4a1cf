package bemble.method;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.methods.Methods;
import bemble.paper.Role;
import bemble.problem.Operation;
import bemble.problem.Root;
import bemble.procedure.Entry;
import bemble.procedure.Step;
import bemble.procedure.Working;
import bemble.remark.RemarkKind;
import bemble.style.Choice;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Zeros and points of a root are written when they are said, and not before. */
class RootZerosTest {
  private static final Method<?> PAIRS = Methods.find(Operation.ROOT, "digit-pairs").orElseThrow();
  private static final Set<RemarkKind> SAY_ZEROS =
      Set.of(RemarkKind.FILL_PAIR, RemarkKind.ZEROS_IN_FRONT, RemarkKind.NEXT_ZEROS);

  private static Stream<Working> workings(Choice.RootZeros zeros) {
    Style style = Style.STANDARD.with(zeros);
    return new RandomSums(43).fitting(PAIRS, 200).map(sum -> new Sum(sum, PAIRS, style).work());
  }

  private static boolean writes(Step step, Role role) {
    return step.entries().stream().anyMatch(entry -> entry.slot().role() == role);
  }

  @ParameterizedTest
  @EnumSource(Choice.RootZeros.class)
  void everyZeroBehindTheNumberIsSaid(Choice.RootZeros zeros) {
    workings(zeros)
        .flatMap(working -> working.steps().stream())
        .forEach(
            step ->
                assertEquals(SAY_ZEROS.contains(step.remark().kind()), writes(step, Role.PADDING)));
  }

  /** The point of the root has a step of its own, right before the first figure behind it. */
  @ParameterizedTest
  @EnumSource(Choice.RootZeros.class)
  void thePointIsWrittenOnceItsPairComes(Choice.RootZeros zeros) {
    workings(zeros)
        .forEach(
            working -> {
              List<Entry> root = new ArrayList<>();
              for (Step step : working.steps()) {
                boolean isPoint = step.remark().kind() == RemarkKind.ROOT_POINT;
                assertEquals(isPoint, writes(step, Role.POINT));
                assertTrue(!isPoint || step.entries().size() == 1);
                step.entries().stream()
                    .filter(entry -> Set.of(Role.ROOT, Role.POINT).contains(entry.slot().role()))
                    .forEach(root::add);
              }
              for (int i = 0; i + 1 < root.size(); i++) {
                boolean point = root.get(i).slot().role() == Role.POINT;
                int next = root.get(i + 1).slot().place();
                assertTrue(!point || next == -1, working.problem()::toString);
                assertTrue(next != -1 || point, working.problem()::toString);
              }
            });
  }

  /** A writer who puts all zeros first has as many pairs as places were asked for. */
  @Test
  void allZerosStandFirstWhereTheClassWritesThemSo() {
    List<Working> needed = workings(Choice.RootZeros.AS_NEEDED).toList();
    List<Working> front = workings(Choice.RootZeros.IN_FRONT).toList();
    for (int i = 0; i < front.size(); i++) {
      Working working = front.get(i);
      List<RemarkKind> kinds = working.steps().stream().map(step -> step.remark().kind()).toList();
      assertFalse(kinds.contains(RemarkKind.NEXT_ZEROS));
      assertEquals(needed.get(i).answer(), working.answer());
      Root root = (Root) working.problem();
      int missing = root.places() - (root.radicand().scale() + 1) / 2;
      assertEquals(missing > 0, kinds.contains(RemarkKind.ZEROS_IN_FRONT));
      int lowest =
          working.steps().stream()
              .flatMap(step -> step.entries().stream())
              .filter(entry -> entry.slot().role() == Role.PADDING)
              .mapToInt(entry -> entry.slot().place())
              .min()
              .orElse(0);
      assertTrue(missing <= 0 || lowest == -2 * root.places());
    }
  }
}
