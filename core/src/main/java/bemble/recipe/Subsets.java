package bemble.recipe;

import java.util.ArrayList;
import java.util.List;

/** The ways of taking some of a few things, each with a number. */
final class Subsets {
  private Subsets() {}

  /** How many ways there are of taking {@code some} of {@code all}; both at most 30. */
  static long count(int all, int some) {
    long count = 1;
    for (int i = 1; i <= some; i++) {
      count = count * (all - some + i) / i;
    }
    return count;
  }

  /** The {@code number}-th way of taking {@code some} of the things, in their order. */
  static <T> List<T> nth(List<T> things, int some, long number) {
    List<T> taken = new ArrayList<>();
    long left = number;
    for (int i = 0; i < things.size() && taken.size() < some; i++) {
      long with = count(things.size() - i - 1, some - taken.size() - 1);
      if (left < with) {
        taken.add(things.get(i));
      } else {
        left -= with;
      }
    }
    return taken;
  }
}
