package bemble.judge.several;

import bemble.judge.Judge;
import bemble.judge.reading.Transcript;
import bemble.judge.report.Finding;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.judge.report.Verdict;
import bemble.method.Method;
import bemble.method.RandomSums;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.paper.Role;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.problem.Problem;
import bemble.procedure.Asked;
import bemble.procedure.Entry;
import bemble.procedure.Fill;
import bemble.procedure.Hand;
import bemble.procedure.Rule;
import bemble.procedure.Slot;
import bemble.procedure.Step;
import bemble.procedure.Working;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;

/** Counts pages with several wrong figures on which each of them is found. */
public final class SeveralMeasure {
  private static final List<String> SMALL = List.of("short", "count-back");

  private SeveralMeasure() {}

  /** Writes other figures in some slots and goes on from them. */
  private record WrongIn(Map<Slot, BigInteger> others) implements Hand {
    @Override
    public Fill fill(Asked asked) {
      return Fill.of(others.getOrDefault(asked.slot(), asked.due()));
    }
  }

  /**
   * How pages of a method are judged.
   *
   * @param pages how many are judged
   * @param all pages on which every wrong figure is in a finding
   * @param fewer others, which fewer slips explain: slips without a finding follow from them
   * @param exact pages on which there is nothing else
   * @param example the first page on which there is not
   */
  record Counted(int pages, int all, int fewer, int exact, String example) {}

  static Counted count(Method<?> method, int slips, int pages, long seed) {
    Random random = new Random(seed);
    int judged = 0;
    int all = 0;
    int fewer = 0;
    int exact = 0;
    String example = "";
    for (Problem problem : new RandomSums(seed).small(method).limit(20L * pages).toList()) {
      if (judged == pages) {
        break;
      }
      Sum sum = new Sum(problem, method, Style.STANDARD);
      Map<Slot, BigInteger> wrong = wrong(sum, slips, random);
      if (wrong.size() < slips) {
        continue;
      }
      Working page = sum.work(new WrongIn(wrong));
      List<Square> squares = squares(page, wrong);
      if (squares.size() < slips) {
        continue;
      }
      judged++;
      Report report = new Judge(sum).judge(Transcript.of(page), Stage.HANDED_IN, SettingOut.GIVEN);
      List<Square> found = new ArrayList<>();
      report.findings().forEach(each -> found.addAll(each.squares()));
      boolean isAll = found.containsAll(squares);
      boolean isExact = isAll && report.findings().size() == slips;
      all += isAll ? 1 : 0;
      fewer += !isAll && follows(report).containsAll(without(squares, found)) ? 1 : 0;
      exact += isExact ? 1 : 0;
      if (!isExact && example.isEmpty()) {
        example = told(sum, squares, report);
      }
    }
    return new Counted(judged, all, fewer, exact, example);
  }

  private static Set<Square> follows(Report report) {
    return report.figures().stream()
        .filter(figure -> figure.verdict() == Verdict.FOLLOWS)
        .map(figure -> figure.written().at())
        .collect(Collectors.toSet());
  }

  private static List<Square> without(List<Square> squares, List<Square> found) {
    return squares.stream().filter(square -> !found.contains(square)).toList();
  }

  private static String told(Sum sum, List<Square> squares, Report report) {
    StringBuilder told = new StringBuilder(sum.problem() + " at " + text(squares));
    for (Finding each : report.findings()) {
      told.append("; " + each.kind() + text(each.squares()) + each.slips());
    }
    return told.toString();
  }

  private static String text(List<Square> squares) {
    return squares.stream().map(at -> at.row() + "," + at.column()).toList().toString();
  }

  /** The squares of the wrong figures, as far as they are seen and another figure is there. */
  private static List<Square> squares(Working page, Map<Slot, BigInteger> wrong) {
    List<Square> squares = new ArrayList<>();
    for (Step step : page.steps()) {
      for (Entry entry : step.entries()) {
        boolean isWrong =
            wrong.containsKey(entry.slot())
                && !entry.rule().applyTo(entry.reads()).equals(entry.value())
                && !entry.marks().isEmpty();
        if (isWrong && !squares.contains(entry.slot().square())) {
          squares.add(entry.slot().square());
        }
      }
    }
    return squares;
  }

  private static Map<Slot, BigInteger> wrong(Sum sum, int slips, Random random) {
    List<Entry> may = new ArrayList<>();
    for (Step step : sum.work().steps()) {
      for (Entry entry : step.entries()) {
        boolean figure =
            !entry.isSetOut()
                && !entry.marks().isEmpty()
                && entry.slot().spot() == Spot.FULL
                && !entry.reads().isEmpty()
                && entry.slot().role() != Role.BROUGHT_DOWN
                && entry.slot().role() != Role.COUNT
                && entry.slot().role() != Role.QUOTIENT
                && !Rule.TENS_OF_TOTAL.equals(entry.rule());
        if (figure) {
          may.add(entry);
        }
      }
    }
    Map<Slot, BigInteger> wrong = new HashMap<>();
    List<List<Entry>> reads = new ArrayList<>();
    for (int tries = 0; tries < 40 && wrong.size() < slips && !may.isEmpty(); tries++) {
      Entry entry = may.get(random.nextInt(may.size()));
      BigInteger off = BigInteger.valueOf(random.nextBoolean() ? 1 : -1);
      BigInteger other = entry.value().add(off);
      boolean fits =
          other.signum() >= 0 && other.toString().length() == entry.value().toString().length();
      // The two figures of one total or product are one fact.
      if (fits && !reads.contains(entry.reads())) {
        reads.add(entry.reads());
        wrong.put(entry.slot(), other);
      }
    }
    return wrong;
  }

  /**
   * Methods whose pages have room for several. The results of short division and counting back
   * stand small, and the figures of a quotient go with the remainder.
   */
  public static List<Method<?>> methods() {
    return Methods.all().stream()
        .filter(method -> Judge.judges(method) && !SMALL.contains(method.id()))
        .toList();
  }

  /** A row for each method whose pages have room for two wrong figures. */
  public static String table(int pages, long seed) {
    StringBuilder rows = new StringBuilder();
    for (Method<?> method : methods()) {
      Counted two = count(method, 2, pages, seed);
      Counted three = count(method, 3, pages, seed);
      rows.append(
          "| %s %s | %d | %d | %d | %d | %d | %d | %d | %d |%n"
              .formatted(
                  method.operation().id(),
                  method.id(),
                  two.pages,
                  two.all,
                  two.fewer,
                  two.exact,
                  three.pages,
                  three.all,
                  three.fewer,
                  three.exact));
    }
    return rows.toString();
  }
}
