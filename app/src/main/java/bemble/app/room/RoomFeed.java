package bemble.app.room;

import bemble.app.room.RoomJson.RoomView;
import bemble.app.room.RoomJson.SeatView;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Tells the teacher's screens the changes in the room: those of the room itself, and the seats with
 * news. Changes within a moment are told together.
 */
@Component
class RoomFeed {
  private static final int MOMENT_MILLIS = 150;
  private static final int MOST_SCREENS = 8;

  private final Rooms rooms;
  private final RoomViews views;
  private final List<SseEmitter> screens = new CopyOnWriteArrayList<>();

  /** The seats as they were told last, by their numbers. Unchanged ones are not told again. */
  private Map<Long, SeatView> told = Map.of();

  RoomFeed(Rooms rooms, RoomViews views) {
    this.rooms = rooms;
    this.views = views;
  }

  /** A screen that is told from now on, first of all that there is. */
  SseEmitter follow() {
    OpenRoom room = rooms.open();
    SseEmitter screen = new SseEmitter(0L);
    screen.onCompletion(() -> screens.remove(screen));
    screen.onError(failure -> screens.remove(screen));
    if (screens.size() >= MOST_SCREENS) {
      screens.remove(0).complete();
    }
    screens.add(screen);
    room.changed();
    if (rooms.current().isEmpty()) {
      // It was closed meanwhile, and nothing else would end it.
      screen.complete();
    }
    return screen;
  }

  @Scheduled(fixedDelay = MOMENT_MILLIS)
  void tell() {
    if (!screens.isEmpty()) {
      rooms.current().ifPresent(this::tell);
    }
  }

  private void tell(OpenRoom room) {
    if (room.takeNews()) {
      RoomView all = views.view(room);
      send("room", all);
      told = byId(all.seats());
      return;
    }
    List<SeatView> now = views.seats(room);
    List<SeatView> news = now.stream().filter(seat -> !seat.equals(told.get(seat.id()))).toList();
    if (!news.isEmpty()) {
      send("seats", news);
      told = byId(now);
    }
  }

  private static Map<Long, SeatView> byId(List<SeatView> seats) {
    return seats.stream().collect(Collectors.toMap(SeatView::id, Function.identity()));
  }

  /** Ends the stream: otherwise closing Bemble would wait for its screens. */
  @EventListener
  void end(RoomClosed closed) {
    send("closed", "");
    screens.forEach(SseEmitter::complete);
    screens.clear();
  }

  private void send(String what, Object data) {
    for (SseEmitter screen : screens) {
      try {
        screen.send(SseEmitter.event().name(what).data(data, MediaType.APPLICATION_JSON));
      } catch (IOException | IllegalStateException e) {
        screens.remove(screen);
      }
    }
  }
}
