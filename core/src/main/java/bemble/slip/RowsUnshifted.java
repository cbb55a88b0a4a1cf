package bemble.slip;

import bemble.paper.Role;
import bemble.procedure.Asked;
import bemble.procedure.Entry;
import bemble.procedure.Fill;
import bemble.procedure.Section;
import java.math.BigInteger;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * The rows of a product are added as if all of them began in the same column, whatever zeros hold
 * their places: 141 and 940 come to 235.
 */
final class RowsUnshifted implements Change {
  /** The figures of each row, by the place that they count. */
  private final Map<Integer, TreeMap<Integer, BigInteger>> rows = new TreeMap<>();

  @Override
  public void written(Asked asked, BigInteger value) {
    if (asked.slot().role() == Role.PARTIAL) {
      int row = asked.slot().square().row();
      rows.computeIfAbsent(row, any -> new TreeMap<>()).put(asked.slot().place(), value);
    }
  }

  @Override
  public Optional<Fill> instead(Asked asked) {
    boolean adds =
        asked.section().kind() == Section.Kind.COLUMN
            && Reads.ofTotal(asked)
            && rows.size() > 1
            && asked.reads().stream().anyMatch(read -> isOfRow(read) || Reads.carried(read));
    if (!adds) {
      return Optional.empty();
    }
    int place = asked.section().number();
    BigInteger total =
        asked.reads().stream()
            .filter(Reads::carried)
            .map(Entry::value)
            .reduce(BigInteger.ZERO, BigInteger::add);
    int highest = 0;
    for (TreeMap<Integer, BigInteger> row : rows.values()) {
      int shift = row.firstKey();
      total = total.add(row.getOrDefault(place + shift, BigInteger.ZERO));
      highest = Math.max(highest, row.lastKey() - shift);
    }
    boolean isOver = place > highest && total.signum() == 0;
    return Optional.of(isOver ? Fill.BLANK : Fill.of(Reads.part(asked, total)));
  }

  private static boolean isOfRow(Entry entry) {
    return entry.slot().role() == Role.PARTIAL || entry.slot().role() == Role.PLACEHOLDER;
  }
}
