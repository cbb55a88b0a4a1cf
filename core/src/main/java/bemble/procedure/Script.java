package bemble.procedure;

import bemble.fact.Fact;
import bemble.number.Figures;
import bemble.paper.Area;
import bemble.paper.Mark;
import bemble.paper.Paper;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.remark.Remark;
import bemble.style.Choice;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * A working in the making. A method opens a step, writes its entries and says its remark; each
 * value comes from the hand, so the method's own branching follows the page. Used inside one layout
 * and thrown away.
 */
public final class Script {
  /** Room for the marks of most pages, so that the list need not grow. */
  private static final int MARKS_OF_A_PAGE = 64;

  private final Hand hand;
  private final Style style;
  private final boolean onPaper;
  private final List<Mark> marks;
  private final List<Step> steps = new ArrayList<>();

  /** The section of the open step; null before the first. */
  private @Nullable Section now;

  private @Nullable Area focus;
  private @Nullable Supplier<Remark> remark;
  private final List<Supplier<Fact>> facts = new ArrayList<>();
  private final List<Entry> entries = new ArrayList<>();

  /** An empty page for {@code hand} to write on in the conventions of {@code style}. */
  public Script(Hand hand, Style style) {
    this(hand, style, true);
  }

  private Script(Hand hand, Style style, boolean onPaper) {
    this.hand = hand;
    this.style = style;
    this.onPaper = onPaper;
    this.marks = onPaper ? new ArrayList<>(MARKS_OF_A_PAGE) : List.of();
  }

  /** A script without steps and marks: it only has an answer. */
  public static Script inTheHead(Hand hand, Style style) {
    return new Script(hand, style, false);
  }

  /** Whether the page is wanted: otherwise what is only drawn or said need not be computed. */
  public boolean isOnPaper() {
    return onPaper;
  }

  /** The conventions that the page keeps to. */
  public Style style() {
    return style;
  }

  /** Begins the next step, in which no part of the page is singled out. */
  public void step(Section section) {
    step(section, null);
  }

  /** Begins the next step; {@code squaresAtWork} is null where nothing is singled out. */
  public void step(Section section, @Nullable Area squaresAtWork) {
    close();
    now = section;
    focus = squaresAtWork;
  }

  /** Begins the next step in the section of the one before. */
  public void stepOn(@Nullable Area squaresAtWork) {
    step(inStep(), squaresAtWork);
  }

  /** Gives the open step its remark, which is made later, when it is asked for. */
  public void say(Supplier<Remark> whatIsSaid) {
    if (onPaper) {
      remark = whatIsSaid;
    }
  }

  /** Notes a fact that the open step uses; it is made when it is asked for. */
  public void use(Supplier<Fact> fact) {
    if (onPaper) {
      facts.add(fact);
    }
  }

  /** Writes the hand's value of {@code rule}, one figure to a square or as a small number. */
  public Entry write(Slot slot, Rule rule, List<Entry> reads) {
    Fill fill = ask(slot, rule, reads);
    return noted(slot, rule, reads, fill, written(slot, fill));
  }

  /** Notes the hand's value of {@code rule} without a mark: it is kept in the head. */
  public Entry keepInMind(Slot slot, Rule rule, List<Entry> reads) {
    return noted(slot, rule, reads, ask(slot, rule, reads), List.of());
  }

  /** Shows the hand's value of {@code rule} by {@code drawing}. */
  public Entry enter(
      Slot slot, Rule rule, List<Entry> reads, Function<BigInteger, List<Shape>> drawing) {
    Fill fill = ask(slot, rule, reads);
    return noted(slot, rule, reads, fill, drawn(slot, fill, drawing));
  }

  /** Copies a figure of the sum. */
  public Entry copy(Slot slot, int figure) {
    return copy(slot, BigInteger.valueOf(figure));
  }

  /** Copies a number of the sum. */
  public Entry copy(Slot slot, BigInteger number) {
    Fill fill = hand.copy(inStep(), slot, number);
    return noted(slot, Rule.COPY, List.of(), fill, written(slot, fill));
  }

  /** Copies a number of the sum by drawing it. */
  public Entry copy(Slot slot, BigInteger number, Function<BigInteger, List<Shape>> drawing) {
    Fill fill = hand.copy(inStep(), slot, number);
    return noted(slot, Rule.COPY, List.of(), fill, drawn(slot, fill, drawing));
  }

  /** The section of the step that is open: everything is written in one. */
  private Section inStep() {
    return Objects.requireNonNull(now);
  }

  private Fill ask(Slot slot, Rule rule, List<Entry> reads) {
    return ask(inStep(), slot, rule, reads);
  }

  private Fill ask(Section in, Slot slot, Rule rule, List<Entry> reads) {
    return hand.fill(new Asked(in, slot, rule, reads));
  }

  /** Whether the hand will find nothing in a slot of a section that has not begun. */
  public boolean willFindNothing(Section in, Slot slot, Rule rule, List<Entry> reads) {
    return ask(in, slot, rule, reads).value().signum() == 0;
  }

  /** A value that the hand means to write; only the hand knows whether there is one. */
  public final class Meant {
    private final Slot slot;
    private final Rule rule;
    private final List<Entry> reads;
    private final Fill fill;

    private Meant(Slot slot, Rule rule, List<Entry> reads, Fill fill) {
      this.slot = slot;
      this.rule = rule;
      this.reads = reads;
      this.fill = fill;
    }

    /** The value that the hand means to write; 0 where it leaves the square blank. */
    public BigInteger value() {
      return fill.value();
    }

    /** Writes it in the open step. */
    public Entry write() {
      return write(slot);
    }

    /** Writes it in the open step, in another slot. */
    public Entry write(Slot other) {
      return noted(other, rule, reads, fill, written(other, fill));
    }
  }

  /** The value that the hand means to write in a slot; it may be nothing. */
  public Meant means(Slot slot, Rule rule, List<Entry> reads) {
    return new Meant(slot, rule, reads, ask(slot, rule, reads));
  }

  /**
   * The value that the hand means to write in a slot; empty where the slot stays empty: the tens of
   * 7.
   */
  public Optional<Meant> meant(Slot slot, Rule rule, List<Entry> reads) {
    Fill fill = ask(slot, rule, reads);
    boolean nothing = fill.value().signum() == 0 && rule.applyTo(reads).signum() == 0;
    return nothing ? Optional.empty() : Optional.of(new Meant(slot, rule, reads, fill));
  }

  /** Whether the hand makes a move in a section. */
  public boolean makes(Move move, Section section, int place) {
    return hand.makes(move, section, place);
  }

  /** How many places off the hand writes, where {@code usual} is right. */
  public int places(Shift shift, Section section, int place, int usual) {
    return hand.places(shift, section, place, usual);
  }

  private Entry noted(Slot slot, Rule rule, List<Entry> reads, Fill fill, List<Integer> marksOfIt) {
    Entry entry = new Entry(slot, rule, reads, fill.value(), marksOfIt);
    if (onPaper) {
      entries.add(entry);
    }
    return entry;
  }

  /** Draws a value, the figures one place after the other; gives the ids of its marks. */
  private List<Integer> drawn(Slot slot, Fill fill, Function<BigInteger, List<Shape>> drawing) {
    if (!onPaper || fill.isBlank()) {
      return List.of();
    }
    List<Shape> shapes = drawing.apply(fill.value());
    if (shapes.size() == 1) {
      return List.of(add(slot.role(), slot.place(), shapes.get(0)));
    }
    List<Integer> ids = new ArrayList<>(shapes.size());
    int place = slot.place();
    for (Shape shape : shapes) {
      ids.add(add(slot.role(), shape instanceof Shape.Figure ? place++ : slot.place(), shape));
    }
    return ids;
  }

  private boolean isKeptInMind(Slot slot) {
    return slot.role() == Role.CARRY
        && slot.spot() != Spot.FULL
        && style.has(Choice.CarryPosition.KEPT_IN_MIND);
  }

  /** Figures one to a square, the ones first and on to the left; a small number all in one. */
  private List<Integer> written(Slot slot, Fill fill) {
    if (!onPaper || fill.isBlank() || isKeptInMind(slot)) {
      return List.of();
    }
    String text = Figures.of(fill.value());
    if (slot.spot() != Spot.FULL) {
      Shape small = new Shape.Small(slot.square(), slot.spot(), text);
      return List.of(add(slot.role(), slot.place(), small));
    }
    if (text.length() == 1) {
      return List.of(add(slot.role(), slot.place(), new Shape.Figure(slot.square(), text)));
    }
    List<Integer> ids = new ArrayList<>(text.length());
    for (int left = 0; left < text.length(); left++) {
      int index = text.length() - 1 - left;
      Square at = slot.square().moved(0, -left);
      Shape figure = new Shape.Figure(at, Figures.at(text, index));
      ids.add(add(slot.role(), slot.place() + left, figure));
    }
    return ids;
  }

  /** Draws a mark that carries no value; gives its id. */
  public int draw(Role role, Shape shape) {
    return add(role, null, shape);
  }

  /** Strikes all marks of an entry. */
  public void strike(Entry entry) {
    for (int id : entry.marks()) {
      strike(id);
    }
  }

  /** Draws a stroke through one mark. */
  public void strike(int id) {
    if (!onPaper) {
      return;
    }
    Shape shape = marks.get(id).shape();
    if (shape instanceof Shape.Figure figure) {
      draw(Role.DRAWING, new Shape.Strike(figure.at(), Spot.FULL));
    } else if (shape instanceof Shape.Small small) {
      draw(Role.DRAWING, new Shape.Strike(small.at(), small.spot()));
    } else if (shape instanceof Shape.Counter counter) {
      draw(Role.DRAWING, new Shape.Strike(counter.at(), Spot.FULL));
    }
    erase(id);
  }

  /** Takes a mark away in the open step; a link, an arrow or a ring is gone from then on. */
  public void erase(int id) {
    if (onPaper) {
      marks.set(id, marks.get(id).struckBy(steps.size()));
    }
  }

  private int add(Role role, @Nullable Integer place, Shape shape) {
    if (!onPaper) {
      return -1;
    }
    marks.add(new Mark(marks.size(), role, place, steps.size(), shape));
    return marks.size() - 1;
  }

  /** Keeps the open step, where there is one and anything is kept. */
  private void close() {
    if (onPaper && now != null) {
      steps.add(new Step(now, new Notes(Objects.requireNonNull(remark), facts), entries, focus));
      remark = null;
      facts.clear();
      entries.clear();
    }
  }

  /** Ends the last step and hands over the working. */
  public Working finish(
      Problem problem, String method, Answer answer, Area extent, @Nullable Integer onesColumn) {
    close();
    boolean apart = onPaper && problem.operation() != Operation.ROOT && style.hasThousandsOnPaper();
    List<Mark> all =
        apart && onesColumn != null
            ? ThousandsMarks.added(marks, onesColumn, style.marks())
            : marks;
    return new Working(problem, method, answer, Paper.written(extent, onesColumn, all), steps);
  }
}
