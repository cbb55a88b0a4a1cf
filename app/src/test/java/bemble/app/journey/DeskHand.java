package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Dialog;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TimeZone;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** Uses the screens as a teacher does, and reads figures off the squared paper. */
final class DeskHand implements AutoCloseable {
  final Page page;
  final List<String> complaints = new ArrayList<>();
  private final List<String> heard = new ArrayList<>();

  /** Changes that were sent and are not answered yet. */
  private final Set<Request> underWay = new HashSet<>();

  private final BrowserContext context;
  private final String home;

  DeskHand(String address) {
    this(address, Chromium.BROWSER);
  }

  DeskHand(String address, Browser browser) {
    this(address, browser, "/");
  }

  /** A browser that begins at a page of its own. */
  DeskHand(String address, Browser browser, String home) {
    this.home = home;
    context =
        browser.newContext(
            new Browser.NewContextOptions()
                .setBaseURL(address)
                .setTimezoneId(TimeZone.getDefault().getID()));
    page = context.newPage();
    page.onPageError(complaints::add);
    page.onRequest(
        request -> {
          if (!request.url().startsWith(address)) {
            complaints.add("asked another machine: " + request.url());
          }
        });
    page.onRequest(
        request -> {
          if (request.isNavigationRequest()) {
            // A request of a page that is left may neither end nor fail.
            underWay.clear();
          } else if (!request.method().equals("GET")) {
            underWay.add(request);
          }
        });
    page.onRequestFinished(underWay::remove);
    page.onRequestFailed(
        request -> {
          underWay.remove(request);
          heard.add(request.url() + ": " + request.failure());
        });
    page.onConsoleMessage(message -> heard.add(message.text()));
    startAnew();
  }

  /**
   * Forgets everything, as in a browser that is opened for the first time; that would take four
   * times as long.
   */
  void startAnew() {
    context.pages().stream().filter(other -> other != page).forEach(Page::close);
    page.unrouteAll();
    page.mouse().move(0, 0);
    page.setViewportSize(1280, 800);
    page.emulateMedia(
        new Page.EmulateMediaOptions()
            .setMedia(null)
            .setColorScheme(null)
            .setForcedColors(null)
            .setReducedMotion(ReducedMotion.REDUCE));
    // Not on a screen, which may write a half-typed text as it is left.
    page.navigate(home.equals("/") ? "/icon.svg" : home);
    page.evaluate("localStorage.clear(); sessionStorage.clear()");
    complaints.clear();
    heard.clear();
    underWay.clear();
    page.navigate(home);
  }

  /**
   * Loads the page anew once all changes on it are kept: sooner, it may show the state before them.
   */
  void reload() {
    page.waitForCondition(() -> isAllKept() && isAllKept());
    page.reload();
  }

  /** Loads the page anew while requests to an address fail, and with them all that is done. */
  void reloadWhileLost(String sent, Runnable doing) {
    page.route(sent, Route::abort);
    doing.run();
    page.onceDialog(Dialog::accept);
    page.reload();
  }

  /** Lets requests to an address through again, and waits for the first that is answered. */
  void letThrough(String sent) {
    page.waitForResponse(sent, () -> page.unroute(sent));
  }

  /** Whether nothing is under way, nor has followed by the time that the page is drawn anew. */
  private boolean isAllKept() {
    page.evaluate("() => new Promise(requestAnimationFrame)");
    return underWay.isEmpty();
  }

  Locator line() {
    return page.getByLabel("Sum", new Page.GetByLabelOptions().setExact(true));
  }

  Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  /** The entry of a row's menu, which is opened first. */
  Locator inMenu(String row, String entry) {
    button("More about " + row).click();
    return page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(entry));
  }

  void setOut(String sum) {
    line().fill(sum);
    line().press("Enter");
  }

  /** Sets a sum out and waits until its page lies on the desk. */
  void setOutAndSee(String sum) {
    setOut(sum);
    assertThat(page.getByText("step 1 of")).isVisible();
    assertThat(sentence()).isVisible();
    line().blur();
  }

  void press(String key) {
    page.keyboard().press(key);
  }

  Locator sentence() {
    return page.getByTestId("sentence");
  }

  Locator method(String name) {
    return page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Method"))
        .getByText(name, new Locator.GetByTextOptions().setExact(true));
  }

  void tab(String name) {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true)).click();
  }

  Locator alert() {
    return page.getByRole(AriaRole.ALERT);
  }

  /** The figures of full size in each row of the paper, left to right, with their columns. */
  Map<Integer, TreeMap<Integer, String>> figures() {
    return rows(page.getByTestId("paper").locator("[data-kind=figure]"));
  }

  /** The figures of a role that are written so far, from left to right. */
  String written(String role) {
    // The first layer is the working; its check lies in the second.
    Locator working = page.getByTestId("paper").first().locator("[data-layer='0']");
    TreeMap<Integer, String> figures = new TreeMap<>();
    rows(working.locator("[data-kind=figure][data-role=" + role + "]"))
        .values()
        .forEach(figures::putAll);
    return String.join("", figures.values());
  }

  /** Read in one go: to ask the browser mark by mark takes longer than the rest of a test. */
  private static Map<Integer, TreeMap<Integer, String>> rows(Locator marks) {
    Map<Integer, TreeMap<Integer, String>> rows = new TreeMap<>();
    String read =
        "marks => marks.map(({dataset, textContent}) =>"
            + " [dataset.row, dataset.column, textContent])";
    for (Object mark : (List<?>) marks.evaluateAll(read)) {
      List<?> parts = (List<?>) mark;
      rows.computeIfAbsent(Integer.valueOf((String) parts.get(0)), key -> new TreeMap<>())
          .put(Integer.valueOf((String) parts.get(1)), (String) parts.get(2));
    }
    return rows;
  }

  /** All rows of figures, top to bottom, each read from left to right. */
  List<String> rows() {
    return figures().values().stream()
        .map(row -> row.values().stream().collect(Collectors.joining()))
        .toList();
  }

  /** The faults that axe finds on the screen, of those that keep somebody out. */
  List<String> barriers() {
    AxeRunOptions violations = new AxeRunOptions();
    violations.setResultTypes(List.of("violations"));
    // There are no frames to look into, so axe need not be loaded into a page of its own.
    return new AxeBuilder(page)
        .options(violations).setLegacyMode(true).analyze().getViolations().stream()
            .filter(found -> List.of("serious", "critical").contains(found.getImpact()))
            .map(found -> found.getId() + " " + found.getNodes().get(0).getHtml())
            .toList();
  }

  /** The address of the page, its text, and the failures on its way. */
  String lastLook() {
    String said = page.locator("body").innerText().replace('\n', ' ');
    return String.join("\n", page.url(), said, heard.toString());
  }

  @Override
  public void close() {
    context.close();
  }
}
