package bemble.app.file;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Random;
import org.h2.mvstore.MVMap;
import org.h2.mvstore.MVStore;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class OpenedChunksTest {
  private static final int BLOCK = 4096;
  private static final int ENTRIES = 40;

  @TempDir Path folder;
  private final Random random = new Random(5);

  /** Blocks that nothing needs any longer are written over, also by a flush that is cut short. */
  @Test
  void aFileFitsWhereverTheLastFlushWasCutShort() throws IOException {
    Path file = folder.resolve("bemble.mv.db");
    OpenedChunks chunks = new OpenedChunks(folder.resolve("bemble.chunks"));
    flush(file, () -> {});
    for (int opened = 0; opened < 5; opened++) {
      chunks.note(file);
      byte[][] before = {Files.readAllBytes(file)};
      flush(
          file,
          () -> {
            byte[] after = Files.readAllBytes(file);
            Path killed = Files.write(folder.resolve("killed"), cutShort(before[0], after));
            assertTrue(chunks.fit(killed));
            assertEquals(ENTRIES, StoreFile.read(killed, OpenedChunksTest::entries));
            before[0] = after;
          });
    }
  }

  private interface Look {
    void look() throws IOException;
  }

  /** Flushes a few times as an open file does, looks each time, and is killed in the end. */
  private void flush(Path file, Look after) throws IOException {
    MVStore store = new MVStore.Builder().fileName(file.toString()).autoCommitDisabled().open();
    try {
      store.setRetentionTime(0);
      MVMap<Integer, byte[]> map = store.openMap("map");
      for (int flush = 0; flush < 60; flush++) {
        for (int entry = 0; entry < ENTRIES; entry++) {
          if (map.size() < ENTRIES || random.nextInt(10) == 0) {
            byte[] some = new byte[random.nextInt(3000)];
            random.nextBytes(some);
            map.put(entry, some);
          }
        }
        store.commit();
        after.look();
      }
    } finally {
      store.closeImmediately();
    }
  }

  private static int entries(MVStore store) {
    int read = 0;
    for (byte[] each : store.<Integer, byte[]>openMap("map").values()) {
      read += each == null ? 0 : 1;
    }
    return read;
  }

  /** Some of the blocks that a flush writes, in their order; the head of the file comes last. */
  private byte[] cutShort(byte[] before, byte[] after) {
    byte[] cut = Arrays.copyOf(before, Math.max(before.length, after.length));
    boolean isCut = false;
    for (int at = 2 * BLOCK; at < after.length && !isCut; at += BLOCK) {
      isCut = !Arrays.equals(cut, at, at + BLOCK, after, at, at + BLOCK) && random.nextInt(4) == 0;
      System.arraycopy(after, at, cut, at, BLOCK);
    }
    return cut;
  }
}
