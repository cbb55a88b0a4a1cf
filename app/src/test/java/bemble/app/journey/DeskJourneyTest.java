package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DeskJourneyTest extends Journey {
  @Test
  void playsForwardAndBackByKeyButtonAndRibbon() {
    hand.setOutAndSee("348 + 97 + 205");
    assertEquals(List.of("348", "97", "205"), hand.rows());
    hand.press("Space");
    hand.press("ArrowRight");
    assertThat(hand.sentence()).hasText("8 and 7 is 15, and 5 is 20 ones.");
    assertEquals(List.of("348", "97", "+205"), hand.rows());
    hand.button("Next").click();
    assertThat(hand.page.locator("[data-role=CARRY]")).hasText("2");
    assertEquals(List.of("348", "97", "+205", "0"), hand.rows());
    hand.press("ArrowLeft");
    assertThat(hand.page.locator("[data-role=CARRY]")).hasCount(0);
    hand.page.locator("[data-step='7']").click();
    assertEquals(List.of("348", "97", "+205", "650"), hand.rows());
    hand.press("End");
    assertEquals(List.of("348", "97", "+205", "650", "205", "97", "+348", "650"), hand.rows());
    assertThat(hand.page.getByText("The check came back to 650.")).isVisible();
    hand.press("Home");
    assertEquals(List.of("348", "97", "205"), hand.rows());
  }

  @Test
  void explainsCountsAndLetsTheMethodBeChosen() {
    hand.setOutAndSee("46 + 38");
    hand.press("Space");
    hand.press("Space");
    assertThat(hand.page.getByTestId("fact")).hasText("6 + 8 = 14");
    hand.button("Why?").click();
    assertThat(hand.page.getByTestId("why")).containsText("ones");
    assertThat(hand.page.getByTestId("tally")).containsText("2 facts1 carry");
    hand.method("In pairs").click();
    assertThat(hand.page.getByText("step 1 of")).isVisible();
    assertEquals(List.of("46"), hand.rows());
  }

  @Test
  void keepsEachFigureInItsColumn() {
    hand.setOutAndSee("12.50 + 7.85 + 0.95");
    hand.press("End");
    var rows = hand.figures().values().stream().toList();
    assertEquals(rows.get(0).lastKey(), rows.get(3).lastKey(), "hundredths under hundredths");
    assertEquals("2130", hand.rows().get(3));
    assertThat(hand.page.getByText("The check came back to 21.30.")).isVisible();
  }

  /** Enter counts while the page before is still on its way. */
  @Test
  void whatIsSetOutLastLiesOnTheDesk() {
    List<Route> held = new ArrayList<>();
    hand.page.route("**/api/workings", held::add);
    hand.setOut("46 + 38");
    hand.page.waitForCondition(() -> held.size() == 1);
    hand.setOut("348 + 97");
    held.get(0).resume();
    hand.page.waitForCondition(() -> held.size() == 2);
    assertThat(hand.page).hasTitle("46 + 38 · Desk · Bemble");
    assertThat(hand.line()).hasValue("348 + 97");
    hand.line().fill("348 + 97 + 2");
    held.get(1).resume();
    assertThat(hand.page).hasTitle("348 + 97 · Desk · Bemble");
    assertThat(hand.line()).hasValue("348 + 97 + 2");
    assertEquals(List.of("348", "97"), hand.rows());
  }

  @Test
  void isStillThereAfterAReload() {
    hand.setOutAndSee("46 + 38");
    hand.press("Space");
    hand.press("Space");
    hand.reload();
    assertThat(hand.sentence()).containsText("make 14 ones");
    assertThat(hand.line()).hasValue("46 + 38");
  }

  @Test
  void listsItsKeysAndTurnsToATabByKey() {
    hand.line().blur();
    hand.press("?");
    assertThat(hand.page.getByRole(AriaRole.DIALOG)).containsText("next step");
    hand.press("Escape");
    assertThat(hand.page.getByRole(AriaRole.DIALOG)).hasCount(0);
    hand.press("Alt+7");
    assertThat(hand.page).hasURL(Pattern.compile("/workbook"));
    hand.press("Alt+1");
    assertThat(hand.page.getByText("Write a sum in the line above")).isVisible();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "''            | Type a sum first",
        "348           | One number alone is not a sum yet",
        "bulbs         | There is no number here",
        "12 + bulbs    | “bulbs” does not belong in a sum",
        "12 + + 5      | A number is missing here",
        "1.2.3 + 4     | second point",
        "1234567890123456789012345 + 1 | 25 figures",
        "1+1+1+1+1+1+1+1+1+1+1+1+1     | more than 12 numbers",
        "-5 + 3        | Numbers below zero",
        "7 ÷ 0         | Nothing can be divided by 0",
        "1.5 × 3       | whole numbers only",
        "√-4           | A number below zero has no root here",
        "√2 to 13 places | up to 12 decimal places",
        "5 + 7 − 2     | two kinds of sign"
      })
  void saysWhatIsWrongAndLosesNothing(String typed, String sentence) {
    hand.setOutAndSee("46 + 38");
    hand.setOut(typed);
    assertThat(hand.alert()).containsText(sentence);
    assertThat(hand.line()).hasValue(typed);
    assertEquals(List.of("46", "38"), hand.rows());
  }

  @Test
  void takesNoPastedParagraph() {
    hand.setOutAndSee("46 + 38");
    String paragraph = "The tin held 12 coins and the barn 40. ".repeat(30).strip();
    hand.setOut(paragraph);
    assertThat(hand.alert()).containsText("too long for a sum");
    assertThat(hand.line()).hasValue(paragraph);
    assertEquals(List.of("46", "38"), hand.rows());
  }
}
