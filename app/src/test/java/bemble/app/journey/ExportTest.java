package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;

/** Files made by a running Bemble, read back by other programs' libraries. */
class ExportTest extends Conversation {
  private static final String SUMS =
      """
      348 + 97 + 205       | column
      145 + 138            | blocks
      6203 − 1487          | exchange
      6000 − 2785          | count-up
      57 × 38              | column
      57 × 38              | area
      368 × 457            | crosswise
      4236 ÷ 7             | long
      √3000 to 2 places    | digit-pairs
      """;

  private static PDDocument pdf(Map<String, Object> request) throws IOException {
    Talk.Answer answer = talk.post("/api/exports/pdf", request);
    assertEquals(200, answer.status());
    return Loader.loadPDF(answer.bytes());
  }

  /** The texts of all marks that are seen at the end, sorted. */
  private static List<String> marks(JsonNode working) {
    List<String> texts = new ArrayList<>();
    for (JsonNode paper : List.of(working.at("/paper"), working.at("/check/paper"))) {
      for (JsonNode mark : paper.get("marks")) {
        String kind = mark.at("/shape/kind").asText();
        if (kind.equals("figure") || kind.equals("words")) {
          texts.add(mark.at("/shape/text").asText());
        }
      }
    }
    return texts;
  }

  @ParameterizedTest
  @CsvSource(delimiter = '|', textBlock = SUMS)
  void everyFigureOfThePageCanBeReadInThePdf(String problem, String method) throws IOException {
    Map<String, Object> sum = Talk.sum(problem, method);
    try (PDDocument document = pdf(Map.of("sum", sum, "kind", "PAGE"))) {
      String text = new PDFTextStripper().getText(document);
      JsonNode working = talk.post("/api/workings", sum).json();
      for (String mark : marks(working)) {
        assertTrue(text.contains(mark), mark + " in " + text);
      }
      long figures = marks(working).stream().filter(mark -> mark.matches("\\d")).count();
      assertTrue(text.chars().filter(Character::isDigit).count() >= figures);
      assertTrue(
          document.getPage(0).getResources().getFontNames().iterator().hasNext(), "has fonts");
    }
  }

  @Test
  void aStripHasItsFramesWithTheirSentences() throws IOException {
    Map<String, Object> sum = Talk.sum("6203 − 1487", "exchange");
    JsonNode steps = talk.post("/api/workings", sum).json().get("steps");
    for (int frames : List.of(4, 6, 9)) {
      Map<String, Object> request =
          Map.of("sum", sum, "kind", "STRIP", "per", "STEP", "frames", frames, "size", "LETTER");
      try (PDDocument document = pdf(request)) {
        assertEquals((steps.size() + frames - 1) / frames, document.getNumberOfPages());
        assertEquals(PDRectangle.LETTER.getWidth(), document.getPage(0).getMediaBox().getWidth());
        String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        for (JsonNode step : steps) {
          String last = step.get("say").asText().replaceAll(".* ", "");
          assertTrue(text.contains(last), step.get("say").asText());
        }
      }
    }
  }

  @Test
  void anUnworkedPageTellsNoAnswer() throws IOException {
    Map<String, Object> sum = Talk.sum("6203 − 1487", "exchange");
    try (PDDocument document = pdf(Map.of("sum", sum, "kind", "BLANK"))) {
      String figures = new PDFTextStripper().getText(document).replaceAll("\\D", "");
      assertEquals("6203148762031487", figures);
    }
  }

  @Test
  void aStripOfTooManyFramesIsRefused() {
    String nines = "9".repeat(24);
    Map<String, Object> request =
        Map.of("sum", Talk.sum(nines + " × " + nines, "column"), "kind", "STRIP", "per", "STEP");
    Talk.Answer answer = talk.post("/api/exports/pdf", request);
    assertEquals(422, answer.status());
    assertTrue(answer.detail().contains("Choose a frame for each column."));
  }

  @ParameterizedTest
  @CsvSource(delimiter = '|', textBlock = SUMS)
  void theSvgHasTheMarksOfTheStep(String problem, String method) throws Exception {
    Map<String, Object> sum = Talk.sum(problem, method);
    JsonNode working = talk.post("/api/workings", sum).json();
    int step = working.get("steps").size() / 2;
    String svg = talk.post("/api/exports/svg?step=" + step, sum).text();
    NodeList drawn =
        DocumentBuilderFactory.newInstance()
            .newDocumentBuilder()
            .parse(new InputSource(new StringReader(svg)))
            .getElementsByTagName("text");
    List<String> texts = new ArrayList<>();
    for (int i = 0; i < drawn.getLength(); i++) {
      texts.add(drawn.item(i).getTextContent());
    }
    List<String> expected = new ArrayList<>();
    for (JsonNode mark : working.at("/paper/marks")) {
      String text = mark.at("/shape/text").asText();
      boolean figure = mark.at("/shape/kind").asText().equals("figure");
      if (figure && mark.get("step").asInt() <= step) {
        expected.add(text);
      }
    }
    assertEquals(
        expected.stream().filter(text -> text.matches("\\d")).count(),
        texts.stream().filter(text -> text.matches("\\d")).count() - smallOnes(working, step),
        "nothing of later steps");
    for (String text : expected) {
      assertTrue(texts.remove(text), text + " in " + texts);
    }
  }

  /** Small figures of one digit that are still to be seen: one to a spot, the latest. */
  private static long smallOnes(JsonNode working, int step) {
    Map<String, String> latest = new HashMap<>();
    for (JsonNode mark : working.at("/paper/marks")) {
      JsonNode shape = mark.get("shape");
      if (shape.get("kind").asText().equals("small") && mark.get("step").asInt() <= step) {
        latest.put(shape.get("at") + shape.get("spot").asText(), shape.get("text").asText());
      } else if (shape.get("kind").asText().equals("hop") && mark.get("step").asInt() <= step) {
        latest.put(shape.toString(), shape.get("label").asText());
      }
    }
    return latest.values().stream().filter(text -> text.matches("\\d")).count();
  }

  @ParameterizedTest
  @CsvSource(delimiter = '|', textBlock = SUMS)
  void aPageFileIsReadInAgainAsTheSamePage(String problem, String method) {
    Map<String, Object> request =
        Map.of(
            "plain", problem,
            "method", method,
            "style", Map.of("firstPlaceWord", "UNITS", "thousandsMark", "THIN_SPACE"));
    JsonNode before = talk.post("/api/workings", request).json();
    JsonNode file = talk.post("/api/exports/page", request).json();
    assertEquals(before, talk.post("/api/exports/read", file).json().get("working"));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"format\":\"bemble-page\",\"version\":2,\"problem\":\"1 + 2\"} | 422 | newer Bemble",
        "{\"format\":\"else\",\"version\":1,\"problem\":\"1 + 2\"}      | 422 | not a page of"
            + " Bemble",
        "{\"format\":\"bemble-page\",\"problem\":\"1 + 2\"}             | 422 | not a page of"
            + " Bemble",
        "{\"format\":\"bemble-page\",\"version\":1,\"problem\":\"1 + \"} | 422 | number is missing",
        "{\"format\":\"bemble-page\",\"version\":1,\"problem\":\"1111111111111111111111111 + 2\"} |"
            + " 422 | 25 figures",
        "{\"format\":\"bemble-page\",\"vers                             | 400 | could not be read",
        "{\"format\":\"bemble-page\",\"version\":1,\"problem\":\"1 +"
            + " 2\",\"style\":{\"colour\":\"RED\"}} | 400 | could not be read",
        "{\"format\":\"bemble-page\",\"version\":1,\"problem\":\"1 +"
            + " 2\",\"style\":{\"decimalMark\":\"COMMA\"}} | 422 | A comma cannot stand"
      })
  void aDamagedOrStrangeFileIsRefused(String file, int status, String sentence) {
    Talk.Answer answer = talk.post("/api/exports/read", file);
    assertEquals(status, answer.status(), answer.text());
    assertTrue(answer.detail().contains(sentence), answer.detail());
  }
}
