package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every view has an address. A half-typed line and recent sums are still there. */
@BeginsEmpty
class AddressJourneyTest extends Journey {
  @Test
  void backAndForwardGoFromSumToSum() {
    hand.setOutAndSee("46 + 38");
    hand.press("ArrowRight");
    hand.press("ArrowRight");
    assertThat(hand.page).hasURL(Pattern.compile("step=2"));
    hand.setOutAndSee("902 − 457");
    assertThat(hand.page).hasURL(Pattern.compile("sum=902"));
    hand.page.goBack();
    assertThat(hand.line()).hasValue("46 + 38");
    assertThat(hand.page.getByText("step 3 of")).isVisible();
    hand.page.goForward();
    assertThat(hand.line()).hasValue("902 − 457");
    assertThat(hand.page.getByText("step 1 of")).isVisible();
  }

  @Test
  void aReloadLeavesThePageAtItsStep() {
    hand.setOutAndSee("57 × 38");
    hand.method("Area").click();
    assertThat(hand.page).hasURL(Pattern.compile("method=area"));
    hand.press("ArrowRight");
    assertThat(hand.page.getByText("step 2 of")).isVisible();
    hand.reload();
    assertThat(hand.page.getByText("step 2 of")).isVisible();
    assertThat(hand.method("Area")).hasAttribute("aria-pressed", "true");
  }

  /** A browser that is quick to load again may forget the state that was set just before. */
  @Test
  void aReloadLeavesThePageAtItsStepWithoutTheBrowsersState() {
    hand.setOutAndSee("57 × 38");
    hand.press("ArrowRight");
    assertThat(hand.page).hasURL(Pattern.compile("step=1"));
    hand.page.evaluate("history.replaceState(null, '', location.href.replace('step=1', 'step=0'))");
    hand.reload();
    assertThat(hand.page.getByText("step 2 of")).isVisible();
  }

  @Test
  void anAddressIsEnoughToSeeThePage() {
    hand.page.navigate("/desk?sum=943 ÷ 7&step=3");
    assertThat(hand.page.getByText("step 4 of")).isVisible();
    assertThat(hand.line()).hasValue("943 ÷ 7");
    hand.press("b");
    assertThat(hand.page).hasURL(Pattern.compile("/board.*step=3"));
    hand.reload();
    assertThat(hand.sentence()).isVisible();
    assertThat(hand.page).hasTitle("943 ÷ 7 · Board · Bemble");
  }

  /** The first screen comes while a tab is being pressed. */
  @Test
  void aTabPressedAtTheStartIsTurned() {
    hand.page.navigate("/workbook");
    List<Route> held = new ArrayList<>();
    hand.page.route("**/api/plan/today", held::add);
    hand.page.navigate("/");
    hand.page.waitForCondition(() -> !held.isEmpty());
    Locator slate =
        hand.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Slate"));
    slate.hover();
    hand.page.mouse().down();
    held.get(0).resume();
    assertThat(hand.page).hasURL(Pattern.compile("/desk$"));
    hand.page.mouse().up();
    assertThat(hand.page.getByLabel("Sum to try")).isVisible();
  }

  /** The address follows a step when the steps rest; the tab may have been turned by then. */
  @Test
  void aTabTurnedRightAfterAStepStaysTurned() {
    try (DeskHand timed = another()) {
      timed.page.clock().install();
      timed.setOutAndSee("46 + 38");
      timed.page.clock().runFor(1_000);
      List<Route> held = new ArrayList<>();
      timed.page.route("**/SlateStart*.js", held::add);
      timed.press("ArrowRight");
      timed.page.waitForRequest("**/SlateStart*.js", () -> timed.press("Alt+2"));
      timed.page.clock().runFor(1_000);
      assertThat(timed.page).hasURL(Pattern.compile("/slate$"));
      held.forEach(Route::resume);
      assertThat(timed.page.getByLabel("Sum to try")).isVisible();
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"/greenhouse/shelf/9", "/greenhouse//shelf", "/greenhouse;shelf=9"})
  void anAddressThatNoViewHasSaysSo(String address) {
    hand.page.navigate(address);
    assertThat(hand.page.getByText("There is nothing at this address")).isVisible();
  }

  @Test
  void whatIsNotThereIsMissing() {
    assertEquals(404, talk().get("/api/greenhouse").status());
    assertEquals(404, talk().get("/assets/none.js").status());
  }

  @Test
  void anAddressThatMakesNoSenseSaysSo() {
    hand.page.navigate("/desk?sum=nine apples&step=x");
    assertThat(hand.alert()).isVisible();
    hand.setOutAndSee("9 + 8");
  }

  @Test
  void aKeptPageHasAnAddressWithItsOwnConventions() {
    Map<String, Object> sum =
        Map.of(
            "plain",
            "1.5 + 2.75",
            "style",
            Map.of("decimalMark", "COMMA", "thousandsMark", "NONE"));
    long id =
        talk().post("/api/pages", Map.of("sum", sum, "title", "Cord")).json().get("id").asLong();
    hand.page.navigate("/desk?sum=1.5+%2B+2.75&page=" + id);
    assertThat(hand.line()).hasValue("1,5 + 2,75");
    assertThat(hand.page.getByText("Cord")).isVisible();
    talk().delete("/api/pages/" + id);
    hand.page.navigate("/desk?sum=1.5+%2B+2.75&page=" + id);
    assertThat(hand.line()).hasValue("1.5 + 2.75");
    assertThat(hand.page.getByText("Not kept yet")).isVisible();
  }

  @Test
  void twoTabsHaveADeskEach() {
    hand.setOutAndSee("46 + 38");
    Page other = hand.page.context().newPage();
    other.navigate("/");
    Locator line = other.getByLabel("Sum", new Page.GetByLabelOptions().setExact(true));
    assertThat(line).hasValue("46 + 38");
    line.fill("650 − 275");
    line.press("Enter");
    assertThat(other.getByText("step 1 of")).isVisible();
    assertThat(other).hasURL(Pattern.compile("650"));
    hand.reload();
    assertThat(hand.line()).hasValue("46 + 38");
    hand.tab("Slate");
    hand.reload();
    hand.tab("Desk");
    assertThat(hand.line()).hasValue("46 + 38");
  }

  @Test
  void whatIsHalfTypedSurvivesTheTurningOfTabs() {
    hand.setOutAndSee("46 + 38");
    hand.line().fill("46 + 39 +");
    hand.tab("Slate");
    hand.page.getByLabel("Who works it? (optional)").fill("Tove");
    hand.page.getByLabel("Sum to try").fill("46 + 3");
    hand.tab("Workbook");
    hand.page.getByLabel("Find by sum or title").fill("cane");
    hand.tab("Slate");
    assertThat(hand.page.getByLabel("Who works it? (optional)")).hasValue("Tove");
    assertThat(hand.page.getByLabel("Sum to try")).hasValue("46 + 3");
    hand.tab("Workbook");
    assertThat(hand.page.getByLabel("Find by sum or title")).hasValue("cane");
    hand.tab("Desk");
    assertThat(hand.line()).hasValue("46 + 39 +");
  }

  @Test
  void theSumsOfLateCanBeSetOutAgain() {
    for (String sum : List.of("46 + 38", "57 × 38", "943 ÷ 7")) {
      hand.setOutAndSee(sum);
      assertThat(hand.page).hasTitle(sum + " · Desk · Bemble");
    }
    hand.button("Sums set out lately").click();
    Locator sums = hand.page.getByRole(AriaRole.MENUITEM);
    assertThat(sums).containsText(new String[] {"943 ÷ 7", "57 × 38", "46 + 38"});
    sums.nth(1).click();
    assertThat(hand.line()).hasValue("57 × 38");
  }

  @Test
  void deletionsInARowAreUndoneOneAfterTheOther() {
    for (String title : List.of("Trays", "Tubs", "Twine")) {
      Map<String, Object> sum = Map.of("plain", "23 + 45");
      assertEquals(
          201,
          talk().post("/api/pages", Map.of("sum", sum, "title", title + " in a row")).status());
    }
    hand.tab("Workbook");
    hand.page.getByLabel("Find by sum or title").fill("in a row");
    Locator cards = hand.page.getByRole(AriaRole.LISTITEM);
    assertThat(cards).hasCount(3);
    hand.inMenu("Tubs in a row", "Delete").click();
    assertThat(cards).hasCount(2);
    hand.inMenu("Twine in a row", "Delete").dblclick();
    assertThat(cards).hasCount(1);
    hand.button("Undo").click();
    assertThat(hand.button("Open Twine in a row")).isVisible();
    assertThat(hand.page.getByText("“Tubs in a row” is deleted.")).isVisible();
    hand.button("Undo").click();
    assertThat(cards).hasCount(3);
  }

  @Test
  void aKeptPageIsRenamed() {
    Map<String, Object> sum = Map.of("plain", "67 + 45");
    talk().post("/api/pages", Map.of("sum", sum, "title", "Bulbs to rename", "note", "wet"));
    hand.tab("Workbook");
    hand.page.getByLabel("Find by sum or title").fill("to rename");
    hand.inMenu("Bulbs to rename", "Rename").click();
    Locator title = hand.page.getByLabel("Title", new Page.GetByLabelOptions().setExact(true));
    assertThat(title).hasValue("Bulbs to rename");
    title.fill(" ");
    hand.page.getByRole(AriaRole.DIALOG).getByText("Rename", exact()).click();
    assertThat(hand.page.getByText("Give the page a title")).isVisible();
    title.fill("Onions to rename");
    hand.page.getByRole(AriaRole.DIALOG).getByText("Rename", exact()).click();
    assertThat(hand.button("Open Onions to rename")).isVisible();
    assertThat(hand.page.getByText("wet")).isVisible();
  }

  private static Locator.GetByTextOptions exact() {
    return new Locator.GetByTextOptions().setExact(true);
  }

  @Test
  void theClassOfTheHouseStyleIsInItsAddress() {
    var classes = talk().post("/api/classes", Map.of("name", "Glasshouse 4")).json();
    long before = 0;
    long added = 0;
    for (var room : classes) {
      before = room.get("current").asBoolean() ? room.get("id").asLong() : before;
      added = room.get("name").asText().equals("Glasshouse 4") ? room.get("id").asLong() : added;
    }
    assertTrue(added != before);
    hand.page.navigate("/house/" + added);
    assertThat(hand.button("Class: Glasshouse 4")).isVisible();
    hand.tab("Desk");
    hand.tab("House style");
    assertThat(hand.page).hasURL(Pattern.compile("/house/" + added));
    talk().post("/api/classes/" + before + "/current", Map.of());
    talk().delete("/api/classes/" + added);
  }
}
