package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import bravium.server.media.Pictures;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Source: WCAG 2.2, levels A and AA, and axe's best practices, as axe-core checks them. */
@ExtendWith(Browsers.class)
class AccessibilityTest {

  private static final String AXE = axe();

  /** What axe finds wrong, with up to three of the elements that it names. */
  private static final String VIOLATIONS =
      """
      async () => {
        const frame = () => new Promise(done => requestAnimationFrame(() => setTimeout(done)));
        const still = async () => {
          await frame();
          for (const moving of document.getAnimations()) {
            if (Number.isFinite(moving.effect.getComputedTiming().endTime)) moving.finish();
          }
          await frame();
        };
        const found = async (look, options) => {
          const all = { resultTypes: ["violations"], iframes: false, ...options };
          const { violations } = await axe.run(document, all);
          return violations.map(v => [look, v.id, v.help, ...v.nodes.slice(0, 3).map(n => n.html)]);
        };
        // What changes meanwhile, such as a button that is left, changes at once.
        const atOnce = new CSSStyleSheet();
        atOnce.replaceSync("*, ::before, ::after { transition-duration: 0s !important }");
        document.adoptedStyleSheets.push(atOnce);
        await still();
        const wrong = await found("as it stands", {});
        // The two looks differ in their colours alone.
        const { dataset } = document.documentElement;
        const before = dataset.theme;
        dataset.theme = before === "bravium-day" ? "bravium-night" : "bravium-day";
        await still();
        const colours = ["color-contrast", "link-in-text-block"];
        wrong.push(...await found(dataset.theme, { runOnly: { type: "rule", values: colours } }));
        dataset.theme = before;
        document.adoptedStyleSheets.pop();
        return wrong.map(one => one.join(" "));
      }
      """;

  private final TestServer server = TestServer.shared();

  @Test
  void axeFindsNothingOnAnyViewOfTheTeacher() {
    Page page = Browsers.desktop(server.address());
    page.navigate("/sign-in");
    check(page, "sign-in");
    Teacher teacher = new Teacher(page).signIn();
    page.navigate("/activities");
    assertThat(page.locator("article").first()).isVisible();
    check(page, "activities");
    page.locator("article").first().getByRole(AriaRole.BUTTON).click();
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Rename")).click();
    check(page, "activities, rename");
    page.navigate("/activities?search=nothing+has+this+name");
    assertThat(page.getByText("Nothing matches your search")).isVisible();
    check(page, "activities, nothing found");
    page.navigate("/account");
    assertThat(page.getByText("Teachers of this server")).isVisible();
    check(page, "account");

    page.navigate("/media");
    assertThat(page.getByText("Honeybee")).isVisible();
    check(page, "media");
    page.getByText("Honeybee").click();
    check(page, "media, a picture");
    teacher.button("Done").click();

    teacher.startBlankQuiz("Axe");
    check(page, "build, blank");
    page.getByLabel("Readiness").locator("button").click();
    check(page, "build, readiness");

    teacher.open("Look and listen");
    teacher.openQuestion("Six corners");
    page.locator(".rich-text").first().click();
    check(page, "build, words with a formula");
    teacher.openQuestion("The queen makes this sound");
    assertThat(teacher.button("Listen").first()).isVisible();
    check(page, "build, words with a sound");
    teacher.openQuestion("Which of these does a bee visit");
    assertThat(teacher.stage().locator("img")).hasCount(2);
    check(page, "build, options that are pictures");

    teacher.open("Three weeks in a cell");
    teacher.openQuestion("Which shape fills");
    check(page, "build, a question open");
    teacher.button("Answer wrong").click();
    check(page, "build, not this one");
    teacher.button("Finish with a win").click();
    check(page, "build, won");
    page.keyboard().press("Control+k");
    assertThat(page.locator("dialog")).isVisible();
    check(page, "build, command list");
    page.keyboard().press("Escape");
    page.locator("[data-line]").first().focus();
    page.keyboard().press("Shift+ArrowDown");
    check(page, "build, several selected");
    page.keyboard().press("Escape");
    for (String dialog : new String[] {"Link for learners", "Title page and endings"}) {
      teacher.button(dialog).click();
      assertThat(page.locator("dialog")).isVisible();
      check(page, dialog);
      teacher.button("Close").click();
    }
    teacher.inMenu("More", "Earlier versions");
    check(page, "Earlier versions");
    teacher.button("Close").click();

    teacher.toTheFront();
    page.keyboard().press("?");
    check(page, "present, keys");
  }

  @Test
  void axeFindsNothingOnTheWaysToAGame() {
    Page page = Browsers.phone(server.address());
    page.navigate("/play");
    check(page, "code");
    page.navigate("/play/zzzzzz");
    assertThat(page.getByText("No activity and no class has this code")).isVisible();
    check(page, "unknown code");
    page.navigate("/nothing-here");
    check(page, "not found");
  }

  /**
   * Every kind of question, board, title and ending of the demo, as a learner and as the class see
   * it: states that the engine came to, shown one after another on one page.
   */
  @Test
  void axeFindsNothingOnAnyStateOfAnyGame() {
    axeFindsNothingInTheGallery(Browsers.phone(server.address()), "player");
    axeFindsNothingInTheGallery(Browsers.desktop(server.address()), "projector");
  }

  private static void axeFindsNothingInTheGallery(Page page, String audience) {
    page.route("**/gallery/**", AccessibilityTest::serve);
    page.navigate("/gallery/index.html");
    List<?> names = (List<?>) page.evaluate("gallery.names");
    Assertions.assertThat(names).hasSizeGreaterThan(100);
    for (Object name : names) {
      if (name.toString().startsWith(audience)) {
        page.evaluate("name => gallery.show(name)", name);
        check(page, name.toString());
      }
    }
  }

  /** The page of all states is no part of the application: it comes from where it was built. */
  private static void serve(Route route) {
    String path = URI.create(route.request().url()).getPath();
    Path file = Path.of("../web/target").resolve(path.substring(1));
    route.fulfill(
        path.startsWith("/gallery/media/")
            ? new Route.FulfillOptions()
                .setContentType("image/png")
                .setBodyBytes(Pictures.halves("png", 400, 300))
            : new Route.FulfillOptions().setPath(file));
  }

  private static String axe() {
    try (InputStream script = AxeBuilder.class.getResourceAsStream("/axe.min.js")) {
      return new String(script.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Fails if axe finds anything on the page, in either look, once it stands still. */
  static void check(Page page, String view) {
    if (page.evaluate("typeof axe").equals("undefined")) {
      page.evaluate(AXE);
    }
    Assertions.assertThat((List<?>) page.evaluate(VIOLATIONS)).as(view).isEmpty();
  }
}
