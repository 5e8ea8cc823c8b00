package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.SelectOption;
import java.time.Duration;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Every kind of question: written, and answered right, wrong and partly right. */
@ExtendWith(Browsers.class)
class KindsTest {

  private final TestServer server = TestServer.shared();

  @Test
  void everyKindIsAnsweredByTouchOnAPhone() {
    Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
    teacher.open("The beekeeper’s notebook");
    String link = teacher.learnersLink();
    Page page = Browsers.phone(server.address());
    Learner learner = new Learner(page).come(link);
    Consumer<String> press = name -> learner.button(name).click();
    assertThat(learner.text("up to 2 tries each")).isVisible();
    press.accept("Start");

    press.accept("Go on");

    for (String option : new String[] {"nectar", "water", "honey"}) {
      choose(page, option);
    }
    press.accept("Answer");
    assertThat(learner.text("Partly right")).isVisible();
    press.accept("Leave it");
    assertThat(learner.text("question 2 of 12")).isVisible();

    page.getByLabel("Your answer").fill("the King");
    press.accept("Answer");
    assertThat(learner.text("People thought so long ago")).isVisible();
    press.accept("Try again");
    press.accept("Hint (costs 2 points)");
    assertThat(learner.text("There is only one in each hive.")).isVisible();
    page.getByLabel("Your answer").fill("a quen bee.");
    press.accept("Answer");
    assertThat(learner.text("+8 points")).isVisible();
    press.accept("Next");

    page.getByLabel("Your number").fill("5,0 d");
    press.accept("Answer");
    assertThat(learner.text("+15 points")).isVisible();
    press.accept("Next");

    put(page, "three", "Gap 1");
    put(page, "larva", "Gap 2");
    put(page, "mud", "Gap 3");
    put(page, "pupa", "Gap 4");
    press.accept("Answer");
    assertThat(learner.text("Partly right")).isVisible();
    press.accept("Try again");
    put(page, "three", "Gap 1");
    put(page, "larva", "Gap 2");
    put(page, "wax", "Gap 3");
    put(page, "pupa", "Gap 4");
    press.accept("Answer");
    assertThat(learner.text("+10 points")).isVisible();
    press.accept("Next");

    Locator first = page.locator("ol.card-field li").first();
    String card = first.locator("span").nth(1).innerText();
    press.accept(card + ": one place down");
    assertThat(page.locator("ol.card-field li").nth(1)).containsText(card);
    press.accept("Answer");
    learner.button("Leave it").or(learner.button("Next")).click();

    put(page, "made of wax", "beside the comb");
    put(page, "closes cracks", "beside pollen");
    press.accept("Answer");
    assertThat(learner.text("Partly right")).isVisible();
    press.accept("Leave it");

    put(page, "lays eggs", "Drone");
    press.accept("Answer");
    assertThat(learner.text("Not this one")).isVisible();
    press.accept("Try again");
    put(page, "lays eggs", "Queen");
    press.accept("Answer");
    press.accept("Next");

    point(page, 700, 550);
    press.accept("Answer");
    assertThat(learner.text("In there is her honey stomach")).isVisible();
    press.accept("Try again");
    point(page, 560, 770);
    press.accept("Answer");
    assertThat(learner.text("The baskets are on her back legs.")).isVisible();
    AccessibilityTest.check(page, "the place");
    press.accept("Next");

    choose(page, "False");
    press.accept("Answer");
    press.accept("Next");
    choose(page, "wave your hand");
    press.accept("Answer");
    assertThat(learner.text("Waving frightens her")).isVisible();
    press.accept("Leave it");

    page.getByLabel("Write what you think").fill("For the winter.");
    page.reload();
    assertThat(page.getByLabel("Write what you think")).hasValue("For the winter.");
    press.accept("Answer");
    assertThat(learner.text("Your teacher will mark it.")).isVisible();
    press.accept("Next");

    page.getByLabel("Write what you think").fill("Lavender, beside the gate");
    press.accept("Answer");
    assertThat(learner.text("Handed in")).isVisible();
    AccessibilityTest.check(page, "what the others wrote");
    press.accept("See how it went");
    press.accept("See the answers");
    assertThat(learner.text("Lavender, beside the gate")).isVisible();
    AccessibilityTest.check(page, "answers");
  }

  @Test
  void cardsAreDraggedWithTheMouse() {
    Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
    Page page = teacher.open("The beekeeper’s notebook").page;
    Locator stage = teacher.stage();
    Locator.GetByRoleOptions exactly = new Locator.GetByRoleOptions().setExact(true);

    page.getByLabel("Jump to").selectOption(new SelectOption().setIndex(5));
    drag(
        page,
        stage.getByRole(AriaRole.BUTTON, exactly.setName("three")),
        stage.getByText("…").first());
    drag(
        page,
        stage.getByRole(AriaRole.BUTTON, exactly.setName("wax")),
        stage.getByText("…").nth(1));
    teacher.button("Answer").click();
    assertThat(stage.getByText("Partly right")).isVisible();

    page.getByLabel("Jump to").selectOption(new SelectOption().setIndex(6));
    Locator cards = stage.locator("ol.card-field li");
    String first = cards.first().locator("span").nth(1).innerText();
    drag(page, cards.first(), cards.nth(2));
    assertThat(cards.nth(2)).containsText(first);
  }

  private static void drag(Page page, Locator what, Locator where) {
    BoundingBox from = what.boundingBox();
    page.mouse().move(from.x + from.width / 2, from.y + from.height / 2);
    page.mouse().down();
    page.mouse().move(from.x + from.width / 2 + 12, from.y + from.height / 2 + 12);
    BoundingBox to = where.boundingBox();
    page.mouse()
        .move(to.x + to.width / 2, to.y + to.height / 2, new Mouse.MoveOptions().setSteps(8));
    page.mouse().up();
  }

  private static void choose(Page page, String option) {
    page.locator("label", new Page.LocatorOptions().setHasText(option)).click();
  }

  /** Marks a place, told in thousandths of the picture. */
  private static void point(Page page, int x, int y) {
    Locator picture = page.locator(".stage-picture");
    // Before it is there, it has another size.
    page.waitForFunction("() => document.querySelector('.stage-picture')?.naturalWidth > 0");
    BoundingBox box = picture.boundingBox();
    picture.click(
        new Locator.ClickOptions().setPosition(box.width * x / 1000, box.height * y / 1000));
  }

  @Test
  void theClassPlaysThemAtTheFrontByKeyboard() {
    Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
    Page page = teacher.open("The beekeeper’s notebook").page;
    teacher.toTheFront();
    page.keyboard().press("Space");
    assertThat(teacher.question()).containsText("In spring a hive grows");
    page.keyboard().press("Space");

    page.keyboard().press("h");
    assertThat(teacher.stage()).containsText("There are four of them.");
    page.keyboard().press("a");
    page.keyboard().press("b");
    page.keyboard().press("a");
    assertThat(teacher.stage().getByText("chosen")).hasCount(1);
    page.keyboard().press("Space");
    assertThat(teacher.stage().getByRole(AriaRole.STATUS).last()).isAttached();
    page.keyboard().press("ArrowLeft");
    assertThat(teacher.question()).containsText("Which of these do bees carry home?");
  }

  @Test
  void areasAreDrawnOnAPictureAndPointedAtBesideIt() {
    Teacher teacher =
        new Teacher(Browsers.desktop(server.address())).signIn().startBlankQuiz("Areas");
    Page page = teacher.page;
    Locator text = page.locator("fieldset textarea").first();

    text.fill("Where is the door?");
    kind(page, "point at a place");
    teacher.button("Choose a picture").click();
    page.locator("dialog").getByText("Hive").click();
    assertThat(page.getByLabel("What the picture shows, for those who can’t see it"))
        .hasValue(Pattern.compile("A beehive on its stand.*"));
    teacher.button("Rectangle").click();
    BoundingBox board = page.getByLabel("The picture with its areas").boundingBox();
    page.mouse().move(board.x + board.width * 0.35, board.y + board.height * 0.7);
    page.mouse().down();
    page.mouse().move(board.x + board.width * 0.65, board.y + board.height * 0.8);
    page.mouse().up();
    page.keyboard().type("door");
    teacher.button("Polygon").press("Enter");
    page.keyboard().type("roof");
    Locator corner = teacher.button("Corner 1 of the area");
    double before = corner.boundingBox().y;
    corner.press("ArrowUp");
    corner.press("Shift+ArrowUp");
    Assertions.assertThat(corner.boundingBox().y).isLessThan(before);
    AccessibilityTest.check(page, "areas on a picture");
    BoundingBox picture = teacher.stage().locator(".stage-picture").boundingBox();
    page.mouse().click(picture.x + picture.width / 2, picture.y + picture.height * 0.75);
    teacher.button("Answer").click();
    assertThat(teacher.stage()).containsText("+10 points");

    teacher.waitUntilSaved();
    page.reload();
    assertThat(page.locator("[data-line]")).hasCount(1);
  }

  @Test
  void theRulesAreSentencesAndTheClockRunsOut() {
    Teacher teacher =
        new Teacher(Browsers.desktop(server.address())).signIn().startBlankQuiz("Quick");
    Page page = teacher.page;
    teacher.writeQuestion("Do bees dance?", "yes", "no");
    teacher.moreRules();
    page.getByLabel("What the time is for").selectOption("a clock for each question:");
    page.getByLabel("Time on the clock").fill("2");
    page.getByLabel("How many mistakes are allowed").selectOption("no mistake");
    teacher.button("Fewer rules").click();
    assertThat(page.getByText("before the game is lost.")).isVisible();
    assertThat(teacher.stage().getByText("0:02 left")).isVisible();
    teacher.waitUntilSaved();
    String link = teacher.learnersLink();

    Learner learner = new Learner(Browsers.phone(server.address())).come(link).start();
    assertThat(learner.text("Time ran out before you answered.")).isVisible();
    learner.button("See how it went").click();
    assertThat(learner.text("You used up your mistakes. 0 of 1 right.")).isVisible();
  }

  @Test
  void whatTheNetworkHeldUpIsMadeUpForWhileTheClockRuns() {
    Teacher teacher =
        new Teacher(Browsers.desktop(server.address())).signIn().startBlankQuiz("Held up");
    teacher.writeQuestion("Do bees dance?", "yes", "no");
    teacher.moreRules();
    teacher.page.getByLabel("What the time is for").selectOption("a clock for each question:");
    teacher.page.getByLabel("Time on the clock").fill("10");
    teacher.waitUntilSaved();
    String link = teacher.learnersLink();

    Page phone = Browsers.phoneWithAClock(server.address());
    Learner learner = new Learner(phone).come(link).start();
    phone.context().setOffline(true);
    learner.answer("yes");
    assertThat(learner.text("No connection. Your answer is safe here")).isVisible();
    server.clock().pass(Duration.ofSeconds(12));
    phone.clock().fastForward(12_000);
    phone.context().setOffline(false);

    assertThat(learner.text("+10 points")).isVisible();
  }

  private static void put(Page page, String card, String place) {
    Locator stage = page.locator(".stage");
    Locator.GetByRoleOptions exactly = new Locator.GetByRoleOptions().setExact(true);
    stage.getByRole(AriaRole.BUTTON, exactly.setName(card)).click();
    String put = "Put " + card + " into " + place;
    stage.getByRole(AriaRole.BUTTON, exactly.setName(put)).click();
  }

  private static void kind(Page page, String kind) {
    page.getByLabel("Kind of question").selectOption(kind);
  }
}
