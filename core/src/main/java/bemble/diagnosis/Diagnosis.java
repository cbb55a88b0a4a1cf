package bemble.diagnosis;

import bemble.slip.Slip;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What is to be said of a pupil's answers to some sums.
 *
 * @param outcomes of the answers, in their order
 * @param slips of each wrong answer the slips that give it alone, the likeliest for this pupil
 *     first
 * @param explanations the likelier first; those that are hardly possible are left out
 */
public record Diagnosis(
    List<Outcome> outcomes, List<List<Slip>> slips, List<Explanation> explanations) {
  /** Keeps copies. */
  public Diagnosis {
    outcomes = List.copyOf(outcomes);
    slips = List.copyOf(slips);
    explanations = List.copyOf(explanations);
  }

  /** The explanation that may be said; empty where no explanation is sure enough. */
  public Optional<Explanation> sure() {
    return explanations.stream().filter(Explanation::isSure).findFirst();
  }

  /**
   * What may be said of single answers.
   *
   * @return by the places, from 0, of the answers that the sure explanation gives: the slip that
   *     each shows; nothing where no slip is sure
   */
  public Map<Integer, Slip> said() {
    Map<Integer, Slip> said = new TreeMap<>();
    sure()
        .filter(sure -> !sure.slips().isEmpty())
        .ifPresent(sure -> sure.explains().forEach(place -> said.put(place, shown(sure, place))));
    return said;
  }

  private Slip shown(Explanation sure, int place) {
    return slips.get(place).stream()
        .map(Slip::named)
        .filter(sure.slips()::contains)
        .findFirst()
        .orElse(sure.slips().get(0));
  }
}
