package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.MissingNode;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@BeginsEmpty
class SlateJourneyTest extends Journey {
  private void choose(String sum, String method) {
    hand.tab("Slate");
    hand.page.getByLabel("Sum to try").fill(sum);
    hand.button(method).click();
  }

  private void begin(String sum, String method) {
    choose(sum, method);
    hand.page.getByLabel("Who works it?").fill("Tamsin");
    hand.button("Begin").click();
    assertThat(hand.page.getByTestId("cursor")).isVisible();
  }

  /** Types digits for the squares to which the cursor goes; a comma goes on without writing. */
  private void type(String digits) {
    for (String digit : digits.split("")) {
      hand.press(digit.equals(",") ? "Enter" : "Digit" + digit);
    }
  }

  private void handIn() {
    hand.press("Control+Enter");
    hand.page
        .getByRole(AriaRole.DIALOG)
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Hand in"))
        .click();
    assertThat(hand.button("Check it now")).isVisible();
  }

  private Locator verdicts(String verdict) {
    return hand.page.locator("[data-verdict=" + verdict + "]");
  }

  /** A right page, key by key; the small figures are left out by going on without writing. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "46 + 38   | Column        | 48,        | 2",
        "58 + 67   | In pairs      | 512        | 3",
        "364 + 228 | Left to right | 500,80,12,592, | 10",
        "86 − 34   | Exchange      | 25         | 2",
        "57 × 8    | Column        | 645        | 3",
        "13 × 12   | Crosswise     | 651,       | 3",
        "13 × 12   | Lattice       | 010302066510156 | 15",
        "84 ÷ 4    | Long          | 280414,0   | 7",
        "936 ÷ 4   | Short         | 234        | 3",
        "84 ÷ 4    | Partial quotients | 20804,1,4,0,21 | 10",
        "√16       | Pairs         | 4160,      | 4"
      })
  void aRightPageIsAllRight(String sum, String method, String digits, int right) {
    begin(sum, method);
    type(digits);
    assertThat(hand.page.getByText(right + " right")).isVisible();
    handIn();
    assertThat(hand.page.getByText("Everything is right.")).isVisible();
    assertEquals(right, verdicts("RIGHT").count());
  }

  /** The cursor leads through every square of a page, small figures and later rows among them. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "378 + 256 | Column   | column",
        "502 − 178 | Exchange | exchange",
        "57 × 38   | Column   | column",
        "√529      | Pairs    | digit-pairs"
      })
  void theCursorLeadsThroughTheWholePage(String sum, String method, String id) {
    begin(sum, method);
    hand.button("Stop at small figures").click();
    String attempt = hand.page.url().replaceAll(".*/slate/", "/api/attempts/");
    JsonNode path = talk().get(attempt).json().get("path");
    Map<String, Object> pupil = Map.of("sum", Talk.sum(sum, id), "slips", List.of());
    Iterator<JsonNode> strokes = talk().post("/api/pupils", pupil).json().get("strokes").iterator();
    JsonNode stroke = strokes.next();
    for (int step = 0; step < path.size(); step++) {
      JsonNode after = path.path(step + 1).path("at");
      StringBuilder number = new StringBuilder();
      do {
        // A pupil's strokes begin with the last figure of a number.
        number.insert(0, stroke.get("text").asText());
        stroke = strokes.hasNext() ? strokes.next() : MissingNode.getInstance();
      } while (!isAt(stroke, after));
      boolean isFull = number.length() == path.get(step).get("figures").asInt();
      type(isFull ? number.toString() : number + ",");
    }
    assertThat(hand.page.getByTestId("finding")).hasCount(0);
    handIn();
    assertThat(hand.page.getByText("Everything is right.")).isVisible();
  }

  private static boolean isAt(JsonNode stroke, JsonNode square) {
    return stroke.path("row").equals(square.path("row"))
        && stroke.path("column").equals(square.path("column"));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "46 + 38  | Column    | 47,    | carry-not-added",
        "58 + 67  | In pairs  | 511    | carry-not-added",
        "83 − 47  | Exchange  | 44     | smaller-from-larger",
        "57 × 38  | Column    | 64517  | no-placeholder",
        "34 × 26  | Crosswise | 426    | middle-left-out",
        "46 × 73  | Lattice   | 8      | tens-below-the-cut",
        "84 ÷ 4   | Long      | 1      | trial-too-small",
        "936 ÷ 7  | Short     | 10     | left-over-lost",
        "876 ÷ 24 | Partial quotients | 2048, | zeros-of-count-lost",
        "√529     | Pairs     | 7      | pairs-from-wrong-end"
      })
  void aSlipIsNamedWithAQuestionWhereItShowsFirst(
      String sum, String method, String digits, String slip) {
    begin(sum, method);
    type(digits);
    Locator finding = hand.page.getByTestId("finding");
    assertThat(finding).containsText("?");
    assertThat(finding).hasAttribute("data-slip", slip);
    assertThat(verdicts("FIRST_SLIP").first()).isVisible();
  }

  @Test
  void rubbingOutUndoAndRedoLeaveThePageAsItWas() {
    begin("46 + 38", "Column");
    hand.press("s");
    type("4");
    hand.press("Digit1");
    assertEquals("41", full() + small());
    hand.press("Control+z");
    assertEquals("4", full() + small());
    hand.press("Control+y");
    assertEquals("41", full() + small());
    hand.press("Backspace");
    hand.button("Undo").click();
    hand.reload();
    assertThat(hand.page.getByTestId("cursor")).isVisible();
    assertEquals("41", full() + small());
  }

  @Test
  void whatIsWrittenOutlivesAReloadBeforeItIsKept() {
    begin("83 − 47", "Exchange");
    hand.reloadWhileLost("**/strokes", () -> type("44"));
    assertThat(hand.page.locator("[data-layer='1'] [data-kind=figure]")).hasCount(2);
    hand.letThrough("**/strokes");
    hand.reload();
    assertThat(hand.page.locator("[data-layer='1'] [data-kind=figure]")).hasCount(2);
  }

  /** Who looks at another window and comes back asks for the page again, and goes on writing. */
  @Test
  void whatIsWrittenGoesOnWhenTheWindowIsLeftAndSeenAgain() {
    begin("457 + 268", "Column");
    hand.button("Stop at small figures").click();
    for (String digit : List.of("5", "1", "2", "1")) {
      Runnable press = () -> hand.press("Digit" + digit);
      hand.page.waitForResponse("**/strokes", press);
      Runnable comeBack =
          () -> hand.page.evaluate("window.dispatchEvent(new Event('visibilitychange'))");
      hand.page.waitForResponse(answer -> answer.url().matches(".*/attempts/\\d+"), comeBack);
    }
    assertThat(verdicts("RIGHT")).hasCount(4);
    assertThat(hand.page.getByText("another window")).hasCount(0);
    hand.reload();
    assertThat(verdicts("RIGHT")).hasCount(4);
  }

  private String small() {
    return String.join(
        "", hand.page.locator("[data-layer='1'] [data-kind=small]").allTextContents());
  }

  private String full() {
    return String.join(
        "", hand.page.locator("[data-layer='1'] [data-kind=figure]").allTextContents());
  }

  @Test
  void hintsHelpAndTheKeysOnTheScreenWrite() {
    begin("46 + 38", "Column");
    hand.button("Hint").click();
    assertThat(hand.page.getByTestId("judge")).hasText("Look at: Ones.");
    hand.button("More of a hint").click();
    assertThat(hand.page.getByTestId("judge")).containsText("how many ones altogether?");
    hand.button("Show this column").click();
    assertThat(hand.page.getByTestId("judge")).containsText("6 and 8 make 14 ones.");
    Locator keys =
        hand.page.getByRole(
            AriaRole.GROUP, new Page.GetByRoleOptions().setName("Keys to write with"));
    keys.getByText("4").click();
    assertThat(verdicts("RIGHT")).hasCount(1);
    hand.button("small").click();
    keys.getByText("1").click();
    assertEquals("1", small());
  }

  /** A number is typed figure by figure, and is not judged before it is complete. */
  @Test
  void whatIsTypedSoFarIsWrittenByEnterAndTakenBackByRubbingOut() {
    begin("936 ÷ 12", "Long");
    type("78");
    Locator pending = hand.page.getByTestId("pending");
    assertThat(pending).hasText("8");
    assertThat(verdicts("RIGHT")).hasCount(1);
    hand.press("Backspace");
    assertThat(pending).hasCount(0);
    type("8");
    hand.press("Enter");
    assertThat(pending).hasCount(0);
    assertThat(hand.page.getByTestId("finding")).isVisible();
    hand.press("Control+z");
    type("84");
    assertThat(verdicts("RIGHT")).hasCount(3);
  }

  @Test
  void whoeverSetsTheSumOutIsJudgedOnThatToo() {
    choose("532 − 78", "Exchange");
    hand.button("I set it out myself").click();
    hand.button("When I hand in").click();
    hand.button("Begin").click();
    assertThat(hand.page.getByTestId("cursor")).isVisible();
    type("53278");
    assertThat(hand.page.getByTestId("verdicts")).hasCount(0);
    handIn();
    assertThat(hand.page.getByText("5 right")).isVisible();
    assertThat(hand.page.getByTestId("finding").last()).containsText("no sign");
    assertThat(hand.page.getByText("A line under the numbers")).isVisible();
  }

  /** 4236 is begun a square further right, and 18 a place too far left under it. */
  @Test
  void aNumberCopiedElsewhereKeepsToItsRow() {
    choose("4236 + 18", "Column");
    hand.button("I set it out myself").click();
    hand.button("Begin").click();
    assertThat(hand.page.getByTestId("cursor")).isVisible();
    hand.press("ArrowRight");
    type("4236");
    for (String key : List.of("ArrowDown", "ArrowLeft", "ArrowLeft", "ArrowLeft")) {
      hand.press(key);
    }
    type("18");
    assertThat(hand.page.getByTestId("finding")).containsText("a number one place too far left");
    String attempt = hand.page.url().replaceAll(".*/slate/", "/api/attempts/");
    JsonNode strokes = talk().get(attempt).json().get("strokes");
    for (int i = 1; i < strokes.size(); i++) {
      boolean down = i == 4;
      int right = down ? -2 : 1;
      JsonNode before = strokes.get(i - 1);
      assertEquals(before.get("row").asInt() + (down ? 1 : 0), strokes.get(i).get("row").asInt());
      assertEquals(before.get("column").asInt() + right, strokes.get(i).get("column").asInt());
    }
  }

  @Test
  void whatCannotBeSentWaitsAndIsSentInItsOrder() {
    begin("83 − 47", "Exchange");
    hand.page.getByLabel("Slate", new Page.GetByLabelOptions().setExact(true)).focus();
    hand.page.route("**/api/attempts/**", Route::abort);
    type("44");
    assertThat(hand.page.getByText("Not kept yet")).isVisible();
    assertThat(hand.page.locator("[data-layer='1'] [data-kind=figure]")).hasCount(2);
    hand.press("Control+Enter");
    assertThat(hand.page.getByLabel("How did you do it?")).isFocused();
    hand.page.keyboard().type("Out of reach.");
    hand.press("Control+Enter");
    assertThat(hand.page.getByText("Not handed in yet")).isVisible();
    hand.page.unroute("**/api/attempts/**");
    assertThat(hand.page.getByText("Out of reach.")).isVisible();
    assertThat(hand.page.getByTestId("finding").first()).containsText("smaller taken from larger");
    hand.reload();
    assertThat(hand.page.locator("[data-layer='1'] [data-kind=figure]")).hasCount(2);
  }

  @Test
  void aFinishedPageIsCheckedReplayedAndSeenOnTheDesk() {
    begin("83 − 47", "Exchange");
    hand.line().focus();
    hand.line().blur();
    hand.page.getByLabel("Slate", new Page.GetByLabelOptions().setExact(true)).focus();
    type("44");
    hand.press("Control+Enter");
    hand.page.getByLabel("How did you do it?").fill("I took the smaller one.");
    hand.press("Control+Enter");
    assertThat(hand.page.getByText("I took the smaller one.")).isVisible();
    assertThat(hand.page.getByTestId("finding").first()).containsText("smaller taken from larger");
    hand.page.getByLabel("How far it is played").press("Home");
    assertThat(hand.page.locator("[data-layer='1'] [data-kind=figure]")).hasCount(0);
    hand.button("Replay").click();
    assertThat(hand.page.locator("[data-layer='1'] [data-kind=figure]")).hasCount(2);
    hand.button("Check it now").click();
    assertThat(hand.page.getByText("This is the check")).isVisible();
    assertThat(
            hand.page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("47 + 44")))
        .isVisible();
    hand.button("See it on the Desk").click();
    assertThat(hand.line()).hasValue("47 + 44");
    hand.tab("Slate");
    assertThat(hand.button("Look at 83 − 47 by Tamsin").first()).isVisible();
  }

  /** A number that is typed in part is written before a sign that does not belong to it. */
  @Test
  void aHalfTypedNumberIsNotLostToAStrike() {
    begin("936 ÷ 12", "Long");
    type("78");
    hand.press("/");
    assertThat(hand.page.getByTestId("pending")).hasCount(0);
    assertThat(hand.page.locator("[data-layer='1'] [data-kind=figure]")).hasCount(2);
    assertThat(hand.page.locator("[data-layer='1'] .strike")).hasCount(1);
    hand.press("Control+z");
    assertThat(hand.page.locator("[data-layer='1'] [data-kind=figure]")).hasCount(1);
  }

  @Test
  void theSameSumIsBegunAgainWithOnePress() {
    begin("46 + 38", "In pairs");
    type("47");
    handIn();
    hand.button("The same again").click();
    assertThat(hand.page.getByTestId("cursor")).isVisible();
    assertThat(hand.page.locator("[data-layer='1'] [data-kind=figure]")).hasCount(0);
    assertThat(hand.page.getByText("In pairs · Tamsin")).isVisible();
  }

  @Test
  void aSumLikeItIsBegunWithOneKey() {
    begin("46 + 38", "In pairs");
    type("47");
    handIn();
    assertThat(hand.button("The same again")).isVisible();
    String ended = hand.page.url();
    hand.press("n");
    assertThat(hand.page.getByTestId("cursor")).isVisible();
    assertThat(hand.page).not().hasURL(ended);
    assertThat(hand.page.locator("[data-layer='0'] [data-kind=figure]")).hasCount(5);
    assertThat(hand.page.locator("[data-layer='1'] [data-kind=figure]")).hasCount(0);
    assertThat(hand.page.getByText("In pairs · Tamsin")).isVisible();
  }

  @Test
  void aPupilIsSimulated() {
    hand.tab("Slate");
    hand.page.getByLabel("Sum to try").fill("57 × 38");
    hand.button("Watch a simulated pupil").click();
    assertThat(hand.page.getByText("Everything is right.")).isVisible();
    hand.page.getByText("no zero to hold the places").first().click();
    assertThat(hand.page.getByTestId("finding")).hasAttribute("data-slip", "no-placeholder");
  }

  @Test
  void axeFindsNothingSeriousBesideAFinding() {
    begin("46 + 38", "Column");
    type("4,7,");
    assertThat(hand.page.getByTestId("finding")).isVisible();
    assertEquals(List.of(), hand.barriers());
  }
}
