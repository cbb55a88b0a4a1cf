package bemble.remark;

import java.util.List;
import java.util.stream.IntStream;

/**
 * A place by its name.
 *
 * @param exponent the power of ten: 0 ones, 1 tens, −1 tenths
 */
public record Place(int exponent) implements Mention {
  /** The places between two others, the lower ones first. */
  public static List<Place> between(int low, int high) {
    return IntStream.range(low + 1, high).mapToObj(Place::new).toList();
  }
}
