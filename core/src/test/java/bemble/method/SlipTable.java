package bemble.method;

import bemble.slip.Slip;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Renews docs/slips.md. Not a test: run by {@code ./bemble slips}. */
class SlipTable {
  @Test
  void renew() throws IOException {
    String rows =
        SlipMeasure.all()
            .map(each -> row((Method<?>) each.get()[0], (Slip) each.get()[1]))
            .collect(Collectors.joining("\n"));
    Files.writeString(
        Path.of("..", "docs", "slips.md"),
        """
        # How well slips are named

        Made by `./bemble slips`: simulated pupils make one slip wherever they can, on seeded random sums
        of up to four figures, until it has shown on 60 pages. *Named*: among the slips named for what was
        found first; *first*: named as the likeliest, or behind a slip that makes the very same page; *alone*:
        everything later was right or followed. On the right, the same for pages with the slip at one place only.

        | slip | method | shown | named | first | alone | at one place | named | first | alone |
        | --- | --- | --- | --- | --- | --- | --- | --- | --- | --- |
        %s
        """
            .formatted(rows));
  }

  private static String row(Method<?> method, Slip slip) {
    SlipMeasure everywhere = SlipMeasure.of(method, slip);
    String name = "| %s | %s |".formatted(slip.id(), everywhere.method());
    return name + counts(everywhere) + counts(SlipMeasure.atOnePlace(method, slip));
  }

  private static String counts(SlipMeasure trial) {
    return " %d | %d | %d | %d |"
        .formatted(trial.shown(), trial.named(), trial.first(), trial.alone());
  }
}
