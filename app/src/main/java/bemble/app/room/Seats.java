package bemble.app.room;

import bemble.app.refusal.MissingException;
import bemble.app.room.RoomJson.OwnSeat;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Component;

/** The seats as their devices ask for them, each by its token. */
@Component
class Seats {
  /** A device that is awake asks again before it counts as away. */
  private static final int PATIENCE_SECONDS = 10;

  private final Rooms rooms;
  private final Clock clock;

  Seats(Rooms rooms, Clock clock) {
    this.rooms = rooms;
    this.clock = clock;
  }

  private OffsetDateTime now() {
    return OffsetDateTime.now(clock);
  }

  /** The seat that a token opens; refused where it opens none. */
  Seat of(String header) {
    Seat seat = device(header).seat();
    if (seat == null) {
      throw new MissingException("seat");
    }
    return seat;
  }

  private Device device(String header) {
    String token = header.startsWith(Rooms.BEARER) ? header.substring(Rooms.BEARER.length()) : "";
    return rooms
        .current()
        .flatMap(room -> room.device(token))
        .orElseThrow(() -> new MissingException("seat"));
  }

  OwnSeat own(String header) {
    return rooms.open().own(device(header), now());
  }

  /** The seat once it is another than its device knows; after a while the unchanged one. */
  CompletableFuture<OwnSeat> changed(String header, long known) {
    Device device = device(header);
    OpenRoom room = rooms.open();
    return device
        .change(known)
        .completeOnTimeout(null, PATIENCE_SECONDS, TimeUnit.SECONDS)
        .thenApply(any -> room.own(device, now()));
  }
}
