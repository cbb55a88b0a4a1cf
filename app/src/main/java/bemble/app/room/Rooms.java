package bemble.app.room;

import bemble.app.file.DataReplaced;
import bemble.app.house.PupilDeleted;
import bemble.app.house.Roll;
import bemble.app.refusal.StaleException;
import bemble.app.room.RoomJson.RoomRequest;
import bemble.app.room.RoomJson.RoomWorkRequest;
import bemble.app.slate.RoomPages;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.web.servlet.context.ServletWebServerInitializedEvent;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/**
 * Opens a room and closes it: one at a time, until the end of its lesson. A room that a killed
 * Bemble had open is opened again, so that devices go on without asking; a closed one stays closed.
 */
@Service
public class Rooms implements SmartInitializingSingleton {
  /** The prefix of a token in its header. */
  static final String BEARER = "Bearer ";

  private static final Logger LOG = LoggerFactory.getLogger(Rooms.class);

  private static final int LOOK_MILLIS = 500;

  private final RoomMapper mapper;
  private final RoomPages pages;
  private final Roll roll;
  private final Listening listening;
  private final Clock clock;
  private final ObjectMapper json;
  private final ApplicationEventPublisher events;
  private volatile @Nullable OpenRoom room;

  Rooms(
      RoomMapper mapper,
      RoomPages pages,
      Roll roll,
      Listening listening,
      Clock clock,
      ObjectMapper json,
      ApplicationEventPublisher events) {
    this.mapper = mapper;
    this.pages = pages;
    this.roll = roll;
    this.listening = listening;
    this.clock = clock;
    this.json = json;
    this.events = events;
  }

  Optional<OpenRoom> current() {
    return Optional.ofNullable(room);
  }

  /** The room that is open; refused where none is. */
  OpenRoom open() {
    return current().orElseThrow(() -> new StaleException("room-closed"));
  }

  /** The open room, for requests that name pupils: in another class they would be other pupils. */
  OpenRoom openHere() {
    OpenRoom open = open();
    if (roll.currentClass() != open.row().classId()) {
      throw new StaleException("room-other-class");
    }
    return open;
  }

  /** A name for the seat, or for the device that waits to be let in; empty for any other token. */
  Optional<String> opens(String token) {
    Optional<Device> device = current().flatMap(open -> open.device(token));
    device.ifPresent(each -> each.see(clock.instant()));
    return device.map(Device::digest);
  }

  /** Opens a room for the current class. */
  synchronized void open(RoomRequest request) {
    if (room != null) {
      throw new StaleException("room-open");
    }
    long classId = roll.currentClass();
    int taken = listening.open(request.address());
    OffsetDateTime now = OffsetDateTime.now(clock);
    RoomRow row =
        new RoomRow(
            0,
            classId,
            request.address(),
            taken,
            RoomToken.drawCode(),
            now,
            now.plusMinutes(request.minutes()),
            null,
            request.telling().name(),
            request.hints(),
            request.showsTime());
    try {
      room = new OpenRoom(mapper.find(mapper.insert(row)).orElseThrow());
    } catch (RuntimeException e) {
      listening.close();
      throw e;
    }
  }

  /** Closes the room: its port is shut, and its tokens open nothing any more. */
  synchronized void close() {
    OpenRoom closing = room;
    if (closing != null) {
      room = null;
      closing.end();
      listening.close();
      settle(closing.row());
      events.publishEvent(new RoomClosed());
    }
  }

  /** Closes the room when its time is over: a teacher may have forgotten it. */
  @Scheduled(fixedDelay = LOOK_MILLIS)
  synchronized void look() {
    OpenRoom open = room;
    if (open == null) {
      return;
    }
    if (!open.row().endsAt().toInstant().isAfter(clock.instant())) {
      close();
    } else {
      open.lose(!listening.isThere(open.row().address()));
    }
  }

  /** Closes the room because its data were replaced: the new ones do not have it. */
  @EventListener({ContextClosedEvent.class, DataReplaced.class})
  void closeForGood() {
    close();
  }

  /** Closes the room if a pupil in it was deleted: nobody writes on under that name. */
  @EventListener
  void closeWithout(PupilDeleted deleted) {
    if (current().flatMap(open -> open.seatOf(deleted.id())).isPresent()) {
      close();
    }
  }

  /**
   * Brings the room back that a killed Bemble had open, where its time is not over: before the
   * first request, and before its own port. A device that is not known gives its seat up.
   */
  @Override
  public synchronized void afterSingletonsInstantiated() {
    mapper
        .open()
        .filter(row -> row.endsAt().toInstant().isAfter(clock.instant()))
        .filter(row -> listening.isThere(row.address()))
        .ifPresent(row -> room = broughtBack(row));
  }

  /** Opens the port of the room that was brought back. */
  @EventListener(ServletWebServerInitializedEvent.class)
  synchronized void openAgain() {
    Optional<RoomRow> left = mapper.open();
    if (left.isEmpty()) {
      return;
    }
    RoomRow row = left.get();
    if (room == null || !listening.openAgain(row.address(), row.port())) {
      LOG.warn("The room that was open is closed: its time is over, or its address is not there");
      room = null;
      settle(row);
    }
  }

  /** Notes that a room is closed, and deletes the pages that nobody has written on. */
  private void settle(RoomRow row) {
    mapper.close(OffsetDateTime.now(clock));
    mapper.clear(row.id());
    mapper.forgetWork(row.id());
    mapper.removeMadeUp(row.id());
  }

  private OpenRoom broughtBack(RoomRow row) {
    OpenRoom open = new OpenRoom(row);
    mapper.givenOut(row.id()).stream()
        .map(this::work)
        .flatMap(Optional::stream)
        .forEach(open::give);
    Instant now = clock.instant();
    Map<Long, String> names = roll.names(row.classId());
    List<SeatPageRow> written = mapper.pages(row.id());
    for (SeatRow each : mapper.seats(row.id())) {
      String name = each.pupilId() == null ? null : names.get(each.pupilId());
      if (name != null) {
        Seat seat = new Seat(each.id(), each.pupilId(), each.number(), name, now);
        written.stream()
            .filter(page -> page.seatId() == each.id())
            .forEach(page -> bringBack(seat, page, now));
        open.bringBack(seat, each.token(), now);
      }
    }
    return open;
  }

  private Optional<RoomWorkRequest> work(JsonNode kept) {
    try {
      return Optional.of(json.treeToValue(kept, RoomWorkRequest.class));
    } catch (JsonProcessingException e) {
      LOG.error("What was given out cannot be read", e);
      return Optional.empty();
    }
  }

  private void bringBack(Seat seat, SeatPageRow page, Instant now) {
    seat.begin(page.attemptId(), page.runId(), now);
    if (pages.isEnded(page.attemptId())) {
      seat.handedIn(page.attemptId(), pages.glance(page.attemptId()).allRight(), now);
    }
  }
}
