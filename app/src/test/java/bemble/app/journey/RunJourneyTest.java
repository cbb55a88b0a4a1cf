package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Runs on the Slate, from their beginning in Sets to their end. */
class RunJourneyTest {
  private RunningApp app;
  private DeskHand hand;
  @RegisterExtension final LastLook lastLook = new LastLook(() -> hand);

  @BeforeEach
  void start() {
    app = RunningApp.emptied();
    hand = new DeskHand(app.address());
  }

  @AfterEach
  void stop() {
    assertEquals(0, hand.complaints.size(), hand.complaints.toString());
    hand.close();
  }

  private Locator inDialog(String button) {
    return hand.page
        .getByRole(AriaRole.DIALOG)
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(button));
  }

  /** A run of 46 + 38, 57 + 25 and 64 + 29, up to its first page. */
  private void begin(String mark, String... choices) {
    hand.tab("Sets");
    hand.button("Type or paste").click();
    hand.page.getByLabel("One sum to a line").fill("46 + 38\n57 + 25\n64 + 29");
    hand.button("Take them").click();
    assertThat(hand.page.getByTestId("sum")).hasCount(3);
    hand.page.getByLabel("Name of the set").fill("Bulb crates");
    hand.button("Run").click();
    hand.page.getByLabel("Who works it?").fill("Neve");
    hand.page.getByLabel("Pass mark").fill(mark);
    for (String choice : choices) {
      inDialog(choice).click();
    }
    inDialog("Begin the run").click();
    awaitSum("46 + 38");
  }

  private void awaitSum(String sum) {
    assertThat(
            hand.page.getByRole(
                AriaRole.HEADING, new Page.GetByRoleOptions().setName(sum).setExact(true)))
        .isVisible();
    assertThat(hand.page.getByTestId("cursor")).isVisible();
  }

  /** Types an answer from its ones, and hands the page in. */
  private void answer(String figures) {
    for (int i = figures.length() - 1; i >= 0; i--) {
      hand.press("Digit" + figures.charAt(i));
    }
    hand.press("Control+Enter");
  }

  private Locator told(String text) {
    return hand.page.getByText(text, new Page.GetByTextOptions().setExact(true));
  }

  @Test
  void aRunWithASlipOnTheWayIsWorkedToItsEnd() {
    begin("2");
    answer("84");
    awaitSum("57 + 25");
    assertThat(hand.page.getByText("1 right, 2 wanted")).isVisible();
    answer("72");
    assertThat(hand.page.getByTestId("finding")).containsText("carry not added");
    hand.press("Enter");
    awaitSum("64 + 29");
    answer("93");
    awaitSum("57 + 25");
    assertThat(hand.page.getByText("This one comes again.")).isVisible();
    answer("82");
    assertThat(told("Passed")).isVisible();
    assertThat(hand.page.getByText("57 + 25 = 82").first()).isVisible();
    hand.button("Walk through those that went wrong").click();
    assertThat(hand.page.getByTestId("finding")).containsText("carry not added");
    hand.button("The run").click();
    hand.button("Run them again").click();
    awaitSum("57 + 25");
  }

  @Test
  void aRunThatIsToldOfAtItsEndGivesNothingAway() {
    begin("3", "At the end");
    answer("74");
    awaitSum("57 + 25");
    assertThat(hand.page.getByText("1 of 3 worked")).isVisible();
    assertThat(hand.button("Hint")).hasCount(0);
    answer("82");
    awaitSum("64 + 29");
    hand.page.goBack();
    assertThat(hand.page.getByText("The judge speaks at the end of the run.")).isVisible();
    assertThat(hand.page.getByTestId("finding")).hasCount(0);
    hand.button("Next sum").click();
    awaitSum("64 + 29");
    answer("93");
    assertThat(told("Not passed")).isVisible();
    hand.button("Look at 46 + 38").click();
    assertThat(hand.page.getByTestId("finding")).containsText("carry not added");
  }

  @Test
  void aRunIsBrokenOffByAKilledBembleAndGoneOnWith() {
    begin("3");
    answer("84");
    awaitSum("57 + 25");
    hand.press("Digit2");
    assertThat(hand.page.locator("[data-layer='1'] [data-kind=figure]")).hasCount(1);
    hand.button("Pause").click();
    assertThat(hand.page.getByText("Bulb crates is paused")).isVisible();
    assertThat(hand.page.getByTestId("cursor")).hasCount(0);
    app.close();
    app = app.again();
    hand.page.navigate("/slate");
    hand.button("Runs").click();
    assertThat(hand.page.getByText("open · 1 of 3 worked, 1 right")).isVisible();
    hand.button("Go on with Bulb crates by Neve").click();
    assertThat(hand.page.getByText("Bulb crates is paused")).isVisible();
    hand.button("Go on").click();
    awaitSum("57 + 25");
    assertThat(hand.page.locator("[data-layer='1'] [data-kind=figure]")).hasCount(1);
    hand.press("Digit8");
    hand.press("Control+Enter");
    awaitSum("64 + 29");
  }

  @Test
  void eachSumComesWithItsCheckWhereThatIsWanted() {
    begin("1", "Each sum with its check");
    answer("84");
    assertThat(hand.page.getByText("This is the check")).isVisible();
    assertThat(hand.page.getByText("0 of 3 worked")).isVisible();
    answer("84");
    hand.page.getByLabel("Yes, it comes back").check();
    inDialog("Hand in").click();
    awaitSum("57 + 25");
    assertThat(hand.page.getByText("1 right, 1 wanted")).isVisible();
  }

  @Test
  void aSlipMadeTimeAndAgainOffersAnExampleAndOneStepBack() {
    hand.tab("Sets");
    hand.page.getByText("A ten out of the ones").click();
    hand.button("Endless run").click();
    hand.page.getByLabel("Pass mark").fill("0");
    assertThat(inDialog("Begin the run")).isDisabled();
    inDialog("Quiz, 40").click();
    inDialog("Begin the run").click();
    for (int i = 0; i < 3; i++) {
      assertThat(hand.page.getByTestId("cursor")).isVisible();
      String[] numbers = hand.page.locator("main h2").first().textContent().split(" \\+ ");
      int sum = Integer.parseInt(numbers[0]) + Integer.parseInt(numbers[1]);
      assertThat(hand.page.getByTestId("offer")).hasCount(0);
      answer(String.valueOf(sum - 10));
      if (i < 2) {
        hand.button("Next sum").click();
      }
    }
    assertThat(hand.page.getByTestId("offer")).containsText("carry not added");
    hand.button("See one worked").click();
    assertThat(hand.page).hasURL(Pattern.compile("/desk"));
    assertThat(hand.page.getByText("step 1 of")).isVisible();
    hand.page.goBack();
    hand.page.getByText("Step back:").click();
    assertThat(hand.page.getByTestId("cursor")).isVisible();
    assertThat(hand.page.getByText("0 right, 40 wanted")).isVisible();
  }
}
