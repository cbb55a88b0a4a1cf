package bemble.app.house;

import bemble.app.words.PlainName;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The JSON of groups. */
public final class GroupJson {
  private GroupJson() {}

  /** Where a group came from. */
  public enum Origin {
    SLIP,
    RUNG,
    CHOSEN
  }

  /**
   * A group of the current class.
   *
   * @param pupils those who have not left, by name
   * @param set the set that was made for it, if any
   */
  public record PupilGroupView(
      long id, String name, Origin origin, List<Long> pupils, @Nullable Long set) {}

  /**
   * A group as it is to be.
   *
   * @param about the rung that it came from; missing for a chosen one
   * @param set the set that was made for it, if any; a change leaves it as it is
   */
  public record PupilGroupRequest(
      @NotBlank(message = "{valid.group-name}") @PlainName String name,
      @Nullable @Size(max = 60, message = "{valid.rung}") String about,
      @NotEmpty(message = "{valid.group-pupils}") @Size(max = 60, message = "{valid.group-pupils}")
          List<@NotNull Long> pupils,
      @Nullable Long set) {}
}
