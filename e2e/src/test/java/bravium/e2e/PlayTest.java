package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.nio.file.Path;
import java.util.Locale;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

@ExtendWith(Browsers.class)
class PlayTest {

  private final TestServer server = TestServer.shared();
  private final Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
  private Learner learner;
  private String link;

  @BeforeEach
  void aLinkIsGiven() {
    link = teacher.open("From flower to honey").learnersLink();
    learner = new Learner(Browsers.phone(server.address()));
  }

  @Test
  void anAnswerGetsAnAnswerAndAReloadKeepsThePlace() {
    learner.come(link).start().answer("nectar");

    assertThat(learner.text("Nectar is a sweet juice")).isVisible();
    learner.page.reload();
    assertThat(learner.text("Nectar is a sweet juice")).isVisible();
    assertThat(learner.text("question 1 of 10")).isVisible();
  }

  @Test
  void withoutANetworkTheAnswerIsKeptAndSentWhenItIsBack() {
    learner.come(link).start();
    learner.page.context().setOffline(true);

    learner.answer("nectar");
    assertThat(learner.text("No connection. Your answer is safe here")).isVisible();
    learner.page.context().setOffline(false);

    assertThat(learner.text("Nectar is a sweet juice")).isVisible();
  }

  @Test
  void anAnswerThatCouldNotBeSentOutlivesAReload() {
    learner.come(link).start();
    learner.page.route("**/moves", Route::abort);
    learner.answer("nectar");
    assertThat(learner.text("No connection. Your answer is safe here")).isVisible();
    learner.page.reload();
    assertThat(learner.text("No connection. Your answer is safe here")).isVisible();

    learner.page.unroute("**/moves");

    assertThat(learner.text("Nectar is a sweet juice")).isVisible();
    assertThat(learner.text("question 1 of 10")).isVisible();
  }

  @Test
  void aServerThatIsRestartedInMidGameLosesNothing(@TempDir Path folder) {
    try (TestServer own = TestServer.start(folder)) {
      Teacher there = new Teacher(Browsers.desktop(own.address())).signIn();
      Learner here = new Learner(Browsers.phone(own.address()));
      here.come(there.open("From flower to honey").learnersLink()).start().answer("nectar");
      assertThat(here.text("Nectar is a sweet juice")).isVisible();

      own.restart();

      here.button("Next").click();
      assertThat(here.text("question 2 of 10")).isVisible();
      there.page.navigate("/activities");
      assertThat(there.page.getByText("From flower to honey")).isVisible();
    }
  }

  @Test
  void aLearnerPlaysWithTheKeyboardAlone() {
    learner.come(link);
    learner.button("Start").focus();
    learner.page.keyboard().press("Enter");
    assertThat(learner.button("Answer")).isVisible();
    learner.page.keyboard().press("Tab");
    assertThat(learner.button("Read aloud")).isFocused();
    learner.page.keyboard().press("Tab");
    learner.page.keyboard().press("ArrowDown");
    assertThat(learner.text("chosen")).isVisible();
    learner.page.keyboard().press("Enter");

    assertThat(learner.button("Next")).isVisible();
  }

  @Test
  void theCodeCanBeTypedAndAWrongOneIsSaidInWords() {
    Page page = learner.page;
    page.navigate("/play");
    page.getByLabel("Code", new Page.GetByLabelOptions().setExact(true)).fill("zzz zzz");
    learner.button("Go").click();
    assertThat(page.getByText("No activity and no class has this code.")).isVisible();

    page.getByLabel("Code", new Page.GetByLabelOptions().setExact(true))
        .fill(link.substring("/play/".length()).toUpperCase(Locale.ROOT));
    learner.button("Go").click();

    assertThat(learner.button("Start")).isVisible();
  }

  @Test
  void nothingOnAPhoneIsWiderThanThePhone() {
    learner.come(link).start();
    for (int width : new int[] {390, 320}) {
      learner.page.setViewportSize(width, 700);
      Assertions.assertThat((int) learner.page.evaluate("document.scrollingElement.scrollWidth"))
          .isLessThanOrEqualTo(width);
    }
  }

  @Test
  void presentingCanBeTakenBackAndComesBackAfterAReload() {
    Page page = teacher.page;
    teacher.toTheFront();
    page.keyboard().press("Space");
    page.keyboard().press("a");
    page.keyboard().press("Space");
    assertThat(teacher.button("Next")).isVisible();

    page.keyboard().press("ArrowLeft");
    assertThat(teacher.button("Answer")).isVisible();
    page.keyboard().press("b");
    page.keyboard().press("Space");
    page.keyboard().press("Space");
    assertThat(teacher.stage()).containsText("question 2 of 10");
    page.waitForTimeout(500);
    page.reload();

    assertThat(teacher.stage()).containsText("question 2 of 10");
    page.keyboard().press("?");
    assertThat(page.getByText("Keys while presenting")).isVisible();
    page.keyboard().press("Escape");
    page.keyboard().press("Escape");
    assertThat(page).hasURL(Pattern.compile(".*/present/.*/left"));
  }

  @Test
  void inPresentNothingIsUnderTwentyEightPixelsAndQuestionsAreAtLeastForty() {
    Page page = teacher.page;
    teacher.toTheFront();
    page.keyboard().press("Space");
    assertThat(teacher.button("Answer")).isVisible();
    for (int step = 0; step < 3; step++) {
      Assertions.assertThat(smallestText(page)).isGreaterThanOrEqualTo(28);
      page.keyboard().press("a");
      page.keyboard().press("Space");
    }
    Assertions.assertThat(
            ((Number)
                    page.evaluate(
                        "parseFloat(getComputedStyle(document.querySelector('.stage h2')).fontSize)"))
                .doubleValue())
        .isGreaterThanOrEqualTo(40);
  }

  private static double smallestText(Page page) {
    return ((Number)
            page.evaluate(
                """
                () => Math.min(...[...document.querySelectorAll('.stage *')]
                  .filter(e => [...e.childNodes].some(n => n.nodeType === 3 && n.data.trim()))
                  .filter(e => !e.closest('.sr-only, svg') && e.offsetParent)
                  .map(e => parseFloat(getComputedStyle(e).fontSize)))
                """))
        .doubleValue();
  }
}
