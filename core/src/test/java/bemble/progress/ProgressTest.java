package bemble.progress;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ProgressTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 11, 2);

  /**
   * Work in signs: + right, h right with help, - wrong, s wrong by a slip; a blank begins the next
   * day of work, a week later after a double blank.
   */
  private static List<Evidence> work(String signs) {
    List<Evidence> work = new ArrayList<>();
    LocalDate day = MONDAY;
    boolean blank = false;
    for (char sign : signs.toCharArray()) {
      if (sign == ' ') {
        day = blank ? day.plusDays(6) : day.plusDays(1);
        blank = true;
        continue;
      }
      blank = false;
      work.add(
          new Evidence(
              day, "+h".indexOf(sign) >= 0, sign == 'h', sign == 's' ? "smaller-from-larger" : ""));
    }
    return work;
  }

  private static LocalDate last(List<Evidence> work) {
    return work.stream().map(Evidence::day).max(LocalDate::compareTo).orElse(MONDAY);
  }

  private static Progress of(List<Evidence> work, LocalDate today) {
    return Progress.of(work, today, Rules.STANDARD);
  }

  private static Progress of(String signs) {
    List<Evidence> work = work(signs);
    return of(work, last(work));
  }

  @ParameterizedTest
  @CsvSource(
      quoteCharacter = '"',
      value = {
        "\"\", NEW",
        "-, BEGUN",
        "+++, BEGUN",
        "++++, NEARLY",
        "hhhhhhhh, NEARLY",
        "hhhhhhh, BEGUN",
        "++++++++, NEARLY",
        "++++ ++++, SURE",
        "++++ +++, NEARLY",
        "++++ +++h, NEARLY",
        "++++ +++hh, SURE",
        "++++ ++-++, SURE",
        "++++ ++--+++, BEGUN",
        "++++ ++--++++++++, NEARLY",
        "++++ ++-- ++++++++++, SURE",
        "++++ +++++s, NEARLY",
        "++++++ s ++++ +, NEARLY",
        "++++++ s  ++++  +, SURE",
        "++++++++ ---, BEGUN",
        // Sure stays until three of the latest ten are wrong, or the same slip was made twice of
        // late.
        "++++ ++++ -, SURE",
        "++++ ++++ --, SURE",
        "++++ ++++ ---, BEGUN",
        "++++ ++++ s, SURE",
        "++++ ++++ s+++ s++++, NEARLY",
        "++++ ++++ s  +++  s++++, SURE",
        "++++ ++++ --- ++++++++, NEARLY",
        "++++ ++++ --- ++++++++ ++, SURE"
      })
  void standsByTheRules(String work, Standing standing) {
    assertEquals(standing, of(work).standing(), work);
  }

  @Test
  void saysWhatItIsToldFrom() {
    Progress progress = of("+++++ s++++h");
    LocalDate tuesday = MONDAY.plusDays(1);
    assertEquals(
        new Progress.Latest(10, 11, 1, 2, Optional.of(tuesday), Optional.of(tuesday)),
        progress.latest());
    assertEquals(
        Optional.of(new Progress.LastSlip("smaller-from-larger", tuesday, 1)), progress.slip());
    assertEquals(Set.of(Shortfall.SLIP_LATELY), progress.shortfalls());
    assertEquals(Set.of(Shortfall.TOO_FEW_DAYS), of("+++++++++").shortfalls());
    assertEquals(Set.of(Shortfall.TOO_FEW, Shortfall.TOO_MANY_WRONG), of("++ --+").shortfalls());
    assertEquals(Optional.empty(), progress.lookAgain());
  }

  @Test
  void whatIsSureStillSaysSo() {
    assertFalse(of("++++ ++++").isStillSure());
    assertTrue(of("++++ ++++ --").isStillSure());
    assertFalse(of("++++ ++++ ---").isStillSure());
  }

  /** Whatever was slipped in is over after two weeks. */
  @ParameterizedTest
  @CsvSource({"0, true", "13, true", "14, false", "56, false"})
  void aSlipIsOfLateForTwoWeeks(int daysLater, boolean ofLate) {
    List<Evidence> work = work("++++++++ ++++++++ ss++++++");
    assertEquals(ofLate, of(work, last(work).plusDays(daysLater)).slip().isPresent());
  }

  @Test
  void looksAgainAfterGrowingSpansWhileItStaysRight() {
    List<Evidence> work = work("++++ ++++");
    for (int weeks : new int[] {1, 2, 4, 8, 16, 16, 16}) {
      LocalDate worked = last(work);
      LocalDate due = worked.plusWeeks(weeks);
      assertEquals(Optional.of(due), of(work, worked).lookAgain());
      assertEquals(Standing.SURE, of(work, due.minusDays(1)).standing());
      assertEquals(Standing.LOOK_AGAIN, of(work, due).standing());
      work.add(Evidence.right(due));
    }
    work.add(Evidence.wrong(last(work).plusDays(3), ""));
    assertEquals(Optional.of(last(work).plusWeeks(1)), of(work, last(work)).lookAgain());
  }

  @Test
  void aClockThatWasSetBackChangesNothing() {
    List<Evidence> work = work("++++ ++++");
    assertEquals(Standing.SURE, of(work, MONDAY.minusYears(1)).standing());
  }

  /** Some weeks of work, now better and now worse. */
  private static List<Evidence> random(Random random) {
    List<Evidence> work = new ArrayList<>();
    LocalDate day = MONDAY;
    double ability = random.nextDouble();
    for (int i = random.nextInt(12); i >= 0; i--) {
      day = day.plusDays(1 + random.nextInt(9));
      for (int sums = 1 + random.nextInt(7); sums > 0; sums--) {
        boolean right = random.nextDouble() < 0.4 + ability * 0.6;
        String slip = !right && random.nextInt(4) == 0 ? "carry-not-added" : "";
        work.add(new Evidence(day, right, random.nextInt(5) == 0, slip));
      }
    }
    return work;
  }

  @ParameterizedTest
  @ValueSource(booleans = {false, true})
  void moreRightWorkNeverLowers(boolean helped) {
    Random random = new Random(5);
    for (int round = 0; round < 3000; round++) {
      List<Evidence> work = random(random);
      LocalDate first = work.get(0).day();
      LocalDate last = last(work);
      LocalDate day =
          first.plusDays(random.nextInt(1 + (int) (last.toEpochDay() - first.toEpochDay())));
      LocalDate today = last.plusDays(random.nextInt(60));
      Standing before = of(work, today).standing();
      List<Evidence> more = new ArrayList<>(work);
      more.add(new Evidence(day, true, helped, ""));
      Standing after = of(more, today).standing();
      assertTrue(
          after.compareTo(before) >= 0,
          () -> day + " more lowers " + before + " to " + after + ": " + work);
    }
  }

  @Test
  void helpNeverCountsMoreThanNone() {
    Random random = new Random(6);
    for (int round = 0; round < 2000; round++) {
      List<Evidence> work = random(random);
      int place = random.nextInt(work.size());
      Evidence with = new Evidence(work.get(place).day(), true, true, "");
      LocalDate today = last(work).plusDays(random.nextInt(30));
      work.set(place, with);
      Standing helped = of(work, today).standing();
      work.set(place, Evidence.right(with.day()));
      assertTrue(of(work, today).standing().compareTo(helped) >= 0, work::toString);
    }
  }

  @Test
  void theOrderWithinADayPlaysNoPart() {
    Random random = new Random(7);
    for (int round = 0; round < 1000; round++) {
      List<Evidence> work = random(random);
      LocalDate today = last(work).plusDays(random.nextInt(30));
      Progress before = of(work, today);
      Collections.shuffle(work, random);
      assertEquals(before, of(work, today));
    }
  }

  /** However a year goes, nothing that is sure goes unseen for longer than its span. */
  @Test
  void overAYearWhatIsSureIsLookedAtAgainInTime() {
    Random random = new Random(8);
    for (int pupil = 0; pupil < 40; pupil++) {
      List<Evidence> work = work("++++ ++++");
      LocalDate today = last(work);
      int looks = 0;
      for (int day = 0; day < 365; day++) {
        today = today.plusDays(1);
        Progress progress = of(work, today);
        long unseen = today.toEpochDay() - last(work).toEpochDay();
        assertTrue(!progress.standing().isSure() || unseen <= 16 * 7, work::toString);
        if (progress.standing() == Standing.LOOK_AGAIN) {
          looks++;
          assertTrue(unseen >= 7, work::toString);
          work.add(new Evidence(today, random.nextInt(12) > 0, false, ""));
        } else if (!progress.standing().isSure()) {
          work.add(Evidence.right(today));
        }
      }
      assertTrue(looks >= 5 && looks <= 52, "looked " + looks + " times");
    }
  }

  /** The standings of past days are those that would have been told on each of them. */
  @Test
  void sureByDayIsWhatWasToldOnThatDay() {
    Random random = new Random(41);
    for (int i = 0; i < 300; i++) {
      StringBuilder signs = new StringBuilder("+");
      for (int n = random.nextInt(60); n > 0; n--) {
        signs.append("++++++h-s ".charAt(random.nextInt(10)));
      }
      List<Evidence> work = work(signs.toString());
      var sure = Progress.sureByDay(work, Rules.STANDARD);
      LocalDate day = MONDAY;
      for (LocalDate end = last(work).plusDays(40); day.isBefore(end); day = day.plusDays(3)) {
        LocalDate today = day;
        List<Evidence> until = work.stream().filter(sum -> !sum.day().isAfter(today)).toList();
        boolean told = of(until, today).standing().isSure();
        assertEquals(told, sure.floorEntry(today).getValue(), signs + " on " + today);
      }
    }
  }

  /** A teacher's word holds until its time is over, or until work speaks against it. */
  @ParameterizedTest
  @CsvSource(
      quoteCharacter = '"',
      value = {
        "SURE,   \"\",      0,  SURE",
        "SURE,   \"\",      60, LOOK_AGAIN",
        "SURE,   \"++\",    1,  SURE",
        "SURE,   \"-+\",    1,  SURE",
        "SURE,   \"----\",  1,  LOOK_AGAIN",
        "SURE,   \"ss\",    1,  LOOK_AGAIN",
        "NEARLY, \"----\",  60, NEARLY",
        "BEGUN,  \"++++\",  60, BEGUN"
      })
  void aDecisionIsLookedAtAgain(Standing decided, String newer, int daysLater, Standing then) {
    List<Evidence> work = work(newer);
    LocalDate on = MONDAY.minusDays(1);
    Progress progress =
        of(work, on).decided(decided, on, work, on.plusDays(daysLater), Rules.STANDARD);
    assertEquals(then, progress.standing());
    assertEquals(decided.isSure(), progress.lookAgain().isPresent());
    boolean isAgainst = decided.isSure() && then == Standing.LOOK_AGAIN && daysLater == 1;
    assertEquals(isAgainst, decided.isSure() && Progress.speaksAgainst(work, Rules.STANDARD));
  }
}
