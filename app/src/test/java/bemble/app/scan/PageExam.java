package bemble.app.scan;

import bemble.app.export.Exercise;
import bemble.app.export.SheetTable;
import bemble.app.export.SheetTable.Part;
import bemble.app.export.SheetTable.ReadSquare;
import bemble.app.export.SheetTable.TilePlace;
import bemble.app.marking.SheetAnswers.DueAnswer;
import bemble.app.marking.SheetAnswers.DueAnswers;
import bemble.app.scan.sight.GreyPicture;
import bemble.app.scan.sight.Sight;
import bemble.app.scan.standin.Camera;
import bemble.app.scan.standin.View;
import bemble.app.scan.standin.Wear;
import bemble.ink.RowReading.Granted;
import bemble.method.Sum;
import bemble.practice.Item;
import bemble.practice.LessonPart;
import bemble.practice.SlipKey;
import bemble.procedure.Answer;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Stream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;

/** How whole sheets are read that simulated pupils have filled in and a simulated camera saw. */
final class PageExam {
  private static final int SUMS = 20;

  private static final float QUALITY = 0.75f;

  /** The kinds of answers to a sum. */
  enum Kind {
    RIGHT,
    WRONG,
    BLANK,
    CROSSED_OUT
  }

  /** How a sheet is seen. */
  enum Seen {
    PHOTOGRAPHED("photograph"),
    COPIED("copy"),
    BLACK_AND_WHITE("copy in black and white");

    private final String words;

    Seen(String words) {
      this.words = words;
    }
  }

  /**
   * A sheet, empty.
   *
   * @param printed as it comes out of the printer
   */
  private record Sheet(SheetTable table, GreyPicture printed, DueAnswers due) {}

  /** The content of a sheet, sum by sum. */
  private record Filled(Map<Integer, String> answers, Map<Integer, Kind> kinds) {}

  private final InkReader reader = new InkReader();
  private final Hands hands;

  /** The results for each kind of answer, by how the sheet was seen and written. */
  private final Map<String, Map<Kind, int[]>> counts = new TreeMap<>();

  private int misread;
  private int unfound;
  private int pages;
  private long nanos;

  PageExam(Hands hands) {
    this.hands = hands;
  }

  /** Reads so many pages, a few of each sheet. */
  void run(int count, long seed) throws IOException {
    Sheet sheet = null;
    for (int page = 0; page < count; page++) {
      Random random = new Random(seed + page);
      if (page % 9 == 0) {
        sheet = sheet(random);
      }
      read(sheet, page, random);
    }
  }

  private void read(Sheet sheet, int page, Random random) throws IOException {
    Filled filled = filled(sheet, random);
    Hands.Writer writer = hands.writer(page, random);
    Seen by = Seen.values()[page / 3 % Seen.values().length];
    GreyPicture written =
        FilledSheet.answered(sheet.printed(), sheet.table(), filled.answers(), writer.hand());
    crossOut(written, sheet, filled, random);
    GreyPicture seen = seen(written, by, random);
    long from = System.nanoTime();
    Sight.Seen found = Sight.look(seen, code -> Optional.of(sheet.table()));
    pages++;
    String how = by.words + ", " + writer.told();
    if (!(found instanceof Sight.Flat flat)) {
      unfound++;
      return;
    }
    Map<Kind, int[]> here = counts.computeIfAbsent(how, any -> new EnumMap<>(Kind.class));
    for (TilePlace tile : sheet.table().tiles()) {
      int sum = tile.number() - 1;
      ReadAnswer answer = reader.read(flat, tile, sheet.due(), sum);
      Kind kind = filled.kinds().get(sum);
      here.computeIfAbsent(kind, any -> new int[Granted.values().length])[
          answer.granted().ordinal()]++;
      boolean isValue = answer.granted() == Granted.WRONG || answer.granted() == Granted.RIGHT;
      if (isValue && !filled.answers().getOrDefault(sum, "").equals(answer.text())) {
        misread++;
        System.out.printf(
            "page %d: %s %s was read as %s%n", page, kind, filled.answers().get(sum), answer);
      }
    }
    nanos += System.nanoTime() - from;
  }

  static GreyPicture seen(GreyPicture written, Seen by, Random random) throws IOException {
    double across = written.width() / FilledSheet.DOTS;
    double down = written.height() / FilledSheet.DOTS;
    View view =
        switch (by) {
          case PHOTOGRAPHED -> View.byHand(random);
          case COPIED -> View.copied(random);
          case BLACK_AND_WHITE -> View.copied(random).at(random.nextBoolean() ? 3.9 : 8.7);
        };
    GreyPicture worn = Wear.worn(written, FilledSheet.DOTS, by == Seen.PHOTOGRAPHED, random);
    GreyPicture grey = new Camera(view, across, down).take(worn, random);
    return by == Seen.BLACK_AND_WHITE
        ? inBlackAndWhite(grey, 120 + random.nextInt(60))
        : jpeg(grey);
  }

  /** The copy of a picture from a copier that knows no greys. */
  static GreyPicture inBlackAndWhite(GreyPicture picture, int threshold) {
    byte[] dots = picture.grey().clone();
    for (int i = 0; i < dots.length; i++) {
      dots[i] = (byte) ((dots[i] & 0xFF) < threshold ? 0 : 255);
    }
    return new GreyPicture(picture.width(), picture.height(), dots);
  }

  private static Filled filled(Sheet sheet, Random random) {
    Map<Integer, String> answers = new HashMap<>();
    Map<Integer, Kind> kinds = new HashMap<>();
    for (int sum = 0; sum < sheet.due().sums().size(); sum++) {
      Answer right = sheet.due().sums().get(sum).right();
      String text = right.value().toString();
      if (right instanceof Answer.Quotient quotient && !quotient.remainder().isZero()) {
        text += " r " + quotient.remainder();
      }
      int kind = random.nextInt(20);
      kinds.put(
          sum,
          kind < 8
              ? Kind.RIGHT
              : kind < 18 ? Kind.WRONG : kind < 19 ? Kind.BLANK : Kind.CROSSED_OUT);
      switch (kinds.get(sum)) {
        case WRONG -> answers.put(sum, oneFigureOff(text, random));
        case BLANK -> answers.put(sum, "");
        default -> answers.put(sum, text);
      }
    }
    return new Filled(answers, kinds);
  }

  private static String oneFigureOff(String text, Random random) {
    int first = text.length() > 1 && Character.isDigit(text.charAt(1)) ? 1 : 0;
    int length = text.contains(" ") ? text.indexOf(' ') : text.length();
    int at = random.nextInt(length);
    char other = (char) ('0' + (text.charAt(at) - '0' + 1 + random.nextInt(9)) % 10);
    if (at == 0 && other == '0' && first == 1) {
      other = text.charAt(0) == '9' ? '8' : '9';
    }
    return text.substring(0, at) + other + text.substring(at + 1);
  }

  /** Crosses the last figure of some answers out. */
  private static void crossOut(GreyPicture written, Sheet sheet, Filled filled, Random random) {
    BufferedImage image = written.image();
    Graphics2D pen = image.createGraphics();
    pen.scale(FilledSheet.DOTS, FilledSheet.DOTS);
    pen.setColor(Color.DARK_GRAY);
    pen.setStroke(new BasicStroke(0.5f));
    for (TilePlace tile : sheet.table().tiles()) {
      if (filled.kinds().get(tile.number() - 1) == Kind.CROSSED_OUT) {
        ReadSquare last =
            tile.squares().stream()
                .filter(square -> square.part() == Part.ANSWER && square.place() == 0)
                .findFirst()
                .orElseThrow();
        double left = FilledSheet.CORNER + tile.ruling().leftOf(last.column());
        double top = FilledSheet.CORNER + tile.ruling().topOf(last.row());
        double side = tile.ruling().side();
        for (int line = 0; line < 1 + random.nextInt(3); line++) {
          pen.draw(
              new Line2D.Double(
                  left + side * (0.1 + 0.1 * random.nextDouble()),
                  top + side * random.nextDouble(),
                  left + side * (0.8 + 0.1 * random.nextDouble()),
                  top + side * random.nextDouble()));
        }
      }
    }
    pen.dispose();
    System.arraycopy(GreyPicture.of(image).grey(), 0, written.grey(), 0, written.grey().length);
  }

  private static GreyPicture jpeg(GreyPicture picture) throws IOException {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ImageWriteParam param = writer.getDefaultWriteParam();
    param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
    param.setCompressionQuality(QUALITY);
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (var out = ImageIO.createImageOutputStream(bytes)) {
      writer.setOutput(out);
      writer.write(null, new IIOImage(picture.image(), null, null), param);
    } finally {
      writer.dispose();
    }
    return GreyPicture.of(ImageIO.read(new ByteArrayInputStream(bytes.toByteArray())));
  }

  private static Sheet sheet(Random random) throws IOException {
    int side = random.nextBoolean() ? 10 : 7;
    Stream<String> lines = Stream.generate(() -> line(random)).limit(SUMS);
    PrintedSheet printed = PrintedSheet.of(Exercise.Layout.LINE, PrintedSheet.PLAIN, side, lines);
    return new Sheet(printed.table(), printed.picture(), due(printed.sums()));
  }

  private static String line(Random random) {
    int one = 20 + random.nextInt(980);
    int other = 2 + random.nextInt(Math.min(97, one - 2));
    return switch (random.nextInt(4)) {
      case 0 -> one + " + " + other;
      case 1 -> one + " − " + other;
      case 2 -> one + " × " + other;
      default -> one + " ÷ " + (2 + random.nextInt(8));
    };
  }

  /** The right answers of some sums. */
  static DueAnswers due(List<Sum> sums) {
    return new DueAnswers(sums.stream().map(PageExam::due).toList(), "r", '.');
  }

  private static DueAnswer due(Sum sum) {
    SlipKey key =
        SlipKey.of(
            new Item(sum.problem(), sum.method().id(), "", LessonPart.PRACTISE), sum.style());
    return new DueAnswer(key.right(), key.wrong().keySet());
  }

  /** A row of each way in which sheets were seen and written, for each kind of answer. */
  String table() {
    StringBuilder table =
        new StringBuilder("| sheets | answers | of them | right | wrong | blank | asked |\n");
    table.append("| --- | --- | --- | --- | --- | --- | --- |\n");
    counts.forEach(
        (by, kinds) ->
            kinds.forEach(
                (kind, said) ->
                    table.append(
                        String.format(
                            "| %s | %s | %,d | %,d | %,d | %,d | %,d |%n",
                            by,
                            kind.name().toLowerCase(Locale.ROOT).replace('_', ' '),
                            said[0] + said[1] + said[2] + said[3],
                            said[0],
                            said[1],
                            said[2],
                            said[3]))));
    return table
        + String.format(
            "%n%,d pages, %,d not found; %,d values misread; %.0f ms a page%n",
            pages, unfound, misread, nanos / 1e6 / pages);
  }
}
