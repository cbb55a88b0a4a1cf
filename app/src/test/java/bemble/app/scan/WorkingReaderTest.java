package bemble.app.scan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.app.export.Exercise;
import bemble.app.export.SheetTable.TilePlace;
import bemble.app.scan.FilledSheet.Worked;
import bemble.app.scan.WorkingReader.ReadFigure;
import bemble.app.scan.sight.GreyPicture;
import bemble.app.scan.sight.Sight;
import bemble.app.scan.standin.StandInHand;
import bemble.judge.report.SettingOut;
import bemble.method.Sum;
import bemble.paper.Square;
import bemble.slate.Slate;
import bemble.slate.Stroke;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Workings on squares are read figure by figure, without knowing the right ones. */
class WorkingReaderTest {
  private static final String[] SUMS = {"467 + 258", "503 − 187", "67 × 38", "974 ÷ 8"};

  private static PrintedSheet printed;
  private final WorkingReader reader = new WorkingReader();

  @BeforeAll
  static void print() throws IOException {
    printed = PrintedSheet.of(Exercise.Layout.SET_OUT, PrintedSheet.PLAIN, 10, Stream.of(SUMS));
  }

  private static Slate slate(TilePlace tile) {
    return new Slate(printed.sums().get(tile.number() - 1), SettingOut.GIVEN);
  }

  /** A sheet that a true hand filled in, with one more figure if there is one. */
  private static Sight.Flat written(Optional<Stroke> more) {
    Map<Integer, Worked> worked = new HashMap<>();
    for (TilePlace tile : printed.table().tiles()) {
      Slate slate = slate(tile);
      List<Stroke> strokes = new ArrayList<>(slate.strokes(slate.truth()));
      more.filter(any -> tile.number() == 1).ifPresent(strokes::add);
      worked.put(tile.number() - 1, new Worked(strokes, ""));
    }
    GreyPicture filled =
        FilledSheet.worked(printed.picture(), printed.table(), worked, new StandInHand(4));
    return (Sight.Flat) Sight.look(filled, code -> Optional.of(printed.table()));
  }

  @Test
  void whatIsReadIsWhatWasWritten() {
    Sight.Flat flat = written(Optional.empty());
    int sure = 0;
    int all = 0;
    for (TilePlace tile : printed.table().tiles()) {
      Slate slate = slate(tile);
      Map<Square, String> stands = new HashMap<>();
      for (Stroke stroke : slate.strokes(slate.truth())) {
        if (stroke.kind() == Stroke.Kind.FIGURE) {
          stands.put(stroke.at(), stroke.text());
        }
      }
      List<ReadFigure> read = reader.read(flat, tile, WorkingSquares.of(tile, slate));
      for (ReadFigure each : read) {
        String text = each.figure().map(String::valueOf).orElse(stands.get(each.at()));
        assertEquals(stands.get(each.at()), text, each::toString);
        sure += each.figure().isPresent() ? 1 : 0;
      }
      assertEquals(stands.keySet().size(), read.size(), "small figures are left aside");
      all += read.size();
    }
    assertTrue(sure > all * 0.8, sure + " of " + all);
  }

  /** The same ink is read the same whatever sum of these lengths is due. */
  @Test
  void anotherSumOfTheseLengthsChangesNoReading() {
    Sight.Flat flat = written(Optional.empty());
    String[] others = {"391 + 846", "920 − 455", "84 × 59", "638 ÷ 7"};
    for (TilePlace tile : printed.table().tiles()) {
      Sum other = PrintedSheet.sum(others[tile.number() - 1]);
      WorkingSquares one = WorkingSquares.of(tile, slate(tile));
      WorkingSquares two = WorkingSquares.of(tile, new Slate(other, SettingOut.GIVEN));
      List<ReadFigure> read = reader.read(flat, tile, one);
      List<ReadFigure> swapped = reader.read(flat, tile, two);
      assertTrue(read.containsAll(swapped) && swapped.containsAll(read), read + " " + swapped);
    }
  }

  /** 725 begins like 7250. */
  @Test
  void whatGoesOnBesideAnAnswerIsSeen() {
    TilePlace tile = printed.table().tiles().get(0);
    WorkingSquares squares = WorkingSquares.of(tile, slate(tile));
    assertFalse(reader.isBeside(written(Optional.empty()), tile, squares));
    for (Square at : squares.beside()) {
      Stroke more = new Stroke(Stroke.Kind.FIGURE, at, "0");
      assertTrue(reader.isBeside(written(Optional.of(more)), tile, squares), at::toString);
    }
  }
}
