package bemble.ink;

import java.util.Optional;
import java.util.Set;

/**
 * The figure of the right answer in a square. It can only withhold a reading.
 *
 * @param figure empty where the square is to stay blank
 * @param slipped figures that slips which are known would leave in this square, and in no other
 */
public record Expectation(Optional<Integer> figure, Set<Integer> slipped) {
  /** Keeps its own copy. */
  public Expectation {
    slipped = Set.copyOf(slipped);
  }

  /** Where it stands in {@link Likelihoods}. */
  int thing() {
    return figure.orElse(Likelihoods.BLANK);
  }
}
