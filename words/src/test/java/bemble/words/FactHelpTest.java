package bemble.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.fact.Fact;
import bemble.help.FactHelp;
import bemble.help.Way;
import bemble.remark.RemarkKind;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class FactHelpTest {
  private final Wording wording = new Wording(Style.STANDARD);

  private static BigInteger n(long value) {
    return BigInteger.valueOf(value);
  }

  private static List<RemarkKind> kinds(Fact fact) {
    return FactHelp.of(fact).stream().map(way -> way.remark().kind()).toList();
  }

  @Test
  void suitsTheWaysToTheFact() {
    assertEquals(
        List.of(RemarkKind.HELP_COUNT_ON, RemarkKind.HELP_MAKE_TEN, RemarkKind.HELP_DOUBLE_AND_ONE),
        kinds(Fact.add(List.of(n(7), n(8)))));
    assertEquals(List.of(RemarkKind.HELP_RUNNING), kinds(Fact.add(List.of(n(7), n(8), n(2)))));
    assertEquals(
        List.of(RemarkKind.HELP_STEPS, RemarkKind.HELP_NINE_TIMES),
        kinds(Fact.multiply(n(9), n(7))));
    assertEquals(List.of(RemarkKind.HELP_GOES_NOT), kinds(Fact.howMany(n(3), n(8))));
  }

  @Test
  void countsInTheDivisorsSteps() {
    Way way = FactHelp.of(Fact.howMany(n(26), n(6))).get(0);
    assertEquals(
        "Count in the divisor's steps: 6, 12, 18, 24. That is 4 times 6; one more would be 30, more"
            + " than 26.",
        wording.say(way.remark()));
    assertEquals(
        4,
        way.drawing().orElseThrow().marks().stream()
            .filter(m -> m.role().name().equals("HOP"))
            .count());
  }

  @Test
  void hasAWayForEveryFact() {
    Random random = new Random(8);
    for (int i = 0; i < 2_000; i++) {
      BigInteger a = new BigInteger(1 + random.nextInt(40), random);
      BigInteger b = new BigInteger(1 + random.nextInt(40), random);
      for (Fact fact :
          List.of(
              Fact.add(List.of(a, b)),
              Fact.subtract(a.max(b), a.min(b)),
              Fact.multiply(a, b),
              Fact.howMany(a, b.add(BigInteger.ONE)),
              Fact.largestSquare(a))) {
        List<Way> ways = FactHelp.of(fact);
        assertTrue(!ways.isEmpty(), fact::toString);
        for (Way way : ways) {
          String said = wording.say(way.remark());
          assertFalse(said.contains("null") || said.contains("{"), said);
        }
      }
    }
  }
}
