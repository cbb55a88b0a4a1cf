package bemble.judge.search;

import bemble.procedure.Asked;
import bemble.procedure.Entry;
import bemble.procedure.Fill;
import bemble.procedure.Hand;
import bemble.procedure.Move;
import bemble.procedure.Section;
import bemble.procedure.Shift;
import bemble.procedure.Slot;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Notes in which slot a hand is asked for the tens of a figure, also where none are due. */
final class TensAsked implements Hand {
  private final Hand hand;
  private final Entry figure;
  private @Nullable Slot slot;

  TensAsked(Hand hand, Entry figure) {
    this.hand = hand;
    this.figure = figure;
  }

  @Override
  public Fill fill(Asked asked) {
    boolean tens = Neighbours.areTens(asked.rule(), figure.rule());
    if (slot == null && tens && slots(asked.reads()).equals(slots(figure.reads()))) {
      slot = asked.slot();
    }
    return hand.fill(asked);
  }

  private static List<Slot> slots(List<Entry> reads) {
    return reads.stream().map(Entry::slot).toList();
  }

  @Override
  public boolean makes(Move move, Section section, int place) {
    return hand.makes(move, section, place);
  }

  @Override
  public int places(Shift shift, Section section, int place, int usual) {
    return hand.places(shift, section, place, usual);
  }

  /** Where the tens would stand; empty for a figure that has none. */
  Optional<Slot> slot() {
    return Optional.ofNullable(slot);
  }
}
