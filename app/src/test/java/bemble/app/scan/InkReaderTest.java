package bemble.app.scan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.app.export.Exercise;
import bemble.app.export.SheetTable.Part;
import bemble.app.export.SheetTable.ReadSquare;
import bemble.app.export.SheetTable.TilePlace;
import bemble.app.marking.SheetAnswers.DueAnswers;
import bemble.app.scan.sight.GreyPicture;
import bemble.app.scan.sight.Sight;
import bemble.app.scan.standin.Camera;
import bemble.app.scan.standin.StandInHand;
import bemble.app.scan.standin.View;
import bemble.app.scan.standin.WritingHand;
import bemble.ink.LookAlikes;
import bemble.ink.RowReading.Granted;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Answers on a sheet that lies flat and is written plainly. */
class InkReaderTest {
  private static final String[] SUMS = {"503 − 87", "62 + 34", "937 ÷ 8", "84 ÷ 4", "4.7 + 2.6"};

  private final InkReader reader = new InkReader();

  private static PrintedSheet printed(Exercise.Room room) throws IOException {
    return PrintedSheet.of(Exercise.Layout.LINE, room, 10, Stream.of(SUMS));
  }

  private static Sight.Flat flat(PrintedSheet sheet, GreyPicture written) {
    return (Sight.Flat) Sight.look(written, code -> Optional.of(sheet.table()));
  }

  private List<ReadAnswer> read(PrintedSheet sheet, GreyPicture written, DueAnswers due) {
    Sight.Flat flat = flat(sheet, written);
    List<ReadAnswer> read = new ArrayList<>();
    LookAlikes hand = reader.shown(flat).orElse(LookAlikes.NONE);
    for (TilePlace tile : sheet.table().tiles()) {
      read.add(reader.in(hand).read(flat, tile, due, tile.number() - 1));
    }
    return read;
  }

  private List<ReadAnswer> read(Map<Integer, String> answers) throws IOException {
    PrintedSheet sheet = printed(PrintedSheet.PLAIN);
    GreyPicture written =
        FilledSheet.answered(sheet.picture(), sheet.table(), answers, new StandInHand(9));
    return read(sheet, written, PageExam.due(sheet.sums()));
  }

  private static List<Granted> said(List<ReadAnswer> answers) {
    return answers.stream().map(ReadAnswer::granted).toList();
  }

  @Test
  void rightAnswersAreRightAndThoseWithAPointAreAsked() throws IOException {
    List<ReadAnswer> read = read(Map.of(0, "416", 1, "96", 2, "117 r 1", 3, "21", 4, "7.3"));
    assertEquals(
        List.of(Granted.RIGHT, Granted.RIGHT, Granted.RIGHT, Granted.RIGHT, Granted.ASK),
        said(read));
    assertEquals("117 r 1", read.get(2).text());
    assertEquals(AskedWhy.POINT, read.get(4).why());
    assertEquals("7.3", read.get(4).text());
  }

  @Test
  void wrongAnswersHaveTheirValue() throws IOException {
    List<ReadAnswer> read = read(Map.of(0, "426", 1, "16", 2, "117", 3, "21 r 2", 4, ""));
    assertEquals(
        List.of("426", "16", "117", "21 r 2", ""), read.stream().map(ReadAnswer::text).toList());
    assertEquals(
        List.of(Granted.WRONG, Granted.WRONG, Granted.WRONG, Granted.WRONG, Granted.BLANK),
        said(read));
  }

  /** The same ink is read as the same, whatever is due; only the outcome changes. */
  @Test
  void anotherExpectationChangesNoReading() throws IOException {
    PrintedSheet sheet = printed(PrintedSheet.PLAIN);
    Map<Integer, String> answers = Map.of(0, "416", 1, "96", 2, "117 r 1", 3, "21", 4, "7.3");
    GreyPicture written =
        FilledSheet.answered(sheet.picture(), sheet.table(), answers, new StandInHand(9));
    DueAnswers due = PageExam.due(sheet.sums());
    DueAnswers other =
        PageExam.due(
            Stream.of("513 − 87", "62 + 35", "945 ÷ 8", "88 ÷ 4", "4.7 + 2.7")
                .map(PrintedSheet::sum)
                .toList());
    List<ReadAnswer> one = read(sheet, written, due);
    List<ReadAnswer> two = read(sheet, written, other);
    assertEquals(
        one.stream().map(ReadAnswer::text).toList(), two.stream().map(ReadAnswer::text).toList());
    for (int sum = 0; sum < 4; sum++) {
      assertEquals(Granted.RIGHT, one.get(sum).granted());
      assertEquals(Granted.WRONG, two.get(sum).granted());
    }
  }

  /** A copier may know no greys: lines come out black or not at all, and nothing is misread. */
  @ParameterizedTest
  @ValueSource(ints = {110, 150, 190, 225})
  void copiesInBlackAndWhiteAreReadOrAsked(int threshold) throws IOException {
    PrintedSheet sheet = printed(PrintedSheet.PLAIN);
    Map<Integer, String> answers = Map.of(0, "416", 1, "98", 2, "117 r 1", 3, "27", 4, "");
    GreyPicture written =
        FilledSheet.answered(sheet.picture(), sheet.table(), answers, new StandInHand(7));
    double across = written.width() / PrintedSheet.DOTS;
    double down = written.height() / PrintedSheet.DOTS;
    Random random = new Random(threshold);
    GreyPicture grey = new Camera(View.copied(random).at(3.9), across, down).take(written, random);
    GreyPicture copy = PageExam.inBlackAndWhite(grey, threshold);
    for (ReadAnswer answer : read(sheet, copy, PageExam.due(sheet.sums()))) {
      boolean isRead = answer.granted() != Granted.ASK;
      assertTrue(!isRead || answers.containsValue(answer.text()), answer::toString);
    }
  }

  /** A second answer below the first is asked: its writer has changed their mind. */
  @Test
  void aNewAnswerIsAsked() throws IOException {
    PrintedSheet sheet = printed(new Exercise.Room(true, "", "", "This is my new answer", ""));
    GreyPicture first =
        FilledSheet.answered(
            sheet.picture(), sheet.table(), Map.of(0, "426", 1, "96"), new StandInHand(4));
    BufferedImage image = first.image();
    Graphics2D pen = image.createGraphics();
    pen.scale(PrintedSheet.DOTS, PrintedSheet.DOTS);
    TilePlace tile = sheet.table().tiles().get(0);
    StandInHand hand = new StandInHand(4);
    for (ReadSquare square : tile.squares()) {
      if (square.part() == Part.NEW_ANSWER && square.place() < 3) {
        double left = FilledSheet.CORNER + tile.ruling().leftOf(square.column());
        double top = FilledSheet.CORNER + tile.ruling().topOf(square.row());
        hand.write(pen, "614".charAt(square.place()), left, top, tile.ruling().side());
      }
    }
    pen.dispose();
    List<ReadAnswer> read = read(sheet, GreyPicture.of(image), PageExam.due(sheet.sums()));
    assertEquals(AskedWhy.NEW_ANSWER, read.get(0).why());
    assertEquals("416", read.get(0).text());
    assertEquals(Granted.RIGHT, read.get(1).granted());
  }

  /** A writer whose 1 looks like a 7 to everybody else. */
  private record OddHand(WritingHand of) implements WritingHand {
    @Override
    public void write(Graphics2D sheet, char figure, double left, double top, double side) {
      of.write(sheet, figure == '1' ? '7' : figure, left, top, side);
    }

    @Override
    public int grey() {
      return of.grey();
    }
  }

  @Test
  void figuresThatLookAlikeInAHandAreAskedOnItsSheets() throws IOException {
    PrintedSheet sheet = printed(new Exercise.Room(true, "", "", "", "How I write 0 to 9"));
    Map<Integer, String> answers = Map.of(0, "416", 1, "96", 2, "117 r 1", 3, "21", 4, "");
    DueAnswers due = PageExam.due(sheet.sums());
    GreyPicture odd =
        FilledSheet.answered(
            sheet.picture(), sheet.table(), answers, new OddHand(new StandInHand(5)));
    assertEquals("17", reader.shown(flat(sheet, odd)).orElseThrow().text());
    List<ReadAnswer> read = read(sheet, odd, due);
    assertEquals(AskedWhy.ALIKE, read.get(0).why());
    assertEquals(Granted.RIGHT, read.get(1).granted());
    assertEquals(AskedWhy.ALIKE, read.get(2).why());
    GreyPicture plain =
        FilledSheet.answered(sheet.picture(), sheet.table(), answers, new StandInHand(9));
    assertEquals(LookAlikes.NONE, reader.shown(flat(sheet, plain)).orElseThrow());
    assertEquals(Granted.RIGHT, read(sheet, plain, due).get(0).granted());
    assertEquals(Optional.empty(), reader.shown(flat(sheet, sheet.picture())), "nobody wrote");
  }

  /** A figure that stands one square too far to the left makes another number, or is asked. */
  @Test
  void figuresInTheWrongSquaresAreNeverRight() throws IOException {
    List<ReadAnswer> read = read(Map.of(0, "4160", 1, "960", 2, "0117 r 1", 3, "021", 4, "73"));
    for (ReadAnswer answer : read) {
      assertNotEquals(Granted.RIGHT, answer.granted());
    }
  }
}
