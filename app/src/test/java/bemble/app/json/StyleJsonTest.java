package bemble.app.json;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assertions.fail;

import bemble.app.refusal.RefusedException;
import bemble.style.Choice;
import bemble.style.RoundMove;
import bemble.style.Setting;
import bemble.style.Style;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class StyleJsonTest {
  private static final ObjectMapper JSON =
      new ObjectMapper()
          .registerModule(
              new SimpleModule()
                  .addSerializer(Style.class, new StyleJson.Writer())
                  .addDeserializer(Style.class, new StyleJson.Reader()));

  private static Style read(String text) throws JsonProcessingException {
    return JSON.readValue(text, Style.class);
  }

  private static JsonNode written(Style style) throws JsonProcessingException {
    return JSON.readTree(JSON.writeValueAsString(style));
  }

  /** Styles of random choices that can live together. */
  private static Stream<Style> styles() {
    Random random = new Random(9);
    return Stream.generate(
            () -> {
              Style style = Style.STANDARD;
              for (Setting setting : Setting.values()) {
                Choice choice = setting.choices().get(random.nextInt(setting.choices().size()));
                style = clashes(style, choice) ? style : style.with(choice);
              }
              return style.saying("carry", "Carry {carried}.");
            })
        .limit(100);
  }

  private static boolean clashes(Style style, Choice choice) {
    var choices = new java.util.EnumMap<>(style.choices());
    choices.put(Setting.of(choice), choice);
    return Style.clash(choices).isPresent();
  }

  @Test
  void everyStyleIsReadAsItWasWritten() throws JsonProcessingException {
    for (Style style : styles().toList()) {
      assertEquals(style, read(JSON.writeValueAsString(style)));
      assertEquals(style, StyleJson.stored(written(style), unknown -> fail(unknown)));
    }
  }

  @ParameterizedTest
  @EnumSource(Setting.class)
  void everySettingHasANameOfItsOwn(Setting setting) {
    String name = JsonName.of(setting);
    assertTrue(name.matches("[a-z][a-zA-Z]+"), name);
    assertEquals(1, Stream.of(Setting.values()).filter(s -> JsonName.of(s).equals(name)).count());
  }

  @Test
  void whatIsLeftOutIsAsUsual() throws JsonProcessingException {
    Style style = read("{\"carryPosition\":\"below\"}");
    assertEquals(Style.STANDARD.with(Choice.CarryPosition.BELOW), style);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {"{\"carryPosition\":\"ASIDE\"}", "{\"inkColour\":\"BLUE\"}", "{\"onTop\":7}"})
  void aRequestWithAnUnknownSettingIsRefused(String text) {
    assertThrows(JsonMappingException.class, () -> read(text));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"sentences\":{\"no-such-kind\":\"Hop.\"}}             | no-such-kind",
        "{\"sentences\":{\"carry\":\"Carry {cake}.\"}}           | cake",
        "{\"decimalMark\":\"COMMA\",\"thousandsMark\":\"COMMA\"} | thousands"
      })
  void whatCannotBeIsRefusedInASentence(String text, String named) {
    RefusedException refused = assertThrows(RefusedException.class, () -> read(text));
    assertTrue(refused.getMessage().contains(named), refused.getMessage());
  }

  /** A style of another version is read as far as it is known: its file is not refused. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"carryPosition\":\"ASIDE\",\"onTop\":\"LONGER\"}",
        "{\"version\":99,\"onTop\":\"LONGER\"}",
        "{\"inkColour\":\"BLUE\",\"onTop\":\"LONGER\"}",
        "{\"sentences\":{\"no-such-kind\":\"Hop.\"},\"onTop\":\"LONGER\"}",
        "{\"sentences\":{\"carry\":\"Carry {cake}.\"},\"onTop\":\"LONGER\"}"
      })
  void ofAStoredStyleWhatIsNotKnownIsAsUsual(String text) throws JsonProcessingException {
    List<String> unknown = new ArrayList<>();
    Style style = StyleJson.stored(JSON.readTree(text), unknown::add);
    assertEquals(Style.STANDARD.with(Choice.OnTop.LONGER), style);
    assertEquals(1, unknown.size());
  }

  @Test
  void aStoredStyleSaysWhatItsSettingsMeant() {
    ObjectNode written = JSON.valueToTree(Style.STANDARD.with(Choice.OnTop.LONGER));
    StyleJson.note(written);
    assertEquals(Style.VERSION, written.get("version").asInt());
    assertEquals(
        Style.STANDARD.with(Choice.OnTop.LONGER),
        StyleJson.stored(written, unknown -> fail(unknown)));
  }

  @Test
  void aStoredClashLeavesOneOfBoth() throws JsonProcessingException {
    List<String> unknown = new ArrayList<>();
    JsonNode clash = JSON.readTree("{\"decimalMark\":\"COMMA\",\"thousandsMark\":\"COMMA\"}");
    Style style = StyleJson.stored(clash, unknown::add);
    assertEquals(1, unknown.size());
    assertTrue(Style.clash(style.choices()).isEmpty());
  }

  /** Before a class had a list of its own, four lists had names. */
  @ParameterizedTest
  @CsvSource({
    "WITH_COMPARING, DIVIDE MULTIPLY SUBTRACT COMPARE BRING_DOWN",
    "WITHOUT_COMPARING, DIVIDE MULTIPLY SUBTRACT BRING_DOWN",
    "WITH_AGAIN, DIVIDE MULTIPLY SUBTRACT BRING_DOWN AGAIN",
    "WITH_COMPARING_AND_AGAIN, DIVIDE MULTIPLY SUBTRACT COMPARE BRING_DOWN AGAIN"
  })
  void readsTheMovesOfARoundAsTheyWereStoredBefore(String stored, String moves)
      throws JsonProcessingException {
    List<RoundMove> list = Stream.of(moves.split(" ")).map(RoundMove::valueOf).toList();
    JsonNode given = JSON.createObjectNode().put("roundMoves", stored);
    Style style = StyleJson.stored(given, unknown -> fail(unknown));
    assertEquals(list, style.roundMoves().list());
    assertEquals(style, read(written(style).toString()));
    assertEquals(style, read(given.toString()));
  }

  @Test
  void saysWhatIsWrongWithMovesAndPassesByWhatIsStoredSo() throws JsonProcessingException {
    String moves = "{\"roundMoves\":[\"SUBTRACT\",\"DIVIDE\"]}";
    assertTrue(
        assertThrows(RefusedException.class, () -> read(moves))
            .getMessage()
            .contains("has one order"));
    List<String> unknown = new ArrayList<>();
    assertEquals(Style.STANDARD, StyleJson.stored(JSON.readTree(moves), unknown::add));
    assertEquals(List.of("roundMoves"), unknown);
  }
}
