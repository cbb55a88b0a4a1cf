package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What a teacher who tries Bemble finds in it. */
class DemoTest {
  @Test
  void hasPupilsHandoutsRunsAndSets(@TempDir Path folder) {
    try (RunningApp app = new RunningApp(folder.resolve("demo"), true)) {
      Talk talk = new Talk(app.address());
      assertEquals(24, talk.get("/api/roll").json().size());
      JsonNode handouts = talk.get("/api/handouts").json();
      assertEquals(4, handouts.get("total").asInt());
      assertEquals(0, handouts.at("/entries/0/answers").asInt(), "one waits");
      assertEquals(13 * 8, handouts.at("/entries/1/answers").asInt(), "one is half marked");
      assertEquals(24 * 12, handouts.at("/entries/2/answers").asInt());
      assertEquals(3, talk.get("/api/runs").json().get("total").asInt());
      assertEquals(12, talk.get("/api/sets").json().get("total").asInt());
    }
  }
}
