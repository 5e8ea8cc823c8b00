package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import java.util.ArrayList;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Look and name, from a blank page to their win and their loss. */
@ExtendWith(Browsers.class)
class WordHuntTest {

  private final TestServer server = TestServer.shared();
  private final Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
  private final Page page = teacher.page;

  @Test
  void aHuntIsWrittenByKeyboardAndWonOnAPhone() {
    teacher.start("in a picture, a text or a sound", "Tools we know");
    page.getByLabel("Name of thing 1").fill("veil");
    page.keyboard().press("Enter");
    assertThat(page.getByLabel("Name of thing 2")).isFocused();
    page.keyboard().type("smoker");
    page.keyboard().press("Tab");
    page.keyboard().type("bee smoker, puffer");
    assertThat(page.getByLabel("Readiness")).containsText("1 thing to check");
    page.getByLabel("Text or sound").fill("What keeps a beekeeper from being stung?");
    assertThat(page.getByLabel("Readiness")).containsText("nothing to fix");
    AccessibilityTest.check(page, "build, a word hunt");
    teacher.waitUntilSaved();

    List<String> carried = new ArrayList<>();
    Learner learner = new Learner(Browsers.phone(server.address()));
    learner.page.onResponse(response -> keep(response, carried));
    learner.come(teacher.learnersLink());
    learner.button("Start").click();
    Locator entry = learner.page.getByLabel("What do you see?");
    assertThat(entry).isVisible();
    enter(entry, "lamp");
    assertThat(learner.text("“lamp” is not one of them")).isVisible();
    enter(entry, "Smokr");
    assertThat(learner.text("Nearly: check the spelling")).isVisible();
    Assertions.assertThat(String.join("\n", carried)).doesNotContain("smoker", "puffer", "veil");
    enter(entry, "puffer");
    assertThat(learner.text("smoker: found!")).isVisible();
    assertThat(learner.text("5 goes left")).isVisible();
    enter(entry, "the smoker");
    assertThat(learner.text("You have smoker already")).isVisible();
    assertThat(entry).hasValue("");
    assertThat(entry).isFocused();
    learner.page.reload();
    assertThat(learner.text("1 of 2 found")).isVisible();
    enter(entry, "VEIL");
    assertThat(learner.text("You did it!")).isVisible();

    page.navigate(page.url().replace("/activities/", "/results/"));
    page.getByText("Learner 1", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(page.getByText("5 goes")).isVisible();
    assertThat(page.getByText("lamp")).isVisible();
    AccessibilityTest.check(page, "results, a word hunt");
  }

  /** What the learner's browser is told, but for what she wrote herself. */
  private static void keep(Response response, List<String> carried) {
    if (response.url().contains("/api/play/") && !response.url().contains("/media/")) {
      carried.add(response.text());
    }
  }

  private static void enter(Locator entry, String text) {
    entry.fill(text);
    entry.press("Enter");
  }

  @Test
  void aHuntIsLostAtTheFrontByKeyboardAloneAndShowsWhatWasMissed() {
    teacher.open("On the workbench");
    teacher.present();
    Locator entry = page.getByLabel("What do you see?");
    assertThat(entry).isFocused();
    page.keyboard().type("hat");
    page.keyboard().press("Enter");
    assertThat(page.locator(".hunt-name")).hasText("✓ veil");
    page.keyboard().press("Escape");
    page.keyboard().press("ArrowLeft");
    assertThat(page.getByText("0 of 8 found").last()).isVisible();
    page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
    page.setViewportSize(794, 1123);
    Assertions.assertThat(page.locator(".hunt-picture img").boundingBox().height)
        .as("the picture on a sheet of A4, upright")
        .isGreaterThan(200);
    page.setViewportSize(1280, 800);
    page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));
    page.keyboard().press("Space");
    assertThat(entry).isFocused();
    page.keyboard().type("hat");
    page.keyboard().press("Enter");
    for (int i = 1; i < 13; i++) {
      page.keyboard().type("nothing " + i);
      page.keyboard().press("Enter");
    }
    assertThat(page.getByText("Not this time — you found 1 of 8")).isVisible();
    assertThat(page.locator(".hunt-name[data-found=false]")).hasCount(7);
  }

  @Test
  void whoCantSpellPicksFromAListAndALetterIsUncovered() {
    teacher.open("On the workbench");
    Locator live = page.getByLabel("Live game");
    live.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Start")).click();
    live.getByLabel("Show one letter of thing 3, which takes 2 points from it").click();
    assertThat(live.locator(".hunt-slip li").nth(2)).containsText("v");
    teacher.button("Pick from a list").click();
    assertThat(live.locator(".hunt-names button")).hasCount(16);
    teacher.button("kettle").click();
    assertThat(live.getByText("“kettle” is not one of them")).isVisible();
    teacher.button("gloves").click();
    assertThat(live.getByText("1 of 8 found").last()).isVisible();
    teacher.button("Give up").click();
    teacher.button("Keep looking").press("Enter");
    assertThat(teacher.button("Give up")).isFocused();
    teacher.button("Give up").click();
    teacher.button("Give up").click();
    assertThat(page.getByText("Not this time — you found 1 of 8")).isVisible();
  }
}
