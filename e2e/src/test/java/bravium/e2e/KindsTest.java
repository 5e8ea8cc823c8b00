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
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Every kind of question: written, and answered right, wrong and partly right. */
@ExtendWith(Browsers.class)
class KindsTest {

  private final TestServer server = TestServer.shared();

  /** How a learner does things: by touch, or with the keyboard alone. */
  private enum Hand {
    TOUCH,
    KEYBOARD;

    void press(Locator thing) {
      if (this == TOUCH) {
        thing.click();
      } else {
        thing.press("Enter");
      }
    }

    void choose(Page page, String option) {
      Locator label = page.locator("label", new Page.LocatorOptions().setHasText(option));
      if (this == TOUCH) {
        label.click();
      } else {
        label.locator("input").press(" ");
      }
    }
  }

  @ParameterizedTest
  @EnumSource(Hand.class)
  void everyKindIsAnsweredByTouchOnAPhoneAndByKeyboardAtTheFront(Hand hand) {
    Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
    teacher.open("The beekeeper’s notebook");
    Page page = teacher.page;
    if (hand == Hand.TOUCH) {
      String link = teacher.learnersLink();
      page = Browsers.phone(server.address());
      new Learner(page).come(link);
    } else {
      teacher.toTheFront();
    }
    Learner learner = new Learner(page);
    Consumer<String> press = name -> hand.press(learner.button(name));
    assertThat(learner.text("up to 2 tries each")).isVisible();
    press.accept("Start");

    press.accept("Go on");

    for (String option : new String[] {"nectar", "water", "honey"}) {
      hand.choose(page, option);
    }
    press.accept("Answer");
    assertThat(learner.text("Partly right")).isVisible();
    press.accept("Leave it so");
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

    put(page, hand, "three", "Gap 1");
    put(page, hand, "larva", "Gap 2");
    put(page, hand, "mud", "Gap 3");
    put(page, hand, "pupa", "Gap 4");
    press.accept("Answer");
    assertThat(learner.text("Partly right")).isVisible();
    press.accept("Try again");
    put(page, hand, "three", "Gap 1");
    put(page, hand, "larva", "Gap 2");
    put(page, hand, "wax", "Gap 3");
    put(page, hand, "pupa", "Gap 4");
    press.accept("Answer");
    assertThat(learner.text("+10 points")).isVisible();
    press.accept("Next");

    Locator first = page.locator("ol.card-field li").first();
    String card = first.locator("span").nth(1).innerText();
    press.accept(card + ": one place down");
    assertThat(page.locator("ol.card-field li").nth(1)).containsText(card);
    press.accept("Answer");
    hand.press(learner.button("Leave it so").or(learner.button("Next")));

    put(page, hand, "made of wax", "beside the comb");
    put(page, hand, "closes cracks", "beside pollen");
    press.accept("Answer");
    assertThat(learner.text("Partly right")).isVisible();
    press.accept("Leave it so");

    put(page, hand, "lays eggs", "Drone");
    press.accept("Answer");
    assertThat(learner.text("Not this one")).isVisible();
    press.accept("Try again");
    put(page, hand, "lays eggs", "Queen");
    press.accept("Answer");
    press.accept("Next");

    point(page, hand, 700, 550);
    press.accept("Answer");
    assertThat(learner.text("In there is her honey stomach")).isVisible();
    press.accept("Try again");
    point(page, hand, 560, 770);
    press.accept("Answer");
    assertThat(learner.text("The baskets are on her back legs.")).isVisible();
    AccessibilityTest.check(page, "the place");
    press.accept("Next");

    hand.choose(page, "False");
    press.accept("Answer");
    press.accept("Next");
    hand.choose(page, "wave your hand");
    press.accept("Answer");
    assertThat(learner.text("Waving frightens her")).isVisible();
    press.accept("Leave it so");

    page.getByLabel("Write what you think").fill("For the winter.");
    if (hand == Hand.TOUCH) {
      page.reload();
      assertThat(page.getByLabel("Write what you think")).hasValue("For the winter.");
    }
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

  /** Marks a place, told in thousandths of the picture. */
  private static void point(Page page, Hand hand, int x, int y) {
    Locator picture = page.locator(".stage-picture");
    // Before it is there, it has another size.
    page.waitForFunction("() => document.querySelector('.stage-picture')?.naturalWidth > 0");
    if (hand == Hand.TOUCH) {
      BoundingBox box = picture.boundingBox();
      picture.click(
          new Locator.ClickOptions().setPosition(box.width * x / 1000, box.height * y / 1000));
      return;
    }
    Locator mark = page.locator("button", new Page.LocatorOptions().setHas(picture));
    for (int i = 0; i < Math.abs(x - 500) / 20; i++) {
      mark.press(x > 500 ? "ArrowRight" : "ArrowLeft");
    }
    for (int i = 0; i < Math.abs(y - 500) / 20; i++) {
      mark.press(y > 500 ? "ArrowDown" : "ArrowUp");
    }
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
  void everyKindIsWrittenOnTheSheetAndShownBesideIt() {
    Teacher teacher =
        new Teacher(Browsers.desktop(server.address())).signIn().startBlankQuiz("All kinds");
    Page page = teacher.page;
    Locator text = page.locator("fieldset textarea").first();

    text.fill("What covers a honey cell?");
    kind(page, "typed answer");
    text.press("Enter");
    page.keyboard().type("wax");
    page.getByLabel("Try an answer").fill("Wax!");
    assertThat(page.getByText("Right: “wax”, but for capitals, spaces or stops.")).isVisible();
    page.getByLabel("Try an answer").fill("wac");
    assertThat(page.getByText("Not right: none of your answers.")).isVisible();
    assertThat(teacher.stage().getByLabel("Your answer")).isVisible();

    add(page, "How much honey is in two jars of half a kilo?", "number");
    page.getByLabel("The right number").fill("1");
    page.getByLabel("Unit", new Page.GetByLabelOptions().setExact(true)).fill("kg");
    page.getByLabel("Try an answer").fill("1,0 g");
    assertThat(page.getByText("the number is right, but with another unit than 1")).isVisible();

    add(page, "Bees make [honey] and [wax].", "gaps in a sentence");
    page.getByLabel("Words that fit nowhere").fill("milk");
    assertThat(teacher.stage().getByText("milk")).isVisible();

    add(page, "From small to large", "put in order");
    lines(page, "Card", "egg", "larva", "bee");
    assertThat(teacher.stage().getByText("larva").first()).isVisible();

    add(page, "What belongs together?", "match pairs");
    page.getByLabel("Pair 1, left").fill("queen");
    page.getByLabel("Pair 1, right").fill("eggs");
    page.getByLabel("Pair 2, left").fill("drone");
    page.getByLabel("Pair 2, right").fill("no sting");
    assertThat(teacher.stage().getByText("no sting")).isVisible();

    add(page, "Alive or made?", "sort into groups");
    lines(page, "Group", "alive", "made");
    page.getByLabel("Card 1 for alive").fill("bee");
    page.getByLabel("Card 2 for alive").fill("larva");
    page.getByLabel("Card 1 for made").fill("comb");
    assertThat(teacher.stage().getByText("comb")).isVisible();

    add(page, "Which are bees?", "pick all that apply");
    lines(page, "Option", "queen", "drone", "wasp");
    page.getByLabel("Option A is right").click();
    page.getByLabel("Option B is right").click();
    page.getByLabel("What a partly right answer brings").selectOption("each right part counts");
    assertThat(page.getByLabel("Readiness")).containsText("1 thing to look at");
    AccessibilityTest.check(page, "all kinds on the sheet");

    add(page, "Where is the door?", "point at a place");
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

    add(page, "What is honey for?", "free answer");
    page.getByLabel("An answer as it could be").fill("For the winter");
    assertThat(teacher.stage().getByLabel("Write what you think")).isVisible();

    teacher.waitUntilSaved();
    page.reload();
    assertThat(page.locator("[data-line]")).hasCount(9);
    assertThat(page.getByText("honey · wax")).isVisible();
    assertThat(page.getByText("you mark it")).isVisible();
  }

  @Test
  void theRulesAreSentencesAndTheClockRunsOut() {
    Teacher teacher =
        new Teacher(Browsers.desktop(server.address())).signIn().startBlankQuiz("Quick");
    Page page = teacher.page;
    teacher.writeQuestion("Do bees dance?", "yes", "no");
    teacher.moreRules();
    page.getByLabel("What the time is for").selectOption("a clock for each question:");
    page.getByLabel("Seconds on the clock").fill("2");
    page.getByLabel("How many mistakes are allowed").selectOption("no mistake");
    teacher.button("Fewer rules").click();
    assertThat(page.getByText("before the game is lost.")).isVisible();
    assertThat(teacher.stage().getByText("0:02 left")).isVisible();
    teacher.waitUntilSaved();
    String link = teacher.learnersLink();

    Learner learner = new Learner(Browsers.phone(server.address())).come(link).start();
    assertThat(learner.text("The time was up before an answer came.")).isVisible();
    learner.button("See how it went").click();
    assertThat(learner.text("No more mistakes left — you got 0 of 1")).isVisible();
  }

  @Test
  void whatTheNetworkHeldUpIsMadeUpForWhileTheClockRuns() {
    Teacher teacher =
        new Teacher(Browsers.desktop(server.address())).signIn().startBlankQuiz("Held up");
    teacher.writeQuestion("Do bees dance?", "yes", "no");
    teacher.moreRules();
    teacher.page.getByLabel("What the time is for").selectOption("a clock for each question:");
    teacher.page.getByLabel("Seconds on the clock").fill("10");
    teacher.waitUntilSaved();
    String link = teacher.learnersLink();

    Page phone = Browsers.phoneWithAClock(server.address());
    Learner learner = new Learner(phone).come(link).start();
    phone.context().setOffline(true);
    learner.answer("yes");
    assertThat(learner.text("No connection. Your answer is kept here")).isVisible();
    server.clock().pass(Duration.ofSeconds(12));
    phone.clock().fastForward(12_000);
    phone.context().setOffline(false);

    assertThat(learner.text("+10 points")).isVisible();
  }

  private static void put(Page page, Hand hand, String card, String place) {
    Locator stage = page.locator(".stage");
    Locator.GetByRoleOptions exactly = new Locator.GetByRoleOptions().setExact(true);
    hand.press(stage.getByRole(AriaRole.BUTTON, exactly.setName(card)));
    String put = "Put " + card + " into " + place;
    hand.press(stage.getByRole(AriaRole.BUTTON, exactly.setName(put)));
  }

  private static void add(Page page, String text, String kind) {
    page.getByText("Another question").click();
    page.locator("fieldset textarea").first().fill(text);
    kind(page, kind);
  }

  private static void kind(Page page, String kind) {
    page.getByLabel("Kind of question").selectOption(kind);
  }

  /** Types lines with Enter between them. */
  private static void lines(Page page, String label, String... texts) {
    boolean letters = label.equals("Option");
    page.getByLabel(label + (letters ? " A" : " 1"), new Page.GetByLabelOptions().setExact(true))
        .focus();
    for (int i = 0; i < texts.length; i++) {
      if (i > 0) {
        page.keyboard().press("Enter");
      }
      page.keyboard().type(texts[i]);
    }
  }
}
