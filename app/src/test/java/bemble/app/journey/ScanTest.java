package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Filled sheets over HTTP: from a pile to the grid. */
class ScanTest extends FilledSheets {
  /** Takes back all answers that were read, as a teacher does who wants to type them. */
  private static void forget(JsonNode scan) {
    for (JsonNode page : scan.get("pages")) {
      for (JsonNode answer : page.get("answers")) {
        settle(scan, page, answer.get("sum").asInt(), null);
      }
    }
  }

  @Test
  void aPileIsSettledAndTakenIntoTheGrid() throws IOException {
    JsonNode handout = handout();
    JsonNode scan = read(handout, pile(handout));
    assertEquals(2, scan.get("pages").size());
    for (JsonNode page : scan.get("pages")) {
      assertFalse(page.has("problem"), page::toString);
      assertEquals(3, page.get("answers").size());
      for (String picture : List.of("/sheet", "/writer", "/answers/2", "/bands/2")) {
        Talk.Answer seen = talk.get(path(scan, page) + picture);
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(seen.bytes()));
        assertTrue(image.getWidth() > 200 && image.getHeight() > 60, picture);
      }
    }
    forget(scan);
    JsonNode first = scan.get("pages").get(0);
    assertEquals(422, settle(scan, first, 0, "twelve").status());
    assertEquals(422, settle(scan, first, 7, "12").status());
    settle(scan, first, 0, "27");
    JsonNode settled = settle(scan, first, 2, "117 r 1").json();
    assertEquals("27", settled.get("pages").get(0).get("answers").get(0).get("text").asText());
    String take = "/api/scans/" + scan.get("id") + "/take";
    assertEquals(2, talk.post(take, Map.of()).json().get("kept").size());
    JsonNode grid = talk.get("/api/handouts/" + handout.get("id")).json();
    assertEquals(2, grid.get("cells").size());
    assertEquals("RIGHT", grid.get("cells").get(0).get("outcome").asText());
    assertEquals(0, talk.post(take, Map.of()).json().get("kept").size(), "none is taken twice");
    JsonNode left = talk.get("/api/scans?handout=" + handout.get("id")).json().get(0);
    assertEquals(1, left.get("pages").get(0).get("answers").size(), "the others wait");
    assertEquals("READ", left.get("state").asText());
    for (JsonNode page : left.get("pages")) {
      for (JsonNode answer : page.get("answers")) {
        settle(left, page, answer.get("sum").asInt(), "");
      }
    }
    talk.post(take, Map.of());
    assertEquals(0, talk.get("/api/scans?handout=" + handout.get("id")).json().size());
    assertEquals(404, talk.get(path(scan, first) + "/sheet").status(), "its picture is gone");
  }

  @Test
  void whatTheGridHasStaysUntilSomebodyDecides() {
    JsonNode handout = handout();
    JsonNode scan = read(handout, pile(handout));
    forget(scan);
    JsonNode page = scan.get("pages").get(0);
    Map<String, Object> cell = Map.of("pupil", page.get("pupil"), "number", 1, "given", "75");
    talk.put("/api/handouts/" + handout.get("id") + "/answers", Map.of("cells", List.of(cell)));
    settle(scan, page, 1, "65");
    JsonNode taken = talk.post("/api/scans/" + scan.get("id") + "/take", Map.of()).json();
    assertEquals(1, taken.get("refused").size());
    JsonNode left = talk.get("/api/scans/" + scan.get("id")).json();
    assertEquals("65", left.get("pages").get(0).get("answers").get(1).get("text").asText());
  }

  /** A page that comes again, and one of another handout, have their sentences. */
  @Test
  void aPageIsTakenOnceAndForItsHandoutAlone() {
    JsonNode handout = handout();
    byte[] pile = pile(handout);
    read(handout, pile);
    JsonNode twice = read(handout, pile);
    assertEquals(4, twice.get("pages").size());
    assertEquals("This page was there already. The first one counts.", problem(twice, 3));
    JsonNode other = handout("503 − 87");
    JsonNode scan = read(other, pile);
    assertEquals("This sheet is of another handout.", problem(scan, 0));
    String page = path(scan, scan.get("pages").get(0));
    JsonNode rest = talk.delete(page).json();
    assertEquals(1, rest.get("pages").size());
    assertEquals("READ", rest.get("state").asText(), "a page that is taken off is not missed");
    assertEquals(204, talk.delete("/api/scans/" + scan.get("id")).status());
    assertEquals(404, talk.get("/api/scans/" + scan.get("id")).status());
  }

  /** After Bemble was stopped while it read, the file is brought in again and nothing is missed. */
  @Test
  void whatWasMissedComesWithTheFileBroughtInAgain() {
    JsonNode handout = handout();
    byte[] pile = pile(handout);
    JsonNode scan = read(handout, pile);
    app.spoil("update scan set expected = expected + 3 where id = " + scan.get("id"));
    String path = "/api/scans/" + scan.get("id");
    assertEquals("STOPPED", talk.get(path).json().get("state").asText());
    JsonNode again = read(handout, pile);
    assertEquals(4, again.get("expected").asInt());
    assertEquals("This page was there already. The first one counts.", problem(again, 2));
  }

  private static String problem(JsonNode scan, int page) {
    return scan.get("pages").get(page).get("problem").asText();
  }

  /** On request a page that was there is taken anew, with the answers that were settled. */
  @Test
  void aPageIsTakenAnewWhereSomebodyShowsItAgain() {
    JsonNode handout = handout();
    byte[] pile = pile(handout);
    JsonNode scan = read(handout, pile);
    settle(scan, scan.get("pages").get(0), 0, "99");
    String anew = "/api/scans?anew=true&name=Camera&handout=" + handout.get("id");
    talk.send(anew, "application/octet-stream", pile);
    JsonNode twice = looked(scan.get("id"));
    assertEquals(2, twice.get("pages").size(), twice::toString);
    for (JsonNode page : twice.get("pages")) {
      assertFalse(page.has("problem"), page::toString);
      assertEquals("Camera", page.get("file").asText());
    }
    assertFalse(twice.toString().contains("\"99\""), twice::toString);
  }

  /** A teacher who reads the name gives a sheet without a pupil to its writer. */
  @Test
  void aSheetWithoutAPupilIsGivenToOne() throws IOException {
    JsonNode handout = handout();
    List<Object> items = new ArrayList<>();
    SUMS.forEach(sum -> items.add(Map.of("plain", sum)));
    Map<String, Object> request =
        Map.of(
            "title",
            "Potting shed",
            "kind",
            "EXERCISES",
            "format",
            Map.of("layout", "LINE"),
            "sums",
            items);
    byte[] empty = talk.post("/api/sets/sheets", request).bytes();
    JsonNode scan = read(handout, twice(empty));
    assertEquals(2, scan.get("pages").size());
    JsonNode one = scan.get("pages").get(0);
    JsonNode other = scan.get("pages").get(1);
    assertFalse(one.has("pupil") || one.has("problem"), one::toString);
    JsonNode neve = handout.get("pupils").get(0).get("id");
    assertEquals(neve, scan.get("writers").get(0).get("pupil"));
    assertEquals(1, scan.get("writers").get(0).get("number").asInt());
    JsonNode given = talk.put(path(scan, one) + "/writer", Map.of("pupil", neve)).json();
    assertEquals(neve, given.get("pages").get(0).get("pupil"));
    Talk.Answer clash = talk.put(path(scan, other) + "/writer", Map.of("pupil", neve));
    assertEquals(422, clash.status());
    assertTrue(clash.text().contains("another page of this sheet"), clash::text);
    assertEquals(422, talk.put(path(scan, other) + "/writer", Map.of("pupil", 987654)).status());
  }

  /** A file that has the pages of another twice. */
  private static byte[] twice(byte[] pdf) throws IOException {
    try (PDDocument document = Loader.loadPDF(pdf);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
      document.importPage(document.getPage(0));
      document.save(bytes);
      return bytes.toByteArray();
    }
  }

  /** One picture alone, in each of the formats, the other way up. */
  @ParameterizedTest
  @CsvSource({"png", "jpg"})
  void aPhotographIsReadEitherWayUp(String format) throws IOException {
    JsonNode handout = handout();
    BufferedImage page;
    try (PDDocument document = Loader.loadPDF(pile(handout))) {
      page = new PDFRenderer(document).renderImageWithDPI(0, 150);
    }
    int width = page.getWidth();
    int height = page.getHeight();
    BufferedImage turned = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    for (int x = 0; x < width; x++) {
      for (int y = 0; y < height; y++) {
        turned.setRGB(width - 1 - x, height - 1 - y, page.getRGB(x, y));
      }
    }
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageIO.write(turned, format, bytes);
    JsonNode scan = read(handout, bytes.toByteArray());
    assertFalse(scan.get("pages").get(0).has("problem"), scan::toString);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "no picture at all        | This is no picture of a sheet",
        "%PDF-1.4 cut off         | damaged or cut off",
        "xxx ftypheic mif1heic    | HEIC"
      })
  void aFileThatIsNoSheetHasItsSentence(String file, String sentence) {
    Talk.Answer refused = bring(handout(), file.getBytes(StandardCharsets.ISO_8859_1));
    assertEquals(422, refused.status(), refused::text);
    assertTrue(refused.text().contains(sentence), refused::text);
  }

  @Test
  void aPdfWithAPasswordAndAnEnormousPictureAreRefused() throws IOException {
    try (PDDocument document = new PDDocument();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
      document.addPage(new PDPage());
      document.protect(new StandardProtectionPolicy("owner", "user", new AccessPermission()));
      document.save(bytes);
      assertTrue(bring(handout(), bytes.toByteArray()).text().contains("password"));
    }
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(8, 8, BufferedImage.TYPE_BYTE_GRAY), "png", png);
    byte[] bomb = png.toByteArray();
    // The head of a PNG has its width and height behind the first sixteen bytes.
    bomb[17] = 1;
    bomb[21] = 1;
    Talk.Answer refused = bring(handout(), bomb);
    assertEquals(422, refused.status(), refused::text);
    assertEquals(404, bring(JSON_OF_NOBODY, png.toByteArray()).status());
  }

  /** A camera of 1,920 pixels sends more than other bodies may have. */
  @Test
  void aPictureOfTheCameraIsLookedAt() throws IOException {
    BufferedImage noise = new BufferedImage(1920, 1080, BufferedImage.TYPE_INT_RGB);
    Random random = new Random(55);
    for (int i = 0; i < 1920 * 1080; i++) {
      noise.setRGB(i % 1920, i / 1920, random.nextInt());
    }
    ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
    ImageIO.write(noise, "jpeg", jpeg);
    assertTrue(jpeg.size() > 1_000_000, () -> jpeg.size() + " bytes");
    String frames = "/api/scans/frames?handout=" + handout().get("id");
    Talk.Answer looked = talk.send(frames, "application/octet-stream", jpeg.toByteArray());
    assertEquals(200, looked.status(), looked::text);
  }

  private static final JsonNode JSON_OF_NOBODY =
      JsonNodeFactory.instance.objectNode().put("id", 987654321);
}
