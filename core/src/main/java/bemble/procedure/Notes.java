package bemble.procedure;

import bemble.fact.Fact;
import bemble.remark.Remark;
import java.util.List;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;

/**
 * The remark on a step, and the facts that it uses. Both are made when they are asked for: the
 * judge of a page reads hardly any of them.
 */
public final class Notes {
  private final Supplier<Remark> remark;
  private final List<Supplier<Fact>> facts;

  Notes(Supplier<Remark> remark, List<Supplier<Fact>> facts) {
    this.remark = remark;
    this.facts = List.copyOf(facts);
  }

  Notes saying(UnaryOperator<Remark> otherwise) {
    return new Notes(() -> otherwise.apply(remark.get()), facts);
  }

  /** The remark on a step. */
  public Remark remark() {
    return remark.get();
  }

  /** Whether the step uses no fact. */
  public boolean isWithoutFacts() {
    return facts.isEmpty();
  }

  /** The number facts used. */
  public List<Fact> facts() {
    return facts.stream().map(Supplier::get).toList();
  }
}
