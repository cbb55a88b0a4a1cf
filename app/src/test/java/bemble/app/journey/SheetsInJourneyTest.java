package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Filled sheets of a handout, from a pile to the grid, in the browser. */
@BeginsEmpty
class SheetsInJourneyTest extends HandedOut {
  private static Locator field() {
    return hand.page.getByLabel("What stands there");
  }

  /** Brings sheets of the first two pupils in, as a copier would have them. */
  private static void bringPile() {
    String handout = hand.page.url().replaceAll(".*/marking/", "");
    byte[] pile =
        talk().post("/api/handouts/" + handout + "/stand-in", Map.of("seed", 8, "most", 2)).bytes();
    hand.page.getByText("Sheets in").click();
    assertThat(hand.page.getByText("Print a sheet for each pupil")).isVisible();
    bring(new FilePayload("pile.pdf", "application/pdf", pile));
    assertThat(field()).isVisible();
    assertThat(hand.page.getByText("2 pages looked at")).isVisible();
  }

  private static void bring(FilePayload file) {
    hand.page.getByLabel("Pictures of filled sheets").setInputFiles(file);
  }

  @Test
  void aPileIsTypedFromAndTaken() {
    bringPile();
    assertThat(hand.page.getByText("0 of 6 settled")).isVisible();
    assertThat(field()).isFocused();
    hand.page.keyboard().type("+374");
    hand.page.keyboard().press("Enter");
    hand.page.keyboard().press("b");
    assertThat(hand.page.getByText("3 of 6 settled")).isVisible();
    hand.page.keyboard().press("ArrowUp");
    hand.page.keyboard().press("Delete");
    assertThat(hand.page.getByText("2 of 6 settled")).isVisible();
    hand.page.reload();
    assertThat(hand.page.getByText("2 of 6 settled")).isVisible();
    hand.button("Take 2 answers into the grid").click();
    assertThat(hand.page).hasURL(Pattern.compile("/marking/\\d+$"));
    assertThat(answers("RIGHT").or(answers("WRONG"))).hasCount(2);
    Locator undo = hand.page.getByText("Undo", new Page.GetByTextOptions().setExact(true));
    undo.and(hand.page.locator("button:enabled")).click();
    assertThat(answers("RIGHT").or(answers("WRONG"))).hasCount(0);
  }

  @Test
  void whatCannotBeUsedSaysWhyAndIsTakenOff() {
    bringPile();
    byte[] text = "Bulb crates".getBytes(StandardCharsets.UTF_8);
    bring(new FilePayload("notes.txt", "text/plain", text));
    assertThat(hand.page.getByText("notes.txt: This is no picture of a sheet")).isVisible();
    String handout = hand.page.url().replaceAll(".*/marking/|/sheets", "");
    byte[] again =
        talk().post("/api/handouts/" + handout + "/stand-in", Map.of("seed", 8, "most", 1)).bytes();
    bring(new FilePayload("again.pdf", "application/pdf", again));
    assertThat(hand.page.getByText("This page was there already")).isVisible();
    hand.button("Take it off the pile").click();
    assertThat(hand.page.getByText("This page was there already")).hasCount(0);
    hand.button("Give these sheets up").click();
    assertThat(hand.button("Yes, delete the pictures and what was settled")).isVisible();
    hand.button("Whole sheet").click();
    assertThat(hand.page.getByAltText("The sheet as it came back")).isVisible();
    assertEquals(List.of(), hand.barriers());
  }
}
