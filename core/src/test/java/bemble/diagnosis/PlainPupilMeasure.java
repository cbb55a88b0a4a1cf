package bemble.diagnosis;

import bemble.diagnosis.AnswerSpace.Answered;
import bemble.number.Numeral;
import bemble.practice.Item;
import bemble.problem.Addition;
import bemble.problem.Multiplication;
import bemble.problem.Problem;
import bemble.problem.Root;
import bemble.problem.Subtraction;
import bemble.slip.Slip;
import bemble.slip.Slips;
import bemble.style.Style;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** The diagnoses of pupils who know no procedure, each of ten sums. */
final class PlainPupilMeasure {
  private static final double[] MADE = {0.4, 0.6, 0.8, 1};
  private static final double CARELESS = 0.04;
  private static final int SUMS = 10;
  private static final int BINS = 10;

  private final int[] told = new int[BINS];
  private final int[] were = new int[BINS];
  private final double[] chances = new double[BINS];
  private double brier;
  private int judged;

  /**
   * Of pupils with one habit.
   *
   * @param made at how many chances they make the slip
   * @param pupils those who made it in some answer
   * @param first of whom it is the likeliest explanation
   * @param said of whom it is said
   * @param other of whom another slip is said
   */
  record Row(PlainPupil pupil, double made, int pupils, int first, int said, int other) {}

  List<Row> rows(int pupils) {
    return rows(pupils, MADE);
  }

  List<Row> rows(int pupils, double... rates) {
    List<Row> rows = new ArrayList<>();
    for (PlainPupil pupil : PlainPupil.ALL) {
      for (double made : rates) {
        rows.add(row(pupil, made, pupils));
      }
    }
    return rows;
  }

  private Row row(PlainPupil pupil, double made, int pupils) {
    Random random = new Random(Double.hashCode(made) + 31L * pupil.slip().hashCode());
    int counted = 0;
    int first = 0;
    int said = 0;
    int other = 0;
    Optional<Slip> slip = Slips.find(pupil.slip());
    while (counted < pupils) {
      List<Item> items = new ArrayList<>();
      List<AnswerSpace> answers = new ArrayList<>();
      boolean[] slipped = {false};
      for (int i = 0; i < SUMS; i++) {
        int[] sum = pupil.sum(random);
        items.add(Item.of(problem(pupil, sum), pupil.method(), ""));
        long right = pupil.habit().answer(sum[0], sum[1], () -> false);
        long answer = pupil.habit().answer(sum[0], sum[1], () -> random.nextDouble() < made);
        slipped[0] |= answer != right;
        answer += random.nextDouble() < CARELESS ? careless(random) : 0;
        answers.add(
            new Answered(new Reply(BigDecimal.valueOf(Math.max(0, answer)), Optional.empty())));
      }
      if (!slipped[0]) {
        continue;
      }
      counted++;
      Diagnosis diagnosis = new Diagnoser(items, Style.STANDARD).of(answers);
      List<Slip> named = slip.map(each -> List.of(each.named())).orElse(List.of());
      Explanation likeliest = diagnosis.explanations().get(0);
      boolean isFirst = DiagnosisMeasure.isNamed(likeliest, named);
      first += !named.isEmpty() && isFirst ? 1 : 0;
      said += isFirst && likeliest.isSure() ? 1 : 0;
      other += !isFirst && likeliest.isSure() ? 1 : 0;
      for (Explanation each : diagnosis.explanations()) {
        if (!each.slips().isEmpty()) {
          calibrate(each.probability(), DiagnosisMeasure.isNamed(each, named));
        }
      }
    }
    return new Row(pupil, made, counted, first, said, other);
  }

  private static long careless(Random random) {
    return (random.nextBoolean() ? 1 : -1) * (random.nextBoolean() ? 1L : 10L);
  }

  static Problem problem(PlainPupil pupil, int[] sum) {
    Numeral one = Numeral.of(sum[0]);
    Numeral other = Numeral.of(sum[1]);
    return switch (pupil.operation()) {
      case ADDITION -> new Addition(List.of(one, other));
      case SUBTRACTION -> new Subtraction(one, other);
      case ROOT -> new Root(one, 0);
      default -> new Multiplication(one, other);
    };
  }

  private void calibrate(double probability, boolean is) {
    int bin = Math.min(BINS - 1, (int) (probability * BINS));
    told[bin]++;
    were[bin] += is ? 1 : 0;
    chances[bin] += probability;
    brier += Math.pow(probability - (is ? 1 : 0), 2);
    judged++;
  }

  /** A row for each habit and each chance. */
  static String table(List<Row> rows) {
    StringBuilder table = new StringBuilder();
    for (Row row : rows) {
      String name = row.pupil.slip().isEmpty() ? "none that is known" : row.pupil.slip();
      table.append(
          "| %s | %s | %.0f %% | %d | %d | %d | %d |%n"
              .formatted(
                  name,
                  row.pupil.operation().id(),
                  100 * row.made,
                  row.pupils,
                  row.first,
                  row.said,
                  row.other));
    }
    return table.toString();
  }

  /** How often explanations that were told with a probability are true. */
  String calibration() {
    StringBuilder table = new StringBuilder();
    for (int bin = 0; bin < BINS; bin++) {
      int of = Math.max(1, told[bin]);
      table.append(
          "| %.1f to %.1f | %d | %.3f | %.3f |%n"
              .formatted(
                  bin / 10.0,
                  (bin + 1) / 10.0,
                  told[bin],
                  chances[bin] / of,
                  (double) were[bin] / of));
    }
    return table.toString();
  }

  /** The mean square of the error of a probability. */
  double brier() {
    return brier / judged;
  }
}
