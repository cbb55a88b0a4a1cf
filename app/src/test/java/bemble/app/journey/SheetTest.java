package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.Result;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.multi.qrcode.QRCodeMultiReader;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Exercise sheets as a camera would see them, and the other sheets of a set. */
class SheetTest extends Conversation {
  private static final double DOTS_A_MILLIMETRE = 6;
  private static final double CORNER = 9;

  private static Map<String, Object> request(String kind, List<String> sums) {
    Map<String, Object> request = new HashMap<>();
    request.put("title", "Potting shed");
    request.put("kind", kind);
    List<Object> items = new ArrayList<>();
    sums.forEach(sum -> items.add(Map.of("plain", sum)));
    request.put("sums", items);
    return request;
  }

  private static List<String> sums(int count) {
    List<String> sums = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      sums.add((503 + 7 * i) + " − " + (87 + 3 * i));
    }
    return sums;
  }

  private static byte[] printed(Map<String, Object> request) {
    Talk.Answer answer = talk.post("/api/sets/sheets", request);
    assertEquals(200, answer.status(), answer::text);
    return answer.bytes();
  }

  private static List<BufferedImage> pictures(byte[] pdf) throws IOException {
    try (PDDocument document = Loader.loadPDF(pdf)) {
      List<BufferedImage> pictures = new ArrayList<>();
      for (int i = 0; i < document.getNumberOfPages(); i++) {
        float dots = (float) (DOTS_A_MILLIMETRE * 25.4);
        pictures.add(new PDFRenderer(document).renderImageWithDPI(i, dots));
      }
      return pictures;
    }
  }

  private static String text(byte[] pdf) throws IOException {
    try (PDDocument document = Loader.loadPDF(pdf)) {
      return new PDFTextStripper().getText(document);
    }
  }

  /** The text of the two codes of a sheet, which is the same in both. */
  private static String code(BufferedImage picture) throws ReaderException {
    int width = picture.getWidth();
    int height = picture.getHeight();
    int[] dots = picture.getRGB(0, 0, width, height, null, 0, width);
    RGBLuminanceSource source = new RGBLuminanceSource(width, height, dots);
    Result[] codes =
        new QRCodeMultiReader()
            .decodeMultiple(
                new BinaryBitmap(new HybridBinarizer(source)),
                Map.of(DecodeHintType.TRY_HARDER, true));
    assertEquals(2, codes.length);
    assertEquals(codes[0].getText(), codes[1].getText());
    return codes[0].getText();
  }

  /** How dark a spot is, from 0 to 255. */
  private static int dark(BufferedImage picture, double x, double y) {
    int rgb =
        picture.getRGB(
            (int) Math.round(x * DOTS_A_MILLIMETRE), (int) Math.round(y * DOTS_A_MILLIMETRE));
    return 255 - (rgb >> 8 & 0xFF);
  }

  /** The darkest dot on a short way across a line that is looked for. */
  private static int darkest(BufferedImage picture, double x, double y, boolean across) {
    int darkest = 0;
    for (double off = -0.35; off <= 0.35; off += 0.1) {
      darkest = Math.max(darkest, dark(picture, x + (across ? off : 0), y + (across ? 0 : off)));
    }
    return darkest;
  }

  /** The preview differs from the print in nothing but the code, which names no table yet. */
  @ParameterizedTest
  @ValueSource(strings = {"EXERCISES", "ANSWERS", "WALK_THROUGH", "SLIP_KEY", "MARKING_LIST"})
  void thePreviewIsWhatIsPrinted(String kind) throws IOException {
    Map<String, Object> request = request(kind, sums(12));
    JsonNode preview = talk.post("/api/sets/sheets/preview?page=99", request).json();
    int page = preview.get("page").asInt();
    BufferedImage seen =
        ImageIO.read(new ByteArrayInputStream(preview.get("picture").binaryValue()));
    try (PDDocument document = Loader.loadPDF(printed(request))) {
      assertEquals(document.getNumberOfPages(), preview.get("pages").asInt());
      assertEquals(document.getNumberOfPages() - 1, page, "there is no page behind the last");
      BufferedImage printed = new PDFRenderer(document).renderImageWithDPI(page, 72);
      int other = 0;
      for (int x = 0; x < printed.getWidth(); x++) {
        for (int y = 0; y < printed.getHeight(); y++) {
          other += printed.getRGB(x, y) == seen.getRGB(x, y) ? 0 : 1;
        }
      }
      int code = kind.equals("EXERCISES") ? 60 * 60 : 0;
      assertTrue(other <= code, other + " dots differ");
    }
  }

  /** Each sheet names its table, and the table is true of the picture. */
  @ParameterizedTest
  @CsvSource({"A4, 7, SET_OUT", "LETTER, 10, SQUARES", "A4, 14, SET_OUT", "A4, 5, LINE"})
  void theTableOfASheetIsTrueOfItsPicture(String size, int square, String layout)
      throws IOException, ReaderException {
    Map<String, Object> request = request("EXERCISES", sums(20));
    request.put("format", Map.of("size", size, "square", square, "layout", layout));
    List<BufferedImage> pictures = pictures(printed(request));
    List<Integer> numbers = new ArrayList<>();
    for (int sheet = 0; sheet < pictures.size(); sheet++) {
      BufferedImage picture = pictures.get(sheet);
      String code = code(picture);
      assertTrue(code.matches("BEMBLE2 \\d+/0/[0-9A-F]{8}"), code);
      JsonNode table = talk.get("/api/sets/sheets/" + code.split("[ /]")[1]).json();
      double across = table.get("across").asDouble();
      double down = table.get("down").asDouble();
      assertEquals(255, dark(picture, CORNER, CORNER));
      assertEquals(255, dark(picture, CORNER + across, CORNER));
      assertEquals(255, dark(picture, CORNER, CORNER + down));
      assertEquals(0, dark(picture, CORNER + across, CORNER + down), "the open one");
      assertEquals(255, darkest(picture, CORNER + across - 1.5, CORNER + down, true));
      assertEquals(255, dark(picture, CORNER, CORNER + down / 2));
      assertEquals(255, dark(picture, CORNER + across, CORNER + down / 2));
      JsonNode box = table.get("number");
      double boxSide = box.get("side").asDouble();
      double boxLeft = CORNER + box.get("left").asDouble();
      double boxMiddle = CORNER + box.get("top").asDouble() + boxSide / 2;
      for (int line = 0; line <= 2; line++) {
        assertTrue(darkest(picture, boxLeft + line * boxSide, boxMiddle, true) > 40);
      }
      for (JsonNode tile : table.get("tiles")) {
        numbers.add(tile.get("number").asInt());
        squaresAreThere(picture, tile);
      }
    }
    for (int i = 0; i < 20; i++) {
      assertEquals(i + 1, numbers.get(i), "no sum is left out or split");
    }
    assertEquals(20, numbers.size());
  }

  private static void squaresAreThere(BufferedImage picture, JsonNode tile) {
    double side = tile.get("side").asDouble();
    double left = CORNER + tile.get("left").asDouble();
    double top = CORNER + tile.get("top").asDouble();
    for (int row = 0; row <= tile.get("rows").asInt(); row++) {
      double y = top + row * side;
      assertTrue(darkest(picture, left + side / 2, y, false) > 20, tile::toString);
    }
    for (int column = 0; column <= tile.get("columns").asInt(); column++) {
      double x = left + column * side;
      assertTrue(darkest(picture, x, top + side * 0.97, true) > 20, tile::toString);
    }
    Set<String> places = new HashSet<>();
    for (JsonNode square : tile.get("squares")) {
      double x = left + (square.get("column").asInt() - tile.get("firstColumn").asInt()) * side;
      double y = top + (square.get("row").asInt() - tile.get("firstRow").asInt()) * side;
      assertTrue(darkest(picture, x + side * 0.06, y + side / 2, true) > 40, square::toString);
      assertTrue(places.add(square.get("part") + " " + square.get("place")), square::toString);
    }
    assertEquals(4, places.size(), "one more than any difference of three figures");
  }

  @Test
  void theSameSheetPrintedAgainHasTheSameNumberAndAnotherOneAnother() throws Exception {
    Map<String, Object> request = request("EXERCISES", sums(4));
    String first = code(pictures(printed(request)).get(0));
    assertEquals(first, code(pictures(printed(request)).get(0)));
    request.put("format", Map.of("square", 10));
    assertNotEquals(first, code(pictures(printed(request)).get(0)));
    assertEquals(404, talk.get("/api/sets/sheets/99999999").status());
  }

  /** Every method's squares have a place of their own, in each layout, with room for one more. */
  @ParameterizedTest
  @ValueSource(strings = {"SET_OUT", "SQUARES", "LINE"})
  void everySquareThatIsReadHasItsPlace(String layout) throws IOException, ReaderException {
    Map<String, Object> request = request("EXERCISES", List.of());
    List<Map<String, String>> sums =
        List.of(
            Map.of("plain", "4.7 + 12.36"),
            Map.of("plain", "67 × 38", "method", "lattice"),
            Map.of("plain", "67 × 38", "method", "column"),
            Map.of("plain", "937 ÷ 8", "method", "long"),
            Map.of("plain", "937 ÷ 8", "method", "short"),
            Map.of("plain", "√784"));
    request.put("sums", sums);
    request.put("format", Map.of("layout", layout));
    request.put("extras", Map.of("withNewAnswer", true));
    int tiles = 0;
    for (BufferedImage picture : pictures(printed(request))) {
      JsonNode table = talk.get("/api/sets/sheets/" + code(picture).split("[ /]")[1]).json();
      assertEquals("ABOVE", table.get("style").get("carryPosition").asText());
      for (JsonNode tile : table.get("tiles")) {
        tiles++;
        Set<String> parts = new TreeSet<>();
        Set<String> seen = new HashSet<>();
        for (JsonNode square : tile.get("squares")) {
          parts.add(square.get("part").asText());
          assertTrue(seen.add(square.get("part") + " " + square.get("place")), square::toString);
          assertTrue(seen.add(square.get("row") + " at " + square.get("column")));
        }
        boolean divides = tile.get("plain").asText().contains("÷");
        Set<String> due = new TreeSet<>(Set.of("ANSWER", "NEW_ANSWER", "TICK"));
        due.addAll(divides ? Set.of("REMAINDER", "NEW_REMAINDER") : Set.of());
        assertEquals(due, parts);
      }
    }
    assertEquals(sums.size(), tiles);
  }

  /** A copy names its pupil by number, and by name only where that is wished. */
  @Test
  void eachPupilHasACopy() throws IOException, ReaderException {
    talk.post("/api/roll", Map.of("names", "Quill\nBryony"));
    Map<String, Object> handout = Pile.request(List.of("503 − 87", "62 − 35"), "exchange");
    JsonNode grid = talk.post("/api/handouts", handout).json();
    String path = "/api/handouts/" + grid.get("id").asLong() + "/sheets";
    byte[] sheets =
        talk.post(path, Map.of("format", Map.of("layout", "LINE", "square", 10))).bytes();
    List<BufferedImage> pictures = pictures(sheets);
    assertEquals(grid.get("pupils").size(), pictures.size());
    Set<String> sheetsNamed = new HashSet<>();
    for (int i = 0; i < pictures.size(); i++) {
      String[] code = code(pictures.get(i)).split("[ /]");
      sheetsNamed.add(code[1]);
      assertEquals(grid.get("pupils").get(i).get("id").asText(), code[2]);
    }
    assertEquals(1, sheetsNamed.size(), "it is one sheet");
    String name = grid.get("pupils").get(0).get("name").asText();
    assertFalse(text(sheets).contains(name));
    assertTrue(text(talk.post(path, Map.of("withNames", true)).bytes()).contains(name));
  }

  @Test
  void aSumIsWrittenInALineWhereItIsNotSetOut() throws IOException {
    Map<String, Object> request = request("EXERCISES", List.of("503 − 87"));
    assertFalse(text(printed(request)).contains("503 − 87"));
    request.put("format", Map.of("layout", "LINE"));
    assertTrue(text(printed(request)).contains("1.  503 − 87 ="));
  }

  @Test
  void headsCheckAndExplanationAreThereWhereTheyAreWanted() throws IOException {
    Map<String, Object> request = request("EXERCISES", List.of("503 − 87"));
    String plain = text(printed(request));
    assertTrue(plain.contains("Name:") && plain.contains("Date:"), plain);
    assertTrue(plain.contains("H") && !plain.contains("How I did it"), plain);
    request.put("extras", Map.of("withoutHeads", true, "withCheck", true, "withExplanation", true));
    String text = text(printed(request));
    assertTrue(text.contains("Check") && text.contains("How I did it"), text);
    assertFalse(text.replace("How", "").contains("H"), text);
  }

  @Test
  void aLongTitleLeavesTheCodeReadable() throws IOException, ReaderException {
    Map<String, Object> request = request("EXERCISES", sums(2));
    request.put("title", "Potting shed and seed barn ".repeat(3).strip());
    assertTrue(code(pictures(printed(request)).get(0)).startsWith("BEMBLE2 "));
  }

  @Test
  void aMarkingListHasAColumnForEverySum() throws IOException {
    String text = text(printed(request("MARKING_LIST", sums(20))));
    for (int i = 0; i < 20; i++) {
      assertTrue(text.contains(String.valueOf(i + 1)), text);
    }
    assertTrue(text.contains("Potting shed: to mark by"), text);
  }
}
