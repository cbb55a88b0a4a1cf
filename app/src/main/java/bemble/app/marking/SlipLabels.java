package bemble.app.marking;

import bemble.app.marking.MarkingJson.SlipLabel;
import bemble.app.sets.SetWords;
import bemble.app.words.Sentences;
import bemble.app.words.SlipIds;
import bemble.slip.Slip;
import java.util.List;
import java.util.Optional;

/** The names of slips; several that the answers at hand do not tell apart are named as one. */
public final class SlipLabels {
  private SlipLabels() {}

  /** Slips by their names. */
  static SlipLabel of(List<Slip> slips, SetWords words) {
    List<String> names = slips.stream().map(slip -> words.slip(slip.named()).name()).toList();
    String last = names.get(names.size() - 1);
    List<String> first = names.subList(0, names.size() - 1);
    return new SlipLabel(
        SlipIds.of(slips),
        first.isEmpty()
            ? last
            : Sentences.of("slips.or", "names", String.join(", ", first), "last", last));
  }

  /** The slips of an id by their names; empty where this Bemble has none of them. */
  public static Optional<SlipLabel> find(String id, SetWords words) {
    return Optional.of(SlipIds.slips(id))
        .filter(slips -> !slips.isEmpty())
        .map(slips -> of(slips, words));
  }
}
