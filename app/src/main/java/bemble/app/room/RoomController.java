package bemble.app.room;

import bemble.app.guard.AnyClass;
import bemble.app.room.RoomJson.LetInsRequest;
import bemble.app.room.RoomJson.RoomRequest;
import bemble.app.room.RoomJson.RoomSummary;
import bemble.app.room.RoomJson.RoomView;
import bemble.app.room.RoomJson.RoomWorkRequest;
import bemble.app.room.RoomJson.RoomsView;
import io.swagger.v3.oas.annotations.Hidden;
import jakarta.validation.Valid;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The teacher's side of rooms. */
@RestController
@RequestMapping("/api/rooms")
class RoomController {
  private final Rooms rooms;
  private final RoomViews views;
  private final RoomDoor door;
  private final RoomWork work;
  private final RoomGiving giving;
  private final RoomFeed feed;
  private final RoomEnd end;
  private final MadeUpPupils madeUp;

  RoomController(
      Rooms rooms,
      RoomViews views,
      RoomDoor door,
      RoomWork work,
      RoomGiving giving,
      RoomFeed feed,
      RoomEnd end,
      MadeUpPupils madeUp) {
    this.rooms = rooms;
    this.views = views;
    this.door = door;
    this.work = work;
    this.giving = giving;
    this.feed = feed;
    this.end = end;
    this.madeUp = madeUp;
  }

  /** The open room, and the settings with which one could be opened. */
  @GetMapping
  RoomsView all() {
    return views.all();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  RoomView open(@Valid @RequestBody RoomRequest request) {
    rooms.open(request);
    return now();
  }

  private RoomView now() {
    return views.view(rooms.open());
  }

  /** Closes the room that is open; nothing where none is. */
  @AnyClass
  @DeleteMapping("/open")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void close() {
    rooms.close();
  }

  /** The summary of a room. */
  @GetMapping("/{id}")
  RoomSummary summary(@PathVariable long id) {
    return end.of(id);
  }

  /** A stream of the changes in the room from now on. */
  @Hidden
  @AnyClass
  @GetMapping(path = "/open/news", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter news() {
    return feed.follow();
  }

  /** Lets devices in. */
  @PostMapping("/open/seats")
  RoomView letIn(@Valid @RequestBody LetInsRequest request) {
    door.letIn(request.devices());
    return now();
  }

  @AnyClass
  @DeleteMapping("/open/knocks/{knock}")
  RoomView turnAway(@PathVariable long knock) {
    door.turnAway(knock);
    return now();
  }

  /** Draws another code. Devices that are in stay. */
  @AnyClass
  @PostMapping("/open/code")
  RoomView recode() {
    door.recode();
    return now();
  }

  /** Gives sums out. */
  @PostMapping("/open/work")
  RoomView give(@Valid @RequestBody RoomWorkRequest request) {
    giving.give(request);
    return now();
  }

  /** Stills all slates, or lets them go on. */
  @AnyClass
  @PutMapping("/open/stilled")
  RoomView still(@RequestParam boolean on) {
    rooms.open().still(on);
    return now();
  }

  /** Shows the page of a seat to all, without a name; none where no seat is given. */
  @AnyClass
  @PutMapping("/open/shown")
  RoomView show(@RequestParam(required = false) @Nullable Long seat) {
    work.show(seat);
    return now();
  }

  /** Fills the room with made-up pupils. */
  @AnyClass
  @PostMapping("/open/made-up")
  RoomView fill(@RequestParam(defaultValue = "40") int pupils) {
    madeUp.fill(pupils);
    return now();
  }
}
