package bemble.app.room;

import bemble.app.house.Roll;
import bemble.app.refusal.MissingException;
import bemble.app.refusal.RefusedException;
import bemble.app.room.RoomJson.KnockRequest;
import bemble.app.room.RoomJson.KnockView;
import bemble.app.room.RoomJson.LetInRequest;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Who comes in: a device says the code and who writes on it, and the teacher lets it in. */
@Component
class RoomDoor {
  private final Rooms rooms;
  private final RoomGiving giving;
  private final RoomMapper mapper;
  private final Roll roll;
  private final Clock clock;

  RoomDoor(Rooms rooms, RoomGiving giving, RoomMapper mapper, Roll roll, Clock clock) {
    this.rooms = rooms;
    this.giving = giving;
    this.mapper = mapper;
    this.roll = roll;
    this.clock = clock;
  }

  /**
   * A device at the door. Whether anybody has that number or name is not told.
   *
   * @param address where it stands in the network
   * @return the token of its seat
   */
  String knock(KnockRequest request, String address) {
    OpenRoom room = rooms.open();
    Instant now = clock.instant();
    boolean wasShut = room.door().isShut();
    Door.Outcome outcome = room.door().knock(request.code(), address, now);
    if (room.door().isShut() != wasShut) {
      room.changed();
    }
    switch (outcome) {
      case WRONG -> throw RefusedException.of("room-code");
      case WAIT -> throw RefusedException.of("room-wait");
      case SHUT -> throw RefusedException.of("room-shut");
      case LET_ON -> {
        String token = RoomToken.draw();
        String said = request.who();
        return room.knock(token, said, address, now)
            .map(device -> token)
            .orElseThrow(() -> RefusedException.of("room-full"));
      }
      default -> throw new IllegalStateException("no such outcome: " + outcome);
    }
  }

  /** The devices at the door, with the pupils that each may be. */
  List<KnockView> waiting(OpenRoom room) {
    long classId = room.row().classId();
    Map<Long, String> names = roll.names(classId);
    Map<Long, Integer> numbers = roll.numbers(classId);
    Map<Device, List<Long>> meant = new LinkedHashMap<>();
    room.waiting().forEach(each -> meant.put(each, meant(each.said(), names, numbers)));
    return meant.entrySet().stream()
        .map(each -> view(room, each.getKey(), each.getValue(), meant.values()))
        .toList();
  }

  private static KnockView view(
      OpenRoom room, Device device, List<Long> meant, Collection<List<Long>> all) {
    boolean isTwice = Collections.frequency(all, meant) > 1;
    boolean again = meant.size() == 1 && (isTwice || isThere(room, meant.get(0)));
    return new KnockView(device.id(), device.said(), meant, again);
  }

  private static boolean isThere(OpenRoom room, long pupil) {
    return room.seatOf(pupil).filter(seat -> !room.of(seat).isEmpty()).isPresent();
  }

  /**
   * The pupil of a number or a whole name, or the pupils with a word in their names that begins so.
   */
  static List<Long> meant(String said, Map<Long, String> names, Map<Long, Integer> numbers) {
    String wanted = said.toLowerCase(Locale.ROOT);
    List<Long> meant = new ArrayList<>();
    for (Map.Entry<Long, String> each : names.entrySet()) {
      String name = each.getValue().toLowerCase(Locale.ROOT);
      if (name.equals(wanted)) {
        return List.of(each.getKey());
      }
      boolean isNumber = wanted.equals(String.valueOf(numbers.get(each.getKey())));
      if (isNumber || name.startsWith(wanted) || name.contains(" " + wanted)) {
        meant.add(each.getKey());
      }
    }
    return meant;
  }

  /** Lets devices in, each as the pupil that the teacher says. */
  void letIn(List<LetInRequest> devices) {
    OpenRoom room = rooms.openHere();
    Map<Long, String> names = roll.names(room.row().classId());
    Map<Long, Integer> numbers = roll.numbers(room.row().classId());
    for (LetInRequest each : devices) {
      String name = names.get(each.pupil());
      Integer number = numbers.get(each.pupil());
      if (name == null || number == null) {
        throw new MissingException("pupil");
      }
      Device device = device(room, each.knock());
      Seat seat = seat(room, device, each.pupil(), number, name);
      room.letIn(device, seat);
      giving.bringCurrent(room, seat);
    }
  }

  private Seat seat(OpenRoom room, Device device, long pupil, int number, String name) {
    return room.seatOf(pupil)
        .map(
            seat -> {
              mapper.give(seat.id(), device.digest());
              return seat;
            })
        .orElseGet(
            () -> {
              SeatRow row = new SeatRow(0, room.row().id(), pupil, number, device.digest());
              return new Seat(mapper.addSeat(row), pupil, number, name, clock.instant());
            });
  }

  void turnAway(long knock) {
    OpenRoom room = rooms.open();
    device(room, knock).turnAway();
    room.changed();
  }

  /** Opens the door to another code. Devices that are in stay. */
  void recode() {
    OpenRoom room = rooms.open();
    String code = RoomToken.drawCode();
    mapper.recode(room.row().id(), code);
    room.door().recode(code);
    room.changed();
  }

  private static Device device(OpenRoom room, long knock) {
    return room.waiting(knock).orElseThrow(() -> new MissingException("knock"));
  }
}
