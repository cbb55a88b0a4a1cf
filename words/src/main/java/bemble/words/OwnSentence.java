package bemble.words;

import bemble.remark.Length;
import bemble.remark.RemarkKind;
import bemble.style.Style;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The place of a sentence that a class may have for itself: its possible fill-ins, and the faults
 * that it may have.
 *
 * @param kind the kind of remark, not of help with a fact
 * @param length the length in which it is told
 */
public record OwnSentence(RemarkKind kind, Length length) {
  /** The longest sentence that is taken, in characters. */
  public static final int LONGEST = 240;

  private static final Lexicon ENGLISH = Lexicon.of(Style.ENGLISH);
  private static final Map<String, OwnSentence> BY_KEY =
      all().collect(Collectors.toMap(OwnSentence::key, place -> place));

  /**
   * The fault of a sentence.
   *
   * @param code the sort of trouble
   * @param name the fill-in that there is not; otherwise empty
   */
  public record Fault(Code code, String name) {}

  /** The sorts of trouble. */
  public enum Code {
    EMPTY,
    TOO_LONG,
    UNKNOWN_FILL_IN,
    BRACES_UNEVEN
  }

  /** All own sentences, by kind and then by length. */
  public static Stream<OwnSentence> all() {
    return Stream.of(RemarkKind.values()).filter(kind -> !kind.isHelp()).flatMap(OwnSentence::of);
  }

  /** The sentence that a style keeps under {@code key}; empty if it keeps none. */
  public static Optional<OwnSentence> find(String key) {
    return Optional.ofNullable(BY_KEY.get(key));
  }

  /** The own sentences of one kind. */
  public static Stream<OwnSentence> of(RemarkKind kind) {
    return kind.lengths().stream().map(length -> new OwnSentence(kind, length));
  }

  /**
   * The key under which a style keeps it: {@code exchange} for the sentence itself, otherwise with
   * the length, {@code exchange.ask}.
   */
  public String key() {
    return length == Length.SAY ? kind.key() : standardKey(length);
  }

  private String standardKey(Length told) {
    return kind.key() + "." + told.key();
  }

  /** Bemble's own sentence in this place and a language, with its fill-ins open. */
  public String standard(String language) {
    return Lexicon.of(language).remarkTexts().text(standardKey(length));
  }

  /** The kind of work that the remark belongs to: {@code adding}, {@code roots}. */
  public String book() {
    return ENGLISH.remarkTexts().file(standardKey(Length.SAY)).replace("remarks/", "");
  }

  /**
   * The fill-ins that the sentence may use, which are the same for every length, in alphabetical
   * order.
   */
  public Set<String> fillIns() {
    Set<String> names = new TreeSet<>();
    of(kind)
        .map(place -> place.standard(Style.ENGLISH))
        .forEach(text -> names.addAll(Template.names(text)));
    names.removeAll(ENGLISH.classWordNames());
    return names;
  }

  /** A typed sentence as a message, in which each apostrophe is meant as one. */
  static String message(String typed) {
    return typed.replace("''", "'").replace("'", "''");
  }

  /** The fault of {@code text} in this place; empty where it has none. */
  public Optional<Fault> fault(String text) {
    if (text.isBlank()) {
      return Optional.of(new Fault(Code.EMPTY, ""));
    }
    if (text.length() > LONGEST) {
      return Optional.of(new Fault(Code.TOO_LONG, ""));
    }
    // Only plain fill-ins: a sentence that chooses between wordings is not for typing in a field.
    String bare = text.replaceAll("\\{\\p{Alpha}\\w*(, ?(number|some))?}", "");
    if (bare.indexOf('{') >= 0 || bare.indexOf('}') >= 0) {
      return Optional.of(new Fault(Code.BRACES_UNEVEN, ""));
    }
    Set<String> known = fillIns();
    known.addAll(ENGLISH.classWordNames());
    return Template.names(message(text)).stream()
        .filter(name -> !known.contains(name))
        .sorted()
        .findFirst()
        .map(name -> new Fault(Code.UNKNOWN_FILL_IN, name));
  }
}
