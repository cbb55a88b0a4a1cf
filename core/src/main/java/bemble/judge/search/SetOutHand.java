package bemble.judge.search;

import bemble.procedure.Asked;
import bemble.procedure.Fill;
import bemble.procedure.Hand;
import bemble.procedure.Move;
import bemble.procedure.Section;
import bemble.procedure.Shift;
import java.util.List;

/**
 * A hand that copies each number of a sum so many places too far to the left. One object serves one
 * run through a procedure.
 */
final class SetOutHand implements Hand {
  private final Hand hand;
  private final List<Integer> lefts;
  private int copied;

  /**
   * Another hand, but for where it copies the numbers.
   *
   * @param lefts how far to the left, in the order of copying
   */
  SetOutHand(Hand hand, List<Integer> lefts) {
    this.hand = hand;
    this.lefts = lefts;
  }

  @Override
  public Fill fill(Asked asked) {
    return hand.fill(asked);
  }

  @Override
  public boolean makes(Move move, Section section, int place) {
    return hand.makes(move, section, place);
  }

  @Override
  public int places(Shift shift, Section section, int place, int usual) {
    return shift == Shift.SET_OUT_LEFT && copied < lefts.size()
        ? lefts.get(copied++)
        : hand.places(shift, section, place, usual);
  }
}
