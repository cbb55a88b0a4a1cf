package bemble.recipe;

/** The numbers of a size in order. */
final class Numbers {
  private static final int FIGURES = 10;
  private final Size size;

  /** Whether a figure is allowed, and how many smaller ones are, with 0 among them or without. */
  private final boolean[] allowed = new boolean[FIGURES];

  private final int all;
  private final int leading;

  Numbers(Size size) {
    this.size = size;
    size.of().chars().forEach(sign -> allowed[sign - '0'] = true);
    all = size.of().length();
    leading = all - (allowed[0] ? 1 : 0);
  }

  /** How many there are. */
  long count() {
    return below((long) Math.pow(10, size.figures().to()));
  }

  /** How many of them are below a number that is not negative and has at most 18 figures. */
  long below(long number) {
    long count = 0;
    String limit = Long.toString(number);
    for (int figures = size.figures().from(); figures <= size.figures().to(); figures++) {
      if (figures < limit.length()) {
        count += ofFigures(figures);
      } else if (figures == limit.length()) {
        count += below(limit);
      }
    }
    return count;
  }

  private long ofFigures(int figures) {
    return figures == 1 ? all : leading * power(figures - 1);
  }

  private long power(int figures) {
    long power = 1;
    for (int i = 0; i < figures; i++) {
      power *= all;
    }
    return power;
  }

  private long below(String limit) {
    long count = 0;
    for (int i = 0; i < limit.length(); i++) {
      int figure = limit.charAt(i) - '0';
      int least = i == 0 && limit.length() > 1 ? 1 : 0;
      int smaller = 0;
      for (int each = least; each < figure; each++) {
        smaller += allowed[each] ? 1 : 0;
      }
      count += smaller * power(limit.length() - 1 - i);
      if (!allowed[figure] || figure < least) {
        return count;
      }
    }
    return count;
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
