package bemble.app.marking;

import bemble.app.file.DataReplaced;
import bemble.app.house.Classes;
import bemble.app.ladder.ClassLadder;
import bemble.app.ladder.Ladders;
import bemble.app.sets.Drafts;
import bemble.app.sets.SetJson.SumRequest;
import bemble.practice.Item;
import bemble.style.Style;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Markers of handouts, made once for as long as they are right. */
@Component
class Markers {
  private static final int KEPT = 24;

  private final HandoutMapper mapper;
  private final Drafts drafts;
  private final Classes classes;
  private final Ladders ladders;

  /** A handout's sums never change, so its marker is right as long as style and ladder are. */
  private record MarkerOf(long handout, Style style, ClassLadder ladder) {}

  private final Cache<MarkerOf, Marker> kept = Caffeine.newBuilder().maximumSize(KEPT).build();

  Markers(HandoutMapper mapper, Drafts drafts, Classes classes, Ladders ladders) {
    this.mapper = mapper;
    this.drafts = drafts;
    this.classes = classes;
    this.ladders = ladders;
  }

  @EventListener(DataReplaced.class)
  void forget() {
    kept.invalidateAll();
  }

  /** The marker of a handout in the current style of its class. */
  Marker of(HandoutRow row) {
    Style style = classes.style(row.classId());
    ClassLadder ladder = ladders.of(row.classId());
    return kept.get(
        new MarkerOf(row.id(), style, ladder), key -> new Marker(items(row.id()), style, ladder));
  }

  private List<Item> items(long id) {
    return mapper.sums(id).stream()
        .map(sum -> drafts.item(new SumRequest(sum.plain(), sum.method(), sum.rung(), null)))
        .toList();
  }
}
