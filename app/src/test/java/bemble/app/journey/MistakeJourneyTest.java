package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A class finds a mistake that several share; figures are laid down one by one. */
@BeginsEmpty
class MistakeJourneyTest extends Journey {
  private static final List<String> SUMS = List.of("742 − 368", "621 − 257", "853 − 478");

  /** Answers with the smaller figure taken from the larger one. */
  private static final List<String> SLIPPED = List.of("426", "436", "425");

  private Locator letter(String letter) {
    return hand.page.locator("[data-letter=" + letter + "]");
  }

  /** A page is made up with the slip of a group; the vote of the class is kept. */
  @Test
  void aClassFindsASharedMistakeAtTheBoard() {
    assertEquals(201, talk().post("/api/roll", Map.of("names", "Bram\nNeve")).status());
    Pile pile = new Pile(talk());
    JsonNode grid = pile.handout(SUMS, "exchange");
    pile.row(grid, "Bram", SLIPPED);
    hand.page.navigate("/marking/" + grid.get("id").asLong());
    hand.page.getByLabel("Show the class a made-up page of: smaller taken from larger").click();
    Locator sentence = hand.page.getByTestId("sentence");
    assertThat(sentence).containsText("Write");
    for (int step = 0; !sentence.innerText().startsWith("Where does it first"); step++) {
      assertTrue(step < 20, sentence.innerText());
      hand.press("ArrowRight");
    }
    for (String key : List.of("a", "a", "b", "Backspace")) {
      hand.press(key);
    }
    assertThat(letter("a")).hasAttribute("data-votes", "2");
    assertThat(letter("b")).hasAttribute("data-votes", "0");
    hand.press("ArrowRight");
    assertThat(sentence).containsText("of 2 voted for");
    hand.press("ArrowLeft");
    hand.press("a");
    assertThat(sentence).containsText("2 votes.");
    hand.press("End");
    assertThat(sentence).hasText("Now try these:");
    hand.press("Escape");
    assertThat(hand.page.getByTestId("group").first()).isVisible();
    hand.page.navigate("/plan/log");
    assertThat(hand.page.getByText("2 votes,").first()).isVisible();
  }

  @Test
  void aSlipThatCannotBeShownIsSaidSo() {
    hand.page.navigate("/board/mistake?slip=daydreaming&sum=exchange%3A742%20−%20368");
    assertThat(hand.page.getByRole(AriaRole.ALERT)).containsText("is no slip");
  }

  @Test
  void figuresAreLaidDownOneByOneByOnePress() {
    hand.setOutAndSee("437 + 28");
    hand.button("Figure by figure").click();
    assertThat(hand.button("Figure by figure")).hasAttribute("aria-pressed", "true");
    hand.line().blur();
    for (int step = 0; step < 4; step++) {
      hand.press("ArrowRight");
    }
    assertThat(hand.sentence()).hasText("No hundreds, like plus 0: the square stays empty.");
    hand.press("ArrowRight");
    assertThat(hand.sentence()).hasText("2 tens, under the 3 tens: write 2.");
    hand.button("Lined up wrongly").click();
    assertThat(hand.page.getByText("gives 717, not 465")).isVisible();
    hand.button("Close").click();
    hand.button("Figure by figure").click();
    assertThat(hand.sentence()).hasText("Write 437 and 28 under one another, ones under ones.");
  }
}
