package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** No mark of a page comes before its step, whether seen, read aloud or hidden in the screen. */
class NothingGivenAwayJourneyTest extends Journey {
  /**
   * A step of a page or of its check: its sentence, its facts, and the figures on the page then.
   */
  private record Told(String say, List<String> facts, int figures) {
    boolean tells(String text) {
      return say.contains(text) || facts.contains(text);
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "387 + 268 | column         | 655",
        "58 + 67 + 94 | in-pairs    | 219",
        "487 + 215 | left-to-right  | 702",
        "145 + 138 | blocks         | 283",
        "632 − 278 | exchange       | 354",
        "632 − 278 | add-to-both    | 354",
        "632 − 278 | expanded       | 354",
        "57 × 38   | column         | 2,166",
        "57 × 38   | area           | 2,166",
        "57 × 38   | crosswise      | 2,166",
        "57 × 38   | lattice        | 2,166",
        "943 ÷ 7   | long           | 134",
        "943 ÷ 7   | short          | 134",
        "√1,369    | digit-pairs    | 37"
      })
  void whatComesLaterIsNowhereOnThePage(String sum, String method, String answer) {
    JsonNode working = talk().post("/api/workings", Talk.sum(sum, method)).json();
    List<Told> all = told(working);
    int ends = working.get("steps").size();
    hand.page.navigate("/desk?sum=" + sum.replace("+", "%2B") + "&method=" + method);
    assertThat(hand.sentence()).isVisible();
    hand.button("Ask first").click();
    hand.line().focus();
    hand.line().blur();
    for (int step = 1; step < ends; step++) {
      hand.press("Space");
      assertThat(hand.page.getByText("step " + (step + 1) + " of")).isVisible();
      assertThat(hand.sentence()).not().isEmpty();
      nothingFrom(step, all, answer, ends);
      assertEquals(all.get(step - 1).figures(), figures(), "figures at the question of " + step);
      hand.press("Space");
      assertThat(hand.sentence()).hasText(all.get(step).say());
      nothingFrom(step + 1, all, answer, ends);
      assertEquals(all.get(step).figures(), figures(), "figures at step " + step);
    }
  }

  private void nothingFrom(int step, List<Told> all, String answer, int ends) {
    String page = hand.page.content();
    List<Told> before = all.subList(0, step);
    for (Told later : all.subList(step, all.size())) {
      List<String> hidden = new ArrayList<>(later.facts());
      hidden.add(later.say());
      for (String text : hidden) {
        boolean said = before.stream().anyMatch(each -> each.tells(text));
        assertFalse(!said && page.contains(text), () -> text + " before step " + step);
      }
    }
    assertFalse(step < ends && page.contains(" = " + answer + "."), answer);
  }

  private int figures() {
    return hand.page.getByTestId("paper").first().locator("[data-kind=figure]").count();
  }

  private static List<Told> told(JsonNode working) {
    List<Told> told = new ArrayList<>();
    for (JsonNode part : List.of(working, working.get("check"))) {
      int number = 0;
      for (JsonNode step : part.get("steps")) {
        List<String> facts = new ArrayList<>();
        for (JsonNode fact : step.get("facts")) {
          facts.add(fact.get("sum").asText() + " = " + fact.get("result").asText());
        }
        told.add(new Told(step.get("say").asText(), facts, written(part, number++)));
      }
    }
    return told;
  }

  /** How many figures of full size stand on a page at a step. */
  private static int written(JsonNode part, int step) {
    int written = 0;
    for (JsonNode mark : part.get("paper").get("marks")) {
      boolean figure = mark.get("shape").get("kind").asText().equals("figure");
      boolean gone = mark.has("gone") && mark.get("gone").asInt() <= step;
      written += figure && mark.get("step").asInt() <= step && !gone ? 1 : 0;
    }
    return written;
  }
}
