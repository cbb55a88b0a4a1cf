package bemble.judge;

import bemble.method.Method;
import bemble.method.PageForm;
import bemble.method.Sum;
import bemble.plan.Working;
import bemble.slip.Slip;
import bemble.slip.SlippingHand;
import bemble.slip.SlippingHand.At;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Judges a written page with the plan that also works the sum. It searches for a hand that would
 * have written this page: first the true hand, then hands that make known slips or write single
 * figures wrongly. A figure that such a hand writes because of an earlier slip follows from it.
 */
public final class Judge {
  /** Grows when a page can get another judgement than before. */
  public static final int VERSION = 1;

  private final Sum sum;

  /** The sum in each school; its true page is the same for every page that is judged. */
  private final Map<Style, Search.School> schools = new ConcurrentHashMap<>();

  /** The page that was judged last: mostly the next one is the same with a figure more. */
  private volatile Known last;

  /** Whether pages of a method are judged; the others are drawings to be looked at. */
  public static boolean judges(Method<?> of) {
    return of.form().isWritten();
  }

  /** A judge of pages of one sum. */
  public Judge(Sum sum) {
    this.sum = sum;
  }

  /** How far a page has come. */
  public enum Stage {
    /** Blank squares are still to be filled. */
    IN_WORK,
    /** What is blank now is missing. */
    HANDED_IN
  }

  /** Who set the sum out. */
  public enum SettingOut {
    GIVEN,
    OWN
  }

  /** Judges a page in every accepted style and returns the report of the style that fits best. */
  public Report judge(List<Written> page, Stage stage, SettingOut settingOut) {
    if (settingOut == SettingOut.GIVEN) {
      return judged(page, stage, settingOut);
    }
    Prediction truth = school(sum.style()).truth();
    Alignment alignment = Alignment.of(page, truth);
    List<Written> back = alignment.takenBack(page);
    Report report = judged(back, stage, settingOut);
    boolean signed = stage == Stage.IN_WORK || sum.method().form() == PageForm.FRAMED;
    return alignment.put(signed ? report : Signs.held(report, back, truth.working()));
  }

  private Search.School school(Style style) {
    return schools.computeIfAbsent(style, any -> Search.School.of(sum.in(style)));
  }

  private Report judged(List<Written> page, Stage stage, SettingOut settingOut) {
    Handwriting writing = new Handwriting(page);
    Known before = last;
    Known now =
        before != null && before.hasGrownInto(page, stage, settingOut)
            ? before.goOn(writing)
            : null;
    if (now == null) {
      now = best(writing, stage, settingOut);
    }
    last = now;
    return now.report;
  }

  /**
   * Tries the accepted styles in the order in which they agree with the page, and stops at the
   * first one in which known slips explain every difference.
   */
  private Known best(Handwriting writing, Stage stage, SettingOut settingOut) {
    Comparison comparison = new Comparison(writing, stage);
    List<Search.School> accepted = new ArrayList<>();
    for (Style style : Schools.of(sum)) {
      accepted.add(school(style));
    }
    accepted.sort(Comparator.comparing(school -> -comparison.agreement(school.truth())));
    Known best = null;
    for (Search.School school : accepted) {
      Search search = new Search(school, writing, stage, settingOut);
      search.search();
      Known known = new Known(writing.all(), stage, settingOut, search, search.report());
      if (best == null || known.trouble() < best.trouble()) {
        best = known;
      }
      if (best.isExplained()) {
        break;
      }
    }
    return best;
  }

  /** A page with what is known of the hand that wrote it. */
  private record Known(
      List<Written> page, Stage stage, SettingOut settingOut, Search search, Report report) {
    long trouble() {
      return report.findings().size() + report.count(Verdict.NOT_NEEDED);
    }

    boolean isExplained() {
      return report.count(Verdict.NOT_NEEDED) == 0
          && report.findings().stream().allMatch(each -> each.kind() == Finding.Kind.KNOWN);
    }

    /** Whether another page is this one with more written on it, which is still in work. */
    boolean hasGrownInto(List<Written> other, Stage otherStage, SettingOut otherSettingOut) {
      return stage == Stage.IN_WORK
          && otherStage == stage
          && otherSettingOut == settingOut
          && other.size() >= page.size()
          && other.subList(0, page.size()).equals(page)
          && other.subList(page.size(), other.size()).stream().noneMatch(this::isInFinding);
    }

    /** What is added to a number that was found wrong may change what is wrong with it. */
    private boolean isInFinding(Written written) {
      return report.findings().stream()
          .anyMatch(finding -> finding.squares().contains(written.at()));
    }

    /** What is known of the grown page if the same hand wrote all of it, otherwise null. */
    Known goOn(Handwriting grown) {
      Search same = search.onto(grown);
      if (!same.holds()) {
        return null;
      }
      Known known = new Known(grown.all(), stage, settingOut, same, same.report());
      return known.trouble() == trouble() ? known : null;
    }
  }

  /** The page of somebody who makes some slips wherever they are possible. */
  public static Working simulate(Sum sum, List<Slip> slips) {
    List<At> everywhere = slips.stream().map(At::everywhere).toList();
    return sum.work(new SlippingHand(sum.problem(), everywhere, Map.of()));
  }
}
