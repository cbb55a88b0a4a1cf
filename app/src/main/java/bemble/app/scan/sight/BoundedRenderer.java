package bemble.app.scan.sight;

import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.rendering.PageDrawer;
import org.apache.pdfbox.rendering.PageDrawerParameters;

/**
 * Draws pages of a PDF within bounds. Pictures are read with as many dots as are drawn; those that
 * would take too much memory, and pages that take too long, are given up.
 */
final class BoundedRenderer extends PDFRenderer {
  /** The most bytes of a picture once it is unpacked: a colour scan of A4 with 600 dots an inch. */
  private static final long MOST_BYTES = 112L << 20;

  private static final String JPEG = "jpg";
  private static final int BITS = 8;

  private final PageTime time = new PageTime();

  /** Begins the time that one page has. */
  BoundedRenderer(PDDocument document) {
    super(document);
    setSubsamplingAllowed(true);
  }

  @Override
  protected PageDrawer createPageDrawer(PageDrawerParameters parameters) throws IOException {
    return new Drawer(parameters);
  }

  private final class Drawer extends PageDrawer {
    Drawer(PageDrawerParameters parameters) throws IOException {
      super(parameters);
    }

    @Override
    protected void processOperator(Operator operator, List<COSBase> operands) throws IOException {
      time.check();
      super.processOperator(operator, operands);
    }

    @Override
    public void drawImage(PDImage image) throws IOException {
      long dots = (long) image.getWidth() * image.getHeight();
      // The reader of JPEG passes dots over; other pictures are unpacked whole.
      if (dots > PictureFile.MOST_DOTS
          || !JPEG.equals(image.getSuffix()) && bytes(image, dots) > MOST_BYTES) {
        throw new TooMuchException(image.getWidth() + " × " + image.getHeight());
      }
      super.drawImage(image);
    }

    private static long bytes(PDImage image, long dots) throws IOException {
      int colours = image.isStencil() ? 1 : image.getColorSpace().getNumberOfComponents();
      return dots * colours * image.getBitsPerComponent() / BITS;
    }
  }
}
