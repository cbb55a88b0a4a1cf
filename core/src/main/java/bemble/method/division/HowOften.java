package bemble.method.division;

import bemble.number.Figures;
import bemble.number.Whole;
import bemble.remark.Place;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import java.math.BigInteger;

/** How often a divisor goes into what stands, with a first try from the leading figures. */
final class HowOften {
  private HowOften() {}

  /** The remark about it; {@code place} is that of the figure above. */
  static Remark remark(BigInteger divisor, BigInteger standing, BigInteger times, int place) {
    int behind = Figures.of(divisor).length() - 1;
    BigInteger lead = Whole.without(divisor, behind);
    BigInteger front = Whole.without(standing, behind);
    boolean isTried = behind > 0 && times.signum() > 0;
    return Remark.of(times.signum() == 0 ? RemarkKind.GOES_ZERO_TIMES : RemarkKind.HOW_MANY_TIMES)
        .with("divisor", divisor)
        .with("standing", standing)
        .with("times", times)
        .with("place", new Place(place))
        .with("lead", lead)
        .with("front", front)
        .with("guess", isTried ? front.divide(lead) : BigInteger.ZERO);
  }
}
