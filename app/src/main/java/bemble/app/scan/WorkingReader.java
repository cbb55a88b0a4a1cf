package bemble.app.scan;

import bemble.app.export.SheetTable.Part;
import bemble.app.export.SheetTable.ReadSquare;
import bemble.app.export.SheetTable.TilePlace;
import bemble.app.scan.sight.Sight;
import bemble.ink.FigureReader;
import bemble.ink.Granting;
import bemble.ink.Ink;
import bemble.ink.Thresholds;
import bemble.paper.Area;
import bemble.paper.Mark;
import bemble.paper.Shape;
import bemble.paper.Square;
import bemble.slate.SheetRoom;
import bemble.slate.Slate;
import bemble.slate.Stroke;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/**
 * Reads the figures of full size of a working, by their ink. Of what is due it knows in which
 * squares sums of this size are written, and no figure.
 */
@Component
class WorkingReader {
  private final FigureReader reader = FigureReader.shipped();
  private final Granting granting = new Granting(Thresholds.shipped());

  /** What stands in a square; no figure where its ink makes none sure. */
  record ReadFigure(Square at, Optional<Integer> figure) {}

  /** Whether something stands beside the squares of an answer, which goes on there. */
  boolean isBeside(Sight.Flat flat, TilePlace tile, Slate slate) {
    Set<Square> left = leftAside(slate);
    tile.squares().stream().map(ReadSquare::at).forEach(left::add);
    return tile.squares().stream()
        .flatMap(WorkingReader::beside)
        .filter(at -> isIn(at, tile) && !left.contains(at))
        .anyMatch(at -> ink(flat, tile, at).state() != Ink.State.BLANK);
  }

  /** A letter is printed before what is left over. */
  private static Stream<Square> beside(ReadSquare square) {
    Square right = square.at().moved(0, 1);
    return switch (square.part()) {
      case ANSWER -> Stream.of(square.at().moved(0, -1), right);
      case REMAINDER -> Stream.of(right);
      default -> Stream.empty();
    };
  }

  private static boolean isIn(Square at, TilePlace tile) {
    int row = at.row() - tile.firstRow();
    int column = at.column() - tile.firstColumn();
    return row >= 0 && row < tile.rows() && column >= 0 && column < tile.columns();
  }

  private static Ink ink(Sight.Flat flat, TilePlace tile, Square at) {
    return Ink.of(flat.window(tile, at).withoutLines());
  }

  /** Squares with what is printed, and those with small figures alone. */
  static Set<Square> leftAside(Slate slate) {
    Set<Square> left = new HashSet<>(slate.squares(Stroke.Kind.AID));
    left.removeAll(slate.squares(Stroke.Kind.FIGURE));
    slate.sheet().marks().forEach(mark -> printed(mark).ifPresent(left::add));
    return left;
  }

  /**
   * Reads a working that is of single figures. Small figures are left aside where no figure of full
   * size is written in any case; elsewhere nobody knows which of both they are.
   */
  List<ReadFigure> read(Sight.Flat flat, TilePlace tile, Slate slate) {
    Set<Square> full = slate.squares(Stroke.Kind.FIGURE);
    Set<Square> left = leftAside(slate);
    List<ReadFigure> read = new ArrayList<>();
    for (Square at : squares(tile, slate)) {
      Ink ink = ink(flat, tile, at);
      boolean isWritten = ink.state() != Ink.State.BLANK && !left.contains(at);
      if (isWritten && !ink.isSmall()) {
        read.add(new ReadFigure(at, granting.figure(reader.read(ink))));
      } else if (isWritten && full.contains(at)) {
        read.add(new ReadFigure(at, Optional.empty()));
      }
    }
    return read;
  }

  private static Optional<Square> printed(Mark mark) {
    if (mark.shape() instanceof Shape.Figure figure) {
      return Optional.of(figure.at());
    }
    return mark.shape() instanceof Shape.Words words ? Optional.of(words.at()) : Optional.empty();
  }

  /** The squares of the working, and those of its answer beside it. */
  private static List<Square> squares(TilePlace tile, Slate slate) {
    Area area = SheetRoom.of(slate.sum(), slate.truth().paper().extent());
    List<Square> squares = new ArrayList<>();
    for (int row = tile.firstRow(); row < tile.firstRow() + tile.rows(); row++) {
      for (int column = tile.firstColumn();
          column < tile.firstColumn() + tile.columns();
          column++) {
        Square at = new Square(row, column);
        if (area.contains(at) || isOfAnswer(at, tile)) {
          squares.add(at);
        }
      }
    }
    return squares;
  }

  private static boolean isOfAnswer(Square at, TilePlace tile) {
    return tile.squares().stream()
        .filter(square -> square.part() == Part.ANSWER)
        .map(ReadSquare::at)
        .anyMatch(at::equals);
  }
}
