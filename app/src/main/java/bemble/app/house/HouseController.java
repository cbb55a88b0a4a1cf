package bemble.app.house;

import bemble.app.guard.AnyClass;
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

/** Classes and their settings. Every change answers with all classes as they are. */
@RestController
@AnyClass
@RequestMapping("/api")
class HouseController {
  private final Classes classes;

  HouseController(Classes classes) {
    this.classes = classes;
  }

  @GetMapping("/settings")
  HouseBook.SettingsView settings() {
    return new HouseBook().view();
  }

  @GetMapping("/classes")
  List<ClassView> all() {
    return classes.all();
  }

  @PostMapping("/classes")
  @ResponseStatus(HttpStatus.CREATED)
  List<ClassView> add(@Valid @RequestBody ClassRequest request) {
    return classes.add(request);
  }

  @PutMapping("/classes/{id}")
  List<ClassView> change(@PathVariable long id, @Valid @RequestBody ClassRequest request) {
    return classes.change(id, request);
  }

  /** Makes a class the current one. */
  @PostMapping("/classes/{id}/current")
  List<ClassView> choose(@PathVariable long id) {
    return classes.choose(id);
  }

  @DeleteMapping("/classes/{id}")
  List<ClassView> remove(@PathVariable long id) {
    return classes.remove(id);
  }

  /** Takes a removal back. */
  @PostMapping("/classes/{id}/restore")
  List<ClassView> restore(@PathVariable long id) {
    return classes.restore(id);
  }
}
