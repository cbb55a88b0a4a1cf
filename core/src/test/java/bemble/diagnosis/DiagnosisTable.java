package bemble.diagnosis;

import bemble.method.Method;
import bemble.practice.Item;
import bemble.slip.Slip;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Renews docs/diagnosis.md. Not a test: run by {@code ./bemble diagnosis}. */
class DiagnosisTable {
  private static final int PUPILS = 200;
  private static final int PLAIN_PUPILS = 100;

  @Test
  void renew() throws IOException {
    List<String> rows = new ArrayList<>();
    int first = 0;
    int all = 0;
    for (Map.Entry<Method<?>, List<Item>> each : DiagnosisMeasure.sums().entrySet()) {
      Method<?> method = each.getKey();
      String name = method.operation().id() + " " + method.id();
      rows.add(
          row("none", name, DiagnosisMeasure.of(each.getValue(), Optional.empty(), PUPILS, 11)));
      for (Slip slip : DiagnosisMeasure.shown(method, each.getValue())) {
        DiagnosisMeasure trial =
            DiagnosisMeasure.of(each.getValue(), Optional.of(slip), PUPILS, 11);
        rows.add(row(slip.id(), name, trial));
        first += trial.first();
        all += PUPILS;
      }
    }
    PlainPupilMeasure plain = new PlainPupilMeasure();
    List<PlainPupilMeasure.Row> plainRows = plain.rows(PLAIN_PUPILS);
    Files.writeString(
        Path.of("..", "docs", "diagnosis.md"),
        """
        # How well slips are told from answers alone

        Made by `./bemble diagnosis`: for every slip of every method, %d simulated pupils answer ten sums
        that were chosen to tell its slips apart. The slip is made with probability 0.75 in each, a number
        fact missed with 0.05. *First*: nothing else is likelier; *three*: among the first three; *said*:
        sure enough to be said; *accused*: another slip was said. *None* are pupils who miss facts only;
        a slip that changes none of the ten answers is left out.
        In all, the slip stood first for %.1f %% of the pupils who make one.

        | slip | method | first | three | said | accused |
        | --- | --- | --- | --- | --- | --- |
        %s

        ## Pupils who know no procedure

        %d pupils a row answer ten random sums by arithmetic of their own, with one habit and a careless
        figure in one answer of 25. The habit shows at each of its chances (a column, a row, a sum) with the
        rate of the row; some habits are none that Bemble knows. *Said*: sure enough, and with no more
        answers against it than for it; *other*: another slip is said.

        | habit | operation | rate | pupils | first | said | other |
        | --- | --- | --- | --- | --- | --- | --- |
        %s
        How often something that was told of them with a probability is so; the Brier score of all is %.3f.

        | told | times | said | true |
        | --- | --- | --- | --- |
        %s\
        """
            .formatted(
                PUPILS,
                100.0 * first / all,
                String.join("\n", rows),
                PLAIN_PUPILS,
                PlainPupilMeasure.table(plainRows),
                plain.brier(),
                plain.calibration()));
  }

  private static String row(String slip, String method, DiagnosisMeasure trial) {
    return "| %s | %s | %d | %d | %d | %d |"
        .formatted(slip, method, trial.first(), trial.three(), trial.said(), trial.accused());
  }
}
