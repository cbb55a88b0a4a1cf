package bemble.app.demo;

import bemble.app.demo.DemoTerm.Answered;
import bemble.app.words.SlipIds;
import bemble.diagnosis.SimulatedPupil;
import bemble.practice.Item;
import bemble.practice.SlipKey;
import bemble.procedure.Answer;
import bemble.slip.Slip;
import bemble.style.Style;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/** A made-up pupil of the demo, who learns by practice and may have a slip in a method. */
final class DemoChild {
  private static final double AT_FIRST = 0.5;
  private static final double BLANK = 0.01;
  private static final double WITH_A_SLIP = 0.2;
  private static final double CURED = 0.6;

  /** How often a pupil makes a slip in a week, by how it goes with the slip. */
  private enum Fate {
    FADES,
    STAYS,
    COMES_BACK;

    double made(int week) {
      return switch (this) {
        case FADES -> 0.85 * Math.pow(0.55, week);
        case STAYS -> 0.75;
        case COMES_BACK -> week >= 2 && week <= 4 ? 0 : 0.8;
      };
    }
  }

  private record Habit(Optional<Slip> slip, Fate fate) {
    static final Habit NONE = new Habit(Optional.empty(), Fate.FADES);
  }

  private final Random random;
  private final double careless;
  private final double sumsToLearn;
  private final Map<String, Double> practised = new HashMap<>();
  private final Map<String, Habit> habits = new HashMap<>();

  /**
   * A pupil.
   *
   * @param slow who needs many more sums than others
   */
  DemoChild(boolean slow, Random random) {
    this.random = random;
    careless = 0.01 + 0.05 * random.nextDouble() * random.nextDouble();
    sumsToLearn = (slow ? 20 : 3) + 4 * random.nextDouble();
  }

  /** Has had some sums of a rung. */
  void practise(String rung, double sums) {
    practised.merge(rung, sums, Double::sum);
  }

  /** Has a lesson against a slip. */
  void untaught(String slip) {
    habits.replaceAll((method, habit) -> isOf(habit, slip) && isCured() ? Habit.NONE : habit);
  }

  private static boolean isOf(Habit habit, String slip) {
    return habit.slip().filter(each -> SlipIds.slips(slip).contains(each.named())).isPresent();
  }

  private boolean isCured() {
    return random.nextDouble() < CURED;
  }

  /** The answer to a sum in a week. */
  Answered answer(Item item, SlipKey key, int week) {
    Habit habit = habits.computeIfAbsent(item.method(), any -> habit(key));
    double sums = practised.getOrDefault(item.rung(), 0.0);
    double missed = careless + AT_FIRST * Math.exp(-sums / sumsToLearn);
    double made = habit.slip().isPresent() ? habit.fate().made(week) : 0;
    SimulatedPupil pupil = new SimulatedPupil(habit.slip(), made, missed, BLANK);
    Optional<Answer> given = pupil.answer(item.sum(Style.STANDARD), random);
    practise(item.rung(), 1);
    return new Answered(given, given.filter(key.right()::equals).isPresent());
  }

  private Habit habit(SlipKey key) {
    List<Slip> slips =
        key.wrong().values().stream()
            .flatMap(List::stream)
            .filter(slip -> !slip.isOfFacts())
            .distinct()
            .toList();
    return slips.isEmpty() || random.nextDouble() > WITH_A_SLIP
        ? Habit.NONE
        : new Habit(
            Optional.of(slips.get(random.nextInt(slips.size()))),
            Fate.values()[random.nextInt(Fate.values().length)]);
  }
}
