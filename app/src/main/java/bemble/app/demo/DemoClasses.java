package bemble.app.demo;

import bemble.app.house.ClassRequest;
import bemble.app.house.ClassView;
import bemble.app.house.Classes;
import bemble.app.house.PupilMapper;
import bemble.style.Choice;
import bemble.style.Style;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The three classes with their pupils, before all other demo data of them. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class DemoClasses implements DemoPart {
  private final Classes classes;
  private final PupilMapper pupils;
  private final ObjectMapper json;

  DemoClasses(Classes classes, PupilMapper pupils, ObjectMapper json) {
    this.classes = classes;
    this.pupils = pupils;
    this.json = json;
  }

  /** A class with its pupils. */
  record Room(String name, List<String> pupils) {}

  static List<Room> rooms(ObjectMapper json) throws IOException {
    try (InputStream file = DemoClasses.class.getResourceAsStream("/demo/pupils.json")) {
      return json.readValue(file, new TypeReference<>() {});
    }
  }

  @Override
  public void make() throws IOException {
    if (classes.all().size() == 1) {
      addClasses();
    }
    for (Room room : rooms(json)) {
      classes.all().stream()
          .filter(each -> each.name().equals(room.name()))
          .map(ClassView::id)
          .filter(id -> pupils.of(id).isEmpty())
          .forEach(id -> room.pupils().forEach(name -> pupils.insert(id, name)));
    }
  }

  /** Three classes, each with a way of its own. */
  private void addClasses() {
    ClassView first = classes.all().get(0);
    classes.change(first.id(), new ClassRequest("Walled Garden", Style.STANDARD, first.version()));
    classes.add(
        new ClassRequest(
            "Seed Barn",
            Style.STANDARD
                .with(Choice.ExchangeWord.BORROW)
                .with(Choice.FirstPlaceWord.UNITS)
                .with(Choice.CarryPosition.BELOW),
            null));
    classes.add(
        new ClassRequest(
            "Cold Frame",
            Style.STANDARD
                .with(Choice.CarryWord.REGROUP)
                .with(Choice.ExchangeWord.REGROUP)
                .with(Choice.AcrossZeros.IN_ONE_GO)
                .saying("exchange", "{top} are too few for {bottom}. Open {one}: {ten} come out."),
            null));
  }
}
