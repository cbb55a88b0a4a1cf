package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Everything is done once, and to the class that the screen shows. */
@BeginsEmpty
class OnceJourneyTest extends HandedOut {
  private static Locator button(String name) {
    return hand.page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  @Test
  void aNameTypedForOneClassLandsInNoOther() {
    hand.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Handouts")).click();
    hand.page.getByLabel("New pupils").fill("Jory");
    JsonNode classes = talk().post("/api/classes", Map.of("name", "Wrens")).json();
    long mine = classes.get(0).get("id").asLong();
    long other = classes.get(1).get("id").asLong();
    talk().post("/api/classes/" + other + "/current", Map.of());
    String taken = talk().get("/api/classes").json().findValuesAsText("name").toString();
    // The screens may follow before the press, as they do where the window is looked at again.
    hand.page.evaluate("() => window.dispatchEvent(new Event('visibilitychange'))");
    assertThat(hand.page.getByText("Pupils of Wrens")).isVisible();
    button("Add pupils").click();
    assertThat(hand.page.getByText("Another window has changed to")).isVisible();
    assertThat(hand.page.getByText("Pupils of Wrens")).isVisible();
    assertThat(hand.page.getByLabel("New pupils")).hasValue("Jory");
    assertEquals(0, talk().get("/api/roll").json().size(), taken);
    talk().post("/api/classes/" + mine + "/current", Map.of());
    assertEquals(5, talk().get("/api/roll").json().size());
    talk().delete("/api/classes/" + other);
  }

  @Test
  void aDoubleClickGivesOneHandoutAndOneWayBack() {
    typeSums();
    String set = hand.page.url();
    long before = talk().get("/api/handouts").json().get("total").asLong();
    hand.button("Hand out").click();
    inDialog("Hand out").dblclick();
    assertThat(hand.page).hasURL(Pattern.compile("/marking/\\d+$"));
    assertEquals(before + 1, talk().get("/api/handouts").json().get("total").asLong());
    hand.page.goBack();
    assertThat(hand.page).hasURL(set);
  }

  @Test
  void aSecondPressBeforeTheAnswerDoesNothing() {
    hand.page.route(
        "**/api/roll",
        route -> {
          hand.page.waitForTimeout(300);
          route.resume();
        });
    hand.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Handouts")).click();
    hand.page.getByLabel("New pupils").fill("Jory");
    button("Add pupils").dblclick();
    assertThat(hand.page.getByLabel("Name of Jory")).isVisible();
    assertThat(hand.page.getByText("is on the list already")).hasCount(0);
    hand.page.unroute("**/api/roll");
    JsonNode roll = talk().get("/api/roll").json();
    for (JsonNode pupil : roll) {
      if (pupil.get("name").asText().equals("Jory")) {
        talk().delete("/api/roll/" + pupil.get("id").asLong());
      }
    }
    assertEquals(6, roll.size());
  }

  @Test
  void whatWasDoneButNotAnsweredIsNotDoneAgain() {
    typeSums();
    long before = talk().get("/api/sets").json().get("total").asLong();
    // Bemble does it, and its answer is lost on the way.
    hand.page.route(
        "**/api/sets",
        route -> {
          if (route.request().method().equals("POST")) {
            route.fetch();
            route.abort();
          } else {
            route.resume();
          }
        });
    button("Keep set").click();
    assertThat(hand.page.getByText("Bemble does not answer")).isVisible();
    hand.page.unroute("**/api/sets");
    button("Keep set").click();
    assertThat(hand.page).hasURL(Pattern.compile("/sets/\\d+$"));
    assertEquals(before + 1, talk().get("/api/sets").json().get("total").asLong());
  }
}
