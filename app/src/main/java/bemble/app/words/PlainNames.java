package bemble.app.words;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.deser.std.StdScalarDeserializer;
import com.fasterxml.jackson.databind.deser.std.StringDeserializer;
import java.io.IOException;
import java.lang.Character.UnicodeScript;
import java.text.Normalizer;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Names as they are seen: in one form of their letters (NFC), with single blanks, and without
 * control characters, signs that turn the direction, and characters of no width. A joiner stays
 * between letters of a script that needs it.
 */
public final class PlainNames extends StdScalarDeserializer<String> {
  private static final long serialVersionUID = 1L;

  private static final Pattern BLANKS = Pattern.compile("[\\s\\p{Z}\\p{Cc}]+");

  /** Letters and marks of no width that are no format characters, and half of a pair. */
  private static final Pattern UNSEEN =
      Pattern.compile("[\\p{Cs}\\u034F\\u115F\\u1160\\u17B4\\u17B5\\u3164\\uFFA0]");

  private static final int NON_JOINER = 0x200C;
  private static final int JOINER = 0x200D;

  /** The scripts in which a joiner or non-joiner changes how a word is written. */
  private static final Set<UnicodeScript> JOINED =
      Set.of(
          UnicodeScript.ARABIC,
          UnicodeScript.SYRIAC,
          UnicodeScript.MONGOLIAN,
          UnicodeScript.NKO,
          UnicodeScript.DEVANAGARI,
          UnicodeScript.BENGALI,
          UnicodeScript.GURMUKHI,
          UnicodeScript.GUJARATI,
          UnicodeScript.ORIYA,
          UnicodeScript.TAMIL,
          UnicodeScript.TELUGU,
          UnicodeScript.KANNADA,
          UnicodeScript.MALAYALAM,
          UnicodeScript.SINHALA,
          UnicodeScript.KHMER,
          UnicodeScript.MYANMAR,
          UnicodeScript.TIBETAN);

  PlainNames() {
    super(String.class);
  }

  @Override
  public String deserialize(JsonParser from, DeserializationContext context) throws IOException {
    return plain(StringDeserializer.instance.deserialize(from, context));
  }

  /** A name or a title as it is kept. */
  public static String plain(String typed) {
    String seen = UNSEEN.matcher(BLANKS.matcher(typed).replaceAll(" ")).replaceAll("");
    String composed = Normalizer.normalize(withoutFormats(seen), Normalizer.Form.NFC);
    return BLANKS.matcher(composed).replaceAll(" ").strip();
  }

  private static String withoutFormats(String text) {
    int[] points = text.codePoints().toArray();
    StringBuilder kept = new StringBuilder();
    for (int at = 0; at < points.length; at++) {
      boolean isFormat = Character.getType(points[at]) == Character.FORMAT;
      if (!isFormat || isNeeded(points, at)) {
        kept.appendCodePoint(points[at]);
      }
    }
    return kept.toString();
  }

  private static boolean isNeeded(int[] points, int at) {
    boolean isJoiner = points[at] == JOINER || points[at] == NON_JOINER;
    return isJoiner
        && at > 0
        && at + 1 < points.length
        && isJoined(points[at - 1])
        && isJoined(points[at + 1]);
  }

  private static boolean isJoined(int point) {
    return JOINED.contains(UnicodeScript.of(point));
  }
}
