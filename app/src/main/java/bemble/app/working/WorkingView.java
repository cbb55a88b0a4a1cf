package bemble.app.working;

import bemble.check.Check;
import bemble.demand.Demands;
import bemble.fact.Fact;
import bemble.paper.Area;
import bemble.paper.Paper;
import bemble.paper.Square;
import bemble.problem.Operation;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A worked sum with its words, ready to be shown. Its parts lie flat in JSON.
 *
 * @param check the proof of its answer
 * @param demands the demands on its writer
 * @param finer the root to more places, where it is not exact and few were asked for
 */
public record WorkingView(
    @JsonUnwrapped SumPart sum,
    @JsonUnwrapped PagePart page,
    @JsonUnwrapped ToldPart told,
    CheckView check,
    Demands demands,
    @Nullable FinerRoot finer) {
  /**
   * The sum of a working.
   *
   * @param problem the sum as the class writes it
   * @param sum the reference that brings this working back
   */
  public record SumPart(
      String problem,
      SumRef sum,
      Operation operation,
      List<MethodView> methods,
      AnswerView answer) {}

  /**
   * The paper of a working.
   *
   * @param setOut the ids of the marks that stand when the sum is set out for its writer
   * @param open the squares that stand open for the answer
   * @param begin the square of the first figure of the answer; on a page without one, its foot
   */
  public record PagePart(
      Paper paper,
      List<Integer> setOut,
      List<Square> open,
      Square begin,
      List<ColumnName> columns) {}

  /**
   * The words of a working.
   *
   * @param tally the carries, exchanges and the like, in the words of the class
   * @param cues the cue words of a round, in the order of its moves
   */
  public record ToldPart(List<StepView> steps, List<String> tally, List<CueView> cues) {}

  /** A column of the paper by the name of its place, where the page keeps to columns. */
  public record ColumnName(int column, String name) {}

  /** A root to more places, by its line and its name. */
  public record FinerRoot(String plain, String name) {}

  /**
   * The cue word of a move.
   *
   * @param kind the kind of remark that says it
   * @param calls the kinds of remark of the steps that it calls
   */
  public record CueView(String kind, String word, List<String> calls) {}

  /**
   * A method of the sum's operation.
   *
   * @param misfit why it does not suit this sum
   * @param written whether it can be worked on the Slate; otherwise it is to be looked at
   */
  public record MethodView(
      String id, String name, String about, @Nullable String misfit, boolean written) {}

  /**
   * The answer in plain figures, and as said.
   *
   * @param value sum, difference, product, quotient, or root cut off
   * @param remainder of a division or a root
   * @param rounded the root rounded
   * @param above the next number above a root that is not exact
   */
  public record AnswerView(
      String text,
      String value,
      @Nullable String remainder,
      @Nullable String rounded,
      @Nullable String above) {}

  /**
   * One step in words; its marks are those of the paper that carry its number.
   *
   * @param kind the kind of remark, by which a class may have a sentence of its own
   * @param section the name of its section
   * @param sectionKey the section by its kind and number, the same in every method that has it
   */
  public record StepView(
      String kind,
      String section,
      String sectionKey,
      String say,
      List<FactView> facts,
      @Nullable Area focus) {}

  /**
   * The other words of a step. A page is set out without them: they are longer than all the rest,
   * and most steps are never asked for them.
   *
   * @param brief the sentence in as few words as can be
   * @param ask the question that lets a class say it first
   * @param why the reason in place value
   */
  public record StepWords(String brief, String ask, String why) {}

  /** A number fact and its result; kind and operands ask for help with it. */
  public record FactView(String sum, String result, Fact.Kind kind, List<String> operands) {}

  /**
   * The second working, on the same page; its steps follow those of the first. Its parts lie flat
   * in JSON.
   */
  public record CheckView(
      @JsonUnwrapped ChosenWay chosen,
      @JsonUnwrapped ComeBack comeBack,
      Paper paper,
      List<StepView> steps) {}

  /**
   * How an answer is checked.
   *
   * @param choice the value of the check's setting; missing where there is one way only
   * @param way its name
   * @param strength a note where it is harder than the sum, or proves less
   */
  public record ChosenWay(
      Check.Kind kind,
      String about,
      @Nullable String choice,
      String way,
      @Nullable String strength) {}

  /** Whether a check came back to the number that was expected, also in words. */
  public record ComeBack(String verdict, String expected, boolean cameBack) {}

  /**
   * One way of checking.
   *
   * @param steps how many it has
   * @param strength a note where it is harder than the sum, or proves less
   */
  public record CheckWay(String value, String name, int steps, @Nullable String strength) {}
}
