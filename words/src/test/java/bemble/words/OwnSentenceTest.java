package bemble.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.number.Numeral;
import bemble.problem.Operation;
import bemble.problem.Subtraction;
import bemble.procedure.Step;
import bemble.remark.Length;
import bemble.remark.Quantity;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.style.Choice;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class OwnSentenceTest {
  private static final Remark TAKEN =
      Remark.of(RemarkKind.TAKE)
          .with("top", new Quantity(BigInteger.valueOf(9), 1))
          .with("bottom", new Quantity(BigInteger.valueOf(8), 1))
          .with("left", new Quantity(BigInteger.ONE, 1));

  /** Told in one way by the class, it is told in the other ways as usual. */
  @ParameterizedTest
  @EnumSource
  void isToldInPlaceOfTheStandardOneWithTheSameFillIns(Length length) {
    String key = new OwnSentence(RemarkKind.TAKE, length).key();
    Style style = Style.STANDARD.saying(key, "{top,number} less {bottom}: {left} — {carryWord}!");
    Wording own = new Wording(style);
    Wording standard = new Wording(Style.STANDARD);
    for (Length each : Length.values()) {
      String wanted = each == length ? "9 less 8 tens: 1 ten — carry!" : standard.told(each, TAKEN);
      assertEquals(wanted, own.told(each, TAKEN));
    }
  }

  @Test
  void hasAKeyOfItsOwn() {
    List<String> keys = OwnSentence.all().map(OwnSentence::key).toList();
    assertEquals(keys.size(), Set.copyOf(keys).size());
  }

  /** An own sentence for the column with an exchange leaves the column without one as it was. */
  @Test
  void tellsAColumnWithAnExchangeFromOneWithout() {
    Style style = Style.STANDARD.saying("take-after-ten", "Now {left,number} stay in the crate.");
    Wording wording = new Wording(style);
    List<String> said =
        new Sum(
                new Subtraction(Numeral.of(852), Numeral.of(417)),
                Methods.find(Operation.SUBTRACTION, "exchange").orElseThrow(),
                style)
            .work().steps().stream()
                .map(Step::remark)
                .filter(remark -> remark.kind().key().startsWith("take"))
                .map(wording::say)
                .toList();
    assertEquals(
        List.of(
            "Now 5 stay in the crate.",
            "4 tens take away 1 leaves 3 tens.",
            "8 hundreds take away 4 leaves 4 hundreds."),
        said);
  }

  /** A question names its place, also where it is about parts. */
  @ParameterizedTest
  @CsvSource({"exchange", "add-to-both", "expanded", "blocks"})
  void namesThePlaceInAQuestion(String method) {
    Style style =
        Style.STANDARD
            .with(Choice.Questions.OWN_STEPS)
            .saying("can-be-taken", "{place}: {bottom,number} from {top,number}?");
    Wording wording = new Wording(style);
    List<String> asked =
        new Sum(
                new Subtraction(Numeral.of(52), Numeral.of(18)),
                Methods.find(Operation.SUBTRACTION, method).orElseThrow(),
                style)
            .work().steps().stream()
                .map(Step::remark)
                .filter(remark -> remark.kind() == RemarkKind.CAN_BE_TAKEN)
                .map(wording::say)
                .toList();
    assertEquals("Ones: 8 from 2?", asked.get(0));
    assertTrue(asked.get(1).startsWith("Tens: "), asked::toString);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "Six trays beside {number} | UNKNOWN_FILL_IN | number",
        "{top} and {               | BRACES_UNEVEN   | ''",
        "{top, plural, other {x}}  | BRACES_UNEVEN   | ''",
        "' '                       | EMPTY           | ''"
      })
  void isRefusedWithTheNameOfWhatIsWrong(String text, OwnSentence.Code code, String name) {
    assertEquals(
        Optional.of(new OwnSentence.Fault(code, name)),
        new OwnSentence(RemarkKind.TAKE, Length.SAY).fault(text));
  }

  @ParameterizedTest
  @MethodSource("bemble.words.OwnSentence#all")
  void mayBeTheStandardSentenceWhereThatHasNoPlural(OwnSentence place) {
    String standard = place.standard(Style.ENGLISH);
    if (!standard.contains(", plural,")) {
      assertEquals(Optional.empty(), place.fault(standard));
    }
  }
}
