package bemble.diagnosis;

import bemble.slip.Slip;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * Slips of some names that may be behind the answers of one pupil.
 *
 * @param slips none, one or two, by their names
 * @param alike further ones that the answers do not tell from the one
 * @param forms in which they may be made
 * @param probability how likely they are
 */
record Cause(List<Slip> slips, List<Slip> alike, Set<List<Slip>> forms, double probability) {
  /**
   * The fewest answers that say something of a pupil, and of one whose answers were right before.
   */
  private static final int FEWEST = 2;

  private static final int FEWEST_SINCE = 3;

  /** The share of answers that one of two slips explains alone, at least. */
  private static final double PART = 0.2;

  /**
   * Two causes of the same answers are not told apart if one is at least this share as likely as
   * the other.
   */
  private static final double NOT_TOLD_APART = 0.2;

  /** This cause together with another; slips of other forms may be made in one of them. */
  Cause and(Cause other) {
    List<Slip> names = new ArrayList<>(alike);
    List<Slip> more = new ArrayList<>(other.slips);
    more.addAll(other.alike);
    more.stream()
        .filter(slip -> !slips.contains(slip) && !names.contains(slip))
        .forEach(names::add);
    Set<List<Slip>> all = new LinkedHashSet<>(forms);
    all.addAll(other.forms);
    return new Cause(slips, List.copyOf(names), all, probability + other.probability);
  }

  /** The causes, with those joined that speak for and against the same answers. */
  static List<Cause> joined(List<Cause> causes, Grounds grounds) {
    List<Cause> sorted = new ArrayList<>(causes);
    sorted.sort(Comparator.comparingDouble(Cause::probability).reversed());
    List<Cause> joined = new ArrayList<>();
    for (Cause cause : sorted) {
      int same = -1;
      for (int i = 0; i < joined.size() && same < 0; i++) {
        same = joined.get(i).isLike(cause, grounds) ? i : -1;
      }
      if (same < 0) {
        joined.add(cause);
      } else {
        joined.set(same, joined.get(same).and(cause));
      }
    }
    return joined;
  }

  private boolean isLike(Cause other, Grounds grounds) {
    return slips.size() == 1
        && other.slips.size() == 1
        && other.probability >= NOT_TOLD_APART * probability
        && !grounds.of(forms).isEmpty()
        && grounds.of(forms).equals(grounds.of(other.forms))
        && grounds.against(forms).equals(grounds.against(other.forms));
  }

  /**
   * The explanation that this is.
   *
   * @param all causes: who makes two slips makes each of them
   */
  Explanation explanation(List<Cause> all, Grounds grounds) {
    List<Integer> explains = slips.isEmpty() ? grounds.ofMissedFacts() : grounds.of(forms);
    List<Integer> against = slips.isEmpty() ? List.of() : grounds.against(forms);
    boolean isSure =
        !slips.isEmpty()
            && isMade(all) >= Explanation.SURE
            && speaksFor(explains, against, grounds)
            && eachHasGrounds(explains, grounds);
    return new Explanation(slips, alike, false, probability, explains, against, isSure);
  }

  /**
   * Whether at least as many answers speak for it as against it, of all answers or of those since
   * it was first made: right answers from before say nothing of a slip that came with a new topic.
   * One answer says nothing of a pupil.
   *
   * @param explains places in the order of the work, as {@code against}
   */
  private static boolean speaksFor(List<Integer> explains, List<Integer> against, Grounds grounds) {
    if (explains.size() >= Math.max(FEWEST, grounds.right(against))) {
      return true;
    }
    for (int i = 0; i <= explains.size() - FEWEST_SINCE; i++) {
      int first = explains.get(i);
      List<Integer> since = against.stream().filter(place -> place >= first).toList();
      if (explains.size() - i >= grounds.right(since)) {
        return true;
      }
    }
    return false;
  }

  /** How likely these slips are made, with another or without. */
  private double isMade(List<Cause> all) {
    return all.stream()
        .filter(
            each -> each == this || slips.size() == 1 && each.slips.stream().anyMatch(this::names))
        .mapToDouble(Cause::probability)
        .sum();
  }

  private boolean names(Slip slip) {
    return slips.contains(slip) || alike.contains(slip);
  }

  /** Whether each of two slips explains answers that the other does not: several, and a part. */
  private boolean eachHasGrounds(List<Integer> explains, Grounds grounds) {
    if (slips.size() < 2) {
      return true;
    }
    for (Slip slip : slips) {
      List<Slip> other = new ArrayList<>();
      forms.forEach(form -> form.stream().filter(each -> each.named() != slip).forEach(other::add));
      long own =
          explains.stream()
              .filter(
                  place -> other.stream().noneMatch(each -> grounds.isGiven(place, List.of(each))))
              .count();
      if (own < Math.max(2, PART * explains.size())) {
        return false;
      }
    }
    return true;
  }
}
