package bemble.app.file;

import bemble.app.table.Bin;
import bemble.app.table.Deletable;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** Deletes rows so that they can be brought back. */
@Component
public class Deletions {
  private final Bin bin;

  Deletions(Bin bin) {
    this.bin = bin;
  }

  /** Deletes a row; throws {@code missing} where the row does not exist. */
  public void delete(Deletable table, long id, Supplier<RuntimeException> missing) {
    if (!bin.delete(table, id)) {
      throw missing.get();
    }
  }

  /** Brings a row back; throws {@code missing} if no such row is deleted. */
  public void restore(Deletable table, long id, Supplier<RuntimeException> missing) {
    if (table.restore(id) == 0) {
      throw missing.get();
    }
  }
}
