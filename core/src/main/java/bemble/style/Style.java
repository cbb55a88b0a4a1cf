package bemble.style;

import bemble.number.Require;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;

/**
 * A class's own conventions. Handed to every method; never read from anywhere else.
 *
 * @param choices the value of every setting; settings left out have their standard value
 * @param sentences the class's own wording for some kinds of remark, by the key of the sentence
 * @param roundMoves the moves of a round of long division that are called
 * @param language the language in which pages are written and told, by its IETF tag: {@code en}
 */
public record Style(
    Map<Setting, Choice> choices,
    Map<String, String> sentences,
    RoundMoves roundMoves,
    String language) {
  /** The language that is always there. */
  public static final String ENGLISH = "en";

  /** The style of a class that has chosen nothing. */
  public static final Style STANDARD = new Style(Map.of(), Map.of(), RoundMoves.STANDARD, ENGLISH);

  /**
   * The version of the settings' meanings: counted up when a value comes to mean something else.
   */
  public static final int VERSION = 1;

  /** Choices that cannot live together. */
  public enum Conflict {
    /** The same mark for thousands and for decimals. */
    SAME_MARK_TWICE,
    /** An order of parts is chosen that are not written at all. */
    ORDER_OF_NOTHING
  }

  /**
   * Fills in the standard values.
   *
   * @throws IllegalArgumentException where a value belongs to another setting, or where {@link
   *     #clash} finds a clash
   */
  public Style {
    Map<Setting, Choice> all = new EnumMap<>(Setting.class);
    Arrays.stream(Setting.values()).forEach(setting -> all.put(setting, setting.choices().get(0)));
    choices.forEach(
        (setting, choice) -> {
          Require.that(Setting.of(choice) == setting, "choice", choice, "is not of " + setting);
          all.put(setting, choice);
        });
    Require.that(clash(all).isEmpty(), "choices", choices, "cannot live together");
    choices = Collections.unmodifiableMap(all);
    sentences = Map.copyOf(new TreeMap<>(sentences));
  }

  /** A smallest set of choices that exclude one another; empty where all fit together. */
  public static Optional<Conflict> clash(Map<Setting, Choice> choices) {
    boolean same =
        choices.get(Setting.THOUSANDS_MARK) != Choice.ThousandsMark.THIN_SPACE
            && choices.get(Setting.THOUSANDS_MARK) != Choice.ThousandsMark.NONE
            && choices.get(Setting.DECIMAL_MARK) == Choice.DecimalMark.COMMA;
    if (same) {
      return Optional.of(Conflict.SAME_MARK_TWICE);
    }
    boolean nothing =
        choices.get(Setting.CARRY_POSITION) == Choice.CarryPosition.KEPT_IN_MIND
            && choices.get(Setting.WRITING_ORDER) == Choice.WritingOrder.MOVING_FIRST;
    return nothing ? Optional.of(Conflict.ORDER_OF_NOTHING) : Optional.empty();
  }

  /** Whether the class does it in this way. */
  public boolean has(Choice choice) {
    return choices.get(Setting.of(choice)) == choice;
  }

  /** The value of a setting. */
  public Choice choice(Setting setting) {
    return Objects.requireNonNull(choices.get(setting));
  }

  /** The value of a setting whose values are of type {@code type}. */
  public <C extends Choice> C choice(Class<C> type) {
    return type.cast(choice(Setting.of(type)));
  }

  /** This style with one choice made otherwise. */
  public Style with(Choice choice) {
    if (has(choice)) {
      return this;
    }
    Map<Setting, Choice> other = new EnumMap<>(choices);
    other.put(Setting.of(choice), choice);
    return new Style(other, sentences, roundMoves, language);
  }

  /** This style with a sentence of the class's own, by the key of the sentence. */
  public Style saying(String key, String sentence) {
    Map<String, String> more = new TreeMap<>(sentences);
    more.put(key, sentence);
    return new Style(choices, more, roundMoves, language);
  }

  /** This style with other moves of a round. */
  public Style calling(RoundMoves moves) {
    return new Style(choices, sentences, moves, language);
  }

  /** This style in another language. */
  public Style in(String other) {
    return new Style(choices, sentences, roundMoves, other);
  }

  /** Whether thousands marks are written on paper: commas alone are, between the squares. */
  public boolean hasThousandsOnPaper() {
    return has(Choice.ThousandsOnPaper.SHOWN) && marks().thousands().equals(",");
  }

  /** How numbers are written. */
  public NumberMarks marks() {
    String thousands =
        switch (choice(Choice.ThousandsMark.class)) {
          case COMMA, COMMA_LAKHS -> ",";
          case THIN_SPACE -> "\u2009";
          case NONE -> "";
        };
    int group = has(Choice.ThousandsMark.COMMA_LAKHS) ? 2 : 3;
    return new NumberMarks(thousands, group, has(Choice.DecimalMark.POINT) ? "." : ",");
  }
}
