package bemble.app.slate;

import bemble.judge.report.Finding;
import bemble.judge.report.Report;
import bemble.judge.report.Written;
import bemble.paper.Square;
import bemble.procedure.Step;
import bemble.procedure.Working;
import bemble.remark.Length;
import bemble.words.Wording;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Help with the first thing that went wrong, or else with the next step.
 *
 * @param text the words of the hint
 * @param squares where to look
 * @param shown the figures that belong there; empty but for the deepest hint
 */
public record HintView(String text, List<Square> squares, List<Written> shown) {
  private static final int QUESTION = 2;
  private static final int SHOWN = 3;

  /** A hint: 1 says where to look, 2 asks the question, 3 shows the marks of the step. */
  static HintView of(Report report, Working truth, int depth, Wording wording) {
    Optional<Finding> wrong = report.findings().stream().findFirst();
    Optional<Report.Next> next = Optional.ofNullable(report.next());
    if (wrong.isEmpty() && next.isEmpty()) {
      return new HintView(wording.label("hint.done", Map.of()), List.of(), List.of());
    }
    Step step = wrong.map(Finding::step).or(() -> next.map(Report.Next::step)).orElseThrow();
    List<Written> due = wrong.map(Finding::due).or(() -> next.map(Report.Next::due)).orElseThrow();
    List<Square> squares =
        wrong.map(Finding::squares).orElseGet(() -> due.stream().map(Written::at).toList());
    Step first = report.askedFirst(step, truth);
    if (depth >= SHOWN) {
      String said = wording.say(step.remark());
      String before = first == step ? "" : wording.say(first.remark()) + " ";
      return new HintView(before + said, squares, due);
    }
    if (depth == QUESTION) {
      String question = wording.told(Length.ASK, first.remark());
      return new HintView(question, squares, List.of());
    }
    Optional<Step> asked = questionOf(report, first);
    if (asked.isPresent()) {
      return new HintView(wording.told(Length.ASK, asked.get().remark()), squares, List.of());
    }
    Map<String, Object> fills = Map.of("where", wording.section(step.section()));
    return new HintView(wording.label("hint.look", fills), squares, List.of());
  }

  /** The question of a step's column, where the class puts it in a step of its own. */
  private static Optional<Step> questionOf(Report report, Step step) {
    return report.page().steps().stream()
        .filter(each -> each.section().equals(step.section()))
        .filter(each -> each.remark().kind().isQuestion())
        .findFirst();
  }
}
