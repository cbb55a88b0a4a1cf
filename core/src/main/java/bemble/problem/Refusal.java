package bemble.problem;

import java.util.Map;
import java.util.Optional;

/**
 * Why a text is not a sum, and where.
 *
 * @param code the reason of the refusal
 * @param from first character of the trouble, counted from 0
 * @param to the character after it; equal to {@code from} where a part is missing
 * @param fills the fill-ins of the sentence for {@code code}, by name
 * @param meant a text that can be read and was probably meant
 */
public record Refusal(
    Code code, int from, int to, Map<String, Object> fills, Optional<String> meant)
    implements Reading {
  /** A refusal without a better guess. */
  public Refusal(Code code, int from, int to, Map<String, Object> fills) {
    this(code, from, to, fills, Optional.empty());
  }

  /** This refusal with a text that was probably meant. */
  Refusal meaning(String text) {
    return new Refusal(code, from, to, fills, Optional.of(text));
  }

  /** The kinds of trouble. */
  public enum Code {
    EMPTY,
    TOO_LONG,
    NOT_A_SUM,
    UNKNOWN_CHARACTER,
    ONE_NUMBER,
    NUMBER_MISSING,
    SIGN_MISSING,
    SIGNS_MIXED,
    SECOND_POINT,
    POINT_WITHOUT_FIGURES,
    THOUSANDS_UNEVEN,
    TOO_MANY_DIGITS,
    TOO_MANY_NUMBERS,
    NEGATIVE,
    BELOW_ZERO,
    TWO_NUMBERS_ONLY,
    WHOLE_NUMBERS_ONLY,
    DIVIDED_BY_ZERO,
    DIVISOR_TOO_LONG,
    ROOT_NUMBER_FIRST,
    ROOT_OF_ONE_NUMBER,
    ROOT_OF_NEGATIVE,
    TOO_MANY_PLACES,
    PLACES_NOT_WHOLE,
    PLACES_WITHOUT_ROOT
  }
}
