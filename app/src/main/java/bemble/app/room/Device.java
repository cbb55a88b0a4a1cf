package bemble.app.room;

import bemble.app.room.RoomJson.KnockState;
import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.CompletableFuture;
import org.jspecify.annotations.Nullable;

/** A device that has said the code: it waits at the door, or is let in to a seat. */
final class Device {
  /**
   * How long after its last request a device counts as away; it asks every ten seconds while it is
   * awake.
   */
  private static final Duration AWAY = Duration.ofSeconds(20);

  private final long id;
  private final String digest;
  private final String said;
  private final String address;
  private Instant seen;
  private @Nullable Seat seat;
  private KnockState state = KnockState.WAITING;
  private long known = 1;
  private CompletableFuture<Void> change = new CompletableFuture<>();

  /**
   * @param digest that of its token
   * @param said the number or name that was typed
   * @param address where it stands in the network
   */
  Device(long id, String digest, String said, String address, Instant seen) {
    this.id = id;
    this.digest = digest;
    this.said = said;
    this.address = address;
    this.seen = seen;
  }

  long id() {
    return id;
  }

  String digest() {
    return digest;
  }

  String said() {
    return said;
  }

  String address() {
    return address;
  }

  synchronized @Nullable Seat seat() {
    return seat;
  }

  synchronized KnockState state() {
    return state;
  }

  synchronized void letIn(Seat own) {
    seat = own;
    state = KnockState.IN;
    changed();
  }

  /** Takes its seat from it, or refuses it one. */
  synchronized void turnAway() {
    leave(KnockState.TURNED_AWAY);
  }

  /** There is no room any more. */
  synchronized void close() {
    leave(KnockState.CLOSED);
  }

  private void leave(KnockState why) {
    seat = null;
    state = why;
    changed();
  }

  synchronized void see(Instant now) {
    seen = now;
  }

  synchronized boolean isAway(Instant now) {
    return seen.plus(AWAY).isBefore(now);
  }

  synchronized long known() {
    return known;
  }

  /** Notes that its knowledge of the seat is out of date. */
  synchronized void changed() {
    known++;
    change.complete(null);
    change = new CompletableFuture<>();
  }

  /**
   * Is completed once the device's knowledge is out of date: at once if it knows something older.
   */
  synchronized CompletableFuture<Void> change(long knows) {
    // An earlier question of its own waits no longer: one connection is enough.
    change.complete(null);
    change = new CompletableFuture<>();
    return knows == known ? change : CompletableFuture.completedFuture(null);
  }
}
