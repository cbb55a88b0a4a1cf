package bemble.app.scan;

import bemble.app.file.PictureFolder;
import bemble.app.house.PupilRow;
import bemble.app.house.Roll;
import bemble.app.marking.HandoutMapper;
import bemble.app.refusal.RefusedException;
import bemble.app.scan.ScanJson.FrameSeen;
import bemble.app.scan.ScanJson.FrameView;
import bemble.app.scan.sight.PictureFile;
import bemble.app.scan.sight.PictureFile.UnusablePictureException;
import bemble.app.scan.sight.Sight;
import bemble.app.scan.sight.Sight.Glimpse;
import bemble.app.sets.SheetBook;
import bemble.app.sets.SheetCode;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Says of each frame of a camera which sheet is held before it, so that a steady one is taken. */
@Service
class CameraFrames {
  private final SheetBook sheets;
  private final HandoutMapper handouts;
  private final PictureFolder pictures;
  private final Roll roll;

  CameraFrames(SheetBook sheets, HandoutMapper handouts, PictureFolder pictures, Roll roll) {
    this.sheets = sheets;
    this.handouts = handouts;
    this.pictures = pictures;
    this.roll = roll;
  }

  /** Looks for the sheets of a handout in a frame. */
  FrameView look(long handout, InputStream bytes) {
    Path path = pictures.received(bytes);
    try (PictureFile file = PictureFile.open(path)) {
      return Sight.glimpse(file.page(0), text -> SheetCode.read(text).flatMap(sheets::of))
          .map(glimpse -> view(handout, glimpse))
          .orElse(new FrameView(FrameSeen.NOTHING, null, null, 0, 0));
    } catch (UnusablePictureException e) {
      throw RefusedException.of("scan-damaged");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } finally {
      pictures.giveBack(path);
    }
  }

  private FrameView view(long handout, Glimpse glimpse) {
    Optional<SheetCode> code = SheetCode.read(glimpse.code());
    boolean isOther =
        code.flatMap(sheets::of).isEmpty()
            || code.flatMap(sheets::handout).filter(of -> of != handout).isPresent();
    FrameSeen seen = glimpse.whole() ? FrameSeen.WHOLE : FrameSeen.PART;
    return new FrameView(
        isOther ? FrameSeen.OTHER : seen,
        glimpse.code(),
        code.map(SheetCode::copy).map(pupil -> number(handout, pupil)).orElse(null),
        glimpse.x(),
        glimpse.y());
  }

  /** The number of a pupil in the class; null for a sheet without a pupil. */
  private @Nullable Integer number(long handout, long pupil) {
    List<PupilRow> pupils = handouts.pupils(handout);
    return pupils.stream()
        .filter(each -> each.id() == pupil)
        .findFirst()
        .map(each -> roll.numbers(each.classId()).get(pupil))
        .orElse(null);
  }
}
