package bemble.app.demo;

import bemble.app.slate.AttemptList;
import bemble.app.slate.AttemptRequest;
import bemble.app.slate.AttemptView;
import bemble.app.slate.Attempts;
import bemble.app.slate.SimulatedSlates;
import bemble.app.slate.StrokeView;
import bemble.app.working.SumRef;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import org.springframework.stereotype.Component;

/** Pages of made-up children, written by simulated pupils with the slips that children make. */
@Component
class DemoAttempts implements DemoPart {
  private final Attempts attempts;
  private final AttemptList list;
  private final SimulatedSlates pupils;
  private final ObjectMapper json;

  DemoAttempts(Attempts attempts, AttemptList list, SimulatedSlates pupils, ObjectMapper json) {
    this.attempts = attempts;
    this.list = list;
    this.pupils = pupils;
    this.json = json;
  }

  private record DemoAttempt(String who, SumRef sum, List<String> slips, String explanation) {}

  @Override
  public void make() throws IOException {
    if (list.slice(Long.MAX_VALUE).total() > 0) {
      return;
    }
    try (InputStream file = getClass().getResourceAsStream("/demo/attempts.json")) {
      List<DemoAttempt> demo = json.readValue(file, new TypeReference<>() {});
      for (int i = demo.size() - 1; i >= 0; i--) {
        write(demo.get(i));
      }
    }
  }

  private void write(DemoAttempt demo) {
    AttemptView begun =
        attempts.begin(new AttemptRequest(demo.sum(), demo.who(), null, null, null, null));
    List<StrokeView> strokes = pupils.strokes(demo.sum(), demo.slips());
    attempts.write(begun.id(), strokes);
    String explanation = demo.explanation() == null ? "" : demo.explanation();
    attempts.handIn(begun.id(), explanation, null);
  }
}
