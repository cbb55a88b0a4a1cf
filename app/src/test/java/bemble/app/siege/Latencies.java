package bemble.app.siege;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;

/** How long answers took, told as percentiles. */
final class Latencies {
  private final List<Long> nanos = Collections.synchronizedList(new ArrayList<>());

  /** Does something and notes how long it took. */
  <T> T time(Supplier<T> asking) {
    long begun = System.nanoTime();
    T answer = asking.get();
    nanos.add(System.nanoTime() - begun);
    return answer;
  }

  int count() {
    return nanos.size();
  }

  /** "12 ms at the median, 40 at p99" over so many. */
  String told() {
    List<Long> sorted = new ArrayList<>(nanos);
    Collections.sort(sorted);
    return sorted.isEmpty()
        ? "nothing was answered"
        : String.format(
            Locale.ROOT,
            "%.0f ms at the median, %.0f at p99, of %,d",
            millis(sorted, 0.5),
            millis(sorted, 0.99),
            sorted.size());
  }

  private static double millis(List<Long> sorted, double share) {
    return sorted.get((int) Math.min(sorted.size() - 1, share * sorted.size())) / 1e6;
  }
}
