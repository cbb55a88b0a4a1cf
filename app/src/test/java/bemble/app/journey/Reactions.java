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
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * How soon the screens answer, from the key or the click to the picture with its consequence. Not a
 * test: run by {@code ./bemble reactions}.
 */
class Reactions {
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
      }
    }
  }

  private static List<Double> written(Page page, Talk talk) {
    Map<String, Object> sum = Talk.sum("987654 × 456", "column");
    JsonNode strokes =
        talk.post("/api/pupils", Map.of("sum", sum, "slips", List.of())).json().get("strokes");
    long id = talk.post("/api/attempts", Map.of("sum", sum)).json().get("id").asLong();
    page.navigate("/slate/" + id);
    page.getByTestId("cursor").waitFor();
    List<Double> took = new ArrayList<>();
    Set<String> used = new HashSet<>();
    for (JsonNode stroke : strokes) {
      Runnable press = () -> page.keyboard().press("Digit" + stroke.get("text").asText());
      // A later row's carry takes the square of an earlier one, and its verdict looks the same.
      if (used.add(stroke.get("row") + " " + stroke.get("column") + stroke.get("kind"))) {
        took.add(
            timed(page, "keydown", "document.querySelectorAll('[data-verdict]').length", press));
      } else {
        page.waitForResponse("**/strokes", press);
      }
    }
    return took;
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

  /** What the browser works for a step of the largest page, its picture included. */
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
