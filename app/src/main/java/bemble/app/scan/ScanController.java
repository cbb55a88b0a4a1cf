package bemble.app.scan;

import bemble.app.http.AnyClass;
import bemble.app.marking.MarkingJson.CellsView;
import bemble.app.scan.ScanJson.ScanNumber;
import bemble.app.scan.ScanJson.ScanView;
import bemble.app.scan.ScanJson.SettledAnswer;
import bemble.app.scan.ScanJson.WriterRequest;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import java.io.InputStream;
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

  ScanController(Scans scans) {
    this.scans = scans;
  }

  /** Begins to read a PDF or a picture; its pages join the pile of the handout. */
  @PostMapping(path = "/api/scans", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  @ResponseStatus(HttpStatus.ACCEPTED)
  @Operation(
      requestBody =
          @io.swagger.v3.oas.annotations.parameters.RequestBody(
              required = true,
              content =
                  @Content(
                      mediaType = MediaType.APPLICATION_OCTET_STREAM_VALUE,
                      schema = @Schema(type = "string", format = "binary"))))
  ScanNumber begin(
      @RequestParam long handout, @RequestParam(defaultValue = "") String name, InputStream file) {
    return new ScanNumber(scans.begin(handout, name, file));
  }

  /** The piles of a handout that are not taken yet. */
  @GetMapping("/api/scans")
  List<ScanView> of(@RequestParam long handout) {
    return scans.of(handout);
  }

  @GetMapping("/api/scans/{id}")
  ScanView open(@PathVariable long id) {
    return scans.open(id);
  }

  /** The cut-out of an answer. */
  @GetMapping(
      path = "/api/scans/{id}/pages/{page}/answers/{sum}",
      produces = MediaType.IMAGE_JPEG_VALUE)
  byte[] answer(@PathVariable long id, @PathVariable long page, @PathVariable int sum) {
    return scans.picture(id, page, CutOuts.answer(sum));
  }

  /** The band of the sheet in which a sum stands. */
  @GetMapping(
      path = "/api/scans/{id}/pages/{page}/bands/{sum}",
      produces = MediaType.IMAGE_JPEG_VALUE)
  byte[] band(@PathVariable long id, @PathVariable long page, @PathVariable int sum) {
    return scans.picture(id, page, CutOuts.band(sum));
  }

  /** The whole sheet, laid flat. */
  @GetMapping(path = "/api/scans/{id}/pages/{page}/sheet", produces = MediaType.IMAGE_JPEG_VALUE)
  byte[] sheet(@PathVariable long id, @PathVariable long page) {
    return scans.picture(id, page, CutOuts.SHEET);
  }

  /** What its writer wrote to say whose it is. */
  @GetMapping(path = "/api/scans/{id}/pages/{page}/writer", produces = MediaType.IMAGE_JPEG_VALUE)
  byte[] writer(@PathVariable long id, @PathVariable long page) {
    return scans.picture(id, page, CutOuts.WRITER);
  }

  @PutMapping("/api/scans/{id}/settled")
  ScanView settle(@PathVariable long id, @RequestBody List<@Valid SettledAnswer> settled) {
    return scans.settle(id, settled);
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

  /** Puts what was settled into the grid and deletes the pile with its pictures. */
  @PostMapping("/api/scans/{id}/take")
  CellsView take(@PathVariable long id) {
    return scans.take(id);
  }

  /** Gives a pile up with all that was settled in it. */
  @DeleteMapping("/api/scans/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable long id) {
    scans.delete(id);
  }
}
