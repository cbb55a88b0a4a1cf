package bemble.app.export;

import bemble.app.refusal.RefusedException;
import bemble.app.working.SumRef;
import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;

/**
 * A page to be printed.
 *
 * @param sum the sum and how to work it
 * @param kind the kind of print
 * @param size the sheet; A4 if left out
 * @param per the unit that a frame of a strip shows; a step if left out
 * @param frames how many frames a sheet of a strip has: 4, 6 or 9; 6 if left out
 */
public record PdfRequest(
    @NotNull(message = "{valid.sum}") SumRef sum,
    @NotNull(message = "{valid.print-kind}") Kind kind,
    @Nullable Size size,
    @Nullable Per per,
    @Nullable Integer frames) {
  /** The kinds of print. */
  public enum Kind {
    /** The page when all is done, with its check. */
    PAGE,
    /** A frame for each step or column. */
    STRIP,
    /** The sum set out, with empty squares. */
    BLANK
  }

  /** Sheets of paper. */
  public enum Size {
    A4,
    LETTER
  }

  /** The unit that each frame shows. */
  public enum Per {
    STEP,
    COLUMN
  }

  Size sheet() {
    return size == null ? Size.A4 : size;
  }

  /** How many frames lie beside one another on a sheet, and how many under one another. */
  Tiling tiling() {
    return switch (frames == null ? 6 : frames) {
      case 4 -> new Tiling(2, 2);
      case 6 -> new Tiling(2, 3);
      case 9 -> new Tiling(3, 3);
      default -> throw RefusedException.of("frames");
    };
  }

  /** Frames across and down a sheet. */
  record Tiling(int across, int down) {
    int frames() {
      return across * down;
    }
  }
}
