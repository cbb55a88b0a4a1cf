package bemble.check;

import bemble.fact.Fact;
import bemble.method.Method;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.number.Numeral;
import bemble.problem.Addition;
import bemble.problem.Division;
import bemble.problem.Multiplication;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.problem.Root;
import bemble.problem.Subtraction;
import bemble.procedure.Answer;
import bemble.procedure.Working;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.style.Choice;
import bemble.style.Setting;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Proves a working by a second one, in the way that the class has chosen. */
public final class Checks {
  private final Working first;
  private final Style style;

  /** The style of second workings: their numbers stand in the order that proves something. */
  private final Style asGiven;

  private Checks(Working first, Style style) {
    this.first = first;
    this.style = style;
    this.asGiven = style.with(Choice.OnTop.AS_GIVEN).with(Choice.QuotientMeaning.UNSAID);
  }

  /**
   * The check of a working on its page. A check must be other work: where the way chosen would meet
   * the same number facts in the same order once more, the next one that does not is taken.
   */
  public static Check of(Working first, Style style) {
    Check chosen = new Checks(first, style).check();
    return isOtherWork(first, chosen)
        ? chosen
        : ways(first, style).stream().findFirst().orElse(chosen);
  }

  /**
   * The checks that are other work, one for each way that there is to choose. A way that comes to
   * the same as one before, such as enclosing a root that is exact, is no choice.
   */
  public static List<Check> ways(Working first, Style style) {
    Set<Check.Kind> kinds = EnumSet.noneOf(Check.Kind.class);
    return setting(first.problem().operation()).stream()
        .flatMap(setting -> setting.choices().stream())
        .map(choice -> new Checks(first, style.with(choice)).check())
        .filter(check -> isOtherWork(first, check))
        .filter(check -> kinds.add(check.kind()))
        .toList();
  }

  /**
   * Whether a check meets other number facts than the working, or the same in another order. Later
   * facts, such as those of adding a product's figures, do not count.
   */
  private static boolean isOtherWork(Working first, Check check) {
    Iterator<Fact> once = facts(first).iterator();
    Iterator<Fact> again = check.parts().stream().flatMap(Checks::facts).iterator();
    boolean isOther = !once.hasNext() || !again.hasNext();
    boolean swapped = check.kind() == Check.Kind.FACTORS_SWAPPED;
    while (!isOther && once.hasNext()) {
      isOther = !again.hasNext() || !isSame(once.next(), again.next(), swapped);
    }
    return isOther;
  }

  /**
   * Whether two facts are the same. A product is, in either order, unless the check swaps the
   * numbers.
   */
  private static boolean isSame(Fact one, Fact other, boolean swapped) {
    boolean products = one.kind() == Fact.Kind.MULTIPLY && other.kind() == Fact.Kind.MULTIPLY;
    return products && !swapped
        ? one.result().equals(other.result())
            && Set.copyOf(one.operands()).equals(Set.copyOf(other.operands()))
        : one.equals(other);
  }

  private static Stream<Fact> facts(Working working) {
    return working.steps().stream().flatMap(step -> step.facts().stream());
  }

  /**
   * The check of a working that somebody else does on a page of its own: the usual way, if the
   * chosen one needs several pages before it comes back.
   */
  public static Check onOnePage(Working first, Style style) {
    Check check = of(first, style);
    boolean several =
        check.parts().size() > 1
            && (check.kind() == Check.Kind.TAKE_AWAY || check.kind() == Check.Kind.ENCLOSURE);
    Choice chosen = check.choice();
    return several && chosen != null
        ? of(first, style.with(Setting.of(chosen).choices().get(0)))
        : check;
  }

  /**
   * The setting by which the check of an operation is chosen; empty where there is one way only.
   */
  public static Optional<Setting> setting(Operation operation) {
    return switch (operation) {
      case ADDITION -> Optional.of(Setting.ADDITION_CHECK);
      case SUBTRACTION -> Optional.of(Setting.SUBTRACTION_CHECK);
      case MULTIPLICATION -> Optional.of(Setting.MULTIPLICATION_CHECK);
      case ROOT -> Optional.of(Setting.ROOT_CHECK);
      case DIVISION -> Optional.empty();
    };
  }

  private Check check() {
    return switch (first.problem().operation()) {
      case ADDITION -> addition((Addition) first.problem());
      case SUBTRACTION -> subtraction((Subtraction) first.problem());
      case MULTIPLICATION -> multiplication((Multiplication) first.problem());
      case DIVISION -> multiplyBack((Division) first.problem());
      case ROOT -> root((Root) first.problem());
    };
  }

  /** The check by another choice, where the one made says nothing of this sum. */
  private Check instead(Choice other) {
    return new Checks(first, style.with(other)).check();
  }

  private Check addition(Addition sum) {
    Method<?> method = method();
    boolean drawn = !method.form().isWritten();
    return switch (style.choice(Choice.AdditionCheck.class)) {
      case UPWARD ->
          // A different order meets different number facts, so the same slip is unlikely twice.
          check(
              Check.Kind.ADD_UPWARD,
              List.of(work(upward(sum), drawn ? Methods.usual(Operation.ADDITION) : method)),
              first.answer().value());
      case ANOTHER_WAY ->
          check(
              Check.Kind.ADD_ANOTHER_WAY,
              List.of(work(sum, Methods.partner(method))),
              first.answer().value());
      case TAKE_AWAY -> takeAway(sum);
    };
  }

  private static Addition upward(Addition sum) {
    List<Numeral> upward = new ArrayList<>(sum.addends());
    Collections.reverse(upward);
    return new Addition(upward);
  }

  /** The last addend is taken from the sum, then the one before, until the first must be left. */
  private Check takeAway(Addition sum) {
    List<Working> parts = new ArrayList<>();
    Numeral left = first.answer().value();
    for (int last = sum.addends().size() - 1; last > 0; last--) {
      parts.add(work(new Subtraction(left, sum.addends().get(last))));
      left = parts.get(parts.size() - 1).answer().value();
    }
    return check(Check.Kind.TAKE_AWAY, parts, sum.addends().get(0));
  }

  private Check subtraction(Subtraction sum) {
    if (style.has(Choice.SubtractionCheck.COUNT_UP)) {
      Method<?> countUp = Methods.find(Operation.SUBTRACTION, "count-up").orElseThrow();
      return method().equals(countUp)
          ? instead(Choice.SubtractionCheck.ADD_BACK)
          : check(Check.Kind.COUNT_UP, List.of(work(sum, countUp)), first.answer().value());
    }
    Addition back = new Addition(List.of(sum.subtrahend(), first.answer().value()));
    return check(Check.Kind.ADD_BACK, List.of(work(back)), sum.minuend());
  }

  private Check multiplication(Multiplication sum) {
    return switch (style.choice(Choice.MultiplicationCheck.class)) {
      case SWAPPED -> swapped(sum);
      case ANOTHER_WAY -> anotherWay(sum);
      case DIVIDE_BACK ->
          sum.multiplier().isZero() ? instead(Choice.MultiplicationCheck.SWAPPED) : divideBack(sum);
      case DIGIT_SUMS ->
          check(
              Check.Kind.DIGIT_SUMS,
              List.of(DigitSums.work(sum, first.answer().value(), style)),
              DigitSums.of(first.answer().value()));
    };
  }

  /** Equal factors swapped would be the same page again: they are multiplied another way. */
  private Check swapped(Multiplication sum) {
    Multiplication swapped = new Multiplication(sum.multiplier(), sum.multiplicand());
    if (swapped.equals(sum) && method().equals(Methods.usual(Operation.MULTIPLICATION))) {
      return instead(Choice.MultiplicationCheck.ANOTHER_WAY);
    }
    Working second = work(swapped);
    return check(Check.Kind.FACTORS_SWAPPED, List.of(second), first.answer().value());
  }

  private Check anotherWay(Multiplication sum) {
    Working second = work(sum, Methods.partner(method()));
    return check(Check.Kind.MULTIPLY_ANOTHER_WAY, List.of(second), first.answer().value());
  }

  private Check divideBack(Multiplication sum) {
    Working back = work(new Division(first.answer().value(), sum.multiplier()));
    return check(Check.Kind.DIVIDE_BACK, List.of(back), sum.multiplicand());
  }

  private Check multiplyBack(Division sum) {
    Answer.Quotient answer = (Answer.Quotient) first.answer();
    Multiplication back = new Multiplication(answer.value(), sum.divisor());
    return check(
        Check.Kind.MULTIPLY_BACK, productAndRest(back, answer.remainder()), sum.dividend());
  }

  /** The root's figures and the remainder, as whole numbers of the last place squared. */
  private Check root(Root sum) {
    Answer.SquareRoot answer = (Answer.SquareRoot) first.answer();
    int scale = Math.max(2 * answer.value().scale(), sum.radicand().scale());
    // With places of the radicand left over, the root is widened by zeros to reach as far.
    int half = (scale + 1) / 2;
    Numeral radicand = whole(sum.radicand(), 2 * half);
    Multiplication square = squareOf(whole(answer.value(), half));
    Optional<Remark> wholes =
        half == 0
            ? Optional.empty()
            : Optional.of(
                Remark.of(RemarkKind.COUNT_IN_WHOLES)
                    .with("root", answer.value())
                    .with("radicand", sum.radicand())
                    .with("wholeRoot", whole(answer.value(), half))
                    .with("wholeRadicand", radicand));
    if (style.has(Choice.RootCheck.ENCLOSURE)) {
      if (answer.exact()) {
        return instead(Choice.RootCheck.SQUARE_BACK);
      }
      Working below = work(square);
      Working above = work(squareOf(whole(answer.above(), half)));
      Comparing comparing = Comparing.between(below, above, radicand);
      return check(Check.Kind.ENCLOSURE, List.of(below, above), comparing, wholes);
    }
    List<Working> parts = productAndRest(square, whole(answer.remainder(), 2 * half));
    return check(Check.Kind.SQUARE_BACK, parts, Comparing.of(parts, radicand), wholes);
  }

  private static Numeral whole(Numeral number, int places) {
    return Numeral.of(number.padded(places).unscaled());
  }

  private static Multiplication squareOf(Numeral side) {
    return new Multiplication(side, side);
  }

  private List<Working> productAndRest(Multiplication sum, Numeral rest) {
    List<Working> parts = new ArrayList<>();
    parts.add(work(sum));
    if (!rest.isZero()) {
      Numeral product = parts.get(0).answer().value();
      parts.add(work(new Addition(List.of(product, rest))));
    }
    return parts;
  }

  /** The method of the page that is checked. */
  private Method<?> method() {
    return Methods.find(first.problem().operation(), first.method()).orElseThrow();
  }

  private Working work(Problem problem) {
    return work(problem, Methods.usual(problem.operation()));
  }

  private Working work(Problem problem, Method<?> method) {
    return new Sum(problem, method, asGiven).work();
  }

  private @Nullable Choice choice() {
    return setting(first.problem().operation()).map(style::choice).orElse(null);
  }

  private Check check(Check.Kind kind, List<Working> parts, Numeral expected) {
    return check(kind, parts, Comparing.of(parts, expected), Optional.empty());
  }

  /** A check, maybe with a remark before it. */
  private Check check(
      Check.Kind kind, List<Working> parts, Comparing comparing, Optional<Remark> before) {
    Working laid = CheckLayout.lay(first, parts, comparing, style, before);
    return new Check(kind, choice(), laid, parts, comparing.expected(), comparing.cameBack());
  }
}
