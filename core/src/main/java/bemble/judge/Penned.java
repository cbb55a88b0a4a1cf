package bemble.judge;

import bemble.judge.Prediction.Expected;
import bemble.judge.Prediction.Seen;
import bemble.paper.Role;
import bemble.paper.Spot;
import bemble.plan.Working;
import java.util.ArrayList;
import java.util.List;

/** A worked page as somebody would write it on a sheet on which the sum is set out. */
public final class Penned {
  private Penned() {}

  /** All values in the order of writing; numbers copied from the sum are left out. */
  public static List<Written> of(Working working) {
    return of(working, false);
  }

  /** All values in the order of writing, those copied from the sum among them. */
  public static List<Written> withSetOut(Working working) {
    return of(working, true);
  }

  private static List<Written> of(Working working, boolean setOut) {
    return puts(working, setOut).stream().map(Put::written).toList();
  }

  /** How something is written. */
  public enum Kind {
    /** One character of full size. */
    FIGURE,
    /** A small figure that helps the writer. */
    AID,
    /** A decimal mark, after a square. */
    POINT,
    /** A number of as many figures as it needs, in one square. */
    NUMBER
  }

  /** Something written, how, and what for. */
  public record Put(Written written, Kind kind, Role role) {}

  /**
   * All values in the order of writing.
   *
   * @param setOut whether those copied from the sum are among them
   */
  public static List<Put> puts(Working working, boolean setOut) {
    List<Put> page = new ArrayList<>();
    for (Seen seen : new Prediction(working).seen()) {
      if (setOut || !seen.isSetOut()) {
        for (Expected one : seen.expected()) {
          Kind kind = one.spot() == Spot.FULL ? Kind.FIGURE : Kind.NUMBER;
          Written written = new Written(one.at(), one.spot(), one.text());
          Role role = seen.entry().slot().role();
          kind = seen.isPoint() ? Kind.POINT : kind;
          page.add(new Put(written, seen.isAid() ? Kind.AID : kind, role));
        }
      }
    }
    return page;
  }
}
