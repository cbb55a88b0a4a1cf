package bemble.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.check.Check;
import bemble.check.Checks;
import bemble.method.AnswerSquares;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.number.Numeral;
import bemble.paper.Mark;
import bemble.paper.Square;
import bemble.problem.Limits;
import bemble.problem.Problem;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.procedure.Working;
import bemble.style.Choice;
import bemble.style.RoundMoves;
import bemble.style.Setting;
import bemble.style.Style;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class StyleTest {
  private static final List<String> SUMS =
      List.of(
          "87 + 1,265 + 43 + 5",
          "2.5 + 12.75",
          "46 + 37",
          "1 + 6 + 3 + 7",
          "370,040 − 6,975",
          "1,203 − 487",
          "38 × 507",
          "4,236 ÷ 6",
          "943 ÷ 7",
          "876 ÷ 24",
          "√2 to 2 places");

  /** The sum in every method that fits it. */
  private static String page(String text, Style style) {
    Problem problem =
        ((Reading.Understood) new ProblemReader(Limits.STANDARD).read(text)).problem();
    return Methods.of(problem.operation()).stream()
        .filter(method -> Methods.misfit(method, problem).isEmpty())
        .map(method -> page(new Sum(problem, method, style).work(), style))
        .collect(Collectors.joining("\n"));
  }

  private static String page(Working working, Style style) {
    Check check = Checks.of(working, style);
    Wording wording = new Wording(style);
    Stream<String> said =
        Stream.of(working, check.working())
            .flatMap(each -> each.steps().stream())
            .map(step -> wording.say(step.remark()));
    Stream<String> marks =
        Stream.of(working, check.working())
            .flatMap(each -> each.paper().marks().stream())
            .map(Mark::toString);
    Stream<String> open = AnswerSquares.of(working, style).stream().map(Square::toString);
    return String.join("\n", Stream.of(said, marks, open).flatMap(Function.identity()).toList());
  }

  /** A setting that changes no page would be a promise not kept. */
  @ParameterizedTest
  @EnumSource
  void everyChoiceMakesADifference(Setting setting) {
    Style start =
        setting == Setting.DECIMAL_MARK
            ? Style.STANDARD.with(Choice.ThousandsMark.NONE)
            : Style.STANDARD;
    List<List<String>> pages =
        setting.choices().stream()
            .map(start::with)
            .map(style -> SUMS.stream().map(sum -> page(sum, style)).toList())
            .toList();
    assertEquals(setting.choices().size(), pages.stream().distinct().count());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "EXCHANGE_WORD    | BORROW     | 1,203 − 487 | borrow 1 hundred to make 10 tens",
        "EXCHANGE_WORD    | TRADE      | 1,203 − 487 | trade 1 hundred for 10 tens",
        "CARRY_WORD       | REGROUP    | 38 + 7      | Write 5 and regroup 10 ones as 1 ten.",
        "FIRST_PLACE_WORD | UNITS      | 38 + 7      | 8 and 7 make 15 units.",
        "ACROSS_ZEROS     | IN_ONE_GO  | 503 − 87    | 1 hundred for 9 tens and 10 ones",
        "LAST_COLUMNS     | TOGETHER   | 148 − 63    | 14 tens take away 6 leaves 8 tens.",
        "ZERO_DIGIT       | ROW_OF_ZEROS | 38 × 507  | There are 0 tens: write a row of zeros.",
        "PLACEHOLDER      | BLANK      | 38 × 57     | Start a new row one square further left.",
        "ADDING_ORDER     | LARGEST_FIRST | 3 + 8    | 8 and 3 make 11 ones.",
        "ADDING_ORDER     | TENS_FIRST | 7 + 4 + 3   | 7 and 3 is 10, and 4 is 14 ones.",
        "ADDING_ORDER     | LARGEST_AND_TENS | 1 + 3 + 6 | 6 and 1 is 7, and 3 is 10 ones.",
        "PLUS_ZERO        | WRITTEN_ZEROS | 506 + 213 | 0 and 1 make 1 ten.",
        "PLUS_ZERO        | BLANKS_TOO | 238 + 41    | 2 and 0 make 2 hundreds.",
        "WRITING_ORDER    | MOVING_FIRST | 38 + 7    | First carry 1 ten, then write 5.",
        "SPLIT_ADDENDS    | BESIDE     | 34 + 21     | text=30 + 4",
        "THOUSANDS_MARK   | COMMA_LAKHS | 200000 − 1 | 2,00,000 − 1 = 1,99,999",
        "QUESTIONS        | OWN_STEPS  | 318 − 236   | Can we take 3 from 1? No.",
        "QUESTIONS        | OWN_STEPS  | 38 + 7      | Can 1 ten be made of 15 ones? Yes.",
        "QUESTIONS        | OWN_STEPS  | 503 − 87    | Are there any tens to exchange? No, there"
            + " are none.",
        "LAYING_DOWN      | FIGURE_BY_FIGURE | 34 + 21 | 2 tens, under the 3 tens: write 2.",
        "LAYING_DOWN      | FIGURE_BY_FIGURE | 34 + 7  | No tens, like plus 0: the square stays"
            + " empty.",
        "CROSSING_ORDER   | FROM_TOP_LEFT | 57 × 38  | 5 × 8 = 40, and 7 × 3 = 21: 61, and the"
            + " carried 5: 66.",
        "QUOTIENT_MEANING | GROUPS     | 75 ÷ 6      | So 75 makes 12 groups of 6, and 3 are left"
            + " over.",
        "CARRY_TURN       | LAST       | 38 + 27     | 3 and 2 is 5, and the carried 1 is 6 tens.",
        "CARRY_TURN       | LAST       | 532 − 278 | 13 tens take away 7 leaves 6, and"
            + " one more taken away leaves 5 tens.",
        "ROOT_RESULT      | ROUNDED    | √3 to 1 places | it is 1.7, rounded or cut off",
        "ON_TOP           | LONGER     | 7 × 38      | 7 times 8 is 56 ones.",
        "REMAINDER_FORM   | WORD       | 943 ÷ 7     | 943 ÷ 7 = 134 remainder 5.",
        "REMAINDER_FORM   | FRACTION   | 943 ÷ 7     | text=5/7",
        "MULTIPLES        | ALWAYS     | 943 ÷ 7     | text=9 ×",
        "ZERO_ROUND       | ROW_OF_ZERO | 4236 ÷ 6   | 0 × 6 = 0. Write it below."
      })
  void speaksAndWritesAsTheClassDoes(Setting setting, String choice, String sum, String said) {
    Choice chosen =
        setting.choices().stream().filter(each -> each.name().equals(choice)).findFirst().get();
    String page = page(sum, Style.STANDARD.with(chosen));
    assertTrue(page.contains(said), page);
  }

  @Test
  void writesNumbersWithItsMarks() {
    Style style =
        Style.STANDARD.with(Choice.ThousandsMark.THIN_SPACE).with(Choice.DecimalMark.COMMA);
    assertEquals("6\u2009203,5", style.marks().apart(Numeral.parse("6203.5")));
    assertEquals("6203,5", style.marks().plain(Numeral.parse("6203.5")));
    assertEquals("12,345,678", Style.STANDARD.marks().apart("12345678"));
  }

  @Test
  void refusesOneMarkForTwoThings() {
    assertThrows(
        IllegalArgumentException.class, () -> Style.STANDARD.with(Choice.DecimalMark.COMMA));
    assertThrows(
        IllegalArgumentException.class,
        () ->
            new Style(
                Map.of(Setting.ON_TOP, Choice.Placeholder.BLANK),
                Map.of(),
                RoundMoves.STANDARD,
                Style.ENGLISH));
  }
}
