package bemble.app.register;

import bemble.app.house.PupilEntry;
import bemble.app.marking.MarkingJson.SlipLabel;
import bemble.problem.Operation;
import bemble.progress.Standing;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The JSON of the register. */
public final class RegisterJson {
  private RegisterJson() {}

  /** The name of a rung, and its news. */
  public record RungLabel(String id, Operation operation, String name, String fresh) {}

  /**
   * The standing of a pupil on a rung. A teacher's decision lies flat in JSON.
   *
   * @param why the reason of the standing
   * @param slip the id of the slip made of late
   * @param lookAgain when to look at it again
   */
  public record SquareView(
      long pupil,
      String rung,
      Standing standing,
      String why,
      @Nullable String slip,
      @Nullable LocalDate lookAgain,
      @JsonUnwrapped DecidedView decided) {}

  /**
   * A teacher's decision; all parts are missing where it is left to the rules.
   *
   * @param byRules the standing by the rules
   * @param note the note on the decision
   * @param against whether newer work speaks against it
   */
  public record DecidedView(
      @Nullable Standing byRules,
      @Nullable String note,
      @Nullable LocalDate decidedOn,
      boolean against) {
    static final DecidedView NOTHING = new DecidedView(null, null, null, false);
  }

  /**
   * The register of a class.
   *
   * @param rungs all rungs, operation after operation
   * @param squares the squares with work or a decision
   * @param slips the slips that stand in the squares
   * @param rules the rules of the standings in words
   */
  public record RegisterView(
      List<RungLabel> rungs,
      List<PupilEntry> pupils,
      List<SquareView> squares,
      List<SlipLabel> slips,
      List<String> rules) {}

  /**
   * A standing that a teacher decides.
   *
   * @param standing missing where it is left to the rules again
   */
  public record StandingRequest(
      long pupil,
      @NotBlank(message = "{valid.rung}") String rung,
      @Nullable Standing standing,
      @Size(max = 400, message = "{valid.standing-note}") @Nullable String note) {}

  /** Standings that are decided together. */
  public record StandingsRequest(
      @NotEmpty(message = "{valid.standings}") @Size(max = 2000, message = "{valid.standings}")
          List<@Valid @NotNull StandingRequest> decisions) {}

  /**
   * How far a pupil has come in an operation.
   *
   * @param upTo the last rung that holds; missing where none does
   * @param ask the rung to ask next; missing where the place is found
   */
  public record PlaceView(long pupil, @Nullable String upTo, @Nullable String ask) {}

  /**
   * The places of a class in an operation.
   *
   * @param rungs those of a first sheet
   */
  public record FirstSheetView(List<String> rungs, List<PlaceView> places) {}

  /** A letter to parents as a teacher has written it, paragraph by paragraph. */
  public record LetterRequest(
      @NotEmpty(message = "{valid.letter}") @Size(max = 40, message = "{valid.letter}")
          List<@NotNull @Size(max = 1000, message = "{valid.letter}") String> lines) {}

  /** Whose letters are wanted. */
  public record LettersRequest(
      @NotEmpty(message = "{valid.group-pupils}") @Size(max = 60, message = "{valid.group-pupils}")
          List<@NotNull Long> pupils) {}

  /** How often a slip was made, week by week. */
  public record SlipWeeks(SlipLabel slip, List<Integer> times) {}

  /** The sources of work. */
  public enum WorkSource {
    HANDOUT,
    RUN,
    ATTEMPT
  }

  /** The work of a pupil in one sitting: the number of sums, and of right ones. */
  public record WorkView(
      WorkSource source, long id, String title, LocalDate day, int sums, int right) {}

  /**
   * A pupil's page.
   *
   * @param weeks the Mondays of the weeks that the slips are counted in
   * @param recent the latest work, the newest first
   * @param letter the letter to the parents, line by line
   */
  public record PupilPage(
      PupilEntry pupil,
      List<LocalDate> weeks,
      List<SlipWeeks> slips,
      List<WorkView> recent,
      List<String> letter) {}

  /** The work that was counted anew: sums put on a rung, pages and answers judged. */
  public record EvidenceView(int placed, int judged, int marked) {}
}
