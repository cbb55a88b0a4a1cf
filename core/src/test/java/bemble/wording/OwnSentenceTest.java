package bemble.wording;

import static org.junit.jupiter.api.Assertions.assertEquals;

import bemble.style.Style;
import java.math.BigInteger;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class OwnSentenceTest {
  @Test
  void isSaidInPlaceOfTheStandardOneWithTheSameFillIns() {
    Style style =
        Style.STANDARD.saying("take", "{top,number} less {bottom}: {left} — {carryWord}!");
    Remark remark =
        Remark.of(RemarkKind.TAKE)
            .with("top", new Quantity(BigInteger.valueOf(9), 1))
            .with("bottom", new Quantity(BigInteger.valueOf(8), 1))
            .with("left", new Quantity(BigInteger.ONE, 1));
    assertEquals("9 less 8 tens: 1 ten — carry!", new Wording(style).say(remark));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "More on the floor {number} | UNKNOWN_FILL_IN | number",
        "{top} and {               | BRACES_UNEVEN   | ''",
        "{top,choice,1#one}        | BRACES_UNEVEN   | ''",
        "' '                       | EMPTY           | ''"
      })
  void isRefusedWithTheNameOfWhatIsWrong(String text, OwnSentence.Code code, String name) {
    assertEquals(
        Optional.of(new OwnSentence.Fault(code, name)), OwnSentence.fault(RemarkKind.TAKE, text));
  }

  @ParameterizedTest
  @EnumSource
  void mayBeTheStandardSentenceWhereThatHasNoChoice(RemarkKind kind) {
    String standard = OwnSentence.standard(kind);
    if (!standard.contains(",choice,")) {
      assertEquals(Optional.empty(), OwnSentence.fault(kind, standard));
    }
  }
}
