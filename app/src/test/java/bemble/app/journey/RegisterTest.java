package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The register over HTTP: marked, run and attempted work shows in it by itself. */
class RegisterTest {
  private static final String RUNG = "subtraction-two-neighbours";
  private static final List<String> SUMS =
      List.of("742 − 368", "621 − 257", "853 − 478", "534 − 269", "965 − 387");
  private static final List<String> RIGHT = List.of("374", "364", "375", "265", "578");

  /** Answers with the smaller figure taken from the larger one in the last sum, or in three. */
  private static final List<String> SLIPPED = List.of("374", "364", "375", "265", "622");

  private static final List<String> SLIPPED_OFTEN = List.of("426", "436", "375", "265", "622");

  private RunningApp app;
  private Talk talk;
  private JsonNode roll;

  @BeforeEach
  void start() {
    app = RunningApp.emptied();
    talk = new Talk(app.address());
    roll = talk.post("/api/roll", Map.of("names", "Neve\nBram")).json();
  }

  private long pupil(String name) {
    for (JsonNode pupil : roll) {
      if (pupil.get("name").asText().equals(name)) {
        return pupil.get("id").asLong();
      }
    }
    throw new AssertionError(name);
  }

  /** A handout of so many days ago with the answers of a pupil. */
  private long marked(int daysAgo, String name, List<String> answers) {
    List<Object> sums = new ArrayList<>();
    SUMS.forEach(sum -> sums.add(Map.of("plain", sum, "method", "exchange")));
    LocalDate day = LocalDate.now().minusDays(daysAgo);
    Map<String, Object> request =
        Map.of("title", "Bulb crates", "sums", sums, "terms", Map.of("givenOn", day.toString()));
    long id = talk.post("/api/handouts", request).json().get("id").asLong();
    List<Object> cells = new ArrayList<>();
    for (int i = 0; i < answers.size(); i++) {
      cells.add(Map.of("pupil", pupil(name), "number", i, "given", answers.get(i)));
    }
    Talk.Answer put = talk.put("/api/handouts/" + id + "/answers", Map.of("cells", cells));
    assertEquals(200, put.status(), put.text());
    return id;
  }

  private Talk.Answer decide(Map<String, ?> decision) {
    return talk.put("/api/register/standings", Map.of("decisions", List.of(decision)));
  }

  private JsonNode register() {
    return talk.get("/api/register").json();
  }

  private JsonNode square(JsonNode register, String name) {
    for (JsonNode square : register.get("squares")) {
      if (square.get("pupil").asLong() == pupil(name) && square.get("rung").asText().equals(RUNG)) {
        return square;
      }
    }
    return talk.get("/api/register").json().path("nothing");
  }

  @Test
  void whatIsMarkedShowsWithItsReason() {
    assertTrue(square(register(), "Neve").isMissingNode());
    marked(3, "Neve", RIGHT);
    marked(1, "Neve", RIGHT);
    marked(1, "Bram", SLIPPED_OFTEN);
    JsonNode register = register();
    JsonNode neve = square(register, "Neve");
    assertEquals("SURE", neve.get("standing").asText());
    assertTrue(
        neve.get("why").asText().startsWith("10 of the last 10 right on 2 days"), neve::toString);
    assertEquals(LocalDate.now().plusDays(6).toString(), neve.get("lookAgain").asText());
    JsonNode bram = square(register, "Bram");
    assertEquals("BEGUN", bram.get("standing").asText());
    assertEquals("smaller-from-larger", bram.get("slip").asText());
    assertTrue(
        bram.get("why").asText().contains("2 of the last 5 right on one day"), bram::toString);
    assertEquals("smaller-from-larger", register.at("/slips/0/id").asText());
  }

  /** Many careless answers equal the answer of some slip. */
  @Test
  void oneAnswerThatASlipGivesSaysNothing() {
    long id = marked(1, "Bram", SLIPPED);
    JsonNode register = register();
    assertFalse(square(register, "Bram").hasNonNull("slip"), register::toString);
    assertEquals(0, register.get("slips").size());
    app.spoil("update work set said = null");
    assertFalse(square(register(), "Bram").hasNonNull("slip"));
    List<Object> two = new ArrayList<>();
    for (int i = 0; i < 2; i++) {
      two.add(
          Map.of(
              "pupil",
              pupil("Bram"),
              "number",
              i,
              "given",
              SLIPPED_OFTEN.get(i),
              "seen",
              SLIPPED.get(i)));
    }
    talk.put("/api/handouts/" + id + "/answers", Map.of("cells", two));
    assertEquals("smaller-from-larger", square(register(), "Bram").get("slip").asText());
  }

  @Test
  void oneWrongAnswerOfManyLeavesARungSure() {
    marked(9, "Bram", RIGHT);
    marked(5, "Bram", RIGHT);
    marked(2, "Bram", SLIPPED);
    marked(1, "Bram", SLIPPED);
    JsonNode bram = square(register(), "Bram");
    assertEquals("SURE", bram.get("standing").asText(), bram::toString);
    assertTrue(bram.get("why").asText().contains("2 wrong, the last on "), bram::toString);
    assertTrue(bram.get("why").asText().contains("; still sure."), bram::toString);
  }

  @Test
  void aDeletedHandoutIsNoEvidenceUntilItIsBack() {
    long id = marked(1, "Neve", RIGHT);
    JsonNode before = register();
    talk.delete("/api/handouts/" + id);
    assertEquals(0, register().get("squares").size());
    talk.post("/api/handouts/" + id + "/restore", "");
    assertEquals(before, register());
  }

  /** An attempt with a judge who speaks as one goes, or with a hint, was helped. */
  @Test
  void anAttemptThatWasHelpedCountsForLess() {
    for (int i = 0; i < 4; i++) {
      attempt(SUMS.get(i), "AT_END", i == 0);
    }
    JsonNode square = square(register(), "Neve");
    assertEquals("BEGUN", square.get("standing").asText(), square::toString);
    assertTrue(square.get("why").asText().contains("1 of them with help"), square::toString);
    attempt(SUMS.get(4), "AT_END", false);
    assertEquals("NEARLY", square(register(), "Neve").get("standing").asText());
  }

  private void attempt(String plain, String telling, boolean hint) {
    Map<String, Object> sum = Talk.sum(plain, "exchange");
    long id =
        talk.post("/api/attempts", Map.of("sum", sum, "who", "Neve", "telling", telling))
            .json()
            .get("id")
            .asLong();
    if (hint) {
      talk.post("/api/attempts/" + id + "/hint?depth=1", "{}");
    }
    JsonNode strokes =
        talk.post("/api/pupils", Map.of("sum", sum, "slips", List.of())).json().get("strokes");
    talk.post("/api/attempts/" + id + "/strokes", Map.of("strokes", strokes));
    talk.post("/api/attempts/" + id + "/hand-in", Map.of("explanation", ""));
  }

  @Test
  void workingAllEvidenceOutAgainGivesTheSame() {
    marked(3, "Neve", RIGHT);
    marked(2, "Bram", SLIPPED_OFTEN);
    attempt(SUMS.get(0), "AS_I_GO", false);
    JsonNode before = register();
    assertEquals(
        Map.of("placed", 0, "judged", 0, "marked", 0),
        Talk.map(talk.post("/api/register/evidence", "")));
    app.spoil("update handout_sum set rung = ''");
    app.spoil("update work set rung = '', all_right = null, page_slip = ''");
    app.spoil(
        "update work set marked_by = 1, outcome = 'WRONG', slip = null, said = null where"
            + " handout_id is not null");
    assertFalse(before.equals(register()));
    assertEquals(
        Map.of("placed", 11, "judged", 1, "marked", 11),
        Talk.map(talk.post("/api/register/evidence", "")));
    assertEquals(before, register());
  }

  @Test
  void aTeacherDecidesWithANoteAndLeavesItToTheRulesAgain() {
    marked(1, "Neve", RIGHT);
    Map<String, Object> decision = new HashMap<>();
    decision.put("pupil", pupil("Neve"));
    decision.put("rung", RUNG);
    decision.put("standing", "SURE");
    decision.put("note", "Explained it to the class");
    JsonNode square = square(decide(decision).json(), "Neve");
    assertEquals("SURE", square.get("standing").asText());
    assertEquals("NEARLY", square.get("byRules").asText());
    assertEquals("Explained it to the class", square.get("note").asText());
    decision.put("standing", null);
    assertEquals("NEARLY", square(decide(decision).json(), "Neve").get("standing").asText());
    decision.put("rung", "subtraction-by-magic");
    Talk.Answer refused = decide(decision);
    assertEquals(422, refused.status());
    assertTrue(refused.detail().contains("subtraction-by-magic"), refused.detail());
    decision.put("rung", RUNG);
    decision.put("pupil", 999);
    assertEquals(404, decide(decision).status());
  }

  @Test
  void aPupilsPageTellsOfSlipsAndWorkAndTheLetterSaysItPlainly() throws IOException {
    marked(9, "Bram", SLIPPED_OFTEN);
    marked(1, "Bram", SLIPPED_OFTEN);
    JsonNode page = talk.get("/api/register/pupils/" + pupil("Bram")).json();
    assertEquals(1, page.get("slips").size());
    int times = 0;
    for (JsonNode week : page.at("/slips/0/times")) {
      times += week.asInt();
    }
    assertEquals(6, times);
    assertEquals(page.get("weeks").size(), page.at("/slips/0/times").size());
    assertEquals("Bulb crates", page.at("/recent/0/title").asText());
    assertEquals(2, page.at("/recent/0/right").asInt());
    String text = text(talk.get("/api/register/pupils/" + pupil("Bram") + "/letter"));
    assertTrue(text.contains("Bram has worked 10 sums on 2 days"), text);
    assertTrue(text.contains("4 of them were right"), text);
    JsonNode none = talk.get("/api/register/pupils/" + pupil("Neve")).json();
    assertTrue(none.at("/letter/0").asText().contains("not worked any sums"), none::toString);
  }

  @Test
  void theLetterSaysWhatTheTeacherHasDecided() {
    marked(1, "Bram", RIGHT);
    assertTrue(letter("Bram").contains("most of the time"), letter("Bram"));
    decide(Map.of("pupil", pupil("Bram"), "rung", RUNG, "standing", "SURE", "note", ""));
    assertFalse(letter("Bram").contains("most of the time"), letter("Bram"));
  }

  @Test
  void aLetterIsPrintedInTheWordsOfTheTeacher() throws IOException {
    String path = "/api/register/pupils/" + pupil("Bram") + "/letter";
    List<String> lines = List.of("Dear Wrens,", "Bram counts on a number line.");
    String text = text(talk.post(path, Map.of("lines", lines)));
    assertTrue(text.contains("Dear Wrens,") && text.contains("number line"), text);
    Talk.Answer none = talk.post(path, Map.of("lines", List.of()));
    assertEquals(422, none.status());
    assertTrue(none.detail().contains("1 to 40 paragraphs"), none.detail());
  }

  @Test
  void eachLetterOfAGroupIsOnAPageOfItsOwn() throws IOException {
    marked(1, "Neve", RIGHT);
    Object both = Map.of("pupils", List.of(pupil("Neve"), pupil("Bram")));
    byte[] pdf = talk.post("/api/register/letters", both).bytes();
    try (PDDocument document = Loader.loadPDF(pdf)) {
      assertEquals(2, document.getNumberOfPages());
      PDFTextStripper first = new PDFTextStripper();
      first.setEndPage(1);
      String text = first.getText(document);
      assertTrue(text.contains("Dear family of Neve") && !text.contains("Bram"), text);
    }
    Map<String, Object> nobody = Map.of("pupils", List.of(999));
    assertEquals(404, talk.post("/api/register/letters", nobody).status());
  }

  @Test
  void aFirstSheetFindsPlacesByFewSums() {
    JsonNode before = talk.get("/api/register/places?operation=SUBTRACTION").json();
    assertEquals(4, before.get("rungs").size());
    assertEquals(2, before.get("places").size());
    assertTrue(before.at("/places/0").hasNonNull("ask"), before::toString);
    marked(1, "Neve", RIGHT);
    marked(1, "Bram", SLIPPED_OFTEN);
    JsonNode places = talk.get("/api/register/places?operation=SUBTRACTION").json().get("places");
    assertEquals(RUNG, places.at("/1/upTo").asText(), "Neve has it right");
    assertFalse(places.at("/0").hasNonNull("upTo"), places::toString);
    assertFalse(places.at("/0/ask").equals(places.at("/1/ask")), "they go different ways");
    assertEquals(400, talk.get("/api/register/places?operation=KNITTING").status());
  }

  @Test
  void manyStandingsAreDecidedTogetherOrNone() {
    Map<String, Object> neve = Map.of("pupil", pupil("Neve"), "rung", RUNG, "standing", "SURE");
    Map<String, Object> bram = Map.of("pupil", pupil("Bram"), "rung", RUNG, "standing", "NEARLY");
    Map<String, Object> nobody = Map.of("pupil", 999, "rung", RUNG, "standing", "SURE");
    Object some = List.of(neve, nobody);
    assertEquals(404, talk.put("/api/register/standings", Map.of("decisions", some)).status());
    assertEquals(0, register().get("squares").size());
    Object both = List.of(neve, bram);
    JsonNode now = talk.put("/api/register/standings", Map.of("decisions", both)).json();
    assertEquals("SURE", square(now, "Neve").get("standing").asText());
    assertEquals("NEARLY", square(now, "Bram").get("standing").asText());
    assertFalse(square(now, "Neve").get("against").asBoolean());
    assertTrue(square(now, "Neve").hasNonNull("lookAgain"), "what is decided is looked at again");
  }

  /** The text of the one page of a PDF. */
  private static String text(Talk.Answer pdf) throws IOException {
    try (PDDocument document = Loader.loadPDF(pdf.bytes())) {
      assertEquals(1, document.getNumberOfPages());
      return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
    }
  }

  private String letter(String name) {
    return talk.get("/api/register/pupils/" + pupil(name)).json().get("letter").toString();
  }

  @Test
  void theTableHasARowForEachPupilAndAColumnForEachRungBegun() {
    marked(1, "Neve", RIGHT);
    String[] lines = talk.get("/api/register/csv").text().split("\\R");
    assertFalse(lines[0].contains(RUNG), "words, not ids: " + lines[0]);
    assertEquals("Bram,new", lines[1]);
    assertEquals("Neve,nearly", lines[2]);
  }

  @Test
  void whoIsDeletedIsGoneFromTheRegister() {
    marked(1, "Neve", RIGHT);
    talk.delete("/api/roll/" + pupil("Neve"));
    JsonNode register = register();
    assertEquals(0, register.get("squares").size());
    assertEquals(1, register.get("pupils").size());
  }
}
