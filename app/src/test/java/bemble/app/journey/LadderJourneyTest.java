package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The ladder of a class is made its own on the screen of the sets. */
@BeginsEmpty
class LadderJourneyTest extends Journey {
  @BeforeEach
  void openTheLadder() {
    talk().post("/api/ladder/as-shipped", Map.of());
    hand.page.navigate("/sets");
    hand.button("Ladder").click();
    hand.button("Square roots").click();
    assertThat(rungs()).hasCount(7);
  }

  private Locator rungs() {
    return hand.page
        .getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Rungs of the class"))
        .getByRole(AriaRole.LISTITEM);
  }

  private void awaitFirst(String... names) {
    for (int i = 0; i < names.length; i++) {
      assertThat(rungs().nth(i)).containsText(names[i]);
    }
  }

  private String name(int place) {
    return rungs().nth(place).locator("span").locator("span").nth(0).innerText();
  }

  @Test
  void aRungIsMovedByKeysByDraggingAndBack() {
    String first = name(0);
    String second = name(1);
    String third = name(2);
    rungs().nth(2).getByRole(AriaRole.BUTTON).first().focus();
    // The second key comes while the first is still on its way.
    hand.press("Alt+ArrowUp");
    hand.press("Alt+ArrowUp");
    awaitFirst(third, first, second);
    assertThat(rungs().nth(0).getByRole(AriaRole.BUTTON).first()).isFocused();
    rungs().nth(0).dragTo(rungs().nth(2));
    awaitFirst(first, second, third);
    hand.button("Undo").click();
    awaitFirst(third, first, second);
    hand.button("The ladder as it was at first").click();
    hand.button("Take them back").click();
    awaitFirst(first, second, third);
  }

  @Test
  void aRungIsRenamedAndHiddenForTheWholeClass() {
    String shown = name(0);
    String old = name(1);
    rungs().nth(1).getByRole(AriaRole.BUTTON).first().click();
    hand.page.getByLabel("Name of “" + old + "”").fill("Three under the sign");
    hand.press("Enter");
    awaitFirst(name(0), "Three under the sign");
    hand.reload();
    hand.button("Square roots").click();
    hand.page.getByText("Three under the sign").click();
    hand.button("Ladder").click();
    rungs().nth(1).getByRole(AriaRole.BUTTON).first().click();
    hand.button("Hide").click();
    assertThat(rungs().nth(1)).containsText("hidden");
    hand.button("Make a set").click();
    Locator rungsToMake =
        hand.page.getByRole(
            AriaRole.LIST, new Page.GetByRoleOptions().setName("Rungs").setExact(true));
    assertThat(rungsToMake).containsText(shown);
    assertThat(rungsToMake).not().containsText("Three under the sign");
    hand.button("Ladder").click();
    rungs().nth(1).getByRole(AriaRole.BUTTON).first().click();
    hand.button("Show").click();
    assertThat(rungs().nth(1)).not().containsText("hidden");
    hand.button("Undo").click();
    assertThat(rungs().nth(1)).containsText("hidden");
    hand.button("Show").click();
    hand.page.getByLabel("Name of “Three under the sign”").fill("");
    hand.press("Enter");
    awaitFirst(name(0), old);
  }

  @Test
  void whatIsUndoneInAnotherClassChangesNothingThere() {
    rungs().nth(1).getByRole(AriaRole.BUTTON).first().click();
    hand.button("Hide").click();
    assertThat(rungs().nth(1)).containsText("hidden");
    JsonNode classes = talk().post("/api/classes", Map.of("name", "Wrens")).json();
    long mine = classes.get(0).get("id").asLong();
    long other = classes.get(1).get("id").asLong();
    talk().post("/api/classes/" + other + "/current", Map.of());
    JsonNode before = talk().get("/api/ladder").json();
    hand.button("Make a set").click();
    hand.button("Undo").click();
    assertThat(hand.page.getByText("Another window has changed to")).isVisible();
    assertEquals(before, talk().get("/api/ladder").json());
    talk().post("/api/classes/" + mine + "/current", Map.of());
    talk().delete("/api/classes/" + other);
    talk().post("/api/ladder/as-shipped", Map.of());
  }

  @Test
  void aSentenceIsKeptAsARungAndSumsAreMadeOfIt() {
    hand.button("Make a set").click();
    hand.button("Subtraction").click();
    hand.page.getByText("Two neighbours").click();
    assertThat(hand.button("Keep as a rung")).hasCount(0);
    hand.page.getByLabel("Condition: no zero crossed").click();
    hand.button("Anything goes").click();
    hand.button("Keep as a rung").click();
    hand.button("Put it on the ladder").click();
    assertThat(hand.page.getByRole(AriaRole.ALERT)).hasText("Give the rung a name.");
    hand.page
        .getByLabel("Name", new Page.GetByLabelOptions().setExact(true))
        .fill("Bulbs from a tray");
    hand.page.getByLabel("What is new").fill("Zeros may come.");
    hand.press("Enter");
    assertThat(hand.page.getByText("Zeros may come.")).isVisible();
    hand.button("Make sums").click();
    assertThat(hand.page.getByTestId("sum")).hasCount(10);
    hand.button("Ladder").click();
    Locator own = rungs().filter(new Locator.FilterOptions().setHasText("your own"));
    own.getByRole(AriaRole.BUTTON).first().click();
    hand.button("Delete").click();
    assertThat(own).hasCount(0);
    hand.button("Undo").click();
    assertThat(own).containsText("Bulbs from a tray");
  }
}
