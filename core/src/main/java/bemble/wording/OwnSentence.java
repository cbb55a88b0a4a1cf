package bemble.wording;

import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;

/** A class's own sentence for a kind of remark: what it may speak of, and what is wrong with it. */
public final class OwnSentence {
  /** The longest sentence that is taken, in characters. */
  public static final int LONGEST = 240;

  private static final Bundle REMARKS = Bundle.remarks();

  private OwnSentence() {}

  /**
   * What is wrong with a sentence.
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

  /** Bemble's own sentence for a kind, with its fill-ins open. */
  public static String standard(RemarkKind kind) {
    return REMARKS.plain(kind.key() + ".say");
  }

  /** The kind of work that a remark belongs to: {@code adding}, {@code roots}. */
  public static String book(RemarkKind kind) {
    return REMARKS.file(kind.key() + ".say").replace("remarks/", "");
  }

  /** The fill-ins that a sentence for this kind may use, in alphabetical order. */
  public static Set<String> fillIns(RemarkKind kind) {
    Set<String> names = new TreeSet<>();
    Stream.of("say", "brief", "ask", "why")
        .map(part -> REMARKS.plain(kind.key() + "." + part))
        .filter(text -> text != null)
        .forEach(text -> names.addAll(Template.names(text)));
    names.removeAll(Wording.classWordNames());
    return names;
  }

  /** What is wrong with {@code text} as a sentence for a kind; empty where nothing is. */
  public static Optional<Fault> fault(RemarkKind kind, String text) {
    if (text.isBlank()) {
      return Optional.of(new Fault(Code.EMPTY, ""));
    }
    if (text.length() > LONGEST) {
      return Optional.of(new Fault(Code.TOO_LONG, ""));
    }
    // Only plain fill-ins: a sentence that chooses between wordings is not for typing in a field.
    String bare = text.replaceAll("\\{\\p{Alpha}\\w*(,number)?}", "");
    if (bare.indexOf('{') >= 0 || bare.indexOf('}') >= 0) {
      return Optional.of(new Fault(Code.BRACES_UNEVEN, ""));
    }
    Set<String> known = new TreeSet<>(fillIns(kind));
    known.addAll(Wording.classWordNames());
    return Template.names(text).stream()
        .filter(name -> !known.contains(name))
        .sorted()
        .findFirst()
        .map(name -> new Fault(Code.UNKNOWN_FILL_IN, name));
  }
}
