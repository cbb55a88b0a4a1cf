package bemble.app.house;

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

/** The pupils of the current class. Every change answers with all of them. */
@RestController
@RequestMapping("/api/roll")
class RollController {
  private final Roll roll;
  private final Claims claims;

  RollController(Roll roll, Claims claims) {
    this.roll = roll;
    this.claims = claims;
  }

  @GetMapping
  List<PupilEntry> all() {
    return roll.all();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  List<PupilEntry> add(@Valid @RequestBody NamesRequest request) {
    return roll.add(request.names());
  }

  @PutMapping("/{id}")
  List<PupilEntry> change(@PathVariable long id, @Valid @RequestBody PupilChange request) {
    return roll.change(id, request.name(), request.left());
  }

  /** Puts the pupils in an order of the teacher's own. */
  @PutMapping("/order")
  List<PupilEntry> order(@Valid @RequestBody OrderRequest request) {
    return roll.order(request.pupils());
  }

  /** Pages under a pupil's name that belong to no pupil. */
  @GetMapping("/unclaimed")
  List<UnclaimedView> unclaimed() {
    return claims.open();
  }

  /** Settles whose they are. */
  @PutMapping("/unclaimed")
  List<UnclaimedView> claim(@Valid @RequestBody ClaimRequest request) {
    return claims.settle(request.who(), request.pupil());
  }

  /** Deletes a pupil for good; there is no way back. */
  @DeleteMapping("/{id}")
  List<PupilEntry> delete(@PathVariable long id) {
    return roll.delete(id);
  }
}
