package bemble.problem;

import bemble.number.Numeral;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Cuts a typed line into numbers and signs, or refuses it at the first trouble. */
final class Tokenizer {
  private static final Pattern LAKHS = Pattern.compile("\\d{1,2}(,\\d{2})+,\\d{3}(?![\\d,])");

  private static final Pattern PLACES =
      Pattern.compile(
          "(?:→|->|to\\b)\\s*(-?[\\d.]+)\\s*(?:decimal\\s+)?(?:places?\\b)?",
          Pattern.CASE_INSENSITIVE);

  /** How the sign of each operation may be typed. */
  private static final Map<Operation, Pattern> SIGNS =
      Map.of(
          Operation.ADDITION, sign("\\+"),
          Operation.SUBTRACTION, sign("[-−–]"),
          Operation.MULTIPLICATION, sign("[×x*]"),
          Operation.DIVISION, sign("[÷/]"),
          Operation.ROOT, sign("√|sqrt\\b|root\\b"));

  private final String text;
  private final Limits limits;
  private final boolean decimalComma;
  private final List<Token> tokens = new ArrayList<>();
  private int at;

  private Tokenizer(String text, Limits limits, boolean decimalComma) {
    this.text = text;
    this.limits = limits;
    this.decimalComma = decimalComma;
  }

  /** With {@code decimalComma} a comma stands before tenths, as a point always may. */
  static List<Token> cut(String text, Limits limits, boolean decimalComma) throws RefusalException {
    Tokenizer tokenizer = new Tokenizer(text, limits, decimalComma);
    tokenizer.run();
    return tokenizer.tokens;
  }

  private void run() throws RefusalException {
    while (at < text.length()) {
      char c = text.charAt(at);
      if (isSpace(c)) {
        at++;
      } else if (isDigit(c) || isPoint(c)) {
        tokens.add(number());
      } else if (!placesOrSign()) {
        throw unknown();
      }
    }
  }

  private boolean placesOrSign() throws RefusalException {
    Matcher places = PLACES.matcher(text).region(at, text.length());
    if (places.lookingAt()) {
      tokens.add(new Token.Places(placesAsked(places), at, places.end()));
      at = places.end();
      return true;
    }
    for (Map.Entry<Operation, Pattern> operation : SIGNS.entrySet()) {
      Matcher sign = operation.getValue().matcher(text).region(at, text.length());
      if (sign.lookingAt()) {
        tokens.add(new Token.Sign(operation.getKey(), at, sign.end()));
        at = sign.end();
        return true;
      }
    }
    return false;
  }

  private static Pattern sign(String forms) {
    return Pattern.compile(forms, Pattern.CASE_INSENSITIVE);
  }

  private int placesAsked(Matcher places) throws RefusalException {
    String count = places.group(1);
    if (!count.matches("\\d{1,9}")) {
      throw new RefusalException(
          Refusal.Code.PLACES_NOT_WHOLE, places.start(1), places.end(1), Map.of());
    }
    return Integer.parseInt(count);
  }

  private RefusalException unknown() {
    int end = at;
    while (end < text.length() && Character.isLetter(text.charAt(end))) {
      end++;
    }
    end = Math.max(end, text.offsetByCodePoints(at, 1));
    return new RefusalException(
        Refusal.Code.UNKNOWN_CHARACTER, at, end, Map.of("text", text.substring(at, end)));
  }

  /** Reads digits with optional thousands separators, and a point with figures after it. */
  private Token.Number number() throws RefusalException {
    int from = at;
    StringBuilder whole = new StringBuilder(lakhs().orElseGet(this::digits));
    int group = whole.length();
    while (startsGroup()) {
      int separator = at++;
      String more = digits();
      if (more.length() != 3 || group > 3 || group == 0) {
        throw uneven(from, separator);
      }
      group = more.length();
      whole.append(more);
    }
    String fraction = fraction();
    if (whole.isEmpty() && fraction.isEmpty()) {
      throw new RefusalException(Refusal.Code.POINT_WITHOUT_FIGURES, from, at, Map.of());
    }
    Numeral value = new Numeral(whole + fraction, fraction.length());
    if (whole.length() + fraction.length() > limits.digits()) {
      throw new RefusalException(
          Refusal.Code.TOO_MANY_DIGITS,
          from,
          at,
          Map.of("count", whole.length() + fraction.length(), "most", limits.digits()));
    }
    return new Token.Number(value, from, at);
  }

  /** The digits of a number in groups of two before the last three, if one stands here. */
  private Optional<String> lakhs() {
    Matcher grouped = LAKHS.matcher(text).region(at, text.length());
    if (decimalComma || !grouped.lookingAt()) {
      return Optional.empty();
    }
    at = grouped.end();
    return Optional.of(grouped.group().replace(",", ""));
  }

  /** A gap of several digits that a space cannot join means that a sign was left out there. */
  private RefusalException uneven(int from, int separator) {
    return text.charAt(separator) == ','
        ? new RefusalException(Refusal.Code.THOUSANDS_UNEVEN, from, at, Map.of())
        : new RefusalException(Refusal.Code.SIGN_MISSING, separator, separator + 1, Map.of());
  }

  private boolean startsGroup() {
    return at + 1 < text.length()
        && (text.charAt(at) == ',' && !decimalComma || isSpace(text.charAt(at)))
        && isDigit(text.charAt(at + 1));
  }

  private String fraction() throws RefusalException {
    if (at >= text.length() || !isPoint(text.charAt(at))) {
      return "";
    }
    at++;
    String figures = digits();
    if (figures.isEmpty()) {
      throw new RefusalException(Refusal.Code.POINT_WITHOUT_FIGURES, at - 1, at, Map.of());
    }
    if (at < text.length() && isPoint(text.charAt(at))) {
      throw new RefusalException(Refusal.Code.SECOND_POINT, at, at + 1, Map.of());
    }
    return figures;
  }

  private String digits() {
    int from = at;
    while (at < text.length() && isDigit(text.charAt(at))) {
      at++;
    }
    return text.substring(from, at);
  }

  private boolean isPoint(char c) {
    return c == '.' || decimalComma && c == ',';
  }

  private static boolean isDigit(char c) {
    return c >= '0' && c <= '9';
  }

  /** Every space that may stand between groups of thousands, thin and no-break ones too. */
  private static boolean isSpace(char c) {
    return Character.isWhitespace(c) || Character.isSpaceChar(c);
  }
}
