package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Bemble stops in the middle of work, and comes back at the same address. */
class OutageJourneyTest {
  private RunningApp app;
  private DeskHand hand;
  @RegisterExtension final LastLook lastLook = new LastLook(() -> hand);

  @BeforeEach
  void start() {
    app = RunningApp.emptied();
    hand = new DeskHand(app.address());
  }

  @AfterEach
  void stop() {
    hand.close();
  }

  private void comeBack() {
    app = app.again();
  }

  private Locator inDialog(String button) {
    return hand.page
        .getByRole(AriaRole.DIALOG)
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(button));
  }

  private Locator written() {
    return hand.page.locator("[data-layer='1'] [data-kind=figure]");
  }

  private void beginOnSlate() {
    hand.page.navigate("/slate");
    hand.page.getByLabel("Sum to try").fill("46 + 38");
    hand.button("Begin").click();
    assertThat(hand.page.getByTestId("cursor")).isVisible();
  }

  @Test
  void aPageOnTheDeskIsSteppedOnAndKeptLater() {
    hand.setOutAndSee("83 − 47");
    app.close();
    hand.press("ArrowRight");
    assertThat(hand.page.getByText("step 2 of")).isVisible();
    hand.button("Keep page").click();
    hand.page.getByLabel("Title").fill("While it was away");
    inDialog("Keep page").click();
    assertThat(hand.page.getByText("Bemble does not answer.").first()).isVisible();
    assertThat(hand.page.getByLabel("Title")).hasValue("While it was away");
    comeBack();
    inDialog("Keep page").click();
    assertThat(hand.page.getByText("is in the Workbook")).isVisible();
  }

  @Test
  void aSumThatCannotBeSetOutStaysInTheLine() {
    hand.setOutAndSee("83 − 47");
    app.close();
    hand.setOut("46 + 38");
    assertThat(hand.alert().first()).containsText("Bemble does not answer.");
    assertThat(hand.line()).hasValue("46 + 38");
    comeBack();
    hand.line().press("Enter");
    assertThat(hand.page).hasTitle("46 + 38 · Desk · Bemble");
    assertThat(hand.page.getByText("step 1 of")).isVisible();
  }

  @Test
  void aPageOnTheSlateIsWrittenOnAndHandedInLater() {
    beginOnSlate();
    hand.press("Digit4");
    app.close();
    hand.press("Digit8");
    hand.press("Enter");
    assertThat(hand.page.getByText("Not kept yet")).isVisible();
    assertThat(written()).hasCount(2);
    comeBack();
    assertThat(hand.page.getByText("Not kept yet")).hasCount(0);
    hand.press("Control+Enter");
    inDialog("Hand in").click();
    assertThat(hand.button("Check it now")).isVisible();
    assertThat(written()).hasCount(2);
  }

  @Test
  void aReloadAsksWhileSomethingIsNotKept() {
    beginOnSlate();
    hand.press("Digit4");
    app.close();
    hand.press("Digit8");
    hand.press("Enter");
    assertThat(hand.page.getByText("Not kept yet")).isVisible();
    List<String> asked = new ArrayList<>();
    hand.page.onceDialog(
        question -> {
          asked.add(question.type());
          question.dismiss();
        });
    hand.page.evaluate("() => void setTimeout(() => location.reload())");
    hand.page.waitForCondition(() -> !asked.isEmpty());
    assertEquals(List.of("beforeunload"), asked);
    comeBack();
    assertThat(hand.page.getByText("Not kept yet")).hasCount(0);
    hand.reload();
    assertThat(written()).hasCount(2);
  }

  @Test
  void answersAreMarkedMeanwhileAndKeptLater() {
    Talk talk = new Talk(app.address());
    talk.post("/api/roll", Map.of("names", "Neve\nBram"));
    Object sums = List.of(Map.of("plain", "742 − 368", "method", "exchange"));
    JsonNode grid = talk.post("/api/handouts", Map.of("title", "Bulbs", "sums", sums)).json();
    hand.page.navigate("/marking/" + grid.get("id").asLong());
    assertThat(hand.page.getByRole(AriaRole.GRID)).isFocused();
    app.close();
    List.of("+", "4", "2", "6", "Enter").forEach(hand::press);
    assertThat(hand.page.locator("[data-outcome=RIGHT]")).hasCount(1);
    assertThat(hand.page.locator("[data-outcome=WRONG]")).hasText("426");
    assertThat(hand.page.getByTestId("square")).containsText("Not kept yet");
    assertThat(hand.page.getByTestId("announced")).containsText("wrong, ");
    comeBack();
    assertThat(hand.page.getByText("Not kept yet")).hasCount(0);
    hand.reload();
    assertThat(hand.page.locator("[data-outcome=RIGHT]")).hasCount(1);
    assertThat(hand.page.locator("[data-outcome=WRONG]")).hasText("426");
  }

  @Test
  void listsAndSettingsSayThatItIsAwayAndCome() {
    app.close();
    hand.tab("Workbook");
    assertThat(hand.alert().first()).containsText("Bemble does not answer");
    comeBack();
    assertThat(hand.page.getByText("No page is kept yet.")).isVisible();
  }

  /** Every request is held back: later strokes never overtake earlier ones. */
  @Test
  void aSlowAppGetsEverythingInItsOrder() {
    beginOnSlate();
    List<Route> held = new ArrayList<>();
    hand.page.route("**/api/attempts/*/*", held::add);
    hand.press("Digit4");
    hand.press("Digit8");
    hand.press("Control+Enter");
    hand.page.getByLabel("How did you do it?").fill("Slowly.");
    hand.press("Control+Enter");
    List<String> asked = new ArrayList<>();
    while (hand.button("Check it now").count() == 0) {
      hand.page.waitForCondition(() -> !held.isEmpty() || hand.button("Check it now").count() > 0);
      for (Route route : List.copyOf(held)) {
        asked.add(route.request().url().replaceAll(".*/", ""));
        held.remove(route);
        route.resume();
      }
      assertEquals(0, held.size(), "one request at a time");
    }
    assertEquals("hand-in", asked.get(asked.size() - 1));
    assertThat(written()).hasCount(2);
    assertThat(hand.page.getByText("Slowly.")).isVisible();
  }
}
