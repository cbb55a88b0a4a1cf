package bemble.judge.wrong;

import bemble.judge.Judge;
import bemble.judge.report.Finding;
import bemble.judge.report.Report;
import bemble.judge.report.Stage;
import bemble.judge.report.Verdict;
import bemble.paper.Square;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** Counts pages of a kind on which the first finding is where the slip is, and the only one. */
public final class WrongMeasure {
  static final List<WrongKind> KINDS =
      List.of(
          new SurplusInFront(),
          new CarryNotDue(),
          new NumberAside(2, true),
          new NumberAside(3, true),
          new NumberAside(3, false),
          new DifferenceAside(),
          new ChangedOver(),
          new RowsWrong(true),
          new RowsWrong(false),
          new CountWrong(true),
          new CountWrong(false),
          new BoxLeftOut(),
          new EdgeTooSmall());

  private WrongMeasure() {}

  /**
   * How pages of a kind are judged.
   *
   * @param pages how many are judged
   * @param right pages that are called right
   * @param first pages on which the first finding has a square of the slip
   * @param alone pages on which that is the only finding and nothing is not needed
   * @param example the first page on which it is not
   */
  record Counted(int pages, int right, int first, int alone, String example) {}

  static Counted count(WrongKind kind, int pages, long seed) {
    Random random = new Random(seed);
    int judged = 0;
    int right = 0;
    int first = 0;
    int alone = 0;
    String example = "";
    while (judged < pages) {
      Optional<WrongKind.WrongPage> written = kind.write(random);
      if (written.isEmpty()) {
        continue;
      }
      WrongKind.WrongPage page = written.get();
      judged++;
      Report report =
          new Judge(page.sum()).judge(page.paper().figures(), Stage.HANDED_IN, page.settingOut());
      if (report.findings().isEmpty()) {
        right++;
        continue;
      }
      Finding finding = report.findings().get(0);
      boolean isFirst = finding.squares().stream().anyMatch(page.first()::contains);
      boolean isAlone = report.findings().size() == 1 && report.count(Verdict.NOT_NEEDED) == 0;
      first += isFirst ? 1 : 0;
      alone += isFirst && isAlone ? 1 : 0;
      if (example.isEmpty() && !(isFirst && isAlone)) {
        example = told(page, report);
      }
    }
    return new Counted(judged, right, first, alone, example);
  }

  private static String told(WrongKind.WrongPage page, Report report) {
    StringBuilder told = new StringBuilder(page.sum().problem() + " at " + squares(page.first()));
    for (Finding each : report.findings()) {
      told.append("; %s%s %s".formatted(each.kind(), squares(each.squares()), each.slips()));
    }
    return told + " notNeeded " + report.count(Verdict.NOT_NEEDED);
  }

  private static String squares(List<Square> squares) {
    return squares.stream().map(at -> at.row() + "," + at.column()).toList().toString();
  }

  /** A row for each kind. */
  public static String table(int pages, long seed) {
    StringBuilder rows = new StringBuilder();
    for (WrongKind kind : KINDS) {
      Counted counted = count(kind, pages, seed);
      rows.append(
          "| %s | %d | %d | %d | %d |%n"
              .formatted(kind.title(), counted.pages, counted.right, counted.first, counted.alone));
    }
    return rows.toString();
  }
}
