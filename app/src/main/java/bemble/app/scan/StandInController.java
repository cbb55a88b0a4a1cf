package bemble.app.scan;

import bemble.app.scan.StandIn.StandInRequest;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Piles that are made up; their sheets are printed in the style of the current class. */
@RestController
class StandInController {
  private final StandIn standIn;

  StandInController(StandIn standIn) {
    this.standIn = standIn;
  }

  /** A pile of the handout's sheets, filled in by simulated pupils, as PDF. */
  @PostMapping(path = "/api/handouts/{id}/stand-in", produces = MediaType.APPLICATION_PDF_VALUE)
  byte[] pile(@PathVariable long id, @RequestBody StandInRequest request) {
    return standIn.pile(id, request);
  }
}
