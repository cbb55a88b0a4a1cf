package bemble.app.about;

import java.io.IOException;
import java.util.List;
import java.util.Locale;

/** A window of the default browser. */
public final class BrowserWindow {
  private BrowserWindow() {}

  /** Opens an address as this system does it. */
  public static void open(String address) throws IOException {
    new ProcessBuilder(command(System.getProperty("os.name"), address))
        .redirectErrorStream(true)
        .redirectOutput(ProcessBuilder.Redirect.DISCARD)
        .start();
  }

  static List<String> command(String system, String address) {
    String name = system.toLowerCase(Locale.ROOT);
    if (name.contains("win")) {
      return List.of("rundll32", "url.dll,FileProtocolHandler", address);
    }
    return List.of(name.contains("mac") ? "open" : "xdg-open", address);
  }
}
