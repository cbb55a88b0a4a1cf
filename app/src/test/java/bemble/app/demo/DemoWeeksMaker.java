package bemble.app.demo;

import bemble.app.demo.DemoWeeks.Handout;
import bemble.app.demo.DemoWeeks.Holiday;
import bemble.app.demo.DemoWeeks.Lesson;
import bemble.app.demo.DemoWeeks.When;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Renews the eight weeks of the demo. Not a test: run by {@code ./bemble demo-weeks}. */
class DemoWeeksMaker {
  /** The rungs that each class knows at the start of its weeks. */
  private static final Map<String, List<String>> KNOWN =
      Map.of(
          "Walled Garden",
          List.of(),
          "Seed Barn",
          List.of(
              "addition-two-in-a-chain",
              "subtraction-two-from-two",
              "multiplication-nothing-carried"),
          "Cold Frame",
          List.of(
              "subtraction-one-zero-crossed",
              "multiplication-one-carry",
              "division-every-figure-goes"));

  private final ObjectMapper json =
      new ObjectMapper().setDefaultPropertyInclusion(JsonInclude.Include.NON_NULL);

  @Test
  void renew() throws IOException {
    Random random = new Random(47);
    List<Handout> handouts = new ArrayList<>();
    List<Lesson> lessons = new ArrayList<>();
    List<Holiday> holidays = new ArrayList<>();
    for (DemoClasses.Room room : DemoClasses.rooms(json)) {
      DemoTerm term = new DemoTerm(room.name(), room.pupils().size(), random);
      term.run(KNOWN.get(room.name()));
      handouts.addAll(term.handouts());
      lessons.addAll(term.lessons());
      holidays.add(new Holiday(new When(room.name(), -4, 5), "Plant fair"));
      holidays.add(new Holiday(new When(room.name(), 2, 1), "Bulb planting day"));
    }
    String text =
        "{\"handouts\":%s,\n\"lessons\":%s,\n\"holidays\":%s}\n"
            .formatted(lines(handouts), lines(lessons), lines(holidays));
    Files.writeString(Path.of("src", "main", "resources", "demo", "weeks.json"), text);
  }

  /** A list with a line for each entry. */
  private String lines(List<?> entries) throws IOException {
    List<String> lines = new ArrayList<>();
    for (Object entry : entries) {
      lines.add(json.writeValueAsString(entry));
    }
    return "[\n" + String.join(",\n", lines) + "]";
  }
}
