package bemble.app.room;

import bemble.app.refusal.RefusedException;
import bemble.app.room.RoomJson.RoomTelling;
import bemble.app.room.RoomJson.RoomWorkRequest;
import bemble.app.runs.RunJson.RunGoal;
import bemble.app.runs.RunJson.RunRequest;
import bemble.app.runs.RunJson.RunTelling;
import bemble.app.runs.RunJson.RunTerms;
import bemble.app.runs.RunJson.RunView;
import bemble.app.runs.Runs;
import bemble.app.sets.SetJson.SumRequest;
import bemble.app.slate.AttemptRequest.Telling;
import bemble.app.slate.RoomPages;
import bemble.app.working.SumRef;
import bemble.judge.report.SettingOut;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/** Gives work out in the room: a sum for everybody, or a run of sums for each. */
@Component
class RoomGiving {
  private final Rooms rooms;
  private final RoomPages pages;
  private final Runs runs;
  private final RoomMapper mapper;
  private final Clock clock;
  private final ObjectMapper json;
  private final TransactionOperations transactions;

  RoomGiving(
      Rooms rooms,
      RoomPages pages,
      Runs runs,
      RoomMapper mapper,
      Clock clock,
      ObjectMapper json,
      TransactionOperations transactions) {
    this.rooms = rooms;
    this.pages = pages;
    this.runs = runs;
    this.mapper = mapper;
    this.clock = clock;
    this.json = json;
    this.transactions = transactions;
  }

  /** Gives work out, to all pupils who are there and to those who come later. */
  void give(RoomWorkRequest request) {
    OpenRoom room = rooms.openHere();
    refuseUnclear(request);
    mapper.giveOut(room.row().id(), json.valueToTree(request));
    room.give(request);
    room.seats().stream()
        .filter(seat -> isMeant(request, seat))
        .forEach(seat -> begin(room, seat, request));
  }

  private void refuseUnclear(RoomWorkRequest request) {
    boolean isSet = request.sums() != null && !request.sums().isEmpty();
    if (isSet == (request.sum() != null)) {
      throw RefusedException.of("room-work");
    }
    sums(request).forEach(pages::refuseUnjudged);
  }

  /** The sums that are given out, in their order. */
  static List<SumRef> sums(RoomWorkRequest request) {
    return request.sum() != null
        ? List.of(request.sum())
        : Objects.requireNonNull(request.sums()).stream().map(RoomGiving::ref).toList();
  }

  private static SumRef ref(SumRequest sum) {
    return new SumRef(sum.plain(), sum.method(), null);
  }

  static boolean isMeant(RoomWorkRequest request, Seat seat) {
    return request.pupils() == null
        || request.pupils().isEmpty()
        || seat.pupil() != null && request.pupils().contains(seat.pupil());
  }

  /** Brings the work that was given out last to a seat that comes later. */
  void bringCurrent(OpenRoom room, Seat seat) {
    if (seat.page() == null) {
      room.given(seat).ifPresent(request -> begin(room, seat, request));
    }
  }

  private void begin(OpenRoom room, Seat seat, RoomWorkRequest request) {
    if (request.sum() != null || seat.pupil() == null) {
      begin(room, seat, sums(request).get(0));
    } else {
      begin(room, seat, run(room, seat, request));
    }
  }

  /** Begins the page of a single sum. */
  void begin(OpenRoom room, Seat seat, SumRef sum) {
    Telling telling = telling(room) == RoomTelling.AT_ONCE ? Telling.AS_I_GO : Telling.AT_END;
    Long page =
        transactions.execute(
            status -> {
              long begun = pages.begin(sum, seat.writer(), telling);
              mapper.addPage(seat.id(), begun);
              return begun;
            });
    place(room, seat, page, null);
  }

  /** Lays another page before a seat, and ends the showing of the page before. */
  private void place(OpenRoom room, Seat seat, long page, @Nullable Long run) {
    seat.begin(page, run, clock.instant());
    if (room.shown() != null && room.shown() == seat.id()) {
      room.show(null);
    }
    room.tell(seat);
  }

  private RunView run(OpenRoom room, Seat seat, RoomWorkRequest request) {
    String title = request.title() == null ? "" : request.title();
    return runs.begin(
        new RunRequest(
            title.isEmpty() ? room.row().openedAt().toLocalDate().toString() : title,
            seat.name(),
            request.set(),
            request.version(),
            request.sums(),
            null,
            new RunGoal(sums(request).size(), false),
            new RunTerms(
                SettingOut.GIVEN,
                switch (telling(room)) {
                  case AT_ONCE -> RunTelling.AS_I_GO;
                  case AT_END -> RunTelling.AFTER_EACH;
                  case NEVER -> RunTelling.AT_END;
                },
                false)),
        seat.writer());
  }

  /** Begins the next page of a run; the seat has no work once the run is over. */
  private void begin(OpenRoom room, Seat seat, RunView run) {
    Long page = run.page().current();
    if (page == null) {
      seat.finish();
      room.tell(seat);
      return;
    }
    if (!seat.has(page)) {
      mapper.addPage(seat.id(), page);
    }
    if (!Objects.equals(page, seat.page())) {
      place(room, seat, page, run.id());
    }
  }

  /** Goes on to the next sum of a run, once the one before is handed in. */
  void next(Seat seat) {
    Long run = seat.run();
    if (run != null) {
      begin(rooms.open(), seat, runs.next(run));
    }
  }

  private static RoomTelling telling(OpenRoom room) {
    return room.terms().telling();
  }
}
