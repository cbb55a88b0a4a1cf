package bemble.app.journey;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** The one browser of a test run. */
final class Chromium {
  private static final Playwright PLAYWRIGHT = Playwright.create();

  static final Browser BROWSER =
      PLAYWRIGHT
          .chromium()
          .launch(
              new BrowserType.LaunchOptions()
                  .setExecutablePath(executable())
                  .setArgs(
                      List.of(
                          "--no-sandbox",
                          "--disable-gpu",
                          "--disable-quic",
                          "--no-first-run",
                          "--disable-background-networking",
                          "--disable-component-update",
                          "--disable-sync")));

  static {
    // What comes is seen at once; a machine that stands still for some seconds fails no test.
    PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
  }

  private Chromium() {}

  /** The one without a window takes a quarter less of the processor, where it is installed. */
  private static Path executable() {
    Path shell = Path.of("/usr/bin/chromium-headless-shell");
    return Files.isExecutable(shell) ? shell : Path.of("/usr/bin/chromium");
  }
}
