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
import java.util.stream.Stream;

/** The search for the hand that wrote one page, in one school. */
final class Search {
  private static final int MOST_FINDINGS = 16;

  /** How many sections before the one where a difference shows are searched for its slip. */
  private static final int SECTIONS_BACK = 2;

  private final School school;
  private final Handwriting page;
  private final Comparison comparison;
  private final Stage stage;
  private final SettingOut settingOut;

  /** Where the page differs from the true one first; null where it does not. */
  private final Slot begin;

  private Known known;

  /**
   * What is known of the hand so far.
   *
   * @param slips its slips
   * @param forced the values that no slip explains, and those that its writer was free to choose
   * @param settled the slots that need not be looked at again
   * @param chosen what the writer was free to choose before anything was wrong
   * @param findings what was found wrong
   * @param truth the true page of this writer's choices
   * @param meant the page that this hand writes
   */
  private record Known(
      List<At> slips,
      Map<Slot, BigInteger> forced,
      Set<Slot> settled,
      Map<Slot, BigInteger> chosen,
      List<Finding> findings,
      Prediction truth,
      Prediction meant) {
    Known {
      slips = List.copyOf(slips);
      forced = Map.copyOf(forced);
      settled = Set.copyOf(settled);
      chosen = Map.copyOf(chosen);
      findings = List.copyOf(findings);
    }

    static Known nothing(Prediction truth) {
      return new Known(List.of(), Map.of(), Set.of(), Map.of(), List.of(), truth, truth);
    }

    Known found(Finding finding) {
      return new Known(slips, forced, settled, chosen, plus(findings, finding), truth, meant);
    }

    Known slipping(At slip, Prediction then) {
      return new Known(plus(slips, slip), forced, settled, chosen, findings, truth, then);
    }

    Known settling(Slot slot) {
      Set<Slot> more = new HashSet<>(settled);
      more.add(slot);
      return new Known(slips, forced, more, chosen, findings, truth, meant);
    }

    Known writing(Slot slot, BigInteger value, Prediction then) {
      return new Known(slips, plus(forced, slot, value), settled, chosen, findings, truth, then);
    }

    Known choosing(Slot slot, BigInteger value, Prediction asChosen) {
      return new Known(
          slips, forced, settled, plus(chosen, slot, value), findings, asChosen, meant);
    }
  }

  private static <T> List<T> plus(List<T> list, T one) {
    return Stream.concat(list.stream(), Stream.of(one)).toList();
  }

  private static <K, V> Map<K, V> plus(Map<K, V> map, K key, V value) {
    Map<K, V> more = new HashMap<>(map);
    more.put(key, value);
    return more;
  }

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
    this.known = Known.nothing(school.truth());
    this.begin = begin();
  }

  private Search(Search other, Handwriting grown) {
    this.school = other.school;
    this.page = grown;
    this.comparison = new Comparison(grown, other.stage);
    this.stage = other.stage;
    this.settingOut = other.settingOut;
    this.known = other.known;
    this.begin = other.begin;
  }

  /** The same hand over the page when more is written; it may not have written all of it. */
  Search onto(Handwriting grown) {
    return new Search(this, grown);
  }

  /** Whether the hand that is known would have written the page, and shows its first slip there. */
  boolean holds() {
    return firstWrong() == null && Objects.equals(begin, begin());
  }

  /** Where the page first differs from the true one; null where it does not. */
  private Slot begin() {
    Seen first = firstWrong(school.truth(), Set.of());
    return first == null ? null : first.entry().slot();
  }

  /** Explains one difference after another until none is left or there are too many. */
  void search() {
    for (Seen wrong = firstWrong();
        wrong != null && known.findings.size() < MOST_FINDINGS;
        wrong = firstWrong()) {
      known = isChoice(wrong) ? choose(wrong) : explain(wrong);
    }
  }

  private Seen firstWrong() {
    return firstWrong(known.meant, known.settled);
  }

  /** Whether the written value is a choice that the rule leaves open. */
  private boolean isChoice(Seen wrong) {
    return value(wrong)
        .filter(value -> !value.equals(wrong.entry().value()))
        .filter(value -> wrong.entry().rule().leavesOpen(value, wrong.entry().reads()))
        .isPresent();
  }

  /** What is known with what its writer has chosen in one slot. */
  private Known choose(Seen wrong) {
    Slot slot = wrong.entry().slot();
    BigInteger value = value(wrong).orElseThrow();
    Known chosen = known;
    if (known.findings.isEmpty()) {
      Map<Slot, BigInteger> choices = plus(known.chosen, slot, value);
      chosen = known.choosing(slot, value, worked(List.of(), choices));
    }
    return chosen.writing(slot, value, worked(known.slips, plus(known.forced, slot, value)));
  }

  private Prediction worked(List<At> made, Map<Slot, BigInteger> written) {
    SlippingHand hand = new SlippingHand(school.sum().problem(), made, written);
    return new Prediction(school.sum().work(hand));
  }

  Report report() {
    return new Verdicts(page, known.truth, known.meant, known.findings, settingOut).report();
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

  /** Missing figures make one finding; their squares are all listed. */
  private boolean isMissed(Seen seen) {
    return stage == Stage.HANDED_IN
        && !seen.isOptional()
        && !comparison.absent(seen).isEmpty()
        && known.findings.stream().noneMatch(each -> each.kind() == Finding.Kind.MISSING);
  }

  /** Explains one difference; gives what is known then. */
  private Known explain(Seen wrong) {
    Prediction meant = known.meant;
    int now = comparison.agreement(meant);
    List<Tried> tried = new ArrayList<>();
    List<Slip> slips = school.sum().method().slips();
    for (Section from : sectionsBefore(wrong, meant)) {
      for (Slip slip : slips) {
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
            .thenComparing(each -> slips.indexOf(each.at.slip())));
    Optional<Tried> figure = force(wrong);
    boolean named =
        !tried.isEmpty()
            && figure.map(each -> each.agreement <= tried.get(0).agreement).orElse(true);
    Known found = known.found(finding(wrong, tried, named, meant));
    if (named) {
      return found.slipping(tried.get(0).at, tried.get(0).prediction);
    }
    Slot slot = wrong.entry().slot();
    Known settled = found.settling(slot);
    return figure.map(each -> settled.writing(slot, each.value, each.prediction)).orElse(settled);
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

  /** The page with one slip more; empty if the slip is not possible in its section. */
  private Optional<Tried> trySlip(At at) {
    List<At> more = plus(known.slips, at);
    SlippingHand hand = new SlippingHand(school.sum().problem(), more, known.forced);
    Working working = school.sum().work(hand);
    return hand.made(known.slips.size())
        ? Optional.of(new Tried(at, null, new Prediction(working)))
        : Optional.empty();
  }

  /** The page with the written figure taken as it is. */
  private Optional<Tried> force(Seen wrong) {
    return value(wrong)
        .map(
            value -> {
              Map<Slot, BigInteger> more = plus(known.forced, wrong.entry().slot(), value);
              return new Tried(null, value, worked(known.slips, more));
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
    return new Finding(squares, wrong.step(), wrong.due(), kind(wrong), names, distance(wrong));
  }

  private Finding.Kind kind(Seen wrong) {
    if (wrong.isSetOut()) {
      return Finding.Kind.COPIED_WRONGLY;
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
