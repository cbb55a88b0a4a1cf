package bemble.words;

import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.ArgType;
import com.ibm.icu.text.MessagePattern.Part;
import com.ibm.icu.text.PluralRules;
import com.ibm.icu.util.ULocale;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;

/**
 * A message in the ICU message format with named fill-ins: {@code Carry {carried} to the {next}}.
 * With {@code {carried, number}} only the figures of a fill-in are written, with {@code {carried,
 * some}} no tens instead of 0 tens, and of a place that there is none; in a plural, {@code {count,
 * plural, one {it} other {# of them}}}, it is taken as a number.
 *
 * <p>ICU reads the message and knows the plurals. Its own formatter is not used: fill-ins are put
 * into the words of the class, not of the locale, and a long page has thousands of them.
 */
final class Template {
  private static final int USUAL_LENGTH = 120;

  /** The fill-ins for the names. */
  interface Fills {
    /** The fill-in in words: {@code 2 tens}. */
    String words(String name);

    /** The fill-in in figures: {@code 2}. */
    String figures(String name);

    /** The fill-in in words, and in the word for none where there is none: {@code no tens}. */
    String some(String name);

    /** The fill-in as a number to choose by. */
    Number count(String name);
  }

  private interface Piece {
    void write(StringBuilder out, Fills fills);
  }

  private final List<Piece> pieces;

  /**
   * Reads a message.
   *
   * @throws IllegalArgumentException where it is no message, or has more in it than is told above
   */
  Template(String text, ULocale locale) {
    pieces = new Reader(new MessagePattern(text), PluralRules.forLocale(locale)).message(0, "");
  }

  /** The names of all fill-ins of a message, in alphabetical order. */
  static Set<String> names(String text) {
    MessagePattern pattern = new MessagePattern(text);
    Set<String> names = new TreeSet<>();
    for (int i = 0; i < pattern.countParts(); i++) {
      if (pattern.getPartType(i) == Part.Type.ARG_NAME) {
        names.add(pattern.getSubstring(pattern.getPart(i)));
      }
    }
    return names;
  }

  /** The message with its fill-ins. */
  String fill(Fills fills) {
    StringBuilder out = new StringBuilder(USUAL_LENGTH);
    write(pieces, out, fills);
    return out.toString();
  }

  private static void write(List<Piece> pieces, StringBuilder out, Fills fills) {
    for (Piece piece : pieces) {
      piece.write(out, fills);
    }
  }

  /** Cuts a message into pieces, once. */
  private record Reader(MessagePattern pattern, PluralRules plurals) {
    /**
     * The pieces of a message.
     *
     * @param start the part at which it begins
     * @param counted the name that stands for a hash in it
     */
    List<Piece> message(int start, String counted) {
      List<Piece> pieces = new ArrayList<>();
      int end = pattern.getLimitPartIndex(start);
      int from = pattern.getPart(start).getLimit();
      for (int i = start + 1; i <= end; i++) {
        Part part = pattern.getPart(i);
        literal(pieces, from, part.getIndex());
        from = part.getLimit();
        if (part.getType() == Part.Type.REPLACE_NUMBER) {
          pieces.add((out, fills) -> out.append(fills.figures(counted)));
        } else if (part.getType() == Part.Type.ARG_START) {
          pieces.add(fillIn(i));
          i = pattern.getLimitPartIndex(i);
          from = pattern.getPart(i).getLimit();
        }
      }
      return pieces;
    }

    private void literal(List<Piece> pieces, int from, int to) {
      if (to > from) {
        String text = pattern.getPatternString().substring(from, to);
        pieces.add((out, fills) -> out.append(text));
      }
    }

    private Piece fillIn(int start) {
      ArgType type = pattern.getPart(start).getArgType();
      String name = pattern.getSubstring(pattern.getPart(start + 1));
      if (type == ArgType.NONE) {
        return (out, fills) -> out.append(fills.words(name));
      }
      if (type == ArgType.SIMPLE
          && pattern.partSubstringMatches(pattern.getPart(start + 2), "number")) {
        return (out, fills) -> out.append(fills.figures(name));
      }
      if (type == ArgType.SIMPLE
          && pattern.partSubstringMatches(pattern.getPart(start + 2), "some")) {
        return (out, fills) -> out.append(fills.some(name));
      }
      if (type == ArgType.PLURAL && pattern.getPluralOffset(start + 2) == 0) {
        return plural(start, name);
      }
      throw new IllegalArgumentException("no such fill-in: " + pattern.getPatternString());
    }

    private Piece plural(int start, String name) {
      Map<Double, List<Piece>> byNumber = new HashMap<>();
      Map<String, List<Piece>> byKeyword = new HashMap<>();
      int end = pattern.getLimitPartIndex(start);
      for (int i = start + 2; i < end; i++) {
        Part selector = pattern.getPart(i);
        Part next = pattern.getPart(i + 1);
        if (next.getType().hasNumericValue()) {
          i++;
          byNumber.put(pattern.getNumericValue(next), message(i + 1, name));
        } else {
          byKeyword.put(pattern.getSubstring(selector), message(i + 1, name));
        }
        i = pattern.getLimitPartIndex(i + 1);
      }
      // ICU refuses a plural without one.
      List<Piece> other = Objects.requireNonNull(byKeyword.get(PluralRules.KEYWORD_OTHER));
      return (out, fills) -> {
        double number = fills.count(name).doubleValue();
        List<Piece> chosen = byNumber.get(number);
        if (chosen == null) {
          chosen = byKeyword.getOrDefault(plurals.select(number), other);
        }
        write(chosen, out, fills);
      };
    }
  }
}
