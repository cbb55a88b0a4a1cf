package bemble.progress;

import bemble.ladder.Rung;
import bemble.problem.Operation;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** The next lessons that a class may have, by the rules of {@link Rules.Next}. */
public final class Proposals {
  private final ClassProgress progress;
  private final Taught taught;
  private final LocalDate today;
  private final Rules.Next rules;
  private final Rules.Mixed mixed;
  private final double lessonShare;
  private final int slipsToCount;
  private final Map<String, Double> places = new HashMap<>();
  private final Set<Operation> worked = EnumSet.noneOf(Operation.class);
  private final StandingsByRung room;

  /** Proposals for a class on a day. */
  public Proposals(ClassProgress progress, Taught taught, LocalDate today, Rules rules) {
    this.progress = progress;
    this.taught = taught;
    this.today = today;
    this.rules = rules.next();
    mixed = rules.mixed();
    lessonShare = rules.worked().share();
    room = new StandingsByRung(progress);
    slipsToCount = rules.sure().slipsToFall();
    for (Operation operation : Operation.values()) {
      List<Rung> rungs = progress.ladder().of(operation);
      for (int i = 0; i < rungs.size(); i++) {
        places.put(rungs.get(i).id(), i / (double) rungs.size());
      }
      if (rungs.stream().anyMatch(this::isBegun)) {
        worked.add(operation);
      }
    }
  }

  /** Whether a rung was taught, is planned, or enough stand on it by a teacher's decision. */
  private boolean isBegun(Rung rung) {
    return isTaught(rung) || taught.isPlanned(rung.id()) || enoughStand(rung);
  }

  private boolean enoughStand(Rung rung) {
    return isShare(room.stands(rung.id()).cardinality(), rules.half());
  }

  /** All proposals for a lesson, the best first. */
  public List<Proposal> all() {
    List<Proposal> all = Stream.of(reteach(), mixed(), teach()).flatMap(List::stream).toList();
    return all.isEmpty() ? review() : all;
  }

  /** Where all stand on everything, only due reviews are left. */
  private List<Proposal> review() {
    return opener().stream()
        .limit(1)
        .map(most -> proposal(Proposal.Why.REVIEW, most.rung(), "", most.pupils()))
        .toList();
  }

  /**
   * A lesson for nothing new, where a part of the class has too much open that was taught; it helps
   * those who know least the most.
   */
  private List<Proposal> mixed() {
    List<Rung> had = progress.ladder().all().stream().filter(this::isTaught).toList();
    double limit = Math.max(mixed.open(), mixed.openShare() * had.size());
    List<Long> unsure = unsureOfMore(had, limit);
    if (!isShare(unsure.size(), mixed.quarter())
        || taught.isAmongLatest("", mixed.between())
        || taught.isPlanned("")) {
      return List.of();
    }
    return opener().stream()
        .limit(1)
        .map(most -> proposal(Proposal.Why.MIXED, most.rung(), "", unsure))
        .toList();
  }

  /** The pupils who have worked more than so many rungs and are not nearly sure of them. */
  private List<Long> unsureOfMore(List<Rung> had, double limit) {
    int[] open = new int[room.size()];
    for (Rung rung : had) {
      room.at(rung.id(), Standing.BEGUN).stream().forEach(pupil -> open[pupil]++);
    }
    BitSet unsure = new BitSet(room.size());
    for (int pupil = 0; pupil < open.length; pupil++) {
      unsure.set(pupil, open[pupil] > limit);
    }
    return room.ids(unsure);
  }

  /** The slips that enough pupils make for a lesson against them, those of most pupils first. */
  private List<Proposal> reteach() {
    record Made(String rung, String slip) {}

    Map<Made, List<Long>> made = new LinkedHashMap<>();
    for (Rung rung : progress.ladder().all()) {
      for (long pupil : progress.pupils().keySet()) {
        progress
            .of(pupil, rung.id())
            .slip()
            .filter(slip -> slip.times() >= slipsToCount)
            .map(slip -> new Made(rung.id(), slip.slip()))
            .ifPresent(key -> made.computeIfAbsent(key, any -> new ArrayList<>()).add(pupil));
      }
    }
    List<Proposal> due = new ArrayList<>();
    made.forEach(
        (each, pupils) -> {
          if (isShare(pupils.size(), rules.third()) && isOpen(each.rung(), each.slip())) {
            due.add(proposal(Proposal.Why.SLIP, each.rung(), each.slip(), pupils));
          }
        });
    due.sort(byPupils());
    return due;
  }

  /** Whether a slip may lead a lesson: not right after one, nor after several on the rung. */
  private boolean isOpen(String rung, String slip) {
    LocalDate paused = today.minusDays(rules.pause());
    return !taught.isPlanned(rung)
        && !taught.isLatest(rung, rules.lessons())
        && taught.against(rung, slip).filter(day -> day.isAfter(paused)).isEmpty();
  }

  private List<Proposal> teach() {
    List<Proposal> all = new ArrayList<>();
    for (Rung rung : progress.ladder().all()) {
      if (!taught.isPlanned(rung.id())) {
        teach(rung).ifPresent(all::add);
      }
    }
    all.sort(
        Comparator.comparing(this::stage)
            .thenComparing(this::urgency)
            .thenComparing(each -> places.get(each.rung())));
    return all;
  }

  /** The proposal for a rung; empty where all are sure of it, or nobody is ready for it. */
  private Optional<Proposal> teach(Rung rung) {
    BitSet open = room.open(rung.id());
    BitSet ready = ready(rung, open, need -> false);
    BitSet ahead = ready(rung, open, taught::isPlanned);
    int standing = room.size() - open.cardinality();
    boolean enough = isShare(standing, rules.half());
    if (isTaught(rung) && !enough && taught.lessons(rung.id()) < rules.lessons()) {
      return some(isMarked(rung) ? Proposal.Why.NOT_YET : Proposal.Why.UNMARKED, rung, open);
    }
    if (isTaught(rung) || enough) {
      return some(Proposal.Why.FOR_SOME, rung, open);
    }
    if (isShare(standing + ready.cardinality(), rules.half())) {
      boolean goesOn = worked.contains(rung.operation());
      return some(goesOn ? Proposal.Why.GO_ON : Proposal.Why.BEGIN, rung, ready);
    }
    return isShare(standing + ahead.cardinality(), rules.half())
        ? some(Proposal.Why.AHEAD, rung, ahead)
        : some(Proposal.Why.SOME_READY, rung, ready);
  }

  /** Whether enough is known of a rung to say that few stand. */
  private boolean isMarked(Rung rung) {
    int marked = room.size() - room.at(rung.id(), Standing.NEW).cardinality();
    return isShare(marked, lessonShare);
  }

  private Optional<Proposal> some(Proposal.Why why, Rung rung, BitSet some) {
    return some.isEmpty()
        ? Optional.empty()
        : Optional.of(proposal(why, rung.id(), "", room.ids(some)));
  }

  /**
   * New rungs stand together: those of an operation that is begun, and a first one. An operation
   * that comes before one that is worked was taught elsewhere: it is not begun anew.
   */
  private int stage(Proposal proposal) {
    boolean begins = proposal.why() == Proposal.Why.BEGIN && !isPassed(operation(proposal));
    boolean isNew = begins || proposal.why() == Proposal.Why.AHEAD;
    return isNew ? Proposal.Why.GO_ON.ordinal() : proposal.why().ordinal();
  }

  private boolean isPassed(Operation operation) {
    return worked.stream().anyMatch(each -> each.compareTo(operation) > 0);
  }

  private Operation operation(Proposal proposal) {
    return rung(proposal).operation();
  }

  /** The rung that a proposal is about. */
  Rung rung(Proposal proposal) {
    return progress.ladder().find(proposal.rung()).orElseThrow();
  }

  /**
   * New rungs come in the order of difficulty, each at its place within its operation, so that no
   * operation is left behind; each new operation waits for those before it. All other proposals go
   * by the number of pupils.
   */
  private double urgency(Proposal proposal) {
    return switch (proposal.why()) {
      case GO_ON, AHEAD -> place(proposal);
      case BEGIN -> place(proposal) + rules.begin() * operation(proposal).ordinal();
      default -> -proposal.pupils().size();
    };
  }

  private double place(Proposal proposal) {
    return Objects.requireNonNull(places.get(proposal.rung()));
  }

  /** Rungs for openers: due ones, and taught ones that are not sure yet; the most needed first. */
  public List<Proposal> opener() {
    List<Proposal> again = new ArrayList<>();
    for (Rung rung : progress.ladder().all()) {
      some(Proposal.Why.OPENER, rung, again(rung)).ifPresent(again::add);
    }
    again.sort(byPupils());
    return again;
  }

  private BitSet again(Rung rung) {
    BitSet again = room.all();
    again.andNot(room.at(rung.id(), Standing.SURE));
    if (!isTaught(rung)) {
      again.andNot(room.at(rung.id(), Standing.NEW));
      if (enoughStand(rung)) {
        again.or(room.open(rung.id()));
      }
    }
    return again;
  }

  /**
   * Those who get sums of their own rung in a lesson, since nothing of it came for a while: pupils
   * who are ready for a rung that was taught and do not stand on it, while enough of the others do.
   *
   * @param goal the id of the rung that the lesson is about
   */
  public Optional<Proposal> group(String goal) {
    Proposal longest = null;
    LocalDate since = schoolDaysAgo(rules.untouched() - 1);
    for (Rung rung : progress.ladder().all()) {
      List<Long> behind = rung.id().equals(goal) ? List.of() : behind(rung);
      if (!behind.isEmpty()) {
        LocalDate touched = touched(behind, rung.id());
        if (touched.isBefore(since)) {
          since = touched;
          longest = proposal(Proposal.Why.FOR_SOME, rung.id(), "", behind);
        }
      }
    }
    return Optional.ofNullable(longest);
  }

  private List<Long> behind(Rung rung) {
    BitSet open = room.open(rung.id());
    return isTaught(rung) && isShare(room.size() - open.cardinality(), rules.half())
        ? room.ids(ready(rung, open, need -> false))
        : List.of();
  }

  /** The day on which the rung came last, or will, to whom it came longest ago. */
  private LocalDate touched(List<Long> pupils, String rung) {
    LocalDate worked =
        pupils.stream()
            .map(pupil -> progress.of(pupil, rung).latest().workedOn().orElse(LocalDate.MIN))
            .min(Comparator.naturalOrder())
            .orElseThrow();
    return worked.isAfter(taught.last(rung)) ? worked : taught.last(rung);
  }

  private LocalDate schoolDaysAgo(int days) {
    LocalDate day = today;
    for (int i = 0; i < days; i++) {
      day = schoolDayBefore(day);
    }
    return day;
  }

  private static LocalDate schoolDayBefore(LocalDate day) {
    LocalDate before = day.minusDays(1);
    boolean isFree = before.getDayOfWeek().compareTo(DayOfWeek.FRIDAY) > 0;
    return isFree ? schoolDayBefore(before) : before;
  }

  private Proposal proposal(Proposal.Why why, String rung, String slip, List<Long> pupils) {
    int standing = room.stands(rung).cardinality();
    int due = room.at(rung, Standing.LOOK_AGAIN).cardinality();
    Proposal.Count count = new Proposal.Count(room.size(), standing, due, taught.lessons(rung));
    return new Proposal(why, rung, slip, pupils, count);
  }

  private boolean isShare(int some, double share) {
    return some > 0 && some >= share * room.size();
  }

  private boolean isTaught(Rung rung) {
    return taught.lessons(rung.id()) > 0;
  }

  /**
   * Those of some who are ready for a rung: nearly sure of a need is enough to go on.
   *
   * @param but needs that do not count
   */
  private BitSet ready(Rung rung, BitSet some, Predicate<String> but) {
    BitSet ready = (BitSet) some.clone();
    rung.needs().stream().filter(but.negate()).forEach(need -> ready.and(room.stands(need)));
    return ready;
  }

  private static Comparator<Proposal> byPupils() {
    return Comparator.comparing(proposal -> -proposal.pupils().size());
  }
}
