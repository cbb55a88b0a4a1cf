package bemble.method;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.paper.Area;
import bemble.paper.Mark;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.procedure.Step;
import bemble.procedure.Working;
import java.math.BigInteger;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The rules that every page of the true hand keeps, whatever the method. */
final class PageInvariants {
  private static final Set<Role> BESIDE_THE_COLUMNS =
      EnumSet.of(Role.DIVISOR, Role.MULTIPLE, Role.LEAD, Role.TRY, Role.LEFT_OVER);

  private PageInvariants() {}

  static void check(Working working) {
    marksAreNumberedInOrderOfWriting(working);
    figuresStandUnderTheirPlaces(working);
    noSquareIsWrittenTwice(working);
    everyEntryFollowsFromEarlierOnes(working);
    everyStepSaysSomething(working);
  }

  private static void marksAreNumberedInOrderOfWriting(Working working) {
    int id = 0;
    int step = 0;
    for (Mark mark : working.paper().marks()) {
      assertEquals(id++, mark.id());
      boolean isLast = mark.role() == Role.THOUSANDS;
      assertTrue((isLast || mark.step() >= step) && mark.step() < working.steps().size());
      assertTrue(mark.struck() == null || mark.struck() > mark.step(), "struck before written");
      step = mark.step();
    }
  }

  private static void figuresStandUnderTheirPlaces(Working working) {
    Area extent = working.paper().extent();
    Integer ones = working.paper().onesColumn();
    for (Mark mark : working.paper().marks()) {
      Square square = square(mark.shape());
      if (square == null || mark.place() == null) {
        continue;
      }
      assertTrue(
          square.row() >= extent.from().row()
              && square.row() <= extent.to().row()
              && square.column() >= extent.from().column()
              && square.column() <= extent.to().column(),
          () -> mark + " is off the page " + extent);
      boolean behindTheAnswer = ones != null && square.column() > ones;
      if (ones != null && !behindTheAnswer && !BESIDE_THE_COLUMNS.contains(mark.role())) {
        // One place of a root is two places of its square.
        int places = mark.role() == Role.ROOT ? 2 * mark.place() : mark.place();
        assertEquals(ones - places, square.column(), () -> mark + " in " + working.problem());
      }
    }
  }

  /** A spot of a square may be used again only after its mark was struck. */
  private static void noSquareIsWrittenTwice(Working working) {
    Map<String, Mark> taken = new HashMap<>();
    for (Mark mark : working.paper().marks()) {
      Square square = square(mark.shape());
      if (square == null) {
        continue;
      }
      Spot spot = mark.shape() instanceof Shape.Small small ? small.spot() : Spot.FULL;
      Mark before = taken.put(square + " " + spot, mark);
      if (before != null) {
        assertNotNull(before.struck(), () -> mark + " over " + before + working.problem());
        assertTrue(before.struck() <= mark.step());
      }
    }
  }

  private static void everyEntryFollowsFromEarlierOnes(Working working) {
    Set<Entry> earlier = new HashSet<>();
    for (Step step : working.steps()) {
      for (Entry entry : step.entries()) {
        assertTrue(earlier.containsAll(entry.reads()), () -> "reads ahead: " + entry.slot());
        if (entry.rule().kind() != Rule.Kind.COPY) {
          List<BigInteger> values = entry.reads().stream().map(Entry::value).toList();
          assertEquals(entry.rule().apply(values), entry.value(), () -> entry.slot().toString());
        }
        earlier.add(entry);
      }
    }
  }

  private static void everyStepSaysSomething(Working working) {
    for (Step step : working.steps()) {
      assertNotNull(step.remark());
    }
    assertNull(working.steps().get(0).focus(), "setting out singles nothing out");
  }

  private static Square square(Shape shape) {
    if (shape instanceof Shape.Figure figure) {
      return figure.at();
    }
    return shape instanceof Shape.Small small ? small.at() : null;
  }
}
