package bemble.app.register;

import bemble.app.house.PupilEntry;
import bemble.app.register.RegisterJson.RegisterView;
import bemble.app.register.RegisterJson.RungLabel;
import bemble.app.register.RegisterJson.SquareView;
import bemble.app.words.SafeCells;
import bemble.app.words.Sentences;
import bemble.progress.Standing;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** The register as a table of comma-separated values, without rungs that nobody has begun. */
final class RegisterTable {
  private record Cell(long pupil, String rung) {}

  private RegisterTable() {}

  static String write(RegisterView register) {
    Map<Cell, Standing> standings = new HashMap<>();
    for (SquareView square : register.squares()) {
      standings.put(new Cell(square.pupil(), square.rung()), square.standing());
    }
    List<RungLabel> begun =
        register.rungs().stream()
            .filter(
                rung -> register.squares().stream().anyMatch(each -> each.rung().equals(rung.id())))
            .toList();
    StringWriter text = new StringWriter();
    try (CSVPrinter table = new CSVPrinter(text, CSVFormat.RFC4180)) {
      List<Object> heads = new ArrayList<>(List.of("pupil"));
      begun.forEach(rung -> heads.add(SafeCells.safe(rung.name())));
      table.printRecord(heads);
      for (PupilEntry pupil : register.pupils()) {
        List<Object> row = new ArrayList<>(List.of(SafeCells.safe(pupil.name())));
        for (RungLabel rung : begun) {
          Standing standing = standings.getOrDefault(new Cell(pupil.id(), rung.id()), Standing.NEW);
          row.add(words(standing));
        }
        table.printRecord(row);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString();
  }

  private static String words(Standing standing) {
    return switch (standing) {
      case NEW -> Sentences.of("register.standing.new");
      case BEGUN -> Sentences.of("register.standing.begun");
      case NEARLY -> Sentences.of("register.standing.nearly");
      case LOOK_AGAIN -> Sentences.of("register.standing.look-again");
      case SURE -> Sentences.of("register.standing.sure");
    };
  }
}
