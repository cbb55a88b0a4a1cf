package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.Media;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.color.SetNonStrokingColor;
import org.apache.pdfbox.contentstream.operator.color.SetNonStrokingColorSpace;
import org.apache.pdfbox.contentstream.operator.color.SetNonStrokingDeviceRGBColor;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;

/** The print of a view from the browser. */
@BeginsEmpty
class PrintedJourneyTest extends Journey {
  /** How many sheets a view with little on it may take, by its name; others take one. */
  private static final Map<String, Integer> SHEETS = Map.of("house", 5, "long sum", 4, "guide", 14);

  /** Opens that lie over a view: they have an export of their own. */
  private static final List<String> DIALOGS =
      List.of("keep", "on paper", "check my working", "keys", "fact", "handing in", "rename");

  /** The names of what can be pressed; what is chosen is content, and so are links in a text. */
  private static final String PRESSED =
      """
      () => [...document.querySelectorAll('main button')]
        .filter((button) => button.getAttribute('aria-pressed') !== 'true'
          && button.classList.contains('MuiButton-outlined'))
        .filter((button) => button.offsetParent !== null)
        .map((button) => button.textContent)
      """;

  private static byte[] printed() {
    return hand.page.pdf(new Page.PdfOptions().setFormat("A4").setPreferCSSPageSize(true));
  }

  @Test
  void everyViewIsPrintedWithoutItsButtonsOnFewSheets() {
    List<String> found = new ArrayList<>();
    new EveryView(hand, talk(), name -> name)
        .forEach(
            (view, open) -> {
              if (DIALOGS.contains(view) || view.contains(":") || view.equals("backups")) {
                return;
              }
              open.run();
              int most = SHEETS.getOrDefault(view, 2);
              try (PDDocument sheets = Loader.loadPDF(printed())) {
                if (sheets.getNumberOfPages() > most) {
                  found.add(view + ": " + sheets.getNumberOfPages() + " sheets");
                }
              } catch (IOException impossible) {
                throw new AssertionError(impossible);
              }
              hand.page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
              ((List<?>) hand.page.evaluate(PRESSED))
                  .forEach(name -> found.add(view + ": " + name));
              hand.page.emulateMedia(new Page.EmulateMediaOptions().setMedia(null));
            });
    assertEquals(List.of(), found);
  }

  @Test
  void whatIsDarkOnTheScreenIsPrintedInInk() throws IOException {
    hand.page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
    hand.page.navigate("/board?sum=46 %2B 38&step=3");
    assertThat(hand.sentence()).isVisible();
    List<Float> light = new ArrayList<>();
    PDFTextStripper reader =
        new PDFTextStripper() {
          @Override
          protected void processTextPosition(TextPosition letter) {
            for (float part : getGraphicsState().getNonStrokingColor().getComponents()) {
              light.add(part);
            }
            super.processTextPosition(letter);
          }
        };
    reader.addOperator(new SetNonStrokingDeviceRGBColor(reader));
    reader.addOperator(new SetNonStrokingColor(reader));
    reader.addOperator(new SetNonStrokingColorSpace(reader));
    try (PDDocument sheets = Loader.loadPDF(printed())) {
      String text = reader.getText(sheets);
      assertTrue(text.contains("4"), text);
    }
    assertTrue(light.stream().allMatch(part -> part < 0.6), light.toString());
  }
}
