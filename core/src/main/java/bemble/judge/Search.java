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
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/** The search for the hand that wrote one page, in one school. */
final class Search {
  private static final int MOST_FINDINGS = 16;

  /** How many stretches of the working before the one where it shows a slip may have happened. */
  private static final int SECTIONS_BACK = 2;

  private final School school;
  private final Handwriting page;
  private final Comparison comparison;
  private final Stage stage;
  private final SettingOut settingOut;

  /** The hand that is known so far: its slips, and the figures that no slip explains. */
  private final List<At> slips;

  private final Map<Slot, BigInteger> forced;
  private final Set<Slot> settled;
  private final List<Finding> findings;

  /** Where the page differs from the true one first; null where it does not. */
  private final Slot begin;

  /** What the writer was free to choose, and chose otherwise than the true page does. */
  private final Map<Slot, BigInteger> chosen;

  /** The true page of this writer's choices. */
  private Prediction truth;

  private Prediction meant;

  /** A sum as one school works it, with its true page. */
  record School(Sum sum, Prediction truth) {
    static School of(Sum sum) {
      return new School(sum, new Prediction(sum.work()));
    }
  }

  Search(School school, Handwriting page, Stage stage, SettingOut settingOut) {
    this.school = school;
    this.page = page;
    this.comparison = new Comparison(page, stage);
    this.stage = stage;
    this.settingOut = settingOut;
    this.slips = new ArrayList<>();
    this.forced = new HashMap<>();
    this.settled = new HashSet<>();
    this.findings = new ArrayList<>();
    this.chosen = new HashMap<>();
    this.truth = school.truth();
    this.meant = school.truth();
    this.begin = begin();
  }

  private Search(Search known, Handwriting grown) {
    this.school = known.school;
    this.page = grown;
    this.comparison = new Comparison(grown, known.stage);
    this.stage = known.stage;
    this.settingOut = known.settingOut;
    this.slips = known.slips;
    this.forced = known.forced;
    this.settled = known.settled;
    this.findings = known.findings;
    this.chosen = known.chosen;
    this.truth = known.truth;
    this.meant = known.meant;
    this.begin = known.begin;
  }

  /** The same hand over the page when more is written; it may not have written all of it. */
  Search onto(Handwriting grown) {
    return new Search(this, grown);
  }

  /** Whether the hand that is known would have written the page, and shows its first slip there. */
  boolean holds() {
    return firstWrong(meant, settled) == null && Objects.equals(begin, begin());
  }

  /** Where the page first differs from the true one; null where it does not. */
  private Slot begin() {
    Seen first = firstWrong(school.truth(), Set.of());
    return first == null ? null : first.entry().slot();
  }

  /** Goes on until all of the page is explained, or too much is wrong with it. */
  void search() {
    for (Seen wrong = firstWrong(meant, settled);
        wrong != null && findings.size() < MOST_FINDINGS;
        wrong = firstWrong(meant, settled)) {
      meant = isChoice(wrong) ? choose(wrong) : explain(wrong, meant);
    }
  }

  /** Whether what stands in a wrong place is as good as what was expected there. */
  private boolean isChoice(Seen wrong) {
    return value(wrong)
        .filter(value -> !value.equals(wrong.entry().value()))
        .filter(value -> wrong.entry().rule().leavesOpen(value, wrong.entry().reads()))
        .isPresent();
  }

  /** The page as it goes on from what its writer has chosen. */
  private Prediction choose(Seen wrong) {
    BigInteger value = value(wrong).orElseThrow();
    forced.put(wrong.entry().slot(), value);
    if (findings.isEmpty()) {
      chosen.put(wrong.entry().slot(), value);
      truth = worked(List.of(), chosen);
    }
    return worked(slips, forced);
  }

  private Prediction worked(List<At> made, Map<Slot, BigInteger> written) {
    SlippingHand hand = new SlippingHand(school.sum().problem(), made, written);
    return new Prediction(school.sum().work(hand));
  }

  Report report() {
    return new Verdicts(page, truth, meant, findings, settingOut).report();
  }

  /** The first entry that does not stand on the page as predicted; null where all do. */
  private Seen firstWrong(Prediction prediction, Set<Slot> except) {
    Set<Integer> sound = new HashSet<>();
    for (Seen seen : prediction.seen()) {
      boolean judged = settingOut == SettingOut.OWN || !seen.isSetOut();
      // The small figures of a column are looked at together, once.
      boolean looked = seen.isAid() && !sound.add(seen.entry().slot().square().column());
      if (judged && !looked && !except.contains(seen.entry().slot()) && isWrong(seen, prediction)) {
        return seen;
      }
    }
    return null;
  }

  private boolean isWrong(Seen seen, Prediction prediction) {
    if (seen.isAid()) {
      return comparison.wrongAid(seen, prediction).isPresent();
    }
    if (comparison.differs(seen) || seen.isPoint() && comparison.isElsewhere(seen)) {
      return true;
    }
    if (isMissed(seen)) {
      return true;
    }
    return seen.isOpen() && comparison.runsOn(seen, prediction);
  }

  /** That something is missing is said once; the squares are all shown. */
  private boolean isMissed(Seen seen) {
    return stage == Stage.HANDED_IN
        && !seen.isOptional()
        && !comparison.absent(seen).isEmpty()
        && findings.stream().noneMatch(each -> each.kind() == Finding.Kind.MISSING);
  }

  /** Finds what happened where something is wrong, and gives the page as it goes on from there. */
  private Prediction explain(Seen wrong, Prediction prediction) {
    int now = comparison.agreement(prediction);
    List<Tried> tried = new ArrayList<>();
    List<Slip> known = school.sum().method().slips();
    for (Section from : sectionsBefore(wrong, prediction)) {
      for (Slip slip : known) {
        if (slip.isOfSettingOut() && settingOut == SettingOut.GIVEN) {
          continue;
        }
        trySlip(new At(slip, from, false)).ifPresent(tried::add);
        trySlip(new At(slip, from, true)).ifPresent(tried::add);
      }
    }
    tried.removeIf(each -> each.agreement <= now || isStillWrong(wrong, each.prediction));
    tried.sort(
        Comparator.<Tried, Integer>comparing(each -> -each.agreement)
            .thenComparing(each -> known.indexOf(each.at.slip())));
    Optional<Tried> figure = force(wrong);
    boolean named =
        !tried.isEmpty()
            && figure.map(each -> each.agreement <= tried.get(0).agreement).orElse(true);
    findings.add(finding(wrong, tried, named, prediction));
    if (named) {
      slips.add(tried.get(0).at);
      return tried.get(0).prediction;
    }
    settled.add(wrong.entry().slot());
    return figure.map(each -> adopted(each, wrong)).orElse(prediction);
  }

  private Prediction adopted(Tried figure, Seen wrong) {
    forced.put(wrong.entry().slot(), figure.value);
    return figure.prediction;
  }

  private boolean isStillWrong(Seen wrong, Prediction other) {
    return other.seen().stream()
        .filter(seen -> seen.entry().slot().equals(wrong.entry().slot()))
        .anyMatch(seen -> isWrong(seen, other));
  }

  /** A hand that was tried, and how much of the page it would have written so. */
  private final class Tried {
    final At at;
    final BigInteger value;
    final Prediction prediction;
    final int agreement;

    Tried(At at, BigInteger value, Prediction prediction) {
      this.at = at;
      this.value = value;
      this.prediction = prediction;
      this.agreement = comparison.agreement(prediction);
    }
  }

  /** The page with one slip more; empty where it has no occasion in its stretch. */
  private Optional<Tried> trySlip(At at) {
    List<At> more = new ArrayList<>(slips);
    more.add(at);
    SlippingHand hand = new SlippingHand(school.sum().problem(), more, forced);
    Working working = school.sum().work(hand);
    return hand.made(slips.size())
        ? Optional.of(new Tried(at, null, new Prediction(working)))
        : Optional.empty();
  }

  /** The page with what was written in the wrong place taken as it is. */
  private Optional<Tried> force(Seen wrong) {
    return value(wrong)
        .map(
            value -> {
              Map<Slot, BigInteger> more = new HashMap<>(forced);
              more.put(wrong.entry().slot(), value);
              return new Tried(null, value, worked(slips, more));
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

  /** The stretch in which something shows, and those shortly before it. */
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

  private Finding finding(Seen wrong, List<Tried> tried, boolean known, Prediction prediction) {
    List<Slip> names = tried.stream().map(each -> each.at.slip()).distinct().toList();
    List<Square> squares = squares(wrong, prediction);
    if (known) {
      return new Finding(squares, wrong.step(), wrong.due(), Finding.Kind.KNOWN, names, 0);
    }
    return new Finding(squares, wrong.step(), wrong.due(), kind(wrong), names, distance(wrong));
  }

  private Finding.Kind kind(Seen wrong) {
    if (wrong.isSetOut()) {
      return Finding.Kind.COPIED_WRONGLY;
    }
    if (!wrong.isAid() && !comparison.differs(wrong) && !comparison.absent(wrong).isEmpty()) {
      return Finding.Kind.MISSING;
    }
    boolean fact = !wrong.step().facts().isEmpty() && !wrong.isAid();
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
      return comparison.wrongAid(wrong, prediction).map(Written::at).stream().toList();
    }
    if (wrong.isPoint() && comparison.isElsewhere(wrong)) {
      return page.pointsInRow(wrong.entry().slot().square().row());
    }
    List<Square> different =
        wrong.expected().stream()
            .filter(
                one ->
                    !page.at(one.at(), one.spot()).map(t -> Comparison.same(t, one)).orElse(false))
            .map(Expected::at)
            .toList();
    return different.isEmpty() ? wrong.expected().stream().map(Expected::at).toList() : different;
  }
}
