package bemble.ink;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads the ink of squares with some nets that were trained apart from one another. */
public final class FigureReader {
  private static final List<String> SHIPPED = List.of("figures-1.net", "figures-2.net");

  private final List<FigureNet> nets;

  /** A reader with some nets. */
  public FigureReader(List<FigureNet> nets) {
    this.nets = List.copyOf(nets);
  }

  /** The reader with the nets that are shipped. */
  public static FigureReader shipped() {
    List<FigureNet> nets = new ArrayList<>();
    for (String name : SHIPPED) {
      try (InputStream in = FigureReader.class.getResourceAsStream(name)) {
        nets.add(FigureNet.of(in.readAllBytes()));
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
    return new FigureReader(nets);
  }

  /** The likelihoods of the figures, from the ink of a square alone. */
  public Likelihoods read(Window window) {
    return read(Ink.of(window.withoutLines()));
  }

  /** The same of ink that was told from the printed lines. */
  public Likelihoods read(Ink ink) {
    Optional<float[]> figure = ink.figure();
    if (figure.isEmpty()) {
      return ink.state() == Ink.State.BLANK
          ? Likelihoods.blank()
          : new Likelihoods(Likelihoods.blank().of(), Doubt.UNPLAIN);
    }
    double[] of = new double[Likelihoods.ALL];
    of[Likelihoods.BLANK] = Likelihoods.NEVER;
    Doubt doubt = doubt(ink.state());
    int before = -1;
    for (FigureNet net : nets) {
      double[] one = logarithms(net.weigh(figure.get()));
      int best = 0;
      for (int each = 0; each < FigureNet.CLASSES; each++) {
        of[each] += one[each] / nets.size();
        best = one[each] > one[best] ? each : best;
      }
      if (before >= 0 && before != best && doubt == Doubt.NONE) {
        doubt = Doubt.UNSURE;
      }
      before = best;
    }
    return new Likelihoods(of, doubt);
  }

  private static Doubt doubt(Ink.State state) {
    return switch (state) {
      case BLANK, PLAIN -> Doubt.NONE;
      case FAINT -> Doubt.FAINT;
      case DOUBTFUL -> Doubt.UNPLAIN;
    };
  }

  private static double[] logarithms(float[] weighed) {
    double most = Double.NEGATIVE_INFINITY;
    for (float each : weighed) {
      most = Math.max(most, each);
    }
    double sum = 0;
    for (float each : weighed) {
      sum += Math.exp(each - most);
    }
    double[] logarithms = new double[weighed.length];
    for (int each = 0; each < weighed.length; each++) {
      logarithms[each] = weighed[each] - most - Math.log(sum);
    }
    return logarithms;
  }
}
