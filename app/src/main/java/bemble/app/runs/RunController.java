package bemble.app.runs;

import bemble.app.guard.AnyClass;
import bemble.app.json.Slice;
import bemble.app.runs.RunJson.RunEntry;
import bemble.app.runs.RunJson.RunRequest;
import bemble.app.runs.RunJson.RunView;
import jakarta.validation.Valid;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Runs: begun, continued and ended, with their results. */
@RestController
@RequestMapping("/api/runs")
class RunController {
  private final Runs runs;

  RunController(Runs runs) {
    this.runs = runs;
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  RunView begin(@Valid @RequestBody RunRequest request) {
    return runs.begin(request);
  }

  @GetMapping
  Slice<RunEntry> list(@RequestParam(defaultValue = "" + Long.MAX_VALUE) long before) {
    return runs.list(before);
  }

  @AnyClass
  @GetMapping("/{id}")
  RunView open(@PathVariable long id) {
    return runs.open(id);
  }

  /** Begins the page that comes next, once the one before is handed in; or ends the run. */
  @AnyClass
  @PostMapping("/{id}/next")
  RunView next(@PathVariable long id) {
    return runs.next(id);
  }

  /** Stops the time. */
  @AnyClass
  @PostMapping("/{id}/pause")
  RunView pause(@PathVariable long id) {
    return runs.pause(id);
  }

  /** Goes on after a pause, or after Bemble was closed without one. */
  @AnyClass
  @PostMapping("/{id}/go-on")
  RunView goOn(@PathVariable long id) {
    return runs.goOn(id);
  }

  /** Ends a run before it is over. */
  @AnyClass
  @PostMapping("/{id}/end")
  RunView end(@PathVariable long id) {
    return runs.end(id);
  }

  @AnyClass
  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable long id) {
    runs.delete(id);
  }

  /** Takes a deletion back. */
  @AnyClass
  @PostMapping("/{id}/restore")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void restore(@PathVariable long id) {
    runs.restore(id);
  }
}
