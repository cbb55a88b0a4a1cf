package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A sum from the empty Desk to the kept page and the handed-in one, with no mouse. */
@BeginsEmpty
class KeyboardJourneyTest extends Journey {
  private static final int MOST_STOPS = 60;

  private static final String NOWHERE = "nowhere";

  /** The element that has the focus but does not show it; empty where it shows it. */
  private static final String UNSEEN =
      """
      () => {
        const at = document.activeElement;
        const style = getComputedStyle(at);
        const field = at.matches('input, textarea');
        const ring = style.outlineStyle !== 'none' && parseFloat(style.outlineWidth) >= 2;
        return at === document.body ? 'nowhere' : ring || field ? '' : at.outerHTML.slice(0, 120);
      }
      """;

  /** Moves the focus from stop to stop to an element, and sees at each stop where it is. */
  private void tabTo(Locator wanted) {
    int ends = 0;
    for (int stop = 0; stop < MOST_STOPS; stop++) {
      if ((boolean) wanted.evaluate("element => element === document.activeElement")) {
        return;
      }
      hand.press("Tab");
      Object unseen = hand.page.evaluate(UNSEEN);
      // Behind the last stop of a page comes the browser itself, and then the first.
      boolean isEnd = NOWHERE.equals(unseen) && ends++ == 0;
      assertEquals("", isEnd ? "" : unseen);
    }
    assertThat(wanted).isFocused();
  }

  private void pressWith(String key, Locator wanted) {
    tabTo(wanted);
    hand.press(key);
  }

  @Test
  void everyViewIsUsedByKeyboardAlone() {
    assertThat(hand.line()).isFocused();
    hand.page.keyboard().type("83 - 47");
    hand.press("Enter");
    assertThat(hand.page.getByText("step 1 of")).isVisible();
    pressWith("Enter", hand.method("Count up"));
    assertThat(hand.method("Count up")).hasAttribute("aria-pressed", "true");
    pressWith("Enter", hand.button("Keep page"));
    hand.page.keyboard().type("From the ones up");
    hand.press("Enter");
    assertThat(hand.page.getByText("is in the Workbook")).isVisible();

    hand.press("Alt+7");
    Locator kept = hand.button("Open From the ones up");
    assertThat(kept).isVisible();
    assertThat(hand.page.locator("main:focus, main :focus")).hasCount(1);
    pressWith("Enter", kept);
    assertThat(hand.sentence()).isVisible();
    hand.press("b");
    assertThat(hand.button("Back to the Desk")).isVisible();
    hand.press("b");
    assertThat(hand.line()).hasValue("83 − 47");

    hand.press("Alt+2");
    Locator sum = hand.page.getByLabel("Sum to try");
    assertThat(sum).isVisible();
    tabTo(sum);
    hand.press("Control+A");
    hand.page.keyboard().type("46 + 38");
    pressWith("Enter", hand.button("Begin"));
    assertThat(hand.page.getByTestId("cursor")).isVisible();
    for (String key : List.of("Digit4", "Digit8")) {
      hand.press(key);
    }
    hand.press("Control+Enter");
    assertThat(hand.page.getByLabel("How did you do it?")).isFocused();
    hand.page.keyboard().type("Ones first.");
    hand.press("Control+Enter");
    assertThat(hand.page.getByText("In the writer’s own words: Ones first.")).isVisible();

    hand.press("Alt+8");
    Locator search = hand.page.getByLabel("Find a setting");
    assertThat(search).isVisible();
    tabTo(search);
    hand.page.keyboard().type("column heads");
    Locator hidden =
        hand.page
            .getByTestId("setting-columnHeads")
            .getByText("hidden", new Locator.GetByTextOptions().setExact(true));
    assertThat(hand.page.locator("[data-testid^=setting-]")).hasCount(1);
    pressWith("Enter", hidden);
    assertThat(hidden).hasAttribute("aria-pressed", "true");
  }

  /** A dialog that closes gives the focus back to the element that opened it. */
  @Test
  void theFocusComesBackFromADialog() {
    hand.setOutAndSee("83 − 47");
    for (String name : List.of("Print and export", "Keep page", "Check my working", "Keys")) {
      Locator button = hand.button(name);
      button.focus();
      hand.press("Enter");
      assertThat(hand.page.getByRole(AriaRole.DIALOG)).isVisible();
      hand.press("Escape");
      assertThat(button).isFocused();
    }
  }
}
