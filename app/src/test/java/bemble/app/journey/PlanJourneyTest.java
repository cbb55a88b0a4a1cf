package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A week is planned, a lesson given through all its parts, and written into the logbook. */
@BeginsEmpty
class PlanJourneyTest extends Journey {
  private static final LocalDate MONDAY =
      LocalDate.now().with(TemporalAdjusters.next(DayOfWeek.MONDAY));

  @BeforeEach
  void openTheWeeks() {
    Talk talk = talk();
    JsonNode days = talk.get("/api/plan?weeks=16").json().get("days");
    for (JsonNode day : days) {
      for (JsonNode lesson : day.get("lessons")) {
        talk.delete("/api/plan/lessons/" + lesson.get("id").asLong());
      }
    }
    if (talk.get("/api/roll").json().isEmpty()) {
      talk.post("/api/roll", Map.of("names", "Bram\nNeve"));
    }
    hand.tab("Plan");
    assertThat(grid()).isVisible();
  }

  private Locator grid() {
    return hand.page.getByRole(AriaRole.GRID);
  }

  private Locator day(LocalDate day) {
    return hand.page.locator("[data-day='" + day + "']");
  }

  private Locator lessons() {
    return hand.page.getByTestId("lesson");
  }

  private Locator proposal() {
    return hand.page.getByTestId("proposal").first();
  }

  private void plan(LocalDate on) {
    day(on).click();
    hand.page.getByTestId("proposal").first().getByRole(AriaRole.BUTTON).click();
    assertThat(day(on).getByTestId("lesson")).hasCount(1);
  }

  @Test
  void aProposalIsDrawnOntoADayAndTheLessonMovedByKeys() {
    proposal().dragTo(day(MONDAY));
    assertThat(day(MONDAY).getByTestId("lesson")).hasCount(1);
    day(MONDAY).getByTestId("lesson").dragTo(day(MONDAY.plusDays(2)));
    assertThat(day(MONDAY.plusDays(2)).getByTestId("lesson")).hasCount(1);
    assertThat(lessons()).hasCount(1);
    grid().focus();
    hand.press("Control+ArrowLeft");
    assertThat(day(MONDAY.plusDays(1)).getByTestId("lesson")).hasCount(1);
    hand.press("Control+ArrowDown");
    assertThat(day(MONDAY.plusDays(8)).getByTestId("lesson")).hasCount(1);
    hand.press("ArrowRight");
    assertThat(hand.page.getByText("Nothing is planned; there are 45 minutes.")).isVisible();
  }

  @Test
  void aProposalSaysWhyAndTheRulesAreChosen() {
    assertThat(proposal()).containsText("Both are ready to begin addition.");
    hand.page.getByText("The rules of the plan").click();
    assertThat(hand.page.getByText("The class goes on when 50 %")).isVisible();
    hand.page.getByLabel("Go on with, %").fill("5");
    hand.page.getByText("Keep", new Page.GetByTextOptions().setExact(true)).first().click();
    assertThat(hand.page.getByText("when 10 to 100 percent of it are nearly sure")).isVisible();
    hand.page.getByLabel("Go on with, %").fill("80");
    hand.page.getByText("Keep", new Page.GetByTextOptions().setExact(true)).first().click();
    assertThat(hand.page.getByText("The class goes on when 80 %")).isAttached();
    plan(MONDAY);
    day(MONDAY.plusDays(1)).click();
    assertThat(proposal()).containsText("The rungs that it needs are planned");
  }

  @Test
  void aLessonIsGivenThroughItsPartsAndLogged() {
    plan(MONDAY);
    hand.page.getByRole(AriaRole.LINK, named("Today")).click();
    assertThat(hand.page.getByText("Next, Monday")).isVisible();
    hand.page.getByLabel("Show: To the Board").click();
    assertThat(hand.button("Back to the Desk")).isVisible();
    hand.page.navigate(hand.page.url().replaceFirst("/board.*", "/plan/today"));
    hand.page.getByLabel("Practise: Open the set").click();
    assertThat(hand.page).hasURL(Pattern.compile("/sets/\\d+$"));
    assertThat(hand.page.getByTestId("sum").first()).isVisible();
    hand.tab("Plan");
    hand.page.getByRole(AriaRole.LINK, named("Today")).click();
    hand.page.getByLabel("What came up").fill("Neve explained the frost fence.");
    hand.button("half done").click();
    assertThat(hand.page.getByText("Next, Tuesday")).isVisible();
    hand.button("done").click();
    assertThat(hand.page.getByText("No lesson is planned.")).isVisible();
    hand.page.getByRole(AriaRole.LINK, named("Logbook")).click();
    hand.page.getByLabel("Search the logbook").fill("frost");
    assertThat(hand.page.getByText("half done")).isVisible();
    assertThat(hand.page.getByLabel(Pattern.compile("^Open "))).hasCount(1);
    hand.page.getByLabel("Search the logbook").fill("");
    hand.page.getByLabel(Pattern.compile("^Open ")).last().click();
    assertThat(hand.page).hasURL(Pattern.compile("/(plan|sets|marking).*"));
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name).setExact(true);
  }

  @Test
  void bembleOpensWithTheDayOnceThereIsAPlan() {
    plan(MONDAY);
    hand.page.navigate(hand.page.url().replaceFirst("/plan.*", "/"));
    assertThat(hand.page).hasURL(Pattern.compile("/plan/today$"));
    assertThat(hand.page.getByText("Waits to be marked")).isVisible();
    assertThat(hand.page.getByText("Nobody, for now.")).isVisible();
  }

  @Test
  void aPartGetsMoreSumsAndTheLessonIsRepeatedDeletedAndBack() {
    plan(MONDAY);
    Locator part = hand.page.getByText(Pattern.compile("^\\d+ sums: "));
    assertThat(part.first()).containsText("2 sums");
    hand.page.getByLabel("One sum fewer: Show").click();
    assertThat(hand.page.getByText(Pattern.compile("^1 sum: "))).isVisible();
    hand.button("Repeat weekly, for").click();
    // Of the five weeks three are seen at once.
    assertThat(lessons()).hasCount(3);
    hand.page.getByLabel(Pattern.compile("^Delete ")).click();
    assertThat(lessons()).hasCount(2);
    hand.button("Undo").click();
    assertThat(lessons()).hasCount(3);
  }

  @Test
  void aPartIsAddedAndDoneEarlier() {
    plan(MONDAY);
    assertThat(hand.button("Add a part")).isEnabled();
    Locator parts = hand.page.getByRole(AriaRole.LISTITEM);
    int before = parts.count();
    hand.page.getByRole(AriaRole.COMBOBOX).first().click();
    hand.page.getByRole(AriaRole.OPTION).getByText("Opener").click();
    hand.button("Add a part").click();
    assertThat(parts).hasCount(before + 1);
    assertThat(parts.last()).containsText("Opener");
    hand.page.getByLabel("Earlier: Opener").click();
    assertThat(parts.nth(before - 1)).containsText("Opener");
    assertThat(parts).hasCount(before + 1);
  }

  @Test
  void aFreeDayTakesNoLessonAndSaysSo() {
    LocalDate tuesday = MONDAY.plusDays(1);
    plan(MONDAY);
    day(tuesday).click();
    hand.page.getByLabel("Day off, because of").fill("Bulb planting");
    hand.button("Make it a day off").click();
    assertThat(day(tuesday)).containsText("Bulb planting");
    assertThat(proposal().getByRole(AriaRole.BUTTON)).isDisabled();
    day(MONDAY).getByTestId("lesson").click();
    hand.page.getByTestId("calendar").fill(tuesday.toString());
    assertThat(hand.page.getByText("is free: Bulb planting.")).isVisible();
    assertThat(day(MONDAY).getByTestId("lesson")).hasCount(1);
    day(tuesday).click();
    hand.button("Not a day off").click();
    assertThat(proposal().getByRole(AriaRole.BUTTON)).isEnabled();
  }

  @Test
  void anotherWindowIsToldOfALessonThatItDidNotSee() {
    plan(MONDAY);
    JsonNode lesson = talk().get("/api/plan/today").json().at("/next/lessons/0");
    talk()
        .put(
            "/api/plan/lessons/" + lesson.get("id").asLong(),
            Map.of("version", 1, "day", MONDAY.plusDays(3).toString(), "title", "Renamed"));
    hand.page.getByLabel("What came up").fill("Went well.");
    hand.button("done").click();
    assertThat(hand.page.getByText("was changed in another window")).isVisible();
    assertThat(day(MONDAY.plusDays(3))).containsText("Renamed");
    assertThat(hand.page.getByLabel("What came up")).hasValue("Went well.");
  }

  @Test
  void theWeekLeavesAsACalendar() throws IOException {
    plan(MONDAY);
    day(MONDAY.plusDays(1)).click();
    Download file = hand.page.waitForDownload(() -> hand.button("As a calendar").click());
    assertTrue(Files.readString(file.path()).contains("BEGIN:VEVENT"));
    Locator minutes = hand.page.getByRole(AriaRole.TEXTBOX, named("Wed"));
    minutes.fill("30");
    hand.button("Keep").click();
    day(MONDAY.plusDays(2)).click();
    assertThat(hand.page.getByText("there are 30 minutes")).isVisible();
    minutes.fill("45");
    hand.button("Keep").click();
    assertThat(hand.page.getByText("there are 45 minutes")).isVisible();
  }

  @Test
  void aHolidayAsksWhereThePlannedLessonGoes() {
    plan(MONDAY);
    day(MONDAY).click(new Locator.ClickOptions().setPosition(8, 8));
    hand.page.getByLabel("Day off, because of").fill("Bulb planting");
    hand.button("Make it a day off").click();
    assertThat(hand.alert()).containsText("Where does it go?");
    hand.button("To the next day with time").click();
    assertThat(day(MONDAY)).containsText("Bulb planting");
    assertThat(day(MONDAY).getByTestId("lesson")).hasCount(0);
    assertThat(day(MONDAY.plusDays(1)).getByTestId("lesson")).hasCount(1);
    hand.button("Not a day off").click();
    assertThat(day(MONDAY)).not().containsText("Bulb planting");
  }
}
