package bemble.slip;

import bemble.number.Numeral;
import bemble.number.Whole;
import bemble.paper.Role;
import bemble.problem.Problem;
import bemble.procedure.Asked;
import bemble.procedure.Entry;
import bemble.procedure.Fill;
import bemble.procedure.Move;
import bemble.procedure.Rule;
import bemble.procedure.Shift;
import java.math.BigInteger;
import java.util.List;
import java.util.Optional;

/** Slips of division and of roots, which use a number up from the left. */
public final class DividingSlips {
  public static final Slip ZERO_LEFT_OUT = Slip.ofRule("zero-left-out", DividingSlips::zeroLeftOut);
  public static final Slip ZERO_LEFT_BLANK =
      ZERO_LEFT_OUT.form("zero-left-blank", DividingSlips::zeroLeftBlank);
  public static final Slip QUOTIENT_LEFT =
      Slip.ofRule("quotient-left", DividingSlips::quotientLeft);
  public static final Slip LEFT_OVER_LOST =
      Slip.ofRule("left-over-lost", DividingSlips::leftOverLost);
  public static final Slip LEFT_OVER_ADDED =
      Slip.ofRule("left-over-added", DividingSlips::leftOverAdded);
  public static final Slip COUNT_NOT_ADDED =
      Slip.ofRule("count-not-added", DividingSlips::countNotAdded);
  public static final Slip ZEROS_OF_COUNT_LOST =
      Slip.ofRule("zeros-of-count-lost", DividingSlips::zerosOfCountLost);
  public static final Slip REMAINDER_DROPPED =
      Slip.ofRule("remainder-dropped", DividingSlips::remainderDropped);
  public static final Slip NOT_BROUGHT_DOWN =
      Slip.ofRule("not-brought-down", DividingSlips::notBroughtDown);
  public static final Slip BROUGHT_DOWN_TWICE =
      Slip.ofRule("brought-down-twice", DividingSlips::broughtDownTwice);
  public static final Slip SUBTRACTION_SLIP =
      Slip.ofRule("subtraction-slip", DividingSlips::subtractionSlip);
  public static final Slip TRIAL_TOO_SMALL =
      Slip.ofRule("trial-too-small", DividingSlips::trialTooSmall);
  public static final Slip TRIAL_TOO_LARGE =
      Slip.ofRule("trial-too-large", DividingSlips::trialTooLarge);
  public static final Slip TWO_FIGURES_IN_ONE_PLACE =
      Slip.ofRule("two-figures-in-one-place", DividingSlips::twoFiguresInOnePlace);
  public static final Slip FROM_THE_ONES_END =
      Slip.ofRule("from-the-ones-end", DividingSlips::fromTheOnesEnd);
  public static final Slip PAIRS_FROM_WRONG_END =
      Slip.ofRule("pairs-from-wrong-end", DividingSlips::pairsFromTheWrongEnd);
  public static final Slip PAIRS_FROM_LEFT =
      PAIRS_FROM_WRONG_END.form(
          "pairs-from-left", Slip.Kind.IN_ANSWERS, problem -> new PairsFromLeft(problem, false));
  public static final Slip PAIRS_FROM_LEFT_FILLED_UP =
      PAIRS_FROM_WRONG_END.form(
          "pairs-from-left-filled-up",
          Slip.Kind.IN_ANSWERS,
          problem -> new PairsFromLeft(problem, true));
  public static final Slip NOT_DOUBLED = Slip.ofRule("not-doubled", DividingSlips::notDoubled);
  public static final Slip LAST_FIGURE_DOUBLED =
      Slip.ofRule("last-figure-doubled", DividingSlips::lastFigureDoubled);
  public static final Slip DIGIT_NOT_BESIDE =
      Slip.ofRule("digit-not-beside", DividingSlips::digitNotBeside);
  public static final Slip ZERO_LEFT_OUT_OF_ROOT =
      Slip.ofRule("zero-left-out-of-root", DividingSlips::zeroLeftOutOfRoot);
  public static final Slip POINT_MISPLACED =
      Slip.ofRule("point-misplaced", DividingSlips::pointMisplaced);
  public static final Slip ONE_DIGIT_DOWN =
      Slip.ofRule("one-digit-down", DividingSlips::oneDigitDown);

  static final List<Slip> ALL =
      List.of(
          ZERO_LEFT_OUT,
          ZERO_LEFT_BLANK,
          QUOTIENT_LEFT,
          LEFT_OVER_LOST,
          LEFT_OVER_ADDED,
          COUNT_NOT_ADDED,
          ZEROS_OF_COUNT_LOST,
          REMAINDER_DROPPED,
          NOT_BROUGHT_DOWN,
          BROUGHT_DOWN_TWICE,
          SUBTRACTION_SLIP,
          TRIAL_TOO_SMALL,
          TRIAL_TOO_LARGE,
          TWO_FIGURES_IN_ONE_PLACE,
          FROM_THE_ONES_END,
          PAIRS_FROM_WRONG_END,
          PAIRS_FROM_LEFT,
          PAIRS_FROM_LEFT_FILLED_UP,
          NOT_DOUBLED,
          LAST_FIGURE_DOUBLED,
          DIGIT_NOT_BESIDE,
          ZERO_LEFT_OUT_OF_ROOT,
          POINT_MISPLACED,
          ONE_DIGIT_DOWN);

  private static final BigInteger NINE = BigInteger.valueOf(9);

  private DividingSlips() {}

  private static Change zeroLeftOut(Problem problem) {
    return Change.leavingOut(Move.WRITE_ZERO);
  }

  /** The square of a zero stays blank, and the figures after it stand where they should. */
  private static Change zeroLeftBlank(Problem problem) {
    return (Change.ToBlank)
        asked ->
            asked.slot().role() == Role.QUOTIENT
                && Reads.is(asked, Rule.Kind.HOW_MANY)
                && asked.due().signum() == 0;
  }

  private static Change quotientLeft(Problem problem) {
    return Change.shifting(Shift.QUOTIENT_LEFT, 1);
  }

  private static Change trialTooSmall(Problem problem) {
    return trial(BigInteger.ONE.negate());
  }

  private static Change trialTooLarge(Problem problem) {
    return trial(BigInteger.ONE);
  }

  private static Change trial(BigInteger off) {
    return (Change.OfValues)
        asked -> {
          boolean digit =
              Reads.is(asked, Rule.Kind.HOW_MANY, Rule.Kind.LARGEST_TRIAL)
                  && asked.due().signum() > 0;
          BigInteger tried = asked.due().add(off);
          return digit && tried.signum() > 0 && tried.compareTo(NINE) <= 0
              ? Optional.of(tried)
              : Optional.empty();
        };
  }

  /**
   * The rest is so large that the next figure goes ten times and more, and both figures are
   * written.
   */
  private static Change twoFiguresInOnePlace(Problem problem) {
    return new Change() {
      private boolean tooMuchIsLeft;

      @Override
      public Optional<Fill> instead(Asked asked) {
        if (!Reads.is(asked, Rule.Kind.HOW_MANY)) {
          return Optional.empty();
        }
        if (tooMuchIsLeft) {
          tooMuchIsLeft = false;
          return Optional.of(Fill.of(times(asked)));
        }
        tooMuchIsLeft = asked.due().compareTo(BigInteger.ONE) > 0 && asked.slot().place() > 0;
        return tooMuchIsLeft
            ? Optional.of(Fill.of(asked.due().subtract(BigInteger.ONE)))
            : Optional.empty();
      }
    };
  }

  /** How often the divisor goes, however often that is. */
  private static BigInteger times(Asked asked) {
    List<Entry> stands = asked.reads().subList(1, asked.reads().size());
    return Rule.of(Rule.Kind.JOINED).applyTo(stands).divide(Reads.value(asked, 0));
  }

  private static Change notBroughtDown(Problem problem) {
    return Change.leavingOut(Move.BRING_DOWN);
  }

  /** The figure that came down last comes down again. */
  private static Change broughtDownTwice(Problem problem) {
    Numeral dividend = problem.numbers().get(0);
    return (Change.OfValues)
        asked -> {
          boolean down = asked.slot().role() == Role.BROUGHT_DOWN;
          int before = asked.slot().place() + 1;
          return down && before <= dividend.highestPlace()
              ? Optional.of(BigInteger.valueOf(dividend.digitAt(before)))
              : Optional.empty();
        };
  }

  /** The remainder is not put before the next figure. */
  private static Change leftOverLost(Problem problem) {
    return (Change.ToBlank)
        asked ->
            asked.slot().role() == Role.LEFT_OVER
                && asked.slot().place() > 0
                && asked.due().signum() > 0;
  }

  /** The remainder is added to the next figure, though it counts ten times as much. */
  private static Change leftOverAdded(Problem problem) {
    return (Change.OfValues)
        asked -> {
          boolean shares = Reads.is(asked, Rule.Kind.HOW_MANY, Rule.Kind.LEFT_OVER);
          boolean joins =
              asked.reads().size() == 3 && asked.reads().get(1).slot().role() == Role.LEFT_OVER;
          if (!shares || !joins) {
            return Optional.empty();
          }
          BigInteger added = Reads.value(asked, 1).add(Reads.value(asked, 2));
          BigInteger first = Reads.value(asked, 0);
          if (Reads.is(asked, Rule.Kind.LEFT_OVER)) {
            return Optional.of(added.subtract(first).max(BigInteger.ZERO));
          }
          return first.signum() == 0 ? Optional.empty() : Optional.of(added.divide(first));
        };
  }

  /** The last of the counts is forgotten when they are added. */
  private static Change countNotAdded(Problem problem) {
    return (Change.OfValues)
        asked -> {
          List<Entry> counts = asked.reads();
          boolean adds = Reads.is(asked, Rule.Kind.FIGURE_OF_TOTAL) && Reads.has(asked, Role.COUNT);
          return adds && counts.size() > 1
              ? Optional.of(Reads.applied(asked, counts.subList(0, counts.size() - 1)))
              : Optional.empty();
        };
  }

  /** A multiple of the divisor without the zeros of its count: 20 × 24 as 48. */
  private static Change zerosOfCountLost(Problem problem) {
    return (Change.OfValues)
        asked -> {
          if (!Reads.is(asked, Rule.Kind.PRODUCT) || !Reads.has(asked, Role.COUNT)) {
            return Optional.empty();
          }
          String figures = Reads.value(asked, 0).toString().replaceAll("(?<=.)0+$", "");
          return Optional.of(new BigInteger(figures).multiply(Reads.value(asked, 1)));
        };
  }

  private static Change remainderDropped(Problem problem) {
    return (Change.ToBlank)
        asked ->
            Reads.is(asked, Rule.Kind.LEFT_OVER)
                && asked.slot().place() == 0
                && asked.due().signum() > 0;
  }

  /** Inside a round the smaller figure is taken from the larger, column by column. */
  private static Change subtractionSlip(Problem problem) {
    return (Change.OfValues)
        asked -> {
          if (!Reads.is(asked, Rule.Kind.LEFT_OVER)) {
            return Optional.empty();
          }
          BigInteger product = Reads.value(asked, 0);
          BigInteger stood = asked.due().add(product);
          return Optional.of(figureByFigure(stood.max(product), stood.min(product)));
        };
  }

  private static BigInteger figureByFigure(BigInteger more, BigInteger less) {
    Numeral top = Numeral.of(more);
    Numeral bottom = Numeral.of(less);
    BigInteger value = BigInteger.ZERO;
    for (int place = top.highestPlace(); place >= 0; place--) {
      int figure = Math.abs(top.digitAt(place) - bottom.digitAt(place));
      value = Whole.joined(value, BigInteger.valueOf(figure));
    }
    return value;
  }

  /** Every figure is divided for itself, the ones first, so that nothing is passed on. */
  private static Change fromTheOnesEnd(Problem problem) {
    Numeral dividend = problem.numbers().get(0);
    BigInteger divisor = problem.numbers().get(problem.numbers().size() - 1).unscaled();
    return (Change.OfValues)
        asked ->
            Reads.is(asked, Rule.Kind.HOW_MANY) && divisor.signum() > 0
                ? Optional.of(
                    BigInteger.valueOf(dividend.digitAt(asked.slot().place())).divide(divisor))
                : Optional.empty();
  }

  /** The first pair is taken from the left end, two figures at once. */
  private static Change pairsFromTheWrongEnd(Problem problem) {
    Numeral radicand = problem.numbers().get(0);
    boolean odd = radicand.highestPlace() % 2 == 0 && radicand.highestPlace() > 0;
    return (Change.OfValues)
        asked -> {
          if (!odd || !Reads.is(asked, Rule.Kind.LARGEST_SQUARE)) {
            return Optional.empty();
          }
          int first = radicand.highestPlace();
          int pair = 10 * radicand.digitAt(first) + radicand.digitAt(first - 1);
          return Optional.of(BigInteger.valueOf(pair).sqrt());
        };
  }

  private static Change notDoubled(Problem problem) {
    return (Change.OfValues)
        asked -> {
          if (Reads.is(asked, Rule.Kind.DOUBLE)) {
            return Optional.of(Rule.of(Rule.Kind.JOINED).applyTo(asked.reads()));
          }
          boolean firstLead = asked.slot().role() == Role.LEAD && asked.rule().equals(Rule.TOTAL);
          return firstLead ? Optional.of(Reads.value(asked, 0)) : Optional.empty();
        };
  }

  /** Only the last figure of the root so far is doubled. */
  private static Change lastFigureDoubled(Problem problem) {
    return (Change.OfValues)
        asked -> {
          if (!Reads.is(asked, Rule.Kind.DOUBLE)) {
            return Optional.empty();
          }
          BigInteger root = Rule.of(Rule.Kind.JOINED).applyTo(asked.reads());
          return root.compareTo(BigInteger.TEN) < 0
              ? Optional.empty()
              : Optional.of(root.add(Whole.ones(root)));
        };
  }

  /** The figure is multiplied by the leading part alone. */
  private static Change digitNotBeside(Problem problem) {
    return (Change.OfValues)
        asked ->
            Reads.is(asked, Rule.Kind.TRIAL_PRODUCT)
                ? Optional.of(Reads.value(asked, 0).multiply(Reads.value(asked, 1)))
                : Optional.empty();
  }

  private static Change zeroLeftOutOfRoot(Problem problem) {
    return (Change.ToBlank)
        asked -> {
          boolean root = asked.slot().role() == Role.ROOT || isBeside(asked);
          return root && asked.due().signum() == 0 && !asked.reads().isEmpty();
        };
  }

  private static boolean isBeside(Asked asked) {
    return Reads.is(asked, Rule.Kind.LARGEST_TRIAL);
  }

  /** The point stands a figure too early, or a figure too late where nothing stands before it. */
  private static Change pointMisplaced(Problem problem) {
    boolean early = problem.numbers().get(0).highestPlace() > 1;
    return Change.shifting(Shift.POINT_AFTER, early ? 1 : -1);
  }

  /** Of every pair only the first figure comes down. */
  private static Change oneDigitDown(Problem problem) {
    return Change.leavingOut(Move.BRING_DOWN);
  }
}
