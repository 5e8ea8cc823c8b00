package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

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

  /**
   * What her device was sent from now on: the addresses of media, and what her play's answers said.
   */
  static final class Overheard {

    final List<String> media = new ArrayList<>();
    private final List<String> said = new ArrayList<>();
    private final Consumer<Response> listens = this::hear;
    private final Page page;

    private Overheard(Page page) {
      this.page = page;
      page.onResponse(listens);
    }

    private void hear(Response response) {
      if (response.url().contains("/media/")) {
        media.add(response.url());
      } else if (response.url().contains("/api/play/")) {
        said.add(response.text());
      }
    }

    /** All that was said so far. */
    String said() {
      return String.join("\n", said);
    }

    /** Hears no more: what a page leaves behind can't be read. */
    void end() {
      page.offResponse(listens);
    }
  }

  Overheard overhear() {
    return new Overheard(page);
  }

  Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  Locator text(String text) {
    return page.locator(".stage").getByText(text).first();
  }
}
