package bemble.app.json;

import java.io.IOException;
import java.nio.file.Files;
import org.junit.jupiter.api.Test;

/** Renews the description of the HTTP interface. Not a test: run by {@code ./bemble api}. */
class ApiDescription extends ApiDescribed {
  @Test
  void renew() throws IOException {
    Files.writeString(FILE, described());
  }
}
