package bemble.app.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import java.text.Normalizer;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlainNamesTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "Ann\\u200B                      | Ann",
        "\\u202EnnA                      | nnA",
        "Ann\\nBram                      | Ann Bram",
        "Ann\\u0000                      | Ann",
        "A\\u00A0 \\u2003B               | A B",
        "Re\\u0301ne\\u0301e             | R\\u00E9n\\u00E9e",
        "A\\u200Dnn                      | Ann",
        "\\u0646\\u200C\\u0646           | \\u0646\\u200C\\u0646",
        "\\u0646\\u200C                  | \\u0646",
        "\\u0915\\u094D\\u200D\\u0937    | \\u0915\\u094D\\u200D\\u0937",
        "\\uFEFFAnn\\u2066               | Ann",
        "A\\uD800nn                      | Ann"
      })
  void keepsOnlyCharactersThatAreSeen(String typed, String kept) {
    assertEquals(unicode(kept), PlainNames.plain(unicode(typed)));
  }

  private static String unicode(String escaped) {
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < escaped.length(); i++) {
      if (escaped.startsWith("\\u", i)) {
        text.append((char) Integer.parseInt(escaped.substring(i + 2, i + 6), 16));
        i += 5;
      } else if (escaped.startsWith("\\n", i)) {
        text.append('\n');
        i++;
      } else {
        text.append(escaped.charAt(i));
      }
    }
    return text.toString();
  }

  /** A name that is kept stays the same when it is sent again, and shows all of its characters. */
  @Test
  void anyNameIsPlainOnceItIsKept() {
    Random random = new Random(55);
    for (int i = 0; i < 3000; i++) {
      String typed =
          IntStream.range(0, random.nextInt(12))
              .map(any -> random.nextBoolean() ? random.nextInt(0x2100) : random.nextInt(0x20000))
              .mapToObj(Character::toString)
              .collect(Collectors.joining());
      String kept = PlainNames.plain(typed);
      assertEquals(kept, PlainNames.plain(kept));
      assertEquals(kept, kept.strip());
      assertEquals(kept, Normalizer.normalize(kept, Normalizer.Form.NFC));
      assertFalse(kept.codePoints().anyMatch(Character::isISOControl), typed);
    }
  }
}
