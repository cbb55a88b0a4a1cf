package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** All data goes into a file and comes back, on the screen. */
@BeginsEmpty
class BackupJourneyTest extends Journey {
  private Locator file() {
    return hand.page.getByLabel("Backup file");
  }

  @Test
  void aBackupIsDownloadedAndBroughtBack() {
    talk().post("/api/pages", Map.of("sum", Map.of("plain", "578 + 264"), "title", "In the barn"));
    hand.tab("Workbook");
    assertThat(hand.button("Open In the barn")).isVisible();
    hand.button("Backups").click();
    Download download = hand.page.waitForDownload(() -> hand.button("Download a backup").click());
    Path zip = folder.resolve(download.suggestedFilename());
    download.saveAs(zip);
    hand.button("Close").click();
    hand.inMenu("In the barn", "Delete").click();
    assertThat(hand.page.getByText("No page is kept yet.")).isVisible();

    hand.button("Backups").click();
    file().setInputFiles(zip);
    assertThat(hand.page.getByText("It replaces all that is kept now")).isVisible();
    hand.button("Restore").click();
    assertThat(hand.button("Open In the barn")).isVisible();
    hand.button("Undo").click();
    assertThat(hand.page.getByText("No page is kept yet.")).isVisible();
    hand.button("Backups").click();
    assertThat(hand.page.getByText("before a restore or a newer Bemble").first()).isVisible();
  }

  @Test
  void whatIsNoBackupIsRefusedInASentence() {
    hand.tab("Workbook");
    hand.button("Backups").click();
    byte[] letter = "Dear parents".getBytes(StandardCharsets.UTF_8);
    file().setInputFiles(new FilePayload("letter.zip", "application/zip", letter));
    assertThat(hand.alert()).containsText("no backup of Bemble");
    assertThat(hand.button("Restore a backup")).isEnabled();
  }
}
