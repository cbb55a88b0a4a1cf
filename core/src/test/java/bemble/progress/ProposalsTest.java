package bemble.progress;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import bemble.progress.Proposal.Why;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ProposalsTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 11, 2);
  private static final String FIRST = "addition-two-figures";
  private static final String SECOND = "addition-ones-carry";
  private static final String OTHER = "subtraction-nothing-exchanged";
  private static final String SLIP = "carry-not-added";

  private final Map<Long, Map<String, Progress>> room = new LinkedHashMap<>();

  /** A class in which nothing was worked. */
  private void room(int pupils) {
    for (long pupil = 0; pupil < pupils; pupil++) {
      room.put(pupil, new HashMap<>());
    }
  }

  /** Some pupils stand so on a rung. */
  private void stand(String rung, Standing standing, int from, int to) {
    stand(rung, standing, from, to, MONDAY);
  }

  private void stand(String rung, Standing standing, int from, int to, LocalDate worked) {
    for (long pupil = from; pupil < to; pupil++) {
      Progress.Latest latest =
          new Progress.Latest(5, 10, 0, 2, Optional.of(worked), Optional.empty());
      room.get(pupil)
          .put(rung, new Progress(standing, latest, Optional.empty(), Optional.empty(), Set.of()));
    }
  }

  /** Some pupils make a slip so often of late. */
  private void slip(String rung, int times, int from, int to) {
    for (long pupil = from; pupil < to; pupil++) {
      Progress.Latest latest =
          new Progress.Latest(5, 10, 0, 2, Optional.of(MONDAY), Optional.of(MONDAY));
      room.get(pupil)
          .put(
              rung,
              new Progress(
                  Standing.BEGUN,
                  latest,
                  Optional.of(new Progress.LastSlip(SLIP, MONDAY, times)),
                  Optional.empty(),
                  Set.of(Shortfall.SLIP_LATELY)));
    }
  }

  private Proposals proposals(Taught taught) {
    return proposals(taught, Rules.STANDARD);
  }

  private Proposals proposals(Taught taught, Rules rules) {
    return new Proposals(new ClassProgress(Ladder.STANDARD, room), taught, MONDAY, rules);
  }

  private static Taught taught(String... rungs) {
    List<Taught.Topic> lessons = new ArrayList<>();
    for (int i = 0; i < rungs.length; i++) {
      lessons.add(new Taught.Topic(MONDAY.minusDays(rungs.length - i), rungs[i], ""));
    }
    return new Taught(lessons, Set.of(), Map.of());
  }

  private static Optional<Proposal> find(List<Proposal> all, String rung) {
    return all.stream().filter(each -> each.rung().equals(rung)).findFirst();
  }

  @Test
  void aNewClassBeginsWithWhatNeedsNothing() {
    room(24);
    Proposal first = proposals(Taught.NOTHING).all().get(0);
    assertEquals(Why.BEGIN, first.why());
    assertEquals(FIRST, first.rung());
    assertEquals(24, first.pupils().size());
  }

  /** The class goes on once half of it stands, or after three lessons. */
  @ParameterizedTest
  @CsvSource({
    "11, 1, NOT_YET, addition-two-figures",
    "11, 2, NOT_YET, addition-two-figures",
    "12, 1, GO_ON, addition-unequal",
    "23, 1, GO_ON, addition-unequal"
  })
  void goesOnWhenHalfStand(int standing, int lessons, Why why, String rung) {
    room(24);
    stand(FIRST, Standing.NEARLY, 0, standing);
    stand(FIRST, Standing.BEGUN, standing, 24);
    String[] had = new String[lessons];
    java.util.Arrays.fill(had, FIRST);
    Proposal first = proposals(taught(had)).all().get(0);
    assertEquals(why, first.why());
    assertEquals(rung, first.rung());
  }

  @Test
  void afterThreeLessonsSomethingElseLeads() {
    room(24);
    stand(FIRST, Standing.BEGUN, 0, 24);
    Proposal first = proposals(taught(FIRST, FIRST, FIRST)).all().get(0);
    assertFalse(first.rung().equals(FIRST), first::toString);
  }

  @Test
  void aBegunRungForOneNeverStandsAboveANewOneForAll() {
    room(24);
    stand(FIRST, Standing.SURE, 0, 23);
    stand(FIRST, Standing.BEGUN, 23, 24);
    List<Proposal> all = proposals(taught(FIRST)).all();
    assertEquals("addition-unequal", all.get(0).rung());
    Proposal straggler = find(all, FIRST).orElseThrow();
    assertEquals(Why.FOR_SOME, straggler.why());
    assertEquals(List.of(23L), straggler.pupils());
    assertTrue(
        all.subList(all.indexOf(straggler), all.size()).stream()
            .allMatch(each -> each.why() == Why.FOR_SOME));
  }

  @ParameterizedTest
  @CsvSource({"7, 2, false", "8, 2, true", "24, 1, false"})
  void aSlipLeadsForAThirdWhoMakeItTwice(int pupils, int times, boolean leads) {
    room(24);
    slip(FIRST, times, 0, pupils);
    Proposal first = proposals(taught(FIRST)).all().get(0);
    assertEquals(leads, first.why() == Why.SLIP, first::toString);
  }

  @ParameterizedTest
  @CsvSource({"13, false", "14, true"})
  void aSlipIsNotTaughtAgainstTwiceInTwoWeeks(int daysAgo, boolean leads) {
    room(24);
    slip(FIRST, 3, 0, 20);
    Taught against =
        new Taught(
            List.of(new Taught.Topic(MONDAY.minusDays(daysAgo), FIRST, SLIP)), Set.of(), Map.of());
    assertEquals(leads, proposals(against).all().get(0).why() == Why.SLIP);
  }

  @Test
  void nearlyIsEnoughForWhatNeedsARung() {
    room(24);
    stand(FIRST, Standing.NEARLY, 0, 24);
    Proposal second = find(proposals(taught(FIRST)).all(), SECOND).orElseThrow();
    assertEquals(Why.GO_ON, second.why());
  }

  @Test
  void whatIsPlannedIsNotProposedAgainAndWhatNeedsItMayBePlanned() {
    room(24);
    List<Proposal> all = proposals(new Taught(List.of(), Set.of(FIRST), Map.of())).all();
    assertEquals(Optional.empty(), find(all, FIRST));
    assertEquals(Why.AHEAD, find(all, SECOND).orElseThrow().why());
    assertEquals(List.of(), proposals(new Taught(List.of(), Set.of(FIRST), Map.of())).opener());
    assertEquals("addition-unequal", all.get(0).rung());
  }

  @Test
  void theOpenerHasWhatIsDueOrTaughtAndNotSure() {
    room(24);
    stand(FIRST, Standing.LOOK_AGAIN, 0, 4);
    stand(FIRST, Standing.SURE, 4, 24);
    stand(SECOND, Standing.NEARLY, 0, 13);
    stand(SECOND, Standing.SURE, 13, 24);
    List<Proposal> opener = proposals(taught(FIRST, SECOND, OTHER)).opener();
    assertEquals(
        List.of(OTHER + " 24", SECOND + " 13", FIRST + " 4"),
        opener.stream().map(each -> each.rung() + " " + each.pupils().size()).toList());
  }

  /** On the fifth school day at the latest, pupils who do not stand get sums of the rung. */
  @ParameterizedTest
  @CsvSource({"2026-10-29, false", "2026-10-28, false", "2026-10-26, true", "2026-09-01, true"})
  void aGroupIsNotLeftAloneForAWeek(LocalDate worked, boolean due) {
    room(24);
    stand(FIRST, Standing.SURE, 0, 22);
    stand(FIRST, Standing.BEGUN, 22, 24, worked);
    Optional<Proposal> group = proposals(taught(FIRST)).group(SECOND);
    assertEquals(due, group.isPresent());
    group.ifPresent(some -> assertEquals(List.of(22L, 23L), some.pupils()));
    assertEquals(Optional.empty(), proposals(taught(FIRST)).group(FIRST), "it is the lesson's");
  }

  @Test
  void aTeacherChoosesHalfAndThird() {
    room(10);
    stand(FIRST, Standing.NEARLY, 0, 6);
    stand(FIRST, Standing.BEGUN, 6, 10);
    assertEquals(Why.GO_ON, proposals(taught(FIRST)).all().get(0).why());
    Rules careful = Rules.STANDARD.with(0.2, 0.8, 0.5);
    assertEquals(Why.NOT_YET, proposals(taught(FIRST), careful).all().get(0).why());
  }

  private boolean stands(long pupil, String rung) {
    return room.get(pupil).getOrDefault(rung, Progress.NONE).standing().stands();
  }

  /** Where a quarter of the class has four taught rungs open, nothing new leads; not twice. */
  @ParameterizedTest
  @CsvSource({"5, 4, false", "6, 3, false", "6, 4, true", "24, 4, true"})
  void nothingNewIsAddedWhereAQuarterIsUnsureOfTooMuch(int pupils, int rungs, boolean mixed) {
    room(24);
    String[] had = new String[rungs];
    for (int i = 0; i < rungs; i++) {
      had[i] = Ladder.STANDARD.all().get(i).id();
      stand(had[i], Standing.SURE, 0, 24);
      stand(had[i], Standing.BEGUN, 0, pupils);
    }
    Proposal first = proposals(taught(had)).all().get(0);
    assertEquals(mixed, first.why() == Why.MIXED, first::toString);
    if (mixed) {
      assertEquals(pupils, first.pupils().size());
    }
    List<Taught.Topic> lessons = new ArrayList<>();
    for (String rung : had) {
      lessons.add(new Taught.Topic(MONDAY.minusDays(2), rung, ""));
    }
    Taught planned = new Taught(lessons, Set.of(""), Map.of());
    assertFalse(proposals(planned).all().get(0).why() == Why.MIXED, "one is planned");
    lessons.add(new Taught.Topic(MONDAY.minusDays(1), "", ""));
    Taught mixedLast = new Taught(lessons, Set.of(), Map.of());
    assertFalse(proposals(mixedLast).all().get(0).why() == Why.MIXED, "the last was mixed");
  }

  @Test
  void whereAllStandWhatIsDueIsPractisedMixed() {
    room(3);
    String[] had = Ladder.STANDARD.all().stream().map(Rung::id).toArray(String[]::new);
    for (String rung : had) {
      stand(rung, Standing.SURE, 0, 3);
    }
    assertEquals(List.of(), proposals(taught(had)).all());
    stand(FIRST, Standing.LOOK_AGAIN, 0, 2);
    assertEquals(Why.REVIEW, proposals(taught(had)).all().get(0).why());
  }

  @Test
  void whatIsNotMarkedYetIsNotSaidToBeKnownByFew() {
    room(24);
    stand(FIRST, Standing.SURE, 0, 24);
    stand(SECOND, Standing.BEGUN, 0, 7);
    List<Proposal> all = proposals(taught(FIRST, SECOND)).all();
    assertEquals(Why.UNMARKED, find(all, SECOND).orElseThrow().why());
    assertEquals(Why.GO_ON, all.get(0).why());
  }

  /** A pupil who stands on a rung is ready for the next, even without work on the rungs below. */
  @Test
  void aClassThatBeginsHighIsNotSentBackToTheStart() {
    room(24);
    stand("multiplication-two-by-two", Standing.NEARLY, 0, 24);
    List<Proposal> all = proposals(taught("multiplication-two-by-two")).all();
    assertEquals("multiplication-carry-onto-zero", all.get(0).rung());
    assertTrue(find(all, "multiplication-three-by-two").isPresent());
    assertEquals(Optional.empty(), find(all, "multiplication-one-carry"));
    assertTrue(
        all.indexOf(find(all, FIRST).orElseThrow())
            > all.indexOf(find(all, "multiplication-carry-onto-zero").orElseThrow()),
        "what comes before multiplication is not begun anew before it goes on");
  }

  @Test
  void whatATeacherDecidedCountsWithoutALesson() {
    room(24);
    stand("addition-tens-carry", Standing.SURE, 0, 14);
    Proposal first = proposals(Taught.NOTHING).all().get(0);
    assertEquals(Why.GO_ON, first.why());
    assertEquals("addition-unequal", first.rung());
    Proposal others = find(proposals(Taught.NOTHING).opener(), FIRST).orElseThrow();
    assertEquals(10, others.pupils().size(), "the others meet what it needs in the openers");
  }

  @ParameterizedTest
  @CsvSource({"3, 8, false", "4, 7, false", "4, 8, true"})
  void aDayOnWhichAThirdWorkedFourSumsIsALesson(int sums, int pupils, boolean counts) {
    List<Taught.Worked> worked = new ArrayList<>();
    for (long pupil = 0; pupil < pupils; pupil++) {
      worked.add(new Taught.Worked(pupil, FIRST, MONDAY, sums));
    }
    List<Taught.Topic> byWork = Taught.byWork(worked, 24, List.of(), Rules.STANDARD);
    assertEquals(counts, byWork.equals(List.of(new Taught.Topic(MONDAY, FIRST, ""))));
    assertEquals(List.of(), Taught.byWork(worked, 24, byWork, Rules.STANDARD), "it is noted");
  }

  /** A class of one, of forty, with nothing, with everything: every proposal is for some pupils. */
  @ParameterizedTest
  @ValueSource(ints = {0, 1, 2, 24, 40})
  void aProposalAlwaysHasPupilsForWhomItIsTrue(int pupils) {
    Random random = new Random(pupils);
    for (int round = 0; round < 60; round++) {
      room.clear();
      room(pupils);
      List<String> had = new ArrayList<>();
      for (Rung rung : Ladder.STANDARD.all()) {
        if (random.nextInt(3) == 0) {
          had.add(rung.id());
          for (int pupil = 0; pupil < pupils; pupil++) {
            Standing[] all = Standing.values();
            stand(rung.id(), all[random.nextInt(all.length)], pupil, pupil + 1);
          }
        }
      }
      Proposals proposals = proposals(taught(had.toArray(String[]::new)));
      for (Proposal each : proposals.all()) {
        assertFalse(each.pupils().isEmpty(), each::toString);
        for (long pupil : each.pupils()) {
          boolean isOfRung = each.why().kind() != Proposal.Kind.LOOK_AGAIN;
          assertTrue(!isOfRung || !stands(pupil, each.rung()), each::toString);
        }
      }
      for (Proposal each : proposals.opener()) {
        assertFalse(each.pupils().isEmpty(), each::toString);
      }
    }
  }
}
