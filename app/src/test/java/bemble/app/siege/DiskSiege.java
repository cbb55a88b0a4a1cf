package bemble.app.siege;

import bemble.app.journey.Talk;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/** A disk that is filled and freed while some write. */
final class DiskSiege implements Siege.Part {
  @Override
  public List<Siege.Row> run(Path folder, int times) throws IOException {
    if (!SmallDisk.isPossible()) {
      return List.of(new Siege.Row("a full disk", "-", "no disk could be mounted here"));
    }
    try (SmallDisk disk = new SmallDisk(folder, 120)) {
      Writers writers = new Writers(disk.talk(), "disk").begin(2);
      int again = 0;
      for (int i = 0; i < times; i++) {
        // To the last byte, and faster than anybody could look at it.
        disk.fillTo(0);
        Pause.millis(300);
        disk.free();
        again += isKept(disk.talk(), "round " + i) ? 1 : 0;
      }
      Set<String> lost = new TreeSet<>(writers.end().confirmed());
      int confirmed = lost.size();
      lost.removeIf(each -> each.startsWith("a"));
      int pages = lost.size();
      for (long before = Long.MAX_VALUE; ; ) {
        JsonNode part = disk.talk().get("/api/pages?before=" + before).json().get("entries");
        if (part.isEmpty()) {
          break;
        }
        for (JsonNode page : part) {
          lost.remove(page.get("title").asText());
          before = page.get("id").asLong();
        }
      }
      return List.of(
          new Siege.Row(
              "a disk filled to its last byte and freed, while six write",
              "507 in a sentence, and on again when there is room",
              "%d of %d times on again; %d of %,d confirmed pages were lost, %,d confirmed in all"
                  .formatted(again, times, lost.size(), pages, confirmed)));
    }
  }

  private static boolean isKept(Talk talk, String title) {
    for (int i = 0; i < 20; i++) {
      if (talk.post("/api/pages", Map.of("sum", Map.of("plain", "23 + 45"), "title", title))
              .status()
          == 201) {
        return true;
      }
      Pause.millis(100);
    }
    return false;
  }
}
