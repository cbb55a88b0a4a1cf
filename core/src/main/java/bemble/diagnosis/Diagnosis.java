package bemble.diagnosis;

import bemble.slip.Slip;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * The diagnosis of a pupil's answers to some sums.
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

  /**
   * The explanation that may be said, of several the one that explains the most; empty where none
   * is sure enough.
   */
  public Optional<Explanation> sure() {
    return explanations.stream()
        .filter(Explanation::isSure)
        .max(
            Comparator.<Explanation>comparingInt(each -> each.explains().size())
                .thenComparingDouble(Explanation::probability));
  }

  /**
   * The slips that may be said of single answers.
   *
   * @return by the places, from 0, of the answers that the sure explanation gives: the slip that
   *     each shows, with those that the answers do not tell from it; nothing where no slip is sure
   */
  public Map<Integer, List<Slip>> said() {
    Map<Integer, List<Slip>> said = new TreeMap<>();
    sure()
        .filter(sure -> !sure.slips().isEmpty())
        .ifPresent(sure -> sure.explains().forEach(place -> said.put(place, shown(sure, place))));
    return said;
  }

  private List<Slip> shown(Explanation sure, int place) {
    if (sure.slips().size() == 1) {
      return sure.names().stream().sorted().toList();
    }
    return List.of(
        slips.get(place).stream()
            .filter(sure.slips()::contains)
            .findFirst()
            .orElse(sure.slips().get(0)));
  }
}
