package bemble.app.file;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.h2.mvstore.DataUtils;
import org.h2.mvstore.MVStore;

/**
 * The digests of the chunks that a data file had when it was opened, in a file beside it. A chunk
 * is written once and given up as a whole; so after a kill each of them that the file still needs
 * must be as it was. What was written since has no digest. A chunk whose pages have all been
 * replaced is still listed in the file, but the flush that was killed may have written over it.
 *
 * @param path where the digests lie
 */
record OpenedChunks(Path path) {
  private static final String CHUNK = "chunk.";
  private static final int BLOCK = 4096;

  /** A chunk that is needed: its number, its first block and how many it has. */
  private record Chunk(String id, long block, int blocks) {
    /** The line of a chunk with its bytes. */
    private String line(RandomAccessFile file) throws IOException {
      byte[] bytes = new byte[blocks * BLOCK];
      file.seek(block * BLOCK);
      int read = Math.max(0, file.read(bytes));
      MessageDigest digest = Sha256.begin();
      digest.update(bytes, 0, read);
      return head() + Sha256.end(digest);
    }

    private String head() {
      return id + " " + block + " " + blocks + " ";
    }
  }

  /** Notes the chunks of a file that is about to be opened. */
  void note(Path file) throws IOException {
    Files.deleteIfExists(path);
    if (Files.exists(file) && Files.size(file) > 0) {
      Files.write(path, lines(file, needed(file)), StandardCharsets.US_ASCII);
      Folders.ownFile(path);
    }
  }

  /** Whether all chunks that are noted and still needed are as they were. */
  boolean fit(Path file) throws IOException {
    if (!Files.exists(path) || Files.size(file) == 0) {
      return true;
    }
    Set<String> noted = new HashSet<>(Files.readAllLines(path, StandardCharsets.US_ASCII));
    Set<String> heads =
        noted.stream()
            .map(line -> line.substring(0, line.lastIndexOf(' ') + 1))
            .collect(Collectors.toSet());
    List<Chunk> same = needed(file).stream().filter(chunk -> heads.contains(chunk.head())).toList();
    return noted.containsAll(lines(file, same));
  }

  /** Forgets them: the file is closed, and its seal covers all of it. */
  void forget() throws IOException {
    Files.deleteIfExists(path);
  }

  private static List<String> lines(Path file, List<Chunk> chunks) throws IOException {
    List<String> lines = new ArrayList<>();
    try (RandomAccessFile bytes = new RandomAccessFile(file.toFile(), "r")) {
      for (Chunk chunk : chunks) {
        lines.add(chunk.line(bytes));
      }
    }
    return lines;
  }

  private static List<Chunk> needed(Path file) {
    return StoreFile.read(file, OpenedChunks::needed);
  }

  private static List<Chunk> needed(MVStore store) {
    List<Chunk> chunks = new ArrayList<>();
    for (Map.Entry<String, String> entry : store.getLayoutMap().entrySet()) {
      if (entry.getKey().startsWith(CHUNK)) {
        Map<String, String> about = DataUtils.parseMap(entry.getValue());
        long block = DataUtils.readHexLong(about, "block", 0);
        int blocks = (int) DataUtils.readHexLong(about, "len", 0);
        boolean isNeeded = DataUtils.readHexLong(about, "livePages", 1) > 0;
        if (block > 0 && blocks > 0 && isNeeded) {
          chunks.add(new Chunk(entry.getKey().substring(CHUNK.length()), block, blocks));
        }
      }
    }
    return chunks;
  }
}
