package bemble.app.ladder;

import bemble.app.file.DataReplaced;
import bemble.app.house.Classes;
import bemble.app.ladder.ClassLadder.Named;
import bemble.app.refusal.RefusedException;
import bemble.ladder.Ladder;
import bemble.ladder.PlacedRung;
import bemble.ladder.Rung;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** The ladders of the classes. */
@Service
public class Ladders {
  private static final Logger LOG = LoggerFactory.getLogger(Ladders.class);

  private final LadderMapper mapper;
  private final Classes classes;
  private final ObjectMapper json;
  private final Cache<Long, ClassLadder> ladders = Caffeine.newBuilder().maximumSize(50).build();

  Ladders(LadderMapper mapper, Classes classes, ObjectMapper json) {
    this.mapper = mapper;
    this.classes = classes;
    this.json = json;
  }

  /** The ladder of the current class; the standard one where there is none. */
  public ClassLadder current() {
    return classes.current().map(this::of).orElse(ClassLadder.STANDARD);
  }

  /** The ladder of a class. */
  public ClassLadder of(long classId) {
    return ladders.get(classId, this::read);
  }

  /** Forgets the ladder of a class. */
  void forget(long classId) {
    ladders.invalidate(classId);
  }

  /** Forgets all ladders: the data was changed behind them. */
  @EventListener(DataReplaced.class)
  void forget() {
    ladders.invalidateAll();
  }

  /** Whether a rung is on the shipped ladder or on that of the current class. */
  public boolean knows(String rung) {
    return Ladder.STANDARD.find(rung).isPresent() || current().find(rung).isPresent();
  }

  /** Whether all of the class's own rungs can be read. */
  public boolean isReadable(long classId) {
    return mapper.of(classId).stream()
        .allMatch(row -> row.recipe().isMissingNode() || rung(row).isPresent());
  }

  private ClassLadder read(long classId) {
    List<LadderRow> rows = mapper.of(classId);
    if (rows.isEmpty()) {
      return ClassLadder.STANDARD;
    }
    List<PlacedRung> steps = new ArrayList<>();
    Map<String, Named> names = new HashMap<>();
    for (LadderRow row : rows) {
      rung(row).ifPresent(rung -> steps.add(new PlacedRung(rung, row.hidden())));
      names.put(row.rung(), new Named(row.name(), row.news()));
    }
    return new ClassLadder(Ladder.of(steps), names);
  }

  /** A rung of this Bemble or of the class; one that cannot be read is none. */
  private Optional<Rung> rung(LadderRow row) {
    if (row.recipe().isMissingNode()) {
      return Ladder.STANDARD.find(row.rung());
    }
    try {
      RecipeView recipe = json.convertValue(row.recipe(), RecipeView.class);
      return Optional.of(Rung.own(row.rung(), Recipes.read(recipe), row.method()));
    } catch (IllegalArgumentException | RefusedException e) {
      LOG.error("The rung {} cannot be read: {}", row.rung(), row.recipe(), e);
      return Optional.empty();
    }
  }
}
