package bemble.app.demo;

import bemble.app.sets.Drafts;
import bemble.app.sets.SetBook;
import bemble.app.sets.SetJson.ApartRequest;
import bemble.app.sets.SetJson.ChosenSum;
import bemble.app.sets.SetJson.DraftRequest;
import bemble.app.sets.SetJson.SetLineView;
import bemble.app.sets.SetJson.SetRequest;
import bemble.app.sets.SetJson.SumRequest;
import bemble.app.sets.SetJson.SumView;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Sets of the Ashlatch garden over all operations, made from seeds when the classes are there. */
@Component
@Order(Ordered.LOWEST_PRECEDENCE - 1)
class DemoSets implements DemoPart {
  private final SetBook book;
  private final Drafts drafts;
  private final ObjectMapper json;

  DemoSets(SetBook book, Drafts drafts, ObjectMapper json) {
    this.book = book;
    this.drafts = drafts;
    this.json = json;
  }

  private enum Kind {
    PRACTICE,
    LESSON,
    TELLS_APART
  }

  private record DemoSet(String title, Kind kind, List<SetLineView> lines) {}

  @Override
  public void make() throws IOException {
    if (book.search("", Long.MAX_VALUE).total() > 0) {
      return;
    }
    try (InputStream file = getClass().getResourceAsStream("/demo/sets.json")) {
      List<DemoSet> demo = json.readValue(file, new TypeReference<>() {});
      for (int i = demo.size() - 1; i >= 0; i--) {
        DemoSet set = demo.get(i);
        List<SumRequest> sums = sums(set, i).stream().map(DemoSets::asSent).toList();
        boolean drawn = set.kind() == Kind.PRACTICE;
        book.keep(new SetRequest(set.title(), drawn ? set.lines() : List.of(), sums, null));
      }
    }
  }

  private List<SumView> sums(DemoSet set, long seed) {
    if (set.kind() == Kind.TELLS_APART) {
      return drafts.tellApart(new ApartRequest(set.lines().get(0), null, seed)).sums();
    }
    boolean lesson = set.kind() == Kind.LESSON;
    return drafts.draft(new DraftRequest(set.lines(), null, null, null, lesson, seed)).sums();
  }

  static SumRequest asSent(SumView view) {
    ChosenSum sum = view.sum();
    return new SumRequest(sum.plain(), sum.method(), sum.rung(), sum.part());
  }
}
