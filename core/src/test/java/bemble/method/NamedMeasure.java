package bemble.method;

import bemble.judge.Judge;
import bemble.judge.reading.Transcript;
import bemble.judge.report.Finding;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.judge.report.Written;
import bemble.judge.several.SeveralMeasure;
import bemble.paper.Square;
import bemble.problem.Problem;
import bemble.procedure.Section;
import bemble.procedure.Step;
import bemble.procedure.Working;
import bemble.slip.Slip;
import bemble.slip.SlippingHand;
import bemble.slip.SlippingHand.At;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Counts slips that are found and named among others on their page. */
final class NamedMeasure {
  private NamedMeasure() {}

  /**
   * How the slips of a method's pages are named.
   *
   * @param slips how many were made, each in a section of its own, where each one shows
   * @param found those for which there is a finding, where it shows first or in its section
   * @param named those of which the slip is named there first, or one that makes the same page
   * @param example the first that is found and not named
   */
  record Counted(int slips, int found, int named, String example) {
    private Counted and(Sum sum, List<At> made) {
      Report report =
          new Judge(sum).judge(Transcript.of(work(sum, made)), Stage.HANDED_IN, SettingOut.GIVEN);
      Counted counted = this;
      for (int i = 0; i < made.size(); i++) {
        counted = counted.and(sum, made, i, report.findings());
      }
      return counted;
    }

    private Counted and(Sum sum, List<At> made, int index, List<Finding> findings) {
      Set<Square> shows = shows(sum, made, index);
      Predicate<Finding> isThere = each -> each.squares().stream().anyMatch(shows::contains);
      Predicate<Finding> isNear = each -> each.step().section().equals(made.get(index).from());
      Optional<Finding> there =
          findings.stream()
              .filter(isThere)
              .findFirst()
              .or(() -> findings.stream().filter(isNear).findFirst());
      boolean isNamed =
          there.isPresent()
              && there.get().slips().stream()
                  .limit(1)
                  .anyMatch(name -> isAlike(sum, made, index, name));
      String told = sum.problem() + " " + made.get(index) + " of " + made + ": " + there;
      return new Counted(
          slips + 1,
          found + (there.isPresent() ? 1 : 0),
          named + (isNamed ? 1 : 0),
          example.isEmpty() && there.isPresent() && !isNamed ? told : example);
    }

    Counted and(Counted other) {
      return new Counted(
          slips + other.slips, found + other.found, named + other.named, example + other.example);
    }

    private String row(String name) {
      return "| %s | %d | %d | %d |%n".formatted(name, slips, found, named);
    }
  }

  /** Pages of a method with so many slips, none of which is of setting out. */
  static Counted count(Method<?> method, int together, int pages, long seed) {
    Random random = new Random(seed);
    List<Slip> known =
        method.slips().stream()
            .filter(slip -> slip.isToldByPages() && !slip.isOfSettingOut())
            .toList();
    Counted counted = new Counted(0, 0, 0, "");
    for (Problem problem : new RandomSums(seed).small(method).limit(60L * pages).toList()) {
      if (counted.slips == together * pages) {
        break;
      }
      Sum sum = new Sum(problem, method, Style.STANDARD);
      List<At> slips = slips(sum, known, together, random);
      if (slips.size() == together && areIndependent(sum, slips)) {
        counted = counted.and(sum, slips);
      }
    }
    return counted;
  }

  /** Some slips of which each is made in another section, in the order of the working. */
  private static List<At> slips(Sum sum, List<Slip> known, int together, Random random) {
    List<Section> sections =
        new ArrayList<>(sum.work().steps().stream().map(Step::section).distinct().toList());
    while (sections.size() > together) {
      sections.remove(random.nextInt(sections.size()));
    }
    List<Slip> others = new ArrayList<>(known);
    Collections.shuffle(others, random);
    return IntStream.range(0, sections.size())
        .mapToObj(i -> new At(others.get(i), sections.get(i), false))
        .toList();
  }

  /**
   * Whether they are independent: the page is another one without any of them, each shows on a page
   * of its own, and each in other figures, which are not those of the true page.
   */
  private static boolean areIndependent(Sum sum, List<At> slips) {
    Set<Written> page = figures(sum, slips);
    Set<Written> truth = figures(sum, List.of());
    Set<Square> right =
        truth.stream().filter(page::contains).map(Written::at).collect(Collectors.toSet());
    Set<Square> seen = new HashSet<>();
    for (int i = 0; i < slips.size(); i++) {
      At slip = slips.get(i);
      Set<Square> shows = shows(sum, slips, i);
      if (figures(sum, without(slips, slip)).equals(page)
          || figures(sum, List.of(slip)).equals(truth)
          || right.containsAll(shows)
          || !Collections.disjoint(seen, shows)) {
        return false;
      }
      seen.addAll(shows);
    }
    return true;
  }

  private static List<At> without(List<At> slips, At slip) {
    return slips.stream().filter(each -> each != slip).toList();
  }

  private static Working work(Sum sum, List<At> slips) {
    return sum.work(new SlippingHand(sum.problem(), slips, Map.of()));
  }

  private static Set<Written> figures(Sum sum, List<At> slips) {
    return SlipMeasure.figures(sum.method(), Transcript.of(work(sum, slips)));
  }

  /** The squares of the step in which a slip makes its page another one for the first time. */
  private static Set<Square> shows(Sum sum, List<At> slips, int index) {
    List<Transcript.Put> page = puts(sum, slips.subList(0, index + 1));
    List<Transcript.Put> before = puts(sum, slips.subList(0, index));
    List<Transcript.Put> more = differing(page, before);
    List<Transcript.Put> shown = more.isEmpty() ? differing(before, page) : more;
    return shown.stream()
        .filter(put -> put.step() == shown.get(0).step())
        .map(put -> put.written().at())
        .collect(Collectors.toSet());
  }

  private static List<Transcript.Put> puts(Sum sum, List<At> slips) {
    return Transcript.puts(work(sum, slips), false).stream()
        .filter(put -> SlipMeasure.isFigure(sum.method(), put.written()))
        .toList();
  }

  private static List<Transcript.Put> differing(
      List<Transcript.Put> page, List<Transcript.Put> other) {
    Set<Written> there = other.stream().map(Transcript.Put::written).collect(Collectors.toSet());
    return page.stream().filter(put -> !there.contains(put.written())).toList();
  }

  /** Whether a name is that of the slip, or of one that makes the same page in its stead. */
  private static boolean isAlike(Sum sum, List<At> slips, int index, Slip name) {
    At made = slips.get(index);
    if (made.slip().named() == name) {
      return true;
    }
    List<At> others = new ArrayList<>(slips);
    others.set(index, new At(name, made.from(), false));
    return figures(sum, others).equals(figures(sum, slips));
  }

  /** A row for each method whose pages have room for two slips. */
  static String table(int pages, long seed) {
    StringBuilder rows = new StringBuilder();
    Counted all = new Counted(0, 0, 0, "");
    for (Method<?> method : SeveralMeasure.methods()) {
      Counted counted = count(method, 2, pages, seed);
      rows.append(counted.row(method.operation().id() + " " + method.id()));
      all = all.and(counted);
    }
    return rows + all.row("all");
  }
}
