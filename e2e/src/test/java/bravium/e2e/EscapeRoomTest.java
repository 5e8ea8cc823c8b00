package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Escape rooms: out by keyboard alone, out on a phone, a loss, and one from a blank page. */
@ExtendWith(Browsers.class)
class EscapeRoomTest {

  private static final String DEMO = "The locked honey house";

  private final TestServer server = TestServer.shared();
  private final Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
  private final Page page = teacher.page;

  /** Goes by Tab to what bears that name, and presses it. */
  private void go(String name) {
    for (int i = 0; i < 40; i++) {
      page.keyboard().press("Tab");
      String here = (String) page.evaluate("document.activeElement?.textContent ?? ''");
      if (here.startsWith(name)) {
        page.keyboard().press("Enter");
        return;
      }
    }
    throw new AssertionError("Tab never comes to " + name);
  }

  private int secondsLeft() {
    String[] clock =
        page.getByRole(AriaRole.TIMER).first().textContent().replaceAll("[^0-9:]", "").split(":");
    return Integer.parseInt(clock[0]) * 60 + Integer.parseInt(clock[1]);
  }

  @Test
  void threeRoomsAreLeftByKeyboardAlone() {
    teacher.open(DEMO);
    teacher.present();
    page.keyboard().press("Space");
    assertThat(teacher.question()).containsText("The workshop");
    AccessibilityTest.check(page, "present, a room of an escape");
    // The bell rings: the clock stands until the game is gone on with.
    int left = secondsLeft();
    page.keyboard().press("Escape");
    page.waitForTimeout(5_000);
    teacher.button("Back to the game").click();
    assertThat(teacher.question()).containsText("The workshop");
    Assertions.assertThat(secondsLeft()).isBetween(left - 3, left);
    go("The first door");
    assertThat(teacher.question()).containsText("What keeps bees calm");
    page.keyboard().press("Escape");
    assertThat(teacher.question()).containsText("The workshop");
    assertThat(page.locator(":focus")).containsText("The first door");
    page.keyboard().press("Enter");
    Locator smoke = page.locator(".stage label").getByText("A little smoke");
    String letter = smoke.locator("xpath=ancestor::label").textContent().strip().substring(0, 1);
    page.keyboard().press(letter);
    page.keyboard().press("Space");
    assertThat(page.getByText("✓ The first door is open.")).isVisible();
    page.keyboard().press("Escape");
    go("The cupboard");
    firstWheel(page).focus();
    page.keyboard().type("162124");
    page.keyboard().press("Space");
    assertThat(page.getByText("You have a key piece: V.")).isVisible();
    page.keyboard().press("Escape");

    go("The extracting room");
    assertThat(teacher.question()).containsText("The extracting room");
    assertThat(page.locator(".escape-cover")).hasText("A cloth");
    go("The drum");
    teacher.button("Open this lock").press("Enter");
    assertThat(teacher.button("Leave it locked")).isFocused();
    teacher.button("Open this lock").press("Enter");
    assertThat(page.getByText("– The drum was opened for you.")).isVisible();
    page.keyboard().press("Escape");
    assertThat(page.locator(".escape-cover")).hasCount(0);
    go("The small box");
    page.locator("#answer-box").focus();
    page.keyboard().type("6");
    page.keyboard().press("Enter");
    assertThat(page.getByText("✓ The small box is open.")).isVisible();
    page.keyboard().press("Escape");

    go("The honey store");
    go("The shelf of jars");
    teacher.button("Open this lock").press("Enter");
    assertThat(teacher.button("Leave it locked")).isFocused();
    teacher.button("Open this lock").press("Enter");
    assertThat(page.getByText("You found something: A folded note.")).isVisible();
    page.keyboard().press("Escape");
    go("The last door");
    for (String letterOf : List.of("H", "I", "V", "E")) {
      go(letterOf);
    }
    teacher.button("Try this order").press("Enter");
    assertThat(page.getByText("You made it")).isVisible();
    assertThat(page.getByText("You found the way out: 40 points.")).isVisible();

    page.navigate(page.url().replaceAll("/present/.*", "/activities"));
  }

  @Test
  void aPhoneGetsNothingThatLiesBehindALockAndFindsTheWayOut() {
    teacher.open(DEMO);
    String link = teacher.learnersLink();
    Learner learner = new Learner(Browsers.phone(server.address()));
    Learner.Overheard heard = learner.overhear();
    learner.come(link);
    learner.button("Start").click();
    spot(learner, "A calendar").click();
    assertThat(learner.text("Day 16: the new queen comes out.")).isVisible();
    AccessibilityTest.check(learner.page, "a thing of an escape, on a phone");
    learner.button("Back to the room").click();
    Assertions.assertThat(heard.media).hasSize(1);
    Assertions.assertThat(heard.said())
        .contains("The cupboard")
        .doesNotContain("162124", "spinning", "honey store", "swarm", "The drum", "cloth");
    spot(learner, "The cupboard").click();
    learner.button("Answer").click();
    assertThat(learner.text("Look for the three days on the wall.")).hasCount(0);
    learner.button("Try again").click();
    wheels(learner, "162124");
    learner.button("Answer").click();
    assertThat(learner.text("You have a key piece: V.")).isVisible();
    learner.button("Back to the room").click();
    spot(learner, "The first door").click();
    learner.answer("A little smoke");
    learner.button("Go to The extracting room").click();
    // The part of the picture that is covered comes blank.
    Locator room = learner.page.locator(".escape-picture > img");
    Assertions.assertThat(blankBehindTheCloth(room)).isTrue();
    Assertions.assertThat(heard.said()).doesNotContain("The small box", "piece of comb");
    heard.end();
    learner.page.reload();

    // The order is written on the sheet of paper.
    enter(learner, "The extracting room");
    spot(learner, "The drum").click();
    putInOrder(
        learner,
        "Cut the caps off the comb",
        "Spin the frame in the drum",
        "Let the honey run through a sieve",
        "Fill it into jars");
    learner.button("Answer").click();
    assertThat(learner.text("A cloth is gone.")).isVisible();
    learner.button("Back to the room").click();
    Assertions.assertThat(blankBehindTheCloth(room)).isFalse();
    spot(learner, "The small box").click();
    learner.page.getByLabel("Your number").fill("6");
    learner.button("Answer").click();
    learner.button("Back to the room").click();
    enter(learner, "The honey store");
    spot(learner, "The shelf of jars").click();
    pair(learner, "pale and runny", "Acacia");
    pair(learner, "white and creamy", "Rape");
    pair(learner, "red-brown, like jelly", "Heather");
    learner.button("Answer").click();
    assertThat(learner.text("You found something: A folded note.")).isVisible();
    learner.button("Back to the room").click();
    spot(learner, "The last door").click();
    for (String letter : List.of("I", "H", "V", "E")) {
      learner.page.locator(".escape-loose button").getByText(letter).click();
    }
    learner.button("Try this order").click();
    assertThat(learner.text("✕ Not in this order.")).isVisible();
    learner.page.locator(".escape-places button").nth(0).click();
    learner.page.locator(".escape-places button").nth(1).click();
    learner.button("Try this order").click();
    assertThat(learner.text("You made it")).isVisible();
    assertThat(learner.text("You found the way out: 60 points.")).isVisible();

    learner.button("Play again").click();
    learner.button("Start").click();
    learner.button("Give up").click();
    learner.button("Give up").click();
    assertThat(learner.text("Not this time — you got through 0 of 6 locks")).isVisible();

    page.navigate(page.url().replace("/activities/", "/results/"));
    page.getByText("Learner 1", new Page.GetByTextOptions().setExact(true)).last().click();
    assertThat(page.getByText("opened after", new Page.GetByTextOptions()).first()).isVisible();
  }

  @Test
  void anEscapeIsWrittenAndItsPlanSaysWhatCanNeverBeReached() {
    teacher.start("as three rooms in a row", "Out of the shed");
    Locator strip = page.getByLabel("Readiness");
    assertThat(strip).containsText("can’t be won yet");
    String[] asked = {"Do bees dance?", "Do bees sing?", "Do bees swim?"};
    for (int lock = 0; lock < asked.length; lock++) {
      if (lock > 0) {
        line(lock == 1 ? "The door" : "The way out").click();
      }
      teacher.writeQuestion(asked[lock], "yes", "no");
    }
    assertThat(strip).containsText("can be won");
    assertThat(strip).containsText("guessing alone always wins");
    assertThat(page.getByText("There is one order to open them in")).isVisible();
    assertThat(page.locator(".plan-node[data-necessary=true]")).hasCount(3);

    // A thing in the last room that helps with the first lock: nobody gets out any more.
    page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Add to Third room"))
        .getByText("A thing")
        .click();
    page.keyboard().type("A drawing");
    page.getByLabel("Add a lock it’s a clue for").selectOption(new SelectOption().setIndex(1));
    assertThat(strip).containsText("can’t be won yet");
    assertThat(page.locator(".plan-hatched").first()).isAttached();
    strip.getByRole(AriaRole.BUTTON).last().click();
    assertThat(strip).containsText("wait on each other");
    strip.getByText("Don’t wait for A drawing").click();
    assertThat(strip).containsText("can be won");
    AccessibilityTest.check(page, "build, an escape room");

    Locator live = page.getByLabel("Live game");
    teacher.button("Again").click();
    teacher.button("Answer right").click();
    assertThat(live.getByText("Second room").first()).isVisible();
    teacher.button("Finish with a loss").click();
    assertThat(live.getByText("Not this time — you got through 1 of 3 locks")).isVisible();
    teacher.button("Finish with a win").click();
    assertThat(live.getByText("You made it")).isVisible();
    teacher.waitUntilSaved();
  }

  /** A closed line of the sheet. */
  private Locator line(String name) {
    return page.locator("button[data-place]")
        .filter(new Locator.FilterOptions().setHasText(name))
        .last();
  }

  private static Locator firstWheel(Page page) {
    return page.getByRole(AriaRole.SPINBUTTON).first();
  }

  private static Locator spot(Learner learner, String name) {
    return learner.page.locator("[data-spot]").filter(new Locator.FilterOptions().setHasText(name));
  }

  private static void enter(Learner learner, String room) {
    learner
        .page
        .getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Where you can go"))
        .getByText(room)
        .click();
  }

  private static void wheels(Learner learner, String signs) {
    firstWheel(learner.page).focus();
    learner.page.keyboard().type(signs);
  }

  private static void pair(Learner learner, String card, String partner) {
    learner.page.locator(".stage button").getByText(card).click();
    learner.page.getByLabel(Pattern.compile("Put " + card + " into .*" + partner + ".*")).click();
  }

  /** One in 24 times they lie in order from the start: that is said, as by a learner. */
  private static void putInOrder(Learner learner, String... cards) {
    assertThat(learner.page.locator(".card-field li")).hasCount(cards.length);
    boolean asItLies = true;
    for (int place = 0; place < cards.length; place++) {
      Locator up = learner.page.getByLabel(cards[place] + ": one place up");
      while (!learner
          .page
          .locator(".card-field li")
          .nth(place)
          .textContent()
          .contains(cards[place])) {
        up.click();
        asItLies = false;
      }
    }
    if (asItLies) {
      learner.button("It’s right as it is").click();
    }
  }

  /** Whether all is of one colour where the cloth hangs. */
  private static boolean blankBehindTheCloth(Locator room) {
    return (boolean)
        room.evaluate(
            """
            async img => {
              await img.decode();
              const canvas = document.createElement("canvas");
              canvas.width = img.naturalWidth;
              canvas.height = img.naturalHeight;
              const pen = canvas.getContext("2d");
              pen.drawImage(img, 0, 0);
              const across = canvas.width / 1000;
              const down = canvas.height / 1000;
              const { data } = pen.getImageData(580 * across, 140 * down, 210 * across, 220 * down);
              for (let i = 4; i < data.length; i++) {
                if (data[i] !== data[i % 4]) return false;
              }
              return true;
            }""");
  }
}
