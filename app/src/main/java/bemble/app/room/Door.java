package bemble.app.room;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.Instant;

/** Who may knock: everybody who has the code and has not tried too often. */
final class Door {
  private static final int WRONG_FROM_ONE = 5;
  private static final int WRONG_IN_ALL = 100;
  private static final Duration WAIT = Duration.ofMinutes(1);
  private static final int MOST_ADDRESSES = 10_000;

  private String code;
  private int wrong;
  private final Cache<String, Tries> byAddress =
      Caffeine.newBuilder().maximumSize(MOST_ADDRESSES).build();

  /** Wrong codes from one address, and until when it waits. */
  private record Tries(int wrong, Instant until) {}

  /** The outcomes of a knock. */
  enum Outcome {
    LET_ON,
    WRONG,
    WAIT,
    SHUT
  }

  Door(String code) {
    this.code = code;
  }

  synchronized String code() {
    return code;
  }

  /** Whether so many wrong codes came that no code opens it any more. */
  synchronized boolean isShut() {
    return wrong >= WRONG_IN_ALL;
  }

  /** Opens it again, to another code. */
  synchronized void recode(String fresh) {
    code = fresh;
    wrong = 0;
    byAddress.invalidateAll();
  }

  synchronized Outcome knock(String said, String address, Instant now) {
    if (isShut()) {
      return Outcome.SHUT;
    }
    Tries before = byAddress.asMap().getOrDefault(address, new Tries(0, Instant.MIN));
    if (before.until().isAfter(now)) {
      return Outcome.WAIT;
    }
    if (RoomToken.same(said, code)) {
      byAddress.invalidate(address);
      return Outcome.LET_ON;
    }
    wrong++;
    int tries = before.wrong() + 1;
    boolean isOne = tries >= WRONG_FROM_ONE;
    byAddress.put(address, isOne ? new Tries(0, now.plus(WAIT)) : new Tries(tries, Instant.MIN));
    return isShut() ? Outcome.SHUT : isOne ? Outcome.WAIT : Outcome.WRONG;
  }
}
