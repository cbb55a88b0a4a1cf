package bemble.method;

import bemble.judge.Judge;
import bemble.judge.SetOutPage;
import bemble.judge.reading.Transcript;
import bemble.judge.report.Finding;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.judge.report.Written;
import bemble.methods.Methods;
import bemble.paper.Spot;
import bemble.problem.Problem;
import bemble.procedure.Section;
import bemble.procedure.Step;
import bemble.procedure.Working;
import bemble.slip.Slip;
import bemble.slip.SlippingHand;
import bemble.slip.SlippingHand.At;
import bemble.style.Style;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.provider.Arguments;

/**
 * How well the judge names a slip that a simulated pupil makes in a method.
 *
 * @param shown pages on which the slip shows
 * @param named pages on which it is among the slips of the first finding
 * @param first pages on which it is named first, or behind one that makes the very same page
 * @param alone pages on which all later mistakes follow from it
 */
record SlipMeasure(String method, Slip slip, int shown, int named, int first, int alone) {
  private static final int SUMS = 400;
  private static final int LAST_ROW_OF_LINE = 2;

  /** The methods whose pages are judged. */
  static List<Method<?>> judged() {
    return Methods.all().stream().filter(Judge::judges).toList();
  }

  /** Every slip in every method in which it can happen. */
  static Stream<Arguments> all() {
    return judged().stream()
        .flatMap(
            method ->
                method.slips().stream()
                    .filter(Slip::isToldByPages)
                    .map(slip -> Arguments.of(method, slip)));
  }

  static SlipMeasure of(Method<?> method, Slip slip, int pages) {
    SettingOut setting = slip.isOfSettingOut() ? SettingOut.OWN : SettingOut.GIVEN;
    SlipMeasure measure =
        new SlipMeasure(method.operation().id() + " " + method.id(), slip, 0, 0, 0, 0);
    for (Problem sum : new RandomSums(29).small(method).limit(SUMS).toList()) {
      List<Written> truth = penned(new Sum(sum, method, Style.STANDARD).work(), setting);
      List<Written> page =
          penned(Judge.simulate(new Sum(sum, method, Style.STANDARD), List.of(slip)), setting);
      if (measure.shown == pages) {
        break;
      }
      if (!figures(method, page).equals(figures(method, truth))) {
        Judge judge = new Judge(new Sum(sum, method, Style.STANDARD));
        measure =
            measure.and(
                judge.judge(page, Stage.HANDED_IN, setting),
                explains(new Sum(sum, method, Style.STANDARD), page, setting));
      }
    }
    return measure;
  }

  /** The same for pages on which the slip happens in one section only, each in turn. */
  static SlipMeasure atOnePlace(Method<?> method, Slip slip, int pages) {
    SettingOut setting = slip.isOfSettingOut() ? SettingOut.OWN : SettingOut.GIVEN;
    SlipMeasure measure =
        new SlipMeasure(method.operation().id() + " " + method.id(), slip, 0, 0, 0, 0);
    for (Problem problem : new RandomSums(37).small(method).limit(SUMS / 4).toList()) {
      Sum sum = new Sum(problem, method, Style.STANDARD);
      Set<Written> truth = figures(method, penned(sum.work(), setting));
      for (Section section : sections(sum)) {
        SlippingHand hand =
            new SlippingHand(problem, List.of(new At(slip, section, false)), Map.of());
        List<Written> page = penned(sum.work(hand), setting);
        if (measure.shown == pages) {
          return measure;
        }
        if (!figures(method, page).equals(truth)) {
          measure =
              measure.and(
                  new Judge(sum).judge(page, Stage.HANDED_IN, setting),
                  explains(sum, page, setting));
        }
      }
    }
    return measure;
  }

  /**
   * Whether a slip, everywhere or at one place, would make this very page: it tells no two apart.
   */
  private static Predicate<Slip> explains(Sum sum, List<Written> page, SettingOut setting) {
    Set<Written> shown = figures(sum.method(), page);
    return other ->
        Stream.concat(
                Stream.of(At.everywhere(other)),
                sections(sum).stream().map(section -> new At(other, section, false)))
            .map(at -> new SlippingHand(sum.problem(), List.of(at), Map.of()))
            .anyMatch(hand -> figures(sum.method(), penned(sum.work(hand), setting)).equals(shown));
  }

  private static Set<Section> sections(Sum sum) {
    return new LinkedHashSet<>(sum.work().steps().stream().map(Step::section).toList());
  }

  private SlipMeasure and(Report report, Predicate<Slip> explains) {
    if (report.findings().isEmpty()) {
      return new SlipMeasure(method, slip, shown + 1, named, first, alone);
    }
    Finding finding = report.findings().get(0);
    return new SlipMeasure(
        method,
        slip,
        shown + 1,
        named + (finding.slips().contains(slip.named()) ? 1 : 0),
        first + (isFirst(finding.slips(), explains) ? 1 : 0),
        alone + (report.findings().size() == 1 ? 1 : 0));
  }

  private boolean isFirst(List<Slip> slips, Predicate<Slip> explains) {
    return slips.contains(slip.named())
        && (slips.get(0) == slip.named() || explains.test(slips.get(0)));
  }

  private static List<Written> penned(Working working, SettingOut settingOut) {
    return settingOut == SettingOut.OWN ? SetOutPage.of(working) : Transcript.of(working);
  }

  /**
   * The marks that count on a page: all but the small figures, unless the method writes its parts
   * so.
   */
  static Set<Written> figures(Method<?> method, List<Written> page) {
    return page.stream().filter(written -> isFigure(method, written)).collect(Collectors.toSet());
  }

  /** Whether a mark on a page is a figure that counts. */
  static boolean isFigure(Method<?> method, Written written) {
    boolean parts = method.id().equals("area") || method.id().equals("expanded");
    boolean line = method.id().startsWith("count-");
    return written.spot() == Spot.FULL
        || written.text().equals(".")
        || parts && written.text().length() > 1
        || line && written.at().row() <= LAST_ROW_OF_LINE;
  }
}
