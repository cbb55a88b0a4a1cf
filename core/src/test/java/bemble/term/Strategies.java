package bemble.term;

import bemble.ladder.Rung;
import bemble.practice.Lesson;
import bemble.progress.Proposal;
import bemble.progress.Proposals;
import bemble.progress.Rules;
import bemble.progress.Taught;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;

/** Ways that a teacher might follow: Bemble's, three without it, and one that sees into heads. */
final class Strategies {
  private static final int OLDEST = 8;

  private Strategies() {}

  private static Strategy.Chosen chosen(int rung, boolean against, List<Rung> again, int minutes) {
    Rung goal = Rungs.ALL.get(rung);
    Lesson lesson =
        Rungs.LESSONS.make(goal, goal.methods().get(0), again, Optional.empty(), minutes);
    return new Strategy.Chosen(rung, against, lesson);
  }

  private static Strategy.Chosen plain(int rung, List<Rung> again, int minutes) {
    return chosen(rung, false, again, minutes);
  }

  /** Two lessons a rung; each opens with the work that is longest ago. */
  static Strategy fixedOpener() {
    return fixed(
        (room, day, rung, minutes) -> plain(rung, worked(room, rung, room::lastWorked), minutes));
  }

  /** Two lessons a rung; each Friday looks at recent rungs again. */
  static Strategy fixedWeekly() {
    return fixed((room, day, rung, minutes) -> plain(rung, List.of(), minutes));
  }

  private interface OnRung {
    Strategy.Chosen lesson(Room room, int day, int rung, int minutes);
  }

  private static Strategy fixed(OnRung lesson) {
    List<Integer> order = Rungs.inOrder();
    return new Strategy() {
      private int had;

      @Override
      public Chosen lesson(Room room, int day, int minutes) {
        return lesson.lesson(room, day, order.get(Math.min(order.size() - 1, had++ / 2)), minutes);
      }
    };
  }

  /** Fridays look at recent rungs again; all other days follow another strategy. */
  static Strategy withFridays(Strategy other) {
    return (room, day, minutes) -> {
      if (day % 7 != 4) {
        return other.lesson(room, day, minutes);
      }
      List<Rung> late = worked(room, -1, rung -> -room.lastWorked(rung));
      return new Strategy.Chosen(-1, false, Rungs.LESSONS.review(late, minutes));
    };
  }

  private interface Order {
    int of(int rung);
  }

  private static List<Rung> worked(Room room, int but, Order order) {
    return IntStream.range(0, Rungs.COUNT)
        .filter(rung -> room.lessons(rung) > 0 && rung != but)
        .boxed()
        .sorted(Comparator.comparing(order::of))
        .limit(OLDEST)
        .map(Rungs.ALL::get)
        .toList();
  }

  /** Any rung whose needs were had. */
  static Strategy random(long seed) {
    Random random = new Random(seed);
    return (room, day, minutes) -> {
      List<Integer> ready =
          IntStream.range(0, Rungs.COUNT)
              .filter(
                  rung -> IntStream.of(Rungs.needs(rung)).allMatch(need -> room.lessons(need) > 0))
              .boxed()
              .toList();
      return plain(ready.get(random.nextInt(ready.size())), List.of(), minutes);
    };
  }

  /** Looks into heads and does whatever gains most until four weeks after the term. */
  static Strategy oracle() {
    return (room, day, minutes) -> {
      int goal = best(room, day);
      record Again(int rung, double gain) {}
      List<Rung> again =
          IntStream.range(0, Rungs.COUNT)
              .filter(rung -> room.lessons(rung) > 0 && rung != goal)
              .mapToObj(rung -> new Again(rung, gain(room, rung, 2, false, day) / seconds(rung)))
              .sorted(Comparator.comparing(each -> -each.gain()))
              .limit(OLDEST)
              .map(each -> Rungs.ALL.get(each.rung()))
              .toList();
      long slips = room.children().stream().filter(child -> child.slips(goal)).count();
      return chosen(goal, 3 * slips >= room.children().size(), again, minutes);
    };
  }

  private static int best(Room room, int day) {
    return IntStream.range(0, Rungs.COUNT)
        .boxed()
        .max(Comparator.comparing(rung -> gain(room, rung, 30, true, day)))
        .orElseThrow();
  }

  private static double gain(Room room, int rung, int sums, boolean taught, int day) {
    return room.children().stream()
        .mapToDouble(
            child ->
                value(child.after(rung, sums, taught, day, Term.LATER))
                    - value(child.strength(rung, Term.LATER)))
        .sum();
  }

  private static double seconds(int rung) {
    Rung goal = Rungs.ALL.get(rung);
    return Rungs.LESSONS.seconds(goal, goal.methods().get(0));
  }

  /** The value of a strength: steep where it decides whether a rung is known. */
  private static double value(double strength) {
    return 1 / (1 + Math.exp((0.75 - strength) / 0.15));
  }

  /** Bemble's first proposal each day. */
  static Strategy bemble(Rules rules) {
    return new Strategy() {
      private final List<Taught.Topic> given = new ArrayList<>();

      @Override
      public Chosen lesson(Room room, int day, int minutes) {
        LocalDate today = Room.FIRST.plusDays(day);
        Taught taught = new Taught(given, Set.of(), Map.of());
        Proposals proposals = new Proposals(room.progress(day, rules), taught, today, rules);
        Proposal first = proposals.all().get(0);
        boolean isMixed = first.why().kind() == Proposal.Kind.LOOK_AGAIN;
        given.add(new Taught.Topic(today, isMixed ? "" : first.rung(), first.slip()));
        Lesson lesson =
            Rungs.LESSONS.make(proposals, first.why().kind(), rung(first.rung()), minutes);
        int goal = isMixed ? -1 : Rungs.place(first.rung());
        return new Chosen(goal, !first.slip().isEmpty(), lesson);
      }
    };
  }

  private static Rung rung(String id) {
    return Rungs.ALL.get(Rungs.place(id));
  }
}
