package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The guide, and the end of Bemble. */
@BeginsEmpty
class HelpJourneyTest extends Journey {
  private static Locator articles() {
    return hand.page.getByRole(AriaRole.ARTICLE);
  }

  @Test
  void theGuideIsOpenedByAKeySearchedAndShowsItsPictures() {
    hand.page.navigate("/desk");
    hand.line().blur();
    hand.press("F1");
    assertThat(articles()).hasCount(11);
    hand.page.getByLabel("Search the guide").fill("strip paper");
    assertThat(articles()).hasCount(1);
    Locator picture = articles().getByRole(AriaRole.IMG).first();
    picture.scrollIntoViewIfNeeded();
    assertThat(picture).hasJSProperty("complete", true);
    assertEquals(true, picture.evaluate("picture => picture.naturalWidth > 600"));
    hand.page.getByLabel("Search the guide").fill("no such word");
    assertThat(hand.page.getByText("No page of the guide has")).isVisible();
  }

  @Test
  void aLinkOfTheContentsLeadsToItsPage() {
    hand.page.navigate("/help");
    hand.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Safe keeping")).click();
    assertThat(
            hand.page.getByRole(
                AriaRole.HEADING, new Page.GetByRoleOptions().setName("Safe keeping")))
        .isInViewport();
  }

  @Test
  void quittingAsksFirstAndSealsTheFile(@TempDir Path own) throws Exception {
    Process bemble = OwnProcess.start("--server.port=0", "--bemble.data=" + own.resolve("kept"));
    String line = bemble.inputReader().readLine();
    try (DeskHand alone = new DeskHand(line.replaceAll(".* ", ""))) {
      alone.page.navigate("/help");
      alone.button("Quit Bemble").click();
      alone.button("Cancel").click();
      alone.button("Quit Bemble").click();
      alone.button("Yes, quit").click();
      assertThat(alone.page.getByText("Bemble is closed and everything is kept")).isVisible();
      assertEquals(0, bemble.waitFor());
      assertEquals(2, Files.readString(own.resolve("kept.seal")).split(" ").length);
    } finally {
      bemble.destroyForcibly();
    }
  }
}
