package bemble.judge.search;

import bemble.judge.reading.Prediction.Seen;
import bemble.judge.report.Written;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.procedure.Rule;
import bemble.procedure.Slot;
import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A count that is noted without its zeros, where the product is the one with them: 3 and 90 for 30
 * times 3.
 *
 * @param written the values that its writer put in the slots of the count and of the product
 * @param due the count with its zeros, as it should stand
 */
record CountWithoutZeros(Map<Slot, BigInteger> written, List<Written> due) {
  private static final int MOST_ZEROS = 6;

  /** The count of a page; empty where its product goes with it, or none is written. */
  static Optional<CountWithoutZeros> of(Inspection inspection, KnownHand known, Seen count) {
    Optional<BigInteger> noted = inspection.value(count).filter(value -> value.signum() > 0);
    Optional<Seen> product =
        known.meant().seen().stream()
            .filter(seen -> seen.entry().rule().kind() == Rule.Kind.PRODUCT)
            .filter(seen -> seen.entry().reads().get(0).slot().equals(count.entry().slot()))
            .findFirst();
    if (noted.isEmpty() || product.isEmpty()) {
      return Optional.empty();
    }
    BigInteger divisor = product.get().entry().reads().get(1).value();
    return inspection
        .number(product.get())
        .filter(taken -> isWithZeros(taken, noted.get().multiply(divisor)))
        .map(
            taken ->
                new CountWithoutZeros(
                    Map.of(count.entry().slot(), noted.get(), product.get().entry().slot(), taken),
                    due(count.entry().slot().square(), taken.divide(divisor))));
  }

  private static List<Written> due(Square ones, BigInteger count) {
    String figures = count.toString();
    return IntStream.range(0, figures.length())
        .mapToObj(
            left -> {
              int at = figures.length() - 1 - left;
              return new Written(ones.moved(0, -left), Spot.FULL, figures.substring(at, at + 1));
            })
        .toList();
  }

  private static boolean isWithZeros(BigInteger taken, BigInteger product) {
    BigInteger with = product;
    for (int zeros = 0; zeros < MOST_ZEROS; zeros++) {
      with = with.multiply(BigInteger.TEN);
      if (with.equals(taken) && taken.signum() > 0) {
        return true;
      }
    }
    return false;
  }
}
