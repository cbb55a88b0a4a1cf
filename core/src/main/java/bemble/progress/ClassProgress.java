package bemble.progress;

import bemble.ladder.Ladder;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Where the pupils of a class stand.
 *
 * @param ladder the ladder of the class
 * @param pupils for each pupil, in the order of the class, the progress by the id of the rung; a
 *     rung that nothing was worked of may be left out
 */
public record ClassProgress(Ladder ladder, Map<Long, Map<String, Progress>> pupils) {
  /** Keeps a copy in the same order. */
  public ClassProgress {
    pupils = new LinkedHashMap<>(pupils);
  }

  /** Where a pupil stands on a rung. */
  public Progress of(long pupil, String rung) {
    return pupils.getOrDefault(pupil, Map.of()).getOrDefault(rung, Progress.NONE);
  }
}
