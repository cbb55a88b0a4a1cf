package bemble.judge.search;

import bemble.judge.reading.Aside;
import bemble.judge.reading.Handwriting;
import bemble.judge.reading.OtherAids;
import bemble.judge.reading.Prediction;
import bemble.judge.reading.Prediction.Seen;
import bemble.judge.reading.Transposed;
import bemble.judge.report.Finding;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.judge.report.Written;
import bemble.method.Sum;
import bemble.procedure.Slot;
import bemble.slip.DividingSlips;
import bemble.slip.Slip;
import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The search for the hand that wrote one page, in one school. */
public final class Search {
  private static final int MOST_FINDINGS = 16;

  private final School school;
  private final Budget budget;
  private final SettingOut settingOut;

  /** The page, with numbers that were found to stand aside where they are due. */
  private Transposed page;

  private Inspection inspection;

  private KnownHand known;

  /** A sum as one school works it, with the small figures that are accepted and its true page. */
  public record School(Sum sum, OtherAids otherAids, Prediction truth) {
    /** Works the sum truly. */
    public static School of(Sum sum) {
      OtherAids otherAids = new OtherAids(sum);
      return new School(sum, otherAids, new Prediction(sum.work(), otherAids));
    }
  }

  /** A search of a page. */
  public Search(
      School school, List<Written> page, Stage stage, SettingOut settingOut, Budget budget) {
    this.budget = budget;
    this.school = school;
    this.page = Transposed.none(page);
    this.inspection = new Inspection(new Handwriting(page), stage, settingOut);
    this.settingOut = settingOut;
    this.known = KnownHand.nothing(school.truth());
  }

  /**
   * Explains one difference after another until none is left or there are too many. The first one
   * is a finding however little may be spent.
   */
  public void search() {
    Seen wrong = inspection.firstWrong(known);
    while (wrong != null && known.findings().size() < MOST_FINDINGS && !budget.isOver()) {
      known = isChoice(wrong) ? chosen(wrong) : explain(wrong);
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

  /** The known hand after a choice is looked at: it is accepted, unless its zeros are missing. */
  private KnownHand chosen(Seen count) {
    return CountWithoutZeros.of(inspection, known, count)
        .map(each -> withoutZeros(count, each))
        .orElseGet(() -> choose(count));
  }

  private KnownHand withoutZeros(Seen count, CountWithoutZeros noted) {
    Finding finding =
        difference(count).explainedBy(List.of(DividingSlips.ZEROS_OF_COUNT_LOST), Map.of());
    Map<Slot, BigInteger> written = KnownHand.plus(known.forced(), noted.written());
    return known
        .found(finding.moved(List.of(count.entry().slot().square()), noted.due()))
        .settling(count.entry().slot())
        .writing(noted.written(), candidates().worked(known.slips(), written));
  }

  /** The known hand after the writer's choice in one slot is accepted. */
  private KnownHand choose(Seen wrong) {
    Slot slot = wrong.entry().slot();
    BigInteger value = inspection.value(wrong).orElseThrow();
    KnownHand chosen = known;
    if (known.findings().isEmpty()) {
      Map<Slot, BigInteger> choices = KnownHand.plus(known.chosen(), slot, value);
      chosen = known.choosing(slot, value, candidates().worked(List.of(), choices));
    }
    return chosen.writing(
        slot,
        value,
        candidates().worked(known.slips(), KnownHand.plus(known.forced(), slot, value)));
  }

  private Difference difference(Seen wrong) {
    return new Difference(inspection.page(), inspection.comparison(), known, wrong);
  }

  private Candidates candidates() {
    return new Candidates(school, inspection, known, budget);
  }

  /** The report, with everything where it stands. */
  public Report report() {
    return page.putBack(
        new Verdicts(inspection.page(), known.truth(), known.meant(), known.findings(), settingOut)
            .report());
  }

  /** The known hand after the figure in a slot is taken as it stands. */
  private KnownHand settled(KnownHand found, Seen wrong, Optional<Candidate> figure) {
    KnownHand settled = found.settling(wrong.entry().slot());
    return figure.map(each -> settled.writing(each.written(), each.prediction())).orElse(settled);
  }

  /** Explains one difference and returns the known hand after it. */
  private KnownHand explain(Seen wrong) {
    Prediction meant = known.meant();
    Difference difference = difference(wrong);
    AsWritten asWritten = new AsWritten(candidates());
    if (difference.isAsTrue()) {
      // After a slip a figure may be right again; then it is called right.
      return settled(known, wrong, asWritten.taking(wrong));
    }
    int now = inspection.comparison().agreement(meant);
    Optional<Candidate> figure = asWritten.taking(wrong);
    int least = figure.map(Candidate::agreement).orElse(now);
    List<Candidate> tried =
        new SlipTrials(candidates(), settingOut).of(wrong, Math.min(now + 1, least));
    Optional<Candidate> over = asWritten.changedOver(wrong);
    if (over.isPresent()
        && (tried.isEmpty() || over.get().agreement() > tried.get(0).agreement())) {
      Seen neighbour = over.get().taken();
      return known
          .found(difference.changedOver(neighbour))
          .settling(wrong.entry().slot())
          .settling(neighbour.entry().slot())
          .writing(over.get().written(), over.get().prediction());
    }
    Optional<Aside> aside =
        Aside.of(inspection.page(), meant, wrong, inspection.stage())
            .filter(each -> explains(each, tried, figure));
    Optional<KnownHand> copied = copiedAside(wrong, tried, figure, aside);
    if (copied.isPresent()) {
      return copied.get();
    }
    if (aside.isPresent()) {
      page = aside.get().on(page, meant);
      inspection = inspection.of(new Handwriting(page.read()));
      return known.found(difference.of(aside.get()));
    }
    boolean named = !tried.isEmpty() && least <= tried.get(0).agreement();
    int best = named ? tried.get(0).agreement() : least;
    Optional<Candidate> aid = asWritten.spoiling(wrong, best);
    List<Slip> names =
        tried.stream().map(each -> each.slipped().slip().named()).distinct().toList();
    if (aid.isPresent()) {
      Seen guilty = aid.get().taken();
      return known
          .found(difference(guilty).unexplained(names, aid.get().written()))
          .settling(guilty.entry().slot())
          .writing(aid.get().written(), aid.get().prediction());
    }
    if (named) {
      Prediction slipped = tried.get(0).prediction();
      return known
          .found(new Blame(inspection, known, wrong, slipped).finding(names))
          .slipping(tried.get(0).slipped(), slipped);
    }
    Map<Slot, BigInteger> written = figure.map(Candidate::written).orElse(Map.of());
    Optional<Candidate> taken = figure.or(() -> asWritten.asNothing(wrong));
    return settled(known.found(difference.unexplained(names, written)), wrong, taken);
  }

  /**
   * The known hand if the numbers of the sum were copied aside and worked as they stand, and that
   * explains more than anything else.
   */
  private Optional<KnownHand> copiedAside(
      Seen wrong, List<Candidate> tried, Optional<Candidate> figure, Optional<Aside> aside) {
    boolean may = settingOut == SettingOut.OWN && wrong.isSetOut() && known.findings().isEmpty();
    Optional<NumbersAside> numbers =
        may ? NumbersAside.of(inspection.page(), known.meant()) : Optional.empty();
    if (numbers.isEmpty()) {
      return Optional.empty();
    }
    Transposed read = numbers.get().on(page);
    Inspection then = inspection.of(new Handwriting(read.read()));
    Prediction copied = candidates().copied(numbers.get().lefts());
    int agreement = then.comparison().agreement(copied);
    boolean isBest =
        tried.stream().allMatch(each -> each.agreement() < agreement)
            && figure.stream().allMatch(each -> each.agreement() < agreement)
            && aside.stream().allMatch(each -> agreement(each) < agreement);
    if (!isBest) {
      return Optional.empty();
    }
    page = read;
    inspection = then;
    return Optional.of(
        known.found(numbers.get().finding(wrong.step())).copying(numbers.get().lefts(), copied));
  }

  /** How well the page agrees once a number that stands aside is read where it is due. */
  private int agreement(Aside aside) {
    Handwriting back = new Handwriting(aside.on(page, known.meant()).read());
    return inspection.of(back).comparison().agreement(known.meant());
  }

  /** Whether a number that stands aside explains more than any slip, and no less than a figure. */
  private boolean explains(Aside aside, List<Candidate> tried, Optional<Candidate> figure) {
    int agreement = agreement(aside);
    return tried.stream().allMatch(each -> each.agreement() < agreement)
        && figure.stream().allMatch(each -> each.agreement() <= agreement);
  }
}
