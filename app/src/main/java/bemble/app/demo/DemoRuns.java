package bemble.app.demo;

import bemble.app.runs.RunJson.RunGoal;
import bemble.app.runs.RunJson.RunRequest;
import bemble.app.runs.RunJson.RunTelling;
import bemble.app.runs.RunJson.RunTerms;
import bemble.app.runs.RunJson.RunView;
import bemble.app.runs.Runs;
import bemble.app.sets.KeptSets;
import bemble.app.sets.SetBook;
import bemble.app.sets.SetJson.SetEntry;
import bemble.app.sets.SetJson.SumRequest;
import bemble.app.slate.Attempts;
import bemble.app.slate.SimulatedSlates;
import bemble.app.working.SumRef;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Runs of made-up children over the sets of the demo: one passed, one not, one broken off. */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
class DemoRuns implements DemoPart {
  private final Runs runs;
  private final SetBook book;
  private final KeptSets kept;
  private final Attempts attempts;
  private final SimulatedSlates pupils;
  private final ObjectMapper json;

  DemoRuns(
      Runs runs,
      SetBook book,
      KeptSets kept,
      Attempts attempts,
      SimulatedSlates pupils,
      ObjectMapper json) {
    this.runs = runs;
    this.book = book;
    this.kept = kept;
    this.attempts = attempts;
    this.pupils = pupils;
    this.json = json;
  }

  /** The slips of a sum by its place in the run, from 0. */
  private record DemoRun(
      String set,
      String who,
      int right,
      RunTelling telling,
      Map<Integer, List<String>> slips,
      @Nullable Integer brokenOffAfter) {}

  @Override
  public void make() throws IOException {
    if (runs.list(Long.MAX_VALUE).total() > 0) {
      return;
    }
    try (InputStream file = getClass().getResourceAsStream("/demo/runs.json")) {
      for (DemoRun demo : json.readValue(file, new TypeReference<List<DemoRun>>() {})) {
        List<SetEntry> found = book.search(demo.set(), Long.MAX_VALUE).entries();
        if (!found.isEmpty()) {
          work(demo, found.get(0).id());
        }
      }
    }
  }

  private void work(DemoRun demo, long set) {
    List<SumRequest> sums =
        kept.open(set, "A").shown().sums().stream().map(DemoSets::asSent).toList();
    RunView run =
        runs.begin(
            new RunRequest(
                demo.set(),
                demo.who(),
                set,
                "A",
                sums,
                null,
                new RunGoal(demo.right(), false),
                new RunTerms(null, demo.telling(), false)));
    int last = demo.brokenOffAfter() == null ? Integer.MAX_VALUE : demo.brokenOffAfter();
    while (run.page().current() != null && run.results().size() < last) {
      long page = run.page().current();
      SumRef sum = attempts.open(page).begun().named().sum();
      List<String> slips = demo.slips().getOrDefault(run.results().size(), List.of());
      attempts.write(page, pupils.strokes(sum, slips));
      attempts.handIn(page, "", null);
      run = runs.next(run.id());
    }
  }
}
