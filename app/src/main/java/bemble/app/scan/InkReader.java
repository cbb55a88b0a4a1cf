package bemble.app.scan;

import bemble.app.export.SheetTable.Part;
import bemble.app.export.SheetTable.ReadSquare;
import bemble.app.export.SheetTable.TilePlace;
import bemble.app.marking.SheetAnswers.DueAnswer;
import bemble.app.marking.SheetAnswers.DueAnswers;
import bemble.app.scan.ReadAnswer.SureFigure;
import bemble.app.scan.sight.Sight;
import bemble.ink.Expectation;
import bemble.ink.FigureReader;
import bemble.ink.Granting;
import bemble.ink.Likelihoods;
import bemble.ink.LookAlikes;
import bemble.ink.RowReading;
import bemble.ink.RowReading.Granted;
import bemble.ink.Thresholds;
import bemble.number.Numeral;
import bemble.procedure.Answer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Reads the answers of a sheet that was laid flat, by their ink. */
@Component
class InkReader {
  private final FigureReader reader;
  private final Granting granting;

  InkReader() {
    this(FigureReader.shipped(), new Granting(Thresholds.shipped()));
  }

  private InkReader(FigureReader reader, Granting granting) {
    this.reader = reader;
    this.granting = granting;
  }

  /** A reader for one hand, some of whose figures are known. */
  InkReader in(LookAlikes hand) {
    return new InkReader(reader, granting.in(hand));
  }

  /**
   * The figures that the writer of a sheet wrote as samples; empty where none were asked or
   * written.
   */
  Optional<LookAlikes> shown(Sight.Flat flat) {
    TilePlace figures = flat.table().figures();
    if (figures == null) {
      return Optional.empty();
    }
    List<Likelihoods> written =
        figures.squares().stream()
            .sorted(Comparator.comparing(ReadSquare::place))
            .map(square -> reader.read(flat.window(figures, square.at())))
            .toList();
    boolean isDone = written.stream().anyMatch(each -> each.best() != Likelihoods.BLANK);
    return isDone ? Optional.of(LookAlikes.of(written)) : Optional.empty();
  }

  /** A row of squares and the likelihoods of their ink. */
  private record Row(List<ReadSquare> squares, List<Likelihoods> seen) {
    boolean isBlank() {
      return seen.stream().allMatch(each -> each.best() == Likelihoods.BLANK);
    }

    /** Whether its figures can be read as one whole number. */
    boolean isSideBySide() {
      for (int i = 1; i < squares.size(); i++) {
        if (squares.get(i).place() != squares.get(i - 1).place() - 1
            || squares.get(i).row() != squares.get(0).row()) {
          return false;
        }
      }
      return true;
    }

    boolean isWhole() {
      return squares.stream().allMatch(square -> square.place() >= 0);
    }
  }

  /**
   * Reads an answer.
   *
   * @param tile the sum that it stands in
   * @param sum the number of that sum
   */
  ReadAnswer read(Sight.Flat flat, TilePlace tile, DueAnswers due, int sum) {
    Row answer = row(flat, tile, Part.ANSWER);
    Row remainder = row(flat, tile, Part.REMAINDER);
    if (answer.squares().isEmpty()) {
      return ReadAnswer.asked(null, AskedWhy.UNSURE);
    }
    Row renewed = row(flat, tile, Part.NEW_ANSWER);
    Row renewedRemainder = row(flat, tile, Part.NEW_REMAINDER);
    Row tick = row(flat, tile, Part.TICK);
    if (!renewed.isBlank() || !renewedRemainder.isBlank() || !tick.isBlank()) {
      boolean counts = !renewed.isBlank();
      RowReading main = said(counts ? renewed : answer, due, sum, false);
      RowReading rest = said(counts ? renewedRemainder : remainder, due, sum, true);
      return ReadAnswer.asked(text(main, rest, due), AskedWhy.NEW_ANSWER);
    }
    return read(answer, remainder, due, sum);
  }

  private ReadAnswer read(Row answer, Row remainder, DueAnswers due, int sum) {
    RowReading main = said(answer, due, sum, false);
    RowReading rest = said(remainder, due, sum, true);
    boolean hasRest = !remainder.squares().isEmpty();
    Granted granted = hasRest ? both(main, rest, due.sums().get(sum)) : main.granted();
    if (granted == Granted.BLANK) {
      return new ReadAnswer(granted, "", null, List.of());
    }
    if (!answer.isSideBySide() || !remainder.isSideBySide()) {
      return ReadAnswer.asked(null, AskedWhy.APART);
    }
    if (!answer.isWhole()) {
      return ReadAnswer.asked(pointed(main, answer, due.point()), AskedWhy.POINT);
    }
    String text = text(main, rest, due);
    if (granted == Granted.ASK) {
      boolean isRest = rest.doubt().compareTo(main.doubt()) > 0;
      return ReadAnswer.asked(text, AskedWhy.of(isRest ? rest.doubt() : main.doubt()));
    }
    List<SureFigure> sure = new ArrayList<>(sure(main, answer));
    sure.addAll(sure(rest, remainder));
    return new ReadAnswer(granted, text, null, sure);
  }

  /**
   * The outcome of a quotient together with its remainder. A remainder of nothing may be written as
   * a nought or left empty; any other remainder that is left empty is missing.
   */
  private static Granted both(RowReading main, RowReading rest, DueAnswer due) {
    boolean isNothing = rest.granted() == Granted.BLANK;
    if (main.granted() == Granted.BLANK && isNothing) {
      return Granted.BLANK;
    }
    boolean isTold = main.granted() == Granted.RIGHT || main.granted() == Granted.WRONG;
    if (!isTold || rest.granted() == Granted.ASK) {
      return Granted.ASK;
    }
    boolean restIsRight =
        rest.granted() == Granted.RIGHT || isNothing && rest(due.right()).isZero();
    return main.granted() == Granted.RIGHT && restIsRight ? Granted.RIGHT : Granted.WRONG;
  }

  private Row row(Sight.Flat flat, TilePlace tile, Part part) {
    List<ReadSquare> squares =
        tile.squares().stream()
            .filter(square -> square.part() == part)
            .sorted(Comparator.comparing(ReadSquare::place).reversed())
            .toList();
    return new Row(
        squares,
        squares.stream().map(square -> reader.read(flat.window(tile, square.at()))).toList());
  }

  private RowReading said(Row row, DueAnswers due, int sum, boolean isRest) {
    DueAnswer answer = due.sums().get(sum);
    List<Expectation> expected = new ArrayList<>();
    for (ReadSquare square : row.squares()) {
      Set<Integer> slipped = new HashSet<>();
      for (Answer wrong : answer.slipped()) {
        if (isOneFigureOff(wrong, answer.right())) {
          figure(part(wrong, isRest), square.place()).ifPresent(slipped::add);
        }
      }
      expected.add(new Expectation(figure(part(answer.right(), isRest), square.place()), slipped));
    }
    return granting.grant(row.seen(), expected);
  }

  private static Numeral part(Answer answer, boolean isRest) {
    return isRest ? rest(answer) : answer.value();
  }

  private static Numeral rest(Answer answer) {
    return answer instanceof Answer.Quotient quotient ? quotient.remainder() : Numeral.ZERO;
  }

  private static boolean isOneFigureOff(Answer one, Answer other) {
    return figuresOff(one.value(), other.value()) + figuresOff(rest(one), rest(other)) == 1;
  }

  private static int figuresOff(Numeral one, Numeral other) {
    int off = 0;
    int lowest = Math.min(one.lowestPlace(), other.lowestPlace());
    for (int place = Math.max(one.highestPlace(), other.highestPlace()); place >= lowest; place--) {
      off += figure(one, place).equals(figure(other, place)) ? 0 : 1;
    }
    return off;
  }

  /** The figure that a number has in a place, or a blank before it begins. */
  private static Optional<Integer> figure(Numeral number, int place) {
    return place > number.highestPlace() ? Optional.empty() : Optional.of(number.digitAt(place));
  }

  private static List<SureFigure> sure(RowReading reading, Row row) {
    List<SureFigure> sure = new ArrayList<>();
    for (int i = 0; i < row.squares().size(); i++) {
      char sign = reading.figures().charAt(i);
      if (Character.isDigit(sign)) {
        sure.add(new SureFigure(sign - '0', row.squares().get(i)));
      }
    }
    return sure;
  }

  /** The answer as it is typed, if both are numbers. */
  private static @Nullable String text(RowReading main, RowReading rest, DueAnswers due) {
    if (!main.number().matches("\\d+") || !rest.number().matches("\\d*")) {
      return null;
    }
    return rest.number().matches("0*")
        ? main.number()
        : main.number() + " " + due.remainder() + " " + rest.number();
  }

  private static @Nullable String pointed(RowReading main, Row row, char point) {
    long places = row.squares().stream().filter(square -> square.place() < 0).count();
    String figures = main.figures();
    int before = figures.length() - (int) places;
    String text = (figures.substring(0, before) + point + figures.substring(before)).strip();
    return text.matches("\\d+\\D\\d+") ? text : null;
  }
}
