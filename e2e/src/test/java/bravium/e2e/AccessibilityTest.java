package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import bravium.server.media.Pictures;
import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.net.URI;
import java.nio.file.Path;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Source: WCAG 2.2, levels A and AA, and axe's best practices, as axe-core checks them. */
@ExtendWith(Browsers.class)
class AccessibilityTest {

  private final TestServer server = TestServer.shared();

  @ParameterizedTest
  @EnumSource(Browsers.Look.class)
  void axeFindsNothingOnAnyViewOfTheTeacher(Browsers.Look look) {
    Page page = Browsers.window(server.address(), 1280, 800, look);
    page.navigate("/sign-in");
    check(page, look, "sign-in");
    Teacher teacher = new Teacher(page).signIn();
    check(page, look, "activities");
    page.locator("article").first().getByRole(AriaRole.BUTTON).click();
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Rename")).click();
    check(page, look, "activities, rename");
    page.navigate("/activities?search=nothing+has+this+name");
    assertThat(page.getByText("Nothing here fits")).isVisible();
    check(page, look, "activities, nothing found");
    page.navigate("/account");
    assertThat(page.getByText("Teachers of this server")).isVisible();
    check(page, look, "account");

    page.navigate("/media");
    assertThat(page.getByText("Honeybee")).isVisible();
    check(page, look, "media");
    page.getByText("Honeybee").click();
    check(page, look, "media, a picture");
    teacher.button("Done").click();

    teacher.startBlankQuiz("Axe");
    check(page, look, "build, blank");
    page.getByLabel("Readiness").locator("button").click();
    check(page, look, "build, readiness");

    teacher.open("Look and listen");
    page.getByText("Six corners").first().click();
    page.locator(".rich-text").first().click();
    check(page, look, "build, words with a formula");
    page.getByText("The queen makes this sound").first().click();
    assertThat(teacher.button("Listen").first()).isVisible();
    check(page, look, "build, words with a sound");
    page.getByText("Which of these does a bee visit").first().click();
    assertThat(teacher.stage().locator("img")).hasCount(2);
    check(page, look, "build, options that are pictures");

    teacher.open("Three weeks in a cell");
    page.getByText("Which shape fills").first().click();
    check(page, look, "build, a question open");
    teacher.button("Wrong").click();
    check(page, look, "build, not this one");
    teacher.button("To the win").click();
    check(page, look, "build, won");
    page.keyboard().press("Control+k");
    assertThat(page.locator("dialog")).isVisible();
    check(page, look, "build, command list");
    page.keyboard().press("Escape");
    page.locator("[data-line]").first().focus();
    page.keyboard().press("Shift+ArrowDown");
    check(page, look, "build, several selected");
    page.keyboard().press("Escape");
    for (String dialog :
        new String[] {"Link for learners", "Title page and endings", "Earlier versions"}) {
      teacher.button(dialog).click();
      assertThat(page.locator("dialog")).isVisible();
      check(page, look, dialog);
      teacher.button("Close").click();
    }

    teacher.toTheFront();
    page.keyboard().press("?");
    check(page, look, "present, keys");
  }

  @Test
  void axeFindsNothingOnTheWaysToAGame() {
    Page page = Browsers.phone(server.address());
    page.navigate("/play");
    check(page, Browsers.Look.DAY, "code");
    page.navigate("/play/zzzzzz");
    assertThat(page.getByText("No activity has this code")).isVisible();
    check(page, Browsers.Look.DAY, "unknown code");
    page.navigate("/nothing-here");
    check(page, Browsers.Look.DAY, "not found");
  }

  /**
   * Every kind of question, board, title and ending of the demo, as a learner and as the class see
   * it: states that the engine came to, shown one after another on one page.
   */
  @ParameterizedTest
  @EnumSource(Browsers.Look.class)
  void axeFindsNothingOnAnyStateOfAnyGame(Browsers.Look look) {
    for (String audience : List.of("player", "projector")) {
      Page page =
          audience.equals("player")
              ? Browsers.window(server.address(), 390, 780, look)
              : Browsers.window(server.address(), 1280, 800, look);
      page.route("**/gallery/**", AccessibilityTest::serve);
      page.navigate("/gallery/index.html");
      List<?> names = (List<?>) page.evaluate("gallery.names");
      Assertions.assertThat(names).hasSizeGreaterThan(100);
      for (Object name : names) {
        if (name.toString().startsWith(audience)) {
          page.evaluate("name => gallery.show(name)", name);
          checkAsItStands(page, look, name.toString());
        }
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

  /** Fails if axe finds anything on the page as it stands. */
  static void check(Page page, Browsers.Look look, String view) {
    page.waitForTimeout(300);
    checkAsItStands(page, look, view);
  }

  private static void checkAsItStands(Page page, Browsers.Look look, String view) {
    AxeRunOptions onlyWhatIsWrong = new AxeRunOptions();
    onlyWhatIsWrong.setResultTypes(List.of("violations"));
    // There are no frames on our pages, so axe needs no page of its own to gather what it found.
    AxeBuilder axe = new AxeBuilder(page).options(onlyWhatIsWrong).setLegacyMode(true);
    if (look == Browsers.Look.NIGHT) {
      // The two looks differ in their colours alone: the rest has been checked by day.
      axe.withRules(List.of("color-contrast", "link-in-text-block"));
    }
    List<Rule> found = axe.analyze().getViolations();
    Assertions.assertThat(found)
        .as(
            () ->
                view
                    + found.stream()
                        .map(
                            r ->
                                "\n"
                                    + r.getId()
                                    + ": "
                                    + r.getHelp()
                                    + " "
                                    + r.getNodes().stream().map(n -> n.getHtml()).limit(3).toList())
                        .toList())
        .isEmpty();
  }
}
