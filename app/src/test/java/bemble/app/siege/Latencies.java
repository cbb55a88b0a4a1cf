package bemble.app.siege;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;

/** How long answers took, told as percentiles. */
final class Latencies {
  private final List<Long> nanos = Collections.synchronizedList(new ArrayList<>());

  /** Runs a request and notes its time. */
  <T> T time(Supplier<T> asking) {
    long begun = System.nanoTime();
    T answer = asking.get();
    nanos.add(System.nanoTime() - begun);
    return answer;
  }

  void note(long took) {
    nanos.add(took);
  }

  /** Forgets the times of a machine that was still warming up. */
  void clear() {
    nanos.clear();
  }

  int count() {
    return nanos.size();
  }

  /** "12 ms at the median, 40 at p99" over so many. */
  String told() {
    return told(0.5, 0.99);
  }

  /** The same with other percentiles, in parts of one. */
  String told(double... shares) {
    List<Long> sorted = new ArrayList<>(nanos);
    Collections.sort(sorted);
    if (sorted.isEmpty()) {
      return "nothing was answered";
    }
    String each =
        DoubleStream.of(shares)
            .mapToObj(share -> percentile(share, millis(sorted, share)))
            .collect(Collectors.joining(", "));
    return each + String.format(Locale.ROOT, ", of %,d", sorted.size());
  }

  private static String percentile(double share, double millis) {
    return share == 0.5
        ? String.format(Locale.ROOT, "%.0f ms at the median", millis)
        : String.format(Locale.ROOT, "%.0f at p%.0f", millis, 100 * share);
  }

  private static double millis(List<Long> sorted, double share) {
    return sorted.get((int) Math.min(sorted.size() - 1, share * sorted.size())) / 1e6;
  }
}
