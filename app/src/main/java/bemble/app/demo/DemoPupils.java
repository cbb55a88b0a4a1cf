package bemble.app.demo;

import bemble.app.house.ClassView;
import bemble.app.house.Classes;
import bemble.app.store.PupilMapper;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The pupils of the three classes, before anything that is theirs. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
@ConditionalOnProperty("bemble.demo")
class DemoPupils implements ApplicationRunner {
  private final Classes classes;
  private final PupilMapper pupils;
  private final ObjectMapper json;

  DemoPupils(Classes classes, PupilMapper pupils, ObjectMapper json) {
    this.classes = classes;
    this.pupils = pupils;
    this.json = json;
  }

  /** A class with its pupils. */
  record Room(String name, List<String> pupils) {}

  static List<Room> rooms(ObjectMapper json) throws IOException {
    try (InputStream file = DemoPupils.class.getResourceAsStream("/demo/pupils.json")) {
      return json.readValue(file, new TypeReference<>() {});
    }
  }

  @Override
  public void run(ApplicationArguments arguments) throws IOException {
    for (Room room : rooms(json)) {
      classes.all().stream()
          .filter(each -> each.name().equals(room.name()))
          .map(ClassView::id)
          .filter(id -> pupils.of(id).isEmpty())
          .forEach(id -> room.pupils().forEach(name -> pupils.insert(id, name)));
    }
  }
}
