package bemble.recipe;

import bemble.number.Require;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * How a number of a sum may be written. A number of one figure may be 0; a longer one never begins
 * with 0.
 *
 * @param figures how many figures it has, 1 or more
 * @param of the figures that it may be made of, each once, in order
 */
public record Size(Range figures, String of) {
  /** Every figure. */
  public static final String ALL = "0123456789";

  /** Puts the allowed figures in order; refuses a number without figures. */
  public Size {
    Require.that(figures.from() >= 1, "figures", figures, "must be 1 or more");
    Require.that(
        !of.isEmpty() && of.chars().allMatch(sign -> sign >= '0' && sign <= '9'),
        "of",
        of,
        "must be figures");
    of =
        of
            .chars()
            .mapToObj(Character::toString)
            .collect(Collectors.toCollection(TreeSet::new))
            .stream()
            .collect(Collectors.joining());
  }

  /** A number of so many figures, whichever they are. */
  public static Size of(int from, int to) {
    return new Size(new Range(from, to), ALL);
  }

  /** Whether a number, by its figures, is one of these. */
  boolean has(String number) {
    return figures.holds(number.length())
        && number.chars().allMatch(figure -> of.indexOf(figure) >= 0);
  }

  /** The figures that may stand at a place. The first of several figures is never 0. */
  int[] at(int place, boolean leads) {
    boolean zero = !leads || place == 0;
    return of.chars().map(sign -> sign - '0').filter(figure -> figure > 0 || zero).toArray();
  }

  /** Whether a number may end with the figure at {@code place} as its highest. */
  boolean mayEnd(int place) {
    return figures.holds(place + 1);
  }

  /** Whether a number may have figures above {@code place}. */
  boolean mayGoOn(int place) {
    return place + 1 < figures.to();
  }
}
