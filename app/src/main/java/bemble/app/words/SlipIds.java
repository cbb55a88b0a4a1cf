package bemble.app.words;

import bemble.slip.Slip;
import bemble.slip.Slips;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/** The ids of slips; several that the answers at hand do not tell apart have one together. */
public final class SlipIds {
  private static final String OR = "|";

  private SlipIds() {}

  /** The id of some slips. */
  public static String of(List<Slip> slips) {
    return slips.stream()
        .map(slip -> slip.named().id())
        .distinct()
        .sorted()
        .collect(Collectors.joining(OR));
  }

  /** The slips of an id, by their names; none for an id that this Bemble does not have. */
  public static List<Slip> slips(String id) {
    return Arrays.stream(id.split("\\" + OR))
        .flatMap(each -> Slips.find(each).stream())
        .map(Slip::named)
        .distinct()
        .toList();
  }
}
