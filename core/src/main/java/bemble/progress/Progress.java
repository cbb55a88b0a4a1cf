package bemble.progress;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * Where a pupil stands on a rung, and why.
 *
 * @param standing the standing by the rules
 * @param latest the results of the latest sums
 * @param slip the slip that was made of late, the most frequent where there are several
 * @param lookAgain when to look again; empty for a rung that is not sure
 * @param shortfalls the reasons why the rung was not sure when it was last worked; of a rung that
 *     is sure, those that would keep it from becoming sure now
 */
public record Progress(
    Standing standing,
    Latest latest,
    Optional<LastSlip> slip,
    Optional<LocalDate> lookAgain,
    Set<Shortfall> shortfalls) {
  /** Nothing was worked. */
  public static final Progress NONE =
      new Progress(
          Standing.NEW,
          new Latest(0, 0, 0, 0, Optional.empty(), Optional.empty()),
          Optional.empty(),
          Optional.empty(),
          Set.of(Shortfall.TOO_FEW));

  /** Sums are counted in halves and shares of a day; this is below any difference that matters. */
  private static final double NOTHING = 1e-9;

  /**
   * The sums of the most recent whole days, at least as many as the rules look at.
   *
   * @param right how many were right
   * @param of how many there are
   * @param helped how many of the right ones were helped
   * @param days on how many days they were worked
   * @param workedOn the last day
   * @param wrongOn the last day on which one was wrong
   */
  public record Latest(
      int right,
      int of,
      int helped,
      int days,
      Optional<LocalDate> workedOn,
      Optional<LocalDate> wrongOn) {
    private static Latest of(List<Evidence> sums) {
      return new Latest(
          (int) sums.stream().filter(Evidence::right).count(),
          sums.size(),
          (int) sums.stream().filter(sum -> sum.right() && sum.helped()).count(),
          (int) sums.stream().map(Evidence::day).distinct().count(),
          sums.stream().map(Evidence::day).max(Comparator.naturalOrder()),
          sums.stream()
              .filter(sum -> !sum.right())
              .map(Evidence::day)
              .max(Comparator.naturalOrder()));
    }
  }

  /**
   * A slip and the last day on which it was made.
   *
   * @param slip its id
   * @param times how often it was made of late
   */
  public record LastSlip(String slip, LocalDate day, int times) {}

  /** Keeps a copy of the shortfalls. */
  public Progress {
    shortfalls = Set.copyOf(shortfalls);
  }

  /**
   * The same where a teacher has decided the standing. A rung that was decided to be sure is looked
   * at again when its time has come, or when newer work speaks against it.
   *
   * @param on the day on which it was decided
   * @param newer the sums of the rung that were worked after that day
   * @param today the day on which it is asked
   */
  public Progress decided(
      Standing decided, LocalDate on, List<Evidence> newer, LocalDate today, Rules rules) {
    if (!decided.isSure()) {
      return new Progress(decided, latest, slip, Optional.empty(), shortfalls);
    }
    LocalDate last = newer.stream().map(Evidence::day).max(Comparator.naturalOrder()).orElse(on);
    LocalDate spanOver = rules.lookAgain(last, 0);
    LocalDate again =
        speaksAgainst(newer, rules)
            ? last
            : lookAgain.filter(byRules -> byRules.isAfter(spanOver)).orElse(spanOver);
    Standing standing = today.isBefore(again) ? decided : Standing.LOOK_AGAIN;
    return new Progress(standing, latest, slip, Optional.of(again), shortfalls);
  }

  /**
   * Whether work would end a rung that was sure before it.
   *
   * @param newer sums of one rung in any order
   */
  public static boolean speaksAgainst(List<Evidence> newer, Rules rules) {
    return !newer.isEmpty() && falls(Days.of(newer, rules), rules.sure());
  }

  /** Whether the rung stays sure, although this work would not make another rung sure. */
  public boolean isStillSure() {
    return standing.isSure() && !shortfalls.isEmpty();
  }

  /**
   * Where a pupil stands who has done this.
   *
   * @param evidence the sums of one rung in any order
   * @param today the day on which it is asked; work of later days, by a clock that was set back,
   *     counts as well
   */
  public static Progress of(List<Evidence> evidence, LocalDate today, Rules rules) {
    if (evidence.isEmpty()) {
      return NONE;
    }
    Days days = Days.of(evidence, rules);
    Optional<LocalDate> lookAgain = lookAgain(days, rules);
    Standing standing = Standing.BEGUN;
    if (lookAgain.isPresent()) {
      standing = today.isBefore(lookAgain.get()) ? Standing.SURE : Standing.LOOK_AGAIN;
    } else if (isNearly(days, rules.nearly())) {
      standing = Standing.NEARLY;
    }
    return new Progress(
        standing,
        Latest.of(days.latest(rules.sure().latest())),
        lastSlip(ofLate(days, today, rules.sure())),
        lookAgain,
        shortfalls(days, rules.sure()));
  }

  /**
   * Whether a rung was sure at the end of each day with work on it, by the work until then. It
   * stays so until the next work.
   *
   * @param evidence the sums of one rung in any order
   */
  public static NavigableMap<LocalDate, Boolean> sureByDay(List<Evidence> evidence, Rules rules) {
    NavigableMap<LocalDate, Boolean> byDay = new TreeMap<>();
    Days days = Days.of(evidence, rules);
    boolean sure = false;
    for (int i = 0; i < days.count(); i++) {
      sure = isSure(days.upTo(i), sure, rules.sure());
      byDay.put(days.date(i), sure);
    }
    return byDay;
  }

  /** Whether a rung is sure after its last day, if it was so or not before that day. */
  private static boolean isSure(Days days, boolean before, Rules.Sure rules) {
    return before ? !falls(days, rules) : shortfalls(days, rules).isEmpty();
  }

  private static boolean falls(Days days, Rules.Sure rules) {
    return days.wrongOfLatest(rules.latest()) > rules.wrongToFall() - NOTHING
        || lastSlip(ofLate(days, days.last(), rules))
            .filter(slip -> slip.times() >= rules.slipsToFall())
            .isPresent();
  }

  private static Set<Shortfall> shortfalls(Days days, Rules.Sure rules) {
    Set<Shortfall> shortfalls = EnumSet.noneOf(Shortfall.class);
    if (!hasEnough(days, rules.least())) {
      shortfalls.add(Shortfall.TOO_FEW);
    }
    if (!missesFew(days, rules.latest(), rules.wrong())) {
      shortfalls.add(Shortfall.TOO_MANY_WRONG);
    }
    if (!isOnSeveralDays(days, rules)) {
      shortfalls.add(Shortfall.TOO_FEW_DAYS);
    }
    if (!ofLate(days, days.last(), rules).isEmpty()) {
      shortfalls.add(Shortfall.SLIP_LATELY);
    }
    return shortfalls;
  }

  /** One lucky sum shows nothing. */
  private static boolean hasEnough(Days days, int least) {
    return days.right() > least - NOTHING;
  }

  /** Old mistakes no longer count; new ones do. */
  private static boolean missesFew(Days days, int latest, int most) {
    return days.wrongOfLatest(latest) < most + NOTHING;
  }

  /** Whether the right sums are of several days: those of one lesson may be forgotten tomorrow. */
  private static boolean isOnSeveralDays(Days days, Rules.Sure rules) {
    return days.daysRight() >= rules.days();
  }

  /** A slip is a rule of the pupil's own, and comes again until it is talked about. */
  private static List<Evidence> ofLate(Days days, LocalDate day, Rules.Sure rules) {
    return days.slipsAfter(day.minusDays(rules.slipDays()));
  }

  private static boolean isNearly(Days days, Rules.Nearly rules) {
    return hasEnough(days, rules.least()) && missesFew(days, rules.latest(), rules.wrong());
  }

  /**
   * When to look again; empty for a rung that is not sure. The span grows each time that the rung
   * is worked after it is over and stays right, and begins anew with anything wrong.
   */
  private static Optional<LocalDate> lookAgain(Days days, Rules rules) {
    boolean sure = false;
    int times = 0;
    LocalDate grown = LocalDate.MIN;
    for (int i = 0; i < days.count(); i++) {
      LocalDate day = days.date(i);
      boolean before = sure;
      sure = isSure(days.upTo(i), before, rules.sure());
      if (sure && (!before || days.hasWrong(i))) {
        times = 0;
        grown = day;
      } else if (sure && !day.isBefore(rules.lookAgain(grown, times))) {
        times++;
        grown = day;
      }
    }
    return sure ? Optional.of(rules.lookAgain(days.last(), times)) : Optional.empty();
  }

  private static Optional<LastSlip> lastSlip(List<Evidence> slips) {
    Map<String, Long> times =
        slips.stream()
            .collect(Collectors.groupingBy(Evidence::slip, TreeMap::new, Collectors.counting()));
    return times.entrySet().stream()
        .max(Map.Entry.comparingByValue())
        .flatMap(
            most ->
                slips.stream()
                    .filter(sum -> sum.slip().equals(most.getKey()))
                    .map(Evidence::day)
                    .max(Comparator.naturalOrder())
                    .map(day -> new LastSlip(most.getKey(), day, most.getValue().intValue())));
  }
}
