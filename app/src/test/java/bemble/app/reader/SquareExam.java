package bemble.app.reader;

import bemble.ink.Expectation;
import bemble.ink.FigureReader;
import bemble.ink.Granting;
import bemble.ink.Likelihoods;
import bemble.ink.RowReading;
import bemble.ink.RowReading.Granted;
import bemble.ink.Thresholds;
import bemble.ink.Window;
import java.awt.Font;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;

/** How answers are read whose figures stand in single squares: right, wrong and spoilt ones. */
public final class SquareExam {
  private static final int FIGURES = 10;

  private final FigureReader reader;
  private final Granting granting;
  private final Squares squares;
  private final Random random;

  SquareExam(FigureReader reader, Granting granting, Squares squares, long seed) {
    this.reader = reader;
    this.granting = granting;
    this.squares = squares;
    this.random = new Random(seed);
  }

  /** An exam of the nets and the thresholds that are shipped. */
  public static SquareExam shipped(FigureSet set, List<Font> fonts, long seed) {
    return new SquareExam(
        FigureReader.shipped(),
        new Granting(Thresholds.shipped()),
        new Squares(set, fonts, seed),
        seed);
  }

  /** A row for single figures, and one for each kind of answer. */
  public String table(int figures, int answers) {
    StringBuilder table = new StringBuilder();
    table.append(figures(figures)).append(System.lineSeparator());
    for (Kind kind : Kind.values()) {
      table.append(answers(kind, answers)).append(System.lineSeparator());
    }
    return table.toString();
  }

  /** The purposes of an answer. */
  enum Kind {
    RIGHT,
    ONE_FIGURE_WRONG,
    SPOILT
  }

  /** The tally of answers of a kind; {@code misread} of the wrong ones have another value. */
  record Tally(Kind kind, int answers, int right, int wrong, int misread, int asked) {
    @Override
    public String toString() {
      return String.format(
          "%,d answers, %s: %,d right, %,d wrong (%,d with another value), %,d asked",
          answers, kind, right, wrong, misread, asked);
    }
  }

  /** How many single figures were read right, and how many were granted. */
  String figures(int count) {
    int right = 0;
    int granted = 0;
    int grantedWrong = 0;
    int[][] pairs = new int[FIGURES][FIGURES + 2];
    for (int i = 0; i < count; i++) {
      int figure = i % FIGURES;
      Likelihoods seen = reader.read(squares.clean(figure));
      RowReading row =
          granting.grant(List.of(seen), List.of(new Expectation(Optional.of(figure), Set.of())));
      pairs[figure][seen.best()]++;
      right += seen.best() == figure ? 1 : 0;
      granted += row.sure().get(0) ? 1 : 0;
      grantedWrong += row.sure().get(0) && seen.best() != figure ? 1 : 0;
    }
    return String.format(
            "%,d figures: %,d read right, %,d granted, %,d of them wrongly%n%n",
            count, right, granted, grantedWrong)
        + pairs(pairs);
  }

  /** A row for each figure: how often it was read as each; spoilt and blank come last. */
  private static String pairs(int[][] pairs) {
    StringBuilder table = new StringBuilder();
    for (int figure = 0; figure < FIGURES; figure++) {
      String row =
          Arrays.stream(pairs[figure]).mapToObj(String::valueOf).collect(Collectors.joining(" | "));
      table.append(String.format("| %d | %s |%n", figure, row));
    }
    return table.toString();
  }

  /** Reads answers of a kind, of two to five figures. */
  Tally answers(Kind kind, int count) {
    int[] said = new int[Granted.values().length];
    int misread = 0;
    for (int i = 0; i < count; i++) {
      int length = 2 + random.nextInt(4);
      StringBuilder due = new StringBuilder();
      for (int place = 0; place < length; place++) {
        due.append(place == 0 ? 1 + random.nextInt(9) : random.nextInt(FIGURES));
      }
      int odd = random.nextInt(length);
      StringBuilder written = new StringBuilder(due);
      if (kind == Kind.ONE_FIGURE_WRONG) {
        int figure = due.charAt(odd) - '0';
        int other = (figure + 1 + random.nextInt(9)) % FIGURES;
        written.setCharAt(odd, (char) ('0' + (odd == 0 && other == 0 ? 9 - figure % 9 : other)));
      }
      RowReading read = read(due, written, kind == Kind.SPOILT ? odd : -1);
      boolean same = written.toString().contentEquals(due);
      if (kind != Kind.ONE_FIGURE_WRONG || !same) {
        said[read.granted().ordinal()]++;
        misread += read.granted() == Granted.WRONG && !read.number().contentEquals(written) ? 1 : 0;
      }
    }
    int right = said[Granted.RIGHT.ordinal()];
    int wrong = said[Granted.WRONG.ordinal()];
    int asked = said[Granted.ASK.ordinal()] + said[Granted.BLANK.ordinal()];
    return new Tally(kind, right + wrong + asked, right, wrong, misread, asked);
  }

  private RowReading read(CharSequence due, CharSequence written, int spoilt) {
    List<Likelihoods> seen = new ArrayList<>();
    List<Expectation> expected = new ArrayList<>();
    seen.add(reader.read(new Window(new byte[Window.SIDE * Window.SIDE])));
    expected.add(new Expectation(Optional.empty(), Set.of()));
    for (int i = 0; i < written.length(); i++) {
      int figure = written.charAt(i) - '0';
      seen.add(reader.read(i == spoilt ? squares.spoilt(figure) : squares.clean(figure)));
      expected.add(new Expectation(Optional.of(due.charAt(i) - '0'), Set.of()));
    }
    return granting.grant(seen, expected);
  }
}
