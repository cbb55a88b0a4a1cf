package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ForcedColors;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A lesson in a room: the teacher's screen, the Board, and pupils' devices beside them. */
@BeginsEmpty
class RoomJourneyTest extends Journey {
  private final List<DeskHand> devices = new ArrayList<>();
  private RoomHand room;

  @BeforeEach
  void nameThePupils() {
    if (talk().get("/api/roll").json().isEmpty()) {
      talk().post("/api/roll", Map.of("names", "Averil\nBram\nCaio\nDelphine"));
    }
    room = new RoomHand(talk());
  }

  @AfterEach
  void leave() {
    room.close();
    devices.forEach(DeskHand::close);
  }

  /** A device that has come to the door, at the address on the Board. */
  private DeskHand knocking(String who) {
    DeskHand device = new DeskHand(room.address(), Chromium.BROWSER, "/room");
    devices.add(device);
    device.page.navigate("/room#" + room.code());
    assertThat(device.page.getByLabel("Code")).hasValue(room.code());
    device.page.getByLabel("Your number or your name").fill(who);
    device.button("Knock").click();
    assertThat(device.page.getByText("You have knocked.")).isVisible();
    return device;
  }

  private DeskHand comeIn(String who, String name) {
    DeskHand device = knocking(who);
    hand.button("Let " + name + " in").click();
    assertThat(device.page.getByText("You have knocked.")).isHidden();
    return device;
  }

  private void openRoom() {
    hand.page.navigate("/slate/room");
    hand.button("Open now").click();
    assertThat(hand.page.getByText("Nobody is in yet.")).isVisible();
    room.look();
  }

  private void giveOut(String sum) {
    hand.button("Give out a sum").click();
    Locator dialog = hand.page.getByRole(AriaRole.DIALOG);
    dialog.getByLabel("Sum").last().fill(sum);
    dialog
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Give out"))
        .last()
        .click();
    assertThat(dialog).isHidden();
  }

  private Locator seat(int place) {
    return hand.page.getByTestId("seat").nth(place);
  }

  private static void type(DeskHand device, String figures) {
    assertThat(device.page.getByTestId("cursor")).isVisible();
    for (String figure : figures.split("")) {
      device.press(figure.equals(",") ? "Enter" : "Digit" + figure);
    }
  }

  @Test
  void aLessonFromTheDoorToItsEnd() {
    openRoom();
    DeskHand board = another();
    devices.add(board);
    board.page.navigate("/board/room");
    String code = room.code();
    assertThat(board.page.getByText(code.substring(0, 3) + " " + code.substring(3))).isVisible();
    DeskHand one = knocking("1");
    DeskHand two = knocking("bram");
    DeskHand nobody = knocking("Zed");
    assertThat(hand.page.getByText("1 Averil?")).isVisible();
    assertThat(hand.page.getByText("“Zed”: nobody for sure")).isVisible();
    hand.button("Let all 2 in").click();
    hand.button("Do not let Zed in").click();
    assertThat(nobody.page.getByText("You were not let in here")).isVisible();
    assertThat(board.page.getByText("2 are in")).isVisible();

    giveOut("46 + 38");
    type(one, "48,");
    assertThat(seat(0)).hasAttribute("data-state", "WRITING");
    type(two, "47,");
    assertThat(seat(1)).hasAttribute("data-state", "SLIPPED");
    // Nothing is told before the end of the page, as the class has it.
    assertThat(two.page.getByTestId("verdicts")).hasCount(0);
    one.button("I am done").click();
    assertThat(one.page.getByTestId("end")).hasText("Everything is right.");
    assertThat(seat(0)).hasAttribute("data-state", "RIGHT");
    two.button("I am stuck").click();
    assertThat(hand.page.getByText("says: stuck")).isVisible();

    // Who comes later gets the sum that the others have.
    DeskHand late = comeIn("4", "4 Delphine");
    assertThat(late.page.getByText("46 + 38").first()).isVisible();

    seat(1).click();
    hand.button("Show it to all").click();
    assertThat(board.page.getByTestId("shown")).isVisible();
    assertFalse(board.page.content().contains("Bram"), "a name stands on the Board");
    hand.button("All eyes here").click();
    assertThat(two.page.getByTestId("stilled")).isVisible();
    type(two, "9");
    hand.button("All eyes here").click();
    assertThat(two.page.getByTestId("stilled")).isHidden();
    two.button("I am done").click();
    assertThat(two.page.getByTestId("end")).hasText("Look at this once more.");

    // A double press asks, and closes nothing.
    hand.button("Close the room").dblclick();
    assertThat(hand.page.getByTestId("seat").first()).isVisible();
    hand.button("Yes, close it for 3").click();
    assertThat(hand.page.getByText("2 of 2 handed in, 1 right")).isVisible();
    assertThat(one.page.getByText("The room is closed.")).isVisible();
    hand.page.navigate("/slate");
    assertThat(hand.page.getByText("Bram").first()).isVisible();
  }

  /** A device sleeps, is loaded anew, and loses the network: nothing is lost and nothing asked. */
  @Test
  void whatIsWrittenWithoutANetworkArrivesInItsOrder() {
    openRoom();
    DeskHand device = comeIn("3", "3 Caio");
    giveOut("346 + 287");
    assertThat(device.page.getByTestId("cursor")).isVisible();
    BrowserContext context = device.page.context();
    context.setOffline(true);
    type(device, "63");
    assertThat(device.page.getByText("No network just now.")).isVisible();
    context.setOffline(false);
    assertThat(device.page.getByText("No network just now.")).isHidden();
    device.reload();
    assertThat(device.page.getByTestId("cursor")).isVisible();
    assertThat(device.page.getByText("346 + 287").first()).isVisible();
    long page = room.seat(pupil(2)).at("/page/attempt").asLong();
    List<String> written = new ArrayList<>();
    talk()
        .get("/api/attempts/" + page)
        .json()
        .get("strokes")
        .forEach(stroke -> written.add(stroke.get("text").asText()));
    assertEquals(List.of("6", "3"), written);
    type(device, "3");
    device.button("I am done").click();
    assertThat(seat(0)).hasAttribute("data-state", "SLIPPED");
  }

  private long pupil(int place) {
    return talk().get("/api/roll").json().get(place).get("id").asLong();
  }

  /** Thumbs alone, on devices of several sizes: each key is large enough and nothing is cut off. */
  @ParameterizedTest
  @CsvSource({"360, 640", "390, 844", "820, 1180", "844, 390", "1366, 768"})
  void aSumIsWorkedWithThumbs(int width, int height) {
    openRoom();
    DeskHand device = comeIn("4", "4 Delphine");
    device.page.setViewportSize(width, height);
    giveOut("57 + 26");
    assertThat(device.page.getByTestId("cursor")).isVisible();
    for (Locator key : device.page.getByRole(AriaRole.BUTTON).all()) {
      BoundingBox box = key.boundingBox();
      assertTrue(box.width >= 48 && box.height >= 48, () -> key.textContent() + " is too small");
      assertTrue(box.x >= 0 && box.x + box.width <= width, () -> key.textContent() + " is cut off");
    }
    device.button("3").click();
    device.button("8").click();
    for (ColorScheme scheme : List.of(ColorScheme.LIGHT, ColorScheme.DARK)) {
      for (ForcedColors colours : List.of(ForcedColors.NONE, ForcedColors.ACTIVE)) {
        device.page.emulateMedia(
            new Page.EmulateMediaOptions().setColorScheme(scheme).setForcedColors(colours));
        assertEquals(List.of(), device.barriers(), scheme + ", forced " + colours);
      }
    }
    device.button("I am done").click();
    assertThat(device.page.getByTestId("end")).hasText("Everything is right.");
    assertEquals(List.of(), device.barriers());
  }

  /** By keyboard, and by the words for those who hear the page. */
  @Test
  void aSumIsWorkedByEar() {
    openRoom();
    DeskHand device = comeIn("1", "1 Averil");
    Locator heard = device.page.getByTestId("announced");
    Locator atCursor = device.page.getByTestId("at-cursor");
    giveOut("57 + 26");
    assertThat(heard).hasText("The sum is 57 + 26");
    assertThat(atCursor).containsText("ones");
    type(device, "3");
    device.press("ArrowRight");
    assertThat(atCursor).containsText("3");
    hand.button("All eyes here").click();
    assertThat(heard).hasText("All eyes to the front. Your page waits.");
    hand.button("All eyes here").click();
    assertThat(heard).hasText("The sum is 57 + 26");
    device.press("ArrowLeft");
    type(device, "8");
    device.button("I am done").focus();
    device.press("Enter");
    assertThat(heard).hasText("Everything is right.");
    giveOut("83 − 47");
    assertThat(heard).hasText("The sum is 83 − 47");
  }
}
