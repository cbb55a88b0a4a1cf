package bemble.app.journey;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import java.util.Locale;

/** A screen whose drawing is measured: how smooth it is and how much time it takes. */
public final class Screen implements AutoCloseable {
  private final BrowserContext context;
  private final Page page;

  public Screen(String address, String path) {
    context = Chromium.BROWSER.newContext();
    page = context.newPage();
    page.navigate(address + path);
    page.getByTestId("seat").first().waitFor();
  }

  /** The share of a core that the page takes in some seconds, then frames in each of as many. */
  public String frames(int seconds) {
    CDPSession devTools = context.newCDPSession(page);
    devTools.send("Performance.enable");
    double before = busy(devTools);
    page.waitForTimeout(1000 * seconds);
    // Counting frames costs a fifth more: it comes after.
    double busy = busy(devTools) - before;
    Object frames =
        page.evaluate(
            """
            (millis) => new Promise((done) => {
              const begun = performance.now();
              let frames = 0;
              const next = () => {
                frames++;
                performance.now() - begun < millis ? requestAnimationFrame(next) : done(frames);
              };
              requestAnimationFrame(next);
            })
            """,
            1000 * seconds);
    return String.format(
        Locale.ROOT,
        "%.0f frames a second, %.0f %% of a core",
        ((Number) frames).doubleValue() / seconds,
        100 * busy / seconds);
  }

  /** Seconds that the page has been at work. */
  private static double busy(CDPSession devTools) {
    for (var metric : devTools.send("Performance.getMetrics").getAsJsonArray("metrics")) {
      if (metric.getAsJsonObject().get("name").getAsString().equals("TaskDuration")) {
        return metric.getAsJsonObject().get("value").getAsDouble();
      }
    }
    throw new IllegalStateException("the browser does not tell");
  }

  @Override
  public void close() {
    context.close();
  }
}
