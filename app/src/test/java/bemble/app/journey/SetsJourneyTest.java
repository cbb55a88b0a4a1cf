package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** Sets are made, changed, kept and printed on their screen. */
@BeginsEmpty
class SetsJourneyTest extends Journey {
  private Locator sums() {
    return hand.page.getByTestId("sum");
  }

  private List<String> names() {
    List<String> names = new ArrayList<>();
    for (Locator sum : sums().all()) {
      names.add(sum.getAttribute("aria-label").replaceAll("^\\d+\\. |, held$", ""));
    }
    return names;
  }

  /** Waits until the sheet has these sums: the one before may still be drawn. */
  private void awaitNames(List<String> names) {
    assertThat(sums()).hasCount(names.size());
    for (int i = 0; i < names.size(); i++) {
      assertThat(sums().nth(i)).hasAttribute("aria-label", i + 1 + ". " + names.get(i));
    }
  }

  private void make(String operation, String rung, int count) {
    hand.button(operation).click();
    hand.page
        .getByText(rung, new com.microsoft.playwright.Page.GetByTextOptions().setExact(true))
        .click();
    hand.page.getByLabel("How many sums").fill(String.valueOf(count));
    hand.button("Make sums").click();
    assertThat(sums()).hasCount(count);
  }

  /** The tab, the rung, and the button that makes the sums. */
  @Test
  void aSetOfTenTakesThreePresses() {
    hand.tab("Sets");
    hand.page.getByText("A ten out of the ones").click();
    hand.button("Make sums").click();
    assertThat(sums()).hasCount(10);
    assertEquals(10, names().stream().distinct().count());
  }

  @Test
  void aSentenceIsChangedUntilItFitsAndSaysWhatClashes() {
    hand.page.navigate("/sets");
    hand.button("Subtraction").click();
    hand.page.getByText("Two neighbours").click();
    assertThat(hand.page.getByText("sums fit")).isVisible();
    Locator wish = hand.page.getByLabel("Condition: no zero crossed");
    wish.click();
    hand.page.getByLabel("From").fill("2");
    hand.page.getByLabel("To, if it ends").fill("2");
    assertThat(hand.page.getByText("cannot be had with numbers of these sizes")).isVisible();
    hand.page.getByLabel("To, if it ends").fill("1");
    assertThat(hand.page.getByText("The second number is smaller")).isVisible();
    hand.page.getByLabel("From").fill("1");
    assertThat(hand.page.getByText("sums fit")).isVisible();
    hand.press("Escape");
    assertThat(hand.page.getByLabel("Condition: exactly 1 zero crossed in a row")).isFocused();
    hand.button("Make sums").click();
    assertThat(sums()).hasCount(10);
    names().forEach(sum -> assertTrue(sum.matches("\\d0\\d − \\d{3}"), sum));
  }

  @Test
  void aSumIsHeldDrawnAgainMovedAndTakenOut() {
    hand.page.navigate("/sets");
    make("Division", "A zero inside", 6);
    List<String> first = names();
    sums().nth(2).click();
    hand.button("Hold").click();
    hand.button("Draw anew").click();
    assertThat(sums().nth(0)).not().hasAttribute("aria-label", "1. " + first.get(0));
    List<String> second = names();
    for (int i = 0; i < 6; i++) {
      assertEquals(i == 2, first.contains(second.get(i)), "at " + i);
    }
    sums().nth(0).click();
    hand.button("Another").click();
    assertThat(sums().nth(0)).not().hasAttribute("aria-label", "1. " + second.get(0));
    assertEquals(second.subList(1, 6), names().subList(1, 6));
    sums().nth(1).click();
    hand.button("Later").click();
    assertEquals(second.get(1), names().get(2));
    hand.button("Delete").click();
    assertThat(sums()).hasCount(5);
    assertFalse(names().contains(second.get(1)));
  }

  @Test
  void aSetIsEvenedOutAndPutInOrder() {
    hand.page.navigate("/sets");
    make("Subtraction", "One zero crossed", 10);
    sums().nth(1).click();
    hand.button("Hold").click();
    sums().nth(1).click();
    List<String> before = names();
    hand.button("Even out").click();
    // Any of them may stay, so the first alone would not tell.
    hand.page.waitForCondition(() -> !names().equals(before));
    List<String> even = names();
    assertEquals(before.get(1), even.get(1), "what is held stays");
    hand.button("Quickest first").click();
    hand.button("Mix").click();
    assertEquals(even.stream().sorted().toList(), names().stream().sorted().toList());
  }

  @Test
  void aFewSumsTellSlipsApart() {
    hand.page.navigate("/sets");
    hand.button("Subtraction").click();
    hand.page.getByText("One zero crossed").click();
    assertThat(hand.page.getByTestId("example")).hasCount(3);
    assertThat(hand.page.getByTestId("example").first())
        .hasAttribute("aria-label", Pattern.compile("\\d0\\d − \\d{3}"));
    hand.button("Tell slips apart").click();
    Locator table = hand.page.getByRole(AriaRole.TABLE);
    assertThat(table).containsText("smaller taken from larger");
    int told = table.getByRole(AriaRole.COLUMNHEADER).count() - 1;
    assertTrue(told >= 3 && told <= 12, told + " sums");
    hand.button("Close").click();
    assertThat(sums()).hasCount(told);
  }

  @Test
  void aPastedListNamesItsBadLinesAndGivesTheOthers() {
    hand.page.navigate("/sets");
    hand.button("Type or paste").click();
    hand.page.getByLabel("One sum to a line").fill("46 + 38\n5 −\n7 × 8\n");
    hand.button("Take them").click();
    assertThat(hand.alert().first()).containsText("Line 2, “5 −”");
    assertThat(hand.page.getByLabel("One sum to a line")).hasValue("46 + 38\n5 −\n7 × 8\n");
    hand.button("Take the other 2").click();
    assertThat(sums()).hasCount(2);
    assertEquals(List.of("46 + 38", "7 × 8"), names());
  }

  @Test
  void aSetIsKeptGetsAVersionAndOutlivesAReload() {
    hand.page.navigate("/sets");
    make("Addition", "Two in a chain", 5);
    hand.page.getByLabel("Name of the set").fill("Stall takings");
    hand.reload();
    assertThat(hand.page.getByLabel("Name of the set")).hasValue("Stall takings");
    List<String> first = names();
    hand.button("Keep set").click();
    assertThat(hand.page).hasURL(Pattern.compile("/sets/\\d+$"));
    hand.button("Make version B").click();
    assertThat(hand.button("Version B")).hasAttribute("aria-pressed", "true");
    assertThat(sums()).hasCount(5);
    names().forEach(sum -> assertFalse(first.contains(sum), sum));
    hand.button("Version A").click();
    assertThat(hand.button("Version A")).hasAttribute("aria-pressed", "true");
    awaitNames(first);
    hand.button("Kept sets").click();
    hand.button("Open Stall takings").press("Delete");
    assertThat(hand.button("Open Stall takings")).hasCount(0);
    hand.button("Undo").click();
    assertThat(hand.button("Open Stall takings")).isVisible();
  }

  @Test
  void whatAnotherWindowKeptMeanwhileIsNotOverwritten() {
    hand.page.navigate("/sets");
    make("Addition", "Two in a chain", 3);
    hand.page.getByLabel("Name of the set").fill("Bulbs");
    hand.button("Keep set").click();
    assertThat(hand.button("Keep changes")).isVisible();
    String address = hand.page.url();
    Page other = hand.page.context().newPage();
    other.navigate(address);
    assertThat(other.getByLabel("Name of the set")).hasValue("Bulbs");
    other.getByLabel("Name of the set").fill("Bulbs for the long bed");
    other.getByText("Keep changes").click();
    assertThat(other.getByText("“Bulbs for the long bed” is kept.")).isVisible();
    other.close();

    hand.page.getByLabel("Name of the set").fill("Bulbs for the pots");
    hand.button("Keep changes").click();
    assertThat(hand.page.getByText("This set was changed in another window")).isVisible();
    hand.button("Keep as a new set").click();
    assertThat(hand.page.getByText("“Bulbs for the pots” is kept.")).isVisible();
    assertThat(hand.page).not().hasURL(address);
    hand.page.navigate(address);
    assertThat(hand.page.getByLabel("Name of the set")).hasValue("Bulbs for the long bed");
  }

  @Test
  void answersAppearOneByOneAndASumOpensOnTheDesk() {
    hand.page.navigate("/sets");
    make("Addition", "Three addends", 3);
    Locator figures = sums().nth(0).locator("[data-kind=figure]");
    int setOut = figures.count();
    hand.button("Next answer").click();
    assertThat(figures).not().hasCount(setOut);
    assertEquals(sums().nth(1).locator(".ANSWER").count(), 0, "the second answer is not shown yet");
    String sum = names().get(0);
    sums().nth(0).click();
    hand.button("the Desk").click();
    assertThat(hand.line()).hasValue(sum);
  }

  /** The sheet has every sum, the answers are right, and the key names slips. */
  @Test
  void theSheetsSayWhatTheSetHas() throws IOException {
    hand.page.navigate("/sets");
    make("Subtraction", "One zero crossed", 12);
    hand.page.getByLabel("Name of the set").fill("Potting shed");
    List<String> names = names();
    hand.button("Print and export").click();
    assertTrue(printed().contains("Potting shed"));
    hand.button("Quick answers").click();
    String answers = printed();
    for (String name : names) {
      String[] numbers = name.split(" − ");
      int left = Integer.parseInt(numbers[0]) - Integer.parseInt(numbers[1]);
      assertTrue(answers.contains(name + " = " + left), answers);
    }
    hand.button("Slip key").last().click();
    assertTrue(printed().contains("smaller taken from larger"));
    hand.button("Every sum worked").click();
    assertTrue(printed().contains("12."));
    Locator preview = hand.page.getByTestId("preview");
    assertThat(preview).hasAttribute("alt", "Page 1 as it will be printed");
    hand.page.getByLabel("Next page").click();
    assertThat(preview).hasAttribute("alt", "Page 2 as it will be printed");
  }

  @Test
  void aSetLeavesAsAFileAndIsReadInAgain() throws IOException {
    hand.page.navigate("/sets");
    make("Square roots", "With a remainder", 4);
    hand.page.getByLabel("Name of the set").fill("Square beds");
    List<String> names = names();
    hand.button("Keep set").click();
    assertThat(hand.page).hasURL(Pattern.compile("/sets/\\d+$"));
    hand.button("Print and export").click();
    Download table =
        hand.page.waitForDownload(() -> hand.button("Table of its sums (CSV)").click());
    assertEquals(5, Files.readAllLines(table.path()).size());
    Download file =
        hand.page.waitForDownload(() -> hand.button("Set to import again (JSON)").click());
    hand.button("Close").click();
    String first = hand.page.url();
    hand.button("Kept sets").click();
    hand.page.getByLabel("Set file").setInputFiles(table.path());
    assertThat(hand.page.getByText("is not a set of Bemble")).isVisible();
    hand.page.getByLabel("Set file").setInputFiles(file.path());
    assertThat(hand.page).not().hasURL(first);
    awaitNames(names);
  }

  private String printed() throws IOException {
    Download file = hand.page.waitForDownload(() -> hand.button("Download PDF").click());
    try (PDDocument document = Loader.loadPDF(Files.readAllBytes(file.path()))) {
      return new PDFTextStripper().getText(document);
    }
  }
}
