package bemble.app.room;

import bemble.app.room.RoomJson.OwnSeat;
import bemble.app.room.RoomJson.RoomTelling;
import bemble.app.room.RoomJson.RoomTerms;
import bemble.app.room.RoomJson.RoomWorkRequest;
import bemble.app.room.RoomJson.SeatWork;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;

/** The room that is open: its door, its devices and its seats. */
final class OpenRoom {
  private static final int MOST_WAITING = 80;
  private static final int MOST_WAITING_AT_ADDRESS = 40;

  private final RoomRow row;
  private final Door door;
  private final AtomicLong numbers = new AtomicLong();

  /** By the digests of their tokens. */
  private final Map<String, Device> devices = new ConcurrentHashMap<>();

  private final Map<Long, Seat> seats = new ConcurrentHashMap<>();
  private final List<RoomWorkRequest> given = new CopyOnWriteArrayList<>();
  private volatile boolean stilled;
  private volatile @Nullable Long shown;
  private volatile boolean lost;
  private volatile boolean isNews = true;

  OpenRoom(RoomRow row) {
    this.row = row;
    this.door = new Door(row.code());
  }

  RoomRow row() {
    return row;
  }

  Door door() {
    return door;
  }

  /** Whether anything but its pages has changed since the last question. */
  boolean takeNews() {
    boolean was = isNews;
    isNews = false;
    return was;
  }

  void changed() {
    isNews = true;
  }

  boolean isStilled() {
    return stilled;
  }

  void still(boolean all) {
    stilled = all;
    devices.values().forEach(Device::changed);
    changed();
  }

  /** Whether this machine does not have the address of the room any more. */
  boolean isLost() {
    return lost;
  }

  void lose(boolean address) {
    if (lost != address) {
      lost = address;
      changed();
    }
  }

  @Nullable Long shown() {
    return shown;
  }

  void show(@Nullable Long seat) {
    shown = seat;
    changed();
  }

  /** Remembers the work that is given out, for pupils who come later. */
  void give(RoomWorkRequest work) {
    given.add(work);
  }

  /** The work that was given out last for a seat. */
  Optional<RoomWorkRequest> given(Seat seat) {
    return given.stream().filter(work -> RoomGiving.isMeant(work, seat)).reduce((a, b) -> b);
  }

  Optional<Device> device(String token) {
    return Optional.ofNullable(devices.get(RoomToken.digest(token)))
        .filter(device -> RoomToken.same(device.digest(), RoomToken.digest(token)));
  }

  Optional<Device> waiting(long id) {
    return devices.values().stream()
        .filter(device -> device.id() == id && device.seat() == null)
        .findFirst();
  }

  /** The devices at the door, in the order in which they came. */
  List<Device> waiting() {
    return devices.values().stream()
        .filter(device -> device.state() == RoomJson.KnockState.WAITING)
        .sorted(Comparator.comparing(Device::id))
        .toList();
  }

  /** A device at the door; empty where too many wait already. */
  synchronized Optional<Device> knock(String token, String said, String address, Instant now) {
    List<Device> before = waiting();
    long fromThere = before.stream().filter(each -> each.address().equals(address)).count();
    if (before.size() >= MOST_WAITING || fromThere >= MOST_WAITING_AT_ADDRESS) {
      return Optional.empty();
    }
    return Optional.of(add(RoomToken.digest(token), said, address, now));
  }

  private Device add(String digest, String said, String address, Instant now) {
    // Those that were turned away have been told by now.
    devices
        .values()
        .removeIf(each -> each.state() == RoomJson.KnockState.TURNED_AWAY && each.isAway(now));
    Device device = new Device(numbers.incrementAndGet(), digest, said, address, now);
    devices.put(digest, device);
    changed();
    return device;
  }

  /** Lets a device in to a seat; another that had it is let out. */
  synchronized void letIn(Device device, Seat seat) {
    of(seat).forEach(Device::turnAway);
    seats.put(seat.id(), seat);
    device.letIn(seat);
    changed();
  }

  /** A seat as it was before Bemble was stopped, with the digest of its token. */
  void bringBack(Seat seat, String digest, Instant now) {
    letIn(add(digest, "", "", now), seat);
  }

  /** A seat that needs no device. */
  void add(Seat seat) {
    seats.put(seat.id(), seat);
    changed();
  }

  /** The devices in a seat: one, or none if a made-up pupil sits there. */
  List<Device> of(Seat seat) {
    return devices.values().stream().filter(device -> device.seat() == seat).toList();
  }

  Optional<Seat> seatOf(long pupil) {
    return seats.values().stream()
        .filter(seat -> seat.pupil() != null && seat.pupil() == pupil)
        .findFirst();
  }

  Optional<Seat> seat(long id) {
    return Optional.ofNullable(seats.get(id));
  }

  /** All seats by number. */
  List<Seat> seats() {
    List<Seat> all = new ArrayList<>(seats.values());
    all.sort(Comparator.comparing(Seat::number));
    return all;
  }

  boolean isAway(Seat seat, Instant now) {
    return seat.pupil() == null
        ? seat.isAsleep()
        : of(seat).stream().allMatch(device -> device.isAway(now));
  }

  /** Tells the device in a seat that something has changed. */
  void tell(Seat seat) {
    of(seat).forEach(Device::changed);
  }

  /** Ends all waiting of devices: the room is no longer there. */
  void end() {
    devices.values().forEach(Device::close);
    devices.clear();
  }

  /** The seat as its device sees it. */
  OwnSeat own(Device device, OffsetDateTime now) {
    Seat seat = device.seat();
    return new OwnSeat(
        device.known(),
        now,
        device.state(),
        seat == null ? null : seat.number(),
        seat == null ? "" : seat.name(),
        stilled,
        terms(),
        seat == null
            ? new SeatWork(null, false, false)
            : new SeatWork(seat.page(), seat.hasMore(), seat.hasEnded()));
  }

  RoomTerms terms() {
    return new RoomTerms(RoomTelling.valueOf(row.telling()), row.hints(), row.showsTime());
  }
}
