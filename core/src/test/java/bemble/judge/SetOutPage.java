package bemble.judge;

import bemble.judge.reading.Transcript;
import bemble.judge.reading.Transcript.Put;
import bemble.judge.report.Written;
import bemble.procedure.Working;
import java.util.List;

/** A page as somebody would write it who sets the sum out, too, with its sign. */
public final class SetOutPage {
  private SetOutPage() {}

  /** All values in the order of writing. */
  public static List<Written> of(Working working) {
    return Transcript.puts(working, true).stream().map(Put::written).toList();
  }
}
