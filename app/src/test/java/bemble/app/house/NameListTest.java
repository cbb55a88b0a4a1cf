package bemble.app.house;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Lists of names as people have them. */
class NameListTest {
  private static final List<String> TWO = List.of("Bram Ash", "Neve Løvås");

  @ParameterizedTest
  @ValueSource(
      strings = {
        "Bram Ash\nNeve Løvås",
        "Ash, Bram\nLøvås, Neve",
        "\uFEFFName\nBram Ash\n\nNeve Løvås\n",
        "surname;first name\nAsh;Bram\nLøvås;Neve",
        "First name\tLast name\tClass\nBram\tAsh\t4b\nNeve\tLøvås\t4b",
        "Bram Ash,7\nNeve Løvås,8",
        "\u200BBram\u00A0Ash\r\nNeve  Løva\u030As",
        "\"Ash, Bram\"\n\"Løvås, Neve\"",
      })
  void areReadAlike(String text) {
    assertEquals(TWO, NameList.read(text));
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "\n \n", "Name\n"})
  void mayBeEmpty(String text) {
    assertEquals(List.of(), NameList.read(text));
  }
}
