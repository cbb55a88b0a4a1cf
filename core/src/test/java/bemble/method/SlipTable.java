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
        SlipTrial.all()
            .map(each -> SlipTrial.of((Method<?>) each.get()[0], (Slip) each.get()[1]))
            .map(
                trial ->
                    "| %s | %s | %d | %d | %d | %d |"
                        .formatted(
                            trial.slip().id(),
                            trial.method(),
                            trial.shown(),
                            trial.named(),
                            trial.first(),
                            trial.alone()))
            .collect(Collectors.joining("\n"));
    Files.writeString(
        Path.of("..", "docs", "slips.md"),
        """
        # How well slips are named

        Made by `./bemble slips`: simulated pupils make one slip wherever they can, on seeded random sums
        of up to four figures, until it has shown on 60 pages. *Named*: among the slips named for what was
        found first; *first*: named as the likeliest; *alone*: everything later was right or followed.

        | slip | method | shown | named | first | alone |
        | --- | --- | --- | --- | --- | --- |
        %s
        """
            .formatted(rows));
  }
}
