package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;

/** The marked handout as a small slip of paper for each pupil. */
@BeginsEmpty
class CutOutsTest extends Conversation {
  /** A class of thirty with long names, whose every answer is wrong by the same slip. */
  @Test
  void nothingOnASlipOfPaperStandsInAnother() throws IOException {
    List<String> names = new ArrayList<>();
    for (int i = 0; i < 30; i++) {
      names.add((i % 2 == 0 ? "Thessaly-Rowena of the upper garden " : "Bram ") + i);
    }
    List<String> sums = new ArrayList<>();
    List<String> slipped = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      sums.add((i % 8 + 2) + "42 − 1" + (i % 4 + 5) + "8");
      slipped.add("" + (i % 8 + 1) + (i % 4 + 1) + 6);
    }
    sums.add("987654321987654321987654 − 123456789123456789123456");
    slipped.add("");
    Pile pile = new Pile(talk);
    talk.post("/api/roll", Map.of("names", String.join("\n", names)));
    JsonNode grid = talk.post("/api/handouts", Pile.request(sums, "exchange")).json();
    for (int i = 0; i < names.size(); i++) {
      pile.row(grid, names.get(i), i % 3 == 0 ? slipped.subList(0, 2) : slipped);
    }
    Talk.Answer pdf = talk.get(Pile.path(grid) + "/paper?kind=CUT_OUTS");
    try (PDDocument document = Loader.loadPDF(pdf.bytes())) {
      PdfLines lines = PdfLines.of(document);
      assertTrue(lines.all().size() > 3 * names.size(), lines::toString);
      assertEquals(List.of(), lines.overlapping());
      assertTrue(lines.all().stream().anyMatch(line -> line.text().contains("?")), lines::toString);
    }
  }
}
