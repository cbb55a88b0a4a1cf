package bemble.app.ladder;

import bemble.app.ladder.LadderJson.RungChange;
import bemble.app.ladder.LadderJson.RungRequest;
import bemble.app.ladder.LadderJson.RungView;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The ladder of the current class. Every answer is the whole ladder as it stands then. */
@RestController
@RequestMapping("/api/ladder")
class LadderController {
  private final LadderBook book;

  LadderController(LadderBook book) {
    this.book = book;
  }

  @GetMapping
  List<RungView> rungs() {
    return book.view();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  List<RungView> add(@Valid @RequestBody RungRequest request) {
    return book.add(request);
  }

  @PostMapping("/as-shipped")
  List<RungView> asShipped() {
    return book.asShipped();
  }

  @PutMapping("/{id}")
  List<RungView> change(@PathVariable String id, @Valid @RequestBody RungChange change) {
    return book.change(id, change);
  }

  @DeleteMapping("/{id}")
  List<RungView> remove(@PathVariable String id) {
    return book.remove(id);
  }
}
