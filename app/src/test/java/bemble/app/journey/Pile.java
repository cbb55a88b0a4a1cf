package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Handouts and the answers to them, given and marked over HTTP. */
record Pile(Talk talk) {
  /** How a handout of some sums is asked for. */
  static Map<String, Object> request(List<String> sums, String method) {
    List<Object> items = new ArrayList<>();
    sums.forEach(sum -> items.add(Map.of("plain", sum, "method", method)));
    Map<String, Object> request = new HashMap<>();
    request.put("title", "Bulb crates");
    request.put("sums", items);
    return request;
  }

  JsonNode handout(List<String> sums, String method) {
    Talk.Answer given = talk.post("/api/handouts", request(sums, method));
    assertEquals(201, given.status(), given.text());
    return given.json();
  }

  static String path(JsonNode grid) {
    return "/api/handouts/" + grid.get("id");
  }

  static long pupil(JsonNode grid, String name) {
    for (JsonNode pupil : grid.get("pupils")) {
      if (pupil.get("name").asText().equals(name)) {
        return pupil.get("id").asLong();
      }
    }
    throw new AssertionError(name);
  }

  /** An answer, and what stood in its place when it was given. */
  static Map<String, Object> cell(long pupil, int number, String given, String seen) {
    Map<String, Object> cell = new HashMap<>();
    cell.put("pupil", pupil);
    cell.put("number", number);
    cell.put("given", given);
    cell.put("seen", seen);
    return cell;
  }

  JsonNode put(JsonNode grid, List<Map<String, Object>> cells) {
    Talk.Answer answer = talk.put(path(grid) + "/answers", Map.of("cells", cells));
    assertEquals(200, answer.status(), answer.text());
    return answer.json();
  }

  /** The first answers of a pupil. */
  JsonNode row(JsonNode grid, String name, List<String> answers) {
    List<Map<String, Object>> cells = new ArrayList<>();
    for (int i = 0; i < answers.size(); i++) {
      cells.add(cell(pupil(grid, name), i, answers.get(i), null));
    }
    return put(grid, cells);
  }

  /** All answers that are kept. */
  JsonNode cells(JsonNode grid) {
    return talk.get(path(grid)).json().get("cells");
  }

  JsonNode glance(JsonNode grid) {
    return talk.get(path(grid) + "/glance").json();
  }
}
