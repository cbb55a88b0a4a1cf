package bemble.procedure;

import bemble.fact.Fact;
import bemble.paper.Area;
import bemble.remark.Remark;
import java.util.List;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * One move of a working: its remark, its number facts, and its entries.
 *
 * @param section the section that it belongs to
 * @param notes the remark, and the facts used
 * @param entries the values written, in order
 * @param focus the squares at work; null where no part of the page is singled out
 */
public record Step(Section section, Notes notes, List<Entry> entries, @Nullable Area focus) {
  /** Keeps a copy of the entries. */
  public Step {
    entries = List.copyOf(entries);
  }

  /** A step in which nothing is written. */
  public static Step said(Section section, Supplier<Remark> remark) {
    return new Step(section, new Notes(remark, List.of()), List.of(), null);
  }

  /** One step that writes all marks of some steps, with another sentence and without facts. */
  public static Step ofAll(List<Step> steps, Supplier<Remark> remark) {
    Section section = steps.get(steps.size() - 1).section;
    List<Entry> entries = steps.stream().flatMap(step -> step.entries().stream()).toList();
    return new Step(section, new Notes(remark, List.of()), entries, null);
  }

  /** The remark on the step. */
  public Remark remark() {
    return notes.remark();
  }

  /** The number facts used. */
  public List<Fact> facts() {
    return notes.facts();
  }

  /** The same step with its remark put in another way. */
  Step saying(UnaryOperator<Remark> otherwise) {
    return new Step(section, notes.saying(otherwise), entries, focus);
  }

  /** The same step with other squares at work. */
  public Step at(@Nullable Area otherFocus) {
    return new Step(section, notes, entries, otherFocus);
  }
}
