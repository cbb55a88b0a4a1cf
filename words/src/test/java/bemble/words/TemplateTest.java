package bemble.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.style.Style;
import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.util.ULocale;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
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
      return String.valueOf(number);
    }

    @Override
    public String figures(String name) {
      return String.valueOf(number);
    }

    @Override
    public String some(String name) {
      return String.valueOf(number);
    }

    @Override
    public Number count(String name) {
      return number;
    }
  }

  static Stream<String> sentences() {
    return Stream.of(Lexicon.remarks(Style.ENGLISH), Lexicon.labels(Style.ENGLISH))
        .flatMap(catalogue -> catalogue.keys().stream().sorted().map(catalogue::text))
        .filter(text -> text.contains("{"));
  }

  @ParameterizedTest
  @MethodSource("sentences")
  void isFilledInAsTheFormatterOfTheLibraryHasIt(String text) {
    for (int number = 0; number < 4; number++) {
      int filled = number;
      Map<String, Object> same =
          Template.names(text).stream()
              .collect(Collectors.toMap(Function.identity(), name -> filled));
      assertEquals(
          new MessageFormat(text.replace(", some}", ", number}"), ULocale.ENGLISH).format(same),
          new Template(text, ULocale.ENGLISH).fill(new Same(number)));
    }
  }

  @Test
  void namesEverythingThatIsFilledInThoughItStandsInAPlural() {
    String text = "{figure} × {count, plural, =0 {nothing} one {one {thing}} other {# {things}}}";
    assertEquals(Set.of("figure", "count", "thing", "things"), Template.names(text));
    Template template = new Template(text, ULocale.ENGLISH);
    assertEquals("0 × nothing", template.fill(new Same(0)));
    assertEquals("1 × one 1", template.fill(new Same(1)));
    assertEquals("5 × 5 5", template.fill(new Same(5)));
  }

  /** A language with more plurals than English has. */
  @Test
  void hasThePluralsOfItsLanguage() {
    Template template =
        new Template(
            "{n, plural, one {jednotka} few {jednotky} other {jednotek}}",
            ULocale.forLanguageTag("cs"));
    assertEquals("jednotka", template.fill(new Same(1)));
    assertEquals("jednotky", template.fill(new Same(3)));
    assertEquals("jednotek", template.fill(new Same(7)));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "Carry {carried",
        "{count, plural, one {one {thing} other {many}}",
        "{two words}",
        "{day, date}"
      })
  void isRefusedWhereItIsNoSentence(String text) {
    assertThrows(RuntimeException.class, () -> new Template(text, ULocale.ENGLISH));
  }

  @Test
  void noSentenceIsBlankOrBeginsWithASpace() {
    sentences().forEach(text -> assertTrue(!text.isBlank() && !text.startsWith(" "), text));
  }
}
