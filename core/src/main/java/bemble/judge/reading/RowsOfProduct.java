package bemble.judge.reading;

import bemble.judge.reading.Prediction.Expected;
import bemble.judge.reading.Prediction.Seen;
import bemble.judge.report.Stage;
import bemble.judge.report.Written;
import bemble.paper.Role;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.problem.Multiplication;
import bemble.procedure.Working;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;

/**
 * The rows of a long multiplication, whose writer may begin with the highest figure, or may add
 * other multiples of a factor that come to the same, such as half of the product twice.
 *
 * @param due the due figures of each row, from the ones on
 */
record RowsOfProduct(List<List<Expected>> due) {
  /** The rows of a page; none where it has no rows of products. */
  static RowsOfProduct of(Prediction truth) {
    Map<Integer, List<Expected>> rows = new TreeMap<>();
    Working working = truth.working();
    if (working.problem() instanceof Multiplication && working.method().equals("column")) {
      for (Seen seen : truth.seen()) {
        Role role = seen.entry().slot().role();
        if (role == Role.PARTIAL || role == Role.PLACEHOLDER) {
          seen.expected().stream()
              .filter(one -> one.spot() == Spot.FULL)
              .forEach(
                  one -> rows.computeIfAbsent(one.at().row(), any -> new ArrayList<>()).add(one));
        }
      }
    }
    return new RowsOfProduct(List.copyOf(rows.values()));
  }

  /** The page with its rows in the order in which they are due. */
  Transposed on(Transposed page, Working truth, Stage stage) {
    if (due.size() < 2) {
      return page;
    }
    Handwriting writing = new Handwriting(page.read());
    if (stage == Stage.HANDED_IN && isOnlyOne(writing)) {
      return page.as(
          each -> each.at().row() == row(1) && each.isFull() ? Transposed.aside(each) : each,
          List.of());
    }
    boolean isWhole = due.stream().noneMatch(row -> digits(writing, row.get(0).at()).isEmpty());
    if ((isWhole || stage == Stage.IN_WORK) && areFromTheHighest(writing)) {
      return page.moved(each -> turned(each.at()), this::turned);
    }
    return areAnotherSplit(writing, truth, stage) ? page.as(this::asDue, blanks(writing)) : page;
  }

  /** Whether of two rows only the other one is written, and once more under it as the answer. */
  private boolean isOnlyOne(Handwriting writing) {
    String first = digits(writing, ones(0));
    return due.size() == 2
        && !first.isEmpty()
        && first.equals(digits(writing, ones(1)))
        && digits(writing, ones(1).moved(1, 0)).isEmpty()
        && !is(writing, 0, 0);
  }

  private Square ones(int number) {
    return due.get(number).get(0).at();
  }

  private boolean areFromTheHighest(Handwriting writing) {
    int last = due.size() - 1;
    int asDue = IntStream.rangeClosed(0, last).map(i -> alike(writing, i, i)).sum();
    int turned = IntStream.rangeClosed(0, last).map(i -> alike(writing, i, last - i)).sum();
    boolean isFree = IntStream.rangeClosed(0, last).allMatch(i -> is(writing, i, last - i));
    // One of two rows may be wrong, if the other one can only be read so.
    boolean isLikely =
        due.size() == 2
            && IntStream.rangeClosed(0, last).anyMatch(i -> isWhole(writing, i, last - i))
            && IntStream.rangeClosed(0, last).noneMatch(i -> isWhole(writing, i, i));
    return turned > asDue && (isFree || isLikely);
  }

  /** How many figures of a row are equal to those of another one, less those that are not. */
  private int alike(Handwriting writing, int row, int other) {
    return compared(writing, row, other).sum();
  }

  /** Whether no figure of a row is unlike another one. */
  private boolean is(Handwriting writing, int row, int other) {
    return compared(writing, row, other).noneMatch(each -> each < 0);
  }

  /** Whether all figures of a row are equal to those of another one. */
  private boolean isWhole(Handwriting writing, int row, int other) {
    return compared(writing, row, other).allMatch(each -> each > 0);
  }

  /** For each figure of a row whether it is the one of another row: 1, or −1; 0 for none. */
  private IntStream compared(Handwriting writing, int row, int other) {
    int down = row(row) - row(other);
    return due.get(other).stream()
        .mapToInt(
            one ->
                writing
                    .at(one.at().moved(down, 0), Spot.FULL)
                    .map(text -> text.equals(one.text()) ? 1 : -1)
                    .orElse(0));
  }

  private int row(int number) {
    return due.get(number).get(0).at().row();
  }

  private Square turned(Square at) {
    for (int i = 0; i < due.size(); i++) {
      if (at.row() == row(i)) {
        return new Square(row(due.size() - 1 - i), at.column());
      }
    }
    return at;
  }

  /**
   * Whether there are rows of half the product, as far as they are written, or of any multiples of
   * a factor that come to the product.
   */
  private boolean areAnotherSplit(Handwriting writing, Working truth, Stage stage) {
    Multiplication sum = (Multiplication) truth.problem();
    BigInteger product = truth.answer().value().unscaled();
    List<String> rows = due.stream().map(row -> digits(writing, row.get(0).at())).toList();
    boolean asDue = IntStream.range(0, due.size()).allMatch(i -> is(writing, i, i));
    if (asDue) {
      return false;
    }
    String half = product.divide(BigInteger.TWO).toString();
    boolean halves =
        stage == Stage.IN_WORK
            && rows.size() == 2
            && !product.testBit(0)
            && due.stream().allMatch(row -> isAsFar(writing, row.get(0).at(), half));
    return halves
        || rows.stream().noneMatch(String::isEmpty)
            && total(rows).equals(product)
            && (areMultiples(rows, sum.multiplicand().unscaled())
                || areMultiples(rows, sum.multiplier().unscaled()));
  }

  /** Whether a row holds nothing but figures of a number in their places. */
  private static boolean isAsFar(Handwriting writing, Square ones, String number) {
    return writing.all().stream()
        .filter(one -> one.isFull() && one.at().row() == ones.row())
        .filter(one -> Handwriting.isDigit(one.text()) && one.at().column() <= ones.column())
        .allMatch(
            one -> {
              int at = number.length() - 1 - (ones.column() - one.at().column());
              return at >= 0 && number.startsWith(one.text(), at);
            });
  }

  private static BigInteger total(List<String> rows) {
    return rows.stream().map(BigInteger::new).reduce(BigInteger.ZERO, BigInteger::add);
  }

  private static boolean areMultiples(List<String> rows, BigInteger factor) {
    return factor.signum() > 0
        && rows.stream()
            .map(BigInteger::new)
            .allMatch(row -> row.signum() > 0 && row.mod(factor).signum() == 0);
  }

  private static String digits(Handwriting writing, Square ones) {
    return writing.digitsLeftFrom(ones);
  }

  /** The figure that is due in the square, for one of a row that is as good. */
  private Written asDue(Written written) {
    boolean inRow = due.stream().anyMatch(row -> row.get(0).at().row() == written.at().row());
    if (!inRow || !written.isFull() || !Handwriting.isDigit(written.text())) {
      return written;
    }
    return due.stream()
        .flatMap(List::stream)
        .filter(one -> one.at().equals(written.at()))
        .map(one -> new Written(one.at(), one.spot(), one.text()))
        .findFirst()
        .orElseGet(() -> Transposed.aside(written));
  }

  /** The zeros or blanks that are due in front of a shorter number. */
  private List<Written> blanks(Handwriting writing) {
    return due.stream()
        .filter(row -> !digits(writing, row.get(0).at()).isEmpty())
        .flatMap(List::stream)
        .filter(one -> writing.at(one.at(), Spot.FULL).isEmpty())
        .map(one -> new Written(one.at(), one.spot(), one.text()))
        .toList();
  }
}
