package bemble.judge;

import bemble.judge.Prediction.Expected;
import bemble.judge.Prediction.Seen;
import bemble.method.Method;
import bemble.method.Methods;
import bemble.paper.Square;
import bemble.plan.Slot;
import bemble.plan.Working;
import bemble.problem.Problem;
import bemble.slip.Slip;
import bemble.slip.SlippingHand;
import bemble.slip.SlippingHand.At;
import bemble.style.Style;
import bemble.wording.Section;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Judges a written page on the plan that also works the sum. It looks for a hand that would have
 * written this page: the true one, and where that does not do, one that makes known slips or writes
 * single figures wrongly. What such a hand writes after a slip follows from it.
 */
public final class Judge {
  private static final Set<String> JUDGED =
      Set.of(
          "column",
          "in-pairs",
          "left-to-right",
          "exchange",
          "add-to-both",
          "expanded",
          "area",
          "crosswise",
          "long",
          "digit-pairs");

  private static final int MOST_FINDINGS = 16;

  /** How many stretches of the working before the one where it shows a slip may have happened. */
  private static final int SECTIONS_BACK = 2;

  private final Method<?> method;
  private final Problem problem;
  private final Style style;

  /** The true page in each school; it is the same for every page of the sum. */
  private final Map<Style, Prediction> truths = new ConcurrentHashMap<>();

  /** Whether pages of a method are judged; the others are drawings to be looked at. */
  public static boolean judges(Method<?> of) {
    return JUDGED.contains(of.id());
  }

  /** A judge of pages of one sum; the method fits it. */
  public Judge(Method<?> method, Problem problem, Style style) {
    this.method = method;
    this.problem = problem;
    this.style = style;
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

  /** The judgement of a page. In any style that schools have, whichever suits it best. */
  public Report judge(List<Written> page, Stage stage, SettingOut settingOut) {
    if (settingOut == SettingOut.GIVEN) {
      return judged(page, stage, settingOut);
    }
    Prediction truth = truth(style);
    Alignment alignment = Alignment.of(page, truth);
    return alignment.put(judged(alignment.takenBack(page), stage, settingOut));
  }

  private Prediction truth(Style school) {
    return truths.computeIfAbsent(
        school, any -> new Prediction(Methods.work(method, problem, school)));
  }

  private Report judged(List<Written> page, Stage stage, SettingOut settingOut) {
    Handwriting writing = new Handwriting(page);
    Report best = null;
    for (Style school : Schools.of(problem.operation(), method.id(), style)) {
      Report report = new Search(writing, stage, settingOut, school).report();
      if (best == null || better(report, best)) {
        best = report;
      }
      if (trouble(best) == 0) {
        break;
      }
    }
    return best;
  }

  private static boolean better(Report one, Report other) {
    return trouble(one) < trouble(other);
  }

  private static long trouble(Report report) {
    return report.findings().size() + report.count(Verdict.NOT_NEEDED);
  }

  /** The search for the hand that wrote one page. */
  private final class Search {
    private final Handwriting page;
    private final Comparison comparison;
    private final Stage stage;
    private final SettingOut settingOut;
    private final Style school;
    private final List<At> slips = new ArrayList<>();
    private final Map<Slot, BigInteger> forced = new HashMap<>();
    private final Set<Slot> settled = new HashSet<>();
    private final List<Finding> findings = new ArrayList<>();

    Search(Handwriting page, Stage stage, SettingOut settingOut, Style school) {
      this.page = page;
      this.comparison = new Comparison(page, stage);
      this.stage = stage;
      this.settingOut = settingOut;
      this.school = school;
    }

    Report report() {
      Prediction truth = truth(school);
      Prediction prediction = truth;
      for (Seen wrong = firstWrong(prediction);
          wrong != null && findings.size() < MOST_FINDINGS;
          wrong = firstWrong(prediction)) {
        prediction = explain(wrong, prediction);
      }
      return new Verdicts(page, truth, prediction, findings, settingOut).report();
    }

    private Prediction predict(List<At> some, Map<Slot, BigInteger> values) {
      SlippingHand hand = new SlippingHand(problem, some, values);
      return new Prediction(Methods.work(method, problem, school, hand));
    }

    /** The first entry that does not stand on the page as predicted; null where all do. */
    private Seen firstWrong(Prediction prediction) {
      Set<Integer> sound = new HashSet<>();
      for (Seen seen : prediction.seen()) {
        boolean judged = settingOut == SettingOut.OWN || !seen.isSetOut();
        // The small figures of a column are looked at together, once.
        boolean looked = seen.isAid() && !sound.add(seen.entry().slot().square().column());
        if (judged
            && !looked
            && !settled.contains(seen.entry().slot())
            && isWrong(seen, prediction)) {
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

    /**
     * Finds what happened where something is wrong, and gives the page as it goes on from there.
     */
    private Prediction explain(Seen wrong, Prediction prediction) {
      int now = comparison.agreement(prediction);
      List<Tried> tried = new ArrayList<>();
      for (Section from : sectionsBefore(wrong, prediction)) {
        for (Slip slip : Slip.of(problem.operation(), method.id())) {
          if (slip.isOfSettingOut() && settingOut == SettingOut.GIVEN) {
            continue;
          }
          for (boolean onwards : new boolean[] {false, true}) {
            tried.add(trySlip(new At(slip, from, onwards)));
          }
        }
      }
      tried.removeIf(each -> each.agreement <= now || isStillWrong(wrong, each.prediction));
      tried.sort(
          Comparator.<Tried, Integer>comparing(each -> -each.agreement)
              .thenComparing(each -> each.at.slip().ordinal()));
      Optional<Tried> figure = force(wrong);
      boolean known =
          !tried.isEmpty()
              && figure.map(each -> each.agreement <= tried.get(0).agreement).orElse(true);
      findings.add(finding(wrong, tried, known, prediction));
      if (known) {
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

    private Tried trySlip(At at) {
      List<At> more = new ArrayList<>(slips);
      more.add(at);
      return new Tried(at, null, predict(more, forced));
    }

    /** The page with what was written in the wrong place taken as it is. */
    private Optional<Tried> force(Seen wrong) {
      return value(wrong)
          .map(
              value -> {
                Map<Slot, BigInteger> more = new HashMap<>(forced);
                more.put(wrong.entry().slot(), value);
                return new Tried(null, value, predict(slips, more));
              });
    }

    private Optional<BigInteger> value(Seen wrong) {
      Slot slot = wrong.entry().slot();
      if (slot.spot() != bemble.paper.Spot.FULL) {
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
                      !page.at(one.at(), one.spot())
                          .map(t -> Comparison.same(t, one))
                          .orElse(false))
              .map(Expected::at)
              .toList();
      return different.isEmpty() ? wrong.expected().stream().map(Expected::at).toList() : different;
    }
  }

  /** The page of somebody who makes some slips wherever they can be made. */
  public static Working simulate(Method<?> method, Problem problem, Style style, List<Slip> slips) {
    List<At> everywhere = slips.stream().map(At::everywhere).toList();
    return Methods.work(method, problem, style, new SlippingHand(problem, everywhere, Map.of()));
  }
}
