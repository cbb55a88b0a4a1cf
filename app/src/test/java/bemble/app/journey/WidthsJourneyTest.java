package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ForcedColors;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every view and dialog on wide and narrow screens, drawn large, and in the dark. */
@BeginsEmpty
class WidthsJourneyTest extends Journey {
  /**
   * The controls and headings that are cut off, without a way of scrolling to them, and the words
   * wider than their button.
   */
  private static final String CUT_OFF =
      """
      async () => {
        // A drawing that depends on its size is drawn anew in the next frame.
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

  /** Words and figures that are drawn too small to be read, with their size in pixels. */
  private static final String TINY =
      """
      () => [...document.querySelectorAll('body *')]
        .filter((element) => [...element.childNodes]
          .some((child) => child.nodeType === Node.TEXT_NODE && child.textContent.trim()))
        .filter((element) => element.getBoundingClientRect().width > 0)
        .map((element) => {
          const drawn = element.ownerSVGElement && element.getScreenCTM();
          const size = parseFloat(getComputedStyle(element).fontSize)
            * (drawn ? Math.hypot(drawn.a, drawn.b) : 1);
          return [size, `${element.textContent} is ${size.toFixed(1)} px high`];
        })
        .filter(([size]) => size < 10)
        .map(([, told]) => told)
      """;

  /**
   * A screen, in CSS pixels.
   *
   * @param asked whether barriers are looked for: in every view at the desk, in every other on the
   *     telephone and in the system's colours
   * @param colours whether the system sets them
   */
  private record Screen(
      int width, int height, ColorScheme scheme, boolean asked, ForcedColors colours) {
    private Screen(int width, int height, ColorScheme scheme, boolean asked) {
      this(width, height, scheme, asked, ForcedColors.NONE);
    }
  }

  private static final Screen DESK = new Screen(1280, 800, ColorScheme.LIGHT, true);

  /**
   * From a tablet to a telephone, the desk drawn twice as large, and one in the system's colours.
   */
  private static final List<Screen> OTHERS =
      List.of(
          new Screen(768, 1024, ColorScheme.LIGHT, false),
          new Screen(390, 844, ColorScheme.DARK, true),
          new Screen(640, 400, ColorScheme.LIGHT, false),
          new Screen(1024, 768, ColorScheme.LIGHT, true, ForcedColors.ACTIVE));

  private void turnTo(Screen screen) {
    hand.page.setViewportSize(screen.width, screen.height);
    hand.page.emulateMedia(
        new Page.EmulateMediaOptions()
            .setColorScheme(screen.scheme)
            .setForcedColors(screen.colours));
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
    EveryView views = new EveryView(hand, talk(), name -> name);
    List<String> found = new ArrayList<>();
    AtomicInteger seen = new AtomicInteger();
    views.forEach(
        (view, open) -> {
          turnTo(DESK);
          open.run();
          int stop = seen.getAndIncrement();
          boolean isOther = stop % 2 == 1;
          List<Screen> screens = new ArrayList<>(Sweep.of(OTHERS, stop));
          screens.add(0, DESK);
          for (Screen screen : screens) {
            turnTo(screen);
            String at = view + " at " + screen.width + ": ";
            for (Object cut : (List<?>) hand.page.evaluate(CUT_OFF)) {
              found.add(at + cut);
            }
            for (Object tiny : (List<?>) hand.page.evaluate(TINY)) {
              found.add(at + tiny);
            }
            // A long sum has the parts of the desk, and twenty times as many marks to look at.
            boolean asked =
                screen == DESK || screen.asked && isOther == (screen.scheme == ColorScheme.DARK);
            if (asked && !view.equals("long sum")) {
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
