package bemble.app.elsewhere;

import bemble.app.refusal.RefusedException;
import bemble.app.words.Language;
import bemble.app.working.SumRef;
import bemble.app.working.Sums;
import bemble.app.working.WorkingView.AnswerView;
import bemble.app.working.Workings;
import bemble.check.Calculator;
import bemble.lines.WorkingLine;
import bemble.lines.WorkingLines;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Role;
import bemble.problem.Addition;
import bemble.words.Wording;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Checks a working that was done elsewhere. */
@RestController
@RequestMapping("/api")
class ElsewhereController {
  private final Sums sums;
  private final Workings workings;

  ElsewhereController(Sums sums, Workings workings) {
    this.sums = sums;
    this.workings = workings;
  }

  /** A line that can be typed. */
  record LineView(String key, String name) {}

  /** The lines of a working as they were typed, by their keys; blank ones count as not given. */
  record ElsewhereRequest(
      @NotNull(message = "{valid.sum}") SumRef sum,
      @NotNull(message = "{valid.lines}") Map<String, String> lines) {}

  /**
   * The result of a check.
   *
   * @param wrong the key of the first line that is not so; missing where all follows
   * @param sentence the finding in words
   * @param follows the number that the line should follow from
   */
  record FindingView(@Nullable String wrong, String sentence, @Nullable String follows) {}

  /** Which lines a working of this sum has. */
  @PostMapping("/working-lines")
  List<LineView> lines(@RequestBody SumRef request) {
    Sum sum = sums.read(request);
    return named(sum);
  }

  /** The first line that is not so. */
  @PostMapping("/working-checks")
  FindingView check(@Valid @RequestBody ElsewhereRequest request) {
    Sum sum = sums.read(request.sum());
    Wording wording = Language.wording(sum.style());
    WorkingLines lines = lines(sum);
    Map<WorkingLine, String> typed = new LinkedHashMap<>();
    Map<WorkingLine, String> names = new LinkedHashMap<>();
    List<LineView> views = named(sum);
    List<WorkingLine> all = lines.all();
    for (int i = 0; i < views.size(); i++) {
      WorkingLine line = all.get(i);
      names.put(line, views.get(i).name());
      String text = request.lines().get(line.key());
      if (text != null && !text.isBlank()) {
        typed.put(line, text);
      }
    }
    if (typed.isEmpty()) {
      throw RefusedException.of("no-line");
    }
    Optional<WorkingLine> unreadable = lines.unreadable(typed);
    if (unreadable.isPresent()) {
      WorkingLine line = unreadable.get();
      throw RefusedException.of(
          "no-number",
          "text",
          Objects.requireNonNull(typed.get(line)),
          "line",
          Objects.requireNonNull(names.get(line)));
    }
    Map<WorkingLine, Numeral> given = lines.read(typed);
    return finding(lines, names, wording, sum, given);
  }

  private FindingView finding(
      WorkingLines lines,
      Map<WorkingLine, String> names,
      Wording wording,
      Sum sum,
      Map<WorkingLine, Numeral> given) {
    Optional<WorkingLines.WrongLine> wrong = lines.firstWrong(given);
    if (wrong.isPresent()) {
      WorkingLines.WrongLine finding = wrong.get();
      String name = Objects.requireNonNull(names.get(finding.line()));
      String inSentence = name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1);
      Map<String, Object> fills = Map.of("line", inSentence, "due", finding.due());
      return new FindingView(
          finding.line().key(), wording.label("lines.wrong", fills), wording.say(finding.remark()));
    }
    boolean answered = given.keySet().stream().anyMatch(lines::isAnswer);
    String sentence =
        answered
            ? wording.label(
                "lines.right",
                Map.of("answer", workings.answer(sum, Calculator.result(sum.problem())).text()))
            : wording.label("lines.so-far", Map.of());
    return new FindingView(null, sentence, null);
  }

  private static WorkingLines lines(Sum sum) {
    return new WorkingLines(sum);
  }

  /** The lines by name; those of one kind are numbered in the order in which they are written. */
  private static List<LineView> named(Sum sum) {
    Wording wording = Language.wording(sum.style());
    WorkingLines lines = lines(sum);
    Map<Role, Integer> counts = new EnumMap<>(Role.class);
    List<LineView> views = new ArrayList<>();
    for (WorkingLine line : lines.all()) {
      int number = counts.merge(line.role(), 1, Integer::sum);
      boolean soFar = line.role() == Role.ANSWER && !lines.isAnswer(line);
      boolean part = line.role() == Role.PARTIAL && sum.problem() instanceof Addition;
      String name = soFar ? "so-far" : part ? "part" : Wording.key(line.role());
      String key = "line." + name;
      views.add(new LineView(line.key(), wording.label(key, Map.of("number", number))));
    }
    return views;
  }

  /** The bare result of a sum. */
  @PostMapping("/calculations")
  AnswerView calculate(@RequestBody SumRef request) {
    Sum sum = sums.read(request);
    return workings.answer(sum, Calculator.result(sum.problem()));
  }
}
