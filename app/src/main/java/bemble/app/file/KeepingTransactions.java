package bemble.app.file;

import bemble.app.table.Changes;
import javax.sql.DataSource;
import org.h2.mvstore.MVStoreException;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.DefaultTransactionStatus;

/**
 * Transactions that end when their changes are on the disk, so that nobody is told of a change
 * before. The connection is given back before the wait for the disk.
 */
final class KeepingTransactions extends JdbcTransactionManager {
  private static final long serialVersionUID = 1L;

  private final transient Gate gate;
  private final transient OpenFile open;
  private final transient DiskSpace room;
  private final transient Changes changes;
  private final transient ThreadLocal<Boolean> committed = new ThreadLocal<>();

  KeepingTransactions(
      DataSource source, Gate gate, OpenFile open, DiskSpace room, Changes changes) {
    super(source);
    this.gate = gate;
    this.open = open;
    this.room = room;
    this.changes = changes;
  }

  @Override
  protected void doBegin(Object transaction, TransactionDefinition definition) {
    gate.enter();
    try {
      super.doBegin(transaction, definition);
    } catch (RuntimeException | Error e) {
      gate.leave();
      throw e;
    }
  }

  @Override
  protected void doCommit(DefaultTransactionStatus status) {
    super.doCommit(status);
    changes.note();
    committed.set(true);
  }

  @Override
  protected void doCleanupAfterCompletion(Object transaction) {
    boolean changed = committed.get() != null;
    committed.remove();
    try {
      super.doCleanupAfterCompletion(transaction);
    } finally {
      gate.leave();
    }
    if (changed) {
      flush();
    }
  }

  private void flush() {
    try {
      open.flush();
    } catch (MVStoreException e) {
      throw room.reason(e);
    }
  }
}
