package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The parts of a screen that must be seen at once where there is little room. */
@BeginsEmpty
class SmallScreensJourneyTest extends Journey {
  private static final String LONG_NAME = "Mary-Magdalene Rosewarne Penhallow ";

  /** The rows of a grid, the first of which holds the numbers of the sums, that are seen whole. */
  private static final String ROWS_SEEN =
      """
      (grid) => {
        const frame = grid.getBoundingClientRect();
        const foot = Math.min(frame.bottom, document.documentElement.clientHeight);
        return [...grid.querySelectorAll('[role=row]')].filter((row) => {
          const at = row.getBoundingClientRect();
          return at.top >= frame.top - 1 && at.bottom <= foot + 1;
        }).length;
      }
      """;

  private static Locator grid() {
    return hand.page.getByRole(AriaRole.GRID);
  }

  /** Hands five sums out to forty pupils of whom two have names that begin alike. */
  private static long handOutToForty() {
    String names =
        IntStream.range(0, 38).mapToObj(n -> "Pupil " + n).collect(Collectors.joining("\n"));
    talk()
        .post("/api/roll", Map.of("names", names + "\n" + LONG_NAME + "A\n" + LONG_NAME + "Wilfa"));
    List<Object> sums =
        List.of("402 − 87", "621 − 257", "853 − 478", "742 − 368", "911 − 375").stream()
            .map(plain -> (Object) Map.of("plain", plain))
            .toList();
    JsonNode handout =
        talk().post("/api/handouts", Map.of("title", "Bulb crates", "sums", sums)).json();
    return handout.get("id").asLong();
  }

  @ParameterizedTest
  @CsvSource({"390, 844, false", "390, 844, true", "640, 400, false", "320, 640, true"})
  void theMarkingGridShowsFiveRowsOfForty(int width, int height, boolean keys) {
    long handout = handOutToForty();
    hand.page.setViewportSize(width, height);
    hand.page.navigate("/marking/" + handout);
    if (keys) {
      hand.button("On-screen keys").click();
    }
    grid().scrollIntoViewIfNeeded();
    assertThat(grid()).isVisible();
    int rows = (int) grid().evaluate(ROWS_SEEN);
    assertTrue(rows >= 6, rows + " rows are seen, the numbers of the sums among them");
    if (keys) {
      hand.button("On-screen keys").click();
      assertThat(hand.button("next")).hasCount(0);
    }
  }

  @Test
  void namesThatBeginAlikeAreToldApartAndShownWholeWhereTheCursorIs() {
    hand.page.navigate("/marking/" + handOutToForty());
    Locator names = hand.page.getByRole(AriaRole.ROWHEADER);
    assertThat(names).hasCount(40);
    List<String> alike =
        names.allTextContents().stream().filter(name -> name.startsWith("Mar")).toList();
    assertEquals(2, alike.stream().distinct().count(), alike.toString());
    hand.page
        .getByRole(AriaRole.ROWHEADER, new Page.GetByRoleOptions().setName(LONG_NAME + "Wilfa"))
        .locator("xpath=following-sibling::*[1]")
        .click();
    assertThat(hand.page.getByTestId("square")).containsText(LONG_NAME + "Wilfa");
  }

  @Test
  void theSlateShowsItsPaperAndAllItsKeysOnAPhone() {
    long attempt =
        talk()
            .post("/api/attempts", Map.of("sum", Map.of("plain", "348 + 97")))
            .json()
            .get("id")
            .asLong();
    hand.page.setViewportSize(390, 844);
    hand.page.navigate("/slate/" + attempt);
    assertThat(hand.page.getByTestId("cursor")).isVisible();
    BoundingBox cursor = hand.page.getByTestId("cursor").boundingBox();
    for (String key : List.of("1", "5", "0", "plus", "next", "erase")) {
      BoundingBox at = hand.button(key).boundingBox();
      assertTrue(at.y + at.height <= 844 && at.y > cursor.y, key + " is out of sight");
    }
    Object low =
        hand.page.evaluate(
            """
            () => [...document.querySelectorAll('main button')]
              .filter((button) => button.getBoundingClientRect().height < 44)
              .map((button) => button.textContent)
            """);
    assertEquals(List.of(), low);
  }

  @ParameterizedTest
  @CsvSource({"390, 844", "640, 400", "320, 480"})
  void thePaperOfTheBoardHasHalfTheScreen(int width, int height) {
    hand.page.setViewportSize(width, height);
    hand.page.navigate("/board?sum=43672 ÷ 37&step=12");
    assertThat(hand.sentence()).isVisible();
    BoundingBox paper =
        hand.page
            .getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Squared paper"))
            .boundingBox();
    assertTrue(paper.height >= height / 2.0 - 1, paper.height + " of " + height);
  }

  @Test
  void theTabsStandInOneRowWithTheirOwnInSight() {
    hand.page.setViewportSize(390, 844);
    hand.page.navigate("/house");
    Locator tabs = hand.page.getByRole(AriaRole.NAVIGATION).getByRole(AriaRole.LINK);
    assertThat(tabs).hasCount(9);
    assertEquals(1, tabs.all().stream().map(tab -> tab.boundingBox().y).distinct().count());
    BoundingBox here = tabs.nth(7).boundingBox();
    assertTrue(here.x >= 0 && here.x + here.width <= 390, "House style is out of sight");
  }

  @Test
  void theRefusalCoversNothingOfTheLine() {
    hand.page.setViewportSize(390, 844);
    hand.setOut("348 + 97 +* 12");
    BoundingBox refusal = hand.alert().boundingBox();
    BoundingBox last = hand.button("Set it out").boundingBox();
    assertTrue(refusal.y >= last.y + last.height, "the refusal lies over the line");
  }

  @Test
  void theWaysOfCheckingAreShownWhole() {
    hand.page.setViewportSize(390, 844);
    hand.page.navigate("/desk?sum=348 %2B 97&step=2");
    hand.button("Check: add upward ▾").click();
    Locator ways = hand.page.getByRole(AriaRole.MENUITEM);
    assertThat(ways.first()).isVisible();
    for (Locator way : ways.all()) {
      assertEquals(
          true, way.evaluate("item => item.scrollWidth <= item.clientWidth"), way.innerText());
    }
  }
}
