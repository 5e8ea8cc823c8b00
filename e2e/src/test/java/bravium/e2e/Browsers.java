package bravium.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** One Chromium for the whole test run, a fresh window for each page. */
final class Browsers {

  enum Look {
    DAY,
    NIGHT
  }

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

  private static Browser browser;

  private Browsers() {}

  static Page desktop(String address) {
    return window(address, 1280, 800, Look.DAY);
  }

  static Page phone(String address) {
    return window(address, 390, 780, Look.DAY);
  }

  static Page window(String address, int width, int height, Look look) {
    BrowserContext context =
        browser()
            .newContext(
                new Browser.NewContextOptions().setBaseURL(address).setViewportSize(width, height));
    context.addInitScript(
        "localStorage.setItem('bravium.look', '" + look.name().toLowerCase(Locale.ROOT) + "')");
    context.setDefaultTimeout(PATIENCE);
    context.setDefaultNavigationTimeout(PATIENCE);
    PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
    return context.newPage();
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
