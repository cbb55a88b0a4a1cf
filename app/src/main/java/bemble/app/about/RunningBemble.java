package bemble.app.about;

import bemble.app.file.DataFile;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.HttpURLConnection;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * A Bemble that has a data file open, found by the note of its port beside that file.
 *
 * @param address where it answers, as {@code http://127.0.0.1:8437}
 */
public record RunningBemble(String address) {
  private static final Pattern PORT = Pattern.compile("\\d{1,5}");

  /** In milliseconds. */
  private static final int PATIENCE = 2_000;

  /** The one that has a data file open; a note that was left by one that was killed finds none. */
  public static Optional<RunningBemble> of(DataFile file) {
    return port(file.note()).map(RunningBemble::at).filter(found -> found.has(file));
  }

  /** Notes where the Bemble that has a data file open answers. */
  public static void note(DataFile file, String port) {
    try {
      Files.writeString(file.note(), port);
    } catch (IOException unnoted) {
      // A second start will say that the file is open.
    }
  }

  /** The one that listens on a port of this machine. */
  public static RunningBemble at(String port) {
    return new RunningBemble("http://127.0.0.1:" + port);
  }

  private static Optional<String> port(Path note) {
    try {
      return Optional.of(Files.readString(note).strip())
          .filter(port -> PORT.matcher(port).matches());
    } catch (IOException noNote) {
      return Optional.empty();
    }
  }

  private boolean has(DataFile file) {
    try {
      return get("/api/about").contains(file.id());
    } catch (IOException nobody) {
      return false;
    }
  }

  /** Stops it; it keeps and seals everything before it ends. */
  public void quit() throws IOException {
    post("/api/quit", "{}");
  }

  /** Its answer at an address. */
  public String get(String path) throws IOException {
    return text(open(path));
  }

  /** Its answer to some JSON. */
  public String post(String path, String json) throws IOException {
    HttpURLConnection asked = open(path);
    asked.setDoOutput(true);
    asked.setRequestProperty("Content-Type", "application/json");
    try (OutputStream out = asked.getOutputStream()) {
      out.write(json.getBytes(StandardCharsets.UTF_8));
    }
    return text(asked);
  }

  private HttpURLConnection open(String path) throws IOException {
    HttpURLConnection asked =
        (HttpURLConnection) URI.create(address + path).toURL().openConnection();
    asked.setConnectTimeout(PATIENCE);
    asked.setReadTimeout(PATIENCE);
    return asked;
  }

  private static String text(HttpURLConnection asked) throws IOException {
    try (InputStream in = asked.getInputStream()) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }
}
