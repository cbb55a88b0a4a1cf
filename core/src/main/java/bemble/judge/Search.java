package bemble.judge;

import bemble.judge.Judge.SettingOut;
import bemble.judge.Judge.Stage;
import bemble.judge.Prediction.Expected;
import bemble.judge.Prediction.Seen;
import bemble.method.Sum;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.plan.Slot;
import bemble.plan.Working;
import bemble.slip.Slip;
import bemble.slip.SlippingHand;
import bemble.slip.SlippingHand.At;
import bemble.wording.Section;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The search for the hand that wrote one page, in one school. */
final class Search {
  private static final int MOST_FINDINGS = 16;

  /** How many sections before the one where a difference shows are searched for its slip. */
  private static final int SECTIONS_BACK = 2;

  private final School school;
  private final Budget budget;
  private final Handwriting page;
  private final Comparison comparison;
  private final Stage stage;
  private final SettingOut settingOut;

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
    this.page = page;
    this.comparison = new Comparison(page, stage);
    this.stage = stage;
    this.settingOut = settingOut;
    this.known = KnownHand.nothing(school.truth());
  }

  /** Explains one difference after another until none is left or there are too many. */
  void search() {
    for (Seen wrong = firstWrong();
        wrong != null && known.findings().size() < MOST_FINDINGS && !budget.isOver();
        wrong = firstWrong()) {
      known = isChoice(wrong) ? choose(wrong) : explain(wrong);
    }
  }

  private Seen firstWrong() {
    return firstWrong(known.meant(), known.settled());
  }

  /** Whether the written value is a choice that the rule leaves open. */
  private boolean isChoice(Seen wrong) {
    return value(wrong)
        .filter(value -> !value.equals(wrong.entry().value()))
        .filter(value -> wrong.entry().rule().leavesOpen(value, wrong.entry().reads()))
        .isPresent();
  }

  /** What is known with what its writer has chosen in one slot. */
  private KnownHand choose(Seen wrong) {
    Slot slot = wrong.entry().slot();
    BigInteger value = value(wrong).orElseThrow();
    KnownHand chosen = known;
    if (known.findings().isEmpty()) {
      Map<Slot, BigInteger> choices = KnownHand.plus(known.chosen(), slot, value);
      chosen = known.choosing(slot, value, worked(List.of(), choices));
    }
    return chosen.writing(
        slot, value, worked(known.slips(), KnownHand.plus(known.forced(), slot, value)));
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
    return new Verdicts(page, known.truth(), known.meant(), known.findings(), settingOut).report();
  }

  /**
   * The first entry that does not stand on the page as predicted; null where all do. Small figures
   * come last: a wrong one that was used is found by the figure that it spoils.
   */
  private Seen firstWrong(Prediction prediction, Set<Slot> except) {
    Map<Integer, Seen> aids = new LinkedHashMap<>();
    for (Seen seen : prediction.seen()) {
      boolean judged = settingOut == SettingOut.OWN || !seen.isSetOut();
      if (!judged || except.contains(seen.entry().slot())) {
        continue;
      }
      if (seen.isAid()) {
        // The small figures of a column are looked at together, once.
        aids.putIfAbsent(column(seen), seen);
      } else if (isWrong(seen, prediction)) {
        return seen;
      }
    }
    return aids.values().stream().filter(aid -> isWrong(aid, prediction)).findFirst().orElse(null);
  }

  private boolean isWrong(Seen seen, Prediction prediction) {
    if (seen.isAid()) {
      return comparison.wrongAid(column(seen), prediction).isPresent();
    }
    if (comparison.differs(seen) || seen.isPoint() && comparison.isElsewhere(seen)) {
      return true;
    }
    if (isMissed(seen)) {
      return true;
    }
    if (seen.isOpen()) {
      return comparison.runsOn(seen, prediction);
    }
    return !comparison.extras(seen, prediction).isEmpty();
  }

  private static int column(Seen seen) {
    return seen.entry().slot().square().column();
  }

  /** Missing figures make one finding; their squares are all listed. */
  private boolean isMissed(Seen seen) {
    return stage == Stage.HANDED_IN
        && !seen.isOptional()
        && !known.meant().isZeroInFront(seen)
        && !comparison.absent(seen).isEmpty()
        && known.findings().stream().noneMatch(each -> each.kind() == Finding.Kind.MISSING);
  }

  /** Whether what stands there is what the true page has, though it does not follow here. */
  private boolean isAsTrue(Seen wrong) {
    return !known.findings().isEmpty()
        && comparison.absent(wrong).isEmpty()
        && wrong.expected().stream().allMatch(this::isAsTrue);
  }

  private boolean isAsTrue(Expected one) {
    String truth = known.truth().at(one.at(), one.spot());
    return page.at(one.at(), one.spot()).equals(Optional.ofNullable(truth));
  }

  /** What is known with the figure in a slot taken as it is. */
  private KnownHand settled(KnownHand found, Seen wrong, Optional<Tried> figure) {
    Slot slot = wrong.entry().slot();
    KnownHand settled = found.settling(slot);
    return figure.map(each -> settled.writing(slot, each.value, each.prediction)).orElse(settled);
  }

  /** Explains one difference; gives what is known then. */
  private KnownHand explain(Seen wrong) {
    if (isAsTrue(wrong)) {
      // After a slip a figure may be right again; then it is called right.
      return settled(known, wrong, force(wrong));
    }
    Prediction meant = known.meant();
    int now = comparison.agreement(meant);
    List<Tried> tried = new ArrayList<>();
    List<Slip> slips = school.sum().method().slips();
    for (Section from : sectionsBefore(wrong, meant)) {
      for (Slip slip : slips) {
        if (slip.isOfSettingOut() && settingOut == SettingOut.GIVEN) {
          continue;
        }
        if (budget.isLeft()) {
          trySlip(new At(slip, from, false)).ifPresent(tried::add);
          trySlip(new At(slip, from, true)).ifPresent(tried::add);
        }
      }
    }
    tried.removeIf(each -> each.agreement <= now || isStillWrong(wrong, each.prediction));
    // A blank is named only by a slip that leaves it blank.
    boolean isBlank = !comparison.differs(wrong) && !comparison.absent(wrong).isEmpty();
    tried.removeIf(each -> isBlank && isWritten(wrong, each.prediction));
    tried.sort(
        Comparator.<Tried, Integer>comparing(each -> -each.agreement)
            .thenComparing(each -> slips.indexOf(each.at.slip())));
    Optional<Tried> figure = force(wrong);
    int least = figure.map(each -> each.agreement).orElse(now);
    boolean named = !tried.isEmpty() && least <= tried.get(0).agreement;
    int best = named ? tried.get(0).agreement : least;
    Optional<Tried> aid = spoiling(wrong, meant, best);
    if (aid.isPresent()) {
      Seen guilty = aid.get().aid;
      return known
          .found(finding(guilty, tried, false, meant))
          .settling(guilty.entry().slot())
          .writing(guilty.entry().slot(), aid.get().value, aid.get().prediction);
    }
    KnownHand found = known.found(finding(wrong, tried, named, meant));
    if (named) {
      return found.slipping(tried.get(0).at, tried.get(0).prediction);
    }
    return settled(found, wrong, figure);
  }

  /**
   * A small figure of the column that is wrong and from which the wrong figure follows; it explains
   * more of the page than {@code least}.
   */
  private Optional<Tried> spoiling(Seen wrong, Prediction meant, int least) {
    int column = column(wrong);
    Optional<Written> written =
        wrong.isAid() ? Optional.empty() : comparison.wrongAid(column, meant);
    return written.stream()
        .filter(Written::isNumber)
        .flatMap(
            small ->
                meant.seen().stream()
                    .takeWhile(seen -> seen != wrong)
                    .filter(Seen::isAid)
                    .filter(aid -> column(aid) == column)
                    .map(aid -> with(aid, new BigInteger(small.text()))))
        .filter(each -> each.agreement > least && !isStillWrong(wrong, each.prediction))
        .max(Comparator.comparing(each -> each.agreement));
  }

  /** The page with a small figure taken as it is. */
  private Tried with(Seen aid, BigInteger value) {
    Prediction then =
        worked(known.slips(), KnownHand.plus(known.forced(), aid.entry().slot(), value));
    return new Tried(null, aid, value, then);
  }

  /** Whether another hand writes something in the slot of an entry. */
  private static boolean isWritten(Seen wrong, Prediction other) {
    return other.seen().stream()
        .filter(seen -> seen.entry().slot().equals(wrong.entry().slot()))
        .anyMatch(seen -> !seen.expected().isEmpty());
  }

  private boolean isStillWrong(Seen wrong, Prediction other) {
    return other.seen().stream()
        .filter(seen -> seen.entry().slot().equals(wrong.entry().slot()))
        .anyMatch(seen -> isWrong(seen, other));
  }

  /** A hand that was tried, and how much of the page it would have written so. */
  private final class Tried {
    final At at;
    final Seen aid;
    final BigInteger value;
    final Prediction prediction;
    final int agreement;

    Tried(At at, Seen aid, BigInteger value, Prediction prediction) {
      this.at = at;
      this.aid = aid;
      this.value = value;
      this.prediction = prediction;
      this.agreement = comparison.agreement(prediction);
    }
  }

  /** The page with one slip more; empty if the slip is not possible in its section. */
  private Optional<Tried> trySlip(At at) {
    List<At> more = KnownHand.plus(known.slips(), at);
    SlippingHand hand = new SlippingHand(school.sum().problem(), more, known.forced());
    Working working = work(hand);
    return hand.made(known.slips().size())
        ? Optional.of(new Tried(at, null, null, page(working)))
        : Optional.empty();
  }

  /** The page with the written figure taken as it is. */
  private Optional<Tried> force(Seen wrong) {
    return value(wrong)
        .map(
            value -> {
              Map<Slot, BigInteger> more =
                  KnownHand.plus(known.forced(), wrong.entry().slot(), value);
              return new Tried(null, null, value, worked(known.slips(), more));
            });
  }

  private Optional<BigInteger> value(Seen wrong) {
    Slot slot = wrong.entry().slot();
    if (slot.spot() != Spot.FULL) {
      return page.at(slot.square(), slot.spot()).flatMap(text -> Cells.value(text, slot));
    }
    String digits = page.digitsLeftFrom(slot.square());
    boolean many = wrong.isOpen() || wrong.expected().size() > 1;
    String figures = many || digits.isEmpty() ? digits : digits.substring(digits.length() - 1);
    return figures.isEmpty() ? Optional.empty() : Optional.of(new BigInteger(figures));
  }

  /** The section in which a difference shows, and those shortly before it. */
  private List<Section> sectionsBefore(Seen wrong, Prediction prediction) {
    List<Section> sections = new ArrayList<>();
    for (var step : prediction.working().steps()) {
      sections.remove(step.section());
      sections.add(0, step.section());
      if (step == wrong.step()) {
        break;
      }
    }
    return sections.subList(0, Math.min(sections.size(), SECTIONS_BACK + 1));
  }

  private Finding finding(Seen wrong, List<Tried> tried, boolean named, Prediction prediction) {
    List<Slip> names = tried.stream().map(each -> each.at.slip()).distinct().toList();
    List<Square> squares = squares(wrong, prediction);
    if (named) {
      return new Finding(squares, wrong.step(), wrong.due(), Finding.Kind.KNOWN, names, 0);
    }
    Finding.Kind kind = kind(wrong, prediction);
    // Nothing is due where a figure is too many.
    List<Written> due = kind == Finding.Kind.TOO_MANY ? List.of() : wrong.due();
    return new Finding(squares, wrong.step(), due, kind, names, distance(wrong));
  }

  /** Whether all is right with an entry but for figures that join on to it. */
  private boolean isTooMany(Seen wrong, Prediction prediction) {
    return !comparison.differs(wrong)
        && comparison.absent(wrong).isEmpty()
        && !comparison.extras(wrong, prediction).isEmpty();
  }

  private Finding.Kind kind(Seen wrong, Prediction prediction) {
    if (wrong.isSetOut()) {
      return Finding.Kind.COPIED_WRONGLY;
    }
    if (isTooMany(wrong, prediction)) {
      return Finding.Kind.TOO_MANY;
    }
    if (!wrong.isAid() && !comparison.differs(wrong) && !comparison.absent(wrong).isEmpty()) {
      return Finding.Kind.MISSING;
    }
    boolean fact = !wrong.step().notes().isWithoutFacts() && !wrong.isAid();
    return fact ? Finding.Kind.NUMBER_FACT : Finding.Kind.UNKNOWN;
  }

  private int distance(Seen wrong) {
    return value(wrong)
        .filter(value -> wrong.expected().size() == 1 && !wrong.isOpen())
        .map(value -> value.subtract(wrong.entry().value()).intValue())
        .orElse(0);
  }

  private List<Square> squares(Seen wrong, Prediction prediction) {
    if (wrong.isAid()) {
      return comparison.wrongAid(column(wrong), prediction).map(Written::at).stream().toList();
    }
    if (isTooMany(wrong, prediction)) {
      return comparison.extras(wrong, prediction);
    }
    if (wrong.isPoint() && comparison.isElsewhere(wrong)) {
      return page.pointsInRow(wrong.entry().slot().square().row());
    }
    List<Expected> different =
        wrong.expected().stream()
            .filter(one -> !page.at(one.at(), one.spot()).equals(Optional.of(one.text())))
            .toList();
    List<Expected> slips =
        different.stream().filter(one -> known.findings().isEmpty() || !isAsTrue(one)).toList();
    List<Expected> shown = slips.isEmpty() ? different : slips;
    return (shown.isEmpty() ? wrong.expected() : shown).stream().map(Expected::at).toList();
  }
}
