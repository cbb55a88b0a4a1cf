package bemble.words;

import bemble.fact.Fact;
import bemble.number.Figures;
import bemble.number.Numeral;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.problem.Refusal;
import bemble.problem.Root;
import bemble.procedure.Section;
import bemble.remark.Adding;
import bemble.remark.Carried;
import bemble.remark.Crossing;
import bemble.remark.Length;
import bemble.remark.Mention;
import bemble.remark.Place;
import bemble.remark.Quantity;
import bemble.remark.Remark;
import bemble.style.NumberMarks;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.StringJoiner;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Puts remarks, facts, sums and refusals into the words of a class. */
public final class Wording {
  private final Style style;
  private final NumberMarks marks;
  private final Lexicon lexicon;
  private final Map<String, Template> classWords;
  private final Map<OwnSentence, Template> ownSentences = new HashMap<>();
  private final Map<Section, String> sections = new ConcurrentHashMap<>();
  private final Map<Integer, String> oneOfPlace = new ConcurrentHashMap<>();
  private final Map<Integer, String> manyOfPlace = new ConcurrentHashMap<>();

  /** The words of a class; its own sentences must have passed {@link OwnSentence#fault}. */
  public Wording(Style style) {
    this.style = style;
    this.marks = style.marks();
    this.lexicon = Lexicon.of(style.language());
    this.classWords = lexicon.classWords(style);
    style
        .sentences()
        .forEach(
            (key, text) ->
                OwnSentence.find(key)
                    .ifPresent(
                        place ->
                            ownSentences.put(place, lexicon.template(OwnSentence.message(text)))));
  }

  /** The sentence, as a teacher says it. */
  public String say(Remark remark) {
    return told(Length.SAY, remark);
  }

  /**
   * A remark in the class's own sentence, or else in Bemble's.
   *
   * @param length one of those in which remarks of its kind are told
   */
  public String told(Length length, Remark remark) {
    Template own =
        ownSentences.isEmpty() ? null : ownSentences.get(new OwnSentence(remark.kind(), length));
    Template template = own == null ? lexicon.remark(length, remark.kind()) : own;
    return capital(template.fill(new Filling(remark::fill)));
  }

  /** The sentence for a refused line. */
  public String refusal(Refusal refusal) {
    return filled(lexicon.label("refusal." + key(refusal.code())), refusal.fills());
  }

  /** The short name of a section for the ribbon of steps. */
  public String section(Section section) {
    return sections.computeIfAbsent(section, this::named);
  }

  private String named(Section section) {
    return capital(
        filled(
            lexicon.label("section." + key(section.kind())),
            Map.of("place", new Place(section.number()), "number", section.number())));
  }

  /** The name of a place: {@code tens}. */
  public String place(Place place) {
    return words(place);
  }

  /** A label by its key, with its fill-ins. */
  public String label(String key, Map<String, Object> fills) {
    return filled(lexicon.label(key), fills);
  }

  /** The sum as it is printed: {@code 6,203 + 1,487}, {@code √2 to 3 places}. */
  public String problem(Problem problem) {
    if (problem instanceof Root root) {
      String plain = root.operation().sign() + number(root.radicand());
      boolean natural = Root.natural(root.radicand()).equals(root);
      return natural
          ? plain
          : label("places.asked", Map.of("problem", plain, "places", root.places()));
    }
    return problem.numbers().stream()
        .map(this::number)
        .collect(Collectors.joining(between(problem.operation())));
  }

  /** The working of a fact without its result: {@code 8 + 7}. */
  public String fact(Fact fact) {
    List<BigInteger> operands = fact.operands();
    return switch (fact.kind()) {
      case ADD -> joined(operands, Operation.ADDITION);
      case SUBTRACT -> joined(operands, Operation.SUBTRACTION);
      case MULTIPLY -> joined(operands, Operation.MULTIPLICATION);
      case HOW_MANY ->
          label("fact.how-many", Map.of("number", operands.get(0), "divisor", operands.get(1)));
      case LARGEST_SQUARE -> label("fact.largest-square", Map.of("number", operands.get(0)));
    };
  }

  private String joined(List<BigInteger> numbers, Operation operation) {
    StringJoiner joined = new StringJoiner(between(operation));
    numbers.forEach(number -> joined.add(number(number)));
    return joined.toString();
  }

  private static String between(Operation operation) {
    return " " + operation.sign() + " ";
  }

  /** A number with its thousands set apart. */
  public String number(Numeral number) {
    return marks.apart(number);
  }

  /** A whole number, not negative, with its thousands set apart. */
  public String number(BigInteger number) {
    return marks.apart(Figures.of(number));
  }

  /** The name under which the words of a constant are kept: {@code add-column}. */
  public static String key(Object constant) {
    return ((Enum<?>) constant).name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  private String filled(Template template, Map<String, Object> fills) {
    return template.fill(
        new Filling(
            name -> {
              Object fill = fills.get(name);
              return fill == null ? null : Mention.of(fill);
            }));
  }

  /** The fill-ins of one sentence, and behind them the words of the class. */
  private final class Filling implements Template.Fills {
    private final Function<String, @Nullable Mention> fills;

    Filling(Function<String, @Nullable Mention> fills) {
      this.fills = fills;
    }

    @Override
    public String words(String name) {
      Mention fill = fills.apply(name);
      Template classWord = fill == null ? classWords.get(name) : null;
      return classWord == null ? Wording.this.words(fill) : classWord.fill(this);
    }

    @Override
    public String figures(String name) {
      return Wording.this.figures(fills.apply(name));
    }

    @Override
    public String some(String name) {
      Mention fill = fills.apply(name);
      return fill == null ? words(name) : someOf(fill);
    }

    @Override
    public Number count(String name) {
      Mention fill = Objects.requireNonNull(fills.apply(name), name);
      if (fill instanceof Quantity quantity) {
        return quantity.count();
      }
      if (fill instanceof Place place) {
        return place.exponent();
      }
      return fill instanceof Mention.Decimal decimal
          ? decimal.number().value()
          : ((Mention.Count) fill).number();
    }
  }

  /** The figures of a mention without its name: 2 for 2 tens; terms are joined by plus. */
  private String figures(@Nullable Mention fill) {
    if (fill instanceof Mention.Several several) {
      return several.all().stream().map(this::figures).collect(Collectors.joining(" + "));
    }
    if (fill instanceof Carried carried) {
      return figures(carried.quantity());
    }
    if (fill instanceof Crossing crossing) {
      return crossed(crossing);
    }
    return fill instanceof Quantity quantity ? number(quantity.count()) : words(fill);
  }

  private String crossed(Crossing crossing) {
    StringJoiner products = new StringJoiner(" + ");
    String times = between(Operation.MULTIPLICATION);
    for (Crossing.Pair pair : crossing.pairs()) {
      products.add(figures(pair.upper()) + times + figures(pair.lower()));
    }
    return crossing.carried().signum() > 0
        ? products.add(number(crossing.carried())).toString()
        : products.toString();
  }

  private String words(@Nullable Mention fill) {
    if (fill instanceof Mention.Several several) {
      return several(several.all());
    }
    if (fill instanceof Quantity quantity) {
      return quantity(quantity);
    }
    if (fill instanceof Carried carried) {
      return label("carried", Map.of("amount", carried.quantity()));
    }
    if (fill instanceof Adding adding) {
      return adding(adding);
    }
    if (fill instanceof Crossing crossing) {
      return crossing(crossing);
    }
    if (fill instanceof Place place) {
      return manyOf(place.exponent());
    }
    if (fill instanceof Mention.Decimal decimal) {
      return number(decimal.number());
    }
    if (fill instanceof Mention.Asked asked) {
      return problem(asked.problem());
    }
    if (fill instanceof Mention.Count count) {
      return number(count.number());
    }
    return fill instanceof Mention.Text text ? text.text() : String.valueOf(fill);
  }

  /**
   * Several things in words: numbers that are counted up follow one another; of others the last is
   * joined by and.
   */
  private String several(List<Mention> all) {
    List<String> said = all.stream().map(this::words).toList();
    if (all.isEmpty() || !(all.get(0) instanceof Mention.Count)) {
      return listed(said);
    }
    String comma = lexicon.counted();
    boolean clashes = said.stream().anyMatch(number -> number.contains(comma.strip()));
    return String.join(clashes ? lexicon.apart() : comma, said);
  }

  private String listed(List<String> said) {
    int last = said.size() - 1;
    return last < 1
        ? String.join("", said)
        : String.join(lexicon.counted(), said.subList(0, last)) + lexicon.and() + said.get(last);
  }

  /** The words for a mention, and those for none where there is none of it. */
  private String someOf(Mention fill) {
    if (fill instanceof Mention.Several several) {
      return listed(several.all().stream().map(this::someOf).toList());
    }
    if (fill instanceof Place place) {
      return label("quantity.none", Map.of("place", place));
    }
    return fill instanceof Quantity quantity && quantity.count().signum() == 0
        ? someOf(new Place(quantity.place()))
        : words(fill);
  }

  private String adding(Adding adding) {
    List<String> parts = adding.parts().stream().map(this::part).toList();
    Map<String, Object> total = Map.of("total", adding.total());
    if (parts.size() < 2) {
      return label("adding.one", total);
    }
    boolean running = parts.size() > 2;
    List<Mention> reached = adding.reached();
    String said = parts.get(0);
    for (int i = 1; i < parts.size(); i++) {
      String key = !running ? "adding.two" : i == 1 ? "adding.begun" : "adding.more";
      said = label(key, Map.of("before", said, "more", parts.get(i), "sum", reached.get(i - 1)));
    }
    return said;
  }

  /** Which places meet, then each product and how much it is by then. */
  private String crossing(Crossing crossing) {
    StringJoiner places = new StringJoiner(lexicon.counted());
    StringBuilder products = new StringBuilder();
    for (int i = 0; i < crossing.pairs().size(); i++) {
      Crossing.Pair pair = crossing.pairs().get(i);
      Map<String, Object> fills =
          Map.of(
              "before", products.toString(),
              "upper", pair.upper(),
              "lower", pair.lower(),
              "upperPlace", new Place(pair.upper().place()),
              "lowerPlace", new Place(pair.lower().place()),
              "product", pair.product(),
              "sum", crossing.reached().get(i));
      places.add(label("crossing.places", fills));
      String next = label(i == 0 ? "crossing.first" : "crossing.next", fills);
      products.replace(0, products.length(), next);
    }
    if (crossing.carried().signum() > 0) {
      Object all = crossing.reached().get(crossing.pairs().size());
      String carried =
          label(
              "crossing.carried",
              Map.of("before", products.toString(), "carried", crossing.carried(), "sum", all));
      products.replace(0, products.length(), carried);
    }
    return label(
        "crossing.all", Map.of("places", places.toString(), "products", products.toString()));
  }

  /** A part of an adding; a carry is told from the figures of the column. */
  private String part(Mention part) {
    return part instanceof Carried carried
        ? label("adding.carried", Map.of("amount", carried.quantity()))
        : words(part);
  }

  private String quantity(Quantity quantity) {
    boolean one = quantity.count().equals(BigInteger.ONE);
    int place = quantity.place();
    return number(quantity.count()) + " " + (one ? oneOf(place) : manyOf(place));
  }

  private String oneOf(int place) {
    return oneOfPlace.computeIfAbsent(place, each -> lexicon.places().singular(each, style));
  }

  private String manyOf(int place) {
    return manyOfPlace.computeIfAbsent(place, each -> lexicon.places().plural(each, style));
  }

  private static String capital(String sentence) {
    char first = sentence.charAt(0);
    return Character.isLowerCase(first)
        ? Character.toUpperCase(first) + sentence.substring(1)
        : sentence;
  }
}
