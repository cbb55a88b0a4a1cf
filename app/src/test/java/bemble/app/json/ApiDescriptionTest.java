package bemble.app.json;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.nio.file.Files;
import org.junit.jupiter.api.Test;

class ApiDescriptionTest extends ApiDescribed {
  @Test
  void theScreensAreTypedFromTheInterfaceAsItIs() throws IOException {
    assertEquals(
        Files.readString(FILE), described(), "the interface has changed: run ./bemble api");
  }
}
