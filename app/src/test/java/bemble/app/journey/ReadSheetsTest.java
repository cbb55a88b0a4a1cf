package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.app.scan.OwnSheets;
import com.fasterxml.jackson.databind.JsonNode;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Answers on filled sheets read by their ink, and sheets found in frames of a camera. */
class ReadSheetsTest extends FilledSheets {
  /** Every answer is either read as it was written, or asked. */
  @Test
  void inkIsReadOrAsked() {
    JsonNode handout = handout("62 − 35", "48 + 27", "937 ÷ 8", "67 × 38", "503 − 87", "84 ÷ 4");
    JsonNode scan = read(handout, pile(handout));
    Map<String, String> written = written(handout);
    int read = 0;
    int asked = 0;
    for (JsonNode page : scan.get("pages")) {
      for (JsonNode answer : page.get("answers")) {
        boolean isAsked = answer.get("state").asText().equals("ASK");
        assertEquals(isAsked, answer.has("why"), answer::toString);
        assertEquals(isAsked, !answer.has("text"), answer::toString);
        if (isAsked) {
          asked++;
        } else {
          String truth = written.get(page.get("pupil") + " " + answer.get("sum"));
          assertEquals(truth, answer.get("text").asText(), answer::toString);
          read++;
        }
      }
    }
    assertTrue(read > asked, () -> "hardly anything was read: " + scan);
  }

  /** Figures that were read as the same are shown side by side, and the look is noted. */
  @Test
  void figuresAreLookedThrough() {
    JsonNode handout = handout("62 − 35", "48 + 27", "937 ÷ 8");
    JsonNode scan = read(handout, pile(handout));
    String wall = "/api/scans/" + scan.get("id") + "/wall/";
    int seen = 0;
    for (int figure = 0; figure < 10; figure++) {
      for (JsonNode each : talk.get(wall + figure).json()) {
        seen++;
        JsonNode page = null;
        for (JsonNode one : scan.get("pages")) {
          page = one.get("id").equals(each.get("page")) ? one : page;
        }
        String text = page.get("answers").get(each.get("sum").asInt()).get("text").asText();
        assertTrue(text.contains(String.valueOf(figure)), text);
        assertTrue(each.get("left").asDouble() + 1 < each.get("across").asDouble());
      }
    }
    assertTrue(seen > 1, "hardly anything was read");
    assertEquals(7, talk.put(wall + 7, null).json().get("lookedThrough").get(0).asInt());
    assertEquals(1, talk.put(wall + 7, null).json().get("lookedThrough").size());
    assertEquals(422, talk.put(wall + 12, null).status());
  }

  /** Each answer has its place on the sheet, beside no other one. */
  @Test
  void answersHaveTheirPlacesOnTheSheet() {
    JsonNode handout = handout();
    JsonNode scan = read(handout, pile(handout));
    JsonNode page = scan.get("pages").get(0);
    String path = "/api/scans/" + scan.get("id") + "/pages/" + page.get("id") + "/places";
    JsonNode places = talk.get(path).json();
    assertEquals(SUMS.size(), places.size());
    for (JsonNode one : places) {
      assertTrue(one.get("left").asDouble() > 0.03 && one.get("right").asDouble() < 0.97);
      assertTrue(one.get("top").asDouble() < one.get("bottom").asDouble());
      for (JsonNode other : places) {
        boolean apart =
            one.get("right").asDouble() < other.get("left").asDouble()
                || one.get("bottom").asDouble() < other.get("top").asDouble();
        boolean before = one.get("sum").asInt() < other.get("sum").asInt();
        assertTrue(apart || !before, () -> one + " " + other);
      }
    }
  }

  /** A frame of a camera tells whose sheet it shows, and nothing of it is kept. */
  @Test
  void aFrameTellsWhoseSheetItShows() throws IOException {
    JsonNode handout = handout();
    byte[] whole = picture(pile(handout), 0);
    JsonNode seen = frame(handout, whole);
    assertEquals("WHOLE", seen.get("seen").asText());
    assertEquals(1, seen.get("number").asInt());
    assertEquals("OTHER", frame(handout("503 − 87"), whole).get("seen").asText());
    ByteArrayOutputStream nothing = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(900, 600, BufferedImage.TYPE_BYTE_GRAY), "png", nothing);
    assertEquals("NOTHING", frame(handout, nothing.toByteArray()).get("seen").asText());
    assertEquals("PART", frame(handout, picture(pile(handout), 0.7)).get("seen").asText());
    assertEquals(0, talk.get("/api/scans?handout=" + handout.get("id")).json().size());
  }

  private static JsonNode frame(JsonNode handout, byte[] picture) {
    String path = "/api/scans/frames?handout=" + handout.get("id");
    return talk.send(path, "application/octet-stream", picture).json();
  }

  /** The first page of a pile as a picture, without a share of its height at the bottom. */
  private static byte[] picture(byte[] pile, double without) throws IOException {
    try (PDDocument document = Loader.loadPDF(pile);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
      BufferedImage page = new PDFRenderer(document).renderImageWithDPI(0, 150);
      int height = (int) (page.getHeight() * (1 - without));
      ImageIO.write(page.getSubimage(0, 0, page.getWidth(), height), "jpg", bytes);
      return bytes.toByteArray();
    }
  }

  /** A school's own sheets are compared with the typed answers, and no name is told. */
  @Test
  void ownSheetsAreComparedWithWhatWasTyped(@TempDir Path folder) throws IOException {
    JsonNode handout = handout("62 − 35", "48 + 27", "503 − 87", "84 ÷ 4");
    Files.write(folder.resolve("pile.pdf"), pile(handout));
    Files.writeString(folder.resolve("notes.txt"), "Potting shed");
    written(handout);
    String table = app.part(OwnSheets.class).compared(folder);
    assertTrue(table.contains("notes.txt, page 1: "), table);
    assertTrue(table.contains("| RIGHT | "), table);
    assertFalse(table.contains("was typed as"), table);
    assertFalse(table.contains("Neve") || table.contains("Bram"), table);
  }
}
