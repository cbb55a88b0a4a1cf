package bemble.slip;

import bemble.paper.Role;
import bemble.problem.Problem;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Slips in which every rule of the method is kept: a number fact is missed or a figure misread. */
public final class FactSlips {
  public static final Slip FACT_ONE_OUT =
      Slip.of("fact-one-out", Slip.Kind.MISSED_FACT, FactSlips::factOneOut);
  public static final Slip FIGURE_MISREAD =
      Slip.of("figure-misread", Slip.Kind.MISREAD, FactSlips::figureMisread);

  static final List<Slip> ALL = List.of(FACT_ONE_OUT, FIGURE_MISREAD);

  /** Figures that are taken for one another in handwriting; own estimate. */
  private static final Map<Integer, BigInteger> LOOKS_LIKE =
      Map.of(
          1, BigInteger.valueOf(7),
          7, BigInteger.ONE,
          3, BigInteger.valueOf(8),
          8, BigInteger.valueOf(3),
          6, BigInteger.ZERO,
          0, BigInteger.valueOf(6));

  private FactSlips() {}

  private static Change factOneOut(Problem problem) {
    return (Change.OfValues)
        asked -> {
          BigInteger due = asked.due();
          if (Reads.is(asked, Rule.Kind.FIGURE_OF_TOTAL, Rule.Kind.FIGURE_OF_PAIRS)) {
            return Optional.of(due.add(BigInteger.ONE).mod(BigInteger.TEN));
          }
          boolean difference =
              Reads.is(asked, Rule.Kind.DIFFERENCE, Rule.Kind.DIFFERENCE_WITH_TEN_MORE);
          return difference && due.compareTo(BigInteger.valueOf(9)) < 0
              ? Optional.of(due.add(BigInteger.ONE))
              : Optional.empty();
        };
  }

  /** A figure of the sum is read as one that looks like it, where the column can be worked so. */
  private static Change figureMisread(Problem problem) {
    return (Change.OfValues)
        asked -> {
          List<Entry> seen = asked.reads().stream().map(FactSlips::misread).toList();
          boolean column =
              Reads.ofTotal(asked)
                  || Reads.is(asked, Rule.Kind.DIFFERENCE_WITH_TEN_MORE)
                  || Reads.is(asked, Rule.Kind.DIFFERENCE) && isEnough(seen);
          return column && !seen.equals(asked.reads())
              ? Optional.of(Reads.applied(asked, seen))
              : Optional.empty();
        };
  }

  private static boolean isEnough(List<Entry> reads) {
    BigInteger taken = Rule.TOTAL.applyTo(reads.subList(1, reads.size()));
    return reads.get(0).value().compareTo(taken) >= 0;
  }

  private static Entry misread(Entry entry) {
    BigInteger seen = LOOKS_LIKE.get(entry.value().intValue());
    boolean given = entry.slot().role().kind() == Role.Kind.GIVEN;
    return given && seen != null
        ? new Entry(entry.slot(), entry.rule(), entry.reads(), seen, List.of())
        : entry;
  }
}
