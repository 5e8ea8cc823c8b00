package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.assertj.core.api.Assertions;
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
    check(page, look, "present, title");
    page.keyboard().press("Space");
    check(page, look, "present, question");
    page.keyboard().press("a");
    page.keyboard().press("Space");
    check(page, look, "present, feedback");
    page.keyboard().press("?");
    check(page, look, "present, keys");
  }

  @ParameterizedTest
  @EnumSource(Browsers.Look.class)
  void axeFindsNothingOnAnyViewOfALearner(Browsers.Look look) {
    Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
    String link = teacher.open("From flower to honey").learnersLink();
    Page page = Browsers.window(server.address(), 390, 780, look);
    page.navigate("/play");
    check(page, look, "code");
    page.navigate("/play/zzzzzz");
    assertThat(page.getByText("No activity has this code")).isVisible();
    check(page, look, "unknown code");
    page.navigate("/nothing-here");
    check(page, look, "not found");

    Learner learner = new Learner(page).come(link);
    check(page, look, "play, title");
    learner.start().choose("nectar");
    check(page, look, "play, chosen");
    learner.button("Answer").click();
    check(page, look, "play, feedback");
    for (int question = 2; question <= 10; question++) {
      learner.button("Next").click();
      assertThat(learner.button("Answer")).isVisible();
      page.locator("label").first().click();
      learner.button("Answer").click();
    }
    learner.button("See how it went").click();
    assertThat(learner.button("Play again")).isVisible();
    check(page, look, "play, end");
    learner.button("See the answers").click();
    check(page, look, "play, answers");
  }

  /** Fails if axe finds anything on the page as it stands. */
  static void check(Page page, Browsers.Look look, String view) {
    page.waitForTimeout(300);
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
