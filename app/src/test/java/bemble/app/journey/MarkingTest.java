package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Pupils, handouts and marking over HTTP. */
@BeginsEmpty
class MarkingTest extends Conversation {
  private static final List<String> SUMS =
      List.of("742 − 368", "621 − 257", "853 − 478", "534 − 269", "965 − 387");
  private static final List<String> RIGHT = List.of("374", "364", "375", "265", "578");

  /** Answers with the smaller figure taken from the larger one. */
  private static final List<String> SLIPPED = List.of("426", "436", "425", "335", "622");

  private static Pile pile;

  @BeforeAll
  static void prepare() {
    pile = new Pile(talk);
    Talk.Answer added = talk.post("/api/roll", Map.of("names", "Neve\nBram\nIsmay\nCaio\nWilfa"));
    assertEquals(201, added.status(), added.text());
  }

  private static JsonNode handout() {
    return pile.handout(SUMS, "exchange");
  }

  @Test
  void answersAreMarkedAsTheyAreTyped() {
    JsonNode grid = handout();
    JsonNode kept = pile.row(grid, "Neve", List.of("374", "436", "", "-", "999")).get("kept");
    List<String> marks = new ArrayList<>();
    kept.forEach(cell -> marks.add(cell.get("outcome").asText()));
    assertEquals(List.of("RIGHT", "WRONG", "BLANK", "LEFT_OUT", "WRONG"), marks);
    assertEquals("smaller-from-larger", kept.at("/1/slips/0/id").asText());
    assertEquals(0, kept.at("/4/slips").size());
    assertEquals(5, pile.cells(grid).size());
  }

  @Test
  void whatIsNoNumberIsWrongAndAnAbsentPupilHasNothing() {
    JsonNode grid = handout();
    JsonNode kept =
        pile.row(grid, "Neve", List.of("x", "absent", "absent", "absent", "absent")).get("kept");
    assertEquals("WRONG", kept.at("/0/outcome").asText());
    assertEquals(0, kept.at("/0/slips").size());
    assertEquals("ABSENT", kept.at("/1/outcome").asText());
    JsonNode neve = pile.glance(grid).get("pupils").get(0);
    assertEquals(1, neve.get("wrong").asInt());
    assertEquals(0, neve.get("blank").asInt());
  }

  @Test
  void theClassIsGroupedBySlip() {
    JsonNode grid = handout();
    pile.row(grid, "Neve", RIGHT);
    pile.row(grid, "Bram", SLIPPED);
    pile.row(grid, "Caio", SLIPPED.subList(0, 3));
    JsonNode glance = pile.glance(grid);
    assertEquals(1, glance.get("groups").size());
    JsonNode group = glance.get("groups").get(0);
    assertEquals("smaller taken from larger", group.at("/slip/name").asText());
    assertEquals(2, group.get("pupils").size());
    assertEquals(8, group.get("answers").asInt());
    assertEquals(2, glance.get("missing").size());
    for (JsonNode pupil : glance.get("pupils")) {
      if (pupil.get("pupil").asLong() == Pile.pupil(grid, "Neve")) {
        assertEquals(0, pupil.get("explanations").size(), "nothing is said of who is right");
        assertEquals(0, pupil.get("askNext").size());
      }
    }
  }

  @Test
  void aGroupGetsASumToShowAndFourToWork() {
    JsonNode grid = handout();
    pile.row(grid, "Bram", SLIPPED);
    Talk.Answer made =
        talk.post(Pile.path(grid) + "/reteach", Map.of("slip", "smaller-from-larger"));
    assertEquals(201, made.status(), made.text());
    JsonNode sums = made.json().get("sums");
    String title = made.json().get("title").asText();
    assertTrue(title.startsWith("Once more: "), title);
    assertFalse(title.contains("Bram") || title.contains("maller"), "a sheet names nobody");
    assertEquals(5, sums.size());
    assertEquals("SHOW", sums.at("/0/part").asText());
    for (JsonNode sum : sums) {
      assertFalse(SUMS.contains(sum.get("plain").asText()), "none that they had");
    }
    JsonNode key = talk.get("/api/sets/" + made.json().get("id") + "/slip-key").json();
    key.forEach(
        each -> assertTrue(each.toString().contains("smaller-from-larger"), each::toString));
  }

  @Test
  void twoWindowsInOneCellAreToldOfEachOther() {
    JsonNode grid = handout();
    long neve = Pile.pupil(grid, "Neve");
    pile.put(grid, List.of(Pile.cell(neve, 0, "374", null)));
    JsonNode other =
        pile.put(grid, List.of(Pile.cell(neve, 0, "373", null), Pile.cell(neve, 1, "364", null)));
    assertEquals(1, other.get("kept").size(), "the other answer is kept");
    assertTrue(other.at("/refused/0/sentence").asText().contains("another window"));
    assertEquals("374", other.at("/refused/0/now/given").asText());
    assertEquals(0, pile.put(grid, List.of(Pile.cell(neve, 0, "374", null))).get("refused").size());
    pile.put(grid, List.of(Pile.cell(neve, 0, null, "374")));
    assertEquals(1, pile.cells(grid).size());
  }

  @Test
  void anAnswerThatIsTakenBackInTheSameBatchIsNotKept() {
    JsonNode grid = handout();
    long neve = Pile.pupil(grid, "Neve");
    JsonNode put =
        pile.put(
            grid,
            List.of(
                Pile.cell(neve, 0, "absent", null),
                Pile.cell(neve, 1, "364", null),
                Pile.cell(neve, 0, null, "absent")));
    assertEquals(1, put.get("kept").size());
    assertEquals(1, put.at("/kept/0/number").asInt());
    assertEquals(1, pile.cells(grid).size());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "twelve | is no answer for 742 − 368",
        "37 r 4 | 742 − 368 leaves no remainder",
        "1111111111111111111111111111111111111111111111111111111111111 | at most 60 figures"
      })
  void anAnswerThatIsNoneIsRefusedAndTheOthersAreKept(String text, String said) {
    JsonNode grid = handout();
    long bram = Pile.pupil(grid, "Bram");
    JsonNode put =
        pile.put(grid, List.of(Pile.cell(bram, 0, text, null), Pile.cell(bram, 1, "364", null)));
    assertEquals(1, put.get("kept").size());
    assertTrue(put.at("/refused/0/sentence").asText().contains(said), put::toString);
    JsonNode nowhere =
        pile.put(grid, List.of(Pile.cell(bram, 9, "1", null), Pile.cell(999, 0, "1", null)));
    assertEquals(2, nowhere.get("refused").size());
  }

  @Test
  void aTeacherDecidesOtherwise() {
    JsonNode grid = handout();
    Map<String, Object> cell = Pile.cell(Pile.pupil(grid, "Caio"), 0, "426", null);
    cell.put("overruled", Map.of("outcome", "RIGHT"));
    JsonNode kept = pile.put(grid, List.of(cell)).get("kept").get(0);
    assertEquals("RIGHT", kept.get("outcome").asText());
    assertTrue(kept.get("overruled").asBoolean());
    assertEquals(0, kept.get("slips").size());
    assertEquals(0, pile.glance(grid).get("groups").size());
  }

  @Test
  void whoseSlipATeacherHasNamedIsInItsGroup() {
    JsonNode grid = handout();
    pile.row(grid, "Bram", SLIPPED);
    pile.row(grid, "Caio", List.of("999"));
    assertEquals(1, pile.glance(grid).at("/groups/0/pupils").size());
    Map<String, Object> cell = Pile.cell(Pile.pupil(grid, "Caio"), 0, "999", "999");
    cell.put("overruled", Map.of("outcome", "WRONG", "slip", "smaller-from-larger"));
    pile.put(grid, List.of(cell));
    JsonNode group = pile.glance(grid).at("/groups/0");
    assertEquals(2, group.get("pupils").size(), group::toString);
    assertEquals(6, group.get("answers").asInt());
  }

  @Test
  void aFactThatSeveralMissIsNamedAndOneThatOneMissesIsNot() {
    JsonNode grid = handout();
    pile.row(grid, "Neve", List.of("375", "364"));
    assertEquals(0, pile.glance(grid).get("facts").size());
    pile.row(grid, "Bram", List.of("375", "365"));
    JsonNode facts = pile.glance(grid).get("facts");
    assertEquals(1, facts.size(), facts::toString);
    assertEquals("12 − 8", facts.at("/0/fact").asText());
    assertEquals(2, facts.at("/0/pupils").size());
  }

  @Test
  void simulatedPupilsFillInWhatIsMissing() {
    JsonNode grid = handout();
    pile.row(grid, "Neve", RIGHT);
    String path = Pile.path(grid);
    talk.post(path + "/simulated", Map.of("seed", 4));
    JsonNode filled = talk.get(path).json();
    assertEquals(25, filled.get("cells").size());
    assertEquals(0, pile.glance(grid).get("missing").size());
    talk.post(path + "/simulated", Map.of("seed", 5));
    assertEquals(filled, talk.get(path).json(), "what is entered stays");
  }

  /**
   * The key for a right answer gives one that is right, whatever the operation and the marks of the
   * class.
   */
  @Test
  void theRightAnswerAsItIsTypedIsRight() {
    List<String> sums =
        List.of("94 ÷ 5", "1380 ÷ 12", "√1380", "√2 to 3 places", "3.5 + 2.75", "64 × 27");
    List<Object> items = new ArrayList<>();
    sums.forEach(sum -> items.add(Map.of("plain", sum)));
    JsonNode grid = talk.post("/api/handouts", Map.of("title", "Mixed beds", "sums", items)).json();
    List<String> typed = new ArrayList<>();
    grid.get("sums").forEach(sum -> typed.add(sum.get("right").asText()));
    assertEquals("18 r 4", typed.get(0));
    JsonNode put = pile.row(grid, "Neve", typed);
    assertEquals(0, put.get("refused").size(), put::toString);
    put.get("kept")
        .forEach(cell -> assertEquals("RIGHT", cell.get("outcome").asText(), cell::toString));
  }

  private static String paper(JsonNode grid, String kind) throws IOException {
    Talk.Answer pdf = talk.get(Pile.path(grid) + "/paper?kind=" + kind);
    assertEquals(200, pdf.status());
    try (PDDocument document = Loader.loadPDF(pdf.bytes())) {
      return new PDFTextStripper().getText(document);
    }
  }

  @Test
  void aSlipOfPaperAsksAndNeverTellsAnAnswer() throws IOException {
    JsonNode grid = handout();
    pile.row(grid, "Neve", RIGHT);
    pile.row(grid, "Bram", SLIPPED);
    String text = paper(grid, "CUT_OUTS");
    assertTrue(text.contains("Neve") && text.contains("5 of 5 right"), text);
    assertTrue(text.contains("Bram") && text.contains("0 of 5 right"), text);
    assertTrue(text.contains("Look again: 1. 742 − 368"), text);
    assertTrue(text.contains("?"), "a question leads back: " + text);
    assertFalse(text.contains("Caio"), "nothing is entered for Caio");
    RIGHT.forEach(answer -> assertFalse(text.contains(answer), answer));
  }

  @Test
  void theMarksAreListedOnPaper() throws IOException {
    JsonNode grid = handout();
    pile.row(grid, "Bram", List.of("426", "364", "", "-"));
    String text = paper(grid, "LIST");
    for (String there : List.of("Bulb crates", "Bram 426 + o –", "Wilfa")) {
      assertTrue(text.contains(there), text);
    }
    assertEquals(400, talk.get(Pile.path(grid) + "/paper?kind=X").status());
  }

  @Test
  void aHandoutKeepsTheSumsThatThePupilsHad() {
    List<Object> sums = new ArrayList<>();
    SUMS.forEach(sum -> sums.add(Map.of("plain", sum, "method", "exchange")));
    JsonNode set = talk.post("/api/sets", Map.of("title", "Crates", "sums", sums)).json();
    Map<String, Object> request = Pile.request(SUMS, "exchange");
    request.put("set", set.get("id").asLong());
    JsonNode grid = talk.post("/api/handouts", request).json();
    assertFalse(grid.get("setChanged").asBoolean());
    talk.put("/api/sets/" + set.get("id"), Map.of("title", "Crates", "sums", sums.subList(0, 2)));
    JsonNode again = talk.get(Pile.path(grid)).json();
    assertTrue(again.get("setChanged").asBoolean());
    assertEquals(5, again.get("sums").size());
  }

  @Test
  void aPupilIsRenamedLeavesComesBackAndIsDeletedForGood() {
    long joss = 0;
    for (JsonNode pupil : talk.post("/api/roll", Map.of("names", "Joss, 9 years")).json()) {
      joss = pupil.get("name").asText().equals("Joss") ? pupil.get("id").asLong() : joss;
    }
    String path = "/api/roll/" + joss;
    talk.put(path, Map.of("name", "Jossy", "left", true));
    JsonNode grid = handout();
    assertEquals(5, grid.get("pupils").size(), "whoever has left gets no handout");
    talk.put(path, Map.of("name", "Jossy", "left", false));
    JsonNode whole = handout();
    assertEquals(6, whole.get("pupils").size());
    pile.row(whole, "Jossy", RIGHT);
    long attempt =
        talk.post("/api/attempts", Map.of("sum", Map.of("plain", "46 + 38"), "who", "Jossy"))
            .json()
            .get("id")
            .asLong();
    assertEquals(422, talk.put(path, Map.of("name", "Neve", "left", false)).status());
    assertEquals(200, talk.delete(path).status());
    assertEquals(404, talk.get("/api/attempts/" + attempt).status());
    assertEquals(0, talk.get("/api/handouts/" + whole.get("id")).json().get("cells").size());
    assertEquals(404, talk.delete(path).status());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "Fern\\nNeve | “Neve” is in this class already",
        "Fern\\nfern | “fern” is in this class already",
        "' '         | Give one name to a line"
      })
  void aNameThatIsThereAlreadyIsNamedAndNobodyIsAdded(String names, String said) {
    int before = talk.get("/api/roll").json().size();
    Talk.Answer answer = talk.post("/api/roll", Map.of("names", names.replace("\\n", "\n")));
    assertEquals(422, answer.status() == 400 ? 422 : answer.status(), answer.text());
    assertTrue(answer.detail().contains(said), answer.text());
    assertEquals(before, talk.get("/api/roll").json().size());
  }

  @Test
  void aDiagnosisIsAskedForWithoutKeepingAnything() {
    List<Object> items = new ArrayList<>();
    SUMS.forEach(sum -> items.add(Map.of("problem", sum, "method", "exchange")));
    Talk.Answer answer =
        talk.post(
            "/api/diagnoses",
            Map.of("items", items, "answers", List.of("426", "436", "375", "", "622")));
    assertEquals(200, answer.status(), answer.text());
    JsonNode view = answer.json();
    assertEquals(
        "[\"WRONG\",\"WRONG\",\"RIGHT\",\"BLANK\",\"WRONG\"]", view.get("outcomes").toString());
    JsonNode first = view.get("explanations").get(0);
    assertEquals("[\"smaller-from-larger\"]", first.get("slips").toString());
    assertTrue(first.get("probability").asDouble() > 0.8);
    assertEquals("[0,1,4]", first.get("explains").toString());
    assertEquals("[2]", first.get("against").toString());
    Map<String, Object> uneven = Map.of("items", items, "answers", List.of("1"));
    assertEquals(422, talk.post("/api/diagnoses", uneven).status());
  }

  @Test
  void ofTwoWindowsThatAddANameOneIsRefused() {
    for (int i = 0; i < 20; i++) {
      Map<String, Object> names = Map.of("names", "Sorrel " + i);
      CompletableFuture<Integer> other =
          CompletableFuture.supplyAsync(() -> talk.post("/api/roll", names).status());
      int mine = talk.post("/api/roll", names).status();
      assertEquals(
          Set.of(201, 422), new HashSet<>(List.of(mine, other.join())), "one of them adds it");
    }
    for (JsonNode pupil : talk.get("/api/roll").json()) {
      if (pupil.get("name").asText().startsWith("Sorrel")) {
        talk.delete("/api/roll/" + pupil.get("id").asLong());
      }
    }
  }
}
