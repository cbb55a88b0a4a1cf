package bemble.app.scan.sight;

import java.awt.image.BufferedImage;
import java.io.Closeable;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Iterator;
import java.util.Locale;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import org.apache.pdfbox.rendering.ImageType;
import org.jspecify.annotations.Nullable;

/** A file with pictures of sheets: a PDF with some pages, or one PNG, JPEG or WebP. */
public final class PictureFile implements Closeable {
  /** Pages that a file may have. */
  private static final int MOST_PAGES = 400;

  /** Dots that a picture may have: far more than any camera's, and far fewer than would hurt. */
  static final long MOST_DOTS = 120_000_000;

  /** Of a picture with more dots only every second or third one is read. */
  private static final long ENOUGH_DOTS = 16_000_000;

  private static final double DOTS_AN_INCH = 200;

  private static final int HEAD = 16;

  /** Why a file cannot be used. */
  public enum Fault {
    NO_PICTURE,
    HEIC,
    PASSWORD,
    DAMAGED,
    TOO_LARGE
  }

  /** Says that a file, or a page of it, cannot be used. */
  public static final class UnusablePictureException extends Exception {
    private final Fault fault;

    UnusablePictureException(Fault fault) {
      super(fault.name());
      this.fault = fault;
    }

    /** Why. */
    public Fault fault() {
      return fault;
    }
  }

  private final Path path;
  private final @Nullable PDDocument document;

  private PictureFile(Path path, @Nullable PDDocument document) {
    this.path = path;
    this.document = document;
  }

  /** Opens a file. */
  public static PictureFile open(Path path) throws UnusablePictureException {
    try {
      String head = head(path);
      if (head.startsWith("%PDF")) {
        PDDocument document = Loader.loadPDF(path.toFile());
        int pages = document.getNumberOfPages();
        if (pages == 0 || pages > MOST_PAGES) {
          document.close();
          throw new UnusablePictureException(pages == 0 ? Fault.NO_PICTURE : Fault.TOO_LARGE);
        }
        return new PictureFile(path, document);
      }
      if (head.startsWith("ftyphei", 4) || head.startsWith("ftypmif1", 4)) {
        throw new UnusablePictureException(Fault.HEIC);
      }
      PictureFile file = new PictureFile(path, null);
      file.measure();
      return file;
    } catch (InvalidPasswordException e) {
      throw new UnusablePictureException(Fault.PASSWORD);
    } catch (OutOfMemoryError e) {
      throw new UnusablePictureException(Fault.TOO_LARGE);
    } catch (IOException | RuntimeException e) {
      // The readers of pictures throw anything at damaged ones.
      throw new UnusablePictureException(Fault.DAMAGED);
    }
  }

  private static String head(Path path) throws IOException {
    try (var in = Files.newInputStream(path)) {
      return new String(in.readNBytes(HEAD), StandardCharsets.ISO_8859_1);
    }
  }

  /** How many pages it has. */
  public int pages() {
    return document == null ? 1 : document.getNumberOfPages();
  }

  /** A page of the file, from 0. */
  public GreyPicture page(int page) throws UnusablePictureException {
    try {
      return document == null ? picture() : page(document, page);
    } catch (TooMuchException | OutOfMemoryError e) {
      throw new UnusablePictureException(Fault.TOO_LARGE);
    } catch (IOException | RuntimeException e) {
      throw new UnusablePictureException(Fault.DAMAGED);
    }
  }

  private static GreyPicture page(PDDocument document, int page) throws IOException {
    PDRectangle size = document.getPage(page).getCropBox();
    double inches = size.getWidth() * size.getHeight() / (72.0 * 72.0);
    double dots = Math.min(DOTS_AN_INCH, Math.sqrt(ENOUGH_DOTS / inches));
    return GreyPicture.of(
        new BoundedRenderer(document).renderImageWithDPI(page, (float) dots, ImageType.GRAY));
  }

  /** Work that needs a picture whose head was read. */
  private interface Use<T> {
    T of(ImageReader reader, int by) throws IOException;
  }

  private void measure() throws IOException, UnusablePictureException {
    use((reader, by) -> by);
  }

  private GreyPicture picture() throws IOException, UnusablePictureException {
    BufferedImage image =
        use(
            (reader, by) -> {
              ImageReadParam sparse = reader.getDefaultReadParam();
              sparse.setSourceSubsampling(by, by, 0, 0);
              return reader.read(0, sparse);
            });
    return GreyPicture.of(image);
  }

  private <T> T use(Use<T> use) throws IOException, UnusablePictureException {
    try (ImageInputStream in = new PageTime().open(path.toFile())) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        throw new UnusablePictureException(Fault.NO_PICTURE);
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(in, true, true);
        boolean isKnown =
            Arrays.asList("png", "jpeg", "webp")
                .contains(reader.getFormatName().toLowerCase(Locale.ROOT));
        if (!isKnown) {
          throw new UnusablePictureException(Fault.NO_PICTURE);
        }
        long dots = (long) reader.getWidth(0) * reader.getHeight(0);
        if (dots > MOST_DOTS) {
          throw new UnusablePictureException(Fault.TOO_LARGE);
        }
        return use.of(reader, (int) Math.ceil(Math.sqrt((double) dots / ENOUGH_DOTS)));
      } finally {
        reader.dispose();
      }
    }
  }

  @Override
  public void close() throws IOException {
    if (document != null) {
      document.close();
    }
  }
}
