package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Build without a mouse. */
@ExtendWith(Browsers.class)
class KeyboardTest {

  private final TestServer server = TestServer.shared();
  private final Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
  private final Page page = teacher.page;
  private final Keyboard keys = page.keyboard();

  @Test
  void tenQuestionsAreWrittenByKeyboardAloneAndTwentyStepsAreUndone() {
    focusOn(teacher.button("New quiz show"));
    keys.press("Enter");
    assertThat(open()).isFocused();
    focusOn(page.getByLabel("Title", new Page.GetByLabelOptions().setExact(true)));
    keys.type("Ten by hand");
    focusOn(open());
    for (int i = 1; i <= 10; i++) {
      assertThat(open()).isFocused();
      keys.type("Question number " + i + "?");
      keys.press("Enter");
      keys.type("yes " + i);
      keys.press("Control+Enter");
      keys.press("Enter");
      keys.type("no " + i);
      if (i < 10) {
        keys.press("Enter");
        keys.press("Enter");
      }
    }
    assertThat(page.getByText("Sheet · 10 questions")).isVisible();
    assertThat(page.getByLabel("Readiness")).containsText("wins with 80 points — 8 of 10 right");
    List<String> before = lines();

    for (int i = 0; i < 20; i++) {
      keys.press("Control+z");
    }
    Assertions.assertThat(lines().size()).isLessThan(10);
    for (int i = 0; i < 20; i++) {
      keys.press("Control+y");
    }
    Assertions.assertThat(lines()).isEqualTo(before);
    teacher.waitUntilSaved();
  }

  @Test
  void aQuestionIsMovedDoubledSwitchedOffAndFoundByName() {
    teacher
        .startBlankQuiz("Keys")
        .writeQuestion("First?", "yes", "no")
        .nextQuestion()
        .writeQuestion("Second?", "yes", "no");

    focusOn(open());
    keys.press("Alt+ArrowUp");
    Assertions.assertThat(lines()).containsExactly("Second?", "First?");
    assertThat(open()).isFocused();
    keys.press("Control+d");
    Assertions.assertThat(lines()).containsExactly("Second?", "Second?", "First?");
    keys.press("Control+.");
    assertThat(page.getByText("Switched off: kept here, not asked.")).isVisible();
    assertThat(page.getByLabel("Readiness")).containsText("of 2 right");

    keys.press("Control+k");
    keys.type("off or");
    assertThat(page.locator("dialog").getByRole(AriaRole.OPTION)).hasCount(1);
    keys.press("Enter");
    assertThat(page.getByText("Switched off: kept here, not asked.")).isHidden();

    focusOn(page.locator("[data-line]").first());
    keys.press("?");
    assertThat(page.locator("dialog h2")).hasText("Keys of this place");
    assertThat(page.locator("dialog")).containsText("Find an action by its name");
    keys.press("Escape");
    assertThat(page.locator("dialog")).hasCount(0);
  }

  @Test
  void severalLinesAreSelectedAndMeantTogether() {
    teacher.startBlankQuiz("Several");
    teacher.takeIn("First?\tyes\tno\nSecond?\tyes\tno\nThird?\tyes\tno\nFourth?\tyes\tno");
    assertThat(page.getByText("Sheet · 4 questions")).isVisible();

    focusOn(page.locator("[data-line]").first());
    keys.press("Shift+ArrowDown");
    assertThat(page.getByText("2 selected")).isVisible();
    keys.press("Alt+ArrowDown");
    Assertions.assertThat(lines()).containsExactly("Third?", "First?", "Second?", "Fourth?");
    keys.press("Control+.");
    assertThat(page.getByLabel("Readiness")).containsText("of 2 right");
    keys.press("Control+d");
    assertThat(page.getByText("Sheet · 6 questions")).isVisible();
    page.getByLabel("Remove", new Page.GetByLabelOptions().setExact(true)).click();
    assertThat(page.getByText("Sheet · 4 questions")).isVisible();
    keys.press("Control+z");
    assertThat(page.getByText("Sheet · 6 questions")).isVisible();
  }

  @Test
  void aPinnedOptionStaysInItsPlaceInTheLiveGame() {
    teacher.startBlankQuiz("Pins");
    teacher.takeIn("Which?\tone\ttwo\tthree\tfour\tnone of these\nOther?\tyes\tno");
    page.locator("[data-line]").first().click();
    Locator strip = page.getByLabel("Readiness");
    teacher.lookAtFindings();
    strip.getByText("Pin it at the end").click();
    assertThat(strip).containsText("nothing to look at");

    for (int i = 0; i < 4; i++) {
      teacher.button("Again").click();
      page.getByLabel("Jump to").selectOption("1  Which?");
      assertThat(teacher.stage().locator("label").last()).containsText("none of these");
    }
  }

  private Locator open() {
    return page.locator("fieldset textarea").first();
  }

  private static void focusOn(Locator field) {
    field.focus();
  }

  /** The questions' texts in the order of the sheet. */
  @SuppressWarnings("unchecked")
  private List<String> lines() {
    return (List<String>)
        page.evaluate(
            "() => [...document.querySelectorAll('section[aria-labelledby=sheet] li')]"
                + ".filter(li => !li.parentElement.closest('li'))"
                + ".map(li => li.querySelector('textarea')?.value"
                + " ?? li.querySelector('[data-line]')?.children[2]?.textContent)"
                + ".filter(text => text !== undefined && text !== null)");
  }
}
