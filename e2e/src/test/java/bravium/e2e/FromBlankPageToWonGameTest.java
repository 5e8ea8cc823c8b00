package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import com.microsoft.playwright.Locator;
import java.util.Locale;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The whole way once: written, seen beside the page, presented, played, and still there after. */
@ExtendWith(Browsers.class)
class FromBlankPageToWonGameTest {

  @Test
  void aTeacherWritesPresentsAndGivesAQuiz() {
    String server = TestServer.shared().address();
    Teacher teacher = new Teacher(Browsers.desktop(server)).signInByTheButton();
    writeThreeQuestions(teacher);
    theLiveGameFollows(teacher);
    String link = teacher.waitUntilSaved().learnersLink();

    presentToTheWin(teacher);
    Learner learner = new Learner(Browsers.phone(server));
    playToTheLoss(learner, link);

    learner.page.reload();
    assertThat(learner.text("Not this time")).isVisible();
  }

  private static void writeThreeQuestions(Teacher teacher) {
    teacher
        .startBlankQuiz("Wax and wings")
        .writeQuestion("How many wings has a bee?", "4", "2", "6")
        .nextQuestion()
        .writeQuestion("What is a comb made of?", "wax", "paper")
        .nextQuestion()
        .writeQuestion("Who lays the eggs?", "the queen", "a drone");
  }

  private static void theLiveGameFollows(Teacher teacher) {
    assertThat(teacher.question()).hasText("Who lays the eggs?");
    assertThat(teacher.stage().getByText("the queen")).isVisible();
    teacher.page.locator("fieldset textarea").first().fill("Who lays all the eggs?");
    assertThat(teacher.question()).hasText("Who lays all the eggs?");
    assertThat(teacher.page.getByLabel("Readiness")).containsText("can be won");
    assertThat(teacher.page.getByLabel("Readiness"))
        .containsText("wins with 24 points — 3 of 3 right");

    teacher.button("Finish with a win").click();
    assertThat(teacher.stage()).containsText("You did it!");
    teacher.button("Finish with a loss").click();
    assertThat(teacher.stage()).containsText("Not this time — you got 0 of 3");
    teacher.button("Again").click();
    assertThat(teacher.question()).hasText("Wax and wings");
  }

  /** By the keys alone; the letter of the right option is read off the screen. */
  private static void presentToTheWin(Teacher teacher) {
    teacher.button("Present").click();
    assertThat(teacher.question()).hasText("Wax and wings");
    assertThat(teacher.page).hasURL(Pattern.compile(".*/present/.*sitting=.*"));
    teacher.page.keyboard().press("Space");
    for (int i = 0; i < 3; i++) {
      assertThat(teacher.button("Answer")).isVisible();
      String right =
          teacher
              .stage()
              .locator("label")
              .filter(new Locator.FilterOptions().setHasText(Pattern.compile("4|wax|queen")))
              .innerText();
      teacher.page.keyboard().press(right.strip().substring(0, 1).toLowerCase(Locale.ROOT));
      assertThat(teacher.stage().getByText("chosen")).isVisible();
      teacher.page.keyboard().press("ArrowRight");
      assertThat(teacher.stage().getByText("+10 points")).isVisible();
      teacher.page.keyboard().press("Space");
    }
    assertThat(teacher.stage()).containsText("You did it!");
    assertThat(teacher.stage()).containsText("3 of 3 right");
  }

  private static void playToTheLoss(Learner learner, String link) {
    learner.come(link).start();
    for (int i = 0; i < 3; i++) {
      learner
          .page
          .locator("label")
          .filter(new Locator.FilterOptions().setHasText(Pattern.compile(": ?(2|paper|a drone)")))
          .click();
      learner.button("Answer").click();
      assertThat(learner.text("Not this one")).isVisible();
      learner.page.locator("button[type=submit]").click();
    }
    assertThat(learner.text("Not this time — you got 0 of 3")).isVisible();
    assertThat(learner.button("Play again")).isVisible();
  }
}
