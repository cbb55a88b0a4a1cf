package bemble.app.scan;

import bemble.app.export.Exercise;
import bemble.app.export.SheetTable.TilePlace;
import bemble.app.scan.FilledSheet.Worked;
import bemble.app.scan.WorkingReader.ReadFigure;
import bemble.app.scan.sight.GreyPicture;
import bemble.app.scan.sight.Sight;
import bemble.diagnosis.SimulatedPupil;
import bemble.judge.report.Finding;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.method.Sum;
import bemble.paper.Square;
import bemble.practice.SlipKey;
import bemble.procedure.Working;
import bemble.slate.PageOfStrokes;
import bemble.slate.Slate;
import bemble.slate.Stroke;
import bemble.slip.Slip;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** How workings are read and judged that simulated pupils have written on squares. */
final class WorkingExam {
  private static final int SUMS = 30;
  private static final double MADE = 0.8;
  private static final double MISSED = 0.15;

  /** The tallies of the workings of a kind. */
  private static final class Counts {
    private int workings;
    private int wholly;
    private int figures;
    private int unread;
    private int misread;
    private int wrong;
    private int same;
    private int elsewhere;
    private int accused;
  }

  private final WorkingReader reader = new WorkingReader();
  private final Hands hands;
  private final Map<String, Counts> counts = new TreeMap<>();
  private int pages;
  private int unfound;

  WorkingExam(Hands hands) {
    this.hands = hands;
  }

  /** Reads so many pages. */
  void run(int count, long seed) throws IOException {
    for (int page = 0; page < count; page++) {
      read(page, new Random(seed + page));
    }
  }

  private void read(int page, Random random) throws IOException {
    int side = random.nextBoolean() ? 10 : 7;
    Stream<String> lines = Stream.generate(() -> line(random)).limit(SUMS);
    PrintedSheet sheet = PrintedSheet.of(Exercise.Layout.SET_OUT, PrintedSheet.PLAIN, side, lines);
    Hands.Writer writer = hands.writer(page, random);
    Map<Integer, Worked> worked = new HashMap<>();
    for (TilePlace tile : sheet.table().tiles()) {
      Sum sum = sheet.sums().get(tile.number() - 1);
      Working working = pupil(sum, random).page(sum, random).orElseThrow();
      List<Stroke> strokes = new Slate(sum, SettingOut.GIVEN).strokes(working);
      worked.put(tile.number() - 1, new Worked(strokes, ""));
    }
    GreyPicture written = FilledSheet.worked(sheet.picture(), sheet.table(), worked, writer.hand());
    PageExam.Seen by = PageExam.Seen.values()[page / 3 % 2];
    GreyPicture seen = PageExam.seen(written, by, random);
    pages++;
    if (!(Sight.look(seen, code -> Optional.of(sheet.table())) instanceof Sight.Flat flat)) {
      unfound++;
      return;
    }
    for (TilePlace tile : sheet.table().tiles()) {
      Sum sum = sheet.sums().get(tile.number() - 1);
      Slate slate = new Slate(sum, SettingOut.GIVEN);
      if (slate.isOfFigures()) {
        String kind = writer.family() + ", " + sum.method().id();
        Counts here = counts.computeIfAbsent(kind, any -> new Counts());
        count(
            here,
            slate,
            worked.get(tile.number() - 1).strokes(),
            reader.read(flat, tile, WorkingSquares.of(tile, slate)));
      }
    }
  }

  private static SimulatedPupil pupil(Sum sum, Random random) {
    List<Slip> slips = SlipKey.slips(sum.method());
    return new SimulatedPupil(
        Optional.of(slips.get(random.nextInt(slips.size()))), MADE, MISSED, 0);
  }

  private static void count(
      Counts here, Slate slate, List<Stroke> written, List<ReadFigure> figures) {
    List<Stroke> full =
        written.stream().filter(stroke -> stroke.kind() == Stroke.Kind.FIGURE).toList();
    Map<Square, String> stands =
        full.stream().collect(Collectors.toMap(Stroke::at, Stroke::text, (one, other) -> other));
    List<Stroke> read = new ArrayList<>();
    for (ReadFigure figure : figures) {
      String text = figure.figure().map(String::valueOf).orElse("");
      Stroke.Kind kind = text.isEmpty() ? Stroke.Kind.UNREAD : Stroke.Kind.FIGURE;
      read.add(new Stroke(kind, figure.at(), text));
      here.misread += text.isEmpty() || text.equals(stands.get(figure.at())) ? 0 : 1;
    }
    PageOfStrokes page = PageOfStrokes.of(read);
    here.workings++;
    here.wholly += page.unread().isEmpty() ? 1 : 0;
    here.figures += stands.size();
    here.unread += page.unread().size();
    // Small figures are not read: only slips that show without them can be found.
    judge(
        here,
        slate.judge(PageOfStrokes.after(full), Stage.HANDED_IN),
        slate.judge(page.written(), page.unread(), Stage.HANDED_IN));
  }

  private static void judge(Counts here, Report due, Report told) {
    Optional<Finding> first = told.findings().stream().findFirst();
    if (due.findings().isEmpty()) {
      here.accused += first.isPresent() ? 1 : 0;
      return;
    }
    here.wrong++;
    List<Square> squares = due.findings().get(0).squares();
    if (first.isPresent()) {
      boolean isSame = squares.contains(first.get().squares().get(0));
      here.same += isSame ? 1 : 0;
      here.elsewhere += isSame ? 0 : 1;
    }
  }

  private static String line(Random random) {
    int one = 100 + random.nextInt(9900);
    return switch (random.nextInt(5)) {
      case 0 -> one + " + " + (20 + random.nextInt(980));
      case 1 -> one + " − " + (11 + random.nextInt(one - 11));
      case 2 -> one / 10 + 10 + " × " + (2 + random.nextInt(8));
      case 3 -> one / 10 + 10 + " × " + (11 + random.nextInt(89));
      default -> one + " ÷ " + (2 + random.nextInt(8));
    };
  }

  /** A row for each method and hand. */
  String table() {
    StringBuilder table =
        new StringBuilder(
            "| workings | of them | read wholly | figures | not sure | misread "
                + "| wrong | same square told | another one | right ones accused |\n");
    table.append("| --- |").append(" --- |".repeat(9)).append("\n");
    counts.forEach(
        (kind, of) ->
            table.append(
                String.format(
                    "| %s | %,d | %,d | %,d | %,d | %,d | %,d | %,d | %,d | %,d |%n",
                    kind,
                    of.workings,
                    of.wholly,
                    of.figures,
                    of.unread,
                    of.misread,
                    of.wrong,
                    of.same,
                    of.elsewhere,
                    of.accused)));
    return table + String.format("%n%,d pages, %,d not found%n", pages, unfound);
  }
}
