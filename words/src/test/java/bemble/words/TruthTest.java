package bemble.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.method.Method;
import bemble.methods.Methods;
import bemble.number.Numeral;
import bemble.paper.Role;
import bemble.procedure.Entry;
import bemble.procedure.Working;
import bemble.remark.Adding;
import bemble.remark.Crossing;
import bemble.remark.Length;
import bemble.remark.Mention;
import bemble.remark.Place;
import bemble.remark.Quantity;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import java.math.BigDecimal;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every sentence is true of the numbers that it names, in every method and style. */
class TruthTest {
  private static final Pattern NUMBER = Pattern.compile("\\d+(?:\\.\\d+)?");

  private static final Pattern ACROSS = Pattern.compile("FROM_AFAR|IN_ONE_GO");

  private static final Pattern ALONE = Pattern.compile("\\b([Oo]nly|just) (the )?\\d");

  /** An equation of plain numbers, which may have several terms on its left. */
  private static final Pattern EQUATION =
      Pattern.compile(
          "((?:NUM [+−×÷] )+NUM) = (NUM)(?!\\d|\\.\\d|/| r| remainder| \\d+/)"
              .replace("NUM", "\\d+(?:\\.\\d+)?"));

  static Stream<Method<?>> methods() {
    return Methods.all().stream();
  }

  private static BigDecimal value(Remark remark, String name) {
    Mention fill = remark.fill(name);
    if (fill instanceof Quantity quantity) {
      return new BigDecimal(quantity.count());
    }
    return fill instanceof Mention.Decimal decimal
        ? decimal.number().value()
        : new BigDecimal(((Mention.Count) fill).number());
  }

  private static boolean less(Told told, String one, String other) {
    return value(told.remark(), one).compareTo(value(told.remark(), other)) < 0;
  }

  /** Each claim that one number is too small for another, or fits into it, or leaves nothing. */
  @ParameterizedTest
  @MethodSource("methods")
  void everyComparisonHolds(Method<?> method) {
    Told.by(method)
        .forEach(
            told -> {
              switch (told.remark().kind()) {
                case EXCHANGE,
                    EXCHANGE_FROM_AFAR,
                    EXCHANGE_IN_ONE_GO,
                    EXCHANGE_PARTS,
                    EXCHANGE_PARTS_FROM_AFAR,
                    EXCHANGE_PARTS_IN_ONE_GO,
                    ADD_TO_BOTH,
                    TRADE_DOWN,
                    TRADE_FROM_AFAR ->
                    assertTrue(less(told, "top", "bottom"), told::toString);
                case TRADE_NOTHING -> assertTrue(less(told, "total", "ten"), told::toString);
                case TRADE_UP -> assertFalse(less(told, "total", "ten"), told::toString);
                case TAKE_FIRST, TAKE_MORE_FIGURES, HOW_MANY_TIMES ->
                    assertFalse(less(told, "standing", "divisor"), told::toString);
                case TAKE_TOO_FEW, GOES_ZERO_TIMES ->
                    assertTrue(less(told, "standing", "divisor"), told::toString);
                case COMPARE_LEFT -> assertTrue(less(told, "left", "divisor"), told::toString);
                case LEAVES_NOTHING ->
                    assertEquals(
                        value(told.remark(), "top"),
                        value(told.remark(), "bottom"),
                        told::toString);
                case TRY_TOO_MUCH -> assertTrue(less(told, "standing", "product"), told::toString);
                case TRY_FITS -> assertFalse(less(told, "standing", "product"), told::toString);
                default -> {
                  // Nothing is compared.
                }
              }
              if (told.remark().kind() == RemarkKind.TAKE_MORE_FIGURES) {
                assertTrue(less(told, "first", "divisor"), told::toString);
              }
            });
  }

  /**
   * A sentence says that nothing is left in a column only if no more figures are written in it or
   * beyond.
   */
  @ParameterizedTest
  @MethodSource("methods")
  void nothingIsWrittenOnceNothingIsLeft(Method<?> method) {
    boolean nothing = false;
    for (Told told : Told.by(method).toList()) {
      RemarkKind kind = told.remark().kind();
      boolean says = kind == RemarkKind.NOTHING_IN_FRONT || kind == RemarkKind.LEAVES_NOTHING;
      nothing = says || (nothing && kind != RemarkKind.READ_DIFFERENCE);
      if (nothing) {
        assertTrue(told.step().entries().isEmpty(), told::toString);
      }
    }
  }

  /** The figures that a sentence points at have been written by then. */
  @ParameterizedTest
  @MethodSource("methods")
  void whatIsThereNowHasBeenWritten(Method<?> method) {
    Told.by(method)
        .filter(told -> told.remark().fill("now") instanceof Quantity)
        .filter(told -> !told.remark().kind().name().startsWith("EXCHANGE_PARTS"))
        .forEach(
            told -> {
              Quantity now = (Quantity) told.remark().fill("now");
              assertTrue(
                  told.step().entries().stream()
                      .anyMatch(
                          entry ->
                              entry.value().equals(now.count())
                                  && entry.slot().place() == now.place()),
                  told::toString);
            });
  }

  /** A figure beside which a zero is written is not said to stand there alone. */
  @ParameterizedTest
  @MethodSource("methods")
  void noZeroStandsBesideWhatStandsAlone(Method<?> method) {
    Told.by(method)
        .filter(told -> ALONE.matcher(told.wording().say(told.remark())).find())
        .flatMap(told -> told.step().entries().stream().map(entry -> Map.entry(told, entry)))
        .filter(each -> each.getValue().reads().size() > 1)
        .forEach(
            each ->
                assertTrue(
                    each.getValue().reads().stream().allMatch(read -> read.value().signum() > 0),
                    each.getKey()::toString));
  }

  /** Where ten are fetched across empty places, each of them is named. */
  @ParameterizedTest
  @MethodSource("methods")
  void everyPlaceThatIsCrossedIsNamed(Method<?> method) {
    Told.by(method)
        .filter(told -> ACROSS.matcher(told.remark().kind().name()).find())
        .forEach(
            told -> {
              int needs = ((Quantity) told.remark().fill("top")).place();
              int gives = ((Quantity) told.remark().fill("one")).place();
              String said = told.wording().say(told.remark());
              assertTrue(gives > needs + 1, told::toString);
              for (int place = needs + 1; place < gives; place++) {
                assertTrue(
                    said.contains("no " + told.wording().place(new Place(place))), told::toString);
              }
            });
  }

  /** The places that meet are named with the figures that stand in them, in one order. */
  @ParameterizedTest
  @MethodSource("methods")
  void placesAreNamedInTheOrderOfTheFigures(Method<?> method) {
    Told.by(method)
        .filter(told -> told.remark().fill("crossing") != null)
        .forEach(
            told -> {
              Crossing crossing = (Crossing) told.remark().fill("crossing");
              List<Entry> reads = told.step().entries().get(0).reads();
              for (Crossing.Pair pair : crossing.pairs()) {
                assertTrue(stands(reads, pair.upper(), 0), told::toString);
                assertTrue(stands(reads, pair.lower(), 1), told::toString);
              }
              String said = told.wording().say(told.remark()).toLowerCase(Locale.ROOT);
              int at = -1;
              for (Crossing.Pair pair : crossing.pairs()) {
                String figures = pair.upper().count() + " × " + pair.lower().count() + " =";
                int next = said.indexOf(figures, at + 1);
                assertTrue(next > at, told::toString);
                at = next;
              }
            });
  }

  private static boolean stands(List<Entry> reads, Quantity figure, int row) {
    for (int i = row; i < reads.size(); i += 2) {
      Entry read = reads.get(i);
      if (read.slot().place() == figure.place() && read.value().equals(figure.count())) {
        return true;
      }
    }
    return false;
  }

  /** Every equation that is told comes out. */
  @ParameterizedTest
  @MethodSource("methods")
  void everyEquationComesOut(Method<?> method) {
    Told.by(method)
        .filter(told -> !told.remark().kind().name().startsWith("READ_"))
        .forEach(
            told -> {
              for (Length length : told.remark().kind().lengths()) {
                String text = told.wording().told(length, told.remark());
                Matcher equation = EQUATION.matcher(text);
                while (equation.find()) {
                  assertEquals(
                      0,
                      result(equation.group(1)).compareTo(new BigDecimal(equation.group(2))),
                      () -> told + " / " + text);
                }
              }
            });
  }

  /** Products before sums, from the left. */
  private static BigDecimal result(String terms) {
    String[] parts = terms.split(" ");
    BigDecimal sum = BigDecimal.ZERO;
    BigDecimal term = new BigDecimal(parts[0]);
    for (int i = 1; i < parts.length; i += 2) {
      BigDecimal next = new BigDecimal(parts[i + 1]);
      switch (parts[i]) {
        case "×" -> term = term.multiply(next);
        case "÷" -> term = term.divideToIntegralValue(next);
        default -> {
          sum = sum.add(term);
          term = parts[i].equals("+") ? next : next.negate();
        }
      }
    }
    return sum.add(term);
  }

  /**
   * Each number in a sentence is one that the step reads or writes, one of the sum, of its facts or
   * of the page so far, or a total on the way. Only small numbers may come from nowhere: 1, 9 and
   * 10, and the counts of rows, figures and places.
   */
  @ParameterizedTest
  @MethodSource("methods")
  void everyNumberStandsOnThePage(Method<?> method) {
    Set<Working> begun = new HashSet<>();
    Set<BigDecimal> known = new HashSet<>();
    BigDecimal hopped = BigDecimal.ZERO;
    BigDecimal stands = BigDecimal.ZERO;
    for (Told told : Told.by(method).toList()) {
      if (begun.add(told.working())) {
        known.clear();
        hopped = BigDecimal.ZERO;
        told.working().problem().numbers().forEach(number -> know(known, number.value()));
      }
      for (Entry entry : told.step().entries()) {
        Stream.concat(Stream.of(entry), entry.reads().stream())
            .forEach(
                each -> {
                  know(known, worth(each));
                  know(known, new BigDecimal(each.value()));
                });
        hopped = entry.slot().role() == Role.HOP ? hopped.add(worth(entry)) : hopped;
      }
      know(known, hopped);
      stands = standing(told.remark(), stands);
      know(known, stands);
      told.step().facts().stream()
          .flatMap(fact -> Stream.concat(fact.operands().stream(), Stream.of(fact.result())))
          .forEach(number -> know(known, new BigDecimal(number)));
      Set<BigDecimal> totals = new HashSet<>(known);
      for (String name : List.of("adding", "crossing")) {
        if (told.remark().fill(name) instanceof Adding adding) {
          adding.reached().forEach(each -> mention(totals, each));
        } else if (told.remark().fill(name) instanceof Crossing crossing) {
          crossing.reached().forEach(number -> know(totals, new BigDecimal(number)));
          crossing.pairs().forEach(pair -> know(totals, new BigDecimal(pair.product())));
        }
      }
      if (CLAIMED.contains(told.remark().kind())) {
        Matcher number = NUMBER.matcher(told.wording().say(told.remark()));
        while (number.find()) {
          BigDecimal value = new BigDecimal(number.group()).stripTrailingZeros();
          assertTrue(
              totals.contains(value) || value.compareTo(BigDecimal.TEN) <= 0,
              () -> value + " in " + told);
        }
      }
    }
  }

  /** The number to be worked on after a step, from the one before it. */
  private static BigDecimal standing(Remark remark, BigDecimal before) {
    return switch (remark.kind()) {
      case TAKE_FIRST, TAKE_MORE_FIGURES, TAKE_TOO_FEW, FIRST_FIGURE -> value(remark, "standing");
      case SUBTRACT_PRODUCT, TAKE_SQUARE -> value(remark, "left");
      case BRING_DOWN -> before.multiply(BigDecimal.TEN).add(value(remark, "figure"));
      case BRING_DOWN_PAIR ->
          before
              .multiply(BigDecimal.TEN)
              .add(value(remark, "first"))
              .multiply(BigDecimal.TEN)
              .add(value(remark, "second"));
      default -> before;
    };
  }

  /** The remarks in which figures of the page are named. */
  private static final Set<RemarkKind> CLAIMED =
      Set.of(
          RemarkKind.ADD_COLUMN,
          RemarkKind.ADD_LAST_COLUMN,
          RemarkKind.CARRY,
          RemarkKind.EXCHANGE,
          RemarkKind.TAKE,
          RemarkKind.TAKE_AFTER_TEN,
          RemarkKind.TAKE_AND_ONE_MORE,
          RemarkKind.TAKE_ONE_MORE,
          RemarkKind.TRADE_DOWN,
          RemarkKind.CROSS_OUT,
          RemarkKind.HOP_UP,
          RemarkKind.HOP_BACK,
          RemarkKind.MULTIPLY,
          RemarkKind.MULTIPLY_AND_ADD,
          RemarkKind.CROSS,
          RemarkKind.CROSS_AND_CARRIED,
          RemarkKind.FILL_BOX,
          RemarkKind.ROW_TOTAL,
          RemarkKind.ADD_DIAGONAL,
          RemarkKind.TAKE_FIRST,
          RemarkKind.HOW_MANY_TIMES,
          RemarkKind.GOES_ZERO_TIMES,
          RemarkKind.MULTIPLY_BACK,
          RemarkKind.SUBTRACT_PRODUCT,
          RemarkKind.BRING_DOWN,
          RemarkKind.TAKE_OFF,
          RemarkKind.TRY_TOO_MUCH,
          RemarkKind.TAKE_SQUARE,
          RemarkKind.WRITE_TWICE);

  private static void mention(Set<BigDecimal> known, Mention mention) {
    if (mention instanceof Quantity quantity) {
      know(known, new BigDecimal(quantity.count()));
    } else if (mention instanceof Mention.Decimal decimal) {
      know(known, decimal.number().value());
    } else if (mention instanceof Mention.Count count) {
      know(known, new BigDecimal(count.number()));
    }
  }

  private static void know(Set<BigDecimal> known, BigDecimal number) {
    known.add(number.stripTrailingZeros());
    // Carried tens are named as tens.
    known.add(number.multiply(BigDecimal.TEN).stripTrailingZeros());
  }

  private static BigDecimal worth(Entry entry) {
    int place = entry.slot().place();
    return place < 0 ? Numeral.of(entry.value(), -place).value() : new BigDecimal(entry.value());
  }
}
