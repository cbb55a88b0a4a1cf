package bemble.method.root;

import bemble.fact.Fact;
import bemble.method.column.Layout;
import bemble.method.column.PlaceColumns;
import bemble.method.column.Remaining;
import bemble.method.column.WrittenRow;
import bemble.number.Numeral;
import bemble.number.Whole;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.problem.Root;
import bemble.procedure.Entry;
import bemble.procedure.Move;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.procedure.Shift;
import bemble.procedure.Slot;
import bemble.procedure.Working;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.style.Choice;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** One page of a root in the making: root above, trial divisors to the left, tries to the right. */
final class RootPage {
  private static final int ROOT_ROW = 1;
  private static final int RADICAND_ROW = 2;

  private final Root sum;
  private final Style style;
  private final Script script;
  private final PlaceColumns columns;
  private final int bracket;
  private final int firstPair;
  private final TrialTable tries;
  private final List<Entry> root = new ArrayList<>();

  private final Remaining remaining;

  private WrittenRow radicand;
  private Entry lead;

  /** The figure last put behind the lead. */
  private Entry behindLead;

  /** After a zero in the root two trial divisors would share a row; each gets one of its own. */
  private int leadRow = RADICAND_ROW;

  private int lastPair;

  @SuppressWarnings("NullAway.Init")
  RootPage(Root sum, Script script) {
    this.sum = sum;
    this.style = script.style();
    this.script = script;
    this.firstPair = sum.radicand().highestPlace() / 2;
    // A trial divisor has one figure more than the root at the most: twice the root, and x behind.
    this.bracket = firstPair + 1 + sum.places() + 2;
    this.columns = new PlaceColumns(bracket + sum.radicand().highestPlace());
    this.remaining = new Remaining(script, columns, RADICAND_ROW);
    int lowest = Math.max(2 * sum.places(), sum.radicand().scale() + sum.radicand().scale() % 2);
    this.tries = new TrialTable(script, columns.of(-lowest) + 2, bracket);
  }

  Working work(String method) {
    setOut();
    first();
    lastPair = firstPair;
    while (lastPair > -sum.places() && !exactAlready()) {
      lastPair--;
      bringDown();
      next();
    }
    bringDownRest();
    RootAnswer answer =
        RootAnswer.read(root, Math.max(0, -lastPair), remaining.parts(), -remaining.lastPlace());
    script.step(Section.ANSWER);
    script.say(() -> answer.remark(sum, style));
    return script.finish(
        sum,
        method,
        answer.answer(),
        Layout.upTo(
            Math.max(Math.max(remaining.row(), leadRow), tries.lastRow()), tries.lastColumn()),
        columns.ones());
  }

  private void setOut() {
    script.step(Section.SET_OUT);
    Numeral number = sum.radicand();
    script.say(() -> Remark.of(RemarkKind.SET_OUT_ROOT).with("radicand", number));
    radicand = WrittenRow.copy(script, columns, RADICAND_ROW, number);
    script.draw(Role.SIGN, new Shape.Figure(new Square(RADICAND_ROW, bracket - 1), "√"));
    if (number.scale() % 2 != 0) {
      script.step(Section.SET_OUT);
      radicand.fillUp(script, columns, number.lowestPlace() - 1);
      script.say(() -> Remark.of(RemarkKind.FILL_PAIR).with("radicand", number));
    }
    int pairs = sum.places() + radicand.lowest() / 2;
    if (pairs > 0 && style.has(Choice.RootZeros.IN_FRONT)) {
      script.step(Section.SET_OUT);
      script.say(zeros(RemarkKind.ZEROS_IN_FRONT, pairs));
      radicand.fillUp(script, columns, -2 * sum.places());
    }
    Layout.rule(script, RADICAND_ROW, bracket, columns.of(radicand.lowest()));
    script.step(Section.SET_OUT);
    for (int pair = firstPair; 2 * pair >= radicand.lowest(); pair--) {
      ring(pair);
    }
    script.say(
        () ->
            Remark.of(RemarkKind.MARK_PAIRS)
                .with("pairs", firstPair + 1)
                .with("alone", number.highestPlace() % 2 == 0 ? 1 : 0)
                .with("first", number.digitAt(number.highestPlace()))
                .with("places", sum.places())
                .with("radicand", number));
  }

  /** The remark before zeros are written, with the point of a whole number. */
  private Supplier<Remark> zeros(RemarkKind kind, int pairs) {
    boolean whole = radicand.lowest() == 0;
    return () ->
        Remark.of(kind)
            .with("places", sum.places())
            .with("pairs", pairs)
            .with("point", whole ? 1 : 0);
  }

  private void ring(int pair) {
    int left = Math.min(2 * pair + 1, sum.radicand().highestPlace());
    Square right = columns.at(RADICAND_ROW, 2 * pair);
    script.draw(Role.DRAWING, new Shape.Ring(columns.at(RADICAND_ROW, left), right));
  }

  private void step(int pair) {
    Area focus = new Area(columns.at(ROOT_ROW, 2 * pair), columns.at(remaining.row(), 2 * pair));
    script.step(Section.pair(firstPair - pair + 1), focus);
  }

  /** The first figure: the largest whose square is not above the first pair. */
  private void first() {
    for (int place = radicand.highest(); place >= 2 * firstPair; place--) {
      remaining.take(radicand.at(place).orElseThrow());
    }
    step(firstPair);
    BigInteger pair = remaining.value();
    Entry figure = writeRoot(firstPair, Rule.of(Rule.Kind.LARGEST_SQUARE), remaining.parts());
    script.use(() -> Fact.largestSquare(pair));
    script.say(
        () ->
            Remark.of(RemarkKind.FIRST_FIGURE)
                .with("standing", pair)
                .with("figure", figure.value())
                .with("square", figure.value().multiply(figure.value()))
                .with("next", figure.value().add(BigInteger.ONE)));
    if (figure.value().signum() > 0) {
      subtract(firstPair, Rule.of(Rule.Kind.PRODUCT), List.of(figure, figure));
    }
  }

  private Entry writeRoot(int pair, Rule rule, List<Entry> reads) {
    Slot slot = Slot.full(Role.ROOT, pair, columns.at(ROOT_ROW, 2 * pair));
    Entry figure = script.write(slot, rule, reads);
    root.add(figure);
    return figure;
  }

  /** The point of the root is written by the hand, where that of the radicand is copied. */
  private void writePoint() {
    step(lastPair);
    Section section = Section.pair(firstPair - lastPair + 1);
    int ones = script.places(Shift.POINT_AFTER, section, lastPair, 0);
    Square after = columns.at(ROOT_ROW, 2 * ones);
    Slot slot = new Slot(Role.POINT, 0, after, Spot.LOWER_RIGHT);
    Shape point = new Shape.Point(after, style.marks().decimal());
    script.enter(slot, Rule.ZERO, List.of(), value -> List.of(point));
    script.say(() -> Remark.of(RemarkKind.ROOT_POINT));
  }

  /** Writes the product under the parts and subtracts it. */
  private void subtract(int pair, Rule rule, List<Entry> factors) {
    step(pair);
    Entry product = remaining.writeProduct(2 * pair, rule, factors);
    Remaining.Taken taken = remaining.subtract(product);
    script.say(
        () ->
            Remark.of(RemarkKind.TAKE_SQUARE)
                .with("standing", taken.before())
                .with("product", product.value())
                .with("left", taken.left().value()));
  }

  /** Whether there is no remainder, and only zeros would come down after the point. */
  private boolean exactAlready() {
    if (lastPair > 0 || remaining.value().signum() != 0) {
      return false;
    }
    for (int place = 2 * lastPair - 1; place >= sum.radicand().lowestPlace(); place--) {
      if (radicand.at(place).map(Entry::value).orElse(BigInteger.ZERO).signum() != 0) {
        return false;
      }
    }
    return true;
  }

  private void bringDown() {
    if (radicand.lowest() > 2 * lastPair) {
      step(lastPair);
      script.say(zeros(RemarkKind.NEXT_ZEROS, 1));
      Rule nothing = Rule.of(Rule.Kind.ZERO);
      radicand.fillUp(
          script, columns, 2 * lastPair, slot -> script.write(slot, nothing, List.of()));
      ring(lastPair);
      int first = columns.of(2 * lastPair + 1);
      Layout.rule(script, RADICAND_ROW, first, first + 1);
    }
    if (lastPair == -1) {
      writePoint();
    }
    step(lastPair);
    List<BigInteger> pair = new ArrayList<>();
    for (int place = 2 * lastPair + 1; place >= 2 * lastPair; place--) {
      Section section = Section.pair(firstPair - lastPair + 1);
      boolean first = place % 2 != 0;
      if (first || script.makes(Move.BRING_DOWN, section, place)) {
        pair.add(bring(place).value());
      }
    }
    BigInteger stands = remaining.value();
    script.say(
        () ->
            Remark.of(RemarkKind.BRING_DOWN_PAIR)
                .with("first", pair.get(0))
                .with("second", pair.get(pair.size() - 1))
                .with("standing", stands));
  }

  private Entry bring(int place) {
    Entry figure = radicand.at(place).orElseThrow();
    remaining.bringDown(figure, place);
    return figure;
  }

  /** Finds the next figure of the root. */
  private void next() {
    Entry before = root.get(root.size() - 1);
    writeLead(before);
    List<Entry> reads = remaining.behind(lead);
    BigInteger fits = Rule.of(Rule.Kind.LARGEST_TRIAL).applyTo(reads);
    BigInteger stands = remaining.value();
    BigInteger leadsWith = lead.value();
    if (leadsWith.signum() > 0) {
      step(lastPair);
      script.say(
          () ->
              Remark.of(RemarkKind.TRIAL_AIM)
                  .with("lead", leadsWith)
                  .with("standing", stands)
                  .with("front", Whole.tens(stands))
                  .with("guess", Whole.tens(stands).divide(leadsWith).min(BigInteger.TEN)));
    }
    tries.run(lead, stands, fits, () -> step(lastPair));

    step(lastPair);
    Slot beside = Slot.full(Role.TRY, 0, new Square(leadRow, bracket - 2));
    Entry behind = script.write(beside, Rule.of(Rule.Kind.LARGEST_TRIAL), reads);
    writeRoot(lastPair, Rule.SAME, List.of(behind));
    boolean zero = behind.value().signum() == 0;
    script.say(
        () ->
            Remark.of(zero ? RemarkKind.WRITE_ZERO_TWICE : RemarkKind.WRITE_TWICE)
                .with("figure", behind.value())
                .with("lead", leadsWith)
                .with("standing", stands));
    behindLead = behind;
    if (!zero || style.has(Choice.ZeroRound.ROW_OF_ZERO)) {
      subtract(lastPair, Rule.of(Rule.Kind.TRIAL_PRODUCT), List.of(lead, behind));
    }
  }

  /** The leading part of the trial divisor, by the one school or the other. */
  private void writeLead(Entry before) {
    step(lastPair);
    boolean add = style.has(Choice.RootLead.ADD_LAST);
    leadRow = Math.max(remaining.row(), leadRow + 1);
    Slot slot = Slot.full(Role.LEAD, 1, new Square(leadRow, bracket - 3));
    Entry old = lead;
    BigInteger soFar = Rule.of(Rule.Kind.JOINED).applyTo(root);
    BigInteger divisor = old == null ? soFar : Whole.joined(old.value(), behindLead.value());
    if (!add) {
      lead = script.write(slot, Rule.of(Rule.Kind.DOUBLE), root);
    } else if (old == null) {
      lead = script.write(slot, Rule.TOTAL, List.of(before, before));
    } else {
      lead = script.write(slot, Rule.of(Rule.Kind.ADD_LAST), List.of(old, behindLead));
    }
    BigInteger leadsWith = lead.value();
    script.say(
        () ->
            Remark.of(leading(soFar, old))
                .with("root", soFar)
                .with("last", before.value())
                .with("divisor", divisor)
                .with("lead", leadsWith));
  }

  private RemarkKind leading(BigInteger soFar, @Nullable Entry old) {
    if (soFar.signum() == 0) {
      return RemarkKind.LEAD_OF_NOTHING;
    }
    if (!style.has(Choice.RootLead.ADD_LAST)) {
      return RemarkKind.LEAD_BY_DOUBLING;
    }
    return old == null ? RemarkKind.FIRST_LEAD : RemarkKind.LEAD_BY_ADDING;
  }

  /**
   * Brings the figures of the radicand down for which no place of the root was asked: they are part
   * of the remainder.
   */
  private void bringDownRest() {
    int from = 2 * lastPair - 1;
    if (from < sum.radicand().lowestPlace() || exactAlready()) {
      return;
    }
    step(lastPair);
    for (int place = from; place >= sum.radicand().lowestPlace(); place--) {
      bring(place);
    }
    script.say(() -> Remark.of(RemarkKind.REST_IS_LEFT).with("places", sum.places()));
  }
}
