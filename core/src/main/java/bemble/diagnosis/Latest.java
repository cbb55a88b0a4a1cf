package bemble.diagnosis;

import java.util.LinkedHashMap;
import java.util.Map;

/** Keeps the latest requests and forgets the others. */
final class Latest<K, V> extends LinkedHashMap<K, V> {
  private static final long serialVersionUID = 1;
  private static final float LOAD = 0.75f;

  private final int most;

  Latest(int most) {
    super(most, LOAD, true);
    this.most = most;
  }

  @Override
  protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
    return size() > most;
  }
}
