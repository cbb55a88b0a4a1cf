package bemble.diagnosis;

import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.diagnosis.AnswerSpace.Answered;
import bemble.practice.Item;
import bemble.slip.AddingSlips;
import bemble.slip.Slip;
import bemble.slip.Slips;
import bemble.style.Style;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Pupils who know no procedure, and do one thing of their own with decimals in most sums. */
class DecimalPupilTest {
  private static final int PUPILS = 60;
  private static final int SUMS = 10;
  private static final double MADE = 0.8;
  private static final double CARELESS = 0.04;

  private static BigDecimal decimal(Random random, int places) {
    return BigDecimal.valueOf(11 + random.nextInt(950), places);
  }

  /** The numbers as they stand there, worked as whole ones, with the point of the longer one. */
  private static BigDecimal byLastFigures(BigDecimal one, BigDecimal other, boolean isTaken) {
    BigDecimal lower = new BigDecimal(other.unscaledValue(), Math.max(one.scale(), other.scale()));
    BigDecimal upper = new BigDecimal(one.unscaledValue(), lower.scale());
    return isTaken ? upper.subtract(lower) : upper.add(lower);
  }

  private static BigDecimal slipped(Slip slip, BigDecimal one, BigDecimal other, boolean isTaken) {
    if (slip == AddingSlips.LINED_UP_RIGHT) {
      return byLastFigures(one, other, isTaken);
    }
    BigDecimal right = isTaken ? one.subtract(other) : one.add(other);
    return slip == AddingSlips.POINT_LEFT_OUT
        ? right.movePointRight(right.scale())
        : right.movePointLeft(slip == AddingSlips.POINT_MOVED ? 1 : -1);
  }

  private static boolean has(Explanation explanation, Slip slip) {
    return explanation.slips().stream().anyMatch(each -> each.named() == slip.named());
  }

  @ParameterizedTest
  @CsvSource({
    "+, column, lined-up-right",
    "−, exchange, lined-up-right",
    "+, column, point-left-out",
    "−, exchange, point-left-out",
    "+, column, point-moved",
    "−, add-to-both, point-moved",
    "−, exchange, point-moved-right"
  })
  void theSlipIsSaidOfMostAndStandsFirst(String sign, String method, String id) {
    Slip slip = Slips.find(id).orElseThrow();
    int first = 0;
    int said = 0;
    for (int pupil = 0; pupil < PUPILS; pupil++) {
      Random random = new Random(pupil);
      List<Item> items = new ArrayList<>();
      List<AnswerSpace> given = new ArrayList<>();
      boolean isTaken = sign.equals("−");
      for (int sum = 0; sum < SUMS; sum++) {
        BigDecimal one = decimal(random, isTaken ? 2 : 1 + random.nextInt(2)).add(BigDecimal.TEN);
        BigDecimal other =
            decimal(random, 1).min(isTaken ? one.setScale(1, RoundingMode.DOWN) : BigDecimal.TEN);
        items.add(Item.of(ReplyTest.problem(one + " " + sign + " " + other), method, ""));
        BigDecimal answer = isTaken ? one.subtract(other) : one.add(other);
        if (random.nextDouble() < MADE) {
          answer = slipped(slip, one, other, isTaken);
        }
        if (random.nextDouble() < CARELESS) {
          answer = answer.add(new BigDecimal("0.1"));
        }
        given.add(new Answered(Reply.read(answer.toPlainString(), Style.STANDARD)));
      }
      Diagnosis diagnosis = new Diagnoser(items, Style.STANDARD).of(given);
      said += diagnosis.sure().filter(sure -> has(sure, slip)).isPresent() ? 1 : 0;
      first += diagnosis.explanations().stream().limit(1).filter(each -> has(each, slip)).count();
    }
    assertTrue(first >= 0.9 * PUPILS, "first for " + first);
    assertTrue(said >= 0.8 * PUPILS, "said of " + said);
  }
}
