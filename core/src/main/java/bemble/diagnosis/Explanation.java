package bemble.diagnosis;

import bemble.slip.Slip;
import java.util.ArrayList;
import java.util.List;

/**
 * An explanation of a pupil's answers.
 *
 * @param slips by their names; none for a pupil who at most misses a fact now and then, or who
 *     works by a rule that is not known
 * @param alike further slips that the answers do not tell from the one; none where there are two
 * @param isOwn whether the pupil works by a rule that is not known
 * @param probability how likely it is, all explanations together being 1
 * @param explains the wrong answers that it gives, by their places from 0; of no slip, those that a
 *     missed fact gives
 * @param against the answers that it does not give where it should show, by their places from 0
 * @param isSure whether it may be said: likely enough, and on grounds that nothing else explains
 */
public record Explanation(
    List<Slip> slips,
    List<Slip> alike,
    boolean isOwn,
    double probability,
    List<Integer> explains,
    List<Integer> against,
    boolean isSure) {
  /** The probability from which a slip may be said, alone or together with another. */
  public static final double SURE = 0.9;

  /** Keeps copies. */
  public Explanation {
    slips = List.copyOf(slips);
    alike = List.copyOf(alike);
    explains = List.copyOf(explains);
    against = List.copyOf(against);
  }

  /** The slips, and those that the answers do not tell from them. */
  public List<Slip> names() {
    List<Slip> names = new ArrayList<>(slips);
    names.addAll(alike);
    return names;
  }
}
