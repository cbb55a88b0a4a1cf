package bemble.app.room;

import bemble.app.export.CodeMatrix;
import bemble.app.guard.PupilPort;
import bemble.app.house.Roll;
import bemble.app.refusal.MissingException;
import bemble.app.room.RoomJson.DoorView;
import bemble.app.room.RoomJson.RoomAddress;
import bemble.app.room.RoomJson.RoomEntry;
import bemble.app.room.RoomJson.RoomRequest;
import bemble.app.room.RoomJson.RoomTelling;
import bemble.app.room.RoomJson.RoomView;
import bemble.app.room.RoomJson.RoomsView;
import bemble.app.room.RoomJson.SeatView;
import bemble.app.room.RoomJson.SquareCode;
import bemble.app.slate.PageGlance;
import bemble.app.slate.RoomPages;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The room as its teacher sees it. */
@Component
class RoomViews {
  private static final int MOST_HELD = 30;

  /** The settings of a first room: pupils are told at the end of a page, and have no hints. */
  private static final RoomRequest FIRST =
      new RoomRequest("", 45, RoomTelling.AT_END, false, false);

  private final Rooms rooms;
  private final RoomDoor door;
  private final RoomMapper mapper;
  private final RoomPages pages;
  private final Networks networks;
  private final PupilPort port;
  private final Roll roll;
  private final Clock clock;

  RoomViews(
      Rooms rooms,
      RoomDoor door,
      RoomMapper mapper,
      RoomPages pages,
      Networks networks,
      PupilPort port,
      Roll roll,
      Clock clock) {
    this.rooms = rooms;
    this.door = door;
    this.mapper = mapper;
    this.pages = pages;
    this.networks = networks;
    this.port = port;
    this.roll = roll;
    this.clock = clock;
  }

  RoomsView all() {
    List<RoomRow> held = mapper.of(roll.currentClass(), MOST_HELD);
    List<RoomAddress> addresses =
        networks.addresses().stream()
            .map(each -> new RoomAddress(each.getHostAddress(), each.isLoopbackAddress()))
            .toList();
    return new RoomsView(
        addresses,
        held.isEmpty() ? FIRST : again(held.get(0)),
        rooms.current().map(this::view).orElse(null),
        held.stream()
            .filter(row -> row.closedAt() != null)
            .map(row -> new RoomEntry(row.id(), row.openedAt(), row.closedAt()))
            .toList());
  }

  /** Its address may be another today. */
  private static RoomRequest again(RoomRow row) {
    return new RoomRequest(
        "", FIRST.minutes(), RoomTelling.valueOf(row.telling()), row.hints(), row.showsTime());
  }

  /** The room with all its pages. */
  RoomView view(OpenRoom room) {
    RoomRow row = room.row();
    return new RoomView(
        row.id(),
        row.openedAt(),
        row.endsAt(),
        room.terms(),
        door(room),
        room.isStilled(),
        room.shown(),
        seats(room));
  }

  private DoorView door(OpenRoom room) {
    String address = (port.isEncrypted() ? "https://" : "http://") + host(room.row()) + "/room";
    String code = room.door().code();
    return new DoorView(
        address,
        code,
        // Behind the number sign, the code is never sent with an address or written into a log.
        square(address + "#" + code),
        room.door().isShut(),
        room.isLost(),
        door.waiting(room));
  }

  private static String host(RoomRow row) {
    return row.address() + ":" + row.port();
  }

  private SeatView seat(OpenRoom room, Seat seat, Instant now) {
    return seat.view(room.isAway(seat, now), now, this::glance);
  }

  /** A page at a glance; none if it was deleted meanwhile. */
  private @Nullable PageGlance glance(long page) {
    try {
      return pages.glance(page);
    } catch (MissingException e) {
      return null;
    }
  }

  /** All seats as they are now, by number. */
  List<SeatView> seats(OpenRoom room) {
    Instant now = clock.instant();
    return room.seats().stream().map(seat -> seat(room, seat, now)).toList();
  }

  private static SquareCode square(String text) {
    BitMatrix bits = CodeMatrix.of(text, ErrorCorrectionLevel.L);
    List<String> rows = new ArrayList<>();
    for (int row = 0; row < bits.getHeight(); row++) {
      StringBuilder squares = new StringBuilder();
      for (int column = 0; column < bits.getWidth(); column++) {
        squares.append(bits.get(column, row) ? '1' : '0');
      }
      rows.add(squares.toString());
    }
    return new SquareCode(rows);
  }
}
