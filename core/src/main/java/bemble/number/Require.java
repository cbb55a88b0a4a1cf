package bemble.number;

import java.util.function.Supplier;

/** Preconditions that name the argument, its value and the expected one. */
public final class Require {
  private Require() {}

  /**
   * Passes when {@code holds}.
   *
   * @throws IllegalArgumentException otherwise, with the fault
   */
  public static void that(boolean holds, Supplier<String> wrong) {
    if (!holds) {
      throw new IllegalArgumentException(wrong.get());
    }
  }

  /**
   * Passes when {@code holds}.
   *
   * @throws IllegalArgumentException otherwise, saying name, value and expectation
   */
  public static void that(boolean holds, String name, Object value, String expectation) {
    if (!holds) {
      throw new IllegalArgumentException(name + " = " + value + " " + expectation);
    }
  }
}
