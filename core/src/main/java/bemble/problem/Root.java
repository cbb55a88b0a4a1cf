package bemble.problem;

import bemble.number.Numeral;
import bemble.number.Require;
import java.util.List;
import java.util.Optional;

/**
 * A square root to be found.
 *
 * @param radicand the number whose root is sought
 * @param places how many figures of the root after the point are asked for, 0 or more
 */
public record Root(Numeral radicand, int places) implements Problem {
  /** The places to which a root is wanted that comes to no end. */
  public static final int USUAL_PLACES = 2;

  /** Refuses a negative number of places. */
  public Root {
    Require.that(places >= 0, "places", places, "must not be negative");
  }

  /** The root to as many places as the radicand's own pairs of figures give. */
  public static Root natural(Numeral radicand) {
    return new Root(radicand, (radicand.scale() + 1) / 2);
  }

  /**
   * The same root to {@link #USUAL_PLACES}, for a root that is not exact; empty where as many
   * places or more were asked for.
   */
  public Optional<Root> finer() {
    return places < USUAL_PLACES ? Optional.of(new Root(radicand, USUAL_PLACES)) : Optional.empty();
  }

  @Override
  public Operation operation() {
    return Operation.ROOT;
  }

  @Override
  public List<Numeral> numbers() {
    return List.of(radicand);
  }
}
