package bemble.app.journey;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/** The one browser of a test run. */
final class Chromium {
  private static final Playwright PLAYWRIGHT = Playwright.create();

  private static final List<String> ARGUMENTS =
      List.of(
          "--no-sandbox",
          "--disable-gpu",
          "--disable-quic",
          "--no-first-run",
          "--disable-background-networking",
          "--disable-component-update",
          "--disable-sync");

  static final Browser BROWSER = launch(List.of());

  static {
    // Changes are seen at once; a machine that stands still for some seconds fails no test.
    PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
  }

  private Chromium() {}

  /** Another one, whose camera shows a film again and again. */
  static Browser withCamera(Path film) {
    return launch(
        List.of(
            "--use-fake-device-for-media-stream",
            "--use-fake-ui-for-media-stream",
            "--use-file-for-fake-video-capture=" + film));
  }

  private static Browser launch(List<String> more) {
    List<String> arguments = Stream.concat(ARGUMENTS.stream(), more.stream()).toList();
    return PLAYWRIGHT
        .chromium()
        .launch(new BrowserType.LaunchOptions().setExecutablePath(executable()).setArgs(arguments));
  }

  /** The one without a window takes a quarter less of the processor, where it is installed. */
  private static Path executable() {
    Path shell = Path.of("/usr/bin/chromium-headless-shell");
    return Files.isExecutable(shell) ? shell : Path.of("/usr/bin/chromium");
  }
}
