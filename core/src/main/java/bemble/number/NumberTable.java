package bemble.number;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Properties;

/** A table of numbers by key that is kept as data, each with its source beside it. */
public final class NumberTable {
  private final Properties numbers = new Properties();

  private NumberTable() {}

  /**
   * The table of a file among the resources.
   *
   * @param file its name without folder and ending
   */
  public static NumberTable read(String file) {
    NumberTable table = new NumberTable();
    String path = "/bemble/" + file + ".properties";
    try (Reader text =
        new InputStreamReader(
            Objects.requireNonNull(NumberTable.class.getResourceAsStream(path), path),
            StandardCharsets.UTF_8)) {
      table.numbers.load(text);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return table;
  }

  /** The number of a key; a key that is not there is a fault of the file. */
  public double number(String key) {
    return Double.parseDouble(text(key));
  }

  /** The whole number of a key. */
  public int count(String key) {
    return Integer.parseInt(text(key));
  }

  /** The whole numbers of a key, which are written with commas between them. */
  public List<Integer> counts(String key) {
    return Arrays.stream(text(key).split(",")).map(Integer::valueOf).toList();
  }

  private String text(String key) {
    return Objects.requireNonNull(numbers.getProperty(key), key);
  }
}
