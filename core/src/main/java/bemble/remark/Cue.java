package bemble.remark;

import java.util.List;

/**
 * The word that calls a class to the next move of a round: divide, multiply, subtract, compare,
 * bring down.
 *
 * @param word the remark that says it, which a class may say in its own word
 * @param calls the remarks of the moves that it calls
 */
public record Cue(RemarkKind word, List<RemarkKind> calls) {
  /** Keeps a copy of the kinds. */
  public Cue {
    calls = List.copyOf(calls);
  }
}
