package bemble.method;

import bemble.judge.right.RightMeasure;
import bemble.judge.several.SeveralMeasure;
import bemble.judge.wrong.WrongMeasure;
import bemble.slip.Slip;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Renews docs/slips.md. Not a test: run by {@code ./bemble slips}. */
class SlipTable {
  private static final int PAGES = 100;
  private static final int KNOWN_PAGES = 60;

  private static final String TEXT =
      """
      # How well slips are named

      Made by `./bemble slips`: simulated pupils make one slip wherever they can, on seeded random sums
      of up to four figures, until it has shown on 60 pages. *Named*: among the slips named for what was
      found first; *first*: named as the likeliest, or behind a slip that makes the very same page; *alone*:
      everything later was right or followed. On the right, the same for pages with the slip at one place only.

      | slip | method | shown | named | first | alone | at one place | named | first | alone |
      | --- | --- | --- | --- | --- | --- | --- | --- | --- | --- |
      %s

      ## Right work of other kinds

      Pages by writers who know no procedure (`judge/right`; each kind is drawn there): how many are called
      wrong at the end; how many others have a finding at any figure while they are written, in five
      orders; and figures that are called not needed.

      | kind | pages | wrong | alarmed | not needed |
      | --- | --- | --- | --- | --- |
      %s
      ## The first square

      Pages with one slip by such writers (`judge/wrong`), who go on rightly from it: how many are called
      right; on how many the first finding is where the slip was made; and on how many it is the only one.

      | kind | pages | right | first | alone |
      | --- | --- | --- | --- | --- |
      %s
      ## Several slips

      Pages on which two or three figures are one more or one less, each of another fact: on how many all
      of them are found, how many others fewer slips explain, from which the rest follows, and on how many
      nothing else is found. Three of four figures that are each one less may be written by one slip as well.

      | method | with two | all | fewer | nothing else | with three | all | fewer | nothing else |
      | --- | --- | --- | --- | --- | --- | --- | --- | --- |
      %s\

      ## Two slips with names

      Pages on which two slips of the list above happen, each in a section of its own and each so that it
      shows beside the other: how many there are, for how many something is found there, and of how many
      of those the slip is named first, or one that makes the same page in its stead.

      | method | slips | found | named |
      | --- | --- | --- | --- |
      %s\
      """;

  @Test
  void renew() throws IOException {
    String rows =
        SlipMeasure.all()
            .map(each -> row((Method<?>) each.get()[0], (Slip) each.get()[1]))
            .collect(Collectors.joining("\n"));
    Files.writeString(
        Path.of("..", "docs", "slips.md"),
        TEXT.formatted(
            rows,
            RightMeasure.table(PAGES, 71),
            WrongMeasure.table(PAGES, 72),
            SeveralMeasure.table(PAGES, 73),
            NamedMeasure.table(PAGES, 76)));
  }

  private static String row(Method<?> method, Slip slip) {
    SlipMeasure everywhere = SlipMeasure.of(method, slip, KNOWN_PAGES);
    String name = "| %s | %s |".formatted(slip.id(), everywhere.method());
    return name + counts(everywhere) + counts(SlipMeasure.atOnePlace(method, slip, KNOWN_PAGES));
  }

  private static String counts(SlipMeasure trial) {
    return " %d | %d | %d | %d |"
        .formatted(trial.shown(), trial.named(), trial.first(), trial.alone());
  }
}
