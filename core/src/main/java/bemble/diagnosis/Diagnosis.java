package bemble.diagnosis;

import bemble.slip.Slip;
import java.util.List;
import java.util.Optional;

/**
 * What is to be said of a pupil's answers to some sums.
 *
 * @param marks of the answers, in their order
 * @param slips of each wrong answer the slips that give it alone, the likeliest for this pupil
 *     first
 * @param explanations the likelier first; those that are hardly possible are left out
 */
public record Diagnosis(List<Mark> marks, List<List<Slip>> slips, List<Explanation> explanations) {
  /** Keeps copies. */
  public Diagnosis {
    marks = List.copyOf(marks);
    slips = List.copyOf(slips);
    explanations = List.copyOf(explanations);
  }

  /** The explanation that may be said; empty where none is sure enough. */
  public Optional<Explanation> sure() {
    return explanations.stream().filter(Explanation::isSure).findFirst();
  }
}
