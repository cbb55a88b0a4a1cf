package bemble.app.sets;

import bemble.app.export.Exercise;
import bemble.app.export.PdfRequest;
import bemble.app.ladder.RecipeView;
import bemble.app.words.PlainName;
import bemble.paper.Paper;
import bemble.paper.Square;
import bemble.practice.LessonPart;
import bemble.practice.SetMaker;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The JSON of sets. */
public final class SetJson {
  private SetJson() {}

  /**
   * A line of a set: so many sums of a rung, or of a recipe of its own.
   *
   * @param method how they are worked; the usual method if left out
   */
  public record SetLineView(
      @Nullable String rung,
      @Nullable RecipeView recipe,
      @Nullable String method,
      @Min(value = 1, message = "{valid.line-count}")
          @Max(value = 100, message = "{valid.line-count}")
          int count) {
    /** The id of its rung; empty for a recipe of its own. */
    public String rungOrNone() {
      return rung == null ? "" : rung;
    }
  }

  /**
   * The lines to make a set of; nothing is kept.
   *
   * @param held sums in plain figures that stay, by their place from 0
   * @param avoided sums in plain figures that must not come
   * @param lesson whether the first line is to become a lesson
   * @param seed the same seed makes the same set; any if left out
   */
  public record DraftRequest(
      @NotEmpty(message = "{valid.lines-of-set}") @Size(max = 20, message = "{valid.lines-of-set}")
          List<@Valid @NotNull SetLineView> lines,
      @Nullable Map<Integer, String> held,
      @Nullable List<String> avoided,
      SetMaker.@Nullable Order order,
      @Nullable Boolean lesson,
      @Nullable Long seed) {}

  /**
   * A set to be evened out.
   *
   * @param held places of sums that stay, from 0
   */
  public record EvenRequest(
      @NotEmpty(message = "{valid.lines-of-set}") @Size(max = 20, message = "{valid.lines-of-set}")
          List<@Valid @NotNull SetLineView> lines,
      @NotEmpty(message = "{valid.sums-of-set}") @Size(max = 200, message = "{valid.sums-of-set}")
          List<@Valid @NotNull SumRequest> sums,
      @Nullable List<Integer> held,
      @Nullable Long seed) {}

  /** A sum of a set, as it is sent to be kept. */
  public record SumRequest(
      @NotBlank(message = "{valid.sum}") String plain,
      @Nullable String method,
      @Nullable String rung,
      @Nullable LessonPart part) {}

  /**
   * A set to be kept, or how it is to be changed.
   *
   * @param state the state of the set that is changed; without it, whatever it is meanwhile
   */
  public record SetRequest(
      @NotBlank(message = "{valid.title}") @PlainName String title,
      @Nullable List<@Valid @NotNull SetLineView> lines,
      @NotEmpty(message = "{valid.sums-of-set}") @Size(max = 200, message = "{valid.sums-of-set}")
          List<@Valid @NotNull SumRequest> sums,
      @Nullable String state) {}

  /**
   * A sum of a set, set out. Its {@code ChosenSum} lies flat in JSON.
   *
   * @param paper the paper before it is worked, and in the next step its answer
   * @param open the squares that stand open for an answer
   */
  public record SumView(
      @JsonUnwrapped ChosenSum sum, String answer, int seconds, Paper paper, List<Square> open) {}

  /**
   * A sum of a set and the choices for it.
   *
   * @param problem as the class writes it
   */
  public record ChosenSum(
      String plain,
      String problem,
      String method,
      String methodName,
      String rung,
      @Nullable String rungName,
      LessonPart part) {}

  /** A number fact of two figures, and how often it is used. */
  public record FactUse(String fact, int times) {}

  /**
   * The workload of a set.
   *
   * @param seconds the time of a practised hand
   * @param classSeconds the time of the class
   * @param measured how many of its sums the class's time was measured from; 0 for an estimate
   */
  public record WorkloadView(
      int facts, int figures, int seconds, int classSeconds, int measured, List<FactUse> uses) {}

  /**
   * Sums that are not kept yet.
   *
   * @param missing how many sums fewer there are than were wanted
   */
  public record DraftView(List<SumView> sums, WorkloadView workload, int missing) {}

  /**
   * A kept set in one of its versions, which lies flat in JSON.
   *
   * @param versions all versions of the set
   * @param state changes with whatever is changed on the set
   */
  public record SetView(
      long id,
      String title,
      OffsetDateTime keptAt,
      List<SetLineView> lines,
      List<String> versions,
      @JsonUnwrapped VersionView shown,
      String state) {}

  /** A version of a set. */
  public record VersionView(String version, List<SumView> sums, WorkloadView workload) {}

  /** A kept set in a list. */
  public record SetEntry(long id, String title, OffsetDateTime keptAt, int sums, int versions) {}

  /** Sums typed or pasted, one to a line. */
  public record TypedRequest(@NotNull(message = "{valid.sum}") String text) {}

  /** A line that is no sum, from 1, and why. */
  public record BadLine(int line, String text, String sentence) {}

  /** The sums that were read of typed lines, and the lines that were refused. */
  public record TypedView(List<SumView> sums, List<BadLine> bad) {}

  /** The kinds of print of a set. */
  public enum Sheet {
    /** The sums set out, to be worked. */
    EXERCISES,
    /** The answers alone. */
    ANSWERS,
    /** Every sum worked. */
    WALK_THROUGH,
    /** The wrong answers that known slips give. */
    SLIP_KEY,
    /** A row a pupil, a column a sum. */
    MARKING_LIST
  }

  /**
   * A page of a print.
   *
   * @param page which, from 0
   * @param pages how many there are
   * @param picture as PNG
   */
  public record SheetPreview(int page, int pages, byte[] picture) {}

  /**
   * A set to be printed.
   *
   * @param version named on the sheets where there are several
   * @param set the kept set that it is, if any; its number stands in the code of its sheets
   * @param format the usual one if left out
   * @param extras none if left out
   */
  public record SheetRequest(
      @NotBlank(message = "{valid.title}") @PlainName String title,
      @Nullable String version,
      @NotEmpty(message = "{valid.sums-of-set}") @Size(max = 200, message = "{valid.sums-of-set}")
          List<@Valid @NotNull SumRequest> sums,
      @Nullable Long set,
      @NotNull(message = "{valid.print-kind}") Sheet kind,
      @Nullable SheetFormat format,
      @Nullable SheetExtras extras) {}

  /**
   * How large things are on a sheet, and how its exercises are set out.
   *
   * @param size the sheet of paper; A4 if left out
   * @param square the side of a square in millimetres: 5, 7, 10 or 14; 7 if left out
   * @param layout how exercises are set out; on squares if left out
   */
  public record SheetFormat(
      PdfRequest.@Nullable Size size, @Nullable Integer square, Exercise.@Nullable Layout layout) {
    static final SheetFormat USUAL = new SheetFormat(null, null, null);
  }

  /**
   * The parts of a sheet of exercises besides its sums.
   *
   * @param withoutHeads whether the columns have no heads
   * @param withCheck whether there is room for the check of each exercise
   * @param withExplanation whether there is room to explain each exercise
   * @param withNewAnswer whether there is a second row for an answer that counts when it is ticked
   * @param withFigures whether its writer shows 0 to 9 in squares of their own
   */
  public record SheetExtras(
      @Nullable Boolean withoutHeads,
      @Nullable Boolean withCheck,
      @Nullable Boolean withExplanation,
      @Nullable Boolean withNewAnswer,
      @Nullable Boolean withFigures) {
    static final SheetExtras NONE = new SheetExtras(null, null, null, null, null);
  }

  /** A slip by its name. */
  public record SlipName(String id, String name) {}

  /** A wrong answer, and the slips that give it. */
  public record WrongAnswer(String answer, List<SlipName> slips) {}

  /** The wrong answers that known slips give to a sum. */
  public record KeyView(String problem, String answer, List<WrongAnswer> wrong) {}

  /**
   * Which slips are to be told apart.
   *
   * @param slips the ids of the slips; all slips of the method if left out
   */
  public record ApartRequest(
      @NotNull(message = "{valid.lines-of-set}") @Valid SetLineView line,
      @Nullable List<String> slips,
      @Nullable Long seed) {}

  /**
   * Sums that tell slips apart.
   *
   * @param answers for each sum the right answer, then that of each slip
   * @param doubts the pairs that cannot be told apart, in sentences
   */
  public record ApartView(
      List<SumView> sums, List<SlipName> slips, List<List<String>> answers, List<String> doubts) {}
}
