package bemble.words;

import bemble.remark.Length;
import bemble.remark.RemarkKind;
import bemble.style.Choice;
import bemble.style.Setting;
import bemble.style.Style;
import com.ibm.icu.util.ULocale;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/** All words of one language for the core's remarks, labels, refusals and places. */
final class Lexicon {
  private static final Map<String, Lexicon> READ = new ConcurrentHashMap<>();

  private final ULocale locale;
  private final Catalogue remarkTexts;
  private final Map<Length, Map<RemarkKind, Template>> remarks = new EnumMap<>(Length.class);
  private final Map<String, Template> labels;
  private final Map<Choice, Map<String, Template>> classWords = new HashMap<>();
  private final PlaceNames places;

  /** Between the numbers of a row that is counted. */
  private final String counted;

  private final String apart;

  /** The word between the parts of any other list. */
  private final String and;

  private Lexicon(String language) {
    locale = ULocale.forLanguageTag(language);
    remarkTexts = remarks(language);
    for (Length length : Length.values()) {
      Map<RemarkKind, Template> sentences = new EnumMap<>(RemarkKind.class);
      for (RemarkKind kind : RemarkKind.values()) {
        if (kind.lengths().contains(length)) {
          sentences.put(kind, template(remarkTexts.text(kind.key() + "." + length.key())));
        }
      }
      remarks.put(length, sentences);
    }
    Catalogue catalogue = labels(language);
    labels = new HashMap<>();
    catalogue.keys().forEach(key -> labels.put(key, template(catalogue.text(key))));
    counted = catalogue.text("list.count");
    apart = catalogue.text("list.apart");
    and = catalogue.text("list.and");
    wordSettings()
        .flatMap(setting -> setting.choices().stream())
        .forEach(choice -> classWords.put(choice, wordsOf(choice)));
    places = new PlaceNames(language);
  }

  /** The lexicon of a language. */
  static Lexicon of(String language) {
    return READ.computeIfAbsent(language, Lexicon::new);
  }

  /** All remarks, which are kept in a file for each kind of work. */
  static Catalogue remarks(String language) {
    return Catalogue.read(
        language,
        "remarks/adding",
        "remarks/taking",
        "remarks/multiplying",
        "remarks/dividing",
        "remarks/roots",
        "remarks/checking",
        "remarks/help");
  }

  /** All labels: the names of things, of choices, and the reasons of refused lines. */
  static Catalogue labels(String language) {
    return Catalogue.read(
        language, "labels", "settings", "slips", "rungs", "refusals", "remark-names");
  }

  /** A message of this language. */
  Template template(String text) {
    return new Template(text, locale);
  }

  /** The words that come with a choice of words, by their names. */
  private Map<String, Template> wordsOf(Choice choice) {
    String beginning = "word." + Wording.key(Setting.of(choice)) + "." + Wording.key(choice) + ".";
    Map<String, Template> words = new HashMap<>();
    labels.forEach(
        (key, template) -> {
          if (key.startsWith(beginning)) {
            words.put(key.substring(beginning.length()), template);
          }
        });
    return words;
  }

  /** The class's words for things whose names differ from class to class, by their names. */
  Map<String, Template> classWords(Style style) {
    Map<String, Template> words = new HashMap<>();
    wordSettings().forEach(setting -> words.putAll(classWords.get(style.choice(setting))));
    return words;
  }

  /** The names of the class words that any sentence may use. */
  Set<String> classWordNames() {
    return Collections.unmodifiableSet(classWords(Style.STANDARD).keySet());
  }

  private static Stream<Setting> wordSettings() {
    return Stream.of(Setting.values()).filter(setting -> setting.group() == Setting.Group.WORDS);
  }

  Template remark(Length length, RemarkKind kind) {
    return Objects.requireNonNull(Objects.requireNonNull(remarks.get(length)).get(kind));
  }

  /** The messages of the remarks as they stand in their files. */
  Catalogue remarkTexts() {
    return remarkTexts;
  }

  Template label(String key) {
    Template label = labels.get(key);
    if (label == null) {
      throw new NoSuchElementException(key);
    }
    return label;
  }

  PlaceNames places() {
    return places;
  }

  String counted() {
    return counted;
  }

  String apart() {
    return apart;
  }

  String and() {
    return and;
  }
}
