package bemble.app.slate;

import java.util.LinkedHashMap;
import java.util.Map;

/** A map that forgets what was not used for longest. */
final class LastUsed<K, V> extends LinkedHashMap<K, V> {
  private static final float LOAD = 0.75f;
  private final int most;

  LastUsed(int most) {
    super(most, LOAD, true);
    this.most = most;
  }

  @Override
  protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
    return size() > most;
  }
}
