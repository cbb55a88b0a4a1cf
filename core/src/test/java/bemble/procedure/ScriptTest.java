package bemble.procedure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.fact.Fact;
import bemble.number.Numeral;
import bemble.paper.Area;
import bemble.paper.Mark;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.problem.Addition;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.List;
import org.junit.jupiter.api.Test;

class ScriptTest {
  private static final Addition SUM = new Addition(List.of(Numeral.parse("8"), Numeral.parse("7")));
  private static final Square ONES = new Square(3, 4);
  private final Script script = new Script(Hand.TRUE, Style.STANDARD);

  private Working finish(Script of) {
    Area extent = new Area(new Square(0, 0), ONES);
    return of.finish(SUM, "column", new Answer.One(Numeral.of(15)), extent, 4);
  }

  private static Slot full(int place) {
    return Slot.full(Role.PARTIAL, place, ONES.moved(0, -place));
  }

  private void step() {
    script.step(Section.column(0), null);
    script.say(() -> Remark.of(RemarkKind.DRAW_RULE));
  }

  @Test
  void aNumberOfSeveralFiguresIsWrittenToTheLeftOnesFirst() {
    step();
    Entry entry = script.copy(full(0), BigInteger.valueOf(472));
    Working working = finish(script);
    assertEquals(List.of(0, 1, 2), entry.marks());
    assertEquals(
        List.of(
            new Shape.Figure(ONES, "2"),
            new Shape.Figure(ONES.moved(0, -1), "7"),
            new Shape.Figure(ONES.moved(0, -2), "4")),
        working.paper().marks().stream().map(Mark::shape).toList());
    assertEquals(List.of(0, 1, 2), working.paper().marks().stream().map(Mark::place).toList());
  }

  @Test
  void eachStepKeepsItsOwnEntriesFactsAndSquares() {
    Area focus = new Area(ONES, ONES);
    script.step(Section.column(0), focus);
    script.use(() -> Fact.add(List.of(BigInteger.ONE, BigInteger.TWO)));
    script.say(() -> Remark.of(RemarkKind.DRAW_RULE));
    Entry first = script.copy(full(0), 4);
    script.step(Section.column(1), null);
    script.say(() -> Remark.of(RemarkKind.SET_OUT_CROSSWISE));
    Entry second = script.copy(full(1), 5);
    Entry third = script.keepInMind(full(2), Rule.SAME, List.of(second));
    List<Step> steps = finish(script).steps();
    assertEquals(2, steps.size());
    assertEquals(List.of(first), steps.get(0).entries());
    assertEquals(1, steps.get(0).facts().size());
    assertEquals(focus, steps.get(0).focus());
    assertEquals(List.of(second, third), steps.get(1).entries());
    assertTrue(steps.get(1).notes().isWithoutFacts());
    assertEquals(null, steps.get(1).focus());
    assertEquals(RemarkKind.SET_OUT_CROSSWISE, steps.get(1).remark().kind());
  }

  @Test
  void aHandThatMisreadsIsAskedForEveryNumberThatIsCopied() {
    Hand misreads = Hand.writing(asked -> asked.due().add(BigInteger.ONE));
    Script other = new Script(misreads, Style.STANDARD);
    other.step(Section.column(0), null);
    assertEquals(BigInteger.valueOf(8), other.copy(full(0), 7).value());
    script.step(Section.column(0), null);
    assertEquals(BigInteger.valueOf(7), script.copy(full(0), 7).value());
  }

  @Test
  void aSmallNumberKeepsToOneSquare() {
    step();
    script.copy(Slot.small(Role.CARRY, 1, ONES), BigInteger.valueOf(12));
    assertEquals(
        List.of(new Shape.Small(ONES, Spot.SMALL, "12")),
        finish(script).paper().marks().stream().map(Mark::shape).toList());
  }

  @Test
  void aBlankLeavesNoMarkAndCountsAsZero() {
    Script blank = new Script(asked -> Fill.BLANK, Style.STANDARD);
    blank.step(Section.column(0), null);
    blank.say(() -> Remark.of(RemarkKind.DRAW_RULE));
    Entry entry = blank.copy(full(0), 7);
    assertEquals(BigInteger.ZERO, entry.value());
    assertTrue(entry.marks().isEmpty());
    assertTrue(finish(blank).paper().marks().isEmpty());
  }

  @Test
  void whatIsWrittenIsReadBackByLaterRules() {
    step();
    Entry eight = script.copy(full(0), 8);
    Entry seven = script.copy(full(0), 7);
    Entry total = script.write(full(0), Rule.TOTAL, List.of(eight, seven));
    assertEquals(BigInteger.valueOf(15), total.value());
    assertEquals(List.of(eight, seven), total.reads());
    assertFalse(total.isSetOut());
  }

  @Test
  void anEntryBelongsToTheStepInWhichItIsWritten() {
    step();
    Entry first = script.copy(full(0), 8);
    step();
    Entry second = script.copy(full(1), 7);
    Working working = finish(script);
    assertEquals(List.of(first), working.steps().get(0).entries());
    assertEquals(List.of(second), working.steps().get(1).entries());
    assertEquals(List.of(0, 1), working.paper().marks().stream().map(Mark::step).toList());
  }

  @Test
  void aStruckFigureStaysWithAStrokeThroughIt() {
    step();
    Entry entry = script.copy(full(0), 8);
    step();
    script.strike(entry);
    Working working = finish(script);
    assertEquals(2, working.paper().marksAt(1).size());
    assertEquals(1, working.paper().marksAt(0).size());
    assertEquals(1, working.paper().marks().get(0).struck());
    assertTrue(working.paper().marks().get(1).shape() instanceof Shape.Strike);
  }

  @Test
  void aLinkIsGoneFromTheStepThatTakesItAway() {
    step();
    int link = script.draw(Role.DRAWING, new Shape.Link(ONES, ONES.moved(1, 1)));
    step();
    step();
    script.erase(link);
    Working working = finish(script);
    assertEquals(List.of(1, 1, 0), seen(working));
  }

  /** The second small figure takes the spot of the first, which is gone with its stroke. */
  @Test
  void aSmallFigureGivesItsSpotUpToALaterOne() {
    step();
    Entry first = script.copy(Slot.small(Role.CARRY, 1, ONES), BigInteger.ONE);
    step();
    script.strike(first);
    step();
    script.copy(Slot.small(Role.CARRY, 1, ONES), BigInteger.TWO);
    Working working = finish(script);
    assertEquals(List.of(1, 2, 1), seen(working));
    assertEquals(2, working.paper().marks().get(0).gone());
    assertEquals(2, working.paper().marks().get(1).gone());
  }

  private static List<Integer> seen(Working working) {
    return List.of(0, 1, 2).stream().map(step -> working.paper().marksAt(step).size()).toList();
  }

  @Test
  void factsAndRemarksAreMadeOnlyWhenTheyAreAskedFor() {
    int[] made = {0};
    script.step(Section.column(0), null);
    script.use(
        () -> {
          made[0]++;
          return Fact.add(List.of(BigInteger.ONE, BigInteger.TWO));
        });
    script.say(
        () -> {
          made[0]++;
          return Remark.of(RemarkKind.DRAW_RULE);
        });
    Step step = finish(script).steps().get(0);
    assertEquals(0, made[0]);
    assertFalse(step.notes().isWithoutFacts());
    assertEquals(BigInteger.valueOf(3), step.facts().get(0).result());
    assertEquals(RemarkKind.DRAW_RULE, step.remark().kind());
    assertEquals(2, made[0]);
  }

  @Test
  void inTheHeadNothingIsDrawnOrSaid() {
    Script head = Script.inTheHead(Hand.TRUE, Style.STANDARD);
    head.step(Section.column(0), null);
    Entry entry = head.copy(full(0), 8);
    head.draw(Role.RULE, new Shape.Line(ONES, ONES));
    head.strike(entry);
    Working working = finish(head);
    assertEquals(BigInteger.valueOf(8), entry.value());
    assertTrue(working.steps().isEmpty());
    assertTrue(working.paper().marks().isEmpty());
    assertEquals(Numeral.of(15), working.answer().value());
  }
}
