package bemble.app.file;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.IsoFields;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The dated copies of a data file: the last one of each of ten days, and of each of eight weeks.
 *
 * @param folder where they lie
 */
record Copies(Path folder) {
  private static final int DAYS = 10;
  private static final int WEEKS = 8;
  private static final DateTimeFormatter NAME = DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss");
  private static final String BEFORE = "before-";
  private static final String ENDING = ".zip";

  /** How many copies of what a backup has taken the place of are kept. */
  private static final int MOST_BEFORE = 10;

  /** Where a copy of that moment belongs. */
  Path at(LocalDateTime moment) {
    return folder.resolve(NAME.format(moment) + ENDING);
  }

  /** Where a copy belongs of what a backup takes the place of at that moment. */
  Path before(LocalDateTime moment) {
    return folder.resolve(BEFORE + NAME.format(moment) + ENDING);
  }

  /** Whether a copy holds what a backup has taken the place of. */
  static boolean isBefore(Path copy) {
    return copy.getFileName().toString().startsWith(BEFORE);
  }

  /** The copies made in the course of the days, the newest first. */
  List<Path> all() {
    return whole().stream().filter(copy -> !isBefore(copy)).toList();
  }

  /** Those and the ones of what a backup has taken the place of, the newest first. */
  List<Path> whole() {
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    try (Stream<Path> files = Files.list(folder)) {
      return files
          .filter(file -> file.getFileName().toString().matches("(before-)?[\\d-]{17}\\.zip"))
          .sorted(Comparator.comparing(Copies::momentOf).reversed())
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The copy of that name. */
  Optional<Path> find(String name) {
    return whole().stream().filter(copy -> copy.getFileName().toString().equals(name)).findFirst();
  }

  Optional<Path> newest() {
    return all().stream().findFirst();
  }

  /** The moment of a copy. */
  static LocalDateTime momentOf(Path copy) {
    String name = copy.getFileName().toString().replace(BEFORE, "").replace(ENDING, "");
    return LocalDateTime.parse(name, NAME);
  }

  /**
   * Removes the copies that are not the last of one of ten days or of one of eight weeks, and the
   * older ones of what backups have taken the place of.
   */
  void prune() {
    Set<LocalDate> days = new HashSet<>();
    Set<String> weeks = new HashSet<>();
    for (Path copy : all()) {
      LocalDate day = momentOf(copy).toLocalDate();
      String week =
          day.get(IsoFields.WEEK_BASED_YEAR) + " " + day.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR);
      boolean ofDay = days.size() < DAYS && days.add(day);
      boolean ofWeek = weeks.size() < WEEKS && weeks.add(week);
      if (!ofDay && !ofWeek) {
        delete(copy);
      }
    }
    whole().stream().filter(Copies::isBefore).skip(MOST_BEFORE).forEach(Copies::delete);
  }

  private static void delete(Path copy) {
    try {
      Files.delete(copy);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
