package bemble.app.scan.sight;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.app.scan.sight.PictureFile.Fault;
import bemble.app.scan.sight.PictureFile.UnusablePictureException;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.Arrays;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.common.PDStream;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Files of a few kilobytes that hold pictures of hundreds of megabytes. */
class PictureFileTest {
  @TempDir Path folder;

  /** A page with a white picture of so many dots a side, grey or in colours. */
  private PictureFile page(int side, COSName colours, int bytesOfDot) throws Exception {
    Path file = folder.resolve(side + "-" + bytesOfDot + ".pdf");
    try (PDDocument document = new PDDocument()) {
      PDPage page = new PDPage(PDRectangle.A4);
      document.addPage(page);
      PDImageXObject picture =
          new PDImageXObject(
              new PDStream(white(document, side, colours, bytesOfDot)), new PDResources());
      try (PDPageContentStream content = new PDPageContentStream(document, page)) {
        content.drawImage(picture, 0, 0, PDRectangle.A4.getWidth(), PDRectangle.A4.getHeight());
      }
      document.save(file.toFile());
    }
    return PictureFile.open(file);
  }

  private static COSStream white(PDDocument document, int side, COSName colours, int bytesOfDot)
      throws IOException {
    COSStream stream = document.getDocument().createCOSStream();
    stream.setItem(COSName.TYPE, COSName.XOBJECT);
    stream.setItem(COSName.SUBTYPE, COSName.IMAGE);
    stream.setInt(COSName.WIDTH, side);
    stream.setInt(COSName.HEIGHT, side);
    stream.setInt(COSName.BITS_PER_COMPONENT, 8);
    stream.setItem(COSName.COLORSPACE, colours);
    byte[] row = new byte[side * bytesOfDot];
    Arrays.fill(row, (byte) 0xFF);
    try (OutputStream out = stream.createOutputStream(COSName.FLATE_DECODE)) {
      for (int i = 0; i < side; i++) {
        out.write(row);
      }
    }
    return stream;
  }

  @Test
  void drawsAPageWithAsManyDotsAsItNeeds() throws Exception {
    try (PictureFile file = page(4000, COSName.DEVICEGRAY, 1)) {
      GreyPicture drawn = file.page(0);
      assertTrue(drawn.width() < 2000, "it is read with fewer dots than it has");
      assertEquals(0xFF, drawn.at(drawn.width() / 2, drawn.height() / 2));
    }
  }

  @Test
  void refusesAPictureThatWouldNotFitIntoMemoryBeforeItIsUnpacked() throws Exception {
    try (PictureFile file = page(8000, COSName.DEVICERGB, 3)) {
      UnusablePictureException refused =
          assertThrows(UnusablePictureException.class, () -> file.page(0));
      assertEquals(Fault.TOO_LARGE, refused.fault());
    }
  }
}
