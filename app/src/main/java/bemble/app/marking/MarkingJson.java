package bemble.app.marking;

import bemble.app.house.PupilEntry;
import bemble.app.sets.SetJson.SumRequest;
import bemble.app.words.PlainName;
import bemble.diagnosis.Outcome;
import bemble.diagnosis.Sureness;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The JSON of pupils, handouts and answers. */
public final class MarkingJson {
  private MarkingJson() {}

  /** The purposes of a handout. */
  public enum HandoutKind {
    EXERCISE,
    HOMEWORK,
    QUIZ,
    TEST
  }

  /**
   * A set to be given to a class.
   *
   * @param set the kept set, if any, with its version
   * @param terms those of an exercise that is given today if left out
   * @param pupils whom it is given to; the whole class if left out
   */
  public record HandoutRequest(
      @NotBlank(message = "{valid.title}") @PlainName String title,
      @Nullable Long set,
      @Nullable String version,
      @NotEmpty(message = "{valid.sums-of-handout}")
          @Size(max = 60, message = "{valid.sums-of-handout}")
          List<@Valid @NotNull SumRequest> sums,
      @Nullable @Valid HandoutTerms terms,
      @Nullable List<Long> pupils) {}

  /**
   * The purpose and the days of a handout.
   *
   * @param kind exercise if left out
   * @param givenOn today if left out
   * @param dueOn for homework
   * @param passMark for a quiz or a test: how many right
   */
  public record HandoutTerms(
      @Nullable HandoutKind kind,
      @Nullable LocalDate givenOn,
      @Nullable LocalDate dueOn,
      @Min(value = 1, message = "{valid.pass-mark}")
          @Max(value = 200, message = "{valid.pass-mark}")
          @Nullable Integer passMark) {
    static final HandoutTerms USUAL = new HandoutTerms(null, null, null, null);
  }

  /**
   * A handout in a list.
   *
   * @param answers how many answers are entered, of pupils × sums
   */
  public record HandoutEntry(
      long id,
      String title,
      HandoutKind kind,
      LocalDate givenOn,
      @Nullable LocalDate dueOn,
      int pupils,
      int sums,
      int answers) {}

  /**
   * A sum of a handout.
   *
   * @param answer the right answer in words
   * @param right the same as it is typed
   * @param known the outcomes of the right answer and of those of slips, so that they need not be
   *     asked for; any other whole number is wrong by no slip
   */
  public record HandoutSum(
      String plain,
      String method,
      String rung,
      String problem,
      String answer,
      String right,
      List<KnownAnswer> known) {}

  /** An answer to a sum, as it is typed, and its outcome. */
  public record KnownAnswer(String given, Outcome outcome, List<SlipLabel> slips) {}

  /** A slip by its name. */
  public record SlipLabel(String id, String name) {}

  /**
   * The answer of a pupil to a sum.
   *
   * @param number the place of the sum, from 0
   * @param given as it was typed; empty for a blank, - for a sum that was not asked
   * @param slips the slips that give a wrong answer, the one that is taken first
   */
  public record CellView(
      long pupil,
      int number,
      String given,
      Outcome outcome,
      List<SlipLabel> slips,
      boolean overruled) {}

  /**
   * A handout, which lies flat in JSON, with all its answers.
   *
   * @param pages those that stand behind answers
   */
  public record GridView(
      @JsonUnwrapped HandoutView handout,
      List<HandoutSum> sums,
      List<PupilEntry> pupils,
      List<CellView> cells,
      List<AnswerPage> pages) {}

  /**
   * A handout as it was given.
   *
   * @param setChanged whether the set has other sums now: the pupils had those of the handout
   */
  public record HandoutView(
      long id,
      String title,
      HandoutKind kind,
      LocalDate givenOn,
      @Nullable LocalDate dueOn,
      @Nullable Integer passMark,
      boolean setChanged) {}

  /** The page of a pupil that stands behind an answer, by the number of its attempt. */
  public record AnswerPage(long pupil, int number, long attempt) {}

  /**
   * An answer to be kept.
   *
   * @param given as it is typed; nothing at all takes the answer away
   * @param seen the answer that stood there when it was typed; missing if there was none
   * @param overruled the outcome and the slip that a teacher has decided
   */
  public record CellRequest(
      long pupil,
      int number,
      @Size(max = 80, message = "{valid.given}") @Nullable String given,
      @Nullable String seen,
      @Valid @Nullable Overruling overruled) {}

  /** The decision of a teacher; {@code slip} is an id, missing where there is no slip. */
  public record Overruling(
      @NotNull(message = "{valid.outcome}") Outcome outcome, @Nullable String slip) {}

  /** Some answers to be kept. */
  public record CellsRequest(
      @NotEmpty(message = "{valid.cells}") @Size(max = 2000, message = "{valid.cells}")
          List<@Valid @NotNull CellRequest> cells) {}

  /** An answer that was not kept, and why; {@code now} is what stands there. */
  public record RefusedCell(long pupil, int number, String sentence, @Nullable CellView now) {}

  /** The answers that were kept, and those that were refused. */
  public record CellsView(List<CellView> kept, List<RefusedCell> refused) {}

  /** A table of answers: a row a pupil, a column a sum. */
  public record TableRequest(@NotNull(message = "{valid.cells}") String table) {}

  /**
   * The answers that were read from a table; {@code bad} names the rows and values that were
   * refused.
   */
  public record TableView(List<CellView> kept, List<String> bad) {}

  /**
   * An explanation of a pupil's answers, in words. Its grounds lie flat in JSON.
   *
   * @param slips those that the answers do not tell apart are one
   * @param own whether the pupil works by a rule that is not known
   */
  public record ExplanationView(
      List<SlipLabel> slips,
      boolean own,
      double probability,
      Sureness sureness,
      boolean sure,
      @JsonUnwrapped Grounds grounds) {}

  /**
   * The answers that speak for an explanation, and those that speak against it; sums are counted
   * from 0.
   *
   * @param before how many earlier answers of the last weeks it explains
   * @param againstBefore how many of them speak against it
   */
  public record Grounds(
      List<Integer> explains, List<Integer> against, int before, int againstBefore) {}

  /**
   * The diagnosis of a pupil.
   *
   * @param passed whether the pass mark is reached; missing where there is none
   * @param askNext sums that would decide a doubt
   */
  public record PupilGlance(
      long pupil,
      int right,
      int wrong,
      int blank,
      @Nullable Boolean passed,
      List<ExplanationView> explanations,
      List<String> askNext) {}

  /**
   * Pupils who make the same slip.
   *
   * @param slip several where the answers do not tell these apart
   * @param several whether it is so
   * @param answers how many of their answers show it
   */
  public record SlipGroup(SlipLabel slip, boolean several, List<Long> pupils, int answers) {}

  /** A sum, and how many have it wrong of those who answered. */
  public record SumGlance(int number, int wrong, int answered) {}

  /** A number fact that fails: who missed it, and in how many answers. */
  public record FactGlance(String fact, List<Long> pupils, int answers) {}

  /** A class at a glance; {@code missing} are the pupils without any answer. */
  public record GlanceView(
      List<SlipGroup> groups,
      List<FactGlance> facts,
      List<SumGlance> sums,
      List<Long> missing,
      List<PupilGlance> pupils) {}

  /** The kinds of print of a marked handout. */
  public enum PaperKind {
    /** A row a pupil, a column a sum, with the answers that were given. */
    LIST,
    /** A small slip of paper for each pupil. */
    CUT_OUTS
  }

  /**
   * A slip that is to be taught again.
   *
   * @param pupils the pupils who share it; they are kept as a group
   */
  public record ReteachRequest(
      @NotBlank(message = "{valid.slips}") @Size(max = 200, message = "{valid.slips}") String slip,
      @Nullable @Size(max = 60, message = "{valid.group-pupils}") List<@NotNull Long> pupils) {}

  /**
   * How simulated pupils answer.
   *
   * @param slips the slips that are drawn from; all slips of the methods if left out
   * @param seed the same seed gives the same answers
   * @param most for how many pupils; for all if left out
   */
  public record SimulatedRequest(
      @Nullable List<String> slips, @Nullable Long seed, @Nullable Integer most) {}

  /** A sum with its method, as a diagnosis is asked for. */
  public record DiagnosisItem(
      @NotBlank(message = "{valid.sum}") String problem, @Nullable String method) {}

  /** The answers of one pupil to some sums; an empty one is a blank. */
  public record DiagnosisRequest(
      @NotEmpty(message = "{valid.sums-of-handout}")
          @Size(max = 60, message = "{valid.sums-of-handout}")
          List<@Valid @NotNull DiagnosisItem> items,
      @NotNull(message = "{valid.cells}") List<@NotNull String> answers) {}

  /** An explanation by the ids of its slips, and of those that are not told from it. */
  public record DiagnosisExplanation(
      List<String> slips,
      List<String> alike,
      boolean own,
      double probability,
      List<Integer> explains,
      List<Integer> against) {}

  /** The diagnosis of one pupil. */
  public record DiagnosisView(
      List<Outcome> outcomes, List<DiagnosisExplanation> explanations, List<String> askNext) {}
}
