package bemble.progress;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class ClassProgressTest {
  private static final LocalDate DAY = LocalDate.of(2026, 9, 14);
  private static final String FIRST = "subtraction-nothing-exchanged";
  private static final String SECOND = "subtraction-one-from-two";
  private static final String THIRD = "subtraction-two-from-two";

  private static Progress sure(LocalDate today) {
    List<Evidence> work = new ArrayList<>();
    for (int i = 0; i < 10; i++) {
      work.add(Evidence.right(DAY.plusDays(i % 2)));
    }
    return Progress.of(work, today, Rules.STANDARD);
  }

  private static Progress slipping(String slip) {
    return Progress.of(List.of(Evidence.wrong(DAY, slip)), DAY, Rules.STANDARD);
  }

  private static final ClassProgress ROOM =
      new ClassProgress(
          Ladder.STANDARD,
          Map.of(
              1L, Map.of(FIRST, sure(DAY.plusDays(2)), SECOND, slipping("smaller-from-larger")),
              2L, Map.of(FIRST, sure(DAY.plusDays(90))),
              3L, Map.of()));

  @Test
  void teachesNextWhatMostAreReadyForOnTheRungsAlreadyBegun() {
    List<Proposal> teach = ROOM.teach();
    assertEquals(SECOND, teach.get(0).rung());
    assertEquals(2, teach.get(0).pupils().size());
    assertEquals(3, teach.get(0).of());
    assertEquals(FIRST, teach.get(1).rung());
    assertEquals(List.of(3L), teach.get(1).pupils());
    assertTrue(teach.stream().noneMatch(each -> each.rung().equals(THIRD)));
  }

  @Test
  void nobodyIsReadyWithoutWhatARungNeeds() {
    for (Proposal proposal : ROOM.teach()) {
      Rung rung = Ladder.STANDARD.find(proposal.rung()).orElseThrow();
      for (long pupil : proposal.pupils()) {
        assertFalse(ROOM.of(pupil, rung.id()).standing().isSure(), rung::id);
        rung.needs()
            .forEach(need -> assertTrue(ROOM.of(pupil, need).standing().isSure(), rung::id));
      }
    }
  }

  @Test
  void teachesAgainWhatSlipsAndLooksAgainAtWhatIsDue() {
    assertEquals(
        List.of(new Proposal(Proposal.Kind.RETEACH, SECOND, "smaller-from-larger", List.of(1L), 3)),
        ROOM.reteach());
    assertEquals(
        List.of(new Proposal(Proposal.Kind.LOOK_AGAIN, FIRST, "", List.of(2L), 3)),
        ROOM.lookAgain());
  }
}
