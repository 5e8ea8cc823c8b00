package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The front of the class without a keyboard, the teacher's own screen, and tablets passed on. */
@ExtendWith(Browsers.class)
class ByTouchTest {

  private final TestServer server = TestServer.shared();
  private final Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
  private final Page page = teacher.page;

  private void twoQuestions(String title) {
    teacher.startBlankQuiz(title);
    teacher.takeIn("Sweet?\thoney\tsalt\nSour?\tlemon\thoney");
    page.getByLabel("Order of the questions").selectOption("in the order written");
    page.getByLabel("Order of the options").selectOption("as written");
  }

  @Test
  void everythingThatHasAKeyHasAButtonThatComesWithThePointerAndGoesAgain() {
    twoQuestions("By touch alone");
    teacher.waitUntilSaved();
    teacher.toTheFront();
    Locator bar = page.getByLabel("What can be done here");
    assertThat(bar).hasCount(0);

    page.mouse().move(300, 300);
    assertThat(bar).isVisible();
    teacher.button("Next").click();
    assertThat(page.getByText("Sweet?")).isVisible();
    double foot = page.locator(".stage-foot").boundingBox().y;
    teacher.button("Strike out").click();
    assertThat(page.locator("[data-struck=true]")).hasCount(1);
    teacher.button("Back").click();
    assertThat(page.locator("[data-struck=true]")).hasCount(0);
    teacher.button("Shutter").click();
    teacher.button("Lift the shutter").click();
    teacher.button("Hands").click();
    assertThat(page.getByLabel("Hands for A")).isFocused();
    page.keyboard().press("Escape");
    teacher.button("Clock").click();
    assertThat(page.locator(".class-timer")).isVisible();
    Assertions.assertThat(page.locator(".class-timer").boundingBox().y)
        .as("it covers no marker")
        .isGreaterThan(700);
    Assertions.assertThat(page.locator(".stage-foot").boundingBox().y).isEqualTo(foot);
    AccessibilityTest.check(page, "present, the bar");
    // It may have gone meanwhile.
    page.mouse().move(320, 320);
    page.mouse().move(330, 320);
    teacher.button("Keys").click();
    page.getByText("light or dark look").click();
    assertThat(page.locator("html")).hasAttribute("data-theme", "bravium-night");
    assertThat(page.locator("dialog")).hasCount(0);
    page.keyboard().press("0");
    page.mouse().move(310, 310);
    page.waitForTimeout(5_400);
    assertThat(bar).isHidden();
  }

  @Test
  void enterAnswersAfterALetterAndTheFocusGoesOn() {
    twoQuestions("Enter answers");
    teacher.waitUntilSaved();
    teacher.present();
    page.keyboard().press("a");
    page.keyboard().press("Enter");
    assertThat(page.getByText("Well done.")).isVisible();
    page.keyboard().press("Enter");
    assertThat(page.locator("h2.stage-question")).isFocused();
    assertThat(page.locator("h2.stage-question")).hasText("Sour?");
    page.keyboard().press("b");
    page.keyboard().press("Enter");
    assertThat(page.getByText("Not this one").first()).isVisible();
  }

  @Test
  void aTrailIsPlayedWithSpaceArrowsAndEnter() {
    teacher.open("A walk through our garden");
    teacher.toTheFront();
    page.keyboard().press("Enter");
    page.keyboard().press("Space");
    assertThat(page.locator(".trail-marker").first()).isFocused();
    page.keyboard().press("ArrowRight");
    assertThat(page.locator(".trail-marker:focus")).hasCount(1);
    page.keyboard().press("Enter");
    assertThat(page.locator(".stage-card").first()).isVisible();
    page.keyboard().press("Backspace");
    assertThat(page.locator(".trail-marker").first()).isVisible();
    page.keyboard().press("Enter");
    assertThat(page.locator(".trail-marker:focus")).hasCount(1);
  }

  @Test
  void sixTeamsHaveTheirWholeNamesAndSheLeadsFromHerOwnScreen() {
    twoQuestions("Six teams");
    page.getByLabel("How many teams play at the front").selectOption("6 teams");
    page.getByText("Sweet?").first().click();
    page.getByText("Worth, time, hints and more").click();
    page.getByLabel("Shown to whoever picks B").fill("Salt is mined, not made by bees.");
    teacher.waitUntilSaved();
    teacher.present();
    assertThat(page.getByText("Sweet?")).isVisible();
    Assertions.assertThat(
            (Boolean)
                page.evaluate(
                    "() => [...document.querySelectorAll('ul[aria-label=Teams] .truncate')]"
                        + ".every(e => e.scrollWidth <= e.clientWidth)"))
        .isTrue();
    page.keyboard().press("x");
    assertThat(page.getByText("Salt is mined")).isVisible();
    Assertions.assertThat(
            (Boolean)
                page.evaluate(
                    "() => { const f = document.querySelector('.stage-frame');"
                        + " return f.scrollHeight <= f.clientHeight; }"))
        .as("all of it fits")
        .isTrue();
    page.keyboard().press("Backspace");

    String own = page.url().replaceFirst("\\?sitting=", "/notes?sitting=");
    Page notes = page.context().newPage();
    notes.navigate(own);
    assertThat(notes.getByText("Salt is mined, not made by bees.")).isVisible();
    button(notes, "Strike out").click();
    assertThat(page.locator("[data-struck=true]")).hasCount(1);
    button(notes, "Back").click();
    assertThat(page.locator("[data-struck=true]")).hasCount(0);
    button(notes, "Hawthorn: 5 points more").click();
    assertThat(notes.getByText("Hawthorn: 5 points")).isVisible();
    assertThat(page.getByText("Hawthorn: 5 points")).isAttached();
    button(notes, "Reveal").click();
    button(notes, "Next").click();
    assertThat(page.getByText("Answer shown, no points")).isVisible();
    AccessibilityTest.check(notes, "her own screen");
    button(notes, "Next").click();
    assertThat(page.getByText("Sour?")).isVisible();
    page.keyboard().press("a");
    page.keyboard().press("Enter");
    page.keyboard().press("Space");
    assertThat(page.getByText(Pattern.compile("won$")).first()).isVisible();
    notes.close();

    page.navigate("/results");
    page.getByText("Six teams").first().click();
    assertThat(page.getByText(Pattern.compile("(Willow|Hawthorn|Rowan) won"))).isVisible();
    assertThat(page.getByText(Pattern.compile("^Hawthorn: \\d+ points$"))).isVisible();
    page.locator("summary").first().click();
    assertThat(page.getByText("✎ Answer shown, no points")).isVisible();
    assertThat(page.getByText("no answer")).hasCount(0);
  }

  private static Locator button(Page on, String name) {
    return on.getByRole(
        com.microsoft.playwright.options.AriaRole.BUTTON,
        new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  @Test
  void aTabletIsPassedOnAndALearnerStartsAgain() {
    twoQuestions("Passed on");
    teacher.moreRules();
    page.getByLabel("When a learner may start again").selectOption("at any time.");
    teacher.waitUntilSaved();
    String link = teacher.learnersLink();
    Learner tablet = new Learner(Browsers.phone(server.address())).come(link);
    assertThat(tablet.page.getByText("You are learner 1.")).isVisible();
    tablet.start().answer("honey");
    button(tablet.page, "Start again").click();
    assertThat(tablet.text("Your teacher keeps what you have done so far.")).isVisible();
    assertThat(button(tablet.page, "Keep playing")).isFocused();
    button(tablet.page, "Start again").click();
    assertThat(button(tablet.page, "Start")).isVisible();
    tablet.page.reload();
    assertThat(button(tablet.page, "Start")).isVisible();
    tablet.start().answer("honey");
    button(tablet.page, "Next").click();
    tablet.answer("lemon");
    button(tablet.page, "See how it went").click();
    assertThat(tablet.text("You did it!")).isVisible();

    tablet.page.navigate(link);
    assertThat(tablet.page.getByText("Is this you? Learner 1")).isVisible();
    AccessibilityTest.check(tablet.page, "is this you");
    button(tablet.page, "No, I’m someone else").click();
    assertThat(tablet.page.getByText("You are learner 2.")).isVisible();
    assertThat(button(tablet.page, "Start")).isVisible();

    page.navigate("/results");
    page.getByText("Passed on").first().click();
    assertThat(page.getByText("Learner 1")).hasCount(2);
  }

  @Test
  void theLinkIsShownLargeAndSwitchedOffAndOn() {
    twoQuestions("A link with a switch");
    teacher.waitUntilSaved();
    String link = teacher.learnersLink();
    teacher.button("Link for learners").click();
    teacher.button("Show it large").click();
    Locator large = page.getByLabel("Show it large").last();
    Assertions.assertThat(large.boundingBox().width).isGreaterThan(1_200);
    Assertions.assertThat(large.locator("p").first().boundingBox().height).isGreaterThan(100);
    page.keyboard().press("Escape");
    assertThat(teacher.button("Show it large")).isFocused();
    page.getByLabel("Switched on").click();
    assertThat(page.getByText("Switched off: nobody new can start.")).isVisible();

    Learner late = new Learner(Browsers.phone(server.address()));
    late.page.navigate(link);
    assertThat(late.page.getByText("Your teacher has switched this game off")).isVisible();
    page.getByLabel("Switched off").click();
    assertThat(page.getByText("Switched on: anyone with the link can start.")).isVisible();
    late.page.reload();
    assertThat(button(late.page, "Start")).isVisible();
  }
}
