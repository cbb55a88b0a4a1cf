package bemble.app.room;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import bemble.app.guard.PupilPort;
import bemble.app.house.Roll;
import bemble.app.room.RoomJson.RoomRequest;
import bemble.app.room.RoomJson.RoomTelling;
import bemble.app.slate.RoomPages;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.net.InetAddress;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.context.ApplicationEventPublisher;

/** A room ends with its lesson, even if it is forgotten or its address changes. */
class RoomOvernightTest {
  private static final Instant NOON = Instant.parse("2026-11-30T12:00:00Z");
  private final RoomMapper mapper = mock(RoomMapper.class);
  private final Networks networks = mock(Networks.class);
  private final PupilPort port = mock(PupilPort.class);
  private Instant now = NOON;

  private final Clock clock =
      new Clock() {
        @Override
        public ZoneId getZone() {
          return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
          return this;
        }

        @Override
        public Instant instant() {
          return now;
        }
      };

  private final Rooms rooms =
      new Rooms(
          mapper,
          mock(RoomPages.class),
          mock(Roll.class),
          new Listening(networks, port, 8686),
          clock,
          new ObjectMapper(),
          mock(ApplicationEventPublisher.class));

  private RoomRow row(int minutes) {
    OffsetDateTime noon = NOON.atOffset(ZoneOffset.UTC);
    return new RoomRow(
        3,
        1,
        "10.0.0.2",
        8686,
        "402871",
        noon,
        noon.plusMinutes(minutes),
        null,
        "AT_END",
        false,
        false);
  }

  @BeforeEach
  void thereIsANetwork() throws Exception {
    when(networks.named("10.0.0.2")).thenReturn(Optional.of(InetAddress.getByName("10.0.0.2")));
    when(port.open(any(), anyInt())).thenReturn(true);
    when(mapper.find(anyLong())).thenReturn(Optional.of(row(45)));
  }

  private void open() {
    rooms.open(new RoomRequest("10.0.0.2", 45, RoomTelling.AT_END, false, false));
  }

  @Test
  void closesWhenItsTimeIsOver() {
    open();
    now = NOON.plus(Duration.ofMinutes(45)).minusMillis(1);
    rooms.look();
    assertTrue(rooms.current().isPresent());
    now = NOON.plus(Duration.ofMinutes(45));
    rooms.look();
    assertTrue(rooms.current().isEmpty());
    verify(port).close();
    verify(mapper).close(any());
  }

  @Test
  void saysSoOnceItsAddressIsGone() {
    open();
    OpenRoom room = rooms.current().orElseThrow();
    room.takeNews();
    rooms.look();
    assertFalse(room.takeNews(), "nothing has changed");
    when(networks.named("10.0.0.2")).thenReturn(Optional.empty());
    rooms.look();
    assertTrue(room.isLost());
    assertTrue(room.takeNews());
  }

  private void startAgain() {
    rooms.afterSingletonsInstantiated();
    rooms.openAgain();
  }

  /** The machine was killed, and is started on the next morning. */
  @Test
  void isNotOpenedAgainAfterItsTime() {
    when(mapper.open()).thenReturn(Optional.of(row(45)));
    now = NOON.plus(Duration.ofHours(20));
    startAgain();
    assertTrue(rooms.current().isEmpty());
    verify(port, never()).open(any(), anyInt());
    verify(mapper).close(any());
    verify(mapper).clear(3);
    verify(mapper).removeMadeUp(3);
  }

  /** A device that finds its seat unknown gives it up: it must not be asked too early. */
  @Test
  void knowsItsSeatsBeforeItsPortIsOpenedAgain() {
    when(mapper.open()).thenReturn(Optional.of(row(45)));
    when(port.open(any(), anyInt())).thenAnswer(asked -> rooms.current().isPresent());
    startAgain();
    assertTrue(rooms.current().isPresent());
  }

  @Test
  void isOpenedAgainInItsTimeAndNotBesideItsAddress() {
    when(mapper.open()).thenReturn(Optional.of(row(45)));
    startAgain();
    assertEquals("402871", rooms.current().orElseThrow().door().code());
    rooms.close();
    when(networks.named("10.0.0.2")).thenReturn(Optional.empty());
    startAgain();
    assertTrue(rooms.current().isEmpty());
  }
}
