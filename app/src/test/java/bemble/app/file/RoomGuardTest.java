package bemble.app.file;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.mockito.BDDMockito.given;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;

import bemble.app.http.NoRoomException;
import java.io.File;
import org.apache.ibatis.plugin.Invocation;
import org.junit.jupiter.api.Test;

class RoomGuardTest {
  private final File folder = mock(File.class);
  private final Invocation update = mock(Invocation.class);
  private final RoomGuard guard = new RoomGuard(folder);

  @Test
  void refusesToWriteOnAFullDiskAndGoesOnWhenThereIsRoom() throws Throwable {
    given(folder.getUsableSpace()).willReturn(RoomGuard.LEAST_BYTES - 1);
    assertThrows(NoRoomException.class, () -> guard.intercept(update));
    verify(update, never()).proceed();
    given(folder.getUsableSpace()).willReturn(RoomGuard.LEAST_BYTES);
    given(update.proceed()).willReturn(1);
    assertEquals(1, guard.intercept(update));
  }
}
