package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.nio.file.Files;
import java.nio.file.Path;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Questions that a teacher has elsewhere already: pasted, opened as a file, given away again. */
@ExtendWith(Browsers.class)
class TakeInTest {

  private final TestServer server = TestServer.shared();
  private final Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
  private final Page page = teacher.page;

  @Test
  void aTableOfThirtyRowsIsPastedPutRightAndPlayed() {
    teacher.startBlankQuiz("Thirty rows");
    StringBuilder table = new StringBuilder("question\tright\twrong\thint\tpoints\n");
    for (int i = 1; i <= 30; i++) {
      String points = i == 7 ? "many" : "";
      table.append("Row %d?\tyes %d\tno %d\tLook.\t%s\n".formatted(i, i, i, points));
    }
    teacher.paste(table.toString());

    Locator dialog = page.locator("dialog");
    assertThat(dialog).containsText("29 questions read");
    assertThat(dialog).containsText("line 8: Row 7?");
    AccessibilityTest.check(page, "questions taken in");
    teacher.button("Import 29 questions").click();
    assertThat(dialog).containsText("0 questions read");
    Locator text = page.getByLabel("Text with questions");
    text.fill(text.inputValue().replace("many", "20"));
    teacher.button("Import 1 question").click();
    assertThat(dialog).isHidden();

    assertThat(page.getByText("Sheet · 30 questions")).isVisible();
    page.keyboard().press("Control+z");
    assertThat(page.getByText("Sheet · 29 questions")).isVisible();
    page.keyboard().press("Control+y");
    assertThat(page.getByText("Sheet · 30 questions")).isVisible();
    teacher.waitUntilSaved();
    Learner learner = new Learner(Browsers.phone(server.address()));
    learner.come(teacher.learnersLink()).start();
    learner.choose("yes").button("Answer").click();
    assertThat(learner.text("question 1 of 30")).isVisible();
    assertThat(learner.text("right")).isVisible();
  }

  @Test
  void aListWithBoxesIsOpenedAsAFileAndTheQuestionsAreSavedAsOne() throws Exception {
    teacher.startBlankQuiz("A list");
    teacher.button("From a table or a list").click();
    Path file = Files.createTempFile("questions", ".md");
    Files.writeString(
        file,
        "1. Who lays eggs?\n   - [x] the queen\n   - [ ] a drone\n2. Bees dance.\n   - [x] True\n");
    page.locator("dialog input[type=file]").setInputFiles(file);

    assertThat(page.locator("dialog")).containsText("2 questions read");
    teacher.button("Import 2 questions").click();
    assertThat(page.getByText("Sheet · 2 questions")).isVisible();
    assertThat(page.getByText("✓ the queen").or(page.getByText("the queen")).first()).isVisible();

    teacher.waitUntilSaved();
    Download download =
        page.waitForDownload(() -> command("Save the questions as a list (Markdown)"));
    Assertions.assertThat(Files.readString(download.path()))
        .contains("1. Who lays eggs?", "- [x] the queen");
  }

  @Test
  void aQuizFromAWordProcessorIsReadLineByLineAndALineIsReadOtherwise() {
    teacher.startBlankQuiz("A quiz");
    teacher.paste(
        "The hive\n1. Who lays the eggs?\na) a drone\nb) the queen *\n2. Who dances?\nThink of\n"
            + "the garden.\na) a worker\nb) the queen\nAnswer: A");
    Locator dialog = page.locator("dialog");
    assertThat(dialog).containsText("2 questions read");
    assertThat(dialog).containsText("✓ the queen");
    assertThat(dialog).containsText("line 1: The hive");
    teacher.button("How each line was read").click();
    AccessibilityTest.check(page, "how each line was read");
    page.getByLabel("Line 1 is").selectOption("a question");

    assertThat(dialog).containsText("1 question without a right answer yet");
    page.getByLabel("Read as").selectOption("a question in each line");
    assertThat(dialog).containsText("10 questions without a right answer yet");
    page.getByLabel("Read as").selectOption("a quiz, line by line");
    teacher.button("Import 2 questions").click();
    assertThat(dialog).containsText("0 questions read");
    assertThat(dialog).containsText("line 1: The hive");
    assertThat(page.getByLabel("Text with questions")).hasValue("The hive");
  }

  @Test
  void whatATableCanNotHoldIsSaidBeforeItIsSaved() {
    teacher.open("The beekeeper’s notebook");
    command("Save the questions as a table (CSV)");
    Locator dialog = page.locator("dialog");
    assertThat(dialog).containsText("What a table can’t hold");
    assertThat(dialog)
        .containsText("Pictures with areas and fractions in figures are left out (1 question)");
    AccessibilityTest.check(page, "what a table can't hold");
    Download download = page.waitForDownload(() -> teacher.button("Save it all the same").click());
    Assertions.assertThat(download.suggestedFilename()).endsWith(".csv");
  }

  @Test
  void questionsOfAnotherActivityAreCopiedSetTogetherAndRewordedAtOnce() {
    teacher.startBlankQuiz("Copies");
    command("Copy questions from another activity");
    page.getByLabel("Search").fill("three weeks");
    page.locator("dialog").getByText("Three weeks in a cell").click();
    page.locator("dialog label", new Page.LocatorOptions().setHasText("Which shape fills")).click();
    page.locator("dialog label", new Page.LocatorOptions().setHasText("Put the stages")).click();
    AccessibilityTest.check(page, "copy from another activity");
    teacher.button("Import 2 questions").click();
    assertThat(page.getByText("Sheet · 2 questions")).isVisible();

    command("Select all questions");
    teacher.button("Set for all 2").click();
    page.getByLabel("Worth", new Page.GetByLabelOptions().setExact(true))
        .selectOption("of its own:");
    page.getByLabel("Worth, of its own:").fill("15");
    AccessibilityTest.check(page, "set for all");
    teacher.button("Set it").click();
    assertThat(page.getByLabel("Readiness")).containsText("wins with 24 points");

    command("Find and replace");
    page.getByLabel("Find", new Page.GetByLabelOptions().setExact(true)).fill("comb");
    page.getByLabel("Replace with").fill("honeycomb");
    assertThat(page.getByText("Found in")).isVisible();
    AccessibilityTest.check(page, "find and replace");
    teacher.button("Replace all").click();
    teacher.button("Close").click();
    assertThat(page.getByText("Which shape fills a honeycomb").first()).isVisible();
    page.keyboard().press("Control+z");
    assertThat(page.getByText("Which shape fills a comb").first()).isVisible();
  }

  private void command(String name) {
    page.keyboard().press("Control+k");
    page.keyboard().type(name);
    page.keyboard().press("Enter");
  }
}
