package bemble.app.reader;

import bemble.ink.Doubt;
import bemble.ink.FigureReader;
import bemble.ink.Likelihoods;
import bemble.ink.Thresholds;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** Sets thresholds on squares that no net has learnt from and no exam asks. */
final class ThresholdMaker {
  private static final int FIGURES = 10;

  /** However well two figures are told apart, one must be ahead by so much. */
  private static final double LEAST = 4;

  /** The most that a threshold is raised: pictures farther off have a wrong label in the set. */
  private static final double MOST = 9;

  /** Of so many squares with one figure only few may be granted as a certain other one. */
  private static final int SQUARES = 24_000;

  private static final int FEW = 2;
  private static final int SPOILT = 24_000;

  /** The share of spoilt squares in which the figure below may be granted. */
  private static final double SPOILT_GRANTED = 0.005;

  /** The most by which a known slip is likelier than a stray figure. */
  private static final double SLIP = Math.log(10);

  private final FigureReader reader;
  private final Squares squares;

  ThresholdMaker(FigureReader reader, Squares squares) {
    this.reader = reader;
    this.squares = squares;
  }

  Thresholds made() {
    List<double[]> pairs = new ArrayList<>();
    for (int figure = 0; figure < FIGURES; figure++) {
      pairs.add(new double[FIGURES]);
    }
    for (int truth = 0; truth < FIGURES; truth++) {
      List<List<Double>> ahead = new ArrayList<>();
      for (int figure = 0; figure < FIGURES; figure++) {
        ahead.add(new ArrayList<>());
      }
      for (int i = 0; i < SQUARES; i++) {
        Likelihoods seen = reader.read(squares.clean(truth));
        if (seen.doubt() == Doubt.NONE && seen.best() < FIGURES) {
          ahead.get(seen.best()).add(seen.ahead(seen.best(), truth));
        }
      }
      for (int figure = 0; figure < FIGURES; figure++) {
        double most = Math.min(MOST, Math.max(LEAST, beyond(ahead.get(figure), FEW)));
        pairs.get(figure)[truth] = figure == truth ? 0 : most;
      }
    }
    return new Thresholds(pairs, clean(), SLIP);
  }

  private double clean() {
    List<Double> ahead = new ArrayList<>();
    for (int i = 0; i < SPOILT; i++) {
      Likelihoods seen = reader.read(squares.spoilt(i % FIGURES));
      if (seen.doubt() == Doubt.NONE && seen.best() == i % FIGURES) {
        ahead.add(seen.ahead(seen.best(), Likelihoods.SPOILT));
      }
    }
    return beyond(ahead, (int) (SPOILT_GRANTED * SPOILT));
  }

  /** A little more than all but the highest few. */
  private static double beyond(List<Double> values, int few) {
    if (values.size() <= few) {
      return 0;
    }
    values.sort(Collections.reverseOrder());
    return values.get(few) + 0.1;
  }
}
