package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Lists that are pasted where things, names, options and pairs are written. */
@ExtendWith(Browsers.class)
class ListsTest {

  private final TestServer server = TestServer.shared();
  private final Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
  private final Page page = teacher.page;

  private void pasteInto(Locator field, String text) {
    field.evaluate(
        "(field, text) => { field.focus(); const data = new DataTransfer();"
            + " data.setData('text/plain', text);"
            + " field.dispatchEvent(new ClipboardEvent('paste',"
            + " { clipboardData: data, bubbles: true, cancelable: true })); }",
        text);
  }

  private Locator box(String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  @Test
  void thingsOfAHuntAreReadFromAListAndReadOtherwiseByOnePress() {
    teacher.open("On the workbench");
    Locator dialog = page.locator("dialog");
    teacher.button("From a list").click();
    box("The list").fill("Kitchen:\n1. kettle, pot\n2. frying pan (skillet)\n3.");
    assertThat(dialog).containsText("2 read");
    assertThat(dialog).containsText("Kitchen: — a title, left out");
    assertThat(dialog).containsText("3. — nothing to take in");
    AccessibilityTest.check(page, "a list that is read");

    teacher.button("everything between commas by itself").click();
    assertThat(dialog).containsText("4 read");
    teacher.button("one to a line, with its other names").click();
    teacher.button("Take in 2").click();
    assertThat(dialog).isHidden();
    Locator last = page.getByLabel("Name of thing").last();
    assertThat(last).hasValue("frying pan");
    assertThat(last).isFocused();
    assertThat(page.getByLabel("Other names of thing").last()).hasValue("skillet");
    page.keyboard().press("Control+z");
    assertThat(page.getByLabel("Name of thing").last()).not().hasValue("frying pan");
  }

  @Test
  void optionsComeWithTheRightOneAndNoKeyInDoubtIsTaken() {
    teacher.startBlankQuiz("Options from a list");
    pasteInto(page.locator("[data-option]").first(), "a) wax\n*b) honey\nc) water\nAnswer: c");
    Locator dialog = page.locator("dialog");
    assertThat(dialog).containsText("None is marked as right");
    box("The list").fill("a) wax\n*b) honey\nc) water");
    assertThat(dialog).not().containsText("None is marked as right");
    assertThat(dialog).containsText("✓ honey");
    teacher.button("Take in 3").click();

    assertThat(page.getByLabel("Option B", new Page.GetByLabelOptions().setExact(true)))
        .hasValue("honey");
    assertThat(
            page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Option B is right")))
        .hasAttribute("aria-pressed", "true");
  }

  @Test
  void withoutNetworkAListStaysAndIsReadAfterwards() {
    teacher.open("On the workbench");
    teacher.button("From a list").click();
    page.context().setOffline(true);
    box("The list").fill("kettle\npan\nspoon");
    Locator dialog = page.locator("dialog");
    assertThat(dialog).containsText("The list stays here and is read once that is over.");
    page.context().setOffline(false);
    assertThat(dialog).containsText("3 read");
    page.keyboard().press("Escape");
    assertThat(dialog).isHidden();
  }
}
