package bemble.wording;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.text.MessageFormat;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class TemplateTest {
  /** Every name is filled in with the same number, in words, in figures and to choose by. */
  private record Same(int number) implements Template.Fills {
    @Override
    public String words(String name) {
      return number + " of " + name;
    }

    @Override
    public String figures(String name) {
      return String.valueOf(number);
    }

    @Override
    public Number count(String name) {
      return number;
    }
  }

  static Stream<String> sentences() {
    return Stream.of(Bundle.remarks(), Bundle.labels())
        .flatMap(bundle -> bundle.keys().stream().sorted().map(bundle::plain))
        .filter(text -> text.contains("{"));
  }

  /** The same as Java's own format says, with the names numbered and both ways of filling in. */
  @ParameterizedTest
  @MethodSource("sentences")
  void isFilledInAsTheMessageFormatHasIt(String text) {
    String numbered = text;
    for (String name : new TreeSet<>(Template.names(text))) {
      String words = "of " + name;
      numbered =
          numbered
              .replace("{" + name + ",number}", "{0}")
              .replace("{" + name + "}", "{0} " + words)
              .replace("{" + name + ",choice", "{0,choice");
    }
    for (int number = 0; number < 4; number++) {
      String expected = MessageFormat.format(numbered, number);
      assertEquals(expected, new Template(text).fill(new Same(number)));
    }
  }

  @Test
  void namesEverythingThatIsFilledInThoughItStandsInAChoice() {
    String text = "{figure} × {count,choice,0#nothing|1#one {thing}|1<{count,number} {things}}";
    assertEquals(Set.of("figure", "count", "thing", "things"), Template.names(text));
    Template template = new Template(text);
    assertEquals("1 of figure × one 1 of thing", template.fill(new Same(1)));
    assertEquals("5 of figure × 5 5 of things", template.fill(new Same(5)));
  }

  @ParameterizedTest
  @ValueSource(strings = {"Carry {carried", "{count,choice,1#one {thing|1<many}", "{two words}"})
  void isRefusedWhereItIsNoSentence(String text) {
    assertThrows(IllegalArgumentException.class, () -> new Template(text));
  }

  @Test
  void noSentenceIsBlankOrBeginsWithASpace() {
    sentences().forEach(text -> assertTrue(!text.isBlank() && !text.startsWith(" "), text));
  }
}
