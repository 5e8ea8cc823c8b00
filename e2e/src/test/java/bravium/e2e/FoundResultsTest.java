package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What came back from classes is found among what came by links, which can be taken out. */
@ExtendWith(Browsers.class)
class FoundResultsTest {

  private final TestServer server = TestServer.shared();
  private final Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
  private final Page page = teacher.page;

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(name)));
  }

  @Test
  void gamesOfAClassAreOnePressAwayAndThoseByALinkAreRemovedAndBroughtBack() {
    page.navigate(server.address() + "/results");
    button("Played in classes").click();
    page.getByLabel("Find an activity").fill("notebook");
    page.getByRole(
            AriaRole.LINK,
            new Page.GetByRoleOptions().setName(Pattern.compile("beekeeper’s notebook")))
        .click();
    button("^Hazel class · ").click();
    Locator lines = page.locator("details summary");
    assertThat(lines.first()).containsText("Hazel class");
    page.getByLabel("Find a learner").fill("Ada");
    assertThat(lines).hasCount(1);
    page.getByLabel("Find a learner").fill("");

    button("^By link · ").click();
    assertThat(page.getByText("Hazel class", new Page.GetByTextOptions().setExact(true)))
        .hasCount(0);
    AccessibilityTest.check(page, "results by link");
    lines.first().click();
    button("Remove this game").click();
    assertThat(page.getByText("The game is removed from the results.")).isVisible();
    assertThat(page.getByText(Pattern.compile("^Games \\("))).isFocused();
    teacher.button("Undo").click();
    button("^Remove all \\d+ games").click();
    assertThat(page.getByText(Pattern.compile("\\d+ games removed"))).isVisible();
    assertThat(button("^By link · ")).hasCount(0);
    teacher.button("Undo").click();
    assertThat(button("^By link · ")).isVisible();
  }

  @Test
  void aMarkIsChangedForAllWhoGaveTheSameAnswerAndTakenBack() {
    page.navigate(server.address() + "/classes");
    link("Hazel class").click();
    link("Three weeks in a cell").click();
    button(", \\d+: not right$").first().click();
    Locator wrong =
        page.locator("dialog li[data-about]")
            .filter(new Locator.FilterOptions().setHasText("not right"))
            .first();
    // What it says changes with its mark: from here on it is known by its question.
    Locator answer =
        page.locator("dialog li[data-about='" + wrong.getAttribute("data-about") + "']");
    named(answer, "Change the mark").click();
    Locator points = answer.locator("[data-points]");
    assertThat(points).isFocused();
    page.keyboard().press("Escape");
    assertThat(named(answer, "Change the mark")).isFocused();
    page.keyboard().press("Enter");
    assertThat(answer.getByText("How the game went stays as it was")).isVisible();
    AccessibilityTest.check(page, "a mark that is changed");
    named(answer, "^all$").click();
    named(answer, "^Save mark").click();
    assertThat(answer.getByText(Pattern.compile(": 10 of 10\\.$"))).isVisible();
    assertThat(answer).containsText("Marked again by the teacher.");
    assertThat(named(answer, "Change the mark")).isFocused();

    named(answer, "Undo").click();
    assertThat(answer).containsText("not right");
    assertThat(answer).not().containsText("Marked again");
    assertThat(named(answer, "Change the mark")).isFocused();
  }

  private Locator link(String name) {
    return page.getByRole(
            AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)))
        .first();
  }

  private static Locator named(Locator place, String name) {
    return place.getByRole(
        AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile(name)));
  }
}
