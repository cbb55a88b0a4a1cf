package bemble.app.scan.sight;

import com.google.zxing.Binarizer;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.LuminanceSource;
import com.google.zxing.NotFoundException;
import com.google.zxing.PlanarYUVLuminanceSource;
import com.google.zxing.Result;
import com.google.zxing.ResultPoint;
import com.google.zxing.common.GlobalHistogramBinarizer;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.multi.qrcode.QRCodeMultiReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Finds the codes of sheets in a picture, at any turn. */
final class CodeFinder {
  private static final Map<DecodeHintType, Object> HINTS =
      Map.of(DecodeHintType.TRY_HARDER, Boolean.TRUE);

  /** A picture of this width and height shows a code well enough, and is searched sooner. */
  private static final int ENOUGH = 2000;

  /** How many a sheet has. */
  private static final int CODES = 2;

  /** Two codes are at least so many dots apart. */
  private static final double APART = 20;

  private CodeFinder() {}

  /** Finds codes at a glance, as every frame of a camera is looked at. */
  static List<FoundCode> atAGlance(GreyPicture picture) {
    return in(picture, 1, 0, 0);
  }

  /** All codes; none where the picture shows none that can be read. */
  static List<FoundCode> in(GreyPicture picture) {
    int longer = Math.max(picture.width(), picture.height());
    int by = Math.max(1, longer / ENOUGH);
    List<FoundCode> found = new ArrayList<>(in(picture.shrunk(by), by, 0, 0));
    if (found.size() < CODES && by > 1) {
      addNew(found, in(picture, 1, 0, 0));
    }
    if (found.size() < CODES) {
      addNew(found, inParts(picture));
    }
    if (found.size() < CODES && longer < ENOUGH * 3 / 2) {
      addNew(found, inEnlarged(picture));
    }
    return found;
  }

  private static void addNew(List<FoundCode> found, List<FoundCode> more) {
    for (FoundCode code : more) {
      boolean isThere =
          found.stream().anyMatch(each -> each.corner().distance(code.corner()) < APART);
      if (!isThere) {
        found.add(code);
      }
    }
  }

  /** Looks in four dots for each one: the squares of a code must not be smaller than three dots. */
  private static List<FoundCode> inEnlarged(GreyPicture picture) {
    return in(picture.enlarged(), 1, 0, 0).stream()
        .map(
            code ->
                new FoundCode(
                    code.text(),
                    half(code.corner()),
                    half(code.right()),
                    half(code.low()),
                    code.small() == null ? null : half(code.small())))
        .toList();
  }

  private static Dot half(Dot dot) {
    return new Dot(dot.x() / 2, dot.y() / 2);
  }

  /** In quarters that lie over one another: the light may be another one in each. */
  private static List<FoundCode> inParts(GreyPicture picture) {
    int width = picture.width() * 5 / 8;
    int height = picture.height() * 5 / 8;
    List<FoundCode> found = new ArrayList<>();
    for (int left : List.of(0, picture.width() - width)) {
      for (int top : List.of(0, picture.height() - height)) {
        GreyPicture part = picture.part(left, top, left + width, top + height);
        addNew(found, in(part, 1, left, top));
      }
    }
    return found;
  }

  private static List<FoundCode> in(GreyPicture picture, int by, int left, int top) {
    LuminanceSource source =
        new PlanarYUVLuminanceSource(
            picture.grey(),
            picture.width(),
            picture.height(),
            0,
            0,
            picture.width(),
            picture.height(),
            false);
    List<FoundCode> found = in(new HybridBinarizer(source), by, left, top);
    return found.isEmpty() ? in(new GlobalHistogramBinarizer(source), by, left, top) : found;
  }

  private static List<FoundCode> in(Binarizer dark, int by, int left, int top) {
    List<FoundCode> found = new ArrayList<>();
    try {
      for (Result each : new QRCodeMultiReader().decodeMultiple(new BinaryBitmap(dark), HINTS)) {
        ResultPoint[] points = each.getResultPoints();
        if (points.length >= 3) {
          found.add(
              new FoundCode(
                  each.getText(),
                  dot(points[1], by, left, top),
                  dot(points[2], by, left, top),
                  dot(points[0], by, left, top),
                  points.length > 3 ? dot(points[3], by, left, top) : null));
        }
      }
    } catch (NotFoundException e) {
      return List.of();
    }
    return found;
  }

  private static Dot dot(ResultPoint point, int by, int left, int top) {
    return new Dot(point.getX() * by + left, point.getY() * by + top);
  }
}
