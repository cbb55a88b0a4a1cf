package bemble.app.sets;

import bemble.app.refusal.RefusedException;
import bemble.app.sets.SetJson.ChosenSum;
import bemble.app.sets.SetJson.SumView;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/** Sets as tables of comma-separated values, a sum to a row. */
final class SetTable {
  private static final String SUM = "sum";
  private static final String ANSWER = "answer";
  private static final CSVFormat OUT =
      CSVFormat.RFC4180.builder().setHeader(SUM, ANSWER, "method", "rung", "part").build();
  private static final CSVFormat IN =
      CSVFormat.RFC4180.builder().setIgnoreSurroundingSpaces(true).build();

  private SetTable() {}

  /** The sums of a set with their answers. */
  static String write(List<SumView> sums) {
    StringWriter text = new StringWriter();
    try (CSVPrinter table = new CSVPrinter(text, OUT)) {
      for (SumView each : sums) {
        ChosenSum sum = each.sum();
        table.printRecord(sum.plain(), each.answer(), sum.method(), sum.rung(), sum.part().name());
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString();
  }

  /** The first value of each row; a heading that says "sum" is passed over. */
  static List<String> sums(String table) {
    List<String> sums = new ArrayList<>();
    try (var rows = IN.parse(new StringReader(table))) {
      for (CSVRecord row : rows) {
        boolean isHeading = row.getRecordNumber() == 1 && row.get(0).equalsIgnoreCase(SUM);
        sums.add(isHeading ? "" : row.get(0));
      }
    } catch (IOException | UncheckedIOException e) {
      throw RefusedException.of("no-table");
    }
    return sums;
  }
}
