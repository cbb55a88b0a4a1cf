package bemble.progress;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * The work on a rung, day by day, up to some day. The order of sums on one day plays no part: where
 * only some of a day's sums count, its share of wrong ones counts.
 */
final class Days {
  /**
   * A day.
   *
   * @param right the weight of its right sums
   * @param wrong how many were wrong
   */
  private record Day(LocalDate date, double right, int wrong, List<Evidence> sums) {
    double all() {
      return right + wrong;
    }
  }

  private final List<Day> days = new ArrayList<>();

  static Days of(List<Evidence> evidence, Rules rules) {
    Map<LocalDate, List<Evidence>> byDay = new TreeMap<>();
    for (Evidence each : evidence) {
      byDay.computeIfAbsent(each.day(), day -> new ArrayList<>()).add(each);
    }
    Days days = new Days();
    byDay.forEach(
        (date, sums) -> {
          double right = 0;
          int wrong = 0;
          for (Evidence sum : sums) {
            right += !sum.right() ? 0 : sum.helped() ? rules.help() : 1;
            wrong += sum.right() ? 0 : 1;
          }
          days.days.add(new Day(date, right, wrong, sums));
        });
    return days;
  }

  /** The same up to the day of a place. */
  Days upTo(int place) {
    Days some = new Days();
    some.days.addAll(days.subList(0, place + 1));
    return some;
  }

  int count() {
    return days.size();
  }

  LocalDate date(int place) {
    return days.get(place).date();
  }

  /** The last day; there is one. */
  LocalDate last() {
    return date(count() - 1);
  }

  boolean hasWrong(int place) {
    return days.get(place).wrong() > 0;
  }

  /** The weights of all right sums together. */
  double right() {
    return days.stream().mapToDouble(Day::right).sum();
  }

  /** The number of days with a right sum. */
  long daysRight() {
    return days.stream().filter(day -> day.right() > 0).count();
  }

  /** How many of so many latest sums were wrong; of a day that counts in part, its share. */
  double wrongOfLatest(int sums) {
    double left = sums;
    double wrong = 0;
    for (int i = days.size() - 1; i >= 0 && left > 0; i--) {
      Day day = days.get(i);
      double taken = Math.min(left, day.all());
      wrong += day.wrong() * taken / day.all();
      left -= taken;
    }
    return wrong;
  }

  /** Sums of the most recent whole days, at least so many of them. */
  List<Evidence> latest(int sums) {
    List<Evidence> latest = new ArrayList<>();
    for (int i = days.size() - 1; i >= 0 && latest.size() < sums; i--) {
      latest.addAll(days.get(i).sums());
    }
    return latest;
  }

  /** The wrong sums with a named slip on days after one. */
  List<Evidence> slipsAfter(LocalDate day) {
    List<Evidence> slips = new ArrayList<>();
    for (int i = days.size() - 1; i >= 0 && days.get(i).date().isAfter(day); i--) {
      days.get(i).sums().stream()
          .filter(sum -> !sum.right() && !sum.slip().isEmpty())
          .forEach(slips::add);
    }
    return slips;
  }
}
