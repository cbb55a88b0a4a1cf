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
  private static final String ENDING = ".zip";

  /** Where a copy of that moment belongs. */
  Path at(LocalDateTime moment) {
    return folder.resolve(NAME.format(moment) + ENDING);
  }

  /** All copies, the newest first. */
  List<Path> all() {
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    try (Stream<Path> files = Files.list(folder)) {
      return files
          .filter(file -> file.getFileName().toString().matches("[\\d-]{17}\\.zip"))
          .sorted(Comparator.comparing(Path::getFileName).reversed())
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  Optional<Path> newest() {
    return all().stream().findFirst();
  }

  /** The moment of a copy. */
  static LocalDateTime momentOf(Path copy) {
    String name = copy.getFileName().toString();
    return LocalDateTime.parse(name.substring(0, name.length() - ENDING.length()), NAME);
  }

  /** Removes the copies that are not the last of one of ten days or of one of eight weeks. */
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
        try {
          Files.delete(copy);
        } catch (IOException e) {
          throw new UncheckedIOException(e);
        }
      }
    }
  }
}
