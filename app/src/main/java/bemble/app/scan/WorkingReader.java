package bemble.app.scan;

import bemble.app.export.SheetTable.TilePlace;
import bemble.app.scan.sight.Sight;
import bemble.ink.FigureReader;
import bemble.ink.Granting;
import bemble.ink.Ink;
import bemble.ink.LookAlikes;
import bemble.ink.Thresholds;
import bemble.paper.Square;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Reads the figures of full size of a working, by their ink. */
@Component
class WorkingReader {
  private final FigureReader reader;
  private final Granting granting;

  WorkingReader() {
    this(FigureReader.shipped(), new Granting(Thresholds.shipped()));
  }

  private WorkingReader(FigureReader reader, Granting granting) {
    this.reader = reader;
    this.granting = granting;
  }

  /** A reader for one hand, some of whose figures are known. */
  WorkingReader in(LookAlikes hand) {
    return new WorkingReader(reader, granting.in(hand));
  }

  /** A square and its figure; no figure where the ink leaves a doubt. */
  record ReadFigure(Square at, Optional<Integer> figure) {}

  /** Whether there is ink beside the squares of an answer, so that it goes on there. */
  boolean isBeside(Sight.Flat flat, TilePlace tile, WorkingSquares squares) {
    return squares.beside().stream().anyMatch(at -> ink(flat, tile, at).state() != Ink.State.BLANK);
  }

  /**
   * Reads a working that is of single figures. Small figures are left aside where no figure of full
   * size is written in any case; elsewhere nobody knows which of both they are.
   */
  List<ReadFigure> read(Sight.Flat flat, TilePlace tile, WorkingSquares squares) {
    List<ReadFigure> read = new ArrayList<>();
    for (Square at : squares.all()) {
      Ink ink = ink(flat, tile, at);
      boolean isWritten = ink.state() != Ink.State.BLANK && !squares.leftAside().contains(at);
      if (isWritten && !ink.isSmall()) {
        read.add(new ReadFigure(at, granting.figure(reader.read(ink))));
      } else if (isWritten && squares.full().contains(at)) {
        read.add(new ReadFigure(at, Optional.empty()));
      }
    }
    return read;
  }

  private static Ink ink(Sight.Flat flat, TilePlace tile, Square at) {
    return Ink.of(flat.window(tile, at).withoutLines());
  }
}
