package bemble.app.file;

import bemble.app.once.RequestInHand;
import java.lang.reflect.InvocationTargetException;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import org.apache.ibatis.executor.Executor;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.mapping.SqlCommandType;
import org.apache.ibatis.plugin.Interceptor;
import org.apache.ibatis.plugin.Intercepts;
import org.apache.ibatis.plugin.Invocation;
import org.apache.ibatis.plugin.Signature;
import org.apache.ibatis.session.ResultHandler;
import org.apache.ibatis.session.RowBounds;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Stands before every statement of a mapper that writes. There must be room for it, and it belongs
 * to a transaction: one that a service has begun, otherwise one of its own. The key of the request
 * is kept with its first change.
 */
@Intercepts({
  @Signature(
      type = Executor.class,
      method = "update",
      args = {MappedStatement.class, Object.class}),
  @Signature(
      type = Executor.class,
      method = "query",
      args = {MappedStatement.class, Object.class, RowBounds.class, ResultHandler.class})
})
final class WriteGuard implements Interceptor {
  private final DiskSpace room;
  private final OpenFile open;
  private final TransactionOperations transactions;
  private final Supplier<RequestInHand> inHand;
  private final Map<String, Boolean> writing = new ConcurrentHashMap<>();

  /**
   * Takes the current request when it is needed: this guard is made before the bean that keeps it.
   */
  WriteGuard(
      DiskSpace room,
      OpenFile open,
      TransactionOperations transactions,
      Supplier<RequestInHand> inHand) {
    this.room = room;
    this.open = open;
    this.transactions = transactions;
    this.inHand = inHand;
  }

  @Override
  public Object intercept(Invocation statement) throws Throwable {
    if (!writes((MappedStatement) statement.getArgs()[0], statement.getArgs()[1])) {
      return statement.proceed();
    }
    room.refuseIfFull();
    try {
      return TransactionSynchronizationManager.isActualTransactionActive()
          ? write(statement)
          : transactions.execute(status -> proceed(statement));
    } catch (FailedStatementException e) {
      throw failed(Objects.requireNonNull(e.getCause()));
    } catch (InvocationTargetException e) {
      throw failed(e.getTargetException());
    }
  }

  /** The disk may have become full since it was looked at. */
  private Throwable failed(Throwable failure) {
    return open.isBroken() ? room.reason(failure) : failure;
  }

  /** Some inserts answer with the number of their row, and so look like queries. */
  private boolean writes(MappedStatement statement, Object parameter) {
    return statement.getSqlCommandType() != SqlCommandType.SELECT
        || writing.computeIfAbsent(
            statement.getId(),
            any ->
                statement
                    .getBoundSql(parameter)
                    .getSql()
                    .toLowerCase(Locale.ROOT)
                    .contains("from final table"));
  }

  private Object write(Invocation statement)
      throws InvocationTargetException, IllegalAccessException {
    inHand.get().keep();
    return statement.proceed();
  }

  private Object proceed(Invocation statement) {
    try {
      return write(statement);
    } catch (InvocationTargetException e) {
      throw new FailedStatementException(e.getTargetException());
    } catch (IllegalAccessException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Carries the failure of a statement out of its transaction. */
  private static final class FailedStatementException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    FailedStatementException(Throwable cause) {
      super(cause);
    }
  }
}
