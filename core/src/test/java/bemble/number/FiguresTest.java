package bemble.number;

import static org.junit.jupiter.api.Assertions.assertEquals;

import bemble.style.Choice;
import bemble.style.NumberMarks;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FiguresTest {
  @Test
  void areThoseOfTheNumberAtEverySize() {
    Random random = new Random(11);
    for (int bits = 0; bits < 120; bits++) {
      for (int i = 0; i < 20; i++) {
        BigInteger number = new BigInteger(bits, random);
        assertEquals(number.toString(), Figures.of(number));
        assertEquals(number.negate().toString(), Figures.of(number.negate()));
      }
      BigInteger edge = BigInteger.TWO.pow(bits);
      assertEquals(edge.toString(), Figures.of(edge));
      assertEquals(edge.negate().toString(), Figures.of(edge.negate()));
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {"999 | 999", "12480 | 12,480", "123456 | 1,23,456", "12345678.5 | 1,23,45,678.5"})
  void standInLakhs(String plain, String lakhs) {
    assertEquals(lakhs, Style.STANDARD.with(Choice.ThousandsMark.COMMA_LAKHS).marks().apart(plain));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "7        | 7         | 7",
        "999      | 999       | 999",
        "1000     | 1,000     | 1_000",
        "12480    | 12,480    | 12_480",
        "1000000  | 1,000,000 | 1_000_000",
        "0.5      | 0.5       | 0;5",
        "1234.567 | 1,234.567 | 1_234;567",
        "999.1234 | 999.1234  | 999;1234"
      })
  void standInGroupsOfThreeBeforeThePointOnly(String plain, String usual, String strange) {
    assertEquals(usual, new NumberMarks(",", 3, ".").apart(plain));
    assertEquals(strange, new NumberMarks("_", 3, ";").apart(plain));
    assertEquals(plain, new NumberMarks("", 3, ".").apart(plain));
  }
}
