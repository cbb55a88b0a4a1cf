package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.style.Setting;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@BeginsEmpty
class HouseJourneyTest extends Journey {
  private Locator card(String setting) {
    return hand.page.getByTestId("setting-" + setting);
  }

  private void choose(String setting, String value) {
    card(setting)
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(value).setExact(true))
        .click();
    assertThat(
            card(setting)
                .getByRole(
                    AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(value).setExact(true)))
        .hasAttribute("aria-pressed", "true");
  }

  @Test
  void everySettingCanBeChangedAndItsLivePageFollows() {
    hand.tab("House style");
    Page page = hand.page;
    assertThat(page.locator("[data-testid^=setting-]")).hasCount(Setting.values().length + 1);
    List<Locator> cards = page.locator("[data-testid^=setting-]:has([aria-pressed])").all();
    for (Locator card : Sweep.of(cards, 0)) {
      if (card.getAttribute("data-testid").endsWith("decimalMark")) {
        choose("thousandsMark", "none");
      }
      card.scrollIntoViewIfNeeded();
      assertThat(card.getByTestId("live-sentence")).not().isEmpty();
      Locator live = card.locator("[data-shown]");
      // Both at once: the card may be drawn again in between.
      List<?> before = (List<?>) live.evaluate("page => [page.dataset.shown, page.innerHTML]");
      card.locator("button[aria-pressed=false]").last().click();
      assertThat(live).not().hasAttribute("data-shown", (String) before.get(0));
      page.waitForCondition(() -> !before.get(1).equals(live.innerHTML()));
      card.getByText("Standard", new Locator.GetByTextOptions().setExact(true)).click();
      assertThat(card.locator("button").first()).hasAttribute("aria-pressed", "true");
    }
    hand.button("All settings back to standard").click();
    assertThat(card("carryWord").getByText("carry", new Locator.GetByTextOptions().setExact(true)))
        .hasAttribute("aria-pressed", "true");
    assertThat(page.getByText("has the standard settings")).isVisible();
  }

  @Test
  void refusesOneMarkForTwoThingsAndResetsASingleSetting() {
    hand.tab("House style");
    choose("thousandsMark", "comma");
    card("decimalMark").getByText("comma", new Locator.GetByTextOptions().setExact(true)).click();
    assertThat(hand.alert()).containsText("A comma cannot stand for thousands and for decimals");
    assertThat(
            card("decimalMark").getByText("point", new Locator.GetByTextOptions().setExact(true)))
        .hasAttribute("aria-pressed", "true");
    // The cards above grow as their pages come, and one out of sight waits for its own.
    card("decimalMark").scrollIntoViewIfNeeded();
    assertThat(card("decimalMark").getByTestId("live-sentence")).containsText("4.25");
    choose("exchangeWord", "trade");
    hand.button("Standard for Word for an exchange").click();
    assertThat(
            card("exchangeWord")
                .getByText("exchange", new Locator.GetByTextOptions().setExact(true)))
        .hasAttribute("aria-pressed", "true");
  }

  @Test
  void aClassCallsTheMovesOfARoundInItsOwnOrderAndWords() {
    hand.tab("House style");
    Locator moves = card("roundMoves");
    Locator called = moves.getByRole(AriaRole.LIST).first().getByRole(AriaRole.TEXTBOX);
    hand.button("Compare: earlier").click();
    hand.button("+ Again or remainder").click();
    assertThat(called).hasCount(6);
    assertThat(called.nth(2)).hasValue("Compare");
    hand.button("Leave out Bring down").click();
    assertThat(called).hasCount(5);
    hand.button("Compare: earlier").click();
    assertThat(moves.getByRole(AriaRole.ALERT)).containsText("There is nothing to compare before");
    assertThat(called.nth(2)).hasValue("Compare");
    hand.page.getByLabel("Word for Multiply").fill("Times");
    hand.press("Enter");
    assertThat(moves.getByLabel("Moves of a round").last().getByRole(AriaRole.LISTITEM))
        .hasText(new String[] {"Divide", "Times", "Compare", "Subtract", "Again or remainder"});
    hand.button("Standard for Moves of a round").click();
    assertThat(called).hasCount(5);
    assertThat(called.nth(1)).hasValue("Multiply");
  }

  @Test
  void aClassSpeaksItsOwnSentenceAndAnotherClassDoesNot() {
    Page page = hand.page;
    hand.setOutAndSee("432 − 118");
    hand.tab("House style");
    page.getByLabel("Name of another class", new Page.GetByLabelOptions().setExact(true))
        .fill("Cold Frame");
    hand.button("Add class").click();
    hand.button("Make Cold Frame the current class").click();
    assertThat(hand.button("Class: Cold Frame")).isVisible();
    Locator own = page.getByLabel("Own sentence", new Page.GetByLabelOptions().setExact(true));
    own.fill("Open {one}: {tins}!");
    assertThat(page.getByTestId("trial")).containsText("no fill-in called “tins”");
    assertThat(hand.button("Keep sentence")).isDisabled();
    own.fill("Open {one}: {ten} come out!");
    assertThat(page.getByTestId("trial")).containsText("Open 1 ten: 10 ones come out!");
    hand.button("Keep sentence").click();
    assertThat(hand.button("Bemble’s own again")).isVisible();
    hand.tab("Desk");
    assertThat(hand.sentence()).isVisible();
    hand.press("ArrowRight");
    hand.press("ArrowRight");
    assertThat(hand.sentence()).hasText("Open 1 ten: 10 ones come out!");
    hand.button("Brief").click();
    assertThat(hand.sentence()).hasText("1 ten for 10 ones");
    hand.button("Brief").click();
    hand.button("Class: Cold Frame").click();
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("My class")).click();
    assertThat(hand.sentence()).containsText("So exchange 1 ten for 10 ones:");
    hand.tab("House style");
    hand.inMenu("Cold Frame", "Delete").click();
    assertThat(page.getByLabel("Name of Cold Frame")).hasCount(0);
    hand.button("Undo").click();
    assertThat(page.getByLabel("Name of Cold Frame")).hasCount(1);
    hand.inMenu("Cold Frame", "Delete").click();
    assertThat(page.getByLabel("Name of Cold Frame")).hasCount(0);
  }

  @Test
  void aClassAsksInItsOwnWordsAndSaysTheStepAsUsual() {
    Page page = hand.page;
    hand.setOutAndSee("432 − 118");
    hand.tab("House style");
    hand.button("Ask first").click();
    assertThat(page.getByText("Bemble says: Can we take {bottom, number} from {top, number}?"))
        .isVisible();
    page.getByLabel("Own sentence", new Page.GetByLabelOptions().setExact(true))
        .fill("Who has a tray for {bottom,number}?");
    assertThat(page.getByTestId("trial")).containsText("Who has a tray for 8?");
    hand.button("Keep sentence").click();
    assertThat(hand.button("✎ Ask first")).isVisible();
    hand.tab("Desk");
    hand.button("Ask first").click();
    hand.press("ArrowRight");
    hand.press("ArrowRight");
    hand.press("ArrowRight");
    assertThat(hand.sentence()).hasText("Who has a tray for 8?");
    hand.press("ArrowRight");
    assertThat(hand.sentence()).containsText("2 is too small to take 8 from.");
    hand.tab("House style");
    hand.button("✎ Ask first").click();
    hand.button("Bemble’s own again").click();
    assertThat(hand.button("✎ Ask first")).hasCount(0);
  }

  /** A cue is only said, so the choice of another telling falls back to that. */
  @Test
  void aClassHasItsOwnCueWordForAMove() {
    Page page = hand.page;
    hand.tab("House style");
    hand.button("Why?").click();
    page.getByLabel("Remark").fill("cue divide");
    page.getByRole(AriaRole.OPTION).first().click();
    page.getByLabel("Own sentence", new Page.GetByLabelOptions().setExact(true)).fill("Share out");
    assertThat(page.getByTestId("trial")).hasText("4,236 ÷ 7: Share out");
    hand.button("Keep sentence").click();
    assertThat(hand.button("✎ Said")).isVisible();
    page.navigate("/desk?sum=943 ÷ 7&step=2");
    assertThat(page.locator("li[aria-current=step]")).hasText("Share out");
    page.navigate("/house");
    hand.button("Bemble’s own again").click();
    assertThat(hand.button("✎ Said")).hasCount(0);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "46 + 37 + 28 | take the others away | The check came back to 46. | harder skill",
        "83 − 47      | count up             | The check came back to 36. | ",
        "34 × 26      | digit sums           | The check came back to 2.  | not all",
        "34 × 26      | divide back          | The check came back to 34. | harder skill",
        "√20          | enclosure            | The root lies between 4 and 5: 20 lies between their"
            + " squares. | not all"
      })
  void provesAPageInTheWayThatIsChosen(String sum, String way, String verdict, String note) {
    hand.setOutAndSee(sum);
    hand.page.getByText("Check: ").click();
    hand.page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(way)).click();
    assertThat(hand.page.getByText("Check: " + way)).isVisible();
    hand.line().focus();
    hand.line().blur();
    hand.press("End");
    assertThat(hand.page.getByText(verdict)).isVisible();
    if (note != null) {
      assertThat(hand.page.getByText(note).first()).isVisible();
    }
  }

  @Test
  void takesACheckInAStepForEachSumOfIt() {
    Page page = hand.page;
    hand.setOutAndSee("943 ÷ 7");
    page.getByText("Check: multiply back").click();
    // A check of other steps begins anew when it comes.
    page.waitForResponse(
        answer -> answer.url().endsWith("/api/workings"),
        () ->
            page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("each sum of it"))
                .click());
    hand.line().focus();
    hand.line().blur();
    hand.press("End");
    assertThat(hand.sentence()).hasText("It should come back to 943, and it does.");
    hand.press("ArrowLeft");
    assertThat(hand.sentence()).containsText("938 + 5 = 943");
    hand.press("ArrowLeft");
    assertThat(hand.sentence()).containsText("134 × 7 = 938");
    hand.reload();
    assertThat(hand.sentence()).containsText("134 × 7 = 938");
    hand.press("ArrowLeft");
    assertThat(hand.sentence()).containsText("943 ÷ 7 = 134");
    page.getByText("Check: multiply back").click();
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("each figure")).click();
    hand.press("ArrowRight");
    assertThat(hand.sentence()).not().containsText("938");
  }

  @Test
  void checksAWorkingDoneElsewhere() {
    hand.setOutAndSee("57 × 38");
    hand.button("Check my working").click();
    Page page = hand.page;
    page.getByRole(AriaRole.DIALOG).getByLabel("Row 1").fill("456");
    page.getByRole(AriaRole.DIALOG).getByLabel("Row 2").fill("171");
    page.getByLabel("Answer").fill("627");
    hand.button("Check it").click();
    assertThat(page.getByTestId("finding"))
        .containsText("The first slip is in row 2. It must be 1,710.");
    page.getByRole(AriaRole.DIALOG).getByLabel("Row 2").fill("1,710");
    page.getByLabel("Answer").fill("2,166");
    hand.button("Check it").click();
    assertThat(page.getByTestId("finding")).containsText("All that was given follows");
    page.getByLabel("Answer").fill("two");
    hand.button("Check it").click();
    assertThat(page.getByTestId("finding")).containsText("“two” in “Answer” is not a number.");
    hand.button("Calculator").click();
    assertThat(page.getByTestId("calculator")).hasText("57 × 38 = 2166");
  }

  @Test
  void theBoardIsWorkedByKeyboardAndReturnsToTheSameStep() {
    hand.setOutAndSee("46 + 38");
    hand.press("ArrowRight");
    hand.press("b");
    assertThat(hand.button("Back to the Desk")).isVisible();
    Locator board = hand.page.getByRole(AriaRole.MAIN);
    assertThat(hand.page).hasURL(java.util.regex.Pattern.compile("/board\\?"));
    hand.press("Space");
    assertThat(hand.sentence()).hasText("6 + 8: how many ones altogether?");
    hand.press("Space");
    assertThat(hand.sentence()).hasText("6 and 8 make 14 ones.");
    hand.press("Shift+ArrowDown");
    hand.press("Shift+ArrowDown");
    hand.press("Shift+ArrowRight");
    assertThat(hand.page.getByTestId("pointer")).isVisible();
    assertThat(hand.page.getByTestId("pointed")).not().isEmpty();
    Locator figure = hand.page.locator("[data-testid=paper] [data-kind=figure]").first();
    String ink = (String) figure.evaluate("it => getComputedStyle(it).fill");
    hand.button("Dark").click();
    assertThat(board).hasAttribute("data-dark", "true");
    assertThat(figure).not().hasCSS("fill", ink);
    hand.button("Blank page").click();
    hand.page.keyboard().type("48");
    hand.press("Shift+Digit1");
    assertEquals(List.of("46", "+38", "84"), hand.rows());
    hand.button("Undo").click();
    hand.button("Undo").click();
    assertEquals(List.of("46", "+38", "4"), hand.rows());
    hand.button("Blank page").click();
    hand.press("Escape");
    assertThat(hand.page.getByText("Ones · step 3 of")).isVisible();
    assertThat(hand.sentence()).hasText("6 and 8 make 14 ones.");
    // The Desk keeps to the colours of the system, whatever the Board was.
    assertThat(figure).hasCSS("fill", ink);
  }

  @Test
  void thePaperCanBeWalkedSquareBySquare() {
    hand.setOutAndSee("46 + 38");
    hand.press("End");
    Locator pointed = hand.page.getByTestId("pointed");
    for (int i = 0; i < 3; i++) {
      hand.press("Shift+ArrowDown");
    }
    hand.press("Shift+ArrowRight");
    assertThat(pointed).hasText("tens, row 3: 4");
    hand.press("Shift+ArrowUp");
    assertThat(pointed).hasText("tens, row 2: small 1");
    hand.press("Escape");
    assertThat(hand.page.getByTestId("pointer")).hasCount(0);
  }

  /** The browser opens the chosen sheet to print it, or says that it may not. */
  @Test
  void theChosenSheetIsOpenedToPrint() {
    hand.setOutAndSee("83 − 47");
    hand.page.evaluate("window.open = (address) => { window.opened = address; return window; }");
    hand.button("Print and export").click();
    hand.button("A strip of frames").click();
    Request sent =
        hand.page.waitForRequest(
            "**/api/exports/pdf", () -> hand.button("Open it to print").click());
    assertTrue(sent.postData().contains("STRIP"), sent::postData);
    hand.page.waitForFunction("() => window.opened?.startsWith('blob:')");
    hand.page.evaluate("window.open = () => null");
    hand.button("Open it to print").click();
    assertThat(hand.alert()).containsText("did not let Bemble open it");
  }

  @Test
  void aPageIsDownloadedAndReadInAgain() throws IOException {
    hand.setOutAndSee("6,203 − 1,487");
    hand.button("Print and export").click();
    Download pdf = hand.page.waitForDownload(() -> hand.button("Download PDF").click());
    assertEquals(
        "%PDF",
        Files.readString(pdf.path(), java.nio.charset.StandardCharsets.ISO_8859_1).substring(0, 4));
    Download svg =
        hand.page.waitForDownload(() -> hand.button("Picture of this step (SVG)").click());
    assertTrue(Files.readString(svg.path()).contains(">6</text>"));
    Download file =
        hand.page.waitForDownload(() -> hand.button("Page to import again (JSON)").click());
    hand.button("Close").click();
    hand.setOutAndSee("46 + 38");
    hand.tab("Workbook");
    hand.page.getByLabel("Page file").setInputFiles(file.path());
    assertThat(hand.line()).hasValue("6,203 − 1,487");
    hand.tab("Workbook");
    java.nio.file.Path broken = folder.resolve("broken.json");
    Files.writeString(broken, "{\"format\":");
    hand.page.getByLabel("Page file").setInputFiles(broken);
    assertThat(hand.page.getByText("is not a page of Bemble, or it is damaged")).isVisible();
    assertThat(hand.line()).hasValue("6,203 − 1,487");
  }

  @Test
  void thePrintedViewIsThePageAlone() {
    hand.setOutAndSee("46 + 38");
    hand.page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
    assertThat(hand.page.getByTestId("paper")).isVisible();
    assertThat(hand.sentence()).isVisible();
    assertThat(hand.button("Next")).isHidden();
    assertThat(hand.line()).isHidden();
  }
}
