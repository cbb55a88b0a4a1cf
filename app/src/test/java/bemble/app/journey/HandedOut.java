package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;

/** Begins with three subtractions that are handed out to five pupils and wait to be marked. */
abstract class HandedOut extends Journey {
  private static final List<String> PUPILS = List.of("Bram", "Caio", "Ismay", "Neve", "Wilfa");
  private static final List<String> SUMS = List.of("742 − 368", "621 − 257", "853 − 478");

  static Locator inDialog(String button) {
    return hand.page
        .getByRole(AriaRole.DIALOG)
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(button));
  }

  /** Hands the sums out to five pupils, and opens their grid. */
  @BeforeEach
  void handOut() {
    if (talk().get("/api/roll").json().isEmpty()) {
      talk().post("/api/roll", Map.of("names", String.join("\n", PUPILS)));
    }
    JsonNode grid = new Pile(talk()).handout(SUMS, "exchange");
    hand.page.navigate("/marking/" + grid.get("id"));
    assertThat(grid()).isFocused();
  }

  /** The same as a teacher does it, from the typed sums to the grid. */
  static void handOutByHand() {
    typeSums();
    hand.button("Hand out").click();
    assertThat(hand.page.getByText("To all 5 pupils")).isVisible();
    inDialog("Hand out").click();
    assertThat(hand.page).hasURL(Pattern.compile("/marking/\\d+$"));
    assertThat(grid()).isFocused();
  }

  /** Types the sums as a set with a name. */
  static void typeSums() {
    hand.tab("Sets");
    hand.button("Type or paste").click();
    hand.page.getByLabel("One sum to a line").fill(String.join("\n", SUMS));
    hand.button("Take them").click();
    assertThat(hand.page.getByTestId("sum")).hasCount(3);
    hand.page.getByLabel("Name of the set").fill("Bulb crates");
  }

  static Locator grid() {
    return hand.page.getByRole(AriaRole.GRID);
  }

  static Locator answers(String outcome) {
    return hand.page.locator("[data-outcome=" + outcome + "]");
  }

  static int type(String keys) {
    for (String key : keys.split(" ")) {
      hand.press(key);
    }
    return keys.split(" ").length;
  }
}
