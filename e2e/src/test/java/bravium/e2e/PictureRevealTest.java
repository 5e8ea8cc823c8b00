package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Picture reveals, from a blank page to a win by guess, a win by pieces, and a loss. */
@ExtendWith(Browsers.class)
class PictureRevealTest {

  private static final String DEMO = "What the beekeeper found under the lid";

  private final TestServer server = TestServer.shared();
  private final Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
  private final Page page = teacher.page;

  @Test
  void aPieceIsLiftedByFingerAndARightGuessWinsOnAPhone() {
    teacher.open(DEMO);
    String link = teacher.learnersLink();
    Learner learner = new Learner(Browsers.phone(server.address()));
    List<String> fetched = new ArrayList<>();
    List<String> carried = new ArrayList<>();
    learner.page.onResponse(
        response -> {
          if (response.url().contains("/media/")) {
            fetched.add(response.url());
          } else if (response.url().contains("/api/play/")) {
            carried.add(response.text());
          }
        });
    learner.come(link);
    learner.button("Start").click();
    piece(learner, "Piece 5 of 9, in the middle: covered").click();
    learner.answer("so that nothing large comes in");
    assertThat(learner.text("+10 points")).isVisible();
    Locator bare = learner.page.locator("[data-lying=lifted] img");
    assertThat(bare).hasCount(1);
    Assertions.assertThat((int) bare.evaluate("img => img.decode().then(() => img.naturalWidth)"))
        .isBetween(500, 560);
    Assertions.assertThat(fetched).hasSize(1);
    Assertions.assertThat(String.join("\n", carried)).doesNotContain("dormouse", "a furry tail");

    learner.button("Next").click();
    assertThat(learner.text("1 of 9 lifted")).isVisible();
    learner.page.reload();
    assertThat(piece(learner, "Piece 5 of 9, in the middle: lifted")).hasCount(0);
    Locator guess = learner.page.getByLabel("I think it is …");
    guess.fill("a hedgehog");
    guess.press("Enter");
    assertThat(learner.text("✕ “a hedgehog” is not it.")).isVisible();
    assertThat(learner.text("2 guesses left")).isVisible();
    assertThat(guess).hasValue("");
    guess.fill("a dormous");
    guess.press("Enter");
    assertThat(learner.text("You made it")).isVisible();
    assertThat(learner.text("It is a dormouse. 100 points.")).isVisible();
    assertThat(learner.page.locator(".reveal-whole")).isVisible();

    page.navigate(page.url().replace("/activities/", "/results/"));
    page.getByText("Learner 1", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(page.getByText("a hedgehog")).isVisible();
  }

  private static Locator piece(Learner learner, String name) {
    return learner.page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  @Test
  void itIsLostAtTheFrontByKeyboardAlone() {
    teacher.open(DEMO);
    teacher.present();
    assertThat(page.getByText("What lies under here?")).isVisible();
    page.keyboard().press("Space");
    page.keyboard().press("ArrowRight");
    page.keyboard().press("ArrowDown");
    assertThat(page.locator(":focus"))
        .hasAccessibleName(Pattern.compile("Piece 5 of 9, in the middle.*"));
    page.keyboard().press("Enter");
    assertThat(teacher.question()).containsText("Why is the door of a hive made small");
    page.keyboard().press("Backspace");
    assertThat(page.getByText("What lies under here?")).isVisible();

    Locator guess = page.getByLabel("I think it is …");
    for (int i = 0;
        i < 20 && !guess.evaluate("f => f === document.activeElement").equals(true);
        i++) {
      page.keyboard().press("Tab");
    }
    for (String text : new String[] {"a frog", "a fox", "a hedgehog"}) {
      page.keyboard().type(text);
      page.keyboard().press("Enter");
    }
    assertThat(page.getByText("Not this time — 0 of 9 pieces lifted")).isVisible();
    assertThat(page.getByText("It was a dormouse.")).isVisible();
  }

  @Test
  void aRevealIsWrittenCutAndWonByItsPieces() {
    page.navigate("/activities");
    teacher.button("a picture under torn paper").click();
    page.getByLabel("Title", new Page.GetByLabelOptions().setExact(true)).fill("What is it?");
    teacher.button("Choose a picture").click();
    page.locator("dialog").getByText("Hive").click();
    page.getByLabel("Right guess 1", new Page.GetByLabelOptions().setExact(true)).fill("a hive");
    page.getByLabel("Rows").fill("1");
    page.getByLabel("Columns").fill("2");
    teacher.writeQuestion("Do bees dance?", "yes", "no");
    teacher.nextQuestion();
    teacher.writeQuestion("Do bees sing?", "no", "yes");
    Locator strip = page.getByLabel("Readiness");
    assertThat(strip).containsText("nothing to look at");
    page.getByLabel("What a game without a right guess comes to")
        .selectOption("the pass mark over the questions decides.");
    assertThat(strip).containsText("2 of 2");
    teacher.button("Hard questions under telling pieces").click();
    page.getByLabel("How the picture is cut").selectOption("pieces that show about as much each");
    assertThat(page.getByLabel("Number of pieces")).hasValue("2");
    page.getByLabel(Pattern.compile("^Piece 1, .*")).click();
    page.getByLabel("What is to be seen there").fill("a roof");
    AccessibilityTest.check(page, "build, a picture reveal");

    Locator live = page.getByLabel("Live game");
    teacher.button("Again").click();
    teacher.button("Right").click();
    teacher.button("Right").click();
    assertThat(live.getByText("a roof")).isAttached();
    teacher.button("Next").click();
    assertThat(live.getByText("No piece is left to lift. What is it?")).isVisible();
    teacher.button("We don’t know").click();
    assertThat(live.getByText("You made it")).isVisible();
    teacher.waitUntilSaved();
  }
}
