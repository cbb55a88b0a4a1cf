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

/** Keys and rows of the answer grid. */
@BeginsEmpty
class GridJourneyTest extends HandedOut {
  @Test
  void aLetterLeadsToANameAndUndoOutlivesAReload() {
    type("n x");
    assertThat(answers("WRONG")).hasText("✗");
    assertThat(hand.page.getByTestId("square")).containsText("Neve, 2.");
    type("a");
    assertThat(answers("ABSENT")).hasCount(2);
    assertThat(hand.page.getByTestId("square")).containsText("Wilfa, 1.");
    hand.press("Control+z");
    assertThat(answers("ABSENT")).hasCount(0);
    hand.reload();
    assertThat(answers("WRONG")).hasText("✗");
    hand.press("Control+z");
    assertThat(answers("WRONG")).hasCount(0);
  }

  @Test
  void whatIsTypedOutlivesAReloadBeforeItIsKept() {
    hand.reloadWhileLost("**/answers", () -> type("+ 9 9 Enter + b"));
    assertThat(answers("RIGHT")).hasCount(2);
    assertThat(answers("WRONG")).hasText("99");
    assertThat(answers("BLANK")).hasCount(1);
    hand.letThrough("**/answers");
    hand.reload();
    assertThat(answers("WRONG")).hasText("99");
    assertThat(answers("BLANK")).hasCount(1);
  }

  @Test
  void theRowsComeAsTheBooksLie() {
    hand.button("As the books lie").click();
    grid().focus();
    type("w + + + c + + +");
    Locator rows = hand.page.getByRole(AriaRole.ROWHEADER);
    assertThat(rows.nth(0)).hasText("Wilfa");
    assertThat(rows.nth(1)).hasText("Caio");
    assertThat(answers("RIGHT")).hasCount(6);
    hand.button("As the books lie").click();
    assertThat(rows.nth(0)).hasText("Bram");
  }

  @Test
  void theListOfTheClassHasAnOrderOfTheTeachersOwn() {
    hand.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Handouts")).click();
    hand.inMenu("Caio", "Move up").click();
    hand.page.getByLabel("Name of Wilfa").press("Alt+ArrowUp");
    Locator names = hand.page.getByLabel(Pattern.compile("Name of .*"));
    assertThat(names.nth(3)).hasValue("Wilfa");
    assertThat(names.nth(0)).hasValue("Caio");
    hand.button("Sort by name").click();
    assertThat(names.nth(0)).hasValue("Bram");
  }

  @Test
  void whatIsHandedOutToAGroupHasItsRowsAlone() {
    hand.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Handouts")).click();
    hand.button("New group").click();
    hand.page.getByLabel("Name of the group").fill("Bean rows");
    Locator pupils =
        hand.page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Pupils"));
    pupils.getByText("Bram").click();
    pupils.getByText("Neve").click();
    hand.button("Make the group").click();
    assertThat(hand.page.getByText("Bean rows")).isVisible();
    typeSums();
    hand.button("Hand out").click();
    inDialog("Bean rows (2)").click();
    assertThat(hand.page.getByText("To 2 of 5 pupils")).isVisible();
    inDialog("Hand out").click();
    assertThat(hand.page.getByText("Handed out to 2 pupils.")).isVisible();
    assertThat(hand.page.getByRole(AriaRole.ROWHEADER)).hasText(new String[] {"Bram", "Neve"});
  }

  @Test
  void aDayFarAwayIsQuestionedBeforeItIsTaken() {
    typeSums();
    hand.button("Hand out").click();
    hand.page.getByTestId("calendar").fill("2062-11-30");
    inDialog("Hand out").click();
    assertThat(hand.page.getByText("is more than half a year away. Is that the day?")).isVisible();
    hand.page.getByTestId("calendar").fill("2062-11-29");
    inDialog("Hand out").click();
    assertThat(inDialog("Hand out on that day")).isVisible();
    inDialog("Hand out on that day").click();
    assertThat(hand.page).hasURL(Pattern.compile("/marking/\\d+$"));
    JsonNode newest = talk().get("/api/handouts").json().at("/entries/0");
    assertEquals("2062-11-29", newest.get("givenOn").asText(), newest::toString);
  }

  @Test
  void itIsAskedOnceWhosePagesAreThatBelongToNobody() {
    talk().post("/api/attempts", Map.of("sum", Talk.sum("23 + 45", "column"), "who", "Jory"));
    JsonNode roll = talk().post("/api/roll", Map.of("names", "Jory")).json();
    hand.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Handouts")).click();
    Locator asked = hand.page.getByTestId("claim");
    assertThat(asked).containsText("A page was worked as Jory and belongs to nobody.");
    hand.button("Jory’s").click();
    assertThat(asked).hasCount(0);
    hand.reload();
    assertThat(hand.page.getByLabel("Name of Jory")).isVisible();
    assertThat(asked).hasCount(0);
    for (JsonNode pupil : roll) {
      if (pupil.get("name").asText().equals("Jory")) {
        talk().delete("/api/roll/" + pupil.get("id").asLong());
      }
    }
  }
}
