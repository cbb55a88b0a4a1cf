package bemble.app.room;

import bemble.app.sets.SetJson.SumRequest;
import bemble.app.slate.PageGlance;
import bemble.app.words.PlainName;
import bemble.app.working.SumRef;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The JSON of rooms. */
public final class RoomJson {
  private RoomJson() {}

  /** When pupils are told which figures are right. */
  public enum RoomTelling {
    AT_ONCE,
    AT_END,
    NEVER
  }

  /** The states of a seat. */
  public enum SeatState {
    NO_PAGE,
    WRITING,
    STUCK,
    SLIPPED,
    RIGHT,
    AWAY
  }

  /** Whether a device is let in. */
  public enum KnockState {
    WAITING,
    IN,
    TURNED_AWAY,
    CLOSED
  }

  /** A room to be opened. */
  public record RoomRequest(
      @NotBlank(message = "{valid.room-address}") String address,
      @Min(value = 5, message = "{valid.room-minutes}")
          @Max(value = 90, message = "{valid.room-minutes}")
          int minutes,
      @NotNull(message = "{valid.room-telling}") RoomTelling telling,
      boolean hints,
      boolean showsTime) {}

  /** An address of this machine; only this machine reaches {@code alone}. */
  public record RoomAddress(String address, boolean alone) {}

  /**
   * The open room and the earlier ones.
   *
   * @param last how the last one was opened, to be opened so again
   * @param room the one that is open
   */
  public record RoomsView(
      List<RoomAddress> addresses,
      RoomRequest last,
      @Nullable RoomView room,
      List<RoomEntry> held) {}

  /** A room that was held. */
  public record RoomEntry(long id, OffsetDateTime openedAt, @Nullable OffsetDateTime closedAt) {}

  /** A code to be seen by a camera: its rows of squares, each of which is 1 where it is dark. */
  public record SquareCode(List<String> rows) {}

  /** When pupils are told which figures are right, and whether they have hints and a clock. */
  public record RoomTerms(RoomTelling telling, boolean hints, boolean showsTime) {}

  /**
   * Where devices come in.
   *
   * @param address the address that a pupil types
   * @param square address and code
   * @param shut whether so many wrong codes came that the door is closed
   * @param lost whether this machine does not have the address any more
   */
  public record DoorView(
      String address,
      String code,
      SquareCode square,
      boolean shut,
      boolean lost,
      List<KnockView> knocks) {}

  /**
   * The room that is open.
   *
   * @param stilled whether all eyes are asked for
   * @param shown the seat whose page stands on the Board
   */
  public record RoomView(
      long id,
      OffsetDateTime openedAt,
      OffsetDateTime endsAt,
      RoomTerms terms,
      DoorView door,
      boolean stilled,
      @Nullable Long shown,
      List<SeatView> seats) {}

  /**
   * A device that waits to be let in.
   *
   * @param said the number or name that was typed
   * @param pupils who that may be
   * @param again whether the one who is meant is in already, or knocks on another device as well
   */
  public record KnockView(long id, String said, List<Long> pupils, boolean again) {}

  /**
   * A seat. Who sits there lies flat in JSON.
   *
   * @param saysStuck whether its writer has said so
   * @param page the page that is being written there
   * @param done how many pages were handed in
   * @param right how many of these are right
   */
  public record SeatView(
      long id,
      @JsonUnwrapped Sitter sitter,
      SeatState state,
      boolean saysStuck,
      @Nullable PageGlance page,
      int done,
      int right) {}

  /**
   * Who sits at a seat.
   *
   * @param pupil missing for a made-up one
   * @param name empty for a made-up one
   */
  public record Sitter(@Nullable Long pupil, int number, String name) {}

  /** A device to be let in as a pupil. */
  public record LetInRequest(
      @NotNull(message = "{valid.room-knock}") Long knock,
      @NotNull(message = "{valid.room-pupil}") Long pupil) {}

  /** Devices to be let in. */
  public record LetInsRequest(
      @NotEmpty(message = "{valid.room-knock}") @Size(max = 60, message = "{valid.room-knock}")
          List<@Valid @NotNull(message = "{valid.room-knock}") LetInRequest> devices) {}

  /**
   * The work to give out: one sum, or several one after the other.
   *
   * @param title the name of several sums
   * @param set the kept set that they are from, if any, with its version
   * @param pupils who works it; all if left out
   */
  public record RoomWorkRequest(
      @Nullable @Valid SumRef sum,
      @PlainName @Nullable String title,
      @Size(max = 200, message = "{valid.sums-of-set}")
          @Nullable List<@Valid @NotNull(message = "{valid.sum}") SumRequest> sums,
      @Nullable Long set,
      @Nullable String version,
      @Size(max = 60, message = "{valid.group-pupils}")
          @Nullable List<@NotNull(message = "{valid.room-pupil}") Long> pupils) {}

  /** A knock: the code and the name that somebody gives at the door. */
  public record KnockRequest(
      @NotNull(message = "{valid.room-code}")
          @Pattern(regexp = "[0-9]{6}", message = "{valid.room-code}")
          String code,
      @NotBlank(message = "{valid.room-who}") @PlainName String who) {}

  /** The token of the seat, valid once its device is let in. */
  public record KnockAnswer(String token) {}

  /**
   * A seat as its device sees it.
   *
   * @param known a number that changes with the seat: a device that knows this one waits for
   *     another
   * @param now the time here: the clock of a device may be another
   */
  public record OwnSeat(
      long known,
      OffsetDateTime now,
      KnockState state,
      @Nullable Integer number,
      String name,
      boolean stilled,
      RoomTerms terms,
      SeatWork work) {}

  /**
   * The work at a seat.
   *
   * @param page the page that is worked, if there is one
   * @param more whether another sum comes behind it
   * @param ended whether that page is handed in
   */
  public record SeatWork(@Nullable Long page, boolean more, boolean ended) {}

  /** Whether a pupil says to be stuck. */
  public record StuckRequest(boolean stuck) {}

  /**
   * The summary of a room.
   *
   * @param sums the sums of the room, in the order in which they were given out
   * @param pupils who was there
   * @param shared the slips that several pupils made in more than one page each
   */
  public record RoomSummary(
      long id,
      OffsetDateTime openedAt,
      @Nullable OffsetDateTime closedAt,
      List<WrittenSum> sums,
      List<WrittenPages> pupils,
      List<SharedByPages> shared) {}

  /** The tally of a sum: how many pupils began it, handed it in, and had it right. */
  public record WrittenSum(String problem, int begun, int done, int right) {}

  /** The tally of a pupil: the number of pages, of right ones, and of those shown to all. */
  public record WrittenPages(
      long pupil, int number, String name, int begun, int done, int right, int shown) {}

  /** A slip that each of some pupils made in two pages or more. */
  public record SharedByPages(String slip, String name, List<Long> pupils) {}
}
