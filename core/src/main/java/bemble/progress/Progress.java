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
 * @param right how many of the latest sums were right; the latest days that reach to as many sums
 *     as the rules look at, all of each day
 * @param of how many sums these are
 * @param helped how many of the right ones were helped
 * @param days on how many days they were worked
 * @param slip the slip that was made on the latest days, the most frequent where there are several
 * @param lookAgain when to look again; empty for a rung that is not sure
 * @param lacks what keeps the rung from being sure
 */
public record Progress(
    Standing standing,
    int right,
    int of,
    int helped,
    int days,
    Optional<LastSlip> slip,
    Optional<LocalDate> lookAgain,
    Set<Lack> lacks) {
  /** Nothing was worked. */
  public static final Progress NONE =
      new Progress(
          Standing.NEW, 0, 0, 0, 0, Optional.empty(), Optional.empty(), Set.of(Lack.TOO_FEW));

  /** Sums are counted in halves and shares of a day; this is below any difference that matters. */
  private static final double NOTHING = 1e-9;

  /**
   * A slip and the last day on which it was made.
   *
   * @param slip its id
   */
  public record LastSlip(String slip, LocalDate day) {}

  /** Keeps a copy of what lacks. */
  public Progress {
    lacks = Set.copyOf(lacks);
  }

  /** The same where a teacher has decided the standing. */
  public Progress decided(Standing decided) {
    Optional<LocalDate> again = decided.isSure() ? lookAgain : Optional.empty();
    return new Progress(decided, right, of, helped, days, slip, again, lacks);
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
    Set<Lack> lacks = lacks(days, rules);
    Standing standing = Standing.BEGUN;
    if (lookAgain.isPresent()) {
      standing = today.isBefore(lookAgain.get()) ? Standing.SURE : Standing.LOOK_AGAIN;
    } else if (isNearly(days, rules)) {
      standing = Standing.NEARLY;
    }
    List<Evidence> latest = days.latest(rules.latestForSure());
    return new Progress(
        standing,
        (int) latest.stream().filter(Evidence::right).count(),
        latest.size(),
        (int) latest.stream().filter(sum -> sum.right() && sum.helped()).count(),
        (int) latest.stream().map(Evidence::day).distinct().count(),
        lastSlip(days.slips(rules.daysWithoutSlip())),
        lookAgain,
        lacks);
  }

  /**
   * Whether a rung was sure at the end of each day on which it was worked, by what was worked until
   * then. It stays so until it is worked again.
   *
   * @param evidence the sums of one rung in any order
   */
  public static NavigableMap<LocalDate, Boolean> sureByDay(List<Evidence> evidence, Rules rules) {
    NavigableMap<LocalDate, Boolean> sure = new TreeMap<>();
    Days days = Days.of(evidence, rules);
    for (int i = 0; i < days.count(); i++) {
      sure.put(days.date(i), isSure(days.upTo(i), rules));
    }
    return sure;
  }

  private static boolean isSure(Days days, Rules rules) {
    return lacks(days, rules).isEmpty();
  }

  private static Set<Lack> lacks(Days days, Rules rules) {
    Set<Lack> lacks = EnumSet.noneOf(Lack.class);
    if (!hasEnough(days, rules.leastForSure())) {
      lacks.add(Lack.TOO_FEW);
    }
    if (!missesFew(days, rules.latestForSure(), rules.wrongForSure())) {
      lacks.add(Lack.TOO_MANY_WRONG);
    }
    if (!isOnSeveralDays(days, rules)) {
      lacks.add(Lack.TOO_FEW_DAYS);
    }
    if (!isWithoutSlipLately(days, rules)) {
      lacks.add(Lack.SLIP_LATELY);
    }
    return lacks;
  }

  /** One lucky sum shows nothing. */
  private static boolean hasEnough(Days days, int least) {
    return days.right() > least - NOTHING;
  }

  /** What was wrong long ago is over; what is wrong now counts. */
  private static boolean missesFew(Days days, int latest, int most) {
    return days.wrongOfLatest(latest) < most + NOTHING;
  }

  /** What is right in the lesson that taught it may be gone tomorrow. */
  private static boolean isOnSeveralDays(Days days, Rules rules) {
    return days.daysRight() >= rules.daysForSure();
  }

  /** A slip is a rule of the pupil's own, and comes again until it is talked about. */
  private static boolean isWithoutSlipLately(Days days, Rules rules) {
    return days.slips(rules.daysWithoutSlip()).isEmpty();
  }

  private static boolean isNearly(Days days, Rules rules) {
    return hasEnough(days, rules.leastForNearly())
        && missesFew(days, rules.latestForNearly(), rules.wrongForNearly());
  }

  /**
   * When to look again; empty for what is not sure. The span grows each time that the rung is
   * worked after it is over and stays right, and begins anew with anything wrong.
   */
  private static Optional<LocalDate> lookAgain(Days days, Rules rules) {
    boolean sure = false;
    int times = 0;
    LocalDate grown = LocalDate.MIN;
    for (int i = 0; i < days.count(); i++) {
      LocalDate day = days.date(i);
      boolean before = sure;
      sure = isSure(days.upTo(i), rules);
      if (sure && (!before || days.hasWrong(i))) {
        times = 0;
        grown = day;
      } else if (sure && !day.isBefore(rules.lookAgain(grown, times))) {
        times++;
        grown = day;
      }
    }
    return sure
        ? Optional.of(rules.lookAgain(days.date(days.count() - 1), times))
        : Optional.empty();
  }

  private static Optional<LastSlip> lastSlip(List<Evidence> slips) {
    Map<String, Long> times =
        slips.stream()
            .collect(Collectors.groupingBy(Evidence::slip, TreeMap::new, Collectors.counting()));
    return times.entrySet().stream()
        .max(Map.Entry.comparingByValue())
        .map(Map.Entry::getKey)
        .flatMap(
            slip ->
                slips.stream()
                    .filter(sum -> sum.slip().equals(slip))
                    .map(Evidence::day)
                    .max(Comparator.naturalOrder())
                    .map(day -> new LastSlip(slip, day)));
  }
}
