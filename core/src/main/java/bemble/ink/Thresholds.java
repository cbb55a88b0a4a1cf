package bemble.ink;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * How far ahead a class must be before it is granted, as differences of natural logarithms. They
 * are set on squares that are kept for it alone.
 *
 * @param pairs for each figure a row of ten: by how much it must be ahead of each other figure
 * @param clean by how much a figure must be ahead of a spoilt square
 * @param slip by how much more where a slip that is known would leave the other figure there
 */
public record Thresholds(List<double[]> pairs, double clean, double slip) {
  private static final String SHIPPED = "thresholds.txt";

  /** Refuses any other number of figures. */
  public Thresholds {
    pairs = List.copyOf(pairs);
    if (pairs.size() != 10 || pairs.stream().anyMatch(row -> row.length != 10)) {
      throw new IllegalArgumentException("there are ten rows of ten thresholds");
    }
  }

  /** The thresholds that are shipped. */
  public static Thresholds shipped() {
    try (InputStream in = Thresholds.class.getResourceAsStream(SHIPPED)) {
      return parse(new String(in.readAllBytes(), StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Reads the text that {@link #text} writes. */
  public static Thresholds parse(String text) {
    List<double[]> rows = new ArrayList<>();
    text.lines()
        .filter(line -> !line.startsWith("#"))
        .map(line -> Arrays.stream(line.strip().split(" +")))
        .map(words -> words.mapToDouble(Double::parseDouble).toArray())
        .forEach(rows::add);
    double[] others = rows.remove(rows.size() - 1);
    return new Thresholds(rows, others[0], others[1]);
  }

  /** As ten lines, and a last one for the others. */
  public String text() {
    StringBuilder text = new StringBuilder();
    for (double[] row : pairs) {
      for (double each : row) {
        text.append(String.format(Locale.ROOT, "%6.2f", each));
      }
      text.append('\n');
    }
    return text.append(String.format(Locale.ROOT, "%6.2f%6.2f%n", clean, slip)).toString();
  }

  /** How far a figure must be ahead of another one. */
  double between(int figure, int other) {
    return pairs.get(figure)[other];
  }
}
