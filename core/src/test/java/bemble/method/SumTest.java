package bemble.method;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.methods.Methods;
import bemble.number.Numeral;
import bemble.problem.Addition;
import bemble.problem.Limits;
import bemble.problem.Multiplication;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.remark.Mention;
import bemble.remark.Remark;
import bemble.slip.Slip;
import bemble.slip.Slips;
import bemble.style.Choice;
import bemble.style.Style;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The parts of a sum, and the head of every method. */
class SumTest {
  private static final Style LONGER_ON_TOP = Style.STANDARD.with(Choice.OnTop.LONGER);

  static List<Method<?>> methods() {
    return Methods.all();
  }

  private static Problem problem(String line) {
    return ((Reading.Understood) new ProblemReader(Limits.STANDARD).read(line)).problem();
  }

  private static Sum usual(Problem problem, Style style) {
    return new Sum(problem, Methods.usual(problem.operation()), style);
  }

  @Test
  void refusesAMethodOfAnotherOperation() {
    Problem addition = problem("46 + 38");
    Method<?> exchange = Methods.usual(Operation.SUBTRACTION);
    assertThrows(IllegalArgumentException.class, () -> new Sum(addition, exchange, Style.STANDARD));
  }

  @Test
  void putsTheLongestAddendOnTopWhereTheClassDoes() {
    Addition worked = (Addition) usual(problem("9 + 1,204 + 37"), LONGER_ON_TOP).work().problem();
    assertEquals(
        List.of(1204L, 37L, 9L),
        worked.addends().stream().map(each -> each.value().longValueExact()).toList());
  }

  /** Whatever stands on top, the sum is named as it was typed. */
  @ParameterizedTest
  @MethodSource("methods")
  void keepsTheOrderTypedInWhatIsSaid(Method<?> method) {
    for (Problem problem : new RandomSums(83).small(method).limit(30).toList()) {
      List<Mention.Asked> named =
          new Sum(problem, method, LONGER_ON_TOP)
              .work().steps().stream()
                  .flatMap(step -> step.remark().fillIns().stream())
                  .map(Remark.FillIn::value)
                  .filter(Mention.Asked.class::isInstance)
                  .map(Mention.Asked.class::cast)
                  .toList();
      assertTrue(!named.isEmpty(), "the end says what came out");
      named.forEach(each -> assertEquals(problem.numbers(), each.problem().numbers()));
    }
  }

  @Test
  void putsTheLargerFactorOnTopAndKeepsEqualOnes() {
    new RandomSums(71)
        .of(Operation.MULTIPLICATION)
        .limit(200)
        .forEach(
            each -> {
              Multiplication worked = (Multiplication) usual(each, LONGER_ON_TOP).work().problem();
              Numeral top = worked.multiplicand();
              assertTrue(top.value().compareTo(worked.multiplier().value()) >= 0, each::toString);
              assertEquals(each, usual(each, Style.STANDARD).work().problem());
            });
  }

  @Test
  void neverTurnsASubtractionOrADivisionRound() {
    for (Operation operation : List.of(Operation.SUBTRACTION, Operation.DIVISION)) {
      new RandomSums(72)
          .of(operation)
          .limit(60)
          .forEach(each -> assertEquals(each, usual(each, LONGER_ON_TOP).work().problem()));
    }
  }

  @ParameterizedTest
  @MethodSource("methods")
  void aMethodIsFoundByItsId(Method<?> method) {
    assertEquals(method, Methods.find(method.operation(), method.id()).orElseThrow());
  }

  @Test
  void noTwoMethodsOfAnOperationShareAnId() {
    for (Operation operation : Operation.values()) {
      List<String> ids = Methods.of(operation).stream().map(Method::id).toList();
      assertEquals(ids.size(), new HashSet<>(ids).size(), operation::id);
    }
  }

  /** A page proved by its own method would repeat its slip. */
  @ParameterizedTest
  @MethodSource("methods")
  void aMethodWithAnotherBesideItIsNotItsOwnPartner(Method<?> method) {
    Set<Operation> choosing = Set.of(Operation.ADDITION, Operation.MULTIPLICATION);
    if (choosing.contains(method.operation())) {
      assertNotEquals(method, Methods.partner(method));
    }
  }

  @ParameterizedTest
  @MethodSource("methods")
  void namesEachOfItsSlipsOnce(Method<?> method) {
    assertEquals(method.slips().size(), new HashSet<>(method.slips()).size());
  }

  @ParameterizedTest
  @MethodSource("methods")
  void aMethodThatIsWrittenHasSlipsAndADrawingHasNone(Method<?> method) {
    assertEquals(!method.form().isWritten(), method.slips().isEmpty(), method::id);
  }

  @Test
  void everySlipHappensInSomeMethod() {
    Set<Slip> happening =
        Methods.all().stream()
            .flatMap(method -> method.slips().stream())
            .collect(Collectors.toSet());
    assertEquals(Set.copyOf(Slips.all()), happening);
  }

  @ParameterizedTest
  @MethodSource("methods")
  void itsTrialLinesAreSumsThatItSuits(Method<?> method) {
    for (String line : method.sampleLines()) {
      Problem problem = problem(line);
      assertEquals(method.operation(), problem.operation(), line);
      assertTrue(Methods.misfit(method, problem).isEmpty(), line);
    }
  }
}
