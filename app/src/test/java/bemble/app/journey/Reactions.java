package bemble.app.journey;

import com.fasterxml.jackson.databind.JsonNode;
import com.google.gson.JsonElement;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * How soon the screens answer, from the key or the click to the picture with its consequence. Not a
 * test: run by {@code ./bemble reactions}.
 */
class Reactions {
  private static final int PUPILS = 40;
  private static final int SUMS = 30;

  /** Waits in the page, so that the way from here to the browser is not counted. */
  private static final String WATCH =
      """
      ([event, seen]) => {
        const look = new Function('return ' + seen);
        const before = look();
        window.reaction = new Promise((done, fail) => {
          let start = 0;
          setTimeout(() => fail('nothing changed'), 5000);
          addEventListener(event, (e) => (start = e.timeStamp), { capture: true, once: true });
          new MutationObserver((_, watch) => {
            if (look() !== before) {
              watch.disconnect();
              requestAnimationFrame(() => setTimeout(() => done(performance.now() - start)));
            }
          }).observe(document.body, { subtree: true, childList: true, attributes: true });
        });
      }
      """;

  @Test
  void measure(@TempDir Path folder) {
    try (RunningApp app = new RunningApp(folder.resolve("reactions"), false);
        DeskHand hand = new DeskHand(app.address())) {
      Talk talk = new Talk(app.address());
      hand.page.getByRole(AriaRole.MAIN).waitFor();
      for (int round = 1; round <= 3; round++) {
        tell("round " + round + ": key to its mark and verdict", written(hand.page, talk));
        tell("round " + round + ": setting to its live page", changed(hand.page));
        hand.page.navigate("/desk?sum=" + "987654321098765432109876 × 123456789012345678901234");
        tell("round " + round + ": work for a step of 24 × 24 figures", stepped(hand.page));
        long grid = grid(talk, round);
        tell("round " + round + ": a grid of 40 × 30 opened", opened(hand.page, round));
        tell("round " + round + ": an answer to its mark", marked(hand.page, grid));
      }
    }
  }

  /** On the demo's eight weeks, so that the register is as full as that of a class. */
  @Test
  void measureTheRegister(@TempDir Path folder) {
    try (RunningApp app = new RunningApp(folder.resolve("register"), true);
        DeskHand hand = new DeskHand(app.address())) {
      Talk talk = new Talk(app.address());
      hand.page.navigate("/register");
      hand.page.locator("[data-standing=SURE]").first().waitFor();
      for (int round = 1; round <= 3; round++) {
        tell("round " + round + ": the register opened", register(hand.page, () -> {}));
        tell(
            "round " + round + ": the register opened after a new mark",
            register(hand.page, () -> mark(talk)));
      }
    }
  }

  private static List<Double> register(Page page, Runnable before) {
    List<Double> took = new ArrayList<>();
    for (int time = 0; time < 10; time++) {
      page.navigate("/house");
      page.getByTestId("live-sentence").first().waitFor();
      before.run();
      String drawn = "document.querySelectorAll('[data-standing=SURE]').length > 0";
      Locator tab = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Register"));
      took.add(timed(page, "click", drawn, tab::click));
    }
    return took;
  }

  /** Another answer to the first sum of the latest handout. */
  private static void mark(Talk talk) {
    long id = talk.get("/api/handouts").json().at("/entries/0/id").asLong();
    JsonNode grid = talk.get("/api/handouts/" + id).json();
    Map<String, Object> cell =
        Map.of(
            "pupil", grid.at("/pupils/0/id").asLong(),
            "number", 1,
            "given", String.valueOf(System.nanoTime() % 1000));
    talk.put("/api/handouts/" + id + "/answers", Map.of("cells", List.of(cell)));
  }

  private static List<Double> written(Page page, Talk talk) {
    Map<String, Object> sum = Talk.sum("987654 × 456", "column");
    JsonNode strokes =
        talk.post("/api/pupils", Map.of("sum", sum, "slips", List.of())).json().get("strokes");
    Map<String, String> figures = new HashMap<>();
    strokes.forEach(
        stroke -> {
          if (stroke.get("kind").asText().equals("FIGURE")) {
            int column = stroke.get("column").asInt();
            figures.put(stroke.get("row") + " " + column, stroke.get("text").asText());
          }
        });
    JsonNode attempt = talk.post("/api/attempts", Map.of("sum", sum)).json();
    page.navigate("/slate/" + attempt.get("id").asLong());
    page.getByTestId("cursor").waitFor();
    List<Double> took = new ArrayList<>();
    for (JsonNode stop : attempt.get("path")) {
      if (stop.get("kind").asText().equals("FIGURE")) {
        String number = number(stop, figures);
        // A number that is written in one go is judged when it is complete.
        String begun = number.substring(0, number.length() - 1);
        begun.chars().forEach(digit -> press(page, (char) digit));
        took.add(
            timed(
                page,
                "keydown",
                "document.querySelectorAll('[data-verdict]').length",
                () -> press(page, number.charAt(number.length() - 1))));
      }
    }
    return took;
  }

  /** The figures that are written at a stop of the hand, as they are read. */
  private static String number(JsonNode stop, Map<String, String> figures) {
    JsonNode last = stop.get("at");
    int first = last.get("column").asInt() - stop.get("figures").asInt() + 1;
    return IntStream.rangeClosed(first, last.get("column").asInt())
        .mapToObj(column -> figures.get(last.get("row") + " " + column))
        .collect(Collectors.joining());
  }

  private static void press(Page page, char digit) {
    page.keyboard().press("Digit" + digit);
  }

  private static List<Double> changed(Page page) {
    page.navigate("/house");
    page.getByTestId("live-sentence").first().waitFor();
    List<Double> took = new ArrayList<>();
    for (Locator card : page.locator("[data-testid^=setting-]").all()) {
      String name = card.getAttribute("data-testid");
      String look =
          "document.querySelector('[data-testid=" + name + "] [data-shown]').dataset.shown";
      card.scrollIntoViewIfNeeded();
      card.getByTestId("live-sentence").waitFor();
      took.add(
          timed(page, "click", look, card.locator("button[aria-pressed=false]").first()::click));
    }
    page.getByText("All settings back to standard").click();
    return took;
  }

  /** The times of a step on the largest page, including the drawing of its picture. */
  private static List<Double> stepped(Page page) {
    page.getByText("step 1 of").waitFor();
    CDPSession session = page.context().newCDPSession(page);
    session.send("Performance.enable");
    page.keyboard().press("End");
    List<Double> took = new ArrayList<>();
    for (int step = 0; step < 40; step++) {
      double before = worked(session);
      timed(
          page,
          "keydown",
          "document.querySelector('[data-testid=sentence]').textContent",
          () -> page.keyboard().press("ArrowLeft"));
      took.add(worked(session) - before);
    }
    return took;
  }

  /** A grid of forty pupils and thirty sums, all but the first pupil's answers entered. */
  private static long grid(Talk talk, int round) {
    String names =
        IntStream.range(0, PUPILS)
            .mapToObj(pupil -> "Pupil " + (char) ('A' + pupil % 26) + pupil)
            .collect(Collectors.joining("\n"));
    talk.post("/api/roll", Map.of("names", names));
    List<Object> sums =
        IntStream.range(0, SUMS)
            .<Object>mapToObj(
                n -> Map.of("plain", (642 + 7 * n) + " − " + (178 + 3 * n), "method", "exchange"))
            .toList();
    String title = "Pots of round " + round;
    JsonNode grid = talk.post("/api/handouts", Map.of("title", title, "sums", sums)).json();
    long id = grid.get("id").asLong();
    talk.post("/api/handouts/" + id + "/simulated", Map.of("seed", round));
    List<Object> cells =
        IntStream.range(0, SUMS)
            .<Object>mapToObj(
                n -> Map.of("pupil", grid.at("/pupils/0/id").asLong(), "number", n, "given", ""))
            .toList();
    talk.put("/api/handouts/" + id + "/answers", Map.of("cells", cells));
    return id;
  }

  private static List<Double> opened(Page page, int round) {
    List<Double> took = new ArrayList<>();
    for (int time = 0; time < 5; time++) {
      page.navigate("/marking");
      Locator open = page.getByLabel("Mark Pots of round " + round);
      open.waitFor();
      String drawn = "document.querySelectorAll('[data-outcome]').length >= " + (PUPILS - 1) * SUMS;
      took.add(timed(page, "click", drawn, open::click));
    }
    return took;
  }

  private static List<Double> marked(Page page, long grid) {
    page.navigate("/marking/" + grid);
    page.getByTestId("group").first().waitFor();
    page.getByRole(AriaRole.GRID).focus();
    List<Double> took = new ArrayList<>();
    for (int n = 0; n < SUMS; n++) {
      page.keyboard().type(String.valueOf(400 + n));
      String marks =
          "document.querySelectorAll('[data-outcome=WRONG], [data-outcome=RIGHT]').length";
      took.add(timed(page, "keydown", marks, () -> page.keyboard().press("Enter")));
    }
    return took;
  }

  private static double worked(CDPSession session) {
    for (JsonElement metric : session.send("Performance.getMetrics").getAsJsonArray("metrics")) {
      if (metric.getAsJsonObject().get("name").getAsString().equals("TaskDuration")) {
        return 1000 * metric.getAsJsonObject().get("value").getAsDouble();
      }
    }
    throw new IllegalStateException("no such metric");
  }

  private static double timed(Page page, String event, String seen, Runnable act) {
    page.evaluate(WATCH, List.of(event, seen));
    act.run();
    return ((Number) page.evaluate("() => window.reaction")).doubleValue();
  }

  private static void tell(String what, List<Double> took) {
    Collections.sort(took);
    System.out.printf(
        "%s: median %.0f ms, 95th percentile %.0f ms, %d times%n",
        what, took.get(took.size() / 2), took.get(took.size() * 95 / 100), took.size());
  }
}
