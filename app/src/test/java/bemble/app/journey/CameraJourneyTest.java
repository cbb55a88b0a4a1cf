package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Filled sheets that are held before a camera one after another. */
@BeginsEmpty
class CameraJourneyTest extends HandedOut {
  private static final int WIDTH = 1920;
  private static final int HEIGHT = 1080;

  /** Frames of a film; a camera shows thirty a second. */
  private static final int HELD = 75;

  private static final int BETWEEN = 40;

  /** Dots an inch of a sheet that fills the frame. */
  private static final int FILMED = 130;

  private static final Map<String, String> SENTENCES =
      Map.of(
          "NotAllowedError", "The browser refused the camera.",
          "NotFoundError", "No camera was found.",
          "NotReadableError", "Another program uses the camera.");

  @TempDir static Path films;

  /** Two sheets on a dark desk, one after the other, each lengthwise. */
  private static Path film(byte[] pile) throws IOException {
    Path film = films.resolve("two.mjpeg");
    try (PDDocument document = Loader.loadPDF(pile);
        OutputStream out = Files.newOutputStream(film)) {
      PDFRenderer renderer = new PDFRenderer(document);
      for (int page = 0; page < 2; page++) {
        BufferedImage sheet = renderer.renderImageWithDPI(page, FILMED);
        add(out, frame(sheet), HELD);
        add(out, frame(null), BETWEEN);
      }
    }
    return film;
  }

  private static BufferedImage frame(BufferedImage sheet) {
    BufferedImage frame = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Graphics2D pen = frame.createGraphics();
    pen.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    pen.setColor(Color.DARK_GRAY);
    pen.fillRect(0, 0, WIDTH, HEIGHT);
    if (sheet != null) {
      double scale = (HEIGHT - 40.0) / sheet.getWidth();
      pen.translate(WIDTH / 2.0, HEIGHT / 2.0);
      pen.rotate(Math.PI / 2);
      pen.scale(scale, scale);
      pen.drawImage(sheet, -sheet.getWidth() / 2, -sheet.getHeight() / 2, null);
    }
    pen.dispose();
    return frame;
  }

  private static void add(OutputStream film, BufferedImage frame, int times) throws IOException {
    ByteArrayOutputStream drawn = new ByteArrayOutputStream();
    ImageIO.write(frame, "jpg", drawn);
    for (int i = 0; i < times; i++) {
      drawn.writeTo(film);
    }
  }

  @Test
  void aSheetThatIsHeldStillIsTakenOnce() throws IOException {
    String handout = hand.page.url().replaceAll(".*/marking/", "");
    byte[] pile =
        talk().post("/api/handouts/" + handout + "/stand-in", Map.of("seed", 8, "most", 2)).bytes();
    try (DeskHand seeing = filmed(film(pile))) {
      seeing.page.navigate("/marking/" + handout + "/sheets");
      seeing.button("Hold them under a camera").click();
      assertThat(seeing.page.getByText("One sheet was taken")).isVisible();
      assertThat(seeing.page.getByText("2 sheets were taken")).isVisible();
      assertEquals(List.of(), seeing.barriers());
      seeing.button("That is all of them").click();
      assertThat(seeing.page.getByText("2 pages looked at")).isVisible();
      assertThat(seeing.page.getByLabel("What stands there")).isVisible();
      assertEquals(List.of(), seeing.complaints);
    }
  }

  @Test
  void aCameraThatIsRefusedHasItsSentence() {
    hand.page.getByText("Sheets in").click();
    for (String error : List.of("NotAllowedError", "NotFoundError", "NotReadableError")) {
      hand.page.evaluate(
          "name => { navigator.mediaDevices.getUserMedia ="
              + " async () => { throw new DOMException('', name); } }",
          error);
      hand.button("Hold them under a camera").click();
      assertThat(hand.page.getByText(SENTENCES.get(error))).isVisible();
      hand.button("That is all of them").click();
    }
    hand.button("Hold them under a camera").click();
    assertEquals(List.of(), hand.barriers());
  }
}
