package bemble.app.file;

import bemble.app.http.NoRoomException;
import java.io.File;
import org.apache.ibatis.executor.Executor;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.plugin.Interceptor;
import org.apache.ibatis.plugin.Intercepts;
import org.apache.ibatis.plugin.Invocation;
import org.apache.ibatis.plugin.Signature;

/**
 * Refuses to write while the disk is nearly full. A database whose disk is full closes itself; one
 * that was not asked goes on as soon as there is room.
 */
@Intercepts(
    @Signature(
        type = Executor.class,
        method = "update",
        args = {MappedStatement.class, Object.class}))
class RoomGuard implements Interceptor {
  /** More than the largest change with what the database writes along with it. */
  static final long LEAST_BYTES = 16L << 20;

  private final File folder;

  /** Watches over the disk that {@code folder} is on. */
  RoomGuard(File folder) {
    this.folder = folder;
  }

  @Override
  public Object intercept(Invocation update) throws Throwable {
    if (folder.getUsableSpace() < LEAST_BYTES) {
      throw new NoRoomException();
    }
    return update.proceed();
  }
}
