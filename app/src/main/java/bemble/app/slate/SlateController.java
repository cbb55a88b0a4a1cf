package bemble.app.slate;

import bemble.app.guard.AnyClass;
import bemble.app.json.Slice;
import bemble.app.once.SameTwice;
import bemble.app.refusal.RefusedException;
import bemble.app.working.SumRef;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Attempts at sums, and pupils who are only simulated. */
@RestController
@RequestMapping("/api")
class SlateController {
  private final Attempts attempts;
  private final NextPages next;
  private final AttemptBin bin;
  private final AttemptList list;
  private final SimulatedSlates pupils;

  SlateController(
      Attempts attempts, NextPages next, AttemptBin bin, AttemptList list, SimulatedSlates pupils) {
    this.attempts = attempts;
    this.next = next;
    this.bin = bin;
    this.list = list;
    this.pupils = pupils;
  }

  /** The end of an attempt, with the writer's own explanation. */
  record HandInRequest(
      @Size(max = 2000, message = "{valid.explanation-length}") @Nullable String explanation,
      @Nullable Boolean cameBack) {}

  /** A simulated pupil: a sum and the slips that are made in it. */
  record PupilRequest(
      @NotNull(message = "{valid.sum}") SumRef sum,
      @NotNull(message = "{valid.slips}") List<String> slips) {}

  @PostMapping("/attempts")
  @ResponseStatus(HttpStatus.CREATED)
  AttemptView begin(@Valid @RequestBody AttemptRequest request) {
    return attempts.begin(request);
  }

  @GetMapping("/attempts")
  Slice<AttemptView.AttemptEntry> list(
      @RequestParam(defaultValue = "" + Long.MAX_VALUE) long before) {
    return list.slice(before);
  }

  @AnyClass
  @GetMapping("/attempts/{id}")
  AttemptView open(@PathVariable long id) {
    return attempts.open(id);
  }

  /** Writes on the page; answers without a body where the judge speaks only at the end. */
  @AnyClass
  @SameTwice
  @PostMapping("/attempts/{id}/strokes")
  ResponseEntity<ReportView> write(
      @PathVariable long id, @Valid @RequestBody StrokesRequest request) {
    return attempts
        .write(id, request.strokes())
        .map(ResponseEntity::ok)
        .orElseGet(() -> ResponseEntity.noContent().build());
  }

  @AnyClass
  @PostMapping("/attempts/{id}/hand-in")
  AttemptView handIn(@PathVariable long id, @Valid @RequestBody HandInRequest request) {
    String explanation = request.explanation() == null ? "" : request.explanation();
    return attempts.handIn(id, explanation, request.cameBack());
  }

  /** Begins a new page with everything that stands on a page that is handed in. */
  @AnyClass
  @PostMapping("/attempts/{id}/mend")
  @ResponseStatus(HttpStatus.CREATED)
  AttemptView mend(@PathVariable long id) {
    return next.mend(id);
  }

  /** Begins a page for another sum like that of a page that is handed in. */
  @AnyClass
  @PostMapping("/attempts/{id}/like")
  @ResponseStatus(HttpStatus.CREATED)
  AttemptView like(@PathVariable long id) {
    return next.like(id);
  }

  /** Begins the check of a page that is handed in, or goes on with it. */
  @AnyClass
  @PostMapping("/attempts/{id}/check")
  AttemptView check(@PathVariable long id) {
    return next.check(id);
  }

  @AnyClass
  @PostMapping("/attempts/{id}/hint")
  HintView hint(@PathVariable long id, @RequestParam int depth) {
    if (depth < 1 || depth > 3) {
      throw RefusedException.of("hint-depth");
    }
    return attempts.hint(id, depth);
  }

  @AnyClass
  @DeleteMapping("/attempts/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable long id) {
    bin.delete(id);
  }

  /** Takes a deletion back. */
  @AnyClass
  @PostMapping("/attempts/{id}/restore")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void restore(@PathVariable long id) {
    bin.restore(id);
  }

  /** The slips that can happen in a sum. */
  @PostMapping("/slips")
  List<SimulatedSlates.SlipView> slips(@RequestBody SumRef request) {
    return pupils.slips(request);
  }

  /** The strokes of a simulated pupil, with the judge's report; keeps nothing. */
  @PostMapping("/pupils")
  JudgedPageView pupil(@Valid @RequestBody PupilRequest request) {
    return pupils.write(request.sum(), request.slips());
  }
}
