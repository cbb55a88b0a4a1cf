package bemble.lines;

import bemble.method.Sum;
import bemble.notation.Typed;
import bemble.number.Numeral;
import bemble.paper.Role;
import bemble.paper.Spot;
import bemble.problem.Root;
import bemble.procedure.Answer;
import bemble.procedure.Entry;
import bemble.procedure.Hand;
import bemble.procedure.Rule;
import bemble.procedure.Slot;
import bemble.procedure.Step;
import bemble.procedure.Working;
import bemble.remark.Remark;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * Checks a working that was done elsewhere from its lines alone. A figure is compared with the one
 * that follows from the figures given before it, so that lines that follow from a wrong line are
 * not called wrong themselves.
 */
public final class WorkingLines {
  private final Sum sum;

  private final Set<WorkingLine> all;

  /** How many figures stand behind the last remainder, where a division ends with rounds of 0. */
  private final int behindLast;

  /** The lines of a sum. */
  public WorkingLines(Sum sum) {
    this.sum = sum;
    Working truth = work(Hand.TRUE);
    this.all = numbers(truth).keySet();
    this.behindLast = left().map(line -> broughtDown(truth, line).size()).orElse(0);
  }

  /**
   * The first line of a working that is wrong.
   *
   * @param line the line in which it stands
   * @param due the right number of the line, given the lines before it
   * @param remark how that follows
   */
  public record WrongLine(WorkingLine line, Numeral due, Remark remark) {}

  /** The lines that a page of this sum has, in the order in which they are begun. */
  public List<WorkingLine> all() {
    return List.copyOf(all);
  }

  /** Whether a line is the answer of the page, and no total on the way there. */
  public boolean isAnswer(WorkingLine line) {
    return line.role() == Role.QUOTIENT
        || line.role() == Role.ROOT
        || line.role() == Role.ANSWER
            && all.stream().reduce((any, last) -> last).orElseThrow().equals(line);
  }

  /**
   * The first line whose text is no number, or one with over 60 figures; empty if there is none. A
   * remainder may be typed in the line of a quotient or a whole root.
   */
  public Optional<WorkingLine> unreadable(Map<WorkingLine, String> typed) {
    return typed.entrySet().stream()
        .filter(each -> !isReadable(each.getKey(), typed(each.getValue())))
        .map(Map.Entry::getKey)
        .findFirst();
  }

  private boolean isReadable(WorkingLine line, Typed typed) {
    boolean whole = sum.problem() instanceof Root root && root.places() == 0;
    boolean answers = line.role() == Role.QUOTIENT || whole && line.role() == Role.ROOT;
    boolean mayHaveRest = answers && left().isPresent();
    return typed.isNumber() && !typed.isTooLong() && (mayHaveRest || typed.remainder().isEmpty());
  }

  private Typed typed(String text) {
    return Typed.of(text, sum.style());
  }

  /** The line of the last remainder. */
  private Optional<WorkingLine> left() {
    return left(all);
  }

  private static Optional<WorkingLine> left(Set<WorkingLine> lines) {
    return lines.stream()
        .filter(line -> line.role() == Role.REMAINDER)
        .reduce((before, last) -> last);
  }

  private static List<Entry> broughtDown(Working page, WorkingLine behind) {
    return page.steps().stream()
        .flatMap(step -> step.entries().stream())
        .filter(entry -> entry.slot().role() == Role.BROUGHT_DOWN)
        .filter(entry -> entry.slot().square().row() == behind.row())
        .toList();
  }

  /**
   * The numbers of lines that are readable. A root that was rounded counts as the one that is cut
   * off, and a remainder behind an answer as the last remainder, unless that was given too.
   */
  public Map<WorkingLine, Numeral> read(Map<WorkingLine, String> lines) {
    Map<WorkingLine, Numeral> given = new LinkedHashMap<>();
    Map<WorkingLine, Numeral> left = new LinkedHashMap<>();
    lines.forEach(
        (line, text) -> {
          Typed typed = typed(text);
          Numeral number = Numeral.parse(typed.value());
          given.put(line, line.role() == Role.ROOT ? cutOff(number) : number);
          typed.remainder().ifPresent(rest -> left.put(left().orElseThrow(), Numeral.parse(rest)));
        });
    left.forEach(given::putIfAbsent);
    return given;
  }

  private Numeral cutOff(Numeral root) {
    return work(Hand.TRUE).answer() instanceof Answer.SquareRoot answer
            && answer.rounded().value().compareTo(root.value()) == 0
        ? answer.value()
        : root;
  }

  /** The first line that does not follow; empty if all given lines do. */
  public Optional<WrongLine> firstWrong(Map<WorkingLine, Numeral> given) {
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
    Map<WorkingLine, Numeral> due = numbers(page);
    return given.entrySet().stream()
        .flatMap(
            e ->
                Optional.ofNullable(due.get(e.getKey()))
                    .filter(number -> number.value().compareTo(e.getValue().value()) != 0)
                    .map(number -> new WrongLine(e.getKey(), number, remark(page, e.getKey())))
                    .stream())
        .findFirst();
  }

  /** The finding about one entry, explained on a page that is right from that entry on. */
  private WrongLine finding(Map<WorkingLine, Numeral> given, Set<Slot> before, Slot wrong) {
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
            .orElseGet(() -> remark(page, WorkingLine.of(wrong)));
    Numeral due = Objects.requireNonNull(numbers(page).get(WorkingLine.of(wrong)));
    return new WrongLine(WorkingLine.of(wrong), due, why);
  }

  private static Remark remark(Working page, WorkingLine line) {
    return page.steps().stream()
        .filter(
            step -> step.entries().stream().anyMatch(e -> WorkingLine.of(e.slot()).equals(line)))
        .reduce((first, last) -> last)
        .orElseThrow()
        .remark();
  }

  private Working work(Hand hand) {
    return sum.work(hand);
  }

  /** The lines of a page with the numbers that they show. */
  private static Map<WorkingLine, Numeral> numbers(Working page) {
    Map<WorkingLine, List<Entry>> lines = new LinkedHashMap<>();
    for (Step step : page.steps()) {
      for (Entry entry : step.entries()) {
        if (isRead(entry.slot())) {
          lines.computeIfAbsent(WorkingLine.of(entry.slot()), line -> new ArrayList<>()).add(entry);
        }
      }
    }
    // The last remainder has all its figures; an earlier one is a number of its round.
    left(lines.keySet())
        .ifPresent(last -> Objects.requireNonNull(lines.get(last)).addAll(broughtDown(page, last)));
    Map<WorkingLine, Numeral> numbers = new LinkedHashMap<>();
    lines.forEach((line, entries) -> numbers.put(line, number(line, entries)));
    return numbers;
  }

  private static Numeral number(WorkingLine line, List<Entry> entries) {
    if (line.role().isWhole()) {
      return Numeral.of(Rule.of(Rule.Kind.JOINED).applyTo(entries));
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

  private Optional<BigInteger> written(Map<WorkingLine, Numeral> given, Slot slot) {
    Numeral number = isRead(slot) ? given.get(WorkingLine.of(slot)) : null;
    if (number == null) {
      return Optional.empty();
    }
    if (!slot.role().isWhole()) {
      return Optional.of(BigInteger.valueOf(number.digitAt(slot.place())));
    }
    boolean isLast = left().equals(Optional.of(WorkingLine.of(slot)));
    BigInteger behind = BigInteger.TEN.pow(isLast ? behindLast : 0);
    return Optional.of(number.unscaled().divide(behind));
  }
}
