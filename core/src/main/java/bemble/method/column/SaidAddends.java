package bemble.method.column;

import bemble.paper.Role;
import bemble.procedure.Entry;
import bemble.remark.Adding;
import bemble.remark.Carried;
import bemble.remark.Mention;
import bemble.remark.Quantity;
import bemble.remark.RemarkKind;
import bemble.style.Choice;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/**
 * The addends of one place as they are said. A zero that is written is said beside a single other
 * addend and left unsaid beside several; all zeros and blank squares are said if the class does so.
 */
public final class SaidAddends {
  private record Addend(BigInteger value, boolean carried) {
    boolean adds() {
      return value.signum() > 0;
    }
  }

  private static final Addend BLANK = new Addend(BigInteger.ZERO, false);

  private final List<Addend> said;

  private SaidAddends(List<Addend> said) {
    this.said = said;
  }

  /**
   * The addends in the order in which they are added.
   *
   * @param reads the figures of the place, and what was carried to it
   * @param blanks how many squares of the place are blank
   */
  public static SaidAddends of(Style style, List<Entry> reads, int blanks) {
    List<Addend> all = new ArrayList<>(reads.size() + blanks);
    for (Entry read : reads) {
      all.add(new Addend(read.value(), read.slot().role() == Role.CARRY));
    }
    if (style.has(Choice.PlusZero.BLANKS_TOO)) {
      boolean carryLast = !all.isEmpty() && all.get(all.size() - 1).carried();
      for (int i = 0; i < blanks; i++) {
        all.add(carryLast ? all.size() - 1 : all.size(), BLANK);
      }
      return new SaidAddends(all);
    }
    return new SaidAddends(Adding.said(all, Addend::adds));
  }

  /** Whether one figure stands alone in the place. */
  public boolean isSingle() {
    return said.size() == 1;
  }

  /** How often what has been added so far comes to whole tens before the last one is added. */
  int tens() {
    int tens = 0;
    BigInteger total = BigInteger.ZERO;
    for (Addend addend : said.subList(0, Math.max(0, said.size() - 1))) {
      total = total.add(addend.value());
      tens += addend.adds() && total.mod(BigInteger.TEN).signum() == 0 ? 1 : 0;
    }
    return tens;
  }

  /** How a column of them is said. */
  RemarkKind kind() {
    if (said.stream().noneMatch(Addend::adds)) {
      return RemarkKind.ADD_NOTHING;
    }
    if (isSingle()) {
      return said.get(0).carried() ? RemarkKind.ADD_ONLY_CARRIED : RemarkKind.ADD_SINGLE;
    }
    return RemarkKind.ADD_COLUMN;
  }

  /** Each addend with its place. */
  public List<Mention> parts(int place) {
    return said.stream().map(each -> mention(each, place, true)).toList();
  }

  /** How they are added. */
  public Adding adding(Quantity total) {
    return new Adding(
        said.stream().map(each -> mention(each, total.place(), false)).toList(), total);
  }

  private static Mention mention(Addend addend, int place, boolean named) {
    Quantity quantity = new Quantity(addend.value(), place);
    if (addend.carried()) {
      return new Carried(quantity);
    }
    return named ? quantity : Mention.of(addend.value());
  }
}
