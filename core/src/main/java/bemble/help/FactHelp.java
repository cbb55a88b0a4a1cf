package bemble.help;

import bemble.fact.Fact;
import bemble.procedure.Rule;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.LongStream;

/** Ways to a small fact for pupils who do not know it by heart. */
public final class FactHelp {
  private static final BigInteger TWO = BigInteger.TWO;
  private static final BigInteger NINE = BigInteger.valueOf(9);

  /** Most steps that are counted one by one. */
  private static final BigInteger MOST_STEPS = BigInteger.TEN;

  private final List<Way> ways = new ArrayList<>();

  private FactHelp() {}

  /** The ways that suit a fact, the one nearest to counting first; at least one. */
  public static List<Way> of(Fact fact) {
    FactHelp help = new FactHelp();
    List<BigInteger> operands = fact.operands();
    switch (fact.kind()) {
      case ADD -> help.add(operands);
      case SUBTRACT -> help.subtract(operands.get(0), operands.get(1));
      case MULTIPLY -> help.multiply(operands.get(0), operands.get(1));
      case HOW_MANY -> help.howMany(operands.get(0), operands.get(1));
      case LARGEST_SQUARE -> help.square(operands.get(0));
      default -> throw new IllegalArgumentException(fact.kind().toString());
    }
    return List.copyOf(help.ways);
  }

  private void say(Remark remark) {
    ways.add(new Way(remark, Optional.empty()));
  }

  private void add(List<BigInteger> operands) {
    if (operands.size() != 2) {
      running(operands);
      return;
    }
    BigInteger larger = operands.get(0).max(operands.get(1));
    BigInteger smaller = operands.get(0).min(operands.get(1));
    BigInteger sum = larger.add(smaller);
    if (smaller.compareTo(NINE) > 0) {
      countUp(RemarkKind.HELP_ADD_IN_HOPS, larger, sum);
      return;
    }
    Remark both =
        Remark.of(RemarkKind.HELP_COUNT_ON)
            .with("larger", larger)
            .with("smaller", smaller)
            .with("sum", sum);
    List<BigInteger> counted = steps(larger, BigInteger.ONE, smaller.intValue());
    ways.add(new Way(both.with("counted", counted), Drawings.hops(larger, counted)));
    BigInteger toTen = BigInteger.TEN.subtract(larger);
    if (toTen.signum() > 0 && toTen.compareTo(smaller) < 0) {
      Remark ten = Remark.of(RemarkKind.HELP_MAKE_TEN).with("larger", larger).with("sum", sum);
      ways.add(
          new Way(
              ten.with("smaller", smaller)
                  .with("taken", toTen)
                  .with("left", smaller.subtract(toTen)),
              Drawings.tenFrames(larger.intValue(), smaller.intValue())));
    }
    int apart = larger.subtract(smaller).intValue();
    if (apart <= 1) {
      say(
          Remark.of(apart == 0 ? RemarkKind.HELP_DOUBLE : RemarkKind.HELP_DOUBLE_AND_ONE)
              .with("number", smaller)
              .with("double", smaller.multiply(TWO))
              .with("sum", sum));
    }
  }

  private void running(List<BigInteger> operands) {
    List<BigInteger> totals = new ArrayList<>();
    BigInteger total = BigInteger.ZERO;
    for (BigInteger operand : operands) {
      total = total.add(operand);
      totals.add(total);
    }
    say(
        Remark.of(RemarkKind.HELP_RUNNING)
            .with("operands", operands)
            .with("totals", totals)
            .with("sum", total));
  }

  private void subtract(BigInteger from, BigInteger taken) {
    countUp(RemarkKind.HELP_COUNT_UP, taken, from);
  }

  /** The way up from one number to another in friendly hops. */
  private void countUp(RemarkKind kind, BigInteger start, BigInteger target) {
    List<BigInteger> stops = new ArrayList<>();
    List<BigInteger> hops = new ArrayList<>();
    BigInteger at = start;
    while (at.compareTo(target) < 0) {
      BigInteger next = Rule.of(Rule.Kind.NEXT_STOP).apply(List.of(at, target));
      hops.add(next.subtract(at));
      stops.add(next);
      at = next;
    }
    ways.add(
        new Way(
            Remark.of(stops.isEmpty() ? RemarkKind.HELP_NO_HOP : kind)
                .with("from", start)
                .with("to", target)
                .with("stops", stops)
                .with("hops", hops)
                .with("far", target.subtract(start)),
            stops.isEmpty() ? Optional.empty() : Drawings.hops(start, stops)));
  }

  private void multiply(BigInteger one, BigInteger other) {
    BigInteger times = one.min(other);
    BigInteger number = one.max(other);
    BigInteger product = one.multiply(other);
    Remark all =
        Remark.of(RemarkKind.HELP_STEPS)
            .with("times", times)
            .with("number", number)
            .with("product", product);
    if (times.signum() == 0) {
      say(all.as(RemarkKind.HELP_TIMES_NOTHING));
    } else if (times.compareTo(MOST_STEPS) <= 0) {
      List<BigInteger> counted = steps(BigInteger.ZERO, number, times.intValue());
      ways.add(new Way(all.with("counted", counted), Drawings.hops(BigInteger.ZERO, counted)));
    }
    if (times.equals(NINE) || number.equals(NINE)) {
      BigInteger nineTimes = times.equals(NINE) ? number : times;
      say(
          all.as(RemarkKind.HELP_NINE_TIMES)
              .with("other", nineTimes)
              .with("ten", nineTimes.multiply(BigInteger.TEN)));
    }
    if (times.equals(BigInteger.valueOf(4))) {
      say(all.as(RemarkKind.HELP_DOUBLE_TWICE).with("double", number.multiply(TWO)));
    }
    if (number.compareTo(BigInteger.TEN) > 0 && times.signum() > 0) {
      split(number, times, all);
    }
  }

  /** The larger factor's first figure with its zeros, and the rest. */
  private void split(BigInteger number, BigInteger times, Remark all) {
    BigInteger unit = BigInteger.TEN.pow(number.toString().length() - 1);
    BigInteger head = number.divide(unit).multiply(unit);
    BigInteger rest = number.subtract(head);
    if (rest.signum() == 0) {
      BigInteger figure = number.divide(unit);
      say(
          all.as(RemarkKind.HELP_ZEROS)
              .with("figure", figure)
              .with("small", figure.multiply(times))
              .with("zeros", unit.toString().length() - 1));
      return;
    }
    say(
        all.as(RemarkKind.HELP_SPLIT)
            .with("head", head)
            .with("rest", rest)
            .with("first", head.multiply(times))
            .with("second", rest.multiply(times)));
  }

  private void howMany(BigInteger number, BigInteger divisor) {
    BigInteger times = number.divide(divisor);
    int counted = times.min(MOST_STEPS).intValue();
    List<BigInteger> steps = steps(BigInteger.ZERO, divisor, counted);
    ways.add(
        new Way(
            Remark.of(counted == 0 ? RemarkKind.HELP_GOES_NOT : RemarkKind.HELP_COUNT_IN_STEPS)
                .with("counted", steps)
                .with("times", times)
                .with("divisor", divisor)
                .with("number", number)
                .with("more", divisor.multiply(times.add(BigInteger.ONE))),
            counted == 0 ? Optional.empty() : Drawings.hops(BigInteger.ZERO, steps)));
  }

  private void square(BigInteger number) {
    BigInteger side = number.sqrt();
    BigInteger next = side.add(BigInteger.ONE);
    say(
        Remark.of(RemarkKind.HELP_SQUARES)
            .with("side", side)
            .with("square", side.multiply(side))
            .with("next", next)
            .with("above", next.multiply(next))
            .with("number", number));
  }

  /** The numbers met when going on from {@code start} in so many steps. */
  private static List<BigInteger> steps(BigInteger start, BigInteger step, int count) {
    return LongStream.rangeClosed(1, count)
        .mapToObj(n -> start.add(step.multiply(BigInteger.valueOf(n))))
        .toList();
  }
}
