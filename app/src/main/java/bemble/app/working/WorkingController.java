package bemble.app.working;

import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Works sums on demand; keeps nothing. */
@RestController
@RequestMapping("/api/workings")
class WorkingController {
  private final Workings workings;

  WorkingController(Workings workings) {
    this.workings = workings;
  }

  @PostMapping
  WorkingView work(@RequestBody SumRef request) {
    return workings.work(request);
  }

  /** The ways in which a sum may be checked, and how many steps each has. */
  @PostMapping("/checks")
  List<WorkingView.CheckWay> checks(@RequestBody SumRef request) {
    return workings.checks(request);
  }

  /** The other words of each step: in brief, as a question, and why. */
  @PostMapping("/words")
  List<WorkingView.StepWords> words(@RequestBody SumRef request) {
    return workings.words(request);
  }
}
