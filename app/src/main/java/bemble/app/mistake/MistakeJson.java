package bemble.app.mistake;

import bemble.app.working.SumRef;
import bemble.app.working.WorkingView;
import bemble.paper.Paper;
import bemble.paper.Square;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The JSON of the class's own mistake. */
final class MistakeJson {
  private static final int MOST_SUMS = 60;
  private static final int MOST_VOTES = 400;

  private MistakeJson() {}

  /**
   * A mistake to be made into a lesson.
   *
   * @param slip the id of the slip; the likeliest that shows if left out
   * @param sums those in which it was made; none of them is used again
   * @param seed the same seed makes the same
   */
  record MistakeRequest(
      @Nullable String slip,
      @NotEmpty(message = "{valid.sum}") @Size(max = MOST_SUMS, message = "{valid.sum}")
          List<@Valid @NotNull SumRef> sums,
      long seed) {}

  /**
   * A sum to be worked after the lesson.
   *
   * @param problem as the class writes it
   */
  record AfterView(String problem, SumRef sum) {}

  /**
   * The lesson.
   *
   * @param slip the id of the slip
   * @param question a question about it, which never gives the answer away
   * @param wrong the page with the slip, and its check; its steps say only the figures that were
   *     written
   * @param first the squares in which it first goes wrong
   * @param squares those that can be voted for, in the order of writing
   * @param after sums that tell this slip from its neighbours
   * @param inSettingOut whether it is made where the sum is set out: an empty page has nothing then
   */
  record MistakeView(
      String slip,
      String question,
      WorkingView wrong,
      List<Square> first,
      List<Square> squares,
      List<AfterView> after,
      boolean inSettingOut) {}

  /**
   * A sum whose last number is lined up wrongly.
   *
   * @param paper the page that comes of it
   * @param say the result, and why it is wrong
   */
  record LinedUpView(Paper paper, String say) {}

  /**
   * How a class voted.
   *
   * @param sum the sum that was shown
   * @param votes how many voted for any square
   * @param right how many of them for the first wrong one
   */
  record VoteRequest(
      @NotBlank(message = "{valid.slip}") String slip,
      @Valid @NotNull(message = "{valid.sum}") SumRef sum,
      @Min(value = 1, message = "{valid.votes}") @Max(value = MOST_VOTES, message = "{valid.votes}")
          int votes,
      @Min(value = 0, message = "{valid.votes}") @Max(value = MOST_VOTES, message = "{valid.votes}")
          int right) {}
}
