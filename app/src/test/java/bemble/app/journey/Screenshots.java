package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Map;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Renews docs/screenshots from the demo data. Not a test: run by {@code ./bemble screenshots}. */
class Screenshots {
  private static final Path FOLDER = Path.of("..", "docs", "screenshots");

  @Test
  void renew(@TempDir Path folder) throws IOException {
    try (RunningApp app = new RunningApp(folder.resolve("demo"), true);
        DeskHand hand = new DeskHand(app.address())) {
      workTo(hand, "6,203 − 1,487", 6);
      take(hand, "desk");
      workTo(hand, "4,236 ÷ 6", 10);
      take(hand, "division");
      workTo(hand, "276 + 187", 0);
      choose(hand, "Blocks", 3);
      take(hand, "blocks");
      workTo(hand, "46 + 38", 0);
      choose(hand, "Column", 2);
      hand.button("How?").click();
      hand.page.getByTestId("drawing").nth(1).waitFor();
      take(hand, "fact-help");
      hand.button("Close").click();
      hand.tab("Workbook");
      hand.page.getByTestId("drawing").nth(7).waitFor();
      take(hand, "workbook");
      takeSet(hand);
      takeMarking(hand);
      takeSheets(hand, new Talk(app.address()));
      takeRegister(hand);
      takePlan(hand);
      hand.tab("House style");
      hand.page.getByTestId("live-sentence").nth(1).waitFor();
      take(hand, "house-style");
      workTo(hand, "6,203 − 1,487", 6);
      hand.press("b");
      hand.button("Back to the Desk").waitFor();
      hand.press("Space");
      hand.press("Space");
      take(hand, "board");
      hand.press("Escape");
      takeSlates(hand);
      takeRoom(hand, new Talk(app.address()));
      paper(new Talk(app.address()));
    }
  }

  private static void takeSet(DeskHand hand) {
    hand.tab("Sets");
    hand.button("Kept sets").click();
    hand.button("Open Potting shed: one zero crossed").click();
    hand.page.getByTestId("sum").nth(11).waitFor();
    hand.button("Make a set").click();
    hand.button("Subtraction").click();
    hand.page.getByText("One zero crossed").last().click();
    hand.page.getByText("sums fit").waitFor();
    hand.page.getByTestId("example").nth(2).waitFor();
    take(hand, "sets");
  }

  private static void takeRegister(DeskHand hand) {
    hand.tab("Register");
    hand.page.getByRole(AriaRole.ROWHEADER).getByText("Quill").click();
    hand.page.getByText("Letter to the parents").waitFor();
    take(hand, "register");
  }

  private static void takePlan(DeskHand hand) {
    hand.tab("Plan");
    hand.page.getByTestId("lesson").first().waitFor();
    hand.page.getByTestId("proposal").first().waitFor();
    take(hand, "plan");
    link(hand, "Today");
    hand.page.getByText("Waits to be marked").waitFor();
    take(hand, "today");
  }

  private static void link(DeskHand hand, String name) {
    hand.page
        .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true))
        .click();
  }

  private static void takeMarking(DeskHand hand) {
    hand.tab("Marking");
    hand.button("Mark Potting shed: one zero crossed").click();
    hand.page.getByTestId("group").first().waitFor();
    for (int row = 0; row < 13; row++) {
      hand.press("ArrowDown");
    }
    hand.page.getByTestId("pupil").waitFor();
    take(hand, "marking");
  }

  private static void takeSheets(DeskHand hand, Talk talk) {
    hand.tab("Marking");
    hand.button("Mark Leek rows: three by two").first().click();
    hand.page.getByText("Sheets in").click();
    hand.page.getByText("Print a sheet for each pupil").waitFor();
    String handout = hand.page.url().replaceAll(".*/marking/|/sheets", "");
    byte[] pile = talk.post("/api/handouts/" + handout + "/stand-in", Map.of("most", 16)).bytes();
    talk.send("/api/scans?name=pile.pdf&handout=" + handout, "application/octet-stream", pile);
    hand.reload();
    Page.GetByTextOptions whole = new Page.GetByTextOptions().setExact(true);
    hand.page.getByText("3 pages looked at", whole).waitFor();
    hand.page.getByAltText("The sheet around it").waitFor();
    take(hand, "sheets-in");
  }

  private static void takeSlates(DeskHand hand) {
    hand.tab("Slate");
    hand.page.getByLabel("Sum to try").fill("57 × 38");
    hand.button("Begin").click();
    hand.page.getByTestId("cursor").waitFor();
    for (String key : "Digit6 Digit4 Digit5 Digit1 Digit7 Digit1 Enter".split(" ")) {
      hand.press(key);
    }
    hand.page.getByTestId("finding").waitFor();
    take(hand, "slate");
    hand.tab("Slate");
    hand.button("Look at 532 − 278 by Ismay").click();
    hand.page.getByTestId("finding").waitFor();
    take(hand, "slate-handed-in");
    hand.tab("Slate");
    hand.button("Runs").click();
    hand.button("Go on with Leek rows: three by two by Wilfa").click();
    hand.page.getByTestId("cursor").waitFor();
    take(hand, "run");
  }

  /**
   * A room full of made-up pupils some time after they got a sum, and the device of one who is
   * real.
   */
  private static void takeRoom(DeskHand hand, Talk talk) {
    RoomHand room = new RoomHand(talk).open("AT_ONCE", true);
    String token = room.knock("1");
    room.letIn(talk.get("/api/roll").json().at("/0/id").asLong());
    room.give("346 × 27");
    talk.post("/api/rooms/open/made-up", "");
    hand.page.navigate("/slate/room");
    hand.page
        .locator("[data-state=RIGHT]")
        .nth(3)
        .waitFor(new Locator.WaitForOptions().setTimeout(120_000));
    take(hand, "room");
    try (DeskHand device = new DeskHand(room.address(), Chromium.BROWSER, "/room")) {
      device.page.setViewportSize(390, 844);
      device.page.evaluate("token => sessionStorage.setItem('bemble.seat', token)", token);
      device.page.navigate("/room");
      device.page.getByTestId("cursor").waitFor();
      for (String figure : "2412".split("")) {
        device.press("Digit" + figure);
      }
      device.page.getByTestId("finding").waitFor();
      take(device, "seat");
    }
    room.close();
  }

  /** The first sheet of a strip, turned into a picture. */
  private static void paper(Talk talk) throws IOException {
    Map<String, Object> strip =
        Map.of(
            "sum",
            Talk.sum("6203 − 1487", "exchange"),
            "kind",
            "STRIP",
            "per",
            "COLUMN",
            "frames",
            6);
    byte[] pdf = talk.post("/api/exports/pdf", strip).bytes();
    try (PDDocument document = Loader.loadPDF(pdf)) {
      ImageIO.write(
          new PDFRenderer(document).renderImageWithDPI(0, 80),
          "png",
          FOLDER.resolve("strip.png").toFile());
    }
  }

  private static void workTo(DeskHand hand, String sum, int step) {
    hand.setOutAndSee(sum);
    walk(hand, step);
  }

  private static void choose(DeskHand hand, String method, int step) {
    hand.method(method).click();
    assertThat(hand.method(method)).hasAttribute("aria-pressed", "true");
    hand.line().blur();
    walk(hand, step);
  }

  private static void walk(DeskHand hand, int steps) {
    for (int i = 0; i < steps; i++) {
      hand.press("ArrowRight");
    }
  }

  private static void take(DeskHand hand, String name) {
    hand.page.mouse().move(0, 0);
    assertThat(hand.page.getByRole(AriaRole.PROGRESSBAR)).hasCount(0);
    hand.page.waitForFunction("[...document.images].every(each => each.naturalWidth > 0)");
    hand.page.screenshot(
        new Page.ScreenshotOptions()
            .setPath(FOLDER.resolve(name + ".png"))
            .setAnimations(com.microsoft.playwright.options.ScreenshotAnimations.DISABLED));
  }
}
