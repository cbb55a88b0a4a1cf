package bemble.app.http;

/** The keys of requests whose changes are kept, also across a restart. */
public interface KeptKeys {
  /** Whether a request of this key has made a change. */
  boolean isKept(String key);

  /** This thread serves the request of a key from now on; its first change keeps the key. */
  void begin(String key);

  /** The request of this thread is served; its key goes where it was refused in the end. */
  void end(String key, boolean refused);
}
