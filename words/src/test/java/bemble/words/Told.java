package bemble.words;

import bemble.check.Checks;
import bemble.method.ManyStyles;
import bemble.method.Method;
import bemble.method.RandomSums;
import bemble.method.Sum;
import bemble.problem.Problem;
import bemble.procedure.Step;
import bemble.procedure.Working;
import bemble.remark.Remark;
import bemble.style.Choice;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** A step of a page or its check, with the words for it. */
record Told(Working working, Step step, Wording wording) {
  private static final int SUMS = 1;
  private static final Map<Method<?>, List<Told>> BY_METHOD = new HashMap<>();

  /** All steps of random sums by a method, in many styles. */
  static Stream<Told> by(Method<?> method) {
    return BY_METHOD.computeIfAbsent(method, Told::all).stream();
  }

  /** Numbers are read from the sentence, so no mark stands between their thousands. */
  private static List<Told> all(Method<?> method) {
    List<Told> all = new ArrayList<>();
    int seed = 170;
    for (Style style : ManyStyles.all()) {
      Wording wording =
          new Wording(style.with(Choice.DecimalMark.POINT).with(Choice.ThousandsMark.NONE));
      RandomSums sums = new RandomSums(seed++);
      // Long numbers say nothing that short ones do not, and take long: they come every fourth
      // time.
      Stream<Problem> some =
          seed % 4 == 0 ? sums.fitting(method, SUMS) : sums.small(method).limit(SUMS);
      for (Problem sum : some.toList()) {
        Working working = new Sum(sum, method, style).work();
        Stream.of(working, Checks.of(working, style).working())
            .forEach(each -> each.steps().forEach(s -> all.add(new Told(each, s, wording))));
      }
    }
    return all;
  }

  Remark remark() {
    return step.remark();
  }

  @Override
  public String toString() {
    return working.problem() + " " + working.method() + ": " + wording.say(remark());
  }
}
