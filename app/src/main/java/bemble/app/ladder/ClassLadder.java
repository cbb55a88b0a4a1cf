package bemble.app.ladder;

import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import bemble.words.Wording;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The ladder of a class with the names that the class has given.
 *
 * @param names by the id of the rung; those that are left out have Bemble's own
 */
public record ClassLadder(Ladder ladder, Map<String, Named> names) {
  /** The ladder that Bemble is shipped with. */
  public static final ClassLadder STANDARD = new ClassLadder(Ladder.STANDARD, Map.of());

  /** What a class calls a rung, and what it says is new there; empty where Bemble's words stand. */
  public record Named(String name, String news) {}

  /** The rung of an id, even where it is hidden. */
  public Optional<Rung> find(String id) {
    return ladder.find(id);
  }

  /** The rungs that are not hidden. */
  public List<Rung> rungs() {
    return ladder.all();
  }

  /** What a rung is called. */
  public String name(String rung, Wording wording) {
    return words(names.getOrDefault(rung, new Named("", "")).name(), rung, "name", wording);
  }

  /** What is new on a rung. */
  public String news(String rung, Wording wording) {
    return words(names.getOrDefault(rung, new Named("", "")).news(), rung, "new", wording);
  }

  private static String words(String own, String rung, String part, Wording wording) {
    boolean isShipped = Ladder.STANDARD.find(rung).isPresent();
    return own.isEmpty() && isShipped ? wording.label("rung." + rung + "." + part, Map.of()) : own;
  }
}
