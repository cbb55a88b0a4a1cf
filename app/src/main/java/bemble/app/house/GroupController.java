package bemble.app.house;

import bemble.app.house.GroupJson.PupilGroupRequest;
import bemble.app.house.GroupJson.PupilGroupView;
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

/** The groups of the current class. Every change answers with all of them. */
@RestController
@RequestMapping("/api/groups")
class GroupController {
  private final PupilGroups groups;

  GroupController(PupilGroups groups) {
    this.groups = groups;
  }

  @GetMapping
  List<PupilGroupView> all() {
    return groups.all();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  List<PupilGroupView> make(@Valid @RequestBody PupilGroupRequest request) {
    return groups.make(request);
  }

  @PutMapping("/{id}")
  List<PupilGroupView> change(
      @PathVariable long id, @Valid @RequestBody PupilGroupRequest request) {
    return groups.change(id, request);
  }

  @DeleteMapping("/{id}")
  List<PupilGroupView> delete(@PathVariable long id) {
    return groups.delete(id);
  }
}
