package bemble.judge;

import bemble.judge.reading.Alignment;
import bemble.judge.reading.Comparison;
import bemble.judge.reading.DecimalPoints;
import bemble.judge.reading.Handwriting;
import bemble.judge.reading.OtherWays;
import bemble.judge.reading.Prediction;
import bemble.judge.reading.ShortNumbers;
import bemble.judge.reading.Signs;
import bemble.judge.reading.Transposed;
import bemble.judge.reading.Variants;
import bemble.judge.report.Finding;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.judge.report.Verdict;
import bemble.judge.report.Written;
import bemble.judge.search.Budget;
import bemble.judge.search.Schools;
import bemble.judge.search.Search;
import bemble.method.Method;
import bemble.method.PageForm;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.procedure.Working;
import bemble.slip.Slip;
import bemble.slip.SlippingHand;
import bemble.slip.SlippingHand.At;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Judges a written page with the procedure that also works the sum. It searches for a hand that
 * would have written this page: first the true hand, then hands that make known slips or write
 * single figures wrongly. A figure that such a hand writes because of an earlier slip follows from
 * it.
 */
public final class Judge {
  /** Grows when a page can get another judgement with the same slips. */
  private static final int RULES = 13;

  /** Another number whenever a page can get another judgement: of the rules and the known slips. */
  public static final int VERSION = version(Methods.all());

  private final Sum sum;

  /**
   * How many schools are searched for the hand that wrote a page: those that agree best with it.
   */
  private static final int MOST_SCHOOLS = 3;

  /** The sum in the orders in which it may be set out. */
  private final List<Sum> variants;

  /** The sum in each school; its true page is the same for every page that is judged. */
  private final Map<Sum, Search.School> schools = new ConcurrentHashMap<>();

  static int version(List<Method<?>> methods) {
    List<String> known =
        methods.stream()
            .flatMap(
                method ->
                    method.slips().stream()
                        .map(
                            slip ->
                                String.join(" ", method.operation().id(), method.id(), slip.id())))
            .toList();
    return 31 * RULES + known.hashCode();
  }

  /** Whether pages of a method are judged; the others are drawings to be looked at. */
  public static boolean judges(Method<?> of) {
    return of.form().isWritten();
  }

  /** A judge of pages of one sum. */
  public Judge(Sum sum) {
    this.sum = sum;
    this.variants = Variants.of(sum);
  }

  /**
   * Judges a page in every accepted style and returns the report of the style that fits best. The
   * same page always has the same report, however it came to be written.
   */
  public Report judge(List<Written> page, Stage stage, SettingOut settingOut) {
    List<Written> read = ShortNumbers.of(page);
    Report report = judgeShort(read, stage, settingOut);
    return read.equals(page) ? report : ShortNumbers.putBack(report, page);
  }

  private Report judgeShort(List<Written> page, Stage stage, SettingOut settingOut) {
    boolean given = settingOut == SettingOut.GIVEN;
    SetOut setOut = given ? new SetOut(sum, Transposed.none(page)) : setOut(page, stage);
    Prediction truth = school(setOut.sum).truth();
    Transposed read = OtherWays.read(setOut.page, truth, stage, settingOut);
    Report report = judged(setOut.sum, read.read(), stage, settingOut);
    if (given) {
      return read.putBack(report);
    }
    report = DecimalPoints.withFindings(report, read.read(), stage);
    boolean signed = stage == Stage.IN_WORK || isFramed();
    report = signed ? report : Signs.withFinding(report, read.read(), truth.working());
    return read.putBack(report);
  }

  /** A page as its writer has set the sum out: in which order, and where on the sheet. */
  private record SetOut(Sum sum, Transposed page) {}

  /** The given order, unless the numbers stand without a fault in another. */
  private SetOut setOut(List<Written> page, Stage stage) {
    SetOut given = null;
    for (Sum variant : variants) {
      Prediction truth = school(variant).truth();
      Transposed none = Transposed.none(page);
      // A frame is ruled before anything is written in it.
      Transposed read = isFramed() ? none : Alignment.of(page, truth).on(none);
      SetOut setOut = new SetOut(variant, read);
      if (new Comparison(new Handwriting(read.read()), stage).isSetOutAs(truth)) {
        return setOut;
      }
      given = given == null ? setOut : given;
    }
    return Objects.requireNonNull(given);
  }

  private boolean isFramed() {
    return sum.method().form() == PageForm.FRAMED;
  }

  private Search.School school(Sum of) {
    return schools.computeIfAbsent(of, Search.School::of);
  }

  /**
   * Tries the accepted styles in the order in which they agree with the page, and stops at the
   * first one in which nothing is wrong, or one known slip of the class's own explains all.
   */
  private Report judged(Sum of, List<Written> page, Stage stage, SettingOut settingOut) {
    Handwriting writing = new Handwriting(page);
    Comparison comparison = new Comparison(writing, stage);
    List<Search.School> accepted = new ArrayList<>();
    for (Style style : Schools.of(of)) {
      accepted.add(school(of.in(style)));
    }
    accepted.sort(Comparator.comparing(school -> -comparison.agreement(school.truth())));
    int marks = accepted.get(0).truth().working().paper().marks().size();
    List<Search.School> tried = accepted.subList(0, Math.min(MOST_SCHOOLS, accepted.size()));
    Budget budget = new Budget(marks, tried.size());
    Report best = null;
    for (Search.School school : tried) {
      budget.next();
      Search search = new Search(school, page, stage, settingOut, budget);
      search.search();
      Report report = search.report();
      boolean own = school.sum().style().equals(of.style());
      if (best == null || isBetter(report, best, own)) {
        best = report;
      }
      // Of several slips another school may make one, and the class's own is the likeliest.
      if (isExplained(best) && best.findings().size() <= (own ? 1 : 0)) {
        break;
      }
    }
    return Objects.requireNonNull(best);
  }

  private static boolean isBetter(Report report, Report than, boolean own) {
    long more = trouble(report) - trouble(than);
    return more < 0 || more == 0 && isExplained(report) && (own || !isExplained(than));
  }

  private static long trouble(Report report) {
    return report.findings().size() + report.count(Verdict.NOT_NEEDED);
  }

  private static boolean isExplained(Report report) {
    return report.count(Verdict.NOT_NEEDED) == 0
        && report.findings().stream().allMatch(each -> each.kind() == Finding.Kind.KNOWN);
  }

  /** The page of a hand that makes some slips at every chance. */
  public static Working simulate(Sum sum, List<Slip> slips) {
    List<At> everywhere = slips.stream().map(At::everywhere).toList();
    return sum.work(new SlippingHand(sum.problem(), everywhere, Map.of()));
  }
}
