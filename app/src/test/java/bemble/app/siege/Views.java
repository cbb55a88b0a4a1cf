package bemble.app.siege;

import bemble.app.journey.Talk;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Everything that can be looked at: whatever was sent before, each view answers. */
public final class Views {
  /** The parts of each entry of a list that can be looked at. */
  private static final Map<String, List<String>> PARTS =
      Map.of(
          "pages", List.of(""),
          "attempts", List.of(""),
          "runs", List.of(""),
          "sets", List.of("", "/file", "/csv", "/slip-key"),
          "handouts", List.of("", "/glance", "/csv"));

  private Views() {}

  /** The views that failed, with their answers; those of each class in its turn. */
  public static Map<String, String> failing(Talk talk) {
    Map<String, String> failing = new TreeMap<>();
    Talk.Answer classes = talk.get("/api/classes");
    if (classes.status() != 200) {
      return Map.of("/api/classes", classes.text());
    }
    long current = 0;
    for (JsonNode each : classes.json()) {
      current = each.get("current").asBoolean() ? each.get("id").asLong() : current;
      failing.putAll(failing(talk, each.get("id").asLong()));
    }
    talk.post("/api/classes/" + current + "/current", "");
    return failing;
  }

  /** The same of one class, which is the current one from then on. */
  public static Map<String, String> failing(Talk talk, long classId) {
    Map<String, String> failing = new TreeMap<>();
    talk.post("/api/classes/" + classId + "/current", "");
    for (String view : ofCurrentClass(talk)) {
      Talk.Answer answer = talk.get(view);
      if (answer.status() >= 500) {
        failing.put("class " + classId + " " + view, answer.text());
      }
    }
    return failing;
  }

  /** The addresses of all views of the current class. */
  public static List<String> ofCurrentClass(Talk talk) {
    List<String> views =
        new ArrayList<>(
            List.of(
                "/api/settings",
                "/api/pages",
                "/api/attempts",
                "/api/runs",
                "/api/sets",
                "/api/handouts",
                "/api/roll",
                "/api/ladder",
                "/api/register",
                "/api/plan?weeks=12&from=" + LocalDate.now().minusWeeks(9),
                "/api/plan/today",
                "/api/plan/log",
                "/api/plan/year",
                "/api/plan/calendar",
                "/api/register/csv",
                "/api/backups"));
    PARTS.forEach(
        (list, parts) -> {
          for (JsonNode each : talk.get("/api/" + list).json().path("entries")) {
            parts.forEach(part -> views.add("/api/" + list + "/" + each.get("id") + part));
          }
        });
    for (JsonNode each : talk.get("/api/roll").json()) {
      if (each.has("id")) {
        views.add("/api/register/pupils/" + each.get("id"));
        views.add("/api/extracts/pupils/" + each.get("id"));
      }
    }
    return views;
  }
}
