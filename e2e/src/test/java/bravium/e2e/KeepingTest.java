package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import bravium.server.media.Pictures;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/** What a teacher wrote is kept: against other tabs, closed pages, second thoughts and removal. */
@ExtendWith(Browsers.class)
class KeepingTest {

  private final TestServer server = TestServer.shared();
  private final Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
  private final Page page = teacher.page;

  @Test
  void twoTabsInConflictAreMergedQuestionByQuestion() {
    teacher
        .startBlankQuiz("Two tabs")
        .writeQuestion("One?", "yes", "no")
        .nextQuestion()
        .writeQuestion("Two?", "yes", "no")
        .waitUntilSaved();
    Page other = secondTab();
    // The list to jump to has the same words, and stands there before the sheet does.
    other.locator("section[aria-labelledby=sheet]").getByText("One?").first().click();
    other.locator("fieldset textarea").first().fill("One, over there?");
    title(other).fill("From the other tab");
    new Teacher(other).waitUntilSaved();

    page.locator("fieldset textarea").first().fill("Two, over here?");
    title(page).fill("From this tab");
    assertThat(page.getByText("was changed somewhere else, too. You can carry on")).isVisible();
    // What is typed meanwhile goes where it is typed.
    page.locator("fieldset textarea").first().pressSequentially(" Yes!");
    assertThat(page.locator("dialog")).isHidden();
    teacher.button("Look at both").click();
    Locator dialog = page.locator("dialog");
    assertThat(dialog).containsText("Changed somewhere else");
    assertThat(dialog).containsText("changed on both sides");
    AccessibilityTest.check(page, "a conflict");
    dialog.getByText("From the other tab").click();
    teacher.button("Keep these choices").click();

    assertThat(title(page)).hasValue("From the other tab");
    assertThat(teacher.page.getByText("One, over there?").first()).isVisible();
    assertThat(page.locator("fieldset textarea").first()).hasValue("Two, over here? Yes!");
    teacher.waitUntilSaved();
    page.keyboard().press("Control+z");
    assertThat(title(page)).hasValue("From this tab");
  }

  @Test
  void inAConflictMineCanBeKeptAsACopySoThatNeitherIsLost() {
    teacher.startBlankQuiz("Copy of two").writeQuestion("One?", "yes", "no").waitUntilSaved();
    Page other = secondTab();
    title(other).fill("Theirs stays");
    new Teacher(other).waitUntilSaved();

    title(page).fill("Mine stays");
    teacher.button("Look at both").click();
    teacher.button("Keep mine as a copy").click();

    assertThat(title(page)).hasValue("Mine stays (copy)");
    page.navigate("/activities");
    assertThat(page.getByText("Theirs stays")).isVisible();
    assertThat(page.getByText("Mine stays (copy)")).isVisible();
  }

  @Test
  void anEarlierVersionIsLookedAtBroughtBackAndThatIsUndone() {
    teacher.startBlankQuiz("As it was").writeQuestion("Kept?", "yes", "no").waitUntilSaved();
    title(page).fill("As it became");
    teacher.waitUntilSaved();

    teacher.inMenu("More", "Earlier versions");
    Locator dialog = page.locator("dialog");
    dialog.locator("li button").nth(1).click();
    assertThat(dialog.locator("h3")).hasText("As it was");
    teacher.button("Restore this version").click();

    assertThat(title(page)).hasValue("As it was");
    teacher.waitUntilSaved();
    page.keyboard().press("Control+z");
    assertThat(title(page)).hasValue("As it became");
    teacher.waitUntilSaved();
  }

  @Test
  void whatHadNotReachedTheServerIsBackAfterTheTabHasCrashed() {
    teacher.startBlankQuiz("Crash").writeQuestion("Before?", "yes", "no").waitUntilSaved();
    page.evaluate(
        "() => { window.fetch = () => Promise.reject(new Error('the network has gone')); }");
    title(page).fill("Written without a network");
    assertThat(page.getByText("not saved yet; safe on this device, still trying")).isVisible();
    String address = page.url();
    page.navigate("about:blank");

    page.navigate(address);

    assertThat(title(page)).hasValue("Written without a network");
    assertThat(page.getByText("hadn’t reached the server. It is here again.")).isVisible();
    teacher.waitUntilSaved();
    page.reload();
    assertThat(title(page)).hasValue("Written without a network");
  }

  @Test
  void whatWasTypedWithoutANetworkIsBackInAnotherTabAtOnce() {
    teacher.startBlankQuiz("Closed").writeQuestion("Before?", "yes", "no").waitUntilSaved();
    page.evaluate(
        "() => { window.fetch = () => Promise.reject(new Error('the network has gone')); }");
    title(page).fill("Typed on the train");
    assertThat(page.getByText("not saved yet; safe on this device, still trying")).isVisible();
    String address = page.url();
    Page other = page.context().newPage();
    page.close(new Page.CloseOptions().setRunBeforeUnload(false));

    other.navigate(address);

    assertThat(title(other)).hasValue("Typed on the train");
    new Teacher(other).waitUntilSaved();
    other.reload();
    assertThat(title(other)).hasValue("Typed on the train");
  }

  @Test
  void whoIsSignedOutIsToldAndAfterSigningInSavingGoesOnByItself() {
    teacher.startBlankQuiz("Signed out").writeQuestion("Before?", "yes", "no").waitUntilSaved();
    Page other = page.context().newPage();
    other.navigate("/activities");
    new Teacher(other).button("Sign out").click();
    assertThat(new Teacher(other).button("Look around as Ms Alder")).isVisible();

    title(page).fill("Written while signed out");
    Locator told = page.getByText("You are signed out, so nothing can be saved.");
    assertThat(told).isVisible();
    AccessibilityTest.check(page, "signed out while writing");
    Page in = page.waitForPopup(() -> page.getByText("Sign in in a new tab").click());
    new Teacher(in).button("Look around as Ms Alder").click();
    in.waitForURL("**/activities");

    assertThat(told).isHidden(new LocatorAssertions.IsHiddenOptions().setTimeout(15_000));
    teacher.waitUntilSaved();
    page.reload();
    assertThat(title(page)).hasValue("Written while signed out");
  }

  @Test
  void aNumberOutOfRangeBecomesTheNearestAndThatIsSaid() {
    teacher.startBlankQuiz("Ranges").writeQuestion("One?", "yes", "no");
    Locator mark = page.getByLabel("Pass mark in per cent");
    mark.fill("150");
    assertThat(page.getByText("From 0 to 100.")).isVisible();
    mark.press("Tab");

    assertThat(page.getByText("150 is out of range")).containsText("It is 100 now.");
    assertThat(mark).hasValue("100");
    teacher.moreRules();
    page.getByLabel("How many right answers are a run").fill("7");
    page.getByLabel("Pass mark in per cent").fill("60");
    teacher.waitUntilSaved();
    page.reload();
    assertThat(page.getByLabel("How many right answers are a run")).hasValue("7");
  }

  @Test
  void aFileMadeByExportIsTakenInAgain(@TempDir Path folder) {
    teacher.startBlankQuiz("Goes out").writeQuestion("Kept in the file?", "yes", "no");
    teacher.waitUntilSaved();
    page.keyboard().press("Control+k");
    page.keyboard().type("save as");
    Download download = page.waitForDownload(() -> page.keyboard().press("Enter"));
    Path file = folder.resolve(download.suggestedFilename());
    download.saveAs(file);

    page.navigate("/activities");
    page.locator("input[type=file]").setInputFiles(file);

    assertThat(page.getByText("“Goes out” is imported.")).isVisible();
    assertThat(card("Goes out")).hasCount(2);
    card("Goes out").first().getByRole(AriaRole.LINK).click();
    assertThat(page.getByText("Kept in the file?").first()).isVisible();
  }

  @Test
  void aFileThatIsNoneIsRefusedInWords() {
    page.navigate("/activities");
    page.locator("input[type=file]")
        .setInputFiles(
            new com.microsoft.playwright.options.FilePayload(
                "notes.json", "application/json", "{\"bravium\": 1}".getBytes()));

    assertThat(page.getByText("notes.json was not imported."))
        .containsText("$.titlePage: this is missing");
  }

  @Test
  void aTableIsImportedAsAnActivityAndAPictureIsNamed() {
    page.navigate("/activities");
    page.locator("input[type=file]")
        .setInputFiles(
            new com.microsoft.playwright.options.FilePayload(
                "Hive words.csv",
                "text/csv",
                "Question,A,B,Correct\nWho dances?,the queen,a worker,B\n".getBytes()));
    assertThat(page.getByText("“Hive words” is imported.")).isVisible();
    page.locator("input[type=file]")
        .setInputFiles(
            new com.microsoft.playwright.options.FilePayload(
                "hive.csv", "text/csv", Pictures.halves("png", 20, 20)));

    assertThat(page.getByText("hive.csv was not imported."))
        .containsText("This is a picture (png)");
  }

  @Test
  void activitiesAreFoundRenamedDoubledRemovedAndBroughtBack() {
    teacher.startBlankQuiz("Unmistakable").writeQuestion("Found?", "yes", "no").waitUntilSaved();
    page.navigate("/activities");
    page.getByLabel("Search").fill("unmistak");
    assertThat(page.locator("article")).hasCount(1);

    action("Rename");
    page.getByLabel("Title", new Page.GetByLabelOptions().setExact(true)).fill("Unmistakable, too");
    page.keyboard().press("Enter");
    assertThat(card("Unmistakable, too")).isVisible();
    action("Duplicate");
    assertThat(page.locator("article")).hasCount(2);
    action("Remove");
    assertThat(page.locator("article")).hasCount(1);
    teacher.button("Undo").click();
    assertThat(page.locator("article")).hasCount(2);
    page.reload();
    assertThat(page.locator("article")).hasCount(2);
    page.getByLabel("Search").fill("nothing has this name");
    assertThat(page.getByText("Nothing matches your search.")).isVisible();
    teacher.button("Clear search").click();
    assertThat(card("From flower to honey")).isVisible();
  }

  private Page secondTab() {
    Page other = page.context().newPage();
    other.navigate(page.url());
    return other;
  }

  private void action(String name) {
    page.locator("article").first().getByRole(AriaRole.BUTTON).click();
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(name)).click();
  }

  private Locator card(String title) {
    return page.locator("article", new Page.LocatorOptions().setHasText(title));
  }

  private static Locator title(Page page) {
    return page.getByLabel("Title", new Page.GetByLabelOptions().setExact(true));
  }
}
