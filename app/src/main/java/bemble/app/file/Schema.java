package bemble.app.file;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** The versions of the schema that this Bemble knows. */
final class Schema {
  private static final Pattern NAME = Pattern.compile("V(\\d+)__.*");

  /** The tables, each behind those that it refers to. */
  static final List<String> TABLES =
      List.of(
          "page",
          "school_class",
          "pupil",
          "practice_set",
          "set_sum",
          "sheet",
          "run",
          "handout",
          "handout_sum",
          "handout_pupil",
          "attempt",
          "stroke",
          "run_sum",
          "answer",
          "decided_standing",
          "lesson",
          "lesson_part",
          "holiday",
          "timetable",
          "ladder_rung");

  /** Those whose rows are numbered by the database. */
  static final List<String> NUMBERED =
      List.of(
          "page",
          "school_class",
          "attempt",
          "practice_set",
          "sheet",
          "run",
          "pupil",
          "handout",
          "lesson");

  private Schema() {}

  /** The newest of them. */
  static int newest() {
    try {
      return Arrays.stream(
              new PathMatchingResourcePatternResolver()
                  .getResources("classpath:db/migration/V*.sql"))
          .map(resource -> NAME.matcher(String.valueOf(resource.getFilename())))
          .filter(Matcher::matches)
          .mapToInt(name -> Integer.parseInt(name.group(1)))
          .max()
          .orElseThrow();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
