package bemble.app.marking;

import bemble.app.guard.AnyClass;
import bemble.app.json.Slice;
import bemble.app.marking.MarkingJson.GridView;
import bemble.app.marking.MarkingJson.HandoutEntry;
import bemble.app.marking.MarkingJson.HandoutRequest;
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

/** Handouts of the current class: given, opened, deleted and brought back. */
@RestController
@RequestMapping("/api/handouts")
class HandoutController {
  private final Handouts handouts;
  private final HandingOut handing;

  HandoutController(Handouts handouts, HandingOut handing) {
    this.handouts = handouts;
    this.handing = handing;
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  GridView give(@Valid @RequestBody HandoutRequest request) {
    return handing.give(request);
  }

  @GetMapping
  Slice<HandoutEntry> list(@RequestParam(defaultValue = "" + Long.MAX_VALUE) long before) {
    return handouts.list(before);
  }

  @AnyClass
  @GetMapping("/{id}")
  GridView open(@PathVariable long id) {
    return handouts.open(id);
  }

  @AnyClass
  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable long id) {
    handouts.delete(id);
  }

  /** Takes a deletion back. */
  @AnyClass
  @PostMapping("/{id}/restore")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void restore(@PathVariable long id) {
    handouts.restore(id);
  }
}
