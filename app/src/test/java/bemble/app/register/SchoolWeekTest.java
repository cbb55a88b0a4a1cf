package bemble.app.register;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class SchoolWeekTest {
  private static final LocalDate THURSDAY = LocalDate.of(2026, 11, 26);

  @Test
  void aWeekBeginsOnItsMonday() {
    LocalDate monday = LocalDate.of(2026, 11, 23);
    assertEquals(monday, SchoolWeek.monday(THURSDAY));
    assertEquals(monday, SchoolWeek.monday(monday));
    assertEquals(monday, SchoolWeek.monday(monday.plusDays(6)));
  }

  @Test
  void weeksReachFromOneDayToTheOtherAndAreTheLatestWhereTheyAreTooMany() {
    LocalDate monday = LocalDate.of(2026, 11, 23);
    assertEquals(List.of(monday), SchoolWeek.mondays(THURSDAY, THURSDAY, 9));
    List<LocalDate> three = List.of(monday.minusWeeks(2), monday.minusWeeks(1), monday);
    assertEquals(three, SchoolWeek.mondays(THURSDAY.minusDays(16), THURSDAY, 9));
    assertEquals(three, SchoolWeek.mondays(THURSDAY.minusYears(1), THURSDAY, 3));
    assertEquals(List.of(monday), SchoolWeek.mondays(THURSDAY.plusYears(1), THURSDAY, 3));
  }
}
