package bemble.app.words;

import bemble.style.Style;
import bemble.words.Catalogue;
import bemble.words.Wording;
import com.ibm.icu.text.DateTimePatternGenerator;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/**
 * A language that Bemble has.
 *
 * @param tag its IETF tag, which is the name of its folder: {@code en}
 * @param name its name in the language itself
 */
public record Language(String tag, String name) {
  private static final Pattern FOLDER = Pattern.compile(".*/bemble/words/([\\w-]+)/[^/]+$");
  private static final Map<Locale, DateTimeFormatter> DAYS = new ConcurrentHashMap<>();

  /** All languages, by their tags: a folder on the class path is one. */
  public static List<Language> all() {
    try {
      Resource[] files =
          new PathMatchingResourcePatternResolver()
              .getResources("classpath*:bemble/words/*/labels.properties");
      return Stream.of(files)
          .map(file -> FOLDER.matcher(uri(file)))
          .filter(Matcher::matches)
          .map(folder -> folder.group(1))
          .distinct()
          .sorted()
          .map(tag -> new Language(tag, Catalogue.read(tag, "labels").text("language.name")))
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static String uri(Resource file) {
    try {
      return file.getURI().toString();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Whether Bemble has the language of a tag. */
  public static boolean exists(String tag) {
    return tag.equals(Style.ENGLISH)
        || tag.matches("[\\w-]{1,35}")
            && Language.class.getResource("/bemble/words/" + tag + "/labels.properties") != null;
  }

  /** The tag of the language of the request that is being answered; else {@code otherwise}. */
  public static String current(String otherwise) {
    if (LocaleContextHolder.getLocaleContext() == null) {
      return otherwise;
    }
    String asked = LocaleContextHolder.getLocale().toLanguageTag();
    return exists(asked) ? asked : Style.ENGLISH;
  }

  /** The locale of the request that is being answered; English is that of Britain. */
  public static Locale locale() {
    String tag = current(Style.ENGLISH);
    return tag.equals(Style.ENGLISH) ? Locale.UK : Locale.forLanguageTag(tag);
  }

  /** A day without its year, as it is written in the language of the request: 4 November. */
  public static String day(LocalDate day) {
    return DAYS.computeIfAbsent(locale(), Language::days).format(day);
  }

  private static DateTimeFormatter days(Locale locale) {
    String pattern = DateTimePatternGenerator.getInstance(locale).getBestPattern("MMMMd");
    return DateTimeFormatter.ofPattern(pattern, locale);
  }

  /** The words of a class, in the language that was asked for. */
  public static Wording wording(Style style) {
    return new Wording(style.in(current(style.language())));
  }
}
