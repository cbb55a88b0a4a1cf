package bemble.wording;

import java.text.MessageFormat;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * A sentence with named fill-ins, in the format of {@link MessageFormat} but for the names: {@code
 * Carry {carried} to the {next}}. With {@code {carried,number}} only the figures of a fill-in are
 * written; with a choice, {@code {count,choice,1#one|1<{count}}}, it is taken as a number.
 */
final class Template {
  private static final Pattern NAME = Pattern.compile("\\{(\\p{Alpha}\\w*)(,choice|,number)?");
  private static final Pattern PLAIN_FILL = Pattern.compile("\\{(\\p{Alpha}\\w*)(,number)?}");

  /** What stands for the names. */
  interface Fills {
    /** The fill-in in words: {@code 2 tens}. */
    String words(String name);

    /** The fill-in in figures: {@code 2}. */
    String figures(String name);

    /** The fill-in as a number to choose by. */
    Number count(String name);
  }

  private interface Part {
    void write(StringBuilder out, Fills fills);
  }

  private final List<Part> parts;

  Template(String text) {
    parts = text.contains(",choice,") ? List.of(chosen(text)) : plain(text);
  }

  /** The names of all fill-ins. */
  static Set<String> names(String text) {
    return NAME.matcher(text).results().map(found -> found.group(1)).collect(Collectors.toSet());
  }

  /** The sentence with its fill-ins. */
  String fill(Fills fills) {
    StringBuilder out = new StringBuilder();
    for (Part part : parts) {
      part.write(out, fills);
    }
    return out.toString();
  }

  /** Most sentences have no choice: cutting them up once is many times faster than formatting. */
  private static List<Part> plain(String text) {
    List<Part> parts = new ArrayList<>();
    Matcher fill = PLAIN_FILL.matcher(text);
    int from = 0;
    while (fill.find()) {
      parts.add(literal(text.substring(from, fill.start())));
      String name = fill.group(1);
      boolean figures = fill.group(2) != null;
      parts.add((out, fills) -> out.append(figures ? fills.figures(name) : fills.words(name)));
      from = fill.end();
    }
    parts.add(literal(text.substring(from)));
    return List.copyOf(parts);
  }

  private static Part literal(String text) {
    String unquoted = text.replace("''", "'");
    return (out, fills) -> out.append(unquoted);
  }

  /** A fill-in by its name and the way it is wanted, which is null, ",number" or ",choice". */
  private record Argument(String name, String as) {
    Object of(Fills fills) {
      if (as == null) {
        return fills.words(name);
      }
      return as.equals(",choice") ? fills.count(name) : fills.figures(name);
    }
  }

  private static Part chosen(String text) {
    List<Argument> arguments = new ArrayList<>();
    Matcher matcher = NAME.matcher(text);
    StringBuilder numbered = new StringBuilder();
    while (matcher.find()) {
      Argument argument = new Argument(matcher.group(1), matcher.group(2));
      if (!arguments.contains(argument)) {
        arguments.add(argument);
      }
      String as = ",choice".equals(argument.as()) ? argument.as() : "";
      matcher.appendReplacement(numbered, "{" + arguments.indexOf(argument) + as);
    }
    matcher.appendTail(numbered);
    MessageFormat format = new MessageFormat(numbered.toString(), Locale.ROOT);
    return (out, fills) -> {
      Object[] filled = arguments.stream().map(argument -> argument.of(fills)).toArray();
      // A MessageFormat is not safe for two threads at once.
      synchronized (format) {
        out.append(format.format(filled));
      }
    };
  }
}
