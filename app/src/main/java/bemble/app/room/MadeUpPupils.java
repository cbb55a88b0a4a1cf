package bemble.app.room;

import bemble.app.refusal.MissingException;
import bemble.app.refusal.RefusedException;
import bemble.app.refusal.StaleException;
import bemble.app.room.RoomJson.RoomWorkRequest;
import bemble.app.slate.SimulatedSlates;
import bemble.app.slate.StrokeView;
import bemble.app.working.SumRef;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Made-up pupils, so that a room can be tried at home: they write at a child's pace, slip, stop,
 * sleep and come back. Their pages go with the room and are nobody's evidence.
 */
@Component
class MadeUpPupils {
  private static final Logger LOG = LoggerFactory.getLogger(MadeUpPupils.class);
  private static final int MOST = 40;
  private static final int FIRST_NUMBER = 101;
  private static final int TICK_MILLIS = 200;
  private static final int FASTEST_MILLIS = 900;
  private static final int SLOWEST_MILLIS = 4500;
  private static final Duration STOP = Duration.ofSeconds(80);
  private static final Duration SLEEP = Duration.ofSeconds(40);

  /** How often one stops, in a hundred figures. */
  private static final int STOPS = 1;

  /** How often one sleeps, in a hundred figures. */
  private static final int SLEEPS = 1;

  /** In a hundred sums. */
  private static final int SLIPS = 35;

  private final Rooms rooms;
  private final RoomWork work;
  private final RoomGiving giving;
  private final SimulatedSlates slates;
  private final RoomMapper mapper;
  private final Clock clock;
  private final Map<Seat, Hand> hands = new ConcurrentHashMap<>();

  /** The next strokes of a made-up pupil, and their times. */
  private static final class Hand {
    final Random chance;
    final int pace;
    @Nullable Long page;
    @Nullable RoomWorkRequest given;
    int sum;
    List<StrokeView> strokes = List.of();
    int written;
    Instant next;

    Hand(long seed, Instant now) {
      chance = new Random(seed);
      pace = FASTEST_MILLIS + chance.nextInt(SLOWEST_MILLIS - FASTEST_MILLIS);
      next = now.plusMillis(chance.nextInt(SLOWEST_MILLIS));
    }
  }

  MadeUpPupils(
      Rooms rooms,
      RoomWork work,
      RoomGiving giving,
      SimulatedSlates slates,
      RoomMapper mapper,
      Clock clock) {
    this.rooms = rooms;
    this.work = work;
    this.giving = giving;
    this.slates = slates;
    this.mapper = mapper;
    this.clock = clock;
  }

  /** Fills the room with so many of them. */
  void fill(int pupils) {
    if (pupils < 1 || pupils > MOST) {
      throw RefusedException.of("room-made-up", "most", MOST);
    }
    OpenRoom room = rooms.open();
    int there = (int) room.seats().stream().filter(seat -> seat.pupil() == null).count();
    for (int number = there; number < pupils; number++) {
      String nobody = RoomToken.digest(RoomToken.draw());
      SeatRow row = new SeatRow(0, room.row().id(), null, FIRST_NUMBER + number, nobody);
      Seat seat = new Seat(mapper.addSeat(row), null, row.number(), "", clock.instant());
      room.add(seat);
      giving.bringCurrent(room, seat);
    }
  }

  @Scheduled(fixedDelay = TICK_MILLIS)
  void write() {
    Optional<OpenRoom> room = rooms.current();
    if (room.isEmpty()) {
      hands.clear();
      return;
    }
    Instant now = clock.instant();
    for (Seat seat : room.get().seats()) {
      if (seat.pupil() == null && !room.get().isStilled()) {
        Hand hand = hands.computeIfAbsent(seat, any -> new Hand(seat.number(), now));
        if (!hand.next.isAfter(now)) {
          writeIfThere(room.get(), seat, hand, now);
        }
      }
    }
  }

  private void writeIfThere(OpenRoom room, Seat seat, Hand hand, Instant now) {
    try {
      write(room, seat, hand, now);
    } catch (StaleException | MissingException e) {
      LOG.debug("The room was closed meanwhile, or the page deleted", e);
    }
  }

  private void write(OpenRoom room, Seat seat, Hand hand, Instant now) {
    Long page = seat.page();
    hand.next = now.plusMillis(hand.pace / 2 + hand.chance.nextInt(hand.pace));
    if (seat.isAsleep()) {
      seat.sleep(false);
      return;
    }
    if (page == null) {
      return;
    }
    if (!page.equals(hand.page)) {
      begin(room, seat, hand, page);
    } else if (hand.written < hand.strokes.size()) {
      work.write(seat, page, List.of(hand.strokes.get(hand.written++)));
      stop(seat, hand, now);
    } else if (!seat.hasEnded()) {
      work.handIn(seat, page);
    } else {
      next(room, seat, hand);
    }
  }

  private static void stop(Seat seat, Hand hand, Instant now) {
    int chance = hand.chance.nextInt(100);
    if (chance < STOPS) {
      seat.stuck(hand.chance.nextBoolean());
      hand.next = now.plus(STOP);
    } else if (chance < STOPS + SLEEPS) {
      seat.sleep(true);
      hand.next = now.plus(SLEEP);
    }
  }

  private void begin(OpenRoom room, Seat seat, Hand hand, long page) {
    RoomWorkRequest given = room.given(seat).orElseThrow();
    if (!given.equals(hand.given)) {
      hand.given = given;
      hand.sum = 0;
    }
    SumRef sum = RoomGiving.sums(given).get(hand.sum);
    List<String> known = new ArrayList<>(slates.slipsOf(sum));
    boolean slips = hand.chance.nextInt(100) < SLIPS && !known.isEmpty();
    List<String> made = slips ? List.of(known.get(hand.chance.nextInt(known.size()))) : List.of();
    hand.page = page;
    hand.strokes = slates.strokes(sum, made);
    hand.written = 0;
  }

  /** The next of several sums. */
  private void next(OpenRoom room, Seat seat, Hand hand) {
    RoomWorkRequest given = hand.given;
    if (given != null && hand.sum + 1 < RoomGiving.sums(given).size()) {
      hand.sum++;
      giving.begin(room, seat, RoomGiving.sums(given).get(hand.sum));
    }
  }
}
