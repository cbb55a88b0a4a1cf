package bemble.app.room;

import bemble.app.room.RoomJson.SeatState;
import bemble.app.room.RoomJson.SeatView;
import bemble.app.room.RoomJson.Sitter;
import bemble.app.slate.PageGlance;
import bemble.app.slate.PageWriter;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.function.LongFunction;
import org.jspecify.annotations.Nullable;

/** A pupil's place in the room, with the page that is written there. */
final class Seat {
  private static final Duration STUCK = Duration.ofSeconds(60);

  private final long id;
  private final @Nullable Long pupil;
  private final int number;
  private final String name;

  /** All pages of the seat; of those that are handed in, whether they are right. */
  private final Map<Long, Boolean> pages = new HashMap<>();

  private @Nullable Long page;
  private @Nullable Long run;
  private boolean more;
  private boolean ended;
  private boolean saysStuck;
  private boolean asleep;
  private Instant lastSign;

  /**
   * Counts the changes of its page, so that it is not looked at again where nothing was written.
   */
  private long changes;

  private @Nullable PageGlance seen;
  private long seenAt = -1;

  /**
   * @param pupil null for a made-up one
   * @param name empty for a made-up one
   */
  Seat(long id, @Nullable Long pupil, int number, String name, Instant now) {
    this.id = id;
    this.pupil = pupil;
    this.number = number;
    this.name = name;
    this.lastSign = now;
  }

  long id() {
    return id;
  }

  @Nullable Long pupil() {
    return pupil;
  }

  int number() {
    return number;
  }

  String name() {
    return name;
  }

  PageWriter writer() {
    return new PageWriter(name, pupil);
  }

  synchronized @Nullable Long page() {
    return page;
  }

  synchronized @Nullable Long run() {
    return run;
  }

  synchronized boolean hasMore() {
    return more;
  }

  synchronized boolean hasEnded() {
    return ended;
  }

  /** Whether a page is one of its own. */
  synchronized boolean has(long attempt) {
    return pages.containsKey(attempt);
  }

  /**
   * Gets a page to be worked.
   *
   * @param ofRun the run that it is of, if any
   */
  synchronized void begin(long attempt, @Nullable Long ofRun, Instant now) {
    pages.put(attempt, null);
    page = attempt;
    run = ofRun;
    more = ofRun != null;
    ended = false;
    saysStuck = false;
    lastSign = now;
    changes++;
  }

  /** Has nothing more to work of its run. */
  synchronized void finish() {
    more = false;
    changes++;
  }

  synchronized void wrote(Instant now) {
    saysStuck = false;
    lastSign = now;
    changes++;
  }

  synchronized void handedIn(long attempt, boolean right, Instant now) {
    pages.put(attempt, right);
    if (page != null && page == attempt) {
      ended = true;
      saysStuck = false;
    }
    lastSign = now;
    changes++;
  }

  /** Sends a made-up pupil away or brings it back: it has no device that could be away. */
  synchronized void sleep(boolean now) {
    asleep = now;
    changes++;
  }

  synchronized boolean isAsleep() {
    return asleep;
  }

  synchronized void stuck(boolean says) {
    saysStuck = says;
    changes++;
  }

  /** The seat as the teacher's screen shows it. */
  SeatView view(boolean isAway, Instant now, LongFunction<@Nullable PageGlance> glances) {
    PageGlance glance = glance(glances);
    synchronized (this) {
      int right = (int) pages.values().stream().filter(Boolean.TRUE::equals).count();
      int done = (int) pages.values().stream().filter(Objects::nonNull).count();
      SeatState state = state(glance, isAway, now);
      return new SeatView(
          id, new Sitter(pupil, number, name), state, saysStuck, glance, done, right);
    }
  }

  /** Looks at the page without holding up its writer. */
  private @Nullable PageGlance glance(LongFunction<@Nullable PageGlance> glances) {
    Long shown;
    long at;
    synchronized (this) {
      if (seenAt == changes) {
        return seen;
      }
      shown = page;
      at = changes;
    }
    PageGlance glance = shown == null ? null : glances.apply(shown);
    synchronized (this) {
      seen = glance;
      seenAt = at;
    }
    return glance;
  }

  private SeatState state(@Nullable PageGlance glance, boolean isAway, Instant now) {
    if (glance == null) {
      return isAway ? SeatState.AWAY : SeatState.NO_PAGE;
    }
    if (glance.handedIn()) {
      return glance.allRight() ? SeatState.RIGHT : SeatState.SLIPPED;
    }
    if (isAway) {
      return SeatState.AWAY;
    }
    if (saysStuck || lastSign.plus(STUCK).isBefore(now)) {
      return SeatState.STUCK;
    }
    return glance.slipAt().isEmpty() ? SeatState.WRITING : SeatState.SLIPPED;
  }
}
