package bemble.app.scan;

import bemble.app.export.SheetTable.Part;
import bemble.app.export.SheetTable.ReadSquare;
import bemble.app.export.SheetTable.Ruling;
import bemble.app.export.SheetTable.TilePlace;
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

/**
 * The squares of a sum in which something may be written: a reader knows no more of it. The figures
 * that are due are not among it.
 *
 * @param all those of the working, and those of its answer beside it
 * @param full those in which sums of this size have figures of full size
 * @param leftAside the squares with print, and those with small figures alone
 * @param beside those right beside its answer in which nothing is meant to stand
 */
record WorkingSquares(
    List<Square> all, Set<Square> full, Set<Square> leftAside, Set<Square> beside) {
  static WorkingSquares of(TilePlace tile, Slate slate) {
    Set<Square> full = slate.squares(Stroke.Kind.FIGURE);
    Set<Square> left = new HashSet<>(slate.squares(Stroke.Kind.AID));
    left.removeAll(full);
    slate.sheet().marks().forEach(mark -> printed(mark).ifPresent(left::add));
    Set<Square> beside = new HashSet<>();
    tile.squares().stream().flatMap(WorkingSquares::beside).forEach(beside::add);
    beside.removeIf(at -> left.contains(at) || !isIn(at, tile));
    tile.squares().stream().map(ReadSquare::at).forEach(beside::remove);
    return new WorkingSquares(all(tile, slate), full, left, beside);
  }

  private static Optional<Square> printed(Mark mark) {
    if (mark.shape() instanceof Shape.Figure figure) {
      return Optional.of(figure.at());
    }
    return mark.shape() instanceof Shape.Words words ? Optional.of(words.at()) : Optional.empty();
  }

  /** The squares beside the answer; a letter is printed before the remainder. */
  private static Stream<Square> beside(ReadSquare square) {
    Square right = square.at().moved(0, 1);
    return switch (square.part()) {
      case ANSWER -> Stream.of(square.at().moved(0, -1), right);
      case REMAINDER -> Stream.of(right);
      default -> Stream.empty();
    };
  }

  private static List<Square> all(TilePlace tile, Slate slate) {
    Area area = SheetRoom.of(slate.sum(), slate.truth().paper().extent());
    List<Square> squares = new ArrayList<>();
    Ruling ruling = tile.ruling();
    for (int row = ruling.firstRow(); row < ruling.firstRow() + ruling.rows(); row++) {
      for (int right = 0; right < ruling.columns(); right++) {
        Square at = new Square(row, ruling.firstColumn() + right);
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

  /** Whether the paper of a sum has a square. */
  static boolean isIn(Square at, TilePlace tile) {
    Ruling ruling = tile.ruling();
    int row = at.row() - ruling.firstRow();
    int column = at.column() - ruling.firstColumn();
    return row >= 0 && row < ruling.rows() && column >= 0 && column < ruling.columns();
  }
}
