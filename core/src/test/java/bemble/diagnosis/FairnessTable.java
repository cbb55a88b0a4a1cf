package bemble.diagnosis;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Renews docs/fairness.md. Not a test: run by {@code ./bemble fairness}. */
class FairnessTable {
  private static final int PUPILS = 40;
  private static final long SEED = 2026;

  @Test
  void renew() throws IOException {
    List<FairnessMeasure> all = FairnessMeasure.all(PUPILS, SEED);
    List<FairnessMeasure> slipping = all.stream().filter(FairnessMeasure::hasSlip).toList();
    Files.writeString(
        Path.of("..", "docs", "fairness.md"),
        """
        # What is said of whom

        Made by `./bemble fairness`: %d pupils a row work ten random sums a week for %d weeks. They know
        no procedure of Bemble: they work by arithmetic of their own, make their slip, if they have one, at
        three of four of its chances, and write each figure of an answer wrong at the rate of the row. After
        each week it is looked at what register, plan and letter would say by the sums of the last four
        weeks. *Ten*: of how many pupils the slip is said after their first ten sums; *ever*: in one of the
        weeks; *falsely*: in how many weeks of a pupil another slip is said, or one of a pupil who has none.

        A slip was said falsely in %d of %d weeks of a pupil. A true one was said after ten sums of %d of
        %d pupils, and within the weeks of %d.

        | pupils | operation | each | ten | ever | falsely |
        | --- | --- | --- | --- | --- | --- |
        %s
        """
            .formatted(
                PUPILS,
                FairnessMeasure.WEEKS,
                all.stream().mapToInt(FairnessMeasure::falsely).sum(),
                all.stream().mapToInt(FairnessMeasure::weeks).sum(),
                slipping.stream().mapToInt(FairnessMeasure::tenSums).sum(),
                slipping.stream().mapToInt(FairnessMeasure::pupils).sum(),
                slipping.stream().mapToInt(FairnessMeasure::ever).sum(),
                all.stream().map(FairnessMeasure::row).collect(Collectors.joining("\n"))));
  }
}
