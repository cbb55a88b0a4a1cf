package bemble.problem;

import bemble.number.Numeral;
import bemble.number.Require;
import java.util.List;

/**
 * Addends to be added.
 *
 * @param addends two or more, as written
 */
public record Addition(List<Numeral> addends) implements Problem {
  /** Keeps a copy of the addends. */
  public Addition {
    Require.that(addends.size() >= 2, "addends", addends, "must be two or more");
    addends = List.copyOf(addends);
  }

  @Override
  public Operation operation() {
    return Operation.ADDITION;
  }

  @Override
  public List<Numeral> numbers() {
    return addends;
  }
}
