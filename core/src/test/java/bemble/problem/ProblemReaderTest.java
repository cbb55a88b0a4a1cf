package bemble.problem;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.number.Numeral;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ProblemReaderTest {
  private final ProblemReader reader = new ProblemReader(Limits.STANDARD);

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "348 + 97 + 205     | 348 + 97 + 205",
        "6,203+1,487        | 6203 + 1487",
        "12,34,567 + 1,00,000.5 | 1234567 + 100000.5",
        "1 234 567 + 89     | 1234567 + 89",
        "12\u202f345 + 6\u00a0789 | 12345 + 6789",
        "007 + .5           | 7 + 0.5",
        "12.50 + 7.85       | 12.50 + 7.85",
        "6203-1487          | 6203 − 1487",
        "57 x 38            | 57 × 38",
        "57*38              | 57 × 38",
        "943 / 7            | 943 ÷ 7"
      })
  void readsSumsHoweverTheyAreSpaced(String typed, String read) {
    assertEquals(read, plain(typed));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "''                | EMPTY                 | 0 | 0",
        "348               | ONE_NUMBER            | 0 | 3",
        "bulbs             | NOT_A_SUM             | 0 | 5",
        "12 + bulbs        | UNKNOWN_CHARACTER     | 5 | 10",
        "12 + + 5          | NUMBER_MISSING        | 5 | 6",
        "12 +              | NUMBER_MISSING        | 4 | 4",
        "+ 12              | NUMBER_MISSING        | 0 | 1",
        "1.2.3 + 4         | SECOND_POINT          | 3 | 4",
        "1. + 4            | POINT_WITHOUT_FIGURES | 1 | 2",
        "12,34 + 5         | THOUSANDS_UNEVEN      | 0 | 5",
        "1,23,4567 + 5     | THOUSANDS_UNEVEN      | 0 | 4",
        "348 97 + 5        | SIGN_MISSING          | 3 | 4",
        "-5 + 3            | NEGATIVE              | 0 | 1",
        "5 − 7             | BELOW_ZERO            | 4 | 5",
        "5 + 7 − 2         | SIGNS_MIXED           | 6 | 7",
        "9 − 5 − 2         | TWO_NUMBERS_ONLY      | 8 | 9",
        "7 ÷ 0             | DIVIDED_BY_ZERO       | 4 | 5",
        "1.5 × 3           | WHOLE_NUMBERS_ONLY    | 0 | 3",
        "7 ÷ 1234567890123 | DIVISOR_TOO_LONG      | 4 | 17",
        "√-4               | ROOT_OF_NEGATIVE      | 1 | 2",
        "√ 2 + 3           | ROOT_OF_ONE_NUMBER    | 4 | 7",
        "√2 to 13 places   | TOO_MANY_PLACES       | 3 | 15",
        "√2 to 1.5 places  | PLACES_NOT_WHOLE      | 6 | 9",
        "8 ÷ 3 to 2 places | PLACES_WITHOUT_ROOT   | 6 | 17",
        "4 √ 9             | ROOT_NUMBER_FIRST     | 2 | 3",
        "5 + -3            | NEGATIVE              | 4 | 5",
        "1234567890123456789012345 + 1 | TOO_MANY_DIGITS | 0 | 25",
        "1+1+1+1+1+1+1+1+1+1+1+1+1     | TOO_MANY_NUMBERS | 24 | 25"
      })
  void namesTheTroubleAndItsPlace(String typed, Refusal.Code code, int from, int to) {
    Refusal refusal = assertInstanceOf(Refusal.class, reader.read(typed));
    assertEquals(code, refusal.code());
    assertEquals(from, refusal.from());
    assertEquals(to, refusal.to());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "√2,916            | 2916     | 0",
        "sqrt 2 to 3 places| 2        | 3",
        "root 2 → 6        | 2        | 6",
        "√0.0625           | 0.0625   | 2",
        "√2.5              | 2.5      | 1"
      })
  void readsRootsAndTheirPlaces(String typed, String radicand, int places) {
    assertEquals(
        new Reading.Understood(new Root(Numeral.parse(radicand), places)), reader.read(typed));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "5 − 7             | 7 − 5",
        "348 plus 97       | 348 + 97",
        "12 times 5        | 12 × 5",
        "84 : 4            | 84 ÷ 4",
        "the root of 49    | √ 49",
        "1O4 + 6           | 104 + 6",
        "12,5 + 3          | 12.5 + 3",
        "12 + + 5          | 12 + 5",
        "348 + 97 =        | 348 + 97",
        "348 97            | 348 + 97"
      })
  void offersWhatWasProbablyMeant(String typed, String meant) {
    assertEquals(meant, ((Refusal) reader.read(typed)).meant().orElseThrow());
  }

  @Test
  void takesNoPastedParagraph() {
    String paragraph = "The tin held 12 coins and the barn 40. ".repeat(30);
    assertEquals(Refusal.Code.TOO_LONG, ((Refusal) reader.read(paragraph)).code());
  }

  @Test
  void neverThrowsAndAlwaysPointsInsideTheText() {
    Random random = new Random(5);
    String alphabet = "0123456789..,, +++-−×÷√x/()a\u00a0→t";
    for (int i = 0; i < 20_000; i++) {
      StringBuilder text = new StringBuilder();
      for (int length = random.nextInt(14); length > 0; length--) {
        text.append(alphabet.charAt(random.nextInt(alphabet.length())));
      }
      if (reader.read(text.toString()) instanceof Refusal refusal) {
        assertTrue(0 <= refusal.from() && refusal.from() <= refusal.to(), () -> "in " + text);
        assertTrue(refusal.to() <= text.length(), () -> refusal + " in " + text);
      }
    }
  }

  private String plain(String typed) {
    Problem problem = assertInstanceOf(Reading.Understood.class, reader.read(typed)).problem();
    return problem.numbers().stream()
        .map(Object::toString)
        .collect(Collectors.joining(" " + problem.operation().sign() + " "));
  }
}
