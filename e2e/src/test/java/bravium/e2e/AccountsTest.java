package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import bravium.server.accounts.FirstCode;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

@ExtendWith(Browsers.class)
class AccountsTest {

  @Test
  void theFirstTeacherBeginsAddsAnotherAndEachSeesOnlyHerOwn(@TempDir Path folder) {
    try (TestServer server = TestServer.start(folder, "--bravium.demo=false")) {
      Page page = Browsers.desktop(server.address());
      Teacher first = new Teacher(page);
      page.navigate("/");
      assertThat(page.getByText("You are the first")).isVisible();
      AccessibilityTest.check(page, "the first start");
      page.getByLabel("The code that the server printed").fill("nonsense");
      fill(page, "Ms Fern", "six-sided cells");
      first.button("Start").click();
      assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.ALERT))
          .containsText("This is not the code for the first teacher");
      page.getByLabel("The code that the server printed")
          .fill(server.part(FirstCode.class).spaced());
      fill(page, "Ms Fern", "short");
      first.button("Start").click();
      assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.ALERT))
          .containsText("A password has at least 8 characters");
      fill(page, "Ms Fern", "six-sided cells");
      first.button("Start").click();
      assertThat(page.getByText("Your first activity takes three questions")).isVisible();
      first.startBlankQuiz("Hers alone").waitUntilSaved();

      page.navigate("/account");
      Locator teachers = page.getByLabel("Teachers of this server");
      teachers.getByLabel("Name").fill("Mr Reed");
      teachers
          .getByLabel("Password", new Locator.GetByLabelOptions().setExact(true))
          .fill("waggle dance");
      first.button("Add a teacher").click();
      assertThat(page.getByText("Mr Reed can sign in now")).isVisible();
      first.button("Sign out").click();
      assertThat(first.button("Sign in")).isVisible();

      fill(page, "Mr Reed", "not his password");
      first.button("Sign in").click();
      assertThat(page.getByText("This name and this password don't belong together.")).isVisible();
      fill(page, "Mr Reed", "waggle dance");
      first.button("Sign in").click();
      assertThat(page.getByText("Your first activity takes three questions")).isVisible();
      assertThat(page.getByText("Hers alone")).isHidden();

      page.navigate("/account");
      page.getByLabel("The password you have now").fill("waggle dance");
      page.getByLabel("The new password").fill("round dance");
      first.button("Change the password").click();
      assertThat(page.getByText("Your password is changed.")).isVisible();
      first.startBlankQuiz("He leaves this").waitUntilSaved();
      page.navigate("/account");
      first.button("Sign out").click();

      fill(page, "Ms Fern", "six-sided cells");
      first.button("Sign in").click();
      assertThat(page.getByText("Hers alone")).isVisible();
      page.navigate("/account");
      page.getByText("password, handing on or removal").click();
      AccessibilityTest.check(page, "the teachers of a server");
      first.button("Make a copy now").click();
      assertThat(page.getByText("The copy is made.")).isVisible();
      first.button("Show what is typed").first().click();
      page.getByLabel("Your own password").fill("not her own");
      first.button("Hand this server on to Mr Reed").click();
      assertThat(page.getByText("That is not your password.")).isVisible();
      page.getByLabel("If Mr Reed leaves").selectOption("… go to Ms Fern");
      page.getByLabel("and the classes")
          .selectOption("… are archived with you; you can restore them");
      first.button("Remove Mr Reed").click();
      assertThat(page.getByText("password, handing on or removal")).isHidden();
      page.navigate("/activities");
      assertThat(page.getByText("He leaves this")).isVisible();

      page.navigate("/account");
      teachers.getByLabel("Name").fill("Ms Yarrow");
      teachers
          .getByLabel("Password", new Locator.GetByLabelOptions().setExact(true))
          .fill("wax and honey");
      first.button("Add a teacher").click();
      page.getByText("password, handing on or removal").click();
      page.getByLabel("Your own password").fill("six-sided cells");
      page.keyboard().press("Enter");
      assertThat(page.locator(":focus")).hasText("Ms Yarrow looks after this server now.");
      assertThat(page.getByText("Teachers of this server")).isHidden();
    }
  }

  private static void fill(Page page, String name, String password) {
    page.getByLabel("Name").fill(name);
    page.getByLabel("Password").fill(password);
  }
}
