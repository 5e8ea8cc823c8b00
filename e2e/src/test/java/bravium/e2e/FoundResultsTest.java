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
}
