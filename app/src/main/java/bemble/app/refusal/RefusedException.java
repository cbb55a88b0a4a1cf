package bemble.app.refusal;

import bemble.app.words.Sentences;
import bemble.problem.Refusal;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** A typed text that is refused, with the sentence that says why. */
public final class RefusedException extends SaidException {
  private final String code;
  private final @Nullable Integer from;
  private final @Nullable Integer to;
  private final @Nullable String meant;

  private RefusedException(
      String code,
      String sentence,
      @Nullable Integer from,
      @Nullable Integer to,
      @Nullable String meant) {
    super(sentence);
    this.code = code;
    this.from = from;
    this.to = to;
    this.meant = meant;
  }

  /**
   * A line that is not a sum; the sentence is about its characters from {@code from} to {@code to}.
   */
  public RefusedException(Refusal refusal, String sentence) {
    this(
        refusal.code().name().toLowerCase(Locale.ROOT).replace('_', '-'),
        sentence,
        refusal.from(),
        refusal.to(),
        refusal.meant().orElse(null));
  }

  /** Another refusal; its sentence stands under {@code refused.} and its code. */
  public static RefusedException of(String code, Object... fillIns) {
    return saying(code, Sentences.of("refused." + code, fillIns));
  }

  /** The same with a sentence in the words of a class. */
  public static RefusedException saying(String code, String sentence) {
    return new RefusedException(code, sentence, null, null, null);
  }

  String code() {
    return code;
  }

  @Nullable Integer from() {
    return from;
  }

  @Nullable Integer to() {
    return to;
  }

  /** A line that was probably meant; null where there is no guess. */
  @Nullable String meant() {
    return meant;
  }
}
