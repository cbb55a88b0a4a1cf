package bemble.progress;

import bemble.ladder.Rung;
import bemble.practice.Item;
import bemble.practice.Line;
import bemble.practice.Pace;
import bemble.practice.Workload;
import bemble.progress.Lesson.Kind;
import bemble.progress.Lesson.Part;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Makes lessons that fit into their minutes, by the time that the class takes for their sums. */
public final class LessonMaker {
  private static final int SAMPLE = 6;
  private static final int SEED = 11;
  private static final int MOST_SUMS = 20;
  private static final int MOST_SHOWN = 2;

  private final Rules rules;
  private final Style style;
  private final Pace pace;

  /** Makes lessons for a class of this style and pace. */
  public LessonMaker(Rules rules, Style style, Pace pace) {
    this.rules = rules;
    this.style = style;
    this.pace = pace;
  }

  /** The seconds that a pupil takes for a sum of a rung, on average. */
  public double seconds(Rung rung, String method) {
    List<Item> sample =
        rung.draw(SAMPLE, SEED).stream().map(each -> Item.of(each, method, rung.id())).toList();
    return pace.seconds(Workload.of(sample, style).seconds()) / sample.size();
  }

  /** How long the sums of some lines take, in whole minutes. */
  public int minutes(List<Line> lines) {
    return minutes(
        lines.stream()
            .mapToDouble(line -> line.count() * seconds(line.rung(), line.method()))
            .sum());
  }

  private static int minutes(double seconds) {
    return Math.max(1, (int) Math.ceil(seconds / 60));
  }

  /**
   * A lesson on a rung. What a part cannot use of its minutes is left to practice; a part that not
   * even one sum fits into is left out.
   *
   * @param goal the rung that it is about
   * @param method the id of the method that it is worked by
   * @param again what is looked at again in the beginning, the most urgent first
   * @param minutes how long it may take, without the homework
   */
  public Lesson make(Rung goal, String method, List<Rung> again, int minutes) {
    List<Part> parts = new ArrayList<>();
    opener(again, (int) (minutes * rules.openerPart())).ifPresent(parts::add);
    double seconds = seconds(goal, method);
    part(Kind.SHOW, goal, method, seconds, (int) (minutes * rules.showPart()), MOST_SHOWN)
        .ifPresent(parts::add);
    part(Kind.TOGETHER, goal, method, seconds, (int) (minutes * rules.togetherPart()), MOST_SHOWN)
        .ifPresent(parts::add);
    int left = minutes - new Lesson(parts).minutes();
    part(Kind.PRACTISE, goal, method, seconds, left, MOST_SUMS).ifPresent(parts::add);
    part(Kind.HOMEWORK, goal, method, seconds, rules.homeworkMinutes(), MOST_SUMS)
        .ifPresent(parts::add);
    return new Lesson(parts);
  }

  private static Optional<Part> part(
      Kind kind, Rung rung, String method, double seconds, int minutes, int most) {
    int sums = Math.min(most, (int) (60 * minutes / seconds));
    return sums == 0
        ? Optional.empty()
        : Optional.of(
            new Part(kind, List.of(new Line(rung, method, sums)), minutes(sums * seconds)));
  }

  /** A sum of each rung in turn for as long as there is time. */
  private Optional<Part> opener(List<Rung> again, int minutes) {
    Map<Rung, Integer> sums = new LinkedHashMap<>();
    double used = 0;
    for (int i = 0; i < again.size() * MOST_SHOWN; i++) {
      Rung rung = again.get(i % again.size());
      double seconds = seconds(rung, rung.methods().get(0));
      if (used + seconds <= 60.0 * minutes) {
        used += seconds;
        sums.merge(rung, 1, Integer::sum);
      }
    }
    List<Line> lines =
        sums.entrySet().stream()
            .map(each -> new Line(each.getKey(), each.getKey().methods().get(0), each.getValue()))
            .toList();
    return lines.isEmpty()
        ? Optional.empty()
        : Optional.of(new Part(Kind.OPENER, lines, minutes(used)));
  }
}
