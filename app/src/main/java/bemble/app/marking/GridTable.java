package bemble.app.marking;

import bemble.app.http.RefusedException;
import bemble.app.http.Sentences;
import bemble.app.marking.MarkingJson.CellRequest;
import bemble.app.marking.MarkingJson.CellView;
import bemble.app.marking.MarkingJson.CellsView;
import bemble.app.marking.MarkingJson.GridView;
import bemble.app.marking.MarkingJson.PupilEntry;
import bemble.app.marking.MarkingJson.RefusedCell;
import bemble.app.marking.MarkingJson.TableView;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
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

  GridTable(Handouts handouts, AnswerBook book) {
    this.handouts = handouts;
    this.book = book;
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
        List<Object> row = new ArrayList<>(List.of(pupil.name()));
        for (String given : rows.getOrDefault(pupil.id(), new String[grid.sums().size()])) {
          row.add(given == null ? "" : given);
        }
        table.printRecord(row);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString();
  }

  /** Reads a table; rows of unknown names and values that are no answers are named. */
  public TableView read(long id, String text) {
    GridView grid = handouts.open(id);
    Map<String, Long> pupils = new HashMap<>();
    grid.pupils().forEach(pupil -> pupils.put(key(pupil.name()), pupil.id()));
    Map<List<Long>, String> seen = new HashMap<>();
    grid.cells().forEach(cell -> seen.put(at(cell.pupil(), cell.number()), cell.given()));
    List<String> bad = new ArrayList<>();
    List<CellRequest> cells = new ArrayList<>();
    for (CSVRecord row : rows(text)) {
      boolean isHead = row.getRecordNumber() == 1 && key(row.get(0)).equals(PUPIL);
      if (isHead || row.size() == 1 && row.get(0).isBlank()) {
        continue;
      }
      Long pupil = pupils.get(key(row.get(0)));
      if (pupil == null) {
        bad.add(Sentences.of("grid.unknown-name", row.getRecordNumber(), row.get(0)));
      } else if (row.size() > grid.sums().size() + 1) {
        int sums = grid.sums().size();
        bad.add(Sentences.of("grid.too-many", row.getRecordNumber(), row.get(0), sums));
      } else {
        for (int i = 1; i < row.size(); i++) {
          if (!row.get(i).isBlank()) {
            String given = row.get(i).equalsIgnoreCase(BLANK) ? "" : row.get(i);
            cells.add(new CellRequest(pupil, i - 1, given, seen.get(at(pupil, i - 1)), null));
          }
        }
      }
    }
    CellsView put = cells.isEmpty() ? new CellsView(List.of(), List.of()) : book.put(id, cells);
    put.refused().stream().map(RefusedCell::sentence).forEach(bad::add);
    return new TableView(put.kept(), bad);
  }

  private static List<Long> at(long pupil, int number) {
    return List.of(pupil, (long) number);
  }

  private static String key(String name) {
    return name.strip().toLowerCase(Locale.ROOT);
  }

  private static List<CSVRecord> rows(String text) {
    try (var rows = FORM.parse(new StringReader(text))) {
      return rows.getRecords();
    } catch (IOException | UncheckedIOException e) {
      throw RefusedException.of("no-table");
    }
  }
}
