package bemble.app.room;

import bemble.app.once.SameTwice;
import bemble.app.room.RoomJson.KnockAnswer;
import bemble.app.room.RoomJson.KnockRequest;
import bemble.app.room.RoomJson.OwnSeat;
import bemble.app.room.RoomJson.StuckRequest;
import bemble.app.slate.AttemptView;
import bemble.app.slate.HintView;
import bemble.app.slate.ReportView;
import bemble.app.slate.StrokesRequest;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import java.util.concurrent.CompletableFuture;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The requests of a pupil's device: to be let in, and those for its own seat. */
@RestController
@RequestMapping("/room")
class SeatController {
  private final RoomDoor door;
  private final Seats seats;
  private final RoomWork work;
  private final RoomGiving giving;

  SeatController(RoomDoor door, Seats seats, RoomWork work, RoomGiving giving) {
    this.door = door;
    this.seats = seats;
    this.work = work;
    this.giving = giving;
  }

  @PostMapping("/knocks")
  @ResponseStatus(HttpStatus.CREATED)
  KnockAnswer knock(@Valid @RequestBody KnockRequest request, HttpServletRequest asked) {
    return new KnockAnswer(door.knock(request, asked.getRemoteAddr()));
  }

  /** The seat, as soon as it is another than the device knows. */
  @GetMapping("/seat")
  CompletableFuture<OwnSeat> seat(
      @RequestHeader(value = HttpHeaders.AUTHORIZATION, defaultValue = "") String token,
      @RequestParam(defaultValue = "0") long known) {
    return seats.changed(token, known);
  }

  @PostMapping("/seat/stuck")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void stuck(
      @RequestHeader(value = HttpHeaders.AUTHORIZATION, defaultValue = "") String token,
      @RequestBody StuckRequest request) {
    seats.of(token).stuck(request.stuck());
  }

  /** Goes on to the next sum. */
  @SameTwice
  @PostMapping("/seat/next")
  OwnSeat next(@RequestHeader(value = HttpHeaders.AUTHORIZATION, defaultValue = "") String token) {
    giving.next(seats.of(token));
    return seats.own(token);
  }

  @GetMapping("/pages/{id}")
  AttemptView page(
      @RequestHeader(value = HttpHeaders.AUTHORIZATION, defaultValue = "") String token,
      @PathVariable long id) {
    return work.page(seats.of(token), id);
  }

  /** Writes on the page; it is kept by the time of the answer. */
  @SameTwice
  @PostMapping("/pages/{id}/strokes")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void write(
      @RequestHeader(value = HttpHeaders.AUTHORIZATION, defaultValue = "") String token,
      @PathVariable long id,
      @Valid @RequestBody StrokesRequest request) {
    work.write(seats.of(token), id, request.strokes());
  }

  /** Which figures of the page are right; answers without a body while nothing may be told. */
  @GetMapping("/pages/{id}/report")
  CompletableFuture<ResponseEntity<ReportView>> report(
      @RequestHeader(value = HttpHeaders.AUTHORIZATION, defaultValue = "") String token,
      @PathVariable long id) {
    return work.report(seats.of(token), id)
        .thenApply(
            report ->
                report.map(ResponseEntity::ok).orElseGet(() -> ResponseEntity.noContent().build()));
  }

  @SameTwice
  @PostMapping("/pages/{id}/hand-in")
  AttemptView handIn(
      @RequestHeader(value = HttpHeaders.AUTHORIZATION, defaultValue = "") String token,
      @PathVariable long id) {
    return work.handIn(seats.of(token), id);
  }

  @SameTwice
  @PostMapping("/pages/{id}/hint")
  HintView hint(
      @RequestHeader(value = HttpHeaders.AUTHORIZATION, defaultValue = "") String token,
      @PathVariable long id) {
    return work.hint(seats.of(token), id);
  }
}
