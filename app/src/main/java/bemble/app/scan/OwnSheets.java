package bemble.app.scan;

import bemble.app.marking.AnswerRow;
import bemble.app.marking.HandoutMapper;
import bemble.app.marking.SheetAnswers;
import bemble.app.marking.SheetAnswers.DueAnswers;
import bemble.app.scan.sight.PictureFile;
import bemble.app.scan.sight.PictureFile.UnusablePictureException;
import bemble.app.scan.sight.Sight;
import bemble.app.sets.SheetBook;
import bemble.app.sets.SheetCode;
import bemble.app.words.Sentences;
import bemble.ink.RowReading.Granted;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/**
 * Compares the readings of a school's own sheets with the answers that were typed into the grid for
 * them. Nothing of it is kept, and no name is told.
 */
@Service
public class OwnSheets {
  private final SheetBook sheets;
  private final HandoutMapper handouts;
  private final SheetAnswers answers;
  private final InkReader ink;

  OwnSheets(SheetBook sheets, HandoutMapper handouts, SheetAnswers answers, InkReader ink) {
    this.sheets = sheets;
    this.handouts = handouts;
    this.answers = answers;
    this.ink = ink;
  }

  /** Counts how the answers of an outcome were read. */
  private static final class Count {
    private int all;
    private int same;
    private int other;
    private int asked;
  }

  /** The result of comparing some files. */
  private record Compared(Map<String, Count> counts, List<String> lines) {}

  /**
   * A table of how the sheets in the files of a folder are read, and of the answers read otherwise.
   */
  public String compared(Path folder) {
    Compared compared = new Compared(new TreeMap<>(), new ArrayList<>());
    try (Stream<Path> files = Files.list(folder)) {
      for (Path file : files.filter(Files::isRegularFile).sorted().toList()) {
        compare(file, compared);
      }
    } catch (IOException e) {
      return Sentences.of("own-sheets.no-folder", "folder", folder);
    }
    List<String> lines = new ArrayList<>(compared.lines());
    lines.add(Sentences.of("own-sheets.head"));
    lines.add("| --- | --- | --- | --- | --- |");
    compared.counts().forEach((typed, count) -> lines.add(row(typed, count)));
    return String.join(System.lineSeparator(), lines);
  }

  private static String row(String typed, Count count) {
    return String.format(
        "| %s | %d | %d | %d | %d |", typed, count.all, count.same, count.other, count.asked);
  }

  private void compare(Path path, Compared compared) {
    String name = String.valueOf(path.getFileName());
    try (PictureFile file = PictureFile.open(path)) {
      for (int page = 0; page < file.pages(); page++) {
        Sight.Seen seen =
            Sight.look(file.page(page), text -> SheetCode.read(text).flatMap(sheets::of));
        String where = Sentences.of("own-sheets.page", "file", name, "page", page + 1);
        if (seen instanceof Sight.Flat flat) {
          compare(flat, where, compared);
        } else {
          boolean isCutOff = seen instanceof Sight.CutOff;
          ScanProblem problem = isCutOff ? ScanProblem.CUT_OFF : ScanProblem.NO_SHEET;
          compared.lines().add(where + " " + problem.sentence());
        }
      }
    } catch (UnusablePictureException e) {
      compared
          .lines()
          .add(
              Sentences.of("own-sheets.page", "file", name, "page", 1)
                  + " "
                  + ScanProblem.DAMAGED.sentence());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void compare(Sight.Flat flat, String where, Compared compared) {
    SheetCode code = SheetCode.read(flat.code()).orElseThrow();
    Optional<Long> handout = sheets.handout(code);
    if (handout.isEmpty() || code.copy() == 0) {
      compared.lines().add(where + " " + Sentences.of("own-sheets.nobodys"));
      return;
    }
    DueAnswers due = answers.of(handout.get());
    Map<Integer, AnswerRow> typed =
        handouts.answers(handout.get()).stream()
            .filter(answer -> answer.pupilId() == code.copy())
            .collect(Collectors.toMap(AnswerRow::number, Function.identity()));
    ScanReader.tiles(handouts.sums(handout.get()), flat.table())
        .forEach(
            (sum, tile) -> {
              AnswerRow answer = typed.get(sum);
              if (answer != null) {
                compare(ink.read(flat, tile, due, sum), answer, where, compared);
              }
            });
  }

  private static void compare(ReadAnswer read, AnswerRow typed, String where, Compared compared) {
    Count count = compared.counts().computeIfAbsent(typed.outcome(), any -> new Count());
    count.all++;
    if (read.granted() == Granted.ASK) {
      count.asked++;
    } else if (typed
        .given()
        .replace(" ", "")
        .equals(String.valueOf(read.text()).replace(" ", ""))) {
      count.same++;
    } else {
      count.other++;
      compared
          .lines()
          .add(
              Sentences.of(
                  "own-sheets.otherwise",
                  "place",
                  where,
                  "sum",
                  typed.number() + 1,
                  "typed",
                  typed.given(),
                  "read",
                  String.valueOf(read.text())));
    }
  }
}
