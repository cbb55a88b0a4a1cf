package bemble.judge;

import bemble.judge.Judge.SettingOut;
import bemble.judge.Judge.Stage;
import bemble.judge.Prediction.Seen;
import bemble.method.Sum;
import bemble.plan.Slot;
import bemble.plan.Working;
import bemble.slip.Slip;
import bemble.slip.SlippingHand;
import bemble.slip.SlippingHand.At;
import bemble.wording.Section;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The search for the hand that wrote one page, in one school. */
final class Search {
  private static final int MOST_FINDINGS = 16;

  /** How much sooner an answer is there than its page. */
  private static final int TIMES_SOONER = 3;

  private final School school;
  private final Budget budget;
  private final SettingOut settingOut;
  private final Handwriting written;

  /** Numbers that were found to stand aside. */
  private final List<Aside> asides = new ArrayList<>();

  /** Of the page with these where they are due. */
  private Inspection inspection;

  private KnownHand known;

  /** A sum as one school works it, with the small figures that are accepted and its true page. */
  record School(Sum sum, Map<Integer, Set<String>> otherAids, Prediction truth) {
    static School of(Sum sum) {
      Map<Integer, Set<String>> otherAids = OtherAids.of(sum);
      return new School(sum, otherAids, new Prediction(sum.work(), otherAids));
    }
  }

  Search(School school, Handwriting page, Stage stage, SettingOut settingOut, Budget budget) {
    this.budget = budget;
    this.school = school;
    this.written = page;
    this.inspection = new Inspection(page, stage, settingOut);
    this.settingOut = settingOut;
    this.known = KnownHand.nothing(school.truth());
  }

  /**
   * Explains one difference after another until none is left or there are too many. The first one
   * is a finding however little may be spent.
   */
  void search() {
    Seen wrong = inspection.firstWrong(known);
    while (wrong != null && known.findings().size() < MOST_FINDINGS && !budget.isOver()) {
      known = isChoice(wrong) ? choose(wrong) : explain(wrong);
      wrong = inspection.firstWrong(known);
    }
    if (wrong != null && known.findings().isEmpty()) {
      Difference difference = difference(wrong);
      known = known.found(difference.unexplained(List.of(), Map.of()));
    }
  }

  /** Whether the written value is a choice that the rule leaves open. */
  private boolean isChoice(Seen wrong) {
    return inspection
        .value(wrong)
        .filter(value -> !value.equals(wrong.entry().value()))
        .filter(value -> wrong.entry().rule().leavesOpen(value, wrong.entry().reads()))
        .isPresent();
  }

  /** What is known with what its writer has chosen in one slot. */
  private KnownHand choose(Seen wrong) {
    Slot slot = wrong.entry().slot();
    BigInteger value = inspection.value(wrong).orElseThrow();
    KnownHand chosen = known;
    if (known.findings().isEmpty()) {
      Map<Slot, BigInteger> choices = KnownHand.plus(known.chosen(), slot, value);
      chosen = known.choosing(slot, value, worked(List.of(), choices));
    }
    return chosen.writing(
        slot, value, worked(known.slips(), KnownHand.plus(known.forced(), slot, value)));
  }

  private Difference difference(Seen wrong) {
    return new Difference(inspection.page(), inspection.comparison(), known, wrong);
  }

  private Prediction worked(List<At> made, Map<Slot, BigInteger> written) {
    SlippingHand hand = new SlippingHand(school.sum().problem(), made, written);
    return page(work(hand));
  }

  private Working work(SlippingHand hand) {
    Working working = school.sum().work(hand);
    budget.spend(working.paper().marks().size());
    return working;
  }

  private Prediction page(Working working) {
    return new Prediction(working, school.otherAids());
  }

  Report report() {
    Report report =
        new Verdicts(inspection.page(), known.truth(), known.meant(), known.findings(), settingOut)
            .report();
    for (Aside aside : asides) {
      report = aside.put(report, written);
    }
    return report;
  }

  /** What is known with the figure in a slot taken as it is. */
  private KnownHand settled(KnownHand found, Seen wrong, Optional<Tried> figure) {
    KnownHand settled = found.settling(wrong.entry().slot());
    return figure.map(each -> settled.writing(each.written, each.prediction)).orElse(settled);
  }

  /** Explains one difference; gives what is known then. */
  private KnownHand explain(Seen wrong) {
    Prediction meant = known.meant();
    Difference difference = difference(wrong);
    if (difference.isAsTrue()) {
      // After a slip a figure may be right again; then it is called right.
      return settled(known, wrong, force(wrong));
    }
    int now = inspection.comparison().agreement(meant);
    List<Tried> tried = slips(wrong, now);
    Optional<Tried> over = changedOver(wrong);
    if (over.isPresent() && (tried.isEmpty() || over.get().agreement > tried.get(0).agreement)) {
      return known
          .found(difference.changedOver(over.get().aid))
          .settling(wrong.entry().slot())
          .settling(over.get().aid.entry().slot())
          .writing(over.get().written, over.get().prediction);
    }
    Optional<Tried> figure = force(wrong);
    Optional<Aside> aside =
        Aside.of(inspection.page(), meant, wrong).filter(each -> explains(each, tried, figure));
    if (aside.isPresent()) {
      asides.add(aside.get());
      inspection = inspection.of(aside.get().takenBack(inspection.page(), meant));
      return known.found(difference.of(aside.get()));
    }
    int least = figure.map(each -> each.agreement).orElse(now);
    boolean named = !tried.isEmpty() && least <= tried.get(0).agreement;
    int best = named ? tried.get(0).agreement : least;
    Optional<Tried> aid = spoiling(wrong, meant, best);
    List<Slip> names = tried.stream().map(each -> each.at.slip().named()).distinct().toList();
    if (aid.isPresent()) {
      Seen guilty = aid.get().aid;
      return known
          .found(difference(guilty).unexplained(names, Map.of()))
          .settling(guilty.entry().slot())
          .writing(aid.get().written, aid.get().prediction);
    }
    if (named) {
      return known
          .found(difference.explainedBy(names, written(wrong, tried.get(0).prediction)))
          .slipping(tried.get(0).at, tried.get(0).prediction);
    }
    Map<Slot, BigInteger> written = figure.map(each -> each.written).orElse(Map.of());
    return settled(known.found(difference.unexplained(names, written)), wrong, figure);
  }

  /** The slips after which an entry is as it was written, those first that explain the most. */
  private List<Tried> slips(Seen wrong, int now) {
    List<Tried> tried = new ArrayList<>();
    List<Slip> slips = school.sum().method().slips();
    for (Section from : Sources.before(wrong, known.meant())) {
      for (Slip slip : slips) {
        if (slip.isOfSettingOut() && settingOut == SettingOut.GIVEN) {
          continue;
        }
        if (budget.isLeft()) {
          trySlip(new At(slip, from, false)).ifPresent(tried::add);
          atFigure(slip, from, wrong).flatMap(this::trySlip).ifPresent(tried::add);
          trySlip(new At(slip, from, true)).ifPresent(tried::add);
        }
      }
    }
    tried.removeIf(
        each -> each.agreement <= now || inspection.isStillWrong(wrong, each.prediction, known));
    // A blank is named only by a slip that leaves it blank.
    Comparison comparison = inspection.comparison();
    boolean isBlank = !comparison.differs(wrong) && !comparison.absent(wrong).isEmpty();
    tried.removeIf(each -> isBlank && isWritten(wrong, each.prediction));
    tried.sort(
        Comparator.<Tried, Integer>comparing(each -> -each.agreement)
            .thenComparing(each -> slips.indexOf(each.at.slip())));
    return tried;
  }

  /** Whether a number that stands aside explains more than any slip, and no less than a figure. */
  private boolean explains(Aside aside, List<Tried> tried, Optional<Tried> figure) {
    Prediction meant = known.meant();
    Handwriting back = aside.takenBack(inspection.page(), meant);
    int agreement = inspection.of(back).comparison().agreement(meant);
    return tried.stream().allMatch(each -> each.agreement < agreement)
        && figure.stream().allMatch(each -> each.agreement <= agreement);
  }

  /** The slip at one figure of a row of products, where the others of the row are without it. */
  private static Optional<At> atFigure(Slip slip, Section from, Seen wrong) {
    boolean ofRow = from.kind() == Section.Kind.ROW && from.equals(wrong.step().section());
    return wrong.entry().reads().stream()
        .findFirst()
        .filter(read -> ofRow)
        .map(read -> new At(slip, from, false, read.slot().square()));
  }

  /** What a hand puts in the slot of an entry, and in that of its tens. */
  private static Map<Slot, BigInteger> written(Seen wrong, Prediction hand) {
    return hand.seen().stream()
        .filter(seen -> seen.entry().slot().equals(wrong.entry().slot()))
        .findFirst()
        .map(
            ones -> {
              Map<Slot, BigInteger> both = new HashMap<>();
              both.put(ones.entry().slot(), ones.entry().value());
              Neighbours.tensOf(hand, ones)
                  .map(Seen::entry)
                  .ifPresent(tens -> both.put(tens.slot(), tens.value()));
              return both;
            })
        .orElse(new HashMap<>());
  }

  /** Two neighbours that stand one in the place of the other. */
  private Optional<Tried> changedOver(Seen wrong) {
    Optional<Seen> beside = Neighbours.changedOver(inspection.page(), known.meant(), wrong);
    return beside.map(
        other ->
            tried(
                other,
                Map.of(
                    wrong.entry().slot(), other.entry().value(),
                    other.entry().slot(), wrong.entry().value())));
  }

  /**
   * A small figure of the column that is wrong and from which the wrong figure follows; it explains
   * more of the page than {@code least}.
   */
  private Optional<Tried> spoiling(Seen wrong, Prediction meant, int least) {
    int column = wrong.column();
    Optional<Written> written =
        wrong.isAid() ? Optional.empty() : inspection.comparison().wrongAid(column, meant);
    return written.stream()
        .filter(Written::isNumber)
        .flatMap(
            small ->
                meant.seen().stream()
                    .takeWhile(seen -> seen != wrong)
                    .filter(Seen::isAid)
                    .filter(aid -> aid.column() == column)
                    .map(aid -> with(aid, new BigInteger(small.text()))))
        .filter(
            each ->
                each.agreement > least && !inspection.isStillWrong(wrong, each.prediction, known))
        .max(Comparator.comparing(each -> each.agreement));
  }

  /** The page with a small figure taken as it is. */
  private Tried with(Seen aid, BigInteger value) {
    return tried(aid, Map.of(aid.entry().slot(), value));
  }

  private Tried tried(Seen aid, Map<Slot, BigInteger> written) {
    Map<Slot, BigInteger> more = new HashMap<>(known.forced());
    more.putAll(written);
    return new Tried(null, aid, written, worked(known.slips(), more));
  }

  /** Whether another hand writes something in the slot of an entry. */
  private static boolean isWritten(Seen wrong, Prediction other) {
    return other.seen().stream()
        .filter(seen -> seen.entry().slot().equals(wrong.entry().slot()))
        .anyMatch(seen -> !seen.expected().isEmpty());
  }

  /** A hand that was tried, and how much of the page it would have written so. */
  private final class Tried {
    final At at;
    final Seen aid;
    final Map<Slot, BigInteger> written;
    final Prediction prediction;
    final int agreement;

    Tried(At at, Seen aid, Map<Slot, BigInteger> written, Prediction prediction) {
      this.at = at;
      this.aid = aid;
      this.written = written;
      this.prediction = prediction;
      this.agreement = inspection.comparison().agreement(prediction);
    }
  }

  /** The page with one slip more; empty if the slip is not possible in its section. */
  private Optional<Tried> trySlip(At at) {
    List<At> more = KnownHand.plus(known.slips(), at);
    SlippingHand inTheHead = new SlippingHand(school.sum().problem(), more, known.forced());
    school.sum().answer(inTheHead);
    if (!inTheHead.made(known.slips().size())) {
      budget.spend(known.truth().working().paper().marks().size() / TIMES_SOONER);
      return Optional.empty();
    }
    SlippingHand hand = new SlippingHand(school.sum().problem(), more, known.forced());
    return Optional.of(new Tried(at, null, Map.of(), page(work(hand))));
  }

  /** The page with the written figure taken as it is, and with it the tens that went with it. */
  private Optional<Tried> force(Seen wrong) {
    Slot slot = wrong.entry().slot();
    return inspection
        .value(wrong)
        .map(
            value -> {
              Tried alone = tried(null, Map.of(slot, value));
              return Neighbours.tensOf(known.meant(), wrong)
                  .map(tens -> withTens(alone, tens))
                  .orElseGet(() -> withTensWhereNoneAreDue(alone, wrong))
                  .orElse(alone);
            });
  }

  /** The same with other tens than are due, where these explain more of the page. */
  private Optional<Tried> withTens(Tried alone, Seen tens) {
    Optional<BigInteger> written = inspection.value(tens);
    BigInteger due = tens.entry().value();
    boolean goesOn =
        written.isEmpty()
            && Neighbours.isUsedWrongly(inspection.comparison(), alone.prediction, tens);
    List<BigInteger> others =
        goesOn
            ? List.of(due.add(BigInteger.ONE), due.subtract(BigInteger.ONE))
            : written.stream().toList();
    return better(
        alone,
        tens.entry().slot(),
        others.stream().filter(other -> other.signum() >= 0 && !other.equals(due)).toList());
  }

  /** The same with a ten, where the figure that is due is all that its column comes to. */
  private Optional<Tried> withTensWhereNoneAreDue(Tried alone, Seen wrong) {
    if (!budget.isLeft()) {
      return Optional.empty();
    }
    SlippingHand hand = new SlippingHand(school.sum().problem(), known.slips(), known.forced());
    TensAsked tens = new TensAsked(hand, wrong.entry());
    school.sum().answer(tens);
    budget.spend(known.truth().working().paper().marks().size() / TIMES_SOONER);
    return tens.slot().flatMap(slot -> better(alone, slot, List.of(BigInteger.ONE)));
  }

  /** The page with some tens beside a figure, if it explains more than the figure alone. */
  private Optional<Tried> better(Tried alone, Slot tens, List<BigInteger> values) {
    return values.stream()
        .map(value -> tried(null, KnownHand.plus(alone.written, tens, value)))
        .filter(each -> each.agreement > alone.agreement)
        .max(Comparator.comparing(each -> each.agreement));
  }
}
