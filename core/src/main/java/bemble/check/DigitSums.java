package bemble.check;

import bemble.fact.Fact;
import bemble.method.column.Layout;
import bemble.method.column.PlaceColumns;
import bemble.method.column.WrittenRow;
import bemble.number.Numeral;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.plan.Answer;
import bemble.plan.Entry;
import bemble.plan.Hand;
import bemble.plan.Rule;
import bemble.plan.Script;
import bemble.plan.Slot;
import bemble.plan.Working;
import bemble.problem.Multiplication;
import bemble.style.Style;
import bemble.wording.Remark;
import bemble.wording.RemarkKind;
import bemble.wording.Section;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The digit sums of two factors multiplied: what the digit sum of their product must be. It catches
 * eight wrong products of nine, and none in which figures only changed places.
 */
final class DigitSums {
  private final Script script;
  private final PlaceColumns columns;
  private final int sumColumn;

  private DigitSums(Multiplication sum, Style style) {
    this.script = new Script(Hand.TRUE, style);
    int longest = Math.max(sum.multiplicand().length(), sum.multiplier().length());
    this.columns = new PlaceColumns(longest);
    this.sumColumn = longest + 2;
  }

  static Working work(Multiplication sum, Style style) {
    return new DigitSums(sum, style).working(sum);
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

  private Working working(Multiplication sum) {
    Entry one = digitSum(0, sum.multiplicand());
    Entry other = digitSum(1, sum.multiplier());
    script.step(Section.TOTALS, null);
    Layout.sign(script, columns.at(1, columns.ones()), "×");
    Layout.rule(script, 2, sumColumn, sumColumn);
    Rule rule = Rule.of(Rule.Kind.DIGIT_SUM_OF_PRODUCT);
    Slot slot = Slot.full(Role.ANSWER, 0, columns.at(2, columns.ones() - sumColumn));
    Entry product = script.write(slot, rule, List.of(one, other));
    Fact fact = Fact.multiply(one.value(), other.value());
    script.use(() -> fact);
    script.say(
        () ->
            Remark.of(RemarkKind.MULTIPLY_DIGIT_SUMS)
                .with("one", one.value())
                .with("other", other.value())
                .with("product", fact.result())
                .with("sum", product.value()));
    Area extent = Layout.upTo(2, sumColumn);
    Answer answer = new Answer.One(Numeral.of(product.value()));
    return script.finish(sum, "digit-sums", answer, extent, columns.ones());
  }

  private Entry digitSum(int row, Numeral number) {
    script.step(row == 0 ? Section.SET_OUT : Section.TOTALS, null);
    WrittenRow written = WrittenRow.copy(script, columns, row, number);
    List<Entry> reads = new ArrayList<>();
    for (int place = number.highestPlace(); place >= 0; place--) {
      reads.add(written.at(place).orElseThrow());
    }
    Slot slot = Slot.full(Role.PARTIAL, 0, columns.at(row, columns.ones() - sumColumn));
    Entry sum = script.write(slot, Rule.of(Rule.Kind.DIGIT_SUM), reads);
    script.say(
        () ->
            Remark.of(RemarkKind.DIGIT_SUM)
                .with("number", number)
                .with("steps", steps(number))
                .with("sum", sum.value()));
    return sum;
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
