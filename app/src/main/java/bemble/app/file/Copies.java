package bemble.app.file;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.time.format.ResolverStyle;
import java.time.temporal.IsoFields;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * The dated copies of a data file: the last one of each of ten days, and of each of eight weeks.
 * Copies are numbered as they are made. Their order never depends on the clock, which may be wrong.
 *
 * @param folder where they lie
 */
record Copies(Path folder) {
  private static final int DAYS = 10;
  private static final int WEEKS = 8;
  private static final DateTimeFormatter MOMENT =
      DateTimeFormatter.ofPattern("uuuu-MM-dd-HHmmss").withResolverStyle(ResolverStyle.STRICT);

  /** Copies of an earlier Bemble have no number. */
  private static final Pattern NAME =
      Pattern.compile("(before-)?(?:(\\d{6})-)?(\\d{4}-\\d{2}-\\d{2}-\\d{6})\\.zip");

  /** How many of the copies that were made before a restore are kept. */
  private static final int MOST_BEFORE = 10;

  /** A clock that runs back by more than this is not believed. */
  private static final Duration BACK = Duration.ofHours(25);

  /** A clock that jumps further than the longest holidays is not believed. */
  private static final Duration AHEAD = Duration.ofDays(100);

  /**
   * A copy.
   *
   * @param before whether it was made just before a restore, or before a newer Bemble took over
   * @param number in the order in which the copies were made
   * @param moment when it was made, in the time of this machine
   */
  record Copy(Path path, boolean before, int number, LocalDateTime moment) {
    String name() {
      return path.getFileName().toString();
    }

    private static Optional<Copy> of(Path path) {
      Matcher name = NAME.matcher(path.getFileName().toString());
      if (!name.matches()) {
        return Optional.empty();
      }
      try {
        LocalDateTime moment = LocalDateTime.parse(name.group(3), MOMENT);
        int number = name.group(2) == null ? 0 : Integer.parseInt(name.group(2));
        return Optional.of(new Copy(path, name.group(1) != null, number, moment));
      } catch (DateTimeParseException e) {
        return Optional.empty();
      }
    }
  }

  /** Where the next copy belongs. */
  Path next(LocalDateTime moment) {
    return folder.resolve(nextName(moment));
  }

  /** The path of the next copy before a restore or a change of the tables. */
  Path nextBefore(LocalDateTime moment) {
    return folder.resolve("before-" + nextName(moment));
  }

  private String nextName(LocalDateTime moment) {
    int last = all().stream().mapToInt(Copy::number).max().orElse(0);
    return "%06d-%s.zip".formatted(last + 1, MOMENT.format(moment));
  }

  /** All copies, the one made last first. */
  List<Copy> all() {
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    try (Stream<Path> files = Files.list(folder)) {
      return files
          .flatMap(path -> Copy.of(path).stream())
          .sorted(Comparator.comparing(Copy::number).thenComparing(Copy::moment).reversed())
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The copies made in the course of the days, the one made last first. */
  List<Copy> ofDays() {
    return all().stream().filter(copy -> !copy.before()).toList();
  }

  /** The copy of that name. */
  Optional<Copy> find(String name) {
    return all().stream().filter(copy -> copy.name().equals(name)).findFirst();
  }

  Optional<Copy> newest() {
    return ofDays().stream().findFirst();
  }

  /**
   * Whether ages may be told by the clock: it goes on from the last copy, as that one did from the
   * one before. A clock that has jumped is believed once copies of two days agree.
   */
  boolean isPlausible(LocalDateTime now) {
    List<LocalDateTime> moments = new ArrayList<>(List.of(now));
    ofDays().stream().limit(2).map(Copy::moment).forEach(moments::add);
    return moments.size() == 3
        && goesOn(moments.get(1), moments.get(0))
        && goesOn(moments.get(2), moments.get(1));
  }

  private static boolean goesOn(LocalDateTime from, LocalDateTime to) {
    return to.isAfter(from.minus(BACK)) && to.isBefore(from.plus(AHEAD));
  }

  /**
   * Removes the copies that are not the last of one of ten days or of one of eight weeks, and the
   * older ones of those made before a restore. The copy made last always stays.
   */
  void prune() {
    Set<LocalDate> days = new HashSet<>();
    Set<String> weeks = new HashSet<>();
    for (Copy copy : ofDays()) {
      LocalDate day = copy.moment().toLocalDate();
      String week =
          day.get(IsoFields.WEEK_BASED_YEAR) + " " + day.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR);
      boolean ofDay = days.size() < DAYS && days.add(day);
      boolean ofWeek = weeks.size() < WEEKS && weeks.add(week);
      if (!ofDay && !ofWeek) {
        delete(copy);
      }
    }
    all().stream().filter(Copy::before).skip(MOST_BEFORE).forEach(Copies::delete);
  }

  private static void delete(Copy copy) {
    try {
      Files.delete(copy.path());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
