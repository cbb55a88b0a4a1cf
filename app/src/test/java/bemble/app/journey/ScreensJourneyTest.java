package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

@BeginsEmpty
class ScreensJourneyTest extends Journey {
  private Locator written(String kind) {
    return hand.page.locator("[data-layer='1'] [data-kind=" + kind + "]");
  }

  private void openBlankPage() {
    hand.setOutAndSee("46 + 38");
    hand.press("b");
    hand.button("Blank page").click();
    assertThat(hand.page.getByTestId("cursor")).isVisible();
  }

  @Test
  void theBlankPageHasTheSumAndNothingOfItsWorking() {
    openBlankPage();
    Locator printed = hand.page.locator("[data-layer='0'] [data-kind=figure]");
    assertThat(printed).hasText(new String[] {"4", "6", "3", "8", "+"});
  }

  @Test
  void whatTheClassTellsIsWrittenFromTheOnesOnAndTakenBack() {
    openBlankPage();
    hand.press("4");
    hand.press("Shift+Digit1");
    hand.press("8");
    assertThat(written("figure")).hasText(new String[] {"4", "8"});
    assertThat(written("small")).hasText("1");
    hand.button("Undo").click();
    assertThat(written("figure")).hasText("4");
    hand.button("Redo").click();
    hand.button("Erase").click();
    assertThat(written("figure")).hasCount(0);
    hand.press("Control+z");
    assertThat(written("figure")).hasText(new String[] {"4", "8"});
    assertThat(written("small")).hasText("1");
    hand.press("z");
    assertThat(written("figure")).hasText("4");
  }

  @Test
  void theBlankPageKeepsWhatTheClassWrote() {
    openBlankPage();
    hand.press("4");
    hand.press("8");
    hand.press("b");
    assertThat(hand.sentence()).isVisible();
    hand.press("b");
    hand.button("Blank page").click();
    assertThat(written("figure")).hasText(new String[] {"4", "8"});
  }

  @Test
  void figuresAreStruckRuledAndRubbedOutOnTheBlankPage() {
    openBlankPage();
    hand.press("7");
    hand.press("ArrowRight");
    hand.press("/");
    hand.press("_");
    assertThat(hand.page.locator("[data-layer='1'] .strike")).hasCount(1);
    assertThat(hand.page.locator("[data-layer='1'] .rule")).hasCount(1);
    hand.press("/");
    assertThat(hand.page.locator("[data-layer='1'] .strike")).hasCount(0);
    hand.press("Backspace");
    assertThat(written("figure")).hasCount(0);
    assertThat(hand.page.locator("[data-layer='1'] .rule")).hasCount(0);
  }

  @Test
  void aSumIsTypedAtOnceAndItsStepsFollowBySpace() {
    assertThat(hand.line()).isFocused();
    hand.page.keyboard().type("46 + 38");
    hand.press("Enter");
    assertThat(hand.page.getByText("step 1 of")).isVisible();
    hand.press("Space");
    assertThat(hand.page.getByText("step 2 of")).isVisible();
    hand.press("ArrowRight");
    assertThat(hand.page.getByText("step 3 of")).isVisible();
    hand.press("ArrowLeft");
    assertThat(hand.page.getByText("step 2 of")).isVisible();
    assertThat(hand.line()).hasValue("46 + 38");
  }

  @ParameterizedTest
  @ValueSource(strings = {"Brief", "Ask first", "Why?"})
  void aButtonThatWasPressedLeavesTheSpaceBarToTheSteps(String button) {
    hand.setOutAndSee("46 + 38");
    hand.button(button).click();
    hand.press("Space");
    hand.press("Space");
    assertThat(hand.page.getByText("step 1 of")).hasCount(0);
  }

  /** Every stop of the keyboard in a view shows that it has the focus. */
  @ParameterizedTest
  @ValueSource(strings = {"Desk", "Slate", "Workbook", "House style"})
  void whatHasTheFocusIsSeenToHaveIt(String tab) {
    hand.setOutAndSee("46 + 38");
    hand.tab(tab);
    for (int stop = 0; stop < 25; stop++) {
      hand.press("Tab");
      Object ring =
          hand.page.evaluate(
              "() => { const at = document.activeElement; if (at === document.body) return null;"
                  + " const style = getComputedStyle(at); return at.matches(':focus-visible') &&"
                  + " (style.outlineStyle === 'none' || parseFloat(style.outlineWidth) < 2)"
                  + " ? at.outerHTML.slice(0, 120) : null; }");
      assertNull(ring);
    }
  }

  @Test
  void aPartThatCannotBeLoadedLeavesTheOthersUsable() {
    hand.setOutAndSee("46 + 38");
    hand.page.route(Pattern.compile(".*/assets/Workbook.*"), Route::abort);
    hand.tab("Workbook");
    assertThat(hand.alert()).containsText("This screen cannot be shown");
    hand.tab("Desk");
    assertThat(hand.sentence()).isVisible();
    hand.tab("Workbook");
    assertThat(hand.alert()).isVisible();
    hand.page.unroute(Pattern.compile(".*/assets/Workbook.*"));
    hand.button("Try again").click();
    assertThat(
            hand.page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Workbook")))
        .isVisible();
  }

  @ParameterizedTest
  @CsvSource({
    "Desk, 46 + 38 · Desk · Bemble",
    "Slate, Slate · Bemble",
    "Workbook, Workbook · Bemble",
    "House style, House style · Bemble"
  })
  void everyViewHasATitle(String tab, String title) {
    hand.setOutAndSee("46 + 38");
    hand.tab(tab);
    assertThat(hand.page).hasTitle(title);
  }

  /** Kept with a decimal comma, a page is opened, turned and reloaded with one in every class. */
  @Test
  void aKeptPageStaysInTheConventionsInWhichItWasKept() {
    Map<String, Object> sum =
        Map.of(
            "plain",
            "1234 + 2,345",
            "method",
            "column",
            "style",
            Map.of("decimalMark", "COMMA", "thousandsMark", "NONE"));
    Talk.Answer kept = talk().post("/api/pages", Map.of("sum", sum, "title", "Canes"));
    assertEquals("1234 + 2.345", kept.json().at("/working/sum/plain").asText());
    hand.tab("Workbook");
    hand.button("Open Canes").click();
    assertThat(hand.line()).hasValue("1234 + 2,345");
    hand.method("Left to right").click();
    assertThat(hand.method("Left to right")).hasAttribute("aria-pressed", "true");
    hand.line().blur();
    hand.press("End");
    assertThat(hand.page.getByText("1236,345").first()).isVisible();
    assertThat(hand.line()).hasValue("1234 + 2,345");
    hand.reload();
    assertThat(hand.line()).hasValue("1234 + 2,345");
    assertThat(hand.page.getByText("1236,345").first()).isVisible();
  }
}
