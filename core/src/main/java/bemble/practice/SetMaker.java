package bemble.practice;

import bemble.problem.Problem;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.SortedMap;

/** Puts sets together: the sums of each line, none twice, none that is to be avoided. */
public final class SetMaker {
  private final Style style;

  /** The orders of the sums of a set. */
  public enum Order {
    /** Line after line, each as it was drawn. */
    AS_LISTED,
    /** By the time that they take, the shortest first. */
    EASY_FIRST,
    /** All lines mixed. */
    MIXED
  }

  /** Makes sets for a class: its style tells how long a sum takes. */
  public SetMaker(Style style) {
    this.style = style;
  }

  /**
   * The sums of some lines.
   *
   * @param lines the wanted sums, in order
   * @param held sums that stay, by their place in the set, from 0; they stand for sums of their
   *     line
   * @param avoided {@link Item#key keys} of sums that must not come
   * @param order applied to new sets only: if a sum is held, every sum stays in its place
   * @param seed the same seed makes the same set
   * @return fewer sums than wanted only where a line has no more
   */
  public List<Item> make(
      List<SetLine> lines,
      Map<Integer, Item> held,
      Collection<String> avoided,
      Order order,
      long seed) {
    Set<String> used = new HashSet<>(avoided);
    held.values().forEach(item -> used.add(item.key()));
    List<Item> items = new ArrayList<>();
    int place = 0;
    for (SetLine line : lines) {
      List<Integer> free = new ArrayList<>();
      for (int i = 0; i < line.count(); i++) {
        if (!held.containsKey(place + i)) {
          free.add(place + i);
        }
      }
      List<Item> drawn = draw(line, free.size(), used, seed + place);
      int next = 0;
      for (int i = 0; i < line.count(); i++) {
        Item stays = held.get(place + i);
        if (stays != null) {
          items.add(stays);
        } else if (next < drawn.size()) {
          items.add(drawn.get(next++));
        }
      }
      place += line.count();
    }
    return held.isEmpty() ? inOrder(items, order, seed) : items;
  }

  /** Draws sums of a line that are not used yet; they are used then. */
  List<Item> draw(SetLine line, int count, Set<String> used, long seed) {
    List<Item> drawn = new ArrayList<>();
    // Some of the drawn sums may be used already: then more are drawn, until the line has no more.
    int asked = count == 0 ? 0 : count + 8;
    int got = -1;
    while (drawn.size() < count) {
      List<Problem> problems = line.rung().draw(asked, seed);
      if (problems.size() == got) {
        break;
      }
      got = problems.size();
      drawn.clear();
      Set<String> usedNow = new HashSet<>(used);
      for (Problem problem : problems) {
        Item item = Item.of(problem, line.method(), line.rung().id());
        if (drawn.size() < count && usedNow.add(item.key())) {
          drawn.add(item);
        }
      }
      asked *= 4;
    }
    drawn.forEach(item -> used.add(item.key()));
    return drawn;
  }

  private List<Item> inOrder(List<Item> items, Order order, long seed) {
    List<Item> ordered = new ArrayList<>(items);
    if (order == Order.EASY_FIRST) {
      ordered.sort(Comparator.comparingInt(this::seconds));
    } else if (order == Order.MIXED) {
      Collections.shuffle(ordered, new Random(seed));
    }
    return ordered;
  }

  private int seconds(Item item) {
    return Workload.of(List.of(item), style).seconds();
  }

  /**
   * The sums of a lesson, part by part, the easier ones first.
   *
   * @param parts the lines of each part
   */
  public List<Item> lesson(
      SortedMap<LessonPart, SetLine> parts, Collection<String> avoided, long seed) {
    List<SetLine> lines = List.copyOf(parts.values());
    List<Item> drawn = make(lines, Map.of(), avoided, Order.EASY_FIRST, seed);
    List<Item> items = new ArrayList<>();
    parts.forEach(
        (part, line) ->
            drawn.stream()
                .skip(items.size())
                .limit(line.count())
                .toList()
                .forEach(item -> items.add(item.in(part))));
    return items;
  }

  /**
   * The same set with other numbers, that takes as long within a twentieth.
   *
   * @param lines the lines of the set, in its order
   * @param first the set
   * @param avoided keys of sums that must not come, besides those of the set itself
   */
  public List<Item> version(
      List<SetLine> lines, List<Item> first, Collection<String> avoided, long seed) {
    Set<String> used = new HashSet<>(avoided);
    first.forEach(item -> used.add(item.key()));
    List<Item> version = new ArrayList<>(make(lines, Map.of(), used, Order.AS_LISTED, seed));
    version.forEach(item -> used.add(item.key()));
    int off = Workload.of(version, style).seconds() - Workload.of(first, style).seconds();
    int place = 0;
    for (SetLine line : lines) {
      List<Item> others = draw(line, 6 * line.count(), used, ~seed + place);
      for (int i = place; i < Math.min(place + line.count(), version.size()); i++) {
        Item before = version.get(i);
        Item nearest = nearest(before, others, off);
        off += seconds(nearest) - seconds(before);
        version.set(i, nearest);
        others.remove(nearest);
      }
      place += line.count();
    }
    return version;
  }

  /**
   * A sum and others of its line: the one with which a set takes the most nearly as long as wanted.
   *
   * @param off how many seconds the set takes too long with {@code own}
   */
  private Item nearest(Item own, List<Item> others, int off) {
    Item best = own;
    int without = off - seconds(own);
    int least = Math.abs(off);
    for (Item other : others) {
      int then = Math.abs(without + seconds(other));
      if (then < least) {
        best = other;
        least = then;
      }
    }
    return best;
  }
}
