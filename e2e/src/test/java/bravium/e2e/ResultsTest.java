package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What came back from a class: read, marked with the keyboard, and read by the learner. */
@ExtendWith(Browsers.class)
class ResultsTest {

  private final TestServer server = TestServer.shared();

  @Test
  void freeAnswersAreMarkedAndDiscussionsReadByTheClass() {
    Page page = Browsers.desktop(server.address());
    String title = "In their own words";
    Teacher teacher = new Teacher(page).signIn().startBlankQuiz(title);
    Locator text = page.locator("fieldset textarea").first();
    text.fill("Why do bees dance?");
    page.getByLabel("Kind of question").selectOption("free answer");
    page.getByLabel("Model answer").fill("To tell the others the way.");
    page.getByText("Another question").click();
    text.fill("Would you dance for food?");
    page.getByLabel("Kind of question").selectOption("discussion");
    page.getByLabel("Order of the questions").selectOption("in the order written");
    teacher.waitUntilSaved();
    String link = teacher.learnersLink();

    Learner one = write(link, "They show the way", "Yes, every day");
    Learner other = write(link, "For fun", "Silly words");
    assertThat(one.text("Silly words")).isVisible();
    assertThat(other.text("Yes, every day")).isVisible();
    other.button("See how it went").click();
    one.button("See how it went").click();
    assertThat(one.text("Your teacher still has one answer to mark.")).isVisible();

    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Activities"))
        .first()
        .click();
    place(page, "Results").click();
    AccessibilityTest.check(teacher.page, "results");
    place(page, title).click();
    assertThat(page.getByText("Answers to mark (2)")).isVisible();
    AccessibilityTest.check(teacher.page, "results of an activity");
    page.getByLabel("Points for Learner 1").fill("11");
    page.keyboard().press("Enter");
    assertThat(page.getByText("Whole points only, from 0 to 10.")).isVisible();
    page.getByLabel("Points for Learner 1").fill("8");
    page.getByLabel("Comment for Learner 1").fill("Well seen!");
    page.keyboard().press("Enter");
    assertThat(page.getByText("Learner 1: 8 of 10.")).isVisible();
    assertThat(page.getByLabel("Points for Learner 2")).isFocused();
    page.keyboard().type("3");
    page.keyboard().press("Enter");
    assertThat(page.getByText("Answers to mark")).isHidden();

    page.locator("summary", new Page.LocatorOptions().setHasText("Learner 2")).press("Enter");
    AccessibilityTest.check(teacher.page, "a game unfolded");
    assertThat(page.getByText("not passed").first()).isVisible();
    teacher.button("Hide from the class").click();
    assertThat(page.getByText("Hidden: only its writer can see it.")).isVisible();
    teacher.button("Change the mark").click();
    page.getByLabel("Points for Learner 2").fill("9");
    teacher.button("Save mark").click();
    assertThat(page.getByText("9 of 10 points").first()).isVisible();

    one.page.reload();
    assertThat(one.text("You did it!")).isVisible();
    one.button("See the answers").click();
    assertThat(one.text("Well seen!")).isVisible();
    Learner late = write(link, "I do not know", "Maybe");
    assertThat(late.text("Yes, every day")).isVisible();
    assertThat(late.text("Silly words")).isHidden();
  }

  private Learner write(String link, String answer, String contribution) {
    Learner learner = new Learner(Browsers.phone(server.address())).come(link).start();
    answer(learner, answer);
    learner.button("Next").click();
    answer(learner, contribution);
    assertThat(learner.text("Thank you.")).isVisible();
    return learner;
  }

  private static void answer(Learner learner, String text) {
    learner.page.getByLabel("Write what you think").fill(text);
    learner.button("Answer").click();
  }

  private static Locator place(Page page, String name) {
    return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name)).first();
  }
}
