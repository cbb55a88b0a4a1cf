package bemble.app.room;

import bemble.app.refusal.MissingException;
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
import bemble.app.slate.AttemptView;
import bemble.app.slate.Attempts;
import bemble.app.slate.HintView;
import bemble.app.slate.ReportView;
import bemble.app.slate.RoomPages;
import bemble.app.slate.StrokeView;
import bemble.app.working.SumRef;
import bemble.judge.report.SettingOut;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/** The work of the room: sums are given out, written, and handed in. */
@Component
class RoomWork {
  private static final int QUESTION = 1;

  private final Rooms rooms;
  private final RoomPages pages;
  private final Attempts attempts;
  private final Runs runs;
  private final LaterVerdicts verdicts;
  private final RoomMapper mapper;
  private final Clock clock;
  private final ObjectMapper json;
  private final TransactionOperations transactions;

  RoomWork(
      Rooms rooms,
      RoomPages pages,
      Attempts attempts,
      Runs runs,
      LaterVerdicts verdicts,
      RoomMapper mapper,
      Clock clock,
      ObjectMapper json,
      TransactionOperations transactions) {
    this.rooms = rooms;
    this.pages = pages;
    this.attempts = attempts;
    this.runs = runs;
    this.verdicts = verdicts;
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
        : Objects.requireNonNull(request.sums()).stream().map(RoomWork::ref).toList();
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

  private static RoomTelling telling(OpenRoom room) {
    return room.terms().telling();
  }

  private static boolean isTold(OpenRoom room) {
    return telling(room) != RoomTelling.NEVER;
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
    return telling(rooms.open()) == RoomTelling.AT_ONCE
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

  /** Goes on to the next sum of a run, once the one before is handed in. */
  void next(Seat seat) {
    Long run = seat.run();
    if (run != null) {
      begin(rooms.open(), seat, runs.next(run));
    }
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
