package bemble.app.demo;

import bemble.app.house.ClassView;
import bemble.app.house.Classes;
import bemble.app.marking.HandingOut;
import bemble.app.marking.Handouts;
import bemble.app.marking.MarkingJson.GridView;
import bemble.app.marking.MarkingJson.HandoutKind;
import bemble.app.marking.MarkingJson.HandoutRequest;
import bemble.app.marking.MarkingJson.HandoutTerms;
import bemble.app.marking.MarkingJson.SimulatedRequest;
import bemble.app.marking.Simulation;
import bemble.app.sets.KeptSets;
import bemble.app.sets.SetBook;
import bemble.app.sets.SetJson.SetEntry;
import bemble.app.sets.SetJson.SumRequest;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Recent handouts of the three classes: marked, half marked and not yet marked. */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
class DemoMarking implements DemoPart {
  private static final int HALF = 13;

  private final Classes classes;
  private final Handouts handouts;
  private final HandingOut handing;
  private final Simulation simulation;
  private final SetBook book;
  private final KeptSets kept;
  private final Clock clock;
  private final ObjectMapper json;

  DemoMarking(
      Classes classes,
      Handouts handouts,
      HandingOut handing,
      Simulation simulation,
      SetBook book,
      KeptSets kept,
      Clock clock,
      ObjectMapper json) {
    this.classes = classes;
    this.handouts = handouts;
    this.handing = handing;
    this.simulation = simulation;
    this.book = book;
    this.kept = kept;
    this.clock = clock;
    this.json = json;
  }

  private enum Filled {
    ALL,
    HALF,
    NONE
  }

  private record DemoHandout(
      @JsonProperty("class") String room,
      String set,
      HandoutKind kind,
      int daysAgo,
      @Nullable Integer dueDaysAgo,
      @Nullable Integer passMark,
      Filled filled,
      List<String> slips) {}

  private record Demo(List<DemoHandout> handouts) {}

  @Override
  public void make() throws IOException {
    Map<String, Long> rooms =
        classes.all().stream().collect(Collectors.toMap(ClassView::name, ClassView::id));
    long current = classes.current().orElseThrow();
    if (isThere()) {
      return;
    }
    try (InputStream file = getClass().getResourceAsStream("/demo/marking.json")) {
      Demo demo = json.readValue(file, Demo.class);
      for (DemoHandout each : demo.handouts()) {
        if (rooms.containsKey(each.room())) {
          classes.choose(rooms.get(each.room()));
          give(each);
        }
      }
    } finally {
      classes.choose(current);
    }
  }

  /** Whether handouts of these parts are there already, besides those of the eight weeks. */
  private boolean isThere() {
    return handouts.list(Long.MAX_VALUE).entries().stream()
        .anyMatch(entry -> entry.dueOn() != null);
  }

  private void give(DemoHandout demo) {
    List<SetEntry> found = book.search(demo.set(), Long.MAX_VALUE).entries();
    if (found.isEmpty()) {
      return;
    }
    long set = found.get(0).id();
    List<SumRequest> sums =
        kept.open(set, "A").shown().sums().stream().map(DemoSets::asSent).toList();
    LocalDate today = LocalDate.now(clock);
    LocalDate due = demo.dueDaysAgo() == null ? null : today.minusDays(demo.dueDaysAgo());
    GridView grid =
        handing.give(
            new HandoutRequest(
                demo.set(),
                set,
                "A",
                sums,
                new HandoutTerms(
                    demo.kind(), today.minusDays(demo.daysAgo()), due, demo.passMark()),
                null));
    if (demo.filled() != Filled.NONE) {
      Integer most = demo.filled() == Filled.HALF ? HALF : null;
      simulation.fill(
          grid.handout().id(), new SimulatedRequest(demo.slips(), grid.handout().id(), most));
    }
  }
}
