package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static java.nio.charset.StandardCharsets.UTF_8;

import bravium.server.TestServer;
import bravium.server.media.Pictures;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Base64;
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
    Learner.Overheard heard = learner.overhear();
    learner.come(link);
    learner.button("Start").click();
    piece(learner, "Piece 5 of 9, in the middle: covered").click();
    learner.answer("so that nothing large comes in");
    assertThat(learner.text("+10 points")).isVisible();
    Locator bare = learner.page.locator("[data-lying=lifted] img");
    assertThat(bare).hasCount(1);
    Assertions.assertThat((int) bare.evaluate("img => img.decode().then(() => img.naturalWidth)"))
        .isBetween(500, 560);
    Assertions.assertThat(heard.media).hasSize(1);
    Assertions.assertThat(heard.said()).doesNotContain("dormouse", "a furry tail");
    heard.end();

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
    assertThat(learner.text("You did it!")).isVisible();
    assertThat(learner.text("The answer: a dormouse. 100 points.")).isVisible();
    assertThat(learner.page.locator(".reveal-whole")).isVisible();

    page.navigate(page.url().replace("/activities/", "/results/"));
    page.getByText("Learner 1", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(page.getByText("a hedgehog")).isVisible();
    assertThat(page.getByText("after 1 piece", new Page.GetByTextOptions().setExact(true)))
        .hasCount(2);
    assertThat(page.getByText("The guess at the picture was right: 90 points.")).isVisible();
    assertThat(page.getByText("piece 5 ·")).isVisible();
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

    page.keyboard().press("g");
    assertThat(page.getByLabel("I think it is …")).isFocused();
    for (String text : new String[] {"a frog", "a fox", "a hedgehog"}) {
      page.keyboard().type(text);
      page.keyboard().press("Enter");
    }
    assertThat(page.getByText("Not this time — 0 of 9 pieces lifted")).isVisible();
    assertThat(page.getByText("The answer: a dormouse.")).isVisible();
  }

  /** What a browser does when a file is pasted. */
  private void paste(String name, String type, byte[] content) {
    page.evaluate(
        """
        ([name, type, content]) => {
          const bytes = Uint8Array.from(atob(content), c => c.charCodeAt(0));
          const clipboardData = new DataTransfer();
          clipboardData.items.add(new File([bytes], name, { type }));
          (document.activeElement ?? document.body).dispatchEvent(
            new ClipboardEvent("paste", { clipboardData, bubbles: true, cancelable: true }));
        }""",
        List.of(name, type, Base64.getEncoder().encodeToString(content)));
  }

  @Test
  void theTeachersOwnScreenSaysWhatItIsAndWhatLiesUnderEachPiece() {
    teacher.open(DEMO);
    teacher.present();
    assertThat(page.getByText("What lies under here?")).isVisible();
    page.keyboard().press("?");
    Page notes = page.waitForPopup(() -> page.getByText("Open my own screen").click());
    page.keyboard().press("Escape");
    assertThat(notes.getByRole(AriaRole.HEADING).getByText("The answer: a dormouse.")).isVisible();
    page.keyboard().press("g");
    page.keyboard().type("a frog");
    page.keyboard().press("Enter");
    assertThat(notes.getByText("✕ “a frog” is not it.")).isVisible();
    page.keyboard().press("Escape");
    page.keyboard().press("Space");
    page.keyboard().press("Enter");
    assertThat(notes.getByText("Piece 1 of 9, top left: being asked")).isVisible();
    AccessibilityTest.check(notes, "notes, a picture reveal");
  }

  @Test
  void aRevealIsWrittenCutAndWonByItsPieces() {
    teacher.start("a picture under torn paper", "What is it?");
    page.getByText("Choose the picture that the class is to guess").click();
    paste("notes.txt", "text/plain", "no picture".getBytes(UTF_8));
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("notes.txt");
    paste("roof.png", "image/png", Pictures.halves("png", 60, 40));
    assertThat(page.getByLabel("What it shows, read out once it is uncovered")).isVisible();
    assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
    teacher.button("Another picture").click();
    page.locator("dialog").getByText("Hive").click();
    Locator guess = page.getByLabel("Right guess 1", new Page.GetByLabelOptions().setExact(true));
    // Letter by letter: the part of the sheet that it stands in must not fold after the first.
    guess.pressSequentially("a hive");
    assertThat(guess).hasValue("a hive");
    page.getByLabel("Rows").fill("1");
    page.getByLabel("Columns").fill("2");
    teacher.writeQuestion("Do bees dance?", "yes", "no");
    teacher.nextQuestion();
    teacher.writeQuestion("Do bees sing?", "no", "yes");
    Locator strip = page.getByLabel("Readiness");
    assertThat(strip).containsText("nothing to fix");
    page.getByLabel("What happens without a right guess")
        .selectOption("the pass mark over the questions decides.");
    assertThat(strip).containsText("2 of 2");
    teacher.button("Hard questions on the pieces that give most away").click();
    page.getByLabel("How the picture is cut").selectOption("pieces that show about as much each");
    assertThat(page.getByLabel("Number of pieces")).hasValue("2");
    page.getByLabel(Pattern.compile("^Piece 1, .*")).click();
    page.getByLabel("What is to be seen there").fill("a roof");
    AccessibilityTest.check(page, "build, a picture reveal");

    Locator live = page.getByLabel("Live game");
    teacher.button("Again").click();
    teacher.button("Answer right").click();
    teacher.button("Answer right").click();
    assertThat(live.getByText("a roof")).isAttached();
    teacher.button("Next").click();
    assertThat(live.getByText("No piece is left to lift. What is it?")).isVisible();
    teacher.button("We give up").click();
    assertThat(live.getByText("You did it!")).isVisible();
    teacher.waitUntilSaved();
  }
}
