package bemble.app.scan.sight;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A picture that is read while there is time, and given up in the middle when it is over. */
class PageTimeTest {
  private static final int SIDE = 900;

  @TempDir Path folder;
  private Path picture;

  @BeforeEach
  void writePicture() throws IOException {
    picture = folder.resolve("page.jpg");
    BufferedImage page = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_BYTE_GRAY);
    ImageIO.write(page, "jpeg", picture.toFile());
  }

  private BufferedImage read(PageTime time) throws IOException {
    return ImageIO.read(time.open(picture.toFile()));
  }

  @Test
  void readsAPictureInTime() throws IOException {
    assertEquals(SIDE, read(new PageTime(TimeUnit.DAYS.toNanos(1))).getWidth());
  }

  @Test
  void givesAPictureUpWhenTheTimeIsOver() {
    assertThrows(TooMuchException.class, () -> read(new PageTime(-1)));
  }
}
