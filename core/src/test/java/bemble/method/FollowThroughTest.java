package bemble.method;

import static org.junit.jupiter.api.Assertions.assertEquals;

import bemble.methods.Methods;
import bemble.paper.Role;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.procedure.Entry;
import bemble.procedure.Hand;
import bemble.procedure.Working;
import bemble.style.Style;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class FollowThroughTest {
  /** A hand that writes one carry one too large and otherwise works truly. */
  private static Hand slippingInCarry(int which) {
    AtomicInteger seen = new AtomicInteger();
    return Hand.writing(
        asked -> {
          BigInteger due = asked.due();
          boolean carries = asked.slot().role() == Role.CARRY && due.signum() > 0;
          boolean slips = carries && seen.getAndIncrement() == which;
          return slips ? due.add(BigInteger.ONE) : due;
        });
  }

  private static List<Entry> carries(Working working) {
    return Entries.of(working).filter(entry -> entry.slot().role() == Role.CARRY).toList();
  }

  @Test
  void aWrongCarryIsCarriedOn() {
    Method<?> column = Methods.find(Operation.ADDITION, "column").orElseThrow();
    new RandomSums(3)
        .of(Operation.ADDITION)
        .limit(200)
        .forEach(
            sum -> {
              int count = carries(new Sum(sum, column, Style.STANDARD).work()).size();
              for (int which = 0; which < count; which++) {
                showsWhatFollows(column, sum, which);
              }
            });
  }

  private static void showsWhatFollows(Method<?> column, Problem sum, int which) {
    Working slipped = new Sum(sum, column, Style.STANDARD).work(slippingInCarry(which));
    Entry wrong = carries(slipped).get(which);
    BigDecimal tooMuch = BigDecimal.ONE.scaleByPowerOfTen(wrong.slot().place());
    // All later figures are right given the wrong one, so the answer is out by just that carry.
    assertEquals(
        0,
        RandomSums.truth(sum).add(tooMuch).compareTo(slipped.answer().value().value()),
        () -> sum + " with carry " + which);
    Entries.of(slipped)
        .filter(entry -> entry != wrong && !entry.reads().isEmpty())
        .forEach(entry -> assertEquals(entry.rule().applyTo(entry.reads()), entry.value()));
  }
}
