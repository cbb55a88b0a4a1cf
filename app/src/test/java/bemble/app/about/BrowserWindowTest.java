package bemble.app.about;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BrowserWindowTest {
  @ParameterizedTest
  @CsvSource({"Linux, xdg-open", "Mac OS X, open", "Windows 11, rundll32"})
  void isOpenedAsTheSystemDoesIt(String system, String program) {
    var command = BrowserWindow.command(system, "http://127.0.0.1:8437");
    assertEquals(program, command.get(0));
    assertEquals("http://127.0.0.1:8437", command.get(command.size() - 1));
  }
}
