package bemble.app.mistake;

import bemble.app.export.PdfRequest;
import bemble.app.mistake.MistakeJson.LinedUpView;
import bemble.app.mistake.MistakeJson.MistakeRequest;
import bemble.app.mistake.MistakeJson.MistakeView;
import bemble.app.mistake.MistakeJson.VoteRequest;
import bemble.app.working.SumRef;
import jakarta.validation.Valid;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The class's own mistake. */
@RestController
@RequestMapping("/api/mistakes")
class MistakeController {
  private final Mistakes mistakes;

  MistakeController(Mistakes mistakes) {
    this.mistakes = mistakes;
  }

  @PostMapping
  MistakeView make(@Valid @RequestBody MistakeRequest request) {
    return mistakes.make(request);
  }

  /** The sum with its last number a column too far to the left, and why that is not so. */
  @PostMapping("/lined-up")
  LinedUpView linedUp(@RequestBody SumRef request) {
    return mistakes.linedUp(request);
  }

  /** Keeps in the logbook how a class voted. */
  @PostMapping("/votes")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void vote(@Valid @RequestBody VoteRequest request) {
    mistakes.vote(request);
  }

  /** The page step by step, and the true one behind it, as a strip. */
  @PostMapping(path = "/pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  byte[] pdf(
      @Valid @RequestBody MistakeRequest request,
      @RequestParam(defaultValue = "A4") PdfRequest.Size size) {
    return mistakes.pdf(request, size);
  }
}
