package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Source: WCAG 2.2, levels A and AA, and axe's best practices, as axe-core checks them. */
class AccessibilityTest {

  private final TestServer server = TestServer.shared();

  @ParameterizedTest
  @EnumSource(Browsers.Look.class)
  void axeFindsNothingOnAnyViewOfTheTeacher(Browsers.Look look) {
    Page page = Browsers.window(server.address(), 1280, 800, look);
    page.navigate("/sign-in");
    check(page, "sign-in");
    Teacher teacher = new Teacher(page).signIn();
    check(page, "activities");

    teacher.startBlankQuiz("Axe");
    check(page, "build, blank");
    page.getByLabel("Readiness").locator("button").click();
    check(page, "build, readiness");

    teacher.open("Three weeks in a cell");
    page.getByText("Which shape fills").first().click();
    check(page, "build, a question open");
    teacher.button("Wrong").click();
    check(page, "build, not this one");
    teacher.button("To the win").click();
    check(page, "build, won");
    for (String dialog : new String[] {"Link for learners", "Title page and endings"}) {
      teacher.button(dialog).click();
      assertThat(page.locator("dialog")).isVisible();
      check(page, dialog);
      teacher.button("Close").click();
    }

    teacher.button("Present").click();
    assertThat(teacher.button("Start")).isVisible();
    check(page, "present, title");
    page.keyboard().press("Space");
    check(page, "present, question");
    page.keyboard().press("a");
    page.keyboard().press("Space");
    check(page, "present, feedback");
    page.keyboard().press("?");
    check(page, "present, keys");
    page.context().close();
  }

  @ParameterizedTest
  @EnumSource(Browsers.Look.class)
  void axeFindsNothingOnAnyViewOfALearner(Browsers.Look look) {
    Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
    String link = teacher.open("From flower to honey").learnersLink();
    teacher.page.context().close();
    Page page = Browsers.window(server.address(), 390, 780, look);
    page.navigate("/play");
    check(page, "code");
    page.navigate("/play/zzzzzz");
    assertThat(page.getByText("No activity has this code")).isVisible();
    check(page, "unknown code");
    page.navigate("/nothing-here");
    check(page, "not found");

    Learner learner = new Learner(page).come(link);
    check(page, "play, title");
    learner.start().choose("nectar");
    check(page, "play, chosen");
    learner.button("Answer").click();
    check(page, "play, feedback");
    while (!learner.button("Play again").isVisible()) {
      page.locator("button[type=submit]").click();
      page.waitForTimeout(150);
      if (learner.button("Answer").isVisible()) {
        page.locator("label").first().click();
      }
    }
    check(page, "play, end");
    learner.button("See the answers").click();
    check(page, "play, answers");
    page.context().close();
  }

  private static void check(Page page, String view) {
    page.waitForTimeout(300);
    List<Rule> found = new AxeBuilder(page).analyze().getViolations();
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
