package bemble.demand;

import bemble.fact.Fact;
import java.util.Map;

/**
 * The demands of a sum on its writer, told from its working.
 *
 * @param facts number facts by kind; kinds that were not used are left out
 * @param remainder whether anything is left over
 * @param trials figures tried in vain
 * @param marks marks with a value
 * @param seconds estimated time for a practised hand
 */
public record Demands(
    Map<Fact.Kind, Integer> facts,
    Carries carries,
    Exchanges exchanges,
    Zeros zeros,
    boolean remainder,
    int trials,
    int marks,
    int seconds) {
  /**
   * Own estimate, to be replaced by measured times: a practised adult takes about two seconds for a
   * number fact and one to write a figure.
   */
  static final int SECONDS_A_FACT = 2;

  /**
   * The demands in carrying.
   *
   * @param written carries written
   * @param longestChain most carries one after another, each in the column of the last
   * @param newColumn whether the answer reaches a place that no number of the sum has
   */
  public record Carries(int written, int longestChain, boolean newColumn) {}

  /**
   * The demands in exchanging.
   *
   * @param made ten of a place made from one of the next, or added to both numbers
   * @param zerosCrossed most zeros on the way of one exchange
   */
  public record Exchanges(int made, int zerosCrossed) {}

  /**
   * The zeros that it asks for.
   *
   * @param inQuotient written inside or at the end of a quotient or root
   * @param padded written only to fill a place
   */
  public record Zeros(int inQuotient, int padded) {}
}
