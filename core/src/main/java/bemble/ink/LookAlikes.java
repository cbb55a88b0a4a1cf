package bemble.ink;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * The figures that look alike in one hand, as its writer has shown by writing 0 to 9 in their
 * order. Such figures are never granted, whatever is expected.
 *
 * @param pairs each as two figures, the smaller one first: 17
 */
public record LookAlikes(Set<String> pairs) {
  /** A hand without samples. */
  public static final LookAlikes NONE = new LookAlikes(Set.of());

  /** Copies the pairs in their order. */
  public LookAlikes {
    pairs = Set.copyOf(pairs);
  }

  /**
   * The figures that look alike in a writer's samples. A figure that is not written, or not plain,
   * shows nothing.
   *
   * @param written the likelihoods of ten squares in which 0 to 9 were to be written
   */
  public static LookAlikes of(List<Likelihoods> written) {
    Set<String> pairs = new TreeSet<>();
    for (int figure = 0; figure < written.size(); figure++) {
      Likelihoods square = written.get(figure);
      int best = square.best();
      boolean isPlain = square.doubt().compareTo(Doubt.UNSURE) <= 0;
      if (isPlain && best < FigureNet.SPOILT && best != figure) {
        pairs.add("" + Math.min(best, figure) + Math.max(best, figure));
      }
    }
    return new LookAlikes(pairs);
  }

  /** Reads the text that {@link #text} writes. */
  public static LookAlikes parse(String text) {
    return text.isEmpty() ? NONE : new LookAlikes(Set.copyOf(Arrays.asList(text.split(" "))));
  }

  /** As one line: {@code 17 49}. */
  public String text() {
    return pairs.stream().sorted().collect(Collectors.joining(" "));
  }

  /** Whether a figure looks like another one. */
  boolean has(int figure) {
    return pairs.stream().anyMatch(pair -> pair.indexOf('0' + figure) >= 0);
  }
}
