package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
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
    page.navigate("/activities");
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
