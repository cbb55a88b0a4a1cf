package bemble.app.working;

import bemble.app.working.WorkingView.AnswerView;
import bemble.app.working.WorkingView.CheckWay;
import bemble.app.working.WorkingView.PagePart;
import bemble.app.working.WorkingView.StepWords;
import bemble.app.working.WorkingView.SumPart;
import bemble.app.working.WorkingView.ToldPart;
import bemble.check.Checks;
import bemble.demand.DemandReader;
import bemble.demand.Demands;
import bemble.method.AnswerSquares;
import bemble.method.Sum;
import bemble.paper.Square;
import bemble.procedure.Answer;
import bemble.procedure.Step;
import bemble.procedure.Working;
import bemble.style.Style;
import bemble.words.Wording;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** Works a sum, checks it, and puts it into words. */
@Service
public class Workings {
  private final Sums sums;

  Workings(Sums sums) {
    this.sums = sums;
  }

  public WorkingView work(SumRef request) {
    Sum sum = sums.read(request);
    Wording wording = WorkingWords.of(sum.style()).wording();
    return view(sum, sum.work(), step -> wording.say(step.remark()));
  }

  /** A page of a sum, maybe by a hand that slips, with the sentences of its steps. */
  public WorkingView view(Sum sum, Working working, Function<Step, String> say) {
    Style style = sum.style();
    WorkingWords words = WorkingWords.of(style);
    Demands demands = DemandReader.of(working);
    return new WorkingView(
        new SumPart(
            words.problem(sum.problem()),
            Sums.ref(sum),
            sum.problem().operation(),
            words.methods(sum.problem()),
            words.answer(sum.problem(), working.answer(), style)),
        new PagePart(
            working.paper(),
            WorkingWords.setOut(working),
            AnswerSquares.of(working, style),
            begin(working),
            words.columns(working.paper())),
        new ToldPart(
            words.steps(working, say), words.tally(demands), words.cues(sum.method(), style)),
        words.check(Checks.of(working, style)),
        demands,
        words.finer(sum.problem(), working.answer()));
  }

  private static Square begin(Working working) {
    return working
        .firstOfAnswer()
        .map(entry -> entry.slot().square())
        .orElse(working.paper().extent().to());
  }

  /** The other words of each step of a working and then of its check. */
  List<StepWords> words(SumRef request) {
    Sum sum = sums.read(request);
    Working working = sum.work();
    Working check = Checks.of(working, sum.style()).working();
    WorkingWords words = WorkingWords.of(sum.style());
    return Stream.of(working, check).flatMap(words::stepWords).toList();
  }

  /** The ways of checking a sum that are other work than its working. */
  List<CheckWay> checks(SumRef request) {
    Sum sum = sums.read(request);
    WorkingWords words = WorkingWords.of(sum.style());
    return Checks.ways(sum.work(), sum.style()).stream().map(words::way).toList();
  }

  /** An answer in the words of the sum's class. */
  public AnswerView answer(Sum sum, Answer answer) {
    return WorkingWords.of(sum.style()).answer(sum.problem(), answer, sum.style());
  }

  /** A sum and its method as its class writes and calls them. */
  public record Named(String problem, String method) {}

  /** A sum by its names, without working it. */
  public Named named(SumRef request) {
    Sum sum = sums.read(request);
    WorkingWords words = WorkingWords.of(sum.style());
    return new Named(words.problem(sum.problem()), words.name(sum.method()));
  }
}
