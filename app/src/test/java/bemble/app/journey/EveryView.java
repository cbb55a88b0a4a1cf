package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import java.util.function.UnaryOperator;

/** Every view and dialog, each with content. */
final class EveryView {
  private final Map<String, Runnable> views = new LinkedHashMap<>();
  private final DeskHand hand;
  private final Talk talk;
  private final UnaryOperator<String> said;
  private final long attempt;
  private final long ended;

  private void see(String view, Runnable open) {
    views.put(view, open);
  }

  private void dialog(String view, String button) {
    see(view, () -> inDialog(button));
  }

  private void inDialog(String button) {
    hand.page.navigate("/desk?sum=578 %2B 264&step=2");
    assertThat(hand.sentence()).isVisible();
    hand.button(said.apply(button)).click();
    assertThat(hand.page.getByRole(AriaRole.DIALOG)).isVisible();
  }

  private void inMenu(String row, String entry) {
    hand.button(said.apply("More about " + row)).first().click();
    hand.page
        .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(said.apply(entry)))
        .click();
  }

  private void open(String path, String text) {
    hand.page.navigate(path);
    assertThat(hand.page.getByText(text).first()).isVisible();
  }

  private void openSet(long set) {
    hand.page.navigate("/sets/" + set);
    assertThat(hand.page.getByTestId("sum")).hasCount(2);
  }

  /** Fills every view with content; {@code said} gives the name of a button in the language. */
  EveryView(DeskHand hand, Talk talk, UnaryOperator<String> said) {
    this.hand = hand;
    this.talk = talk;
    this.said = said;
    Map<String, Object> sum = Map.of("plain", "57 × 38");
    talk.post("/api/pages", Map.of("sum", sum, "title", "Rows of leeks"));
    attempt = begun(sum);
    ended = begun(sum);
    talk.post("/api/attempts/" + ended + "/hand-in", Map.of("explanation", "I ran out of time."));
    see("desk", () -> open("/desk?sum=578 %2B 264&step=2", "step 3 of"));
    see("long sum", () -> open("/desk?sum=987654321 × 123456789&step=60", "step 61 of"));
    dialog("keep", "Keep page");
    dialog("on paper", "Print and export");
    dialog("check my working", "Check my working");
    dialog("keys", "Keys");
    dialog("fact", "How?");
    see("slate", () -> open("/slate", "Try a sum"));
    see("attempt", () -> open("/slate/" + attempt, "Tell me as I go"));
    see("handed in", () -> open("/slate/" + ended, "The true page"));
    see(
        "handing in",
        () -> {
          open("/slate/" + attempt, "Tell me as I go");
          hand.press("Control+Enter");
          assertThat(hand.page.getByRole(AriaRole.DIALOG)).isVisible();
        });
    prepareSets();
    prepareRun();
    prepareMarking();
    preparePlan();
    prepareRoom();
    see("workbook", () -> open("/workbook", "Rows of leeks"));
    see(
        "rename",
        () -> {
          open("/workbook", "Rows of leeks");
          inMenu("Rows of leeks", "Rename");
          assertThat(hand.page.getByRole(AriaRole.DIALOG)).isVisible();
        });
    see(
        "backups",
        () -> {
          open("/workbook", "Rows of leeks");
          hand.button(said.apply("Backups")).click();
          assertThat(hand.page.getByText("Copies that Bemble made")).isVisible();
        });
    see("guide", () -> open("/help", "Version 1"));
    see("house", () -> open("/house", "Own sentences"));
    see("board", () -> open("/board?sum=578 %2B 264&step=3", "Back to the Desk"));
    see(
        "blank page",
        () -> {
          open("/board?sum=578 %2B 264", "Back to the Desk");
          hand.button(said.apply("Blank page")).click();
          assertThat(hand.page.getByText("The class tells")).isVisible();
        });
  }

  /** Two sums with a title. */
  private static Map<String, Object> beds() {
    List<Object> sums = List.of(Map.of("plain", "402 − 87"), Map.of("plain", "98765 × 432"));
    return Map.of("title", "Beds by the wall", "sums", sums);
  }

  private void prepareSets() {
    long set = talk.post("/api/sets", beds()).json().get("id").asLong();
    see("sets", () -> open("/sets", "The sheet is empty"));
    see(
        "ladder",
        () -> {
          open("/sets", "The sheet is empty");
          hand.button(said.apply("Ladder")).click();
          hand.page.getByText("A hundred out of the tens").click();
        });
    see(
        "recipe",
        () -> {
          open("/sets/" + set, "Three addends");
          hand.page.getByText("Three addends").click();
          assertThat(hand.page.getByText("sums fit")).isVisible();
        });
    for (String button :
        List.of("Type or paste", "Slip key", "Run", "Hand out", "Print and export")) {
      see(
          "set: " + button,
          () -> {
            openSet(set);
            hand.button(said.apply(button)).click();
            assertThat(hand.page.getByRole(AriaRole.DIALOG)).isVisible();
          });
    }
  }

  private void prepareRun() {
    Map<String, Object> request = new HashMap<>(beds());
    request.put("goal", Map.of("right", 2));
    JsonNode run = talk.post("/api/runs", request).json();
    long page = run.get("current").asLong();
    see("sum of a run", () -> open("/slate/" + page, "0 right, 2 wanted"));
    see("run", () -> open("/slate/run/" + run.get("id"), "Pass mark"));
  }

  private void prepareMarking() {
    talk.post("/api/roll", Map.of("names", "Odhran\nIsmay\nCaio\nTamsin"));
    long handout = talk.post("/api/handouts", beds()).json().get("id").asLong();
    String scans = "/api/scans?handout=" + handout;
    String pile = "/api/handouts/" + handout + "/stand-in";
    byte[] sheets = talk.post(pile, Map.of("most", 1)).bytes();
    talk.send(scans, "application/octet-stream", sheets);
    talk.post("/api/handouts/" + handout + "/simulated", Map.of("seed", 3));
    see("handouts", () -> open("/marking", "Pupils of"));
    see("grid", () -> open("/marking/" + handout, "4 of 4 pupils entered"));
    see(
        "sheets in",
        () -> {
          hand.page.navigate("/marking/" + handout + "/sheets");
          assertThat(hand.page.locator("main img")).hasCount(2);
        });
    see(
        "answer",
        () -> {
          open("/marking/" + handout, "4 of 4 pupils entered");
          hand.page.getByRole(AriaRole.GRID).focus();
          hand.press(" ");
          assertThat(hand.page.getByText("The true page")).isVisible();
        });
  }

  private void preparePlan() {
    LocalDate day = LocalDate.now().with(TemporalAdjusters.next(DayOfWeek.MONDAY));
    talk.post(
        "/api/plan/lessons",
        Map.of("day", day.toString(), "kind", "TEACH", "rung", "addition-tens-carry"));
    String lesson = talk.get("/api/plan/today").json().at("/next/lessons/0/id").asText();
    see("register", () -> open("/register", "How to read it"));
    String pupil = talk.get("/api/roll").json().at("/0/id").asText();
    see("pupil", () -> open("/register?pupil=" + pupil, "Letter to the parents"));
    see("rung", () -> open("/register?rung=subtraction-one-zero-crossed", "Make a set of"));
    String square = "/register?rung=subtraction-one-zero-crossed&pupil=" + pupil;
    see("square", () -> open(square, "Decide it yourself"));
    see("weeks", () -> open("/plan?day=" + day, "Minutes for lessons"));
    see("lesson", () -> open("/plan?day=" + day + "&lesson=" + lesson, "Repeat weekly"));
    see("today", () -> open("/plan/today", "Waits to be marked"));
    see("logbook", () -> open("/plan/log", "The year of"));
  }

  private void prepareRoom() {
    RoomHand room = new RoomHand(talk);
    see(
        "room to be opened",
        () -> {
          room.close();
          open("/slate/room", "Open now");
        });
    see(
        "room",
        () -> {
          fill(room);
          room.knock("Nobody of this name");
          open("/slate/room", "Close the room");
          hand.page.getByTestId("seat").first().click();
          assertThat(hand.page.getByText("Show it to all")).isVisible();
        });
    see("room on the board", () -> open("/board/room", "and then this code"));
    see("at the door", () -> open("/room", "Into the room"));
    see("seat", () -> openSeat(fill(room), "I am done"));
    see(
        "seat at the end",
        () -> {
          openSeat(fill(room), "I am done");
          hand.press("Digit7");
          hand.button(said.apply("I am done")).click();
          assertThat(hand.page.getByTestId("end")).isVisible();
        });
    see(
        "room that was held",
        () -> {
          room.close();
          open("/slate/room/" + room.id(), "Groups for tomorrow");
        });
  }

  /** A room with a pupil who has a sum; gives the token of the seat. */
  private String fill(RoomHand room) {
    room.open("AT_END", true);
    room.give("346 × 27");
    String token = room.knock("1");
    room.letIn(talk.get("/api/roll").json().at("/0/id").asLong());
    return token;
  }

  private void openSeat(String token, String text) {
    hand.page.navigate("/room");
    hand.page.evaluate("token => sessionStorage.setItem('bemble.seat', token)", token);
    open("/room", text);
  }

  private long begun(Map<String, Object> sum) {
    return talk.post("/api/attempts", Map.of("sum", sum)).json().get("id").asLong();
  }

  /** Each view by its name, with the action that opens it. */
  void forEach(BiConsumer<String, Runnable> seen) {
    views.forEach(seen);
  }
}
