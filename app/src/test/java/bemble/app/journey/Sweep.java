package bemble.app.journey;

import java.util.List;
import java.util.stream.IntStream;

/**
 * A walk over very many views: the test run tries a third of the cases at each of them, and {@code
 * ./bemble sweep} tries all.
 */
final class Sweep {
  private static final int SHARE = Boolean.getBoolean("sweep") ? 1 : 3;

  private Sweep() {}

  /** The cases to be tried at a stop of the walk; at the next stop it is the turn of others. */
  static <T> List<T> of(List<T> all, int stop) {
    return IntStream.range(0, all.size())
        .filter(at -> (at + stop) % SHARE == 0)
        .mapToObj(all::get)
        .toList();
  }
}
