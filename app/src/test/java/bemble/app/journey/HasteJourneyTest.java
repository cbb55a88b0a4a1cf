package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Keys that are typed ahead of a slow machine are understood, and none is lost. */
@BeginsEmpty
class HasteJourneyTest extends Journey {
  private final List<Route> held = new ArrayList<>();

  /** Lets nothing of the kind through until {@link #letGo}. */
  private void hold(String what) {
    hand.page.route(what, held::add);
  }

  private void letGo(String what) {
    hand.page.waitForCondition(() -> !held.isEmpty());
    hand.page.unroute(what);
    held.forEach(Route::resume);
  }

  private static Locator next() {
    return hand.page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Next|Setting out")));
  }

  @Test
  void keysTypedBeforeThePageHasComeStepIt() {
    hold("**/api/workings");
    hand.setOut("46 + 38");
    assertThat(next()).isFocused();
    assertThat(next()).hasText("Setting out …");
    assertThat(next()).hasAttribute("aria-busy", "true");
    hand.press("Space");
    hand.press("Space");
    letGo("**/api/workings");
    assertThat(hand.page).hasURL(Pattern.compile("step=2$"));
    assertThat(hand.line()).hasValue("46 + 38");
    assertThat(next()).isFocused();
  }

  @Test
  void figuresTypedBeforeThePageHasComeBeginTheNextSum() {
    hold("**/api/workings");
    hand.setOut("46 + 38");
    hand.page.keyboard().type("57*4");
    letGo("**/api/workings");
    assertThat(hand.sentence()).containsText("Write");
    assertThat(hand.line()).hasValue("57*4");
    assertThat(hand.line()).isFocused();
  }

  @Test
  void aFigureBeginsASumWhereverTheFocusIs() {
    hand.setOutAndSee("46 + 38");
    assertThat(next()).isFocused();
    hand.page.keyboard().type("9-4");
    assertThat(hand.line()).hasValue("9-4");
    hand.line().blur();
    hand.page.keyboard().type("7");
    assertThat(hand.line()).hasValue("7");
  }

  @Test
  void aLineThatIsRefusedIsToBeMendedAtOnce() {
    hand.setOutAndSee("46 + 38");
    hand.setOut("46 + bulbs");
    assertThat(hand.alert()).containsText("does not belong in a sum");
    assertThat(hand.line()).isFocused();
    hand.page.keyboard().type("5");
    assertThat(hand.line()).hasValue("46 + 5");
  }

  @Test
  void anAddressBeyondTheLastStepEndsThere() {
    hand.page.navigate("/desk?sum=46%20%2B%2038&step=1000");
    assertThat(hand.sentence()).isVisible();
    assertThat(next()).isDisabled();
    assertThat(hand.page).not().hasURL(Pattern.compile("step=1000"));
  }

  @Test
  void theLastDeletionIsUndoneByAKeyAndTheFocusStaysInTheList() {
    for (String title : new String[] {"Bulbs", "Leeks", "Beans"}) {
      talk().post("/api/pages", Map.of("title", title, "sum", Talk.sum("46 + 38", "column")));
    }
    hand.tab("Workbook");
    hand.inMenu("Leeks", "Delete").click();
    assertThat(hand.page.getByText("“Leeks” is deleted.")).isVisible();
    assertThat(hand.page.locator("body:focus, body:not(:has(:focus))")).hasCount(0);
    assertThat(hand.button("Open Leeks")).hasCount(0);
    hand.press("Control+z");
    assertThat(hand.button("Open Leeks")).isVisible();
    assertThat(hand.page.getByText("“Leeks” is deleted.")).hasCount(0);
    assertEquals(3, talk().get("/api/pages").json().get("total").asInt());
  }

  @Test
  void whatWasPressedIsSeenToBeUnderWay() {
    talk().post("/api/roll", Map.of("names", "Neve"));
    hold("**/api/handouts*");
    hand.tab("Marking");
    assertThat(hand.page.getByRole(AriaRole.PROGRESSBAR)).isVisible();
    letGo("**/api/handouts*");
    assertThat(hand.page.getByRole(AriaRole.PROGRESSBAR)).hasCount(0);
  }
}
