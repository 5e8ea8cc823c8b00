package bravium.bench;

import bravium.core.activity.Activity;
import bravium.core.codec.Codec;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.options.BoundingBox;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/** What is measured in Chromium. */
final class InBrowser implements AutoCloseable {

  private static final int KEYS = 40;
  private static final int ROUNDS = 6;
  private static final int MOVEMENT_MILLIS = 300;

  private final Playwright playwright =
      Playwright.create(
          new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
  private final Browser browser;
  private final String address;

  InBrowser(String address) {
    this.address = address;
    this.browser =
        playwright
            .chromium()
            .launch(
                new BrowserType.LaunchOptions()
                    .setExecutablePath(
                        Path.of(
                            System.getenv().getOrDefault("BRAVIUM_CHROMIUM", "/usr/bin/chromium")))
                    .setArgs(List.of("--no-sandbox", "--disable-dev-shm-usage", "--disable-gpu")));
  }

  /** From a key press to the frame in which the live game shows it, in milliseconds, sorted. */
  double[] keyToLiveGame(int questions) {
    Page page = opened("/activities/", Quizzes.of("Typing", questions));
    page.locator("[data-line]").nth(1).click();
    page.locator("fieldset textarea").first().click();
    timeChanges(page, ".stage");
    for (int i = 0; i < KEYS; i++) {
      page.keyboard().press("x");
      page.waitForTimeout(120);
    }
    return timesOf(page);
  }

  /**
   * From a key press to the frame in which the readiness strip says something else, in
   * milliseconds, sorted: the right answer of the last of so many locks is written and taken away
   * again.
   */
  double[] keyToFindings(int locks) {
    Page page = opened("/activities/", Quizzes.escape("Locked", locks));
    page.locator("[data-place='question q" + (locks - 1) + "']").click();
    page.locator("fieldset fieldset [data-row]").first().click();
    timeChanges(page, "[aria-label=Readiness]");
    for (int i = 0; i < KEYS; i++) {
      page.keyboard().press(i % 2 == 0 ? "x" : "Backspace");
      page.waitForTimeout(400);
    }
    return timesOf(page);
  }

  /** A teacher's page of a new activity. */
  private Page opened(String place, Activity activity) {
    String id =
        new Http(address)
            .signIn()
            .post("/api/activities", Codec.ACTIVITY.write(activity))
            .getString("id", "");
    Page page = page();
    page.navigate("/sign-in");
    page.getByText("Look around as Ms Alder").click();
    page.waitForURL("**/activities");
    page.navigate(place + id);
    return page;
  }

  /** From each key press to the frame in which something changes in a part of the page. */
  private static void timeChanges(Page page, String part) {
    page.evaluate(
        "part => { window.times = []; let at;"
            + " addEventListener('keydown', () => { at = performance.now(); }, true);"
            + " new MutationObserver(() => { if (at === undefined) return; const from = at;"
            + " at = undefined; requestAnimationFrame(() =>"
            + " window.times.push(performance.now() - from)); })"
            + ".observe(document.querySelector(part),"
            + " { subtree: true, childList: true, characterData: true }); }",
        part);
  }

  private static double[] timesOf(Page page) {
    @SuppressWarnings("unchecked")
    List<Number> times = (List<Number>) page.evaluate("() => window.times");
    page.context().close();
    double[] sorted = times.stream().mapToDouble(Number::doubleValue).sorted().toArray();
    return sorted.length < KEYS / 2 ? new double[] {Double.NaN} : sorted;
  }

  /**
   * The share of frames that come late, in per cent, while options are struck out at the front and
   * what stays moves to the middle; beside it that of an empty page in the same time.
   */
  double[] lateFrames() {
    Page page = opened("/present/", Quizzes.of("Moving", 10));
    page.waitForURL("**sitting=**");
    page.keyboard().press("Space");
    page.locator(".stage-card").first().waitFor();
    countFrames(page);
    for (int i = 0; i < ROUNDS; i++) {
      for (String key : List.of("x", "x", "x", "Space", "Space")) {
        page.keyboard().press(key);
        page.waitForTimeout(MOVEMENT_MILLIS);
      }
    }
    double moving = late(page);
    page.context().close();
    return new double[] {moving, lateOnAnEmptyPage()};
  }

  /**
   * The same while cards are dragged on a page with a hundred of them; beside it that of an empty
   * page in the same time.
   */
  double[] lateWhileDragging() {
    Page page = opened("/present/", Quizzes.sorting("Dragging", 100));
    page.waitForURL("**sitting=**");
    page.keyboard().press("Space");
    page.locator("[data-card]").first().waitFor();
    countFrames(page);
    for (int i = 0; i < ROUNDS * 5; i++) {
      BoundingBox card = page.locator("[data-card]").nth(i % 5).boundingBox();
      page.mouse().move(card.x + card.width / 2, card.y + card.height / 2);
      page.mouse().down();
      page.mouse().move(200 + i * 3, 300, new Mouse.MoveOptions().setSteps(15));
      page.mouse().up();
    }
    double moving = late(page);
    page.context().close();
    return new double[] {moving, lateOnAnEmptyPage()};
  }

  private double lateOnAnEmptyPage() {
    Page empty = page();
    empty.navigate("about:blank");
    countFrames(empty);
    empty.waitForTimeout(ROUNDS * 5 * MOVEMENT_MILLIS);
    double still = late(empty);
    empty.context().close();
    return still;
  }

  private static void countFrames(Page page) {
    page.evaluate(
        "() => { window.gaps = []; let before; const next = (now) => {"
            + " if (before !== undefined) window.gaps.push(now - before); before = now;"
            + " requestAnimationFrame(next); }; requestAnimationFrame(next); }");
  }

  /** A frame is late where it comes more than half a frame of 60 a second after its time. */
  private static double late(Page page) {
    return ((Number)
            page.evaluate(
                "() => 100 * window.gaps.filter(gap => gap > 1.5 * 1000 / 60).length"
                    + " / window.gaps.length"))
        .doubleValue();
  }

  /** The bytes of script that a learner's page loads first, as they come over the wire. */
  long learnersScript(String code) {
    Page page = page();
    List<Response> scripts = new ArrayList<>();
    page.onResponse(
        response -> {
          if (response.url().contains(".js")) {
            scripts.add(response);
          }
        });
    page.navigate("/play/" + code);
    page.getByText("Start").waitFor();
    long bytes = scripts.stream().mapToLong(r -> r.request().sizes().responseBodySize).sum();
    page.context().close();
    return bytes;
  }

  private Page page() {
    return browser.newContext(new Browser.NewContextOptions().setBaseURL(address)).newPage();
  }

  static double median(double[] sorted) {
    return sorted[sorted.length / 2];
  }

  static double worst(double[] sorted) {
    return Arrays.stream(sorted).max().orElse(Double.NaN);
  }

  @Override
  public void close() {
    playwright.close();
  }
}
