package bemble.app.working;

import bemble.app.words.Language;
import bemble.app.working.WorkingView.AnswerView;
import bemble.app.working.WorkingView.CheckView;
import bemble.app.working.WorkingView.CheckWay;
import bemble.app.working.WorkingView.ChosenWay;
import bemble.app.working.WorkingView.ColumnName;
import bemble.app.working.WorkingView.ComeBack;
import bemble.app.working.WorkingView.CueView;
import bemble.app.working.WorkingView.FactView;
import bemble.app.working.WorkingView.FinerRoot;
import bemble.app.working.WorkingView.MethodView;
import bemble.app.working.WorkingView.StepView;
import bemble.app.working.WorkingView.StepWords;
import bemble.check.Check;
import bemble.demand.Demands;
import bemble.fact.Fact;
import bemble.judge.Judge;
import bemble.method.Method;
import bemble.method.Misfit;
import bemble.methods.Methods;
import bemble.notation.RemainderText;
import bemble.number.Figures;
import bemble.number.Numeral;
import bemble.paper.Mark;
import bemble.paper.Paper;
import bemble.problem.Problem;
import bemble.problem.Root;
import bemble.procedure.Answer;
import bemble.procedure.Section;
import bemble.procedure.Step;
import bemble.procedure.Working;
import bemble.remark.Length;
import bemble.remark.Place;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.style.Choice;
import bemble.style.Setting;
import bemble.style.Style;
import bemble.words.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Puts the core's values into words for the screens. */
public final class WorkingWords {
  private static final Wording PLAIN = new Wording(Style.STANDARD.with(Choice.ThousandsMark.NONE));

  private final Wording wording;

  WorkingWords(Wording wording) {
    this.wording = wording;
  }

  /** The words of a style. */
  public static WorkingWords of(Style style) {
    return new WorkingWords(Language.wording(style));
  }

  /** The wording behind them. */
  public Wording wording() {
    return wording;
  }

  /** A sum in a form that reads alike in every style: a point for decimals, no thousands marks. */
  public static String plain(Problem problem) {
    return PLAIN.problem(problem);
  }

  /** A sum as the class writes it. */
  public String problem(Problem problem) {
    return wording.problem(problem);
  }

  /** The name of a method. */
  public String name(Method<?> method) {
    return wording.label(key(method) + ".name", Map.of());
  }

  private static String key(Method<?> method) {
    return "method." + method.operation().id() + "." + method.id();
  }

  List<MethodView> methods(Problem problem) {
    return Methods.of(problem.operation()).stream()
        .map(
            method ->
                new MethodView(
                    method.id(),
                    name(method),
                    wording.label(key(method) + ".about", Map.of()),
                    Methods.misfit(method, problem)
                        .map(misfit -> misfit(method, problem, misfit))
                        .orElse(null),
                    Judge.judges(method)))
        .toList();
  }

  /** Why a method does not suit a sum, and which do. */
  String misfit(Method<?> method, Problem problem, Misfit misfit) {
    String others =
        Methods.of(problem.operation()).stream()
            .filter(other -> Methods.misfit(other, problem).isEmpty())
            .map(this::name)
            .collect(Collectors.joining(", "));
    return wording.label(
        "misfit." + Wording.key(misfit), Map.of("method", name(method), "others", others));
  }

  String unknownMethod(Problem problem, String id) {
    String known =
        Methods.of(problem.operation()).stream().map(Method::id).collect(Collectors.joining(", "));
    return wording.label("method.unknown", Map.of("method", id, "known", known));
  }

  public AnswerView answer(Problem problem, Answer answer, Style style) {
    String value = answer.value().toString();
    if (answer instanceof Answer.Quotient quotient) {
      Numeral left = quotient.remainder();
      Numeral divisor = problem.numbers().get(1);
      String text = left.isZero() ? value : value + " " + RemainderText.of(left, divisor, style);
      return new AnswerView(text, value, left.toString(), null, null);
    }
    if (answer instanceof Answer.SquareRoot root) {
      String above = root.exact() ? null : root.above().toString();
      boolean rounded = style.has(Choice.RootResult.ROUNDED);
      return new AnswerView(
          rounded ? root.rounded().toString() : value,
          value,
          root.remainder().toString(),
          root.rounded().toString(),
          above);
    }
    return new AnswerView(value, value, null, null, null);
  }

  CheckView check(Check check) {
    return new CheckView(
        new ChosenWay(
            check.kind(),
            wording.label("check." + Wording.key(check.kind()), Map.of()),
            check.choice() == null ? null : check.choice().name(),
            check.choice() == null
                ? wording.label("way." + Wording.key(check.kind()), Map.of())
                : name(check.choice()),
            strength(check)),
        new ComeBack(verdict(check), wording.number(check.expected()), check.cameBack()),
        check.working().paper(),
        steps(check.working(), step -> wording.say(step.remark())));
  }

  private String verdict(Check check) {
    if (check.cameBack() && check.kind() == Check.Kind.ENCLOSURE) {
      return wording.label(
          "check.lies-between",
          Map.of(
              "below", root(check.parts().get(0)),
              "above", root(check.parts().get(1)),
              "number", check.expected()));
    }
    return wording.label(
        check.cameBack() ? "check.came-back" : "check.missed", Map.of("number", check.expected()));
  }

  private static Numeral root(Working square) {
    return square.problem().numbers().get(0);
  }

  static List<Integer> setOut(Working working) {
    return working.setOut().stream().map(Mark::id).toList();
  }

  CheckWay way(Check check) {
    int steps = check.working().steps().size();
    Choice choice = Objects.requireNonNull(check.choice());
    return new CheckWay(choice.name(), name(choice), steps, strength(check));
  }

  private String name(Choice choice) {
    String setting = Wording.key(Setting.of(choice));
    return wording.label("setting." + setting + "." + Wording.key(choice), Map.of());
  }

  /** A note where a check is harder than the sum, or proves less; else null. */
  private @Nullable String strength(Check check) {
    return check.kind().strength() == Check.Strength.FULL
        ? null
        : wording.label("strength." + Wording.key(check.kind().strength()), Map.of());
  }

  /** The columns of a page that keeps to columns, from the right. */
  public List<ColumnName> columns(Paper paper) {
    Integer ones = paper.onesColumn();
    if (ones == null) {
      return List.of();
    }
    int last = paper.extent().to().column();
    return IntStream.rangeClosed(0, last)
        .mapToObj(column -> new ColumnName(column, wording.place(new Place(ones - column))))
        .toList();
  }

  List<CueView> cues(Method<?> method, Style style) {
    return method.cues(style).stream()
        .map(
            cue ->
                new CueView(
                    cue.word().key(),
                    wording.say(Remark.of(cue.word())),
                    cue.calls().stream().map(RemarkKind::key).toList()))
        .toList();
  }

  /** The root to more places; null if it is exact or the sum is no root. */
  @Nullable FinerRoot finer(Problem problem, Answer answer) {
    return problem instanceof Root root && !((Answer.SquareRoot) answer).exact()
        ? root.finer().map(this::finer).orElse(null)
        : null;
  }

  private FinerRoot finer(Root root) {
    String name = wording.label("places.finer", Map.of("places", root.places()));
    return new FinerRoot(plain(root), name);
  }

  /** The carries, exchanges and the like of a working. A count of nothing is left out. */
  List<String> tally(Demands demands) {
    int facts = demands.facts().values().stream().mapToInt(Integer::intValue).sum();
    List<String> tally = new ArrayList<>();
    count(tally, "facts", facts);
    count(tally, "carries", demands.carries().written());
    count(tally, "exchanges", demands.exchanges().made());
    count(tally, "zeros-crossed", demands.exchanges().zerosCrossed());
    count(tally, "zeros-in-quotient", demands.zeros().inQuotient());
    count(tally, "trials", demands.trials());
    count(tally, "marks", demands.marks());
    count(tally, "seconds", demands.seconds());
    return tally;
  }

  private void count(List<String> tally, String what, int count) {
    if (count > 0) {
      tally.add(
          wording.label(
              "tally." + what, Map.of("count", count, "carries", count, "exchanges", count)));
    }
  }

  Stream<StepWords> stepWords(Working working) {
    return working.steps().stream()
        .map(Step::remark)
        .map(
            remark ->
                new StepWords(
                    wording.told(Length.BRIEF, remark),
                    wording.told(Length.ASK, remark),
                    wording.told(Length.WHY, remark)));
  }

  List<StepView> steps(Working working, Function<Step, String> say) {
    return working.steps().stream().map(step -> step(step, say.apply(step))).toList();
  }

  private StepView step(Step step, String said) {
    Section section = step.section();
    return new StepView(
        step.remark().kind().key(),
        wording.section(section),
        Wording.key(section.kind()) + ":" + section.number(),
        said,
        step.facts().stream().map(this::fact).toList(),
        step.focus());
  }

  private FactView fact(Fact fact) {
    return new FactView(
        wording.fact(fact),
        wording.number(fact.result()),
        fact.kind(),
        fact.operands().stream().map(Figures::of).toList());
  }
}
