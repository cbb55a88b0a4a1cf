package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class WorkbookJourneyTest {
  @TempDir Path folder;

  @Test
  void aKeptPageIsFoundAgainAfterARestart() {
    RunningApp app = RunningApp.emptied();
    try (DeskHand hand = new DeskHand(app.address())) {
      hand.setOutAndSee("4,070 + 306");
      hand.method("In pairs").click();
      hand.button("Keep page").click();
      dialogButton(hand, "Keep page").click();
      assertThat(hand.page.getByText("Give the page a title")).isVisible();
      hand.page.getByLabel("Title").fill("Seeds in the barn");
      hand.page.getByLabel("Note (optional)").fill("Mind the zeros.");
      dialogButton(hand, "Keep page").click();
      assertThat(hand.page.getByText("“Seeds in the barn” is in the Workbook.")).isVisible();
    }
    app.close();
    app.again();
    try (DeskHand hand = new DeskHand(app.address())) {
      hand.tab("Workbook");
      assertThat(hand.page.getByTestId("drawing")).hasCount(1);
      hand.button("Open Seeds in the barn").click();
      assertThat(hand.sentence()).isVisible();
      assertThat(hand.line()).hasValue("4,070 + 306");
      hand.press("End");
      assertEquals("4376", hand.rows().get(2));
      assertThat(hand.page.getByText("Seeds in the barn")).isVisible();
    }
  }

  @Test
  void aPageIsSearchedDeletedAndBroughtBack() {
    try (RunningApp app = RunningApp.ofDemo(folder);
        DeskHand hand = new DeskHand(app.address())) {
      hand.tab("Workbook");
      Page page = hand.page;
      assertThat(hand.button("Open Packets on the shelf")).isVisible();
      int all = page.getByRole(AriaRole.LISTITEM).count();
      page.getByLabel("Find by sum or title").fill("578+264");
      assertThat(page.getByRole(AriaRole.LISTITEM)).hasCount(1);
      page.getByLabel("Find by sum or title").fill("nothing like it");
      assertThat(page.getByText("No page has “nothing like it”")).isVisible();
      page.getByLabel("Find by sum or title").fill("SHELF");
      hand.inMenu("Packets on the shelf", "Delete").click();
      assertThat(page.getByRole(AriaRole.LISTITEM)).hasCount(0);
      hand.button("Undo").click();
      assertThat(page.getByRole(AriaRole.LISTITEM)).hasCount(1);
      page.getByLabel("Find by sum or title").fill("");
      assertThat(page.getByRole(AriaRole.LISTITEM)).hasCount(all);
      assertEquals(List.of(), hand.complaints);
    }
  }

  @Test
  void whatWasAnsweredSurvivesAKilledProcess() throws IOException, InterruptedException {
    Path data = folder.resolve("killed");
    Process process = OwnProcess.start("--server.port=0", "--bemble.data=" + data);
    try (BufferedReader output =
        new BufferedReader(new InputStreamReader(process.getInputStream()))) {
      String address =
          output.lines().filter(said -> said.contains("http://")).findFirst().orElseThrow();
      HttpRequest keep =
          HttpRequest.newBuilder(
                  URI.create(address.substring(address.indexOf("http")) + "/api/pages"))
              .header("Content-Type", "application/json")
              .POST(
                  HttpRequest.BodyPublishers.ofString(
                      "{\"sum\":{\"plain\":\"23 +"
                          + " 45\",\"method\":\"column\"},\"title\":\"Trays\"}"))
              .build();
      HttpClient client = HttpClient.newHttpClient();
      assertEquals(201, client.send(keep, HttpResponse.BodyHandlers.discarding()).statusCode());
      breakOff(new Talk(address.substring(address.indexOf("http"))));
    } finally {
      process.destroyForcibly().waitFor();
    }
    try (RunningApp app = new RunningApp(data, false);
        DeskHand hand = new DeskHand(app.address())) {
      hand.tab("Workbook");
      assertThat(hand.button("Open Trays")).isVisible();
      hand.tab("Slate");
      hand.button("Go on with 23 + 45 by Bram").click();
      assertThat(hand.page.locator("[data-layer='1'] [data-kind=figure]")).hasText("8");
    }
  }

  /** Begins an attempt and writes one figure on it. */
  private static void breakOff(Talk talk) {
    var attempt =
        talk.post("/api/attempts", Map.of("sum", Map.of("plain", "23 + 45"), "who", "Bram")).json();
    var ones = attempt.at("/path/0/at");
    Map<String, Object> stroke =
        Map.of(
            "number",
            0,
            "millis",
            900,
            "kind",
            "FIGURE",
            "row",
            ones.get("row").asInt(),
            "column",
            ones.get("column").asInt(),
            "text",
            "8");
    String path = "/api/attempts/" + attempt.get("id").asLong() + "/strokes";
    assertEquals(200, talk.post(path, Map.of("strokes", List.of(stroke))).status());
  }

  private static com.microsoft.playwright.Locator dialogButton(DeskHand hand, String name) {
    return hand.page
        .getByRole(AriaRole.DIALOG)
        .getByText(name, new com.microsoft.playwright.Locator.GetByTextOptions().setExact(true));
  }
}
