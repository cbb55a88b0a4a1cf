package bemble.judge;

import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Spot;
import bemble.plan.Entry;
import bemble.plan.Hand;
import bemble.plan.Rule;
import bemble.plan.Slot;
import bemble.plan.Step;
import bemble.plan.Working;
import bemble.wording.Remark;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Checks a working that was done elsewhere from its lines alone. A figure is compared with what
 * follows from the figures given before it, so that lines that follow from a wrong line are not
 * called wrong themselves.
 */
public final class Lines {
  private final Sum sum;

  /** The lines of a sum. */
  public Lines(Sum sum) {
    this.sum = sum;
  }

  /**
   * The first line of a working that is wrong.
   *
   * @param line the line in which it stands
   * @param due what the line must be, given what stands before it
   * @param remark how that follows
   */
  public record Finding(Line line, Numeral due, Remark remark) {}

  /** The lines that a page of this sum has, in the order in which they are begun. */
  public List<Line> all() {
    return List.copyOf(numbers(work(Hand.TRUE)).keySet());
  }

  /** The first figure that does not follow; empty where all that was given does. */
  public Optional<Finding> firstWrong(Map<Line, Numeral> given) {
    Hand reading = Hand.writing(asked -> written(given, asked.slot()).orElseGet(asked::due));
    Working page = work(reading);
    Set<Slot> before = new HashSet<>();
    for (Step step : page.steps()) {
      for (Entry entry : step.entries()) {
        boolean wrong =
            entry.rule().kind() != Rule.Kind.COPY
                && !entry.rule().applyTo(entry.reads()).equals(entry.value())
                && !entry.rule().leavesOpen(entry.value(), entry.reads());
        if (wrong) {
          return Optional.of(finding(given, before, entry.slot()));
        }
        before.add(entry.slot());
      }
    }
    // Every figure is right in its place; a line may still have figures that belong to no place.
    Map<Line, Numeral> due = numbers(page);
    return given.entrySet().stream()
        .filter(e -> due.containsKey(e.getKey()))
        .filter(e -> due.get(e.getKey()).value().compareTo(e.getValue().value()) != 0)
        .map(e -> new Finding(e.getKey(), due.get(e.getKey()), remark(page, e.getKey())))
        .findFirst();
  }

  /** The finding about one entry, explained on a page that is right from that entry on. */
  private Finding finding(Map<Line, Numeral> given, Set<Slot> before, Slot wrong) {
    Working page =
        work(
            Hand.writing(
                asked ->
                    before.contains(asked.slot())
                        ? written(given, asked.slot()).orElseGet(asked::due)
                        : asked.due()));
    Remark why =
        page.steps().stream()
            .filter(step -> step.entries().stream().anyMatch(e -> e.slot().equals(wrong)))
            .findFirst()
            .map(Step::remark)
            .orElseGet(() -> remark(page, line(wrong)));
    return new Finding(line(wrong), numbers(page).get(line(wrong)), why);
  }

  private static Remark remark(Working page, Line line) {
    return page.steps().stream()
        .filter(step -> step.entries().stream().anyMatch(e -> line(e.slot()).equals(line)))
        .reduce((first, last) -> last)
        .orElseThrow()
        .remark();
  }

  private Working work(Hand hand) {
    return sum.work(hand);
  }

  /** The lines of a page with the numbers that they show. */
  private static Map<Line, Numeral> numbers(Working page) {
    Map<Line, List<Entry>> lines = new LinkedHashMap<>();
    for (Step step : page.steps()) {
      for (Entry entry : step.entries()) {
        if (isRead(entry.slot())) {
          lines.computeIfAbsent(line(entry.slot()), line -> new ArrayList<>()).add(entry);
        }
      }
    }
    Map<Line, Numeral> numbers = new LinkedHashMap<>();
    lines.forEach((line, entries) -> numbers.put(line, number(line, entries)));
    return numbers;
  }

  private static Numeral number(Line line, List<Entry> entries) {
    if (line.role().isWhole()) {
      return Numeral.of(entries.get(0).value());
    }
    int lowest = Math.min(0, entries.stream().mapToInt(e -> e.slot().place()).min().orElse(0));
    BigInteger unscaled = BigInteger.ZERO;
    for (Entry entry : entries) {
      BigInteger worth = BigInteger.TEN.pow(entry.slot().place() - lowest);
      unscaled = unscaled.add(entry.value().multiply(worth));
    }
    return Numeral.of(unscaled, -lowest);
  }

  private static boolean isRead(Slot slot) {
    return slot.spot() == Spot.FULL && slot.role().isLine();
  }

  private static Line line(Slot slot) {
    return new Line(slot.role(), slot.square().row());
  }

  private static Optional<BigInteger> written(Map<Line, Numeral> given, Slot slot) {
    Numeral number = isRead(slot) ? given.get(line(slot)) : null;
    if (number == null) {
      return Optional.empty();
    }
    return Optional.of(
        slot.role().isWhole()
            ? number.unscaled()
            : BigInteger.valueOf(number.digitAt(slot.place())));
  }
}
