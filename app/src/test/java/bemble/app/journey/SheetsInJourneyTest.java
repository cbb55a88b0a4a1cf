package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
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
    bringPile(Map.of("seed", 8, "most", 2));
  }

  private static void bringPile(Map<String, Object> request) {
    String handout = hand.page.url().replaceAll(".*/marking/", "");
    byte[] pile = talk().post("/api/handouts/" + handout + "/stand-in", request).bytes();
    hand.page.getByText("Sheets in").click();
    assertThat(hand.page.getByText("Print a sheet for each pupil")).isVisible();
    bring(new FilePayload("pile.pdf", "application/pdf", pile));
    assertThat(field()).isVisible();
    // While they are read it says "1 of 2 pages looked at".
    Page.GetByTextOptions exact = new Page.GetByTextOptions().setExact(true);
    assertThat(hand.page.getByText("2 pages looked at", exact)).isVisible();
  }

  /** Takes back all answers that were read. */
  private static void forget() {
    String handout = hand.page.url().replaceAll(".*/marking/|/sheets", "");
    JsonNode scan = talk().get("/api/scans?handout=" + handout).json().get(0);
    for (JsonNode page : scan.get("pages")) {
      for (JsonNode answer : page.get("answers")) {
        Object open = Map.of("page", page.get("id"), "sum", answer.get("sum"));
        String settled = "/api/scans/" + scan.get("id") + "/settled";
        assertEquals(200, talk().put(settled, List.of(open)).status());
      }
    }
    hand.reload();
  }

  /** A picture without a sheet, as browsers write it. */
  private static byte[] webp() {
    Object url =
        hand.page.evaluate(
            "() => { const canvas = document.createElement('canvas');"
                + " canvas.width = 640; canvas.height = 480;"
                + " canvas.getContext('2d').fillRect(20, 20, 90, 90);"
                + " return canvas.toDataURL('image/webp'); }");
    return Base64.getDecoder().decode(String.valueOf(url).replaceFirst("data:image/webp.*,", ""));
  }

  private static void bring(FilePayload file) {
    hand.page.getByLabel("Pictures of filled sheets").setInputFiles(file);
  }

  @Test
  void aPileIsTypedFromAndTaken() {
    bringPile();
    forget();
    assertThat(hand.page.getByText("0 of 6 settled")).isVisible();
    assertThat(field()).isFocused();
    hand.page.keyboard().type("+374");
    hand.page.keyboard().press("Enter");
    // A key that is held down settles one answer alone.
    hand.page.keyboard().down("b");
    hand.page.keyboard().down("b");
    hand.page.keyboard().up("b");
    assertThat(hand.page.getByText("3 of 6 settled")).isVisible();
    hand.page.keyboard().press("ArrowUp");
    hand.page.keyboard().press("Delete");
    assertThat(hand.page.getByText("2 of 6 settled")).isVisible();
    // An answer that is on its way is not taken yet.
    assertThat(hand.button("Take 2 answers into the grid")).isEnabled();
    hand.reload();
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
    bring(new FilePayload("photo.webp", "image/webp", webp()));
    assertThat(hand.page.getByText("No code of a sheet can be read here.")).isVisible();
    assertThat(hand.page.getByText("This page was there already")).hasCount(0);
    hand.button("Give these sheets up").click();
    assertThat(hand.button("Yes, delete the pictures and what was settled")).isVisible();
    hand.button("Whole sheet").click();
    assertThat(hand.page.getByAltText("The sheet as it came back")).isVisible();
    assertEquals(List.of(), hand.barriers());
  }

  /** An odd figure is chosen on the wall, and its answer is asked then. */
  @Test
  void anOddFigureIsFoundOnTheWallAndAsked() {
    bringPile();
    assertThat(hand.page.getByText(Pattern.compile("Read: \\d+ right"))).isVisible();
    hand.button("Look through the figures").click();
    Locator figures = hand.page.getByLabel(Pattern.compile("^\\d in sum \\d+$"));
    Locator seen = hand.button("All of them seen");
    for (int figure = 0; figure < 9 && figures.count() == 0; figure++) {
      String title = hand.page.getByRole(AriaRole.HEADING).last().textContent();
      seen.click();
      assertThat(hand.page.getByText(title)).hasCount(0);
    }
    assertThat(figures.first()).isVisible();
    assertEquals(List.of(), hand.barriers());
    figures.first().click();
    assertThat(figures.first()).hasAttribute("aria-pressed", "true");
    hand.button("Close").click();
    String before = hand.page.getByText(Pattern.compile("of 6 settled")).textContent();
    assertThat(hand.page.getByText(Pattern.compile("^Read as"))).isVisible();
    field().press("Enter");
    assertThat(hand.page.getByText(before)).hasCount(0);
    field().press("s");
    assertThat(hand.page.getByAltText("The sheet as it came back")).isVisible();
    assertThat(hand.page.getByText(Pattern.compile("^(✓|\\?) \\d+$")).first()).isVisible();
  }

  /** The chosen square is framed. The figures of the answer belong to the answer. */
  @Test
  void aWorkingIsLookedAtSquareBySquare() {
    bringPile(Map.of("seed", 8, "most", 2, "setOut", true));
    field().fill("999");
    field().press("Enter");
    hand.button("Look at the workings").click();
    assertThat(hand.page.getByAltText("The working as it was written")).isVisible();
    Locator told = hand.page.getByRole(AriaRole.DIALOG);
    hand.page.keyboard().press("ArrowRight");
    assertThat(told.getByTestId("cursor")).isVisible();
    hand.page.keyboard().press("5");
    // In these sums every figure is one of the answer.
    assertThat(hand.page.getByText("Change the answer itself.")).isVisible();
    assertEquals(List.of(), hand.barriers());
    hand.button("Close").click();
    assertThat(hand.page.getByText(Pattern.compile("^Take \\d+ answers"))).isVisible();
  }
}
