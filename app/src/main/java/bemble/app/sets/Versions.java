package bemble.app.sets;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** The letters by which the versions of a set are told apart. */
public final class Versions {
  /** The version that every set has. */
  public static final String FIRST = "A";

  static final List<String> ALL = List.of(FIRST, "B", "C", "D");

  private Versions() {}

  /** The version that is asked for by its letter; the first where none is named. */
  public static String of(@Nullable String asked) {
    return asked == null || asked.isEmpty() ? FIRST : asked.substring(0, 1);
  }
}
