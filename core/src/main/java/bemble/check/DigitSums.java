package bemble.check;

import bemble.fact.Fact;
import bemble.method.column.Layout;
import bemble.method.column.PlaceColumns;
import bemble.number.Figures;
import bemble.number.Numeral;
import bemble.number.Whole;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.paper.Square;
import bemble.problem.Multiplication;
import bemble.procedure.Answer;
import bemble.procedure.Entry;
import bemble.procedure.Hand;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.procedure.Slot;
import bemble.procedure.Working;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The digit sums of two factors multiplied, and beneath them the digit sum of the answer, which
 * must be the same. It catches eight wrong products of nine, and none in which figures only changed
 * places.
 */
final class DigitSums {
  /** The name of this way of working, as of a method. */
  static final String ID = "digit-sums";

  private static final int PRODUCT_ROW = 2;

  private final Script script;
  private final PlaceColumns columns;

  /** The column of the ones of a digit sum of more than one figure. */
  private final int totalColumn;

  private final int sumColumn;

  private DigitSums(Multiplication sum, Numeral answer, Style style) {
    this.script = new Script(Hand.TRUE, style);
    List<Numeral> numbers = List.of(sum.multiplicand(), sum.multiplier(), answer);
    int longest = numbers.stream().mapToInt(Numeral::length).max().orElseThrow();
    BigInteger product = Whole.product(total(sum.multiplicand()), total(sum.multiplier()));
    int widest =
        Stream.concat(numbers.stream().map(DigitSums::total), Stream.of(product))
            .mapToInt(total -> Figures.of(total).length())
            .max()
            .orElseThrow();
    this.columns = new PlaceColumns(longest);
    this.totalColumn = longest + 1 + widest;
    this.sumColumn = widest == 1 ? totalColumn : totalColumn + 2;
  }

  /** The digit sums of a product and of the answer that was found for it. */
  static Working work(Multiplication sum, Numeral answer, Style style) {
    return new DigitSums(sum, answer, style).working(sum, answer);
  }

  /** The figures of a number added until one is left. */
  static Numeral of(Numeral number) {
    return Numeral.of(Rule.of(Rule.Kind.DIGIT_SUM).apply(figures(number)));
  }

  private static List<BigInteger> figures(Numeral number) {
    return IntStream.range(0, number.length())
        .mapToObj(at -> BigInteger.valueOf(number.figures().charAt(at) - '0'))
        .toList();
  }

  private static BigInteger total(Numeral number) {
    return Rule.TOTAL.apply(figures(number));
  }

  private Working working(Multiplication sum, Numeral answer) {
    script.step(Section.SET_OUT);
    Entry one = digitSum(0, Role.GIVEN, sum.multiplicand());
    script.step(Section.TOTALS);
    Entry other = digitSum(1, Role.GIVEN, sum.multiplier());
    script.step(Section.TOTALS);
    Entry product = product(one, other);
    script.step(Section.TOTALS);
    digitSum(PRODUCT_ROW + 1, Role.FOUND, answer);
    Area extent = Layout.upTo(PRODUCT_ROW + 1, sumColumn);
    Answer comesTo = new Answer.One(Numeral.of(product.value()));
    return script.finish(sum, ID, comesTo, extent, columns.ones());
  }

  /** Multiplies two digit sums, and adds the figures of the product. */
  private Entry product(Entry one, Entry other) {
    Layout.sign(script, columns.at(1, columns.ones()), "×");
    Layout.rule(script, PRODUCT_ROW, sumColumn, sumColumn);
    Fact fact = Fact.multiply(one.value(), other.value());
    Rule rule = Rule.of(Rule.Kind.DIGIT_SUM_OF_PRODUCT);
    List<Entry> reads = List.of(one, other);
    if (fact.result().compareTo(BigInteger.TEN) >= 0) {
      reads = List.of(partial(PRODUCT_ROW, Rule.of(Rule.Kind.PRODUCT), reads));
      rule = Rule.of(Rule.Kind.DIGIT_SUM);
    }
    Slot slot = Slot.full(Role.ANSWER, 0, new Square(PRODUCT_ROW, sumColumn));
    Entry product = script.write(slot, rule, reads);
    script.use(() -> fact);
    script.say(
        () ->
            Remark.of(RemarkKind.MULTIPLY_DIGIT_SUMS)
                .with("one", one.value())
                .with("other", other.value())
                .with("product", fact.result())
                .with("more", fact.result().compareTo(BigInteger.TEN) < 0 ? 0 : 1)
                .with("sum", product.value()));
    return product;
  }

  /** Writes a number, its digit sum, and the digit sum of that. */
  private Entry digitSum(int row, Role role, Numeral number) {
    List<Entry> reads = new ArrayList<>();
    for (int place = number.highestPlace(); place >= 0; place--) {
      Slot slot = Slot.full(role, place, columns.at(row, place));
      reads.add(script.copy(slot, number.digitAt(place)));
    }
    if (total(number).compareTo(BigInteger.TEN) >= 0) {
      reads = List.of(partial(row, Rule.TOTAL, reads));
    }
    Slot slot = Slot.full(Role.PARTIAL, 0, new Square(row, sumColumn));
    Entry sum = script.write(slot, Rule.of(Rule.Kind.DIGIT_SUM), reads);
    List<BigInteger> steps = steps(number);
    if (number.length() > 1) {
      script.use(() -> Fact.add(figures(number)));
    }
    script.say(
        () ->
            Remark.of(RemarkKind.DIGIT_SUM)
                .with("number", number)
                .with("steps", steps)
                .with("more", steps.size() - 1)
                .with("sum", sum.value()));
    return sum;
  }

  private Entry partial(int row, Rule rule, List<Entry> reads) {
    Slot slot = Slot.full(Role.PARTIAL, 0, new Square(row, totalColumn));
    return script.write(slot, rule, reads);
  }

  /** The number and the sums of figures that follow from it: 57, 12, 3. */
  private static List<BigInteger> steps(Numeral number) {
    List<BigInteger> steps = new ArrayList<>();
    BigInteger at = number.unscaled();
    steps.add(at);
    while (at.compareTo(BigInteger.TEN) >= 0) {
      at = Rule.TOTAL.apply(figures(Numeral.of(at)));
      steps.add(at);
    }
    return steps;
  }
}
