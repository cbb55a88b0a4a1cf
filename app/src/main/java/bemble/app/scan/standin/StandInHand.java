package bemble.app.scan.standin;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Path2D;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.stream.IntStream;

/**
 * The hand of one writer who is made up: figures by strokes, each a little different every time, in
 * the forms that this writer keeps to.
 */
public final class StandInHand implements WritingHand {
  /** How a stroke goes, point by point, right and down in a box of 1 by 1. */
  private static List<double[]> stroke(double... points) {
    return IntStream.range(0, points.length / 2)
        .mapToObj(i -> new double[] {points[2 * i], points[2 * i + 1]})
        .toList();
  }

  /**
   * The forms of each figure: some write a barred 7, an open 4, a 1 with a short or a long flag.
   */
  private static final Map<Character, List<List<List<double[]>>>> FORMS =
      Map.ofEntries(
          Map.entry(
              '0',
              List.of(
                  List.of(
                      stroke(
                          .55, .02, .2, .15, .08, .5, .2, .88, .5, .98, .82, .85, .92, .5, .8, .14,
                          .52, .03)))),
          Map.entry(
              '1',
              List.of(
                  List.of(stroke(.5, .02, .5, .5, .5, .98)),
                  List.of(stroke(.3, .25, .55, .03, .55, .5, .54, .98)),
                  List.of(stroke(.06, .48, .56, .03, .56, .5, .55, .98)),
                  List.of(stroke(.28, .3, .56, .03, .55, .96), stroke(.3, .97, .8, .96)))),
          Map.entry(
              '2',
              List.of(
                  List.of(
                      stroke(
                          .14, .22, .4, .02, .78, .1, .82, .36, .5, .68, .12, .95, .5, .95, .9,
                          .94)),
                  List.of(
                      stroke(
                          .14, .24, .45, .02, .8, .14, .74, .45, .3, .8, .12, .9, .2, .74, .36, .84,
                          .6, .96, .9, .9)))),
          Map.entry(
              '3',
              List.of(
                  List.of(
                      stroke(
                          .16, .12, .5, .02, .8, .14, .76, .38, .42, .47, .8, .56, .88, .8, .55,
                          .98, .12, .88)))),
          Map.entry(
              '4',
              List.of(
                  List.of(stroke(.6, .02, .1, .66, .9, .64), stroke(.66, .36, .64, .98)),
                  List.of(stroke(.2, .04, .16, .52, .86, .52), stroke(.76, .04, .74, .98)))),
          Map.entry(
              '5',
              List.of(
                  List.of(
                      stroke(.24, .06, .2, .44, .5, .36, .84, .5, .84, .8, .5, .98, .12, .88),
                      stroke(.24, .05, .84, .04)))),
          Map.entry(
              '6',
              List.of(
                  List.of(
                      stroke(
                          .74, .04, .36, .26, .14, .62, .28, .94, .66, .96, .84, .72, .6, .52, .26,
                          .62)))),
          Map.entry(
              '7',
              List.of(
                  List.of(stroke(.1, .06, .88, .06, .6, .48, .42, .98)),
                  List.of(stroke(.1, .06, .88, .06, .58, .5, .42, .98), stroke(.3, .5, .76, .48)))),
          Map.entry(
              '8',
              List.of(
                  List.of(
                      stroke(
                          .78, .14, .5, .02, .22, .18, .36, .42, .7, .58, .84, .82, .5, .98, .16,
                          .82, .3, .58, .66, .4, .78, .16)))),
          Map.entry(
              '9',
              List.of(
                  List.of(
                      stroke(
                          .82, .2, .5, .02, .18, .22, .3, .5, .66, .46, .82, .2, .8, .6, .72, .98)),
                  List.of(
                      stroke(
                          .82, .18, .5, .02, .16, .24, .34, .5, .7, .44, .82, .18, .84, .6, .6, .94,
                          .22, .9)))));

  private final Random random;
  private final Map<Character, List<List<double[]>>> figures = new HashMap<>();
  private final double slant;
  private final double size;
  private final double wobble;
  private final double pen;
  private final int grey;

  /** A writer; the same seed is the same hand. */
  public StandInHand(long seed) {
    random = new Random(seed);
    double way = 0.05 * random.nextDouble();
    for (char figure = '0'; figure <= '9'; figure++) {
      List<List<List<double[]>>> forms = Objects.requireNonNull(FORMS.get(figure));
      figures.put(figure, ownWay(forms.get(random.nextInt(forms.size())), way));
    }
    slant = 0.28 * (random.nextDouble() - 0.35);
    size = 0.52 + 0.2 * random.nextDouble();
    wobble = 0.015 + 0.03 * random.nextDouble();
    pen = 0.35 + 0.45 * random.nextDouble();
    grey = 20 + random.nextInt(90);
  }

  /** The form as this writer makes it every time: each point a little off. */
  private List<List<double[]>> ownWay(List<List<double[]>> form, double way) {
    return form.stream()
        .map(
            stroke ->
                stroke.stream()
                    .map(
                        point ->
                            new double[] {
                              point[0] + way * random.nextGaussian(),
                              point[1] + way * random.nextGaussian()
                            })
                    .toList())
        .toList();
  }

  @Override
  public void write(Graphics2D sheet, char figure, double left, double top, double side) {
    double high = side * size * (1 + 0.08 * random.nextGaussian());
    double wide = high * (0.58 + 0.08 * random.nextGaussian());
    double x = left + (side - wide) / 2 + side * 0.05 * random.nextGaussian();
    double y = top + (side - high) / 2 + side * 0.05 * random.nextGaussian();
    sheet.setColor(new Color(grey, grey, grey));
    sheet.setStroke(new BasicStroke((float) pen, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
    for (List<double[]> stroke : Objects.requireNonNull(figures.get(figure))) {
      Path2D path = new Path2D.Double();
      double[] before = null;
      for (double[] point : stroke) {
        double right = point[0] + wobble * random.nextGaussian() + slant * (0.5 - point[1]);
        double down = point[1] + wobble * random.nextGaussian();
        double[] at = {x + right * wide, y + down * high};
        if (before == null) {
          path.moveTo(at[0], at[1]);
        } else {
          double middleX = (before[0] + at[0]) / 2;
          double middleY = (before[1] + at[1]) / 2;
          path.quadTo(before[0], before[1], middleX, middleY);
        }
        before = at;
      }
      if (before != null) {
        path.lineTo(before[0], before[1]);
      }
      sheet.draw(path);
    }
  }

  @Override
  public int grey() {
    return grey;
  }
}
