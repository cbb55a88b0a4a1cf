package bemble.diagnosis;

import bemble.slip.Slip;
import java.util.List;

/**
 * What may explain a pupil's answers.
 *
 * @param slips by their names; none for a pupil who at most misses a fact now and then
 * @param probability how likely it is, all explanations together being 1
 * @param explains the wrong answers that it gives, by their places from 0; of no slip, those that a
 *     missed fact gives
 * @param against the answers that it does not give where it should show, by their places from 0
 * @param isSure whether it may be said: likely enough, and on grounds that nothing else explains
 */
public record Explanation(
    List<Slip> slips,
    double probability,
    List<Integer> explains,
    List<Integer> against,
    boolean isSure) {}
