package bemble.bench;

import bemble.judge.Judge;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.judge.report.Written;
import bemble.words.Wording;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;

/**
 * Prints the judge's processor time after each mark of a page, the first one too, in ms at the
 * median and the 95th percentile: a table for docs/costs.md.
 */
public final class JudgingTable {
  private static final List<String> SUMS =
      List.of(
          "687 × 459",
          "987654 × 456",
          "987654 × 456: lattice",
          "987654 × 456: area",
          "9876 × 54: crosswise",
          "98765432 + 12345678 + 55555555 + 98989898 + 77777777",
          "90807060 − 12345678",
          "987654 − 456789: expanded",
          "987654 − 456789: count-up",
          "98765432 ÷ 47",
          "987654 ÷ 456: partial-quotients",
          "√98765432");

  private static final String LARGEST = "987654321098765432109876 × 123456789012345678901234";

  private static final int PAGES = 8;

  /** The most moments of a page that are measured. */
  private static final int MOMENTS = 80;

  private static final int ROUNDS = 3;

  private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

  private JudgingTable() {}

  /** Measures all sums and kinds of pages. */
  public static void main(String[] args) {
    System.out.println("| | marks | " + titles() + " |");
    System.out.println("| --- | --- | --- | --- | --- | --- |");
    SUMS.forEach(sum -> System.out.println(row(sum)));
    System.out.println(row(LARGEST));
  }

  private static String titles() {
    List<String> titles = new ArrayList<>();
    for (WrongPages.Kind kind : WrongPages.Kind.values()) {
      titles.add(kind.title);
    }
    return String.join(" | ", titles);
  }

  private static String row(String sum) {
    WrongPages of = new WrongPages(sum);
    String name = new Wording(of.sum().style()).problem(of.sum().problem());
    StringBuilder row = new StringBuilder("| " + name + ", " + of.sum().method().id() + " | ");
    row.append(of.page(WrongPages.Kind.RIGHT, 0).size());
    for (WrongPages.Kind kind : WrongPages.Kind.values()) {
      row.append(" | ").append(cell(of, kind));
    }
    return row.append(" |").toString();
  }

  /** All rounds but the last warm up, which a large page does for itself. */
  private static String cell(WrongPages of, WrongPages.Kind kind) {
    List<Double> times = List.of();
    boolean large = of.page(WrongPages.Kind.RIGHT, 0).size() > MOMENTS;
    for (int round = 0; round < (large ? 1 : ROUNDS); round++) {
      times = new ArrayList<>();
      for (long seed = 0; seed < PAGES; seed++) {
        times.addAll(times(of, of.page(kind, seed)));
      }
    }
    Collections.sort(times);
    double median = times.get(times.size() / 2);
    double late = times.get(times.size() * 95 / 100);
    return String.format(Locale.ROOT, "%.1f / %.1f", median, late);
  }

  private static List<Double> times(WrongPages of, List<Written> page) {
    Judge judge = new Judge(of.sum());
    List<Double> times = new ArrayList<>();
    int apart = 1 + page.size() / MOMENTS;
    for (int marks = 1; marks <= page.size(); marks += apart) {
      long before = THREADS.getCurrentThreadCpuTime();
      judge.judge(page.subList(0, marks), Stage.IN_WORK, SettingOut.GIVEN);
      times.add((THREADS.getCurrentThreadCpuTime() - before) / 1e6);
    }
    return times;
  }
}
