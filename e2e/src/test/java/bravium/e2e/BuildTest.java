package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(Browsers.class)
class BuildTest {

  private final TestServer server = TestServer.shared();
  private final Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
  private final Page page = teacher.page;

  @Test
  void readinessSaysWhatIsWrongAndLeadsToItsPlace() {
    teacher
        .startBlankQuiz("Unready")
        .writeQuestion("What do bees collect?", "nectar", "stones")
        .nextQuestion();
    page.locator("fieldset textarea").first().fill("Who guards the hive?");
    page.keyboard().press("Enter");
    page.keyboard().type("workers");
    page.keyboard().press("Enter");
    page.keyboard().type("drones");

    Locator strip = page.getByLabel("Readiness");
    assertThat(strip).containsText("can’t be won yet");
    teacher.lookAtFindings();
    assertThat(strip).containsText("No option is marked right, so nobody can get it right.");
    assertThat(strip).containsText("Winning takes 16 points, but only 10 can be reached.");

    page.getByText("What do bees collect?").first().click();
    strip.getByText("No option is marked right").click();
    assertThat(page.locator("fieldset textarea").first()).hasValue("Who guards the hive?");
    page.getByLabel("Option A is right").click();
    page.getByLabel("Option B is right").click();
    assertThat(strip).containsText("2 options are marked right");
    page.getByLabel("Option B is right").click();
    assertThat(strip).containsText("nothing to fix");
  }

  @Test
  void pressingAThingInTheLiveGameOpensItsLine() {
    teacher.open("Three weeks in a cell");
    page.getByLabel("Jump to").selectOption(new SelectOption().setIndex(4));

    teacher.question().click();
    Locator open = page.locator("fieldset textarea").first();
    assertThat(open).hasValue("On which day does a worker bee leave her cell?");
    assertThat(open).isFocused();

    page.locator("[data-state=to-do]").first().click();
    assertThat(open).not().hasValue("On which day does a worker bee leave her cell?");
    // A text with gaps has another heading than its line.
    assertThat(teacher.question()).hasAttribute("data-about", open.getAttribute("data-place"));
  }

  @Test
  void theLineBetweenSheetAndGameIsMovedAndRemembered() {
    teacher.open("Three weeks in a cell");
    Locator split = page.getByRole(AriaRole.SEPARATOR);
    split.focus();
    page.keyboard().press("ArrowLeft");
    page.keyboard().press("ArrowLeft");
    assertThat(split).hasAttribute("aria-valuenow", "42");

    var box = split.boundingBox();
    page.mouse().move(box.x + 3, box.y + 200);
    page.mouse().down();
    page.mouse().move(box.x + 150, box.y + 200);
    page.mouse().up();
    String share = split.getAttribute("aria-valuenow");
    Assertions.assertThat(Integer.parseInt(share)).isGreaterThan(48);
    page.reload();

    assertThat(split).hasAttribute("aria-valuenow", share);
  }

  @Test
  void jumpGoesToAQuestionAndTheSizesShowOtherScreens() {
    teacher.open("Three weeks in a cell");

    page.getByLabel("Jump to").selectOption(new SelectOption().setIndex(4));
    assertThat(teacher.question()).hasText("On which day does a worker bee leave her cell?");
    double projector = teacher.stage().boundingBox().width;
    teacher.button("Phone").click();

    Assertions.assertThat(teacher.stage().boundingBox().width).isLessThan(projector * 0.7);
  }

  @Test
  void whatIsTypedAndLeftAtOnceIsKept() {
    teacher.startBlankQuiz("Left at once").writeQuestion("Kept?", "yes", "no");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Activities"))
        .first()
        .click();

    assertThat(
            page.getByRole(
                AriaRole.LINK,
                new Page.GetByRoleOptions()
                    .setName(Pattern.compile("Left at once.*Quiz show · 1 question.*"))))
        .isVisible();
  }
}
