package bemble.app.working;

import bemble.app.house.Classes;
import bemble.app.refusal.RefusedException;
import bemble.app.words.Language;
import bemble.check.Checks;
import bemble.method.Method;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.problem.Limits;
import bemble.problem.Problem;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.problem.Refusal;
import bemble.style.Choice;
import bemble.style.Style;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Turns a request into a sum, a method that suits it, and a style; or refuses it. */
@Service
public class Sums {
  private final Limits limits = Limits.STANDARD;
  private final ProblemReader pointReader = new ProblemReader(limits);
  private final ProblemReader commaReader = ProblemReader.withDecimalComma(limits);
  private final Classes classes;

  public Sums(Classes classes) {
    this.classes = classes;
  }

  /** The sum that a request names. */
  public Sum read(SumRef request) {
    Style style = request.style() == null ? classes.currentStyle() : request.style();
    Problem problem = problem(request.plain(), style);
    Method<?> method = method(problem, request.method(), WorkingWords.of(style));
    return new Sum(problem, method, checked(style, problem, request.check()));
  }

  /** The reference that brings a sum back. */
  public static SumRef ref(Sum sum) {
    String check =
        Checks.setting(sum.problem().operation())
            .map(setting -> sum.style().choice(setting).name())
            .orElse(null);
    return new SumRef(WorkingWords.plain(sum.problem()), sum.method().id(), sum.style(), check);
  }

  /** A sum that was not typed, by the method of that id or else the usual one. */
  public Sum of(Problem problem, String method, Style style) {
    Method<?> wanted =
        Methods.find(problem.operation(), method)
            .orElseGet(() -> Methods.of(problem.operation()).get(0));
    return new Sum(problem, wanted, style);
  }

  private Problem problem(String text, Style style) {
    ProblemReader reader = style.has(Choice.DecimalMark.COMMA) ? commaReader : pointReader;
    Reading reading = reader.read(text == null ? "" : text);
    if (reading instanceof Reading.Understood understood) {
      return understood.problem();
    }
    throw refused((Refusal) reading, style);
  }

  private static RefusedException refused(Refusal refusal, Style style) {
    return new RefusedException(refusal, Language.wording(style).refusal(refusal));
  }

  private static Method<?> method(Problem problem, @Nullable String id, WorkingWords words) {
    if (id == null || id.isBlank()) {
      return Methods.of(problem.operation()).get(0);
    }
    Method<?> method =
        Methods.find(problem.operation(), id)
            .orElseThrow(
                () -> RefusedException.saying("method-unknown", words.unknownMethod(problem, id)));
    Methods.misfit(method, problem)
        .ifPresent(
            misfit -> {
              throw RefusedException.saying("method-misfit", words.misfit(method, problem, misfit));
            });
    return method;
  }

  /** The style with the check that was asked for on this page. */
  private static Style checked(Style style, Problem problem, @Nullable String check) {
    Optional<Choice> wanted =
        check == null
            ? Optional.empty()
            : Checks.setting(problem.operation())
                .flatMap(
                    setting ->
                        setting.choices().stream()
                            .filter(choice -> choice.name().equalsIgnoreCase(check))
                            .findFirst());
    return wanted.map(style::with).orElse(style);
  }
}
