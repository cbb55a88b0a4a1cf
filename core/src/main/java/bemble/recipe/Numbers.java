package bemble.recipe;

/** The numbers of a size in order. */
final class Numbers {
  private final Size size;

  /** Whether a figure is allowed. */
  private final boolean[] allowed = new boolean[10];

  /** How many smaller figures are allowed, and how many of them can lead a longer number. */
  private final int[] smaller = new int[11];

  private final int[] smallerLeading = new int[11];

  /** How many numbers have fewer figures than that. */
  private final long[] shorter;

  Numbers(Size size) {
    this.size = size;
    size.of().chars().forEach(sign -> allowed[sign - '0'] = true);
    for (int figure = 0; figure < 10; figure++) {
      smaller[figure + 1] = smaller[figure] + (allowed[figure] ? 1 : 0);
      smallerLeading[figure + 1] = smallerLeading[figure] + (allowed[figure] && figure > 0 ? 1 : 0);
    }
    shorter = new long[size.figures().to() + 2];
    long tails = 1;
    for (int figures = 1; figures <= size.figures().to(); figures++) {
      long these = figures == 1 ? smaller[10] : smallerLeading[10] * tails;
      shorter[figures + 1] = shorter[figures] + (size.figures().holds(figures) ? these : 0);
      tails *= smaller[10];
    }
  }

  /** How many there are. */
  long count() {
    return shorter[size.figures().to() + 1];
  }

  /** How many of them are below a number that is not negative. */
  long below(long number) {
    long count = 0;
    long tails = 1;
    int figures = 1;
    long left = number;
    for (; left >= 10; left /= 10) {
      int figure = (int) (left % 10);
      count = smaller[figure] * tails + (allowed[figure] ? count : 0);
      tails *= smaller[10];
      figures++;
    }
    if (figures > size.figures().to()) {
      return count();
    }
    int lead = (int) left;
    int leading = figures == 1 ? smaller[lead] : smallerLeading[lead];
    long these = leading * tails + (allowed[lead] ? count : 0);
    return shorter[figures] + (size.figures().holds(figures) ? these : 0);
  }

  /** The one with so many below it, from 0 to below {@link #count}. */
  long nth(long below) {
    long least = 0;
    long most = (long) Math.pow(10, size.figures().to()) - 1;
    while (least < most) {
      long middle = (least + most) / 2;
      if (below(middle + 1) > below) {
        most = middle;
      } else {
        least = middle + 1;
      }
    }
    return least;
  }
}
