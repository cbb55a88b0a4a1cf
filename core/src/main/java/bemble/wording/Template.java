package bemble.wording;

import java.text.ChoiceFormat;
import java.text.MessageFormat;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A sentence with named fill-ins, in the format of {@link MessageFormat} but for the names: {@code
 * Carry {carried} to the {next}}. With {@code {carried,number}} only the figures of a fill-in are
 * written; with a choice, {@code {count,choice,1#one|1<{count}}}, it is taken as a number.
 *
 * <p>A long page has thousands of sentences. A MessageFormat reads the chosen one anew each time,
 * so a sentence and its choices are cut up once, here; what a choice means is left to {@link
 * ChoiceFormat}.
 */
final class Template {
  private static final Pattern NAME = Pattern.compile("\\{(\\p{Alpha}\\w*)");
  private static final Pattern FILL =
      Pattern.compile("(\\p{Alpha}\\w*)(?:,(number)|,choice,(.*))?", Pattern.DOTALL);

  private static final int USUAL_LENGTH = 120;

  /** What stands for the names. */
  interface Fills {
    /** The fill-in in words: {@code 2 tens}. */
    String words(String name);

    /** The fill-in in figures: {@code 2}. */
    String figures(String name);

    /** The fill-in as a number to choose by. */
    Number count(String name);
  }

  private interface Piece {
    void write(StringBuilder out, Fills fills);
  }

  private final List<Piece> parts = new ArrayList<>();

  /** Reads a sentence; throws {@link IllegalArgumentException} where a brace is not closed. */
  Template(String text) {
    int from = 0;
    for (int open = text.indexOf('{'); open >= 0; open = text.indexOf('{', from)) {
      int close = closing(text, open);
      parts.add(literal(text.substring(from, open)));
      parts.add(fill(text.substring(open + 1, close)));
      from = close + 1;
    }
    parts.add(literal(text.substring(from)));
  }

  /** The names of all fill-ins. */
  static Set<String> names(String text) {
    return NAME.matcher(text).results().map(found -> found.group(1)).collect(Collectors.toSet());
  }

  /** The sentence with its fill-ins. */
  String fill(Fills fills) {
    StringBuilder out = new StringBuilder(USUAL_LENGTH);
    write(out, fills);
    return out.toString();
  }

  private void write(StringBuilder out, Fills fills) {
    for (Piece part : parts) {
      part.write(out, fills);
    }
  }

  private static int closing(String text, int open) {
    int depth = 0;
    for (int at = open; at < text.length(); at++) {
      char sign = text.charAt(at);
      depth += sign == '{' ? 1 : sign == '}' ? -1 : 0;
      if (depth == 0) {
        return at;
      }
    }
    throw new IllegalArgumentException("a brace is not closed: " + text);
  }

  private static Piece literal(String text) {
    String unquoted = text.replace("''", "'");
    return (out, fills) -> out.append(unquoted);
  }

  private static Piece fill(String text) {
    Matcher fill = FILL.matcher(text);
    if (!fill.matches()) {
      throw new IllegalArgumentException("no such fill-in: " + text);
    }
    String name = fill.group(1);
    if (fill.group(3) != null) {
      return choice(name, new ChoiceFormat(fill.group(3)));
    }
    return fill.group(2) == null
        ? (out, fills) -> out.append(fills.words(name))
        : (out, fills) -> out.append(fills.figures(name));
  }

  private static Piece choice(String name, ChoiceFormat choice) {
    double[] limits = choice.getLimits();
    List<Template> texts =
        Stream.of(choice.getFormats()).map(text -> new Template((String) text)).toList();
    return (out, fills) -> {
      double number = fills.count(name).doubleValue();
      int chosen = limits.length - 1;
      while (chosen > 0 && number < limits[chosen]) {
        chosen--;
      }
      texts.get(chosen).write(out, fills);
    };
  }
}
