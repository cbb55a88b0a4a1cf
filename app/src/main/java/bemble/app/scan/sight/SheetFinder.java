package bemble.app.scan.sight;

import bemble.app.export.SheetLandmarks;
import bemble.app.scan.sight.Homography.Pair;
import bemble.app.scan.sight.Homography.Tilt;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Finds where a sheet lies in a picture: from its codes to the mark nearest to them, and from mark
 * to mark, so that each is looked for where those before let it be expected.
 */
final class SheetFinder {
  /** Any so many marks and a code are enough. */
  static final int ENOUGH = 3;

  /** A mark is looked for so far around the place where it is expected, in millimetres. */
  private static final double AROUND = 5;

  /** And farther by this share of the way from the last point: paper is tilted and curled. */
  private static final double FARTHER = 0.2;

  private static final double FARTHEST = 40;

  /** The weight of a mark, in points of a code. */
  private static final double WEIGHT = 4;

  /** A curled sheet has its marks so far from where a flat one has them, in millimetres. */
  private static final double MOST_OFF = 3;

  /** A single code leaves open how the sheet is tilted: each of these is tried. */
  private static final List<Tilt> TILTS =
      Stream.of(-0.09, -0.03, 0.03, 0.09)
          .flatMap(right -> Stream.of(-0.09, -0.03, 0.03, 0.09).map(down -> new Tilt(right, down)))
          .toList();

  /** How many times larger one end of a sheet may look than the other. */
  private static final double MOST_UNEVEN = 2.2;

  private final MarkFinder marks;

  SheetFinder(GreyPicture picture) {
    this.marks = new MarkFinder(picture);
  }

  /**
   * A sheet that was found.
   *
   * @param flat how it is seen, taken for flat
   * @param pairs the pairs of points that were found of it
   * @param marks how many of its marks
   * @param off how far they are from those of a flat sheet, in millimetres, the farthest
   */
  record Found(Homography flat, List<Pair> pairs, int marks, double off) {
    /** Whether the whole sheet is known by it: marks of one edge alone say nothing of the other. */
    boolean isEnough() {
      List<Dot> marked =
          pairs.stream().filter(pair -> pair.weight() == WEIGHT).map(Pair::sheet).toList();
      boolean bothEdges = marked.stream().map(Dot::x).distinct().count() > 1;
      return marks >= ENOUGH && bothEdges && off <= MOST_OFF && isEven(marked);
    }

    /** Whether the sheet has about one size everywhere: no camera is so near that it has not. */
    private boolean isEven(List<Dot> marked) {
      double least = marked.stream().mapToDouble(flat::scale).min().orElse(0);
      double most = marked.stream().mapToDouble(flat::scale).max().orElse(0);
      return most <= MOST_UNEVEN * least;
    }
  }

  /** Where the sheet lies whose codes these are; it has few marks where some are not seen. */
  Optional<Found> find(List<FoundCode> codes, SheetLandmarks landmarks) {
    List<List<Pair>> readings = readings(codes, landmarks);
    List<Tilt> tilts = readings.size() == 1 && codes.size() > 1 ? List.of(Tilt.NONE) : TILTS;
    return readings.stream()
        .flatMap(pairs -> tilts.stream().map(tilt -> follow(pairs, landmarks, tilt)))
        .max(Comparator.comparing(found -> found.marks() - found.off()));
  }

  /** Which of the two codes a single one is does not show: both are tried. */
  private static List<List<Pair>> readings(List<FoundCode> codes, SheetLandmarks landmarks) {
    List<List<Pair>> readings = new ArrayList<>();
    if (codes.size() > 1 && landmarks.codes().size() > 1) {
      FoundCode one = codes.get(0);
      FoundCode other = codes.get(1);
      boolean isUpper = one.seenFrom(other.corner()).y() > 0;
      List<Pair> pairs = new ArrayList<>(pairs(isUpper ? one : other, landmarks.codes().get(0)));
      pairs.addAll(pairs(isUpper ? other : one, landmarks.codes().get(1)));
      readings.add(pairs);
    } else {
      landmarks.codes().forEach(code -> readings.add(pairs(codes.get(0), code)));
    }
    return readings;
  }

  private static List<Pair> pairs(FoundCode found, SheetLandmarks.Code code) {
    double module = code.side() / code.modules();
    double near = 3.5 * module;
    double far = code.side() - near;
    List<Pair> pairs =
        new ArrayList<>(
            List.of(
                pair(code, near, near, found.corner()),
                pair(code, far, near, found.right()),
                pair(code, near, far, found.low())));
    if (found.small() != null) {
      double small = code.side() - 6.5 * module;
      pairs.add(pair(code, small, small, found.small()));
    }
    return pairs;
  }

  private static Pair pair(SheetLandmarks.Code code, double right, double down, Dot seen) {
    return new Pair(new Dot(code.left() + right, code.top() + down), seen, 1);
  }

  private Found follow(List<Pair> known, SheetLandmarks landmarks, Tilt tilt) {
    List<Pair> pairs = new ArrayList<>(known);
    List<SheetLandmarks.Mark> left = new ArrayList<>(landmarks.marks());
    while (!left.isEmpty()) {
      SheetLandmarks.Mark mark =
          left.stream().min(Comparator.comparing(each -> nearest(at(each), pairs))).orElseThrow();
      left.remove(mark);
      Dot next = at(mark);
      Homography flat = Homography.of(pairs, tilt);
      double radius = Math.min(FARTHEST, AROUND + FARTHER * nearest(next, pairs));
      Optional<Dot> seen = marks.near(flat.see(next), mark.open(), flat.scale(next), radius);
      seen.ifPresent(dot -> pairs.add(new Pair(next, dot, WEIGHT)));
    }
    return agreed(pairs, known.size());
  }

  /** Leaves marks out that do not agree with the others, as long as there are enough. */
  private static Found agreed(List<Pair> pairs, int known) {
    while (true) {
      Homography flat = Homography.of(pairs);
      Pair worst = pairs.stream().max(Comparator.comparing(pair -> off(flat, pair))).orElseThrow();
      double off = off(flat, worst);
      boolean isMark = pairs.indexOf(worst) >= known;
      if (off <= MOST_OFF || !isMark || pairs.size() - known <= ENOUGH) {
        return new Found(flat, pairs, pairs.size() - known, off);
      }
      pairs.remove(worst);
    }
  }

  private static double off(Homography flat, Pair pair) {
    return flat.see(pair.sheet()).distance(pair.picture()) / flat.scale(pair.sheet());
  }

  private static Dot at(SheetLandmarks.Mark mark) {
    return new Dot(mark.x(), mark.y());
  }

  private static double nearest(Dot mark, List<Pair> pairs) {
    return pairs.stream().mapToDouble(pair -> pair.sheet().distance(mark)).min().orElseThrow();
  }
}
