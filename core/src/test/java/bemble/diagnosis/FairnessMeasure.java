package bemble.diagnosis;

import bemble.diagnosis.AnswerSpace.Answered;
import bemble.practice.Item;
import bemble.slip.Slip;
import bemble.slip.Slips;
import bemble.style.Style;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * The diagnoses of pupils week by week, from all their recent answers: ten sums a week, by pupils
 * who know no procedure and write figures carelessly.
 *
 * @param who the kind of pupils
 * @param operation the operation of their sums
 * @param pupils how many
 * @param weeks how many weeks of a pupil
 * @param tenSums of how many the true slip is told after their first ten sums
 * @param ever of how many it is told in one of the weeks
 * @param falsely in how many weeks of a pupil another slip is told
 */
record FairnessMeasure(
    String who, String operation, int pupils, int weeks, int tenSums, int ever, int falsely) {
  static final int WEEKS = 8;
  private static final int SUMS = 10;
  private static final int LATELY = 4;
  private static final double MADE = 0.75;
  private static final String NO_SLIP = "no slip";

  /** Classes that are careless, perfect or have a slip, so many pupils of a kind. */
  static List<FairnessMeasure> all(int pupils, long seed) {
    List<FairnessMeasure> all = new ArrayList<>();
    for (PlainPupil pupil : PlainPupil.ALL) {
      if (pupil.slip().isEmpty()) {
        continue;
      }
      for (double careless : List.of(0.0, 0.03)) {
        all.add(of(pupil, MADE, careless, pupils, seed));
      }
    }
    for (String operation : List.of("addition", "subtraction", "multiplication")) {
      PlainPupil any =
          PlainPupil.ALL.stream()
              .filter(each -> each.operation().id().equals(operation))
              .findFirst()
              .orElseThrow();
      for (double careless : List.of(0.0, 0.03, 0.1)) {
        all.add(of(any, 0, careless, pupils, seed));
      }
    }
    return all;
  }

  static FairnessMeasure of(PlainPupil pupil, double made, double careless, int pupils, long seed) {
    Random random = new Random(seed + 31L * pupil.slip().hashCode() + Double.hashCode(careless));
    List<Slip> named =
        made == 0 ? List.of() : List.of(Slips.find(pupil.slip()).orElseThrow().named());
    int tenSums = 0;
    int ever = 0;
    int falsely = 0;
    for (int i = 0; i < pupils; i++) {
      List<Item> items = new ArrayList<>();
      List<AnswerSpace> answers = new ArrayList<>();
      boolean told = false;
      Foresight foresight = new Foresight(Style.STANDARD);
      for (int week = 0; week < WEEKS; week++) {
        for (int k = 0; k < SUMS; k++) {
          int[] sum = pupil.sum(random);
          items.add(Item.of(PlainPupilMeasure.problem(pupil, sum), pupil.method(), ""));
          long meant = pupil.habit().answer(sum[0], sum[1], () -> random.nextDouble() < made);
          answers.add(written(meant, careless, random));
        }
        int from = Math.max(0, items.size() - LATELY * SUMS);
        Optional<Explanation> sure =
            foresight
                .diagnoser(items.subList(from, items.size()))
                .of(answers.subList(from, answers.size()))
                .sure();
        boolean isTrue =
            !named.isEmpty()
                && sure.filter(each -> DiagnosisMeasure.isNamed(each, named)).isPresent();
        falsely += sure.isPresent() && !isTrue ? 1 : 0;
        told |= isTrue;
        tenSums += week == 0 && isTrue ? 1 : 0;
      }
      ever += told ? 1 : 0;
    }
    String who =
        (made == 0 ? NO_SLIP : pupil.slip())
            + ", %.0f %% of figures wrong".formatted(100 * careless);
    return new FairnessMeasure(
        who, pupil.operation().id(), pupils, pupils * WEEKS, tenSums, ever, falsely);
  }

  /** Each figure is another one now and then. */
  private static AnswerSpace written(long meant, double careless, Random random) {
    StringBuilder text = new StringBuilder();
    for (char figure : Long.toString(Math.max(0, meant)).toCharArray()) {
      boolean wrong = random.nextDouble() < careless;
      text.append(wrong ? (figure - '0' + 1 + random.nextInt(9)) % 10 : figure - '0');
    }
    return new Answered(new Reply(new BigDecimal(text.toString()), Optional.empty()));
  }

  boolean hasSlip() {
    return !who.startsWith(NO_SLIP);
  }

  String row() {
    String ten = hasSlip() ? String.valueOf(tenSums) : "";
    String told = hasSlip() ? String.valueOf(ever) : "";
    return "| %s | %s | %d | %s | %s | %d of %d |"
        .formatted(who, operation, pupils, ten, told, falsely, weeks);
  }
}
