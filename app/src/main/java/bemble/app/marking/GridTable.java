package bemble.app.marking;

import bemble.app.house.PupilEntry;
import bemble.app.marking.MarkingJson.CellRequest;
import bemble.app.marking.MarkingJson.CellView;
import bemble.app.marking.MarkingJson.CellsView;
import bemble.app.marking.MarkingJson.GridView;
import bemble.app.marking.MarkingJson.RefusedCell;
import bemble.app.marking.MarkingJson.TableView;
import bemble.app.refusal.RefusedException;
import bemble.app.sets.Drafts;
import bemble.app.sets.SetJson.SumRequest;
import bemble.app.words.PlainNames;
import bemble.app.words.SafeCells;
import bemble.app.words.Sentences;
import bemble.app.working.WorkingWords;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Service;

/** Answer grids as tables of comma-separated values: a row a pupil, a column a sum. */
@Service
public class GridTable {
  private static final String BLANK = "blank";
  private static final String PUPIL = "pupil";
  private static final CSVFormat FORM =
      CSVFormat.RFC4180.builder().setIgnoreSurroundingSpaces(true).build();

  private final Handouts handouts;
  private final AnswerBook book;
  private final Drafts drafts;

  GridTable(Handouts handouts, AnswerBook book, Drafts drafts) {
    this.handouts = handouts;
    this.book = book;
    this.drafts = drafts;
  }

  /** The grid as a table; a blank is said, since nothing means that nothing is entered. */
  public String write(long id) {
    GridView grid = handouts.open(id);
    Map<Long, String[]> rows = new HashMap<>();
    for (CellView cell : grid.cells()) {
      String[] row = rows.computeIfAbsent(cell.pupil(), any -> new String[grid.sums().size()]);
      row[cell.number()] = cell.given().isEmpty() ? BLANK : cell.given();
    }
    StringWriter text = new StringWriter();
    try (CSVPrinter table = new CSVPrinter(text, FORM)) {
      List<Object> heads = new ArrayList<>(List.of(PUPIL));
      grid.sums().forEach(sum -> heads.add(sum.plain()));
      table.printRecord(heads);
      for (PupilEntry pupil : grid.pupils()) {
        List<Object> row = new ArrayList<>(List.of(SafeCells.safe(pupil.name())));
        for (String given : rows.getOrDefault(pupil.id(), new String[grid.sums().size()])) {
          row.add(given == null ? "" : SafeCells.safe(given));
        }
        table.printRecord(row);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString();
  }

  /**
   * Reads a table, its values separated by commas, semicolons or tabs; rows of unknown names and
   * values that are no answers are named. A table whose first row has other sums is refused.
   */
  public TableView read(long id, String text) {
    GridView grid = handouts.open(id);
    Map<String, Long> pupils = new HashMap<>();
    grid.pupils().forEach(pupil -> pupils.put(key(pupil.name()), pupil.id()));
    Map<List<Long>, String> seen = new HashMap<>();
    grid.cells().forEach(cell -> seen.put(at(cell.pupil(), cell.number()), cell.given()));
    List<String> bad = new ArrayList<>();
    List<CellRequest> cells = new ArrayList<>();
    for (CSVRecord row : rows(text)) {
      Long pupil = pupils.get(key(row.get(0)));
      boolean isFirst = row.getRecordNumber() == 1;
      if (isFirst && pupil == null && isHead(row, grid)
          || row.size() == 1 && row.get(0).isBlank()) {
        continue;
      }
      if (pupil == null) {
        bad.add(
            Sentences.of("grid.unknown-name", "row", row.getRecordNumber(), "name", row.get(0)));
      } else if (row.size() > grid.sums().size() + 1) {
        int sums = grid.sums().size();
        bad.add(
            Sentences.of(
                "grid.too-many", "row", row.getRecordNumber(), "name", row.get(0), "sums", sums));
      } else {
        for (int i = 1; i < row.size(); i++) {
          if (!row.get(i).isBlank()) {
            String value = SafeCells.bare(row.get(i));
            String word = value.toLowerCase(Locale.ROOT);
            String given = word.equals(BLANK) ? "" : Marker.word(word).isPresent() ? word : value;
            cells.add(new CellRequest(pupil, i - 1, given, seen.get(at(pupil, i - 1)), null));
          }
        }
      }
    }
    CellsView put = cells.isEmpty() ? new CellsView(List.of(), List.of()) : book.put(id, cells);
    put.refused().stream().map(RefusedCell::sentence).forEach(bad::add);
    return new TableView(put.kept(), bad);
  }

  /** Whether a row has sums in it and no answers; refuses sums that are not those of the grid. */
  private boolean isHead(CSVRecord row, GridView grid) {
    boolean isHead = key(row.get(0)).equals(PUPIL);
    for (int i = 1; i < row.size(); i++) {
      Optional<String> sum = sum(row.get(i));
      isHead |= sum.isPresent();
      String here = i <= grid.sums().size() ? grid.sums().get(i - 1).plain() : "";
      if (sum.isPresent() && !here.isEmpty() && !sum.get().equals(here)) {
        throw RefusedException.of("other-sums", "column", i, "there", row.get(i), "here", here);
      }
    }
    return isHead;
  }

  private Optional<String> sum(String text) {
    try {
      SumRequest request = new SumRequest(text, null, null, null);
      return Optional.of(WorkingWords.plain(drafts.item(request).problem()));
    } catch (RefusedException e) {
      return Optional.empty();
    }
  }

  private static List<Long> at(long pupil, int number) {
    return List.of(pupil, (long) number);
  }

  private static String key(String name) {
    return PlainNames.plain(SafeCells.bare(name.strip())).toLowerCase(Locale.ROOT);
  }

  private static List<CSVRecord> rows(String text) {
    char between = text.contains("\t") ? '\t' : text.contains(";") ? ';' : ',';
    CSVFormat form = FORM.builder().setDelimiter(between).build();
    try (var rows = form.parse(new StringReader(text))) {
      return rows.getRecords();
    } catch (IOException | UncheckedIOException e) {
      throw RefusedException.of("no-table");
    }
  }
}
