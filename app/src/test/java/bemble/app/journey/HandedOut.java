package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;

/** Begins with three subtractions that are handed out to five pupils and wait to be marked. */
abstract class HandedOut extends Journey {
  private static final List<String> PUPILS = List.of("Bram", "Caio", "Ismay", "Neve", "Wilfa");

  static Locator inDialog(String button) {
    return hand.page
        .getByRole(AriaRole.DIALOG)
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(button));
  }

  /** Hands 742 − 368, 621 − 257 and 853 − 478 out to five pupils. */
  @BeforeEach
  void handOut() {
    hand.tab("Marking");
    assertThat(hand.page.getByText("Pupils of My class")).isVisible();
    if (talk().get("/api/roll").json().isEmpty()) {
      hand.page.getByLabel("New pupils").fill(String.join("\n", PUPILS));
      hand.button("Add pupils").click();
    }
    assertThat(hand.page.getByLabel("Name of Wilfa")).isVisible();
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
    hand.page.getByLabel("One sum to a line").fill("742 − 368\n621 − 257\n853 − 478");
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
