package bemble.app.sets;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;

class VersionsTest {
  @Test
  void areTheFirstWhereNoneIsNamed() {
    assertEquals("A", Versions.of(null));
    assertEquals("A", Versions.of(""));
  }

  @Test
  void areKnownByOneLetter() {
    assertEquals("C", Versions.of("C"));
    assertEquals("B", Versions.of("Bob"));
  }
}
