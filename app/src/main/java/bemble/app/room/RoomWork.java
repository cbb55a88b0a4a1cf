package bemble.app.room;

import bemble.app.refusal.MissingException;
import bemble.app.refusal.RefusedException;
import bemble.app.room.RoomJson.RoomTelling;
import bemble.app.slate.AttemptView;
import bemble.app.slate.Attempts;
import bemble.app.slate.HintView;
import bemble.app.slate.ReportView;
import bemble.app.slate.RoomPages;
import bemble.app.slate.StrokeView;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The pages of the room: written, judged, handed in, and shown on the Board. */
@Component
class RoomWork {
  private static final int QUESTION = 1;

  private final Rooms rooms;
  private final RoomPages pages;
  private final Attempts attempts;
  private final LaterVerdicts verdicts;
  private final RoomMapper mapper;
  private final Clock clock;

  RoomWork(
      Rooms rooms,
      RoomPages pages,
      Attempts attempts,
      LaterVerdicts verdicts,
      RoomMapper mapper,
      Clock clock) {
    this.rooms = rooms;
    this.pages = pages;
    this.attempts = attempts;
    this.verdicts = verdicts;
    this.mapper = mapper;
    this.clock = clock;
  }

  private static boolean isTold(OpenRoom room) {
    return room.terms().telling() != RoomTelling.NEVER;
  }

  AttemptView page(Seat seat, long page) {
    refuseOthers(seat, page);
    return pages.forWriter(page, isTold(rooms.open()));
  }

  void write(Seat seat, long page, List<StrokeView> strokes) {
    refuseOthers(seat, page);
    pages.write(page, strokes);
    seat.wrote(clock.instant());
  }

  /** Which figures are right, once the page is judged; empty where pupils are not told at once. */
  CompletableFuture<Optional<ReportView>> report(Seat seat, long page) {
    refuseOthers(seat, page);
    return rooms.open().terms().telling() == RoomTelling.AT_ONCE
        ? verdicts.of(page)
        : CompletableFuture.completedFuture(Optional.empty());
  }

  AttemptView handIn(Seat seat, long page) {
    refuseOthers(seat, page);
    OpenRoom room = rooms.open();
    AttemptView ended = pages.handIn(page, isTold(room));
    seat.handedIn(page, pages.glance(page).allRight(), clock.instant());
    room.tell(seat);
    return ended;
  }

  /** The question of a hint alone: only the teacher may show more of a page. */
  HintView hint(Seat seat, long page) {
    refuseOthers(seat, page);
    if (!rooms.open().terms().hints()) {
      throw RefusedException.of("room-no-hints");
    }
    return attempts.hint(page, QUESTION);
  }

  /** Another's page is not there for a seat. */
  private static void refuseOthers(Seat seat, long page) {
    if (!seat.has(page)) {
      throw new MissingException("attempt");
    }
  }

  /** Puts the page of a seat on the Board, without a name; none takes it away. */
  void show(@Nullable Long id) {
    OpenRoom room = rooms.open();
    if (id != null) {
      Seat seat = room.seat(id).orElseThrow(() -> new MissingException("seat"));
      Long page = seat.page();
      if (page == null) {
        throw RefusedException.of("room-no-page");
      }
      mapper.show(page);
    }
    room.show(id);
  }
}
