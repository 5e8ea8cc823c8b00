package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** What a learner does on her own device. */
final class Learner {

  final Page page;

  Learner(Page page) {
    this.page = page;
  }

  Learner come(String link) {
    page.navigate(link);
    assertThat(button("Start")).isVisible();
    return this;
  }

  Learner start() {
    button("Start").click();
    assertThat(button("Answer")).isVisible();
    return this;
  }

  Learner choose(String option) {
    page.locator("label", new Page.LocatorOptions().setHasText(option)).click();
    return this;
  }

  Learner answer(String option) {
    choose(option);
    button("Answer").click();
    return this;
  }

  Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  Locator text(String text) {
    return page.locator(".stage").getByText(text).first();
  }
}
