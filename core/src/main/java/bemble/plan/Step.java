package bemble.plan;

import bemble.fact.Fact;
import bemble.paper.Area;
import bemble.wording.Remark;
import bemble.wording.Section;
import java.util.List;

/**
 * One move of a working: what is said, what is worked out in the head, what is written.
 *
 * @param section the stretch of the working that it belongs to
 * @param remark what there is to say
 * @param facts the number facts used
 * @param entries the values written, in order
 * @param focus the squares at work; null where no part of the page is singled out
 */
public record Step(
    Section section, Remark remark, List<Fact> facts, List<Entry> entries, Area focus) {
  /** Keeps copies of the lists. */
  public Step {
    facts = List.copyOf(facts);
    entries = List.copyOf(entries);
  }
}
