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

  /** The class's own name of a rung and of its news; empty where Bemble's words are used. */
  public record Named(String name, String news) {}

  /** The rung of an id, even where it is hidden. */
  public Optional<Rung> find(String id) {
    return ladder.find(id);
  }

  /** The rungs that are not hidden. */
  public List<Rung> rungs() {
    return ladder.all();
  }

  /** The name of a rung. */
  public String name(String rung, Wording wording) {
    return words(names.getOrDefault(rung, new Named("", "")).name(), rung, "name", wording);
  }

  /** The news of a rung: the difficulty that it adds. */
  public String news(String rung, Wording wording) {
    return words(names.getOrDefault(rung, new Named("", "")).news(), rung, "new", wording);
  }

  private static String words(String own, String rung, String part, Wording wording) {
    boolean isShipped = Ladder.STANDARD.find(rung).isPresent();
    return own.isEmpty() && isShipped ? wording.label("rung." + rung + "." + part, Map.of()) : own;
  }
}
