package bravium.e2e;

import bravium.server.TestServer;
import com.google.gson.JsonObject;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/**
 * One Chromium for the whole test run. What a test opened is closed after it; its window is given
 * to a later test, which finds nothing in it but the files that a browser keeps: to fetch them anew
 * is much of what a test would wait for.
 */
final class Browsers implements AfterEachCallback {

  /**
   * A window of its own: cookies, storage and files are shared with no other.
   *
   * @param lasting whether a later test may have it
   */
  private record Window(String address, int width, int height, boolean lasting) {}

  private static final List<String> ARGUMENTS =
      List.of(
          "--no-sandbox",
          "--disable-dev-shm-usage",
          "--disable-gpu",
          "--disable-quic",
          "--no-first-run",
          "--disable-background-networking",
          "--disable-component-update",
          "--use-fake-device-for-media-stream",
          "--use-fake-ui-for-media-stream",
          "--autoplay-policy=no-user-gesture-required",
          "--disable-sync");

  /** No test is about time; a busy machine may take this long, in milliseconds. */
  private static final double PATIENCE =
      Double.parseDouble(System.getProperty("bravium.patience", "60000"));

  private static final Map<Window, Deque<BrowserContext>> FREE = new HashMap<>();
  private static final Map<BrowserContext, Window> OPEN = new LinkedHashMap<>();

  private static Browser browser;

  static Page desktop(String address) {
    return page(new Window(address, 1280, 800, true));
  }

  static Page phone(String address) {
    return page(new Window(address, 390, 780, true));
  }

  /** A phone whose clock can be put on. */
  static Page phoneWithAClock(String address) {
    Page page = page(new Window(address, 390, 780, false));
    page.clock().install();
    return page;
  }

  private static Page page(Window window) {
    BrowserContext context = FREE.getOrDefault(window, new ArrayDeque<>()).poll();
    if (context == null) {
      context = open(window);
    }
    OPEN.put(context, window);
    Page page = context.newPage();
    JsonObject kept = new JsonObject();
    kept.addProperty("origin", window.address());
    kept.addProperty("storageTypes", "local_storage");
    context.newCDPSession(page).send("Storage.clearDataForOrigin", kept);
    return page;
  }

  private static BrowserContext open(Window window) {
    BrowserContext context =
        browser()
            .newContext(
                new Browser.NewContextOptions()
                    .setBaseURL(window.address())
                    .setViewportSize(window.width(), window.height()));
    context.setDefaultTimeout(PATIENCE);
    context.setDefaultNavigationTimeout(PATIENCE);
    PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
    return context;
  }

  /** The server that the page's window is for. */
  static String address(Page page) {
    return OPEN.get(page.context()).address();
  }

  @Override
  public void afterEach(ExtensionContext test) {
    test.getExecutionException()
        .ifPresent(
            failure ->
                OPEN.keySet().stream()
                    .flatMap(context -> context.pages().stream())
                    .forEach(page -> System.err.println(seen(page))));
    String server = TestServer.shared().address();
    OPEN.forEach(
        (context, window) -> {
          if (window.lasting() && window.address().equals(server)) {
            List.copyOf(context.pages()).forEach(Page::close);
            context.setOffline(false);
            context.clearCookies();
            FREE.computeIfAbsent(window, w -> new ArrayDeque<>()).add(context);
          } else {
            context.close();
          }
        });
    OPEN.clear();
    TestServer.shared().clock().reset();
  }

  /** What stood on a page when its test failed: often all that can be known of it later. */
  private static String seen(Page page) {
    try {
      return "--- " + page.url() + "\n" + page.locator("body").ariaSnapshot();
    } catch (PlaywrightException e) {
      return "--- " + page.url() + " can't be read: " + e.getMessage();
    }
  }

  private static synchronized Browser browser() {
    if (browser == null) {
      Playwright playwright =
          Playwright.create(
              new Playwright.CreateOptions()
                  .setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
      String chromium = System.getenv().getOrDefault("BRAVIUM_CHROMIUM", "/usr/bin/chromium");
      browser =
          playwright
              .chromium()
              .launch(
                  new BrowserType.LaunchOptions()
                      .setExecutablePath(Path.of(chromium))
                      .setArgs(ARGUMENTS));
      Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
    }
    return browser;
  }
}
