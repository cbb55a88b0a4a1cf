package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ForcedColors;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every view and dialog on wide and narrow screens, drawn large, and in the dark. */
@BeginsEmpty
class WidthsJourneyTest extends Journey {
  /**
   * What cannot be reached or read: a control or heading that is cut off, with no way of scrolling
   * to it, and words wider than their button.
   */
  private static final String CUT_OFF =
      """
      async () => {
        // What is drawn by its size is drawn anew in the next frame.
        const frame = () => new Promise((drawn) => requestAnimationFrame(drawn));
        await frame();
        await frame();
        const within = document.querySelector('[role=dialog]') ?? document;
        const controls = 'button, a[href], input, textarea, h1, h2, h3, [role=slider]';
        const scrolls = (style) => /(auto|scroll)/.test(style);
        const cut = (element) => {
          const at = element.getBoundingClientRect();
          let [x, y] = [false, false];
          for (let p = element.parentElement; p; p = p.parentElement) {
            const style = getComputedStyle(p);
            const frame = p.getBoundingClientRect();
            if (p === document.body || p === document.documentElement) {
              y ||= document.scrollingElement.scrollHeight > innerHeight
                && style.overflowY !== 'hidden';
              continue;
            }
            const isClip = style.overflowX !== 'visible' || style.overflowY !== 'visible';
            x ||= scrolls(style.overflowX);
            y ||= scrolls(style.overflowY);
            if (isClip && !x && (at.left < frame.left - 1 || at.right > frame.right + 1)) {
              return true;
            }
            if (isClip && !y && (at.top < frame.top - 1 || at.bottom > frame.bottom + 1)) {
              return true;
            }
          }
          const beyond = !x && (at.left < -1 || at.right > innerWidth + 1);
          const below = !y && (at.top < -1 || at.bottom > innerHeight + 1);
          const tight = element.tagName === 'BUTTON' && element.scrollWidth > element.clientWidth + 1;
          const flat = element.tagName === 'INPUT' && element.type !== 'file' && at.width < 24
            && element.type !== 'checkbox';
          return beyond || below || tight || flat;
        };
        return [...within.querySelectorAll(controls)]
          .filter((element) => element.checkVisibility({ checkVisibilityCSS: true })
            && getComputedStyle(element).clip === 'auto' && getComputedStyle(element).opacity !== '0')
          .filter(cut)
          .map((element) => element.outerHTML.replace(/ class="[^"]*"/g, '').slice(0, 90));
      }
      """;

  private final Map<String, Runnable> views = new LinkedHashMap<>();
  private long attempt;
  private long ended;

  private void see(String view, Runnable open) {
    views.put(view, open);
  }

  private void dialog(String view, String button) {
    see(view, () -> inDialog(button));
  }

  private void inDialog(String button) {
    hand.page.navigate("/desk?sum=578 %2B 264&step=2");
    assertThat(hand.sentence()).isVisible();
    hand.button(button).click();
    assertThat(hand.page.getByRole(AriaRole.DIALOG)).isVisible();
  }

  private void open(String path, String text) {
    hand.page.navigate(path);
    assertThat(hand.page.getByText(text).first()).isVisible();
  }

  private void openSet(long set) {
    hand.page.navigate("/sets/" + set);
    assertThat(hand.page.getByTestId("sum")).hasCount(2);
  }

  private void prepare() {
    Talk talk = talk();
    Map<String, Object> sum = Map.of("plain", "57 × 38");
    talk.post("/api/pages", Map.of("sum", sum, "title", "Rows of leeks"));
    attempt = begun(sum);
    ended = begun(sum);
    talk.post("/api/attempts/" + ended + "/hand-in", Map.of("explanation", "I ran out of time."));
    see("desk", () -> open("/desk?sum=578 %2B 264&step=2", "step 3 of"));
    see("long sum", () -> open("/desk?sum=987654321 × 123456789&step=60", "step 61 of"));
    dialog("keep", "Keep page");
    dialog("on paper", "On paper");
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
    prepareSets(talk);
    prepareRun(talk);
    prepareMarking(talk);
    preparePlan(talk);
    see("workbook", () -> open("/workbook", "Rows of leeks"));
    see(
        "rename",
        () -> {
          open("/workbook", "Rows of leeks");
          hand.button("Rename Rows of leeks").first().click();
          assertThat(hand.page.getByRole(AriaRole.DIALOG)).isVisible();
        });
    see(
        "backups",
        () -> {
          open("/workbook", "Rows of leeks");
          hand.button("Backups").click();
          assertThat(hand.page.getByText("Copies that Bemble made")).isVisible();
        });
    see("house", () -> open("/house", "Own sentences"));
    see("board", () -> open("/board?sum=578 %2B 264&step=3", "Back to the Desk"));
    see(
        "blank page",
        () -> {
          open("/board?sum=578 %2B 264", "Back to the Desk");
          hand.button("Blank page").click();
          assertThat(hand.page.getByText("The class tells")).isVisible();
        });
  }

  private void prepareSets(Talk talk) {
    Map<String, Object> kept =
        Map.of(
            "title",
            "Beds by the wall",
            "sums",
            List.of(Map.of("plain", "402 − 87"), Map.of("plain", "98765 × 432")));
    long set = talk.post("/api/sets", kept).json().get("id").asLong();
    see("sets", () -> open("/sets", "The sheet is empty"));
    see(
        "ladder",
        () -> {
          open("/sets", "The sheet is empty");
          hand.button("Ladder").click();
          hand.page.getByText("A ten out of the ones").click();
        });
    see(
        "recipe",
        () -> {
          open("/sets/" + set, "Three addends");
          hand.page.getByText("Three addends").click();
          assertThat(hand.page.getByText("sums fit")).isVisible();
        });
    for (String button : List.of("Type or paste", "Slip key", "Run", "Hand out", "On paper")) {
      see(
          "set: " + button,
          () -> {
            openSet(set);
            hand.button(button).click();
            assertThat(hand.page.getByRole(AriaRole.DIALOG)).isVisible();
          });
    }
  }

  private void prepareRun(Talk talk) {
    Map<String, Object> request =
        Map.of(
            "title",
            "Beds by the wall",
            "sums",
            List.of(Map.of("plain", "402 − 87"), Map.of("plain", "98765 × 432")),
            "right",
            2);
    JsonNode run = talk.post("/api/runs", request).json();
    long page = run.get("current").asLong();
    see("sum of a run", () -> open("/slate/" + page, "0 right, 2 wanted"));
    see("run", () -> open("/slate/run/" + run.get("id"), "Pass mark: 2 right"));
  }

  private void prepareMarking(Talk talk) {
    talk.post("/api/roll", Map.of("names", "Odhran\nIsmay\nCaio\nTamsin"));
    Map<String, Object> request =
        Map.of(
            "title",
            "Beds by the wall",
            "sums",
            List.of(Map.of("plain", "402 − 87"), Map.of("plain", "98765 × 432")));
    long handout = talk.post("/api/handouts", request).json().get("id").asLong();
    talk.post("/api/handouts/" + handout + "/simulated", Map.of("seed", 3));
    see("handouts", () -> open("/marking", "Pupils of"));
    see("grid", () -> open("/marking/" + handout, "4 of 4 pupils entered"));
    see(
        "answer",
        () -> {
          open("/marking/" + handout, "4 of 4 pupils entered");
          hand.page.getByRole(AriaRole.GRID).focus();
          hand.press(" ");
          assertThat(hand.page.getByText("The true page")).isVisible();
        });
  }

  private void preparePlan(Talk talk) {
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
    see("lesson", () -> open("/plan?day=" + day + "&lesson=" + lesson, "Again every week"));
    see("today", () -> open("/plan/today", "Waits to be marked"));
    see("logbook", () -> open("/plan/log", "The year of"));
  }

  private static long begun(Map<String, Object> sum) {
    return talk().post("/api/attempts", Map.of("sum", sum)).json().get("id").asLong();
  }

  /**
   * A screen, in CSS pixels.
   *
   * @param asked whether it is asked of it what keeps somebody out
   */
  private record Screen(int width, int height, ColorScheme scheme, boolean asked) {}

  /** From a desk to a telephone; the last is the first, drawn twice as large. */
  private static final List<Screen> SCREENS =
      List.of(
          new Screen(1280, 800, ColorScheme.LIGHT, true),
          new Screen(1024, 768, ColorScheme.LIGHT, false),
          new Screen(768, 1024, ColorScheme.LIGHT, false),
          new Screen(390, 844, ColorScheme.DARK, true),
          new Screen(640, 400, ColorScheme.LIGHT, false));

  private void turnTo(Screen screen) {
    hand.page.setViewportSize(screen.width, screen.height);
    hand.page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(screen.scheme));
    // The window is as wide as it was told before the styles for that width are taken.
    hand.page.waitForFunction(
        """
        ([width, scheme]) => innerWidth === width && matchMedia(`(width: ${width}px)`).matches
          && matchMedia(`(prefers-color-scheme: ${scheme})`).matches
          && document.getAnimations().every((each) => each.playState !== 'running')
          && new Promise(done => requestAnimationFrame(() => done(true)))
        """,
        List.of(screen.width, screen.scheme.name().toLowerCase(Locale.ROOT)));
  }

  @Test
  void nothingIsCutOffAndNobodyIsKeptOut() {
    prepare();
    List<String> found = new ArrayList<>();
    views.forEach(
        (view, open) -> {
          turnTo(SCREENS.get(0));
          open.run();
          for (Screen screen : SCREENS) {
            turnTo(screen);
            String at = view + " at " + screen.width + ": ";
            for (Object cut : (List<?>) hand.page.evaluate(CUT_OFF)) {
              found.add(at + cut);
            }
            // A long sum has the parts of the desk, and twenty times as many marks to look at.
            if (screen.asked && !view.equals("long sum")) {
              hand.barriers().forEach(barrier -> found.add(at + barrier));
            }
          }
        });
    assertEquals("", String.join("\n", found));
  }

  /** The figures on the paper have the system's own colour against the system's own ground. */
  @ParameterizedTest
  @CsvSource({"/desk?sum=578 %2B 264&step=5", "/board?sum=578 %2B 264&step=5"})
  void figuresCanBeReadInForcedColours(String path) {
    hand.page.emulateMedia(new Page.EmulateMediaOptions().setForcedColors(ForcedColors.ACTIVE));
    hand.page.navigate(path);
    assertThat(hand.sentence()).isVisible();
    Object other =
        hand.page.evaluate(
            """
            () => {
              const probe = document.createElement('p');
              probe.style.color = 'CanvasText';
              document.body.append(probe);
              const wanted = getComputedStyle(probe).color;
              return [...document.querySelectorAll('[data-layer="0"] [data-kind=figure]')]
                .map((figure) => getComputedStyle(figure).fill)
                .filter((fill) => fill !== wanted).join();
            }
            """);
    assertEquals("", other);
  }
}
