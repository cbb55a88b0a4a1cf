package bemble.judge.right;

import bemble.judge.Judge;
import bemble.judge.report.Report;
import bemble.judge.report.Stage;
import bemble.judge.report.Verdict;
import bemble.judge.report.Written;
import bemble.style.Choice;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Counts right pages of a kind that are called wrong, at the end or while they are written. */
public final class RightMeasure {
  static final List<RightKind> KINDS =
      List.of(
          new AreaSetOut(),
          new LatticeSetOut(),
          new OwnExchange("exchange", true),
          new OwnExchange("add-to-both", true),
          new OwnExchange("exchange", false),
          new OwnExchange("add-to-both", false),
          new OwnCarries(Choice.CarryPosition.ABOVE, OwnCarries.Small.CARRY, false),
          new OwnCarries(Choice.CarryPosition.BELOW, OwnCarries.Small.CARRY, true),
          new OwnCarries(Choice.CarryPosition.ABOVE, OwnCarries.Small.TEN, true),
          new OwnCarries(Choice.CarryPosition.ABOVE, OwnCarries.Small.TOTAL, false),
          new MultipliedCarries(Choice.CarryPosition.ABOVE, true),
          new MultipliedCarries(Choice.CarryPosition.BELOW, true),
          new MultipliedCarries(Choice.CarryPosition.ABOVE, false),
          new MultipliedCarries(Choice.CarryPosition.BELOW, false),
          new CountOfNothing(false),
          new CountOfNothing(true),
          new PartsInAnyOrder(true),
          new PartsInAnyOrder(false),
          new RowsInAnyOrder(false),
          new RowsInAnyOrder(true),
          new OwnHops(false, false),
          new OwnHops(true, false),
          new OwnHops(false, true),
          new OwnHops(true, true));

  private RightMeasure() {}

  /**
   * How many pages of a kind are called wrong.
   *
   * @param pages how many are judged
   * @param wrong pages that are wrong at the end
   * @param alarmed others with a finding while they are written, in any order
   * @param notNeeded how many figures are called not needed at the end
   * @param example the first page of these, as it was told
   */
  record Counted(int pages, int wrong, int alarmed, long notNeeded, String example) {}

  static Counted count(RightKind kind, int pages, long seed) {
    Random random = new Random(seed);
    int wrong = 0;
    int alarmed = 0;
    long notNeeded = 0;
    String example = "";
    for (int i = 0; i < pages; i++) {
      RightKind.RightPage page = kind.write(random);
      Judge judge = new Judge(page.sum());
      Report end = judge.judge(page.paper().figures(), Stage.HANDED_IN, page.settingOut());
      notNeeded += end.count(Verdict.NOT_NEEDED);
      String told = "";
      if (!end.allRight()) {
        wrong++;
        told = told(page, end, "the end");
      } else {
        told = whileWritten(judge, page);
        alarmed += told.isEmpty() ? 0 : 1;
      }
      example = example.isEmpty() ? told : example;
    }
    return new Counted(pages, wrong, alarmed, notNeeded, example);
  }

  private static String whileWritten(Judge judge, RightKind.RightPage page) {
    for (WritingOrder order : WritingOrder.values()) {
      List<Written> figures = order.of(page.paper().figures());
      for (int written = 1; written <= figures.size(); written++) {
        Report report = judge.judge(figures.subList(0, written), Stage.IN_WORK, page.settingOut());
        if (!report.findings().isEmpty()) {
          return told(page, report, order + " " + written);
        }
      }
    }
    return "";
  }

  private static String told(RightKind.RightPage page, Report report, String when) {
    List<String> found = new ArrayList<>();
    report
        .findings()
        .forEach(each -> found.add(each.kind() + " " + each.squares() + " " + each.slips()));
    return page.sum().problem() + " " + when + ": " + found + " missing " + report.missing();
  }

  /** A row for each kind. */
  public static String table(int pages, long seed) {
    StringBuilder rows = new StringBuilder();
    for (RightKind kind : KINDS) {
      Counted counted = count(kind, pages, seed);
      rows.append(
          "| %s | %d | %d | %d | %d |%n"
              .formatted(
                  kind.title(), counted.pages, counted.wrong, counted.alarmed, counted.notNeeded));
    }
    return rows.toString();
  }
}
