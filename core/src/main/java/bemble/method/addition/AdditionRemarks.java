package bemble.method.addition;

import bemble.number.Numeral;
import bemble.problem.Addition;
import bemble.remark.Place;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import java.util.List;

/** The remarks that the ways of adding share. */
final class AdditionRemarks {
  private AdditionRemarks() {}

  /** How the numbers are set out; {@code linedUpBy} as in {@code Decimals}. */
  static Remark setOut(Addition sum, int linedUpBy) {
    return Remark.of(RemarkKind.SET_OUT_ADDENDS)
        .with("addends", sum.addends())
        .with("longer", isLongestOnTop(sum.addends()) ? 1 : 0)
        .with("lined", linedUpBy);
  }

  private static boolean isLongestOnTop(List<Numeral> addends) {
    Numeral top = addends.get(0);
    return addends.stream()
        .skip(1)
        .allMatch(
            addend ->
                addend.highestPlace() < top.highestPlace()
                    && addend.lowestPlace() >= top.lowestPlace());
  }

  /** The first number by itself, and the second as it is written under it. */
  static Remark first(Numeral addend) {
    return Remark.of(RemarkKind.WRITE_FIRST).with("addend", addend);
  }

  static Remark second(Numeral addend, int linedUpBy, int lowestPlace) {
    return Remark.of(RemarkKind.WRITE_SECOND)
        .with("addend", addend)
        .with("lined", linedUpBy)
        .with("place", new Place(lowestPlace));
  }

  static Remark startAt(int lowestPlace) {
    return Remark.of(RemarkKind.DRAW_RULE).with("place", new Place(lowestPlace));
  }

  static Remark nextPair(Numeral total, Numeral addend) {
    return Remark.of(RemarkKind.NEXT_PAIR).with("total", total).with("addend", addend);
  }

  static Remark readOff(Addition sum, Numeral answer) {
    return Remark.of(RemarkKind.READ_SUM).with("problem", sum).with("answer", answer);
  }
}
