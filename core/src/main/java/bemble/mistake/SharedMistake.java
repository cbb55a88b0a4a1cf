package bemble.mistake;

import bemble.judge.Judge;
import bemble.judge.report.Finding;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.ladder.Ladder;
import bemble.method.Sum;
import bemble.paper.Role;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.practice.Alike;
import bemble.practice.Item;
import bemble.practice.SlipKey;
import bemble.practice.TellingApart;
import bemble.procedure.Entry;
import bemble.procedure.Hand;
import bemble.procedure.Step;
import bemble.procedure.Working;
import bemble.slate.PageOfStrokes;
import bemble.slate.Slate;
import bemble.slip.Slip;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A made-up page with a slip. Its sum is no pupil's, so that nobody in the class is shown up.
 *
 * @param sum the sum
 * @param slip the slip, wherever it can be made
 * @param wrong the page as the slip writes it
 * @param first the squares in which it first goes wrong
 * @param squares those that a class may say, in the order of writing; the first wrong one is among
 *     them
 * @param after up to three other sums whose answers tell this slip from its neighbours
 */
public record SharedMistake(
    Sum sum, Slip slip, Working wrong, List<Square> first, List<Square> squares, List<Item> after) {
  /** The number of squares that the letters of an alphabet can name. */
  public static final int MOST_SQUARES = 26;

  private static final int DRAWN = 60;
  private static final int AFTER = 3;
  private static final int NEIGHBOURS = 2;

  /**
   * Makes one.
   *
   * @param like a sum of those in which the slip was made
   * @param had the keys of sums that the class had, none of which is used
   * @param seed the same seed makes the same
   * @return empty where the slip shows in no such sum, or cannot be found on its page
   */
  public static Optional<SharedMistake> of(
      Slip slip, Item like, Set<String> had, Ladder ladder, Style style, long seed) {
    List<Item> pool =
        Alike.draw(like, ladder, DRAWN, seed).stream()
            .filter(item -> !had.contains(item.key()))
            .toList();
    for (Item item : pool) {
      Optional<SharedMistake> made = of(slip, item, pool, style);
      if (made.isPresent()) {
        return made;
      }
    }
    return Optional.empty();
  }

  private static Optional<SharedMistake> of(Slip slip, Item item, List<Item> pool, Style style) {
    Sum sum = item.sum(style);
    Working wrong = Judge.simulate(sum, List.of(slip));
    if (wrong.answer().equals(sum.answer(Hand.TRUE)) || hasZeroInFront(wrong)) {
      return Optional.empty();
    }
    // A slip of setting out belongs to a writer who set the sum out.
    boolean own = slip.isOfSettingOut();
    Slate slate = new Slate(sum, own ? SettingOut.OWN : SettingOut.GIVEN);
    Report report = slate.judge(PageOfStrokes.after(slate.strokes(wrong)), Stage.HANDED_IN);
    List<Finding> findings = report.findings();
    boolean found =
        !findings.isEmpty()
            && findings.get(0).slips().stream().anyMatch(each -> each.named() == slip.named());
    if (!found) {
      return Optional.empty();
    }
    List<Square> first = findings.get(0).squares();
    List<Item> others = pool.stream().filter(other -> !other.equals(item)).toList();
    return Optional.of(
        new SharedMistake(
            sum, slip, wrong, first, squares(wrong, first, own), after(slip, sum, others, style)));
  }

  /** Whether the answer begins with a zero before other whole figures, as no pupil writes it. */
  private static boolean hasZeroInFront(Working page) {
    return page.steps().stream()
        .flatMap(step -> step.entries().stream())
        .filter(entry -> entry.slot().role() == Role.ANSWER)
        .max(Comparator.comparing(entry -> entry.slot().place()))
        .filter(front -> front.slot().place() > 0 && front.value().signum() == 0)
        .isPresent();
  }

  /** The squares of full size that were written, or of whatever size where it first goes wrong. */
  private static List<Square> squares(Working wrong, List<Square> first, boolean setOutToo) {
    Set<Square> written = new LinkedHashSet<>();
    for (Step step : wrong.steps()) {
      for (Entry entry : step.entries()) {
        Square at = entry.slot().square();
        boolean full = entry.slot().spot() == Spot.FULL && !entry.marks().isEmpty();
        if (first.contains(at) || (full && (setOutToo || !entry.isSetOut()))) {
          written.add(at);
        }
      }
    }
    List<Square> all = new ArrayList<>(written);
    first.stream().filter(square -> !written.contains(square)).findFirst().ifPresent(all::add);
    int from = Math.max(0, all.indexOf(first.get(0)) - MOST_SQUARES / 2);
    return all.subList(Math.min(from, Math.max(0, all.size() - MOST_SQUARES)), all.size()).stream()
        .limit(MOST_SQUARES)
        .toList();
  }

  private static List<Item> after(Slip slip, Sum sum, List<Item> pool, Style style) {
    List<Slip> apart = new ArrayList<>(List.of(slip));
    SlipKey.slips(sum.method()).stream()
        .filter(other -> other.named() != slip.named() && !other.isOfFacts())
        .limit(NEIGHBOURS)
        .forEach(apart::add);
    return TellingApart.among(pool, apart, style).items().stream().limit(AFTER).toList();
  }
}
