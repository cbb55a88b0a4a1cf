package bemble.judge.search;

import bemble.judge.reading.Comparison;
import bemble.judge.reading.Prediction;
import bemble.judge.reading.Prediction.Seen;
import bemble.judge.report.SettingOut;
import bemble.judge.search.Search.School;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.procedure.Section;
import bemble.slip.AddingSlips;
import bemble.slip.Slip;
import bemble.slip.SlippingHand.At;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The known slips that may be behind a difference. */
final class SlipTrials {
  private final School school;
  private final Candidates candidates;
  private final Inspection inspection;
  private final KnownHand known;
  private final SettingOut settingOut;

  SlipTrials(Candidates candidates, SettingOut settingOut) {
    this.school = candidates.school();
    this.candidates = candidates;
    this.inspection = candidates.inspection();
    this.known = candidates.known();
    this.settingOut = settingOut;
  }

  /**
   * The slips after which an entry is as it was written, those first that explain the most.
   *
   * @param least the agreement of a page that is explained well enough
   */
  List<Candidate> of(Seen wrong, int least) {
    List<Candidate> tried = new ArrayList<>();
    List<Slip> slips = school.sum().method().slips().stream().filter(Slip::isToldByPages).toList();
    boolean runsOn = !inspection.comparison().extras(wrong, known.meant()).isEmpty();
    for (Section from : Sources.before(wrong, known.meant(), runsOn)) {
      for (Slip slip : slips) {
        if (slip.isOfSettingOut() && settingOut == SettingOut.GIVEN) {
          continue;
        }
        if (candidates.budget().isLeft()) {
          candidates.slipping(new At(slip, from, false)).ifPresent(tried::add);
          for (At at : atFigures(slip, from, wrong)) {
            candidates.slipping(at).ifPresent(tried::add);
          }
          // A fact is missed once: another one is another slip.
          if (!slip.isMissedFact()) {
            candidates.slipping(new At(slip, from, true)).ifPresent(tried::add);
          }
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
            .thenComparing(each -> each.slipped().slip().leavesUnpaid() && isPaid(wrong))
            .thenComparing(each -> slips.indexOf(each.slipped().slip())));
    return tried;
  }

  /**
   * Whether a small figure says that ten more elsewhere were paid for in the column of an entry.
   */
  private boolean isPaid(Seen wrong) {
    return inspection.page().smallInColumn(wrong.column()).stream()
        .anyMatch(small -> school.otherAids().isPaid(wrong.column(), small.text()));
  }

  /**
   * The slip at one figure: of a row of products, if the others of the row are without it, or of a
   * column, if it has the written total without that figure.
   */
  private List<At> atFigures(Slip slip, Section from, Seen wrong) {
    if (!from.equals(wrong.step().section())) {
      return List.of();
    }
    Entry entry = wrong.entry();
    Stream<Entry> figures = Stream.empty();
    if (from.kind() == Section.Kind.ROW) {
      figures = entry.reads().stream().limit(1);
    } else if (slip == AddingSlips.FIGURE_SKIPPED && entry.rule().equals(Rule.ONES_OF_TOTAL)) {
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

  /** Whether another hand writes into the slot of an entry. */
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
