package bemble.app.scan;

import bemble.app.guard.AnyClass;
import bemble.app.guard.TakesFile;
import bemble.app.marking.MarkingJson.CellsView;
import bemble.app.scan.ScanJson.FrameView;
import bemble.app.scan.ScanJson.KeptSheet;
import bemble.app.scan.ScanJson.PlacedAnswer;
import bemble.app.scan.ScanJson.ReadWorking;
import bemble.app.scan.ScanJson.ScanNumber;
import bemble.app.scan.ScanJson.ScanView;
import bemble.app.scan.ScanJson.SettledAnswer;
import bemble.app.scan.ScanJson.SettledSquare;
import bemble.app.scan.ScanJson.WallFigure;
import bemble.app.scan.ScanJson.WriterRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.io.InputStream;
import java.time.LocalDate;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Filled sheets in pictures, on their way into the grid of a handout. */
@RestController
@AnyClass
class ScanController {
  private final Scans scans;
  private final Piles piles;
  private final ReadWorkings workings;
  private final KeptSheets kept;
  private final ScanQueue queue;
  private final CameraFrames frames;

  ScanController(
      Scans scans,
      Piles piles,
      ReadWorkings workings,
      KeptSheets kept,
      ScanQueue queue,
      CameraFrames frames) {
    this.scans = scans;
    this.piles = piles;
    this.workings = workings;
    this.kept = kept;
    this.queue = queue;
    this.frames = frames;
  }

  /**
   * Begins to read a PDF or a picture; its pages join the pile of the handout.
   *
   * @param anew whether a page that was there already is taken anew
   */
  @PostMapping(path = "/api/scans", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  @ResponseStatus(HttpStatus.ACCEPTED)
  @TakesFile
  ScanNumber begin(
      @RequestParam long handout,
      @RequestParam(defaultValue = "") String name,
      @RequestParam(defaultValue = "false") boolean anew,
      InputStream file) {
    return new ScanNumber(queue.begin(new ScanQueue.Received(handout, name, anew), file));
  }

  /** Looks at a frame of a camera. Nothing of it is kept. */
  @PostMapping(path = "/api/scans/frames", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  @TakesFile
  FrameView frame(@RequestParam long handout, InputStream frame) {
    return frames.look(handout, frame);
  }

  /** The piles of a handout that are not taken yet. */
  @GetMapping("/api/scans")
  List<ScanView> of(@RequestParam long handout) {
    return piles.of(handout);
  }

  @GetMapping("/api/scans/{id}")
  ScanView open(@PathVariable long id) {
    return piles.open(id);
  }

  /** The cut-out of an answer. */
  @GetMapping(
      path = "/api/scans/{id}/pages/{page}/answers/{sum}",
      produces = MediaType.IMAGE_JPEG_VALUE)
  byte[] answer(@PathVariable long id, @PathVariable long page, @PathVariable int sum) {
    return piles.picture(id, page, CutOuts.answer(sum));
  }

  /** The band of the sheet in which a sum stands. */
  @GetMapping(
      path = "/api/scans/{id}/pages/{page}/bands/{sum}",
      produces = MediaType.IMAGE_JPEG_VALUE)
  byte[] band(@PathVariable long id, @PathVariable long page, @PathVariable int sum) {
    return piles.picture(id, page, CutOuts.band(sum));
  }

  /** The whole sheet, laid flat. */
  @GetMapping(path = "/api/scans/{id}/pages/{page}/sheet", produces = MediaType.IMAGE_JPEG_VALUE)
  byte[] sheet(@PathVariable long id, @PathVariable long page) {
    return piles.picture(id, page, CutOuts.SHEET);
  }

  /** The squares on which a sum is set out and worked. */
  @GetMapping(
      path = "/api/scans/{id}/pages/{page}/squares/{sum}",
      produces = MediaType.IMAGE_JPEG_VALUE)
  byte[] squares(@PathVariable long id, @PathVariable long page, @PathVariable int sum) {
    return piles.picture(id, page, CutOuts.squares(sum));
  }

  /** The figures that were read of a sum's working, and the judge's report on them. */
  @GetMapping("/api/scans/{id}/pages/{page}/workings/{sum}")
  ReadWorking working(@PathVariable long id, @PathVariable long page, @PathVariable int sum) {
    return workings.of(id, page, sum);
  }

  /** Keeps the figures that a teacher sees in squares of a working. */
  @PutMapping("/api/scans/{id}/pages/{page}/workings/{sum}")
  ReadWorking settleSquares(
      @PathVariable long id,
      @PathVariable long page,
      @PathVariable int sum,
      @RequestBody List<@Valid SettledSquare> settled) {
    return workings.settle(id, page, sum, settled);
  }

  /** Where the answers of a page stand on it. */
  @GetMapping("/api/scans/{id}/pages/{page}/places")
  List<PlacedAnswer> places(@PathVariable long id, @PathVariable long page) {
    return piles.places(id, page);
  }

  /** The picture of the place where the writer's name stands. */
  @GetMapping(path = "/api/scans/{id}/pages/{page}/writer", produces = MediaType.IMAGE_JPEG_VALUE)
  byte[] writer(@PathVariable long id, @PathVariable long page) {
    return piles.picture(id, page, CutOuts.WRITER);
  }

  @PutMapping("/api/scans/{id}/settled")
  ScanView settle(@PathVariable long id, @RequestBody List<@Valid SettledAnswer> settled) {
    return scans.settle(id, settled);
  }

  /** All figures that were taken for sure and read alike, to be looked at side by side. */
  @GetMapping("/api/scans/{id}/wall/{figure}")
  List<WallFigure> wall(@PathVariable long id, @PathVariable int figure) {
    return piles.wall(id, figure);
  }

  /** Notes that a teacher has looked at all answers with a figure side by side. */
  @PutMapping("/api/scans/{id}/wall/{figure}")
  ScanView lookThrough(
      @PathVariable long id,
      @PathVariable
          @Min(value = 0, message = "{valid.figure}")
          @Max(value = 9, message = "{valid.figure}")
          int figure) {
    return scans.lookThrough(id, figure);
  }

  /** Says whose a page is. */
  @PutMapping("/api/scans/{id}/pages/{page}/writer")
  ScanView give(
      @PathVariable long id, @PathVariable long page, @Valid @RequestBody WriterRequest writer) {
    return scans.give(id, page, writer.pupil());
  }

  /** Takes a page out of its pile. */
  @DeleteMapping("/api/scans/{id}/pages/{page}")
  ScanView remove(@PathVariable long id, @PathVariable long page) {
    return scans.remove(id, page);
  }

  /**
   * Puts the settled answers into the grid and deletes the pile with its pictures.
   *
   * @param keep the last day on which the pictures are kept; they are not if left out
   */
  @PostMapping("/api/scans/{id}/take")
  CellsView take(@PathVariable long id, @RequestParam(required = false) LocalDate keep) {
    return scans.take(id, keep);
  }

  /** The sheets of a handout whose answers are taken and whose pictures are kept. */
  @GetMapping("/api/scans/kept")
  List<KeptSheet> kept(@RequestParam long handout) {
    return kept.of(handout);
  }

  /** The picture of one of them. */
  @GetMapping(path = "/api/scans/kept/{page}", produces = MediaType.IMAGE_JPEG_VALUE)
  byte[] keptSheet(@PathVariable long page, @RequestParam long handout) {
    return kept.picture(handout, page);
  }

  /** Deletes these pictures before their day. */
  @DeleteMapping("/api/scans/kept")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void deleteKept(@RequestParam long handout) {
    kept.delete(handout);
  }

  /** Gives a pile up with all that was settled in it. */
  @DeleteMapping("/api/scans/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable long id) {
    scans.delete(id);
  }
}
