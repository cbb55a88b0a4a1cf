package bemble.judge.search;

import bemble.judge.reading.Aside;
import bemble.judge.reading.Comparison;
import bemble.judge.reading.Handwriting;
import bemble.judge.reading.OtherAids;
import bemble.judge.reading.Prediction;
import bemble.judge.reading.Prediction.Seen;
import bemble.judge.reading.Transposed;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.judge.report.Written;
import bemble.method.Sum;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.procedure.Section;
import bemble.procedure.Slot;
import bemble.slip.Slip;
import bemble.slip.SlippingHand.At;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

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

  /** What is known once the writer's choice in one slot is accepted. */
  private KnownHand choose(Seen wrong) {
    Slot slot = wrong.entry().slot();
    BigInteger value = inspection.value(wrong).orElseThrow();
    KnownHand chosen = known;
    if (known.findings().isEmpty()) {
      Map<Slot, BigInteger> choices = KnownHand.plus(known.chosen(), slot, value);
      chosen = known.choosing(slot, value, trials().worked(List.of(), choices));
    }
    return chosen.writing(
        slot, value, trials().worked(known.slips(), KnownHand.plus(known.forced(), slot, value)));
  }

  private Difference difference(Seen wrong) {
    return new Difference(inspection.page(), inspection.comparison(), known, wrong);
  }

  private Candidates trials() {
    return new Candidates(school, inspection, known, budget);
  }

  /** What was found, with everything where it stands. */
  public Report report() {
    return page.putBack(
        new Verdicts(inspection.page(), known.truth(), known.meant(), known.findings(), settingOut)
            .report());
  }

  /** What is known once the figure in a slot is taken as it stands. */
  private KnownHand settled(KnownHand found, Seen wrong, Optional<Candidate> figure) {
    KnownHand settled = found.settling(wrong.entry().slot());
    return figure.map(each -> settled.writing(each.written(), each.prediction())).orElse(settled);
  }

  /** Explains one difference and returns what is known then. */
  private KnownHand explain(Seen wrong) {
    Prediction meant = known.meant();
    Difference difference = difference(wrong);
    AsWritten asWritten = new AsWritten(trials());
    if (difference.isAsTrue()) {
      // After a slip a figure may be right again; then it is called right.
      return settled(known, wrong, asWritten.taking(wrong));
    }
    int now = inspection.comparison().agreement(meant);
    Optional<Candidate> figure = asWritten.taking(wrong);
    int least = figure.map(Candidate::agreement).orElse(now);
    List<Candidate> tried = slips(wrong, Math.min(now + 1, least));
    Optional<Candidate> over = asWritten.changedOver(wrong);
    if (over.isPresent()
        && (tried.isEmpty() || over.get().agreement() > tried.get(0).agreement())) {
      return known
          .found(difference.changedOver(over.get().aid()))
          .settling(wrong.entry().slot())
          .settling(over.get().aid().entry().slot())
          .writing(over.get().written(), over.get().prediction());
    }
    Optional<Aside> aside =
        Aside.of(inspection.page(), meant, wrong).filter(each -> explains(each, tried, figure));
    if (aside.isPresent()) {
      page = aside.get().on(page, meant);
      inspection = inspection.of(new Handwriting(page.read()));
      return known.found(difference.of(aside.get()));
    }
    boolean named = !tried.isEmpty() && least <= tried.get(0).agreement();
    int best = named ? tried.get(0).agreement() : least;
    Optional<Candidate> aid = asWritten.spoiling(wrong, best);
    List<Slip> names = tried.stream().map(each -> each.at().slip().named()).distinct().toList();
    if (aid.isPresent()) {
      Seen guilty = aid.get().aid();
      return known
          .found(difference(guilty).unexplained(names, aid.get().written()))
          .settling(guilty.entry().slot())
          .writing(aid.get().written(), aid.get().prediction());
    }
    if (named) {
      // A wrong carry is guilty, and the figure into which it was added follows from it.
      Prediction slipped = tried.get(0).prediction();
      Difference guilty = guiltyAid(wrong, slipped).map(this::difference).orElse(difference);
      return known
          .found(guilty.explainedBy(names, written(guilty.wrong(), slipped)))
          .slipping(tried.get(0).at(), slipped);
    }
    Map<Slot, BigInteger> written = figure.map(Candidate::written).orElse(Map.of());
    return settled(known.found(difference.unexplained(names, written)), wrong, figure);
  }

  /**
   * The slips after which an entry is as it was written, those first that explain the most.
   *
   * @param least the agreement of a page that is explained well enough
   */
  private List<Candidate> slips(Seen wrong, int least) {
    List<Candidate> tried = new ArrayList<>();
    List<Slip> slips = school.sum().method().slips();
    boolean runsOn = !inspection.comparison().extras(wrong, known.meant()).isEmpty();
    for (Section from : Sources.before(wrong, known.meant(), runsOn)) {
      for (Slip slip : slips) {
        if (slip.isOfSettingOut() && settingOut == SettingOut.GIVEN) {
          continue;
        }
        if (budget.isLeft()) {
          trials().slipping(new At(slip, from, false)).ifPresent(tried::add);
          for (At at : atFigures(slip, from, wrong)) {
            trials().slipping(at).ifPresent(tried::add);
          }
          trials().slipping(new At(slip, from, true)).ifPresent(tried::add);
        }
      }
    }
    tried.removeIf(
        each ->
            each.agreement() < least || inspection.isStillWrong(wrong, each.prediction(), known));
    // A blank is named only by a slip that leaves it blank, a figure only by one that writes one.
    Comparison comparison = inspection.comparison();
    boolean isBlank = !comparison.differs(wrong) && !comparison.absent(wrong).isEmpty();
    tried.removeIf(each -> isBlank && isWritten(wrong, each.prediction()));
    tried.removeIf(each -> comparison.differs(wrong) && isBlankIn(each.prediction(), wrong));
    tried.sort(
        Comparator.<Candidate, Integer>comparing(each -> -each.agreement())
            .thenComparing(each -> each.at().slip().leavesUnpaid() && isPaid(wrong))
            .thenComparing(each -> slips.indexOf(each.at().slip())));
    return tried;
  }

  /**
   * Whether a small figure says that ten more elsewhere were paid for in the column of an entry.
   */
  private boolean isPaid(Seen wrong) {
    return inspection.page().smallInColumn(wrong.column()).stream()
        .anyMatch(small -> school.otherAids().isPaid(wrong.column(), small.text()));
  }

  /** Whether a number that stands aside explains more than any slip, and no less than a figure. */
  private boolean explains(Aside aside, List<Candidate> tried, Optional<Candidate> figure) {
    Prediction meant = known.meant();
    Handwriting back = new Handwriting(aside.on(page, meant).read());
    int agreement = inspection.of(back).comparison().agreement(meant);
    return tried.stream().allMatch(each -> each.agreement() < agreement)
        && figure.stream().allMatch(each -> each.agreement() <= agreement);
  }

  /**
   * The slip at one figure: of a row of products, where the others of the row are without it, or of
   * a column, where without that figure it comes to what was written.
   */
  private List<At> atFigures(Slip slip, Section from, Seen wrong) {
    if (!from.equals(wrong.step().section())) {
      return List.of();
    }
    Entry entry = wrong.entry();
    Stream<Entry> figures = Stream.empty();
    if (from.kind() == Section.Kind.ROW) {
      figures = entry.reads().stream().limit(1);
    } else if (slip == Slip.FIGURE_SKIPPED && entry.rule().equals(Rule.ONES_OF_TOTAL)) {
      Optional<BigInteger> value = inspection.value(wrong);
      figures =
          entry.reads().stream()
              .filter(
                  read ->
                      value.equals(
                          Optional.of(entry.value().subtract(read.value()).mod(BigInteger.TEN))));
    }
    return figures.map(read -> new At(slip, from, false, read.slot().square())).toList();
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

  /** A small figure of the column that is wrong, and is as a hand with a slip writes it. */
  private Optional<Seen> guiltyAid(Seen wrong, Prediction slipped) {
    int column = wrong.column();
    Prediction meant = known.meant();
    boolean isGuilty =
        !wrong.isAid()
            && inspection.comparison().wrongAid(column, meant).isPresent()
            && inspection.comparison().wrongAid(column, slipped).isEmpty();
    return meant.seen().stream()
        .filter(seen -> isGuilty && seen.isAid() && seen.column() == column)
        .findFirst();
  }

  /** Whether another hand writes something in the slot of an entry. */
  private static boolean isWritten(Seen wrong, Prediction other) {
    return other.seen().stream()
        .filter(seen -> seen.entry().slot().equals(wrong.entry().slot()))
        .anyMatch(seen -> !seen.expected().isEmpty());
  }

  /** Whether another hand leaves the squares of an entry blank. */
  private static boolean isBlankIn(Prediction other, Seen wrong) {
    return wrong.expected().stream().allMatch(one -> other.at(one.at(), one.spot()) == null);
  }
}
