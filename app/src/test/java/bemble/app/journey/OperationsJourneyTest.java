package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OperationsJourneyTest extends Journey {
  /** The answer is read as the figures of its role, from left to right, at the working's end. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "364 + 228       | Left to right | ANSWER   | 592",
        "145 + 138       | Blocks        | ANSWER   | 283",
        "46 + 37         | Dot frames    | ANSWER   | 83",
        "6,203 − 1,487   | Exchange      | ANSWER   | 4716",
        "532 − 278       | Add to both   | ANSWER   | 254",
        "623 − 187       | Expanded      | ANSWER   | 436",
        "6,000 − 2,785   | Count up      | ANSWER   | 3215",
        "305 − 148       | Blocks        | ANSWER   | 157",
        "57 × 38         | Column        | ANSWER   | 2166",
        "57 × 38         | Area          | ANSWER   | 2166",
        "368 × 457       | Crosswise     | ANSWER   | 168176",
        "46 × 73         | Lattice       | ANSWER   | 3358",
        "4,236 ÷ 6       | Long          | QUOTIENT | 706",
        "6,125 ÷ 12      | Short         | QUOTIENT | 510",
        "876 ÷ 24        | Partial quotients | ANSWER | 36",
        "26 ÷ 6          | Groups        | ANSWER   | 4",
        "√94,249         | Pairs         | ROOT     | 307"
      })
  void worksEverySumInEveryMethod(String sum, String method, String role, String answer) {
    hand.setOutAndSee(sum);
    hand.method(method).click();
    assertThat(hand.method(method)).hasAttribute("aria-pressed", "true");
    hand.line().blur();
    Locator end = hand.page.getByText("Answer · step");
    for (int steps = 0; !end.isVisible(); steps++) {
      assertTrue(steps < 80, "the working ends");
      hand.press("Space");
    }
    assertEquals(answer, hand.written(role));
    hand.press("End");
    assertThat(hand.page.getByText("The check came back to")).isVisible();
    hand.press("Home");
    assertEquals("", hand.written(role), "back at the beginning nothing is answered");
  }

  @Test
  void marksTheMoveOfARoundByItsCueWord() {
    hand.page.navigate("/desk?sum=943 ÷ 7&step=1");
    Locator moves =
        hand.page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Moves of a round"));
    assertThat(moves.getByRole(AriaRole.LISTITEM))
        .hasText(new String[] {"Divide", "Multiply", "Subtract", "Compare", "Bring down"});
    for (String word :
        List.of("Divide", "Divide", "Multiply", "Subtract", "Compare", "Bring down", "Divide")) {
      assertThat(moves.locator("[aria-current=step]")).hasText(word);
      hand.press("ArrowRight");
    }
    hand.press("End");
    assertThat(hand.page.getByText("The check came back to")).isVisible();
    assertThat(moves).hasCount(0);
  }

  @Test
  void countsBackToAStopOnTheLine() {
    hand.setOutAndSee("403 − 17");
    hand.method("Count back").click();
    assertThat(hand.method("Count back")).hasAttribute("aria-pressed", "true");
    hand.line().blur();
    hand.press("End");
    assertThat(hand.page.locator("[data-role=STOP]").last()).hasText("386");
    assertThat(hand.page.locator("[data-kind=hop]")).hasText(new String[] {"3", "10", "4"});
  }

  @Test
  void offersTwoPlacesOfARootThatIsNotExact() {
    hand.setOutAndSee("√7");
    hand.button("To 2 places").click();
    assertThat(hand.line()).hasValue("√7 to 2 places");
    assertThat(hand.button("To 2 places")).hasCount(0);
    hand.setOutAndSee("√49");
    assertThat(hand.button("To 2 places")).hasCount(0);
  }

  @Test
  void givesARootBetweenItsNeighbours() {
    hand.setOutAndSee("√2 to 3 places");
    hand.line().blur();
    for (int i = 0; i < 27; i++) {
      hand.press("ArrowRight");
    }
    assertThat(hand.sentence()).containsText("lies between 1.414 and 1.415");
    assertEquals("1414", hand.written("ROOT"));
  }

  @Test
  void asksBeforeItTells() {
    hand.setOutAndSee("46 + 38");
    hand.button("Ask first").click();
    hand.line().focus();
    hand.line().blur();
    hand.press("Space");
    hand.press("Space");
    hand.press("Space");
    assertThat(hand.sentence()).hasText("6 + 8: how many ones altogether?");
    assertThat(hand.page.getByTestId("fact")).hasText("");
    hand.press("Space");
    assertThat(hand.sentence()).hasText("6 and 8 make 14 ones.");
    assertThat(hand.page.getByTestId("fact")).hasText("6 + 8 = 14");
    assertEquals("", hand.written("ANSWER"));
    hand.press("Space");
    assertThat(hand.sentence()).hasText("14 ones: what stays here, and what goes on?");
    assertEquals("", hand.written("ANSWER"));
    hand.press("Space");
    assertEquals("4", hand.written("ANSWER"));
  }

  @Test
  void helpsWithAFact() {
    hand.setOutAndSee("8 + 7");
    hand.press("Space");
    hand.press("Space");
    hand.button("How?").click();
    Locator dialog = hand.page.getByRole(AriaRole.DIALOG);
    assertThat(dialog).containsText("Make ten first: 8 needs 2 from the 7.");
    assertThat(dialog.getByTestId("drawing")).hasCount(2);
    hand.button("Close").click();
    assertThat(dialog).hasCount(0);
  }

  @Test
  void worksBesideAnotherWay() {
    hand.setOutAndSee("6,203 − 1,487");
    hand.button("Beside another way").click();
    hand.page
        .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Add to both"))
        .click();
    assertThat(hand.page.getByTestId("paper")).hasCount(2);
    for (int i = 0; i < 5; i++) {
      hand.button("Next").click();
    }
    assertThat(hand.page.getByTestId("beside-words"))
        .containsText("9 tens take away 8 leaves 1 ten.");
    assertThat(hand.page.getByTestId("beside-words"))
        .containsText("10 tens take away 9 leaves 1 ten.");
    for (int i = 0; i < 4; i++) {
      hand.button("Next").click();
    }
    assertThat(hand.page.getByText("The same answer: 4716")).isVisible();
    hand.button("One page again").click();
    assertThat(hand.page.getByTestId("paper")).hasCount(1);
  }

  @Test
  void choosesTheMethodLastUsed() {
    hand.setOutAndSee("57 × 38");
    hand.method("Area").click();
    assertThat(hand.method("Area")).hasAttribute("aria-pressed", "true");
    hand.setOut("34 × 7");
    assertThat(hand.line()).hasValue("34 × 7");
    assertThat(hand.method("Area")).hasAttribute("aria-pressed", "true");
  }

  @Test
  void keepsTheStepNowInSightOnALongPage() {
    hand.setOutAndSee("987,654,321,098,765,432,109,876 × 999,999,999,999,999,999,999,999");
    for (int i = 0; i < 120; i++) {
      hand.press("ArrowRight");
    }
    Locator fresh = hand.page.locator("[data-when=fresh]").first();
    assertThat(fresh).isInViewport();
    hand.button("Larger squares").click();
    assertThat(fresh).isInViewport();
  }

  @Test
  void offersTheTwoSwapped() {
    hand.setOut("7 − 12");
    assertThat(hand.alert()).containsText("7 is less than 12");
    hand.button("12 − 7").click();
    assertThat(hand.sentence()).isVisible();
    assertEquals(List.of("12", "7"), hand.rows());
  }

  @Test
  void saysWhyAMethodDoesNotFit() {
    hand.setOutAndSee("348 + 97");
    hand.method("Dot frames").click();
    assertThat(hand.alert()).containsText("two whole addends below 100");
    assertThat(hand.alert()).containsText("Column, In pairs, Left to right, Blocks");
    assertEquals(List.of("348", "97"), hand.rows());
  }
}
