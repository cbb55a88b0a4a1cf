package bemble.problem;

/** Reads a typed line as a sum. */
public final class ProblemReader {
  private final Limits limits;

  private final boolean decimalComma;

  /** A reader that refuses sums beyond {@code limits}. */
  public ProblemReader(Limits limits) {
    this(limits, false);
  }

  private ProblemReader(Limits limits, boolean decimalComma) {
    this.limits = limits;
    this.decimalComma = decimalComma;
  }

  /**
   * A reader for which a comma, like a point, stands before tenths and never sets thousands apart.
   */
  public static ProblemReader withDecimalComma(Limits limits) {
    return new ProblemReader(limits, true);
  }

  /**
   * Reads {@code text}, for example {@code 6,203 − 1 487.50} or {@code √2 to 3 places}. Thousands
   * may be set apart by commas or by any kind of space; the decimal mark is a point. Signs are
   * {@code +}, {@code − -}, {@code × x *}, {@code ÷ /}, {@code √ sqrt root}. Never throws for a
   * typed text.
   */
  public Reading read(String text) {
    Reading reading = readAsTyped(text);
    boolean tooLong = text.length() > limits.characters();
    if (!tooLong && reading instanceof Refusal refusal && refusal.meant().isEmpty()) {
      return Guess.meant(text, guess -> readAsTyped(guess) instanceof Reading.Understood)
          .map(refusal::meaning)
          .orElse(refusal);
    }
    return reading;
  }

  private Reading readAsTyped(String text) {
    try {
      if (text.isBlank()) {
        throw RefusalException.at(Refusal.Code.EMPTY, 0, text.length());
      }
      if (text.length() > limits.characters()) {
        throw RefusalException.at(Refusal.Code.TOO_LONG, limits.characters(), text.length());
      }
      if (text.chars().noneMatch(c -> c >= '0' && c <= '9')) {
        throw RefusalException.at(Refusal.Code.NOT_A_SUM, 0, text.length());
      }
      Problem problem =
          new Parser(Tokenizer.cut(text, limits, decimalComma), text.length(), limits).problem();
      return new Reading.Understood(problem);
    } catch (RefusalException refused) {
      return refused.refusal();
    }
  }
}
