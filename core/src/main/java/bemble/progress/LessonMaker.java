package bemble.progress;

import bemble.ladder.Rung;
import bemble.practice.Item;
import bemble.practice.Lesson;
import bemble.practice.Lesson.Part;
import bemble.practice.LessonPart;
import bemble.practice.Pace;
import bemble.practice.SetLine;
import bemble.practice.Workload;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/** Makes lessons that fit into their minutes, by the time that the class takes for their sums. */
public final class LessonMaker {
  private static final int SAMPLE = 6;
  private static final int SEED = 11;
  private static final int MOST_SHOWN = 2;

  /** How often a rung comes in one opener, and in mixed practice. */
  private static final int IN_OPENER = 2;

  private static final int IN_PRACTICE = 5;

  private final Rules rules;
  private final Style style;
  private final Pace pace;

  /** The time of a sum of a rung by a method, in seconds; it is drawn and worked once. */
  private final Map<String, Double> seconds = new ConcurrentHashMap<>();

  /** Some pupils who practise a rung of their own. */
  public record Group(Rung rung, List<Long> pupils) {}

  /** Makes lessons for a class of this style and pace. */
  public LessonMaker(Rules rules, Style style, Pace pace) {
    this.rules = rules;
    this.style = style;
    this.pace = pace;
  }

  /** The seconds that a pupil takes for a sum of a rung, on average. */
  public double seconds(Rung rung, String method) {
    return seconds.computeIfAbsent(rung.id() + " " + method, any -> sampled(rung, method));
  }

  private double sampled(Rung rung, String method) {
    List<Item> sample =
        rung.draw(SAMPLE, SEED).stream().map(each -> Item.of(each, method, rung.id())).toList();
    return pace.seconds(Workload.of(sample, style).seconds()) / sample.size();
  }

  /** How long the sums of some lines take, in whole minutes. */
  public int minutes(List<SetLine> lines) {
    return minutes(
        lines.stream()
            .mapToDouble(line -> line.count() * seconds(line.rung(), line.method()))
            .sum());
  }

  private static int minutes(double seconds) {
    return Math.max(1, (int) Math.ceil(seconds / 60));
  }

  /**
   * A lesson on a rung. Minutes that its own sums do not fill go to mixed practice of rungs to look
   * at again; a part is left out if not even one sum fits into it.
   *
   * @param goal the rung that it is about
   * @param method the id of the method that it is worked by
   * @param again the rungs to look at again, the most urgent first
   * @param group those who practise another rung meanwhile, if any
   * @param minutes how long it may take, without the homework
   */
  public Lesson make(
      Rung goal, String method, List<Rung> again, Optional<Group> group, int minutes) {
    Rules.Shares shares = rules.shares();
    Turns turns = new Turns(again);
    List<Part> parts = new ArrayList<>();
    part(LessonPart.OPENER, turns.take((int) (minutes * shares.opener()), IN_OPENER))
        .ifPresent(parts::add);
    part(LessonPart.SHOW, own(goal, method, (int) (minutes * shares.show()), MOST_SHOWN))
        .ifPresent(parts::add);
    part(LessonPart.TOGETHER, own(goal, method, (int) (minutes * shares.together()), MOST_SHOWN))
        .ifPresent(parts::add);
    int left = minutes - new Lesson(parts).minutes();
    part(LessonPart.PRACTISE, ownAndMixed(goal, method, left, left, turns)).ifPresent(parts::add);
    group.flatMap(some -> part(some, left)).ifPresent(parts::add);
    int home = shares.homeworkMinutes();
    part(LessonPart.HOMEWORK, ownAndMixed(goal, method, home / 2, home, new Turns(again)))
        .ifPresent(parts::add);
    return new Lesson(parts);
  }

  /**
   * A lesson on a rung of a class, with the rungs that the class looks at again and parts for some
   * pupils; without a new rung if it is only to look again.
   *
   * @param proposals those of the day
   * @param goal the rung that it is about; the first to look at again where nothing is new
   * @param minutes how long it may take, without the homework
   */
  public Lesson make(Proposals proposals, Proposal.Kind kind, Rung goal, int minutes) {
    List<Rung> again = new ArrayList<>();
    proposals.opener().forEach(each -> again.add(proposals.rung(each)));
    again.remove(goal);
    if (kind == Proposal.Kind.LOOK_AGAIN) {
      again.add(0, goal);
      return review(again, minutes);
    }
    Optional<Group> group =
        proposals.group(goal.id()).map(some -> new Group(proposals.rung(some), some.pupils()));
    return make(goal, goal.methods().get(0), again, group, minutes);
  }

  /** A lesson in which nothing is new. */
  public Lesson review(List<Rung> again, int minutes) {
    Turns turns = new Turns(again);
    return new Lesson(
        part(LessonPart.PRACTISE, turns.take(minutes, IN_PRACTICE)).stream().toList());
  }

  private Optional<Part> part(LessonPart kind, List<SetLine> lines) {
    return lines.isEmpty() ? Optional.empty() : Optional.of(new Part(kind, lines, minutes(lines)));
  }

  private Optional<Part> part(Group group, int minutes) {
    Rung rung = group.rung();
    return part(
            LessonPart.PRACTISE, own(rung, rung.methods().get(0), minutes, rules.shares().sums()))
        .map(part -> new Part(part.kind(), part.lines(), part.minutes(), group.pupils()));
  }

  /** As many sums of one rung as there is time for. */
  private List<SetLine> own(Rung rung, String method, int minutes, int most) {
    int sums = Math.min(most, (int) (60 * minutes / seconds(rung, method)));
    return sums == 0 ? List.of() : List.of(new SetLine(rung, method, sums));
  }

  /** Sums of the rung for some of the minutes, and mixed ones for the rest. */
  private List<SetLine> ownAndMixed(Rung goal, String method, int own, int all, Turns turns) {
    List<SetLine> lines = new ArrayList<>(own(goal, method, own, rules.shares().sums()));
    lines.addAll(turns.take(all - (lines.isEmpty() ? 0 : minutes(lines)), IN_PRACTICE));
    return lines;
  }

  /** Has rungs come in turn, so that each comes once before one comes again. */
  private final class Turns {
    private final List<Rung> again;
    private int next;

    Turns(List<Rung> again) {
      this.again = again;
    }

    /** Mixed sums for some minutes, each rung at most some times. */
    List<SetLine> take(int minutes, int times) {
      Map<Rung, Integer> sums = new LinkedHashMap<>();
      double left = 60.0 * minutes;
      for (int i = 0; i < again.size() * times; i++) {
        Rung rung = again.get((next + i) % again.size());
        double seconds = seconds(rung, rung.methods().get(0));
        if (seconds <= left) {
          left -= seconds;
          sums.merge(rung, 1, Integer::sum);
        }
      }
      next += sums.size();
      return sums.entrySet().stream()
          .map(each -> new SetLine(each.getKey(), each.getKey().methods().get(0), each.getValue()))
          .toList();
    }
  }
}
