package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A class is marked: pupils added, a set handed out, its answers typed, the class looked at. */
@BeginsEmpty
class MarkingJourneyTest extends HandedOut {
  @Test
  void aClassIsMarkedWithUnderFiveKeysACellAndNoMouse() {
    handOutByHand();
    int keys = 0;
    keys += type("+ + +");
    keys += type("4 2 6 Enter 4 3 6 Enter 4 2 5 Enter");
    keys += type("4 2 6 Enter 4 3 6 Enter b");
    keys += type("+ + -");
    keys += type("+ 9 9 Enter +");
    assertThat(answers("RIGHT")).hasCount(7);
    assertThat(answers("WRONG")).hasCount(6);
    assertThat(answers("BLANK")).hasCount(1);
    assertThat(answers("LEFT_OUT")).hasCount(1);
    assertTrue(keys < 5 * 15, keys + " keys");
    Locator group = hand.page.getByTestId("group");
    assertThat(group).hasCount(1);
    assertThat(group).containsText("smaller taken from larger");
    assertThat(group).containsText("Caio");
    hand.reload();
    assertThat(answers("WRONG")).hasCount(6);
  }

  @Test
  void anAnswerIsTakenBackAndOneThatIsNoneIsRefused() {
    type("4 2 6 Enter");
    assertThat(answers("WRONG")).hasCount(1);
    hand.press("Control+z");
    assertThat(answers("WRONG")).hasCount(0);
    assertThat(hand.page.getByTestId("square")).containsText("Bram, 1. 742 − 368");
    type("3 . 7 . 4 Enter");
    assertThat(hand.page.getByText("has a mark where none belongs")).isVisible();
    type("ArrowLeft 3 7 5 ArrowDown");
    assertThat(answers("WRONG")).hasCount(1);
  }

  @Test
  void aClassIsMarkedByTouchAlone() {
    hand.button("On-screen keys").click();
    Locator keys =
        hand.page.getByRole(
            AriaRole.GROUP, new Page.GetByRoleOptions().setName("Keys to mark with"));
    for (String key : List.of("4", "2", "7", "erase", "6", "next", "right", "blank")) {
      keys.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(key).setExact(true))
          .click();
    }
    assertThat(answers("WRONG")).hasText("426");
    assertThat(answers("RIGHT")).hasCount(1);
    assertThat(answers("BLANK")).hasCount(1);
    hand.button("On-screen keys").click();
    assertThat(keys).hasCount(0);
  }

  @Test
  void anAnswerIsLookedAtCloselyAndDecidedOtherwise() {
    type("4 2 6 Enter ArrowLeft");
    assertThat(answers("WRONG")).hasCount(1);
    hand.press(" ");
    assertThat(hand.page.getByText("The page of this slip: smaller taken from larger")).isVisible();
    assertThat(hand.page.getByRole(AriaRole.DIALOG).getByTestId("hinted").first()).isVisible();
    inDialog("Count it as right").click();
    assertThat(answers("RIGHT")).hasCount(1);
    assertThat(hand.page.getByTestId("square")).containsText("by your own decision");
    grid().focus();
    hand.press(" ");
    inDialog("Take my decision back").click();
    assertThat(answers("WRONG")).hasCount(1);
    grid().focus();
    hand.press(" ");
    inDialog("Type the page in on the Slate").click();
    assertThat(hand.page.getByTestId("cursor")).isVisible();
    assertThat(hand.page.getByText("· Bram")).isVisible();
  }

  @Test
  void aGroupIsTaughtAgain() {
    // The first pupil has other work of these days that speaks against a slip.
    type("4 2 6 Enter 4 3 6 Enter 4 2 5 Enter");
    type("4 2 6 Enter 4 3 6 Enter 4 2 5 Enter");
    hand.button("Teach again: smaller taken from larger").click();
    assertThat(hand.page).hasURL(Pattern.compile("/sets/\\d+$"));
    assertThat(hand.page.getByTestId("sum")).hasCount(5);
    assertThat(hand.page.getByLabel("Name of the set"))
        .hasValue(Pattern.compile("^Once more: (?!.*Bram).*"));
  }

  @Test
  void aGridLeavesAsATableAndIsReadInAgain() throws IOException {
    type("+ 9 9 Enter b");
    assertThat(answers("BLANK")).hasCount(1);
    hand.button("Paper and more").click();
    Download table = hand.page.waitForDownload(() -> hand.button("Table of answers (CSV)").click());
    String text = Files.readString(table.path());
    assertTrue(text.contains("Bram,374,99,blank"), text);
    byte[] changed =
        (text.replace("Bram,374,99,blank", "Bram,374,98,blank") + "Nobody,1,2,3\n")
            .getBytes(StandardCharsets.UTF_8);
    hand.page
        .getByLabel("Table of answers", new Page.GetByLabelOptions().setExact(true))
        .setInputFiles(new FilePayload("answers.csv", "text/csv", changed));
    assertThat(hand.page.getByText("nobody on this handout is called “Nobody”")).isVisible();
    assertThat(answers("WRONG")).hasText("98");
    inDialog("Close").click();
    grid().focus();
    hand.press("Control+z");
    assertThat(answers("WRONG")).hasText("99");
    assertThat(answers("RIGHT")).hasCount(1);
  }

  private void paste(String text) {
    grid()
        .evaluate(
            """
            (grid, text) => {
              const clipboardData = new DataTransfer();
              clipboardData.setData('text', text);
              grid.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true }));
            }\
            """,
            text);
  }

  @Test
  void aTableIsPastedAndTakenBackAsOne() {
    type("+");
    assertThat(answers("RIGHT")).hasCount(1);
    paste("Child\t742 − 368\t621 − 257\nBram\t426\t436\nCaio\t374\t364\n");
    assertThat(hand.page.getByText("4 answers were read.")).isVisible();
    inDialog("Close").click();
    assertThat(answers("WRONG")).hasCount(2);
    assertThat(answers("RIGHT")).hasCount(2);
    hand.button("Undo").click();
    assertThat(answers("WRONG")).hasCount(0);
    assertThat(answers("RIGHT")).hasCount(1);
    hand.reload();
    assertThat(answers("RIGHT")).hasCount(1);
    assertThat(hand.page.locator("[data-outcome]")).hasCount(1);
  }

  @Test
  void aPastedTableOfOtherSumsIsRefusedAndOneAnswerIsTyped() {
    paste("pupil\t742 − 368\t400 − 257\nBram\t426\t143");
    assertThat(hand.alert().first()).containsText("400 − 257; this handout has 621 − 257");
    inDialog("Close").click();
    assertThat(hand.page.locator("[data-outcome]")).hasCount(0);
    grid().focus();
    paste("426");
    hand.press("Enter");
    assertThat(answers("WRONG")).hasText("426");
  }

  @Test
  void answersWithoutNamesArePastedFromTheChosenSquareOn() {
    type("+ ArrowDown ArrowLeft");
    paste("426\t364\n374\tblank\n");
    assertThat(answers("WRONG")).hasText("426");
    assertThat(answers("RIGHT")).hasCount(3);
    assertThat(answers("BLANK")).hasCount(1);
    paste("1\t2\t3\t4\n5\t6\t7\t8\n");
    assertThat(hand.page.getByText("there is room for 4 and 3. Nothing was entered.")).isVisible();
    hand.button("Undo").first().click();
    assertThat(answers("RIGHT")).hasCount(1);
    assertThat(hand.page.locator("[data-outcome]")).hasCount(1);
  }

  @Test
  void anAnswerTypedOverADecisionIsTakenBackWithIt() {
    type("4 2 6 Enter ArrowLeft");
    hand.press(" ");
    inDialog("Count it as right").click();
    assertThat(hand.page.getByRole(AriaRole.DIALOG)).hasCount(0);
    grid().focus();
    type("3 6 4 Enter");
    assertThat(answers("WRONG")).hasText("364");
    hand.press("Control+z");
    assertThat(answers("RIGHT")).hasCount(1);
    assertThat(hand.page.getByTestId("square")).containsText("by your own decision");
    hand.reload();
    assertThat(hand.page.getByTestId("square")).containsText("by your own decision");
  }

  @Test
  void aTeacherNamesAnotherSlipOrNone() {
    type("4 2 6 Enter ArrowLeft");
    hand.press(" ");
    hand.page.getByLabel("Which slip it was").click();
    option("neighbour not made one less").click();
    assertThat(hand.page.getByText("The page of this slip: neighbour not made one less"))
        .isVisible();
    inDialog("It is this slip").click();
    assertThat(hand.page.getByTestId("square"))
        .containsText("426, wrong, by your own decision, neighbour not made one less");
    grid().focus();
    hand.press(" ");
    inDialog("Take my decision back").click();
    assertThat(hand.page.getByTestId("square")).containsText("smaller taken from larger");
    grid().focus();
    hand.press(" ");
    hand.page.getByLabel("Which slip it was").click();
    option("none that is known").click();
    inDialog("It is no slip").click();
    assertThat(hand.page.getByTestId("square")).containsText("426, wrong, by your own decision");
    assertThat(hand.page.getByTestId("square")).not().containsText("larger");
  }

  private Locator option(String name) {
    return hand.page.getByRole(
        AriaRole.OPTION, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  @Test
  void simulatedPupilsFillInAPile() {
    hand.button("Paper and more").click();
    inDialog("Have simulated pupils fill it in").click();
    assertThat(hand.page.getByText("These are the pupils of your class")).isVisible();
    inDialog("Yes, make answers up").click();
    assertThat(hand.page.getByText("15 answers are made up.")).isVisible();
    inDialog("Close").click();
    assertThat(hand.page.getByText("5 of 5 pupils entered")).isVisible();
    assertThat(hand.page.locator("[data-outcome]")).hasCount(15);
  }

  @Test
  void simulatedPupilsMakeTheSlipsThatAreChosen() {
    hand.button("Paper and more").click();
    hand.page.getByText("with any slips").click();
    hand.page.getByRole(AriaRole.OPTION).getByText("smaller taken from larger").first().click();
    hand.press("Escape");
    assertThat(hand.page.getByText("with 1 slip")).isVisible();
    inDialog("Have simulated pupils fill it in").click();
    Request sent =
        hand.page.waitForRequest("**/simulated", () -> inDialog("Yes, make answers up").click());
    assertEquals("{\"slips\":[\"smaller-from-larger\"]}", sent.postData());
    assertThat(hand.page.getByText("15 answers are made up.")).isVisible();
  }

  private void openHandoutOf(List<Map<String, String>> sums) {
    JsonNode handout = talk().post("/api/handouts", Map.of("title", "Others", "sums", sums)).json();
    hand.page.navigate("/marking/" + handout.get("id"));
    assertThat(grid()).isFocused();
  }

  /** However many sums there are, a square is as wide as its right answer. */
  @Test
  void anAnswerIsReadWholeOrCutBehindItsFirstFigures() {
    List<Map<String, String>> sums = new ArrayList<>();
    for (int i = 0; i < 29; i++) {
      sums.add(Map.of("plain", (368 + i) + " × 457"));
    }
    sums.add(Map.of("plain", "9".repeat(24) + " × " + "8".repeat(24)));
    openHandoutOf(sums);
    type("1 6 8 2 7 6 Enter");
    assertThat(answers("WRONG")).hasText("168276");
    assertEquals(true, answers("WRONG").evaluate("it => it.scrollWidth <= it.clientWidth"));
    type("End 1 2 3 4 5 6 7 8 9 0 1 2 3 4 5 6 7 8 9 0 Enter");
    assertThat(answers("WRONG").last()).hasText("12345678901234567890");
    assertThat(answers("WRONG").last()).hasCSS("text-overflow", "ellipsis");
  }

  /** Each method of the handout has slips of its own to be chosen. */
  @Test
  void theSlipsOfEverySumAreOffered() {
    openHandoutOf(
        List.of(
            Map.of("plain", "742 − 368", "method", "exchange"),
            Map.of("plain", "46 + 38", "method", "column")));
    hand.button("Paper and more").click();
    hand.page.getByText("with any slips").click();
    assertThat(option("smaller taken from larger")).isVisible();
    assertThat(option("carry not added")).isVisible();
  }

  @Test
  void anotherWindowIsToldOfAnAnswerThatItDidNotSee() {
    String address = hand.page.url();
    String path = address.substring(address.indexOf("/marking/") + "/marking/".length());
    // Nothing is on its way any more that would tell this window.
    hand.page.waitForResponse("**/api/handouts/" + path, () -> hand.reload());
    assertThat(grid()).isFocused();
    long bram = talk().get("/api/roll").json().get(0).get("id").asLong();
    talk()
        .put(
            "/api/handouts/" + path + "/answers",
            "{\"cells\":[{\"pupil\":" + bram + ",\"number\":0,\"given\":\"426\"}]}");
    type("+");
    assertThat(hand.page.getByText("was changed in another window")).isVisible();
    assertThat(answers("WRONG")).hasText("426");
  }

  @Test
  void aPupilIsDeletedForGoodOnlyWhenThatIsSaidTwice() {
    hand.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Handouts")).click();
    hand.page.getByLabel("New pupils").fill("Joss\nBram");
    hand.button("Add pupils").click();
    assertThat(hand.page.getByText("“Bram” is in this class already")).isVisible();
    hand.page.getByLabel("New pupils").fill("Joss");
    hand.button("Add pupils").click();
    hand.inMenu("Joss", "Delete").click();
    inDialog("Keep Joss").click();
    assertThat(hand.page.getByLabel("Name of Joss")).isVisible();
    hand.inMenu("Joss", "Delete").click();
    inDialog("Delete for good").click();
    assertThat(hand.page.getByLabel("Name of Joss")).hasCount(0);
    assertEquals(5, talk().get("/api/roll").json().size());
  }
}
