package bemble.slip;

import bemble.number.Numeral;
import bemble.problem.Problem;
import bemble.procedure.Asked;
import bemble.procedure.Fill;
import bemble.procedure.Rule;
import bemble.procedure.Slot;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The radicand is paired from its left end, so that of an odd number of figures the last is left:
 * it is brought down alone, or filled up with a zero. 5 47 61 becomes 54 76 1.
 */
final class PairsFromLeft implements Change {
  private static final BigInteger TWENTY = BigInteger.valueOf(20);
  private static final int NINE = 9;

  private final String radicand;
  private final boolean isOdd;
  private final boolean fillsUp;
  private final List<Slot> asked = new ArrayList<>();
  private int read;
  private BigInteger root = BigInteger.ZERO;
  private BigInteger left = BigInteger.ZERO;
  private final List<Integer> figures = new ArrayList<>();

  PairsFromLeft(Problem problem, boolean fillsUp) {
    Numeral number = problem.numbers().get(0);
    radicand = number.unscaled().toString();
    isOdd = number.lowestPlace() == 0 && number.highestPlace() >= 2 && radicand.length() % 2 == 1;
    this.fillsUp = fillsUp;
  }

  @Override
  public Optional<Fill> instead(Asked figure) {
    if (!isOdd || !Reads.is(figure, Rule.Kind.LARGEST_SQUARE, Rule.Kind.LARGEST_TRIAL)) {
      return Optional.empty();
    }
    if (!asked.contains(figure.slot())) {
      asked.add(figure.slot());
      figures.add(next());
    }
    return Optional.of(Fill.of(BigInteger.valueOf(figures.get(asked.indexOf(figure.slot())))));
  }

  /** The largest figure that fits the remainder with the next figures brought down. */
  private int next() {
    boolean isAlone = read == radicand.length() - 1 && !fillsUp;
    String down = (radicand + "0".repeat(read + 2)).substring(read, read + 2);
    left =
        isAlone
            ? left.multiply(BigInteger.TEN).add(new BigInteger(down.substring(0, 1)))
            : left.multiply(BigInteger.TEN.pow(2)).add(new BigInteger(down));
    read += 2;
    int figure = NINE;
    while (trial(figure).compareTo(left) > 0) {
      figure--;
    }
    left = left.subtract(trial(figure));
    root = root.multiply(BigInteger.TEN).add(BigInteger.valueOf(figure));
    return figure;
  }

  private BigInteger trial(int figure) {
    BigInteger one = BigInteger.valueOf(figure);
    return root.multiply(TWENTY).add(one).multiply(one);
  }
}
