package bemble.method.column;

import bemble.procedure.Entry;
import bemble.procedure.Script;
import bemble.style.Choice;
import java.util.function.Consumer;
import java.util.function.Supplier;

/**
 * The order in which a class writes the figure that stays in a column and the one that moves on.
 */
public final class WritingOrder {
  private WritingOrder() {}

  /** For a remark: 0 if the figure that stays is written first, 1 if the one that moves on is. */
  public static int of(Script script) {
    return script.style().has(Choice.WritingOrder.MOVING_FIRST) ? 1 : 0;
  }

  /** Writes both figures in the class's order; gives the one that moves on. */
  static Entry write(
      Script script, Script.Meant stays, Script.Meant moves, Consumer<Entry> written) {
    return write(script, () -> written.accept(stays.write()), moves::write);
  }

  /** The same for two pieces of writing that come in either order; gives the second. */
  public static <T> T write(Script script, Runnable stays, Supplier<T> moves) {
    if (of(script) == 0) {
      stays.run();
      return moves.get();
    }
    T moved = moves.get();
    stays.run();
    return moved;
  }
}
