package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Every kind of question: written, and answered right, wrong and partly right. */
class KindsTest {

  private final TestServer server = TestServer.shared();

  @ParameterizedTest
  @EnumSource(Browsers.Look.class)
  void aLearnerAnswersEveryKindByTouch(Browsers.Look look) {
    Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
    String link = teacher.open("The beekeeper’s notebook").learnersLink();
    teacher.page.context().close();
    Page page = Browsers.window(server.address(), 390, 780, look);
    Learner learner = new Learner(page).come(link);
    assertThat(learner.text("up to 2 tries each")).isVisible();
    learner.button("Start").click();

    check(page, look, "information");
    learner.button("Go on").click();

    learner.choose("nectar").choose("water").choose("honey");
    check(page, look, "pick all");
    learner.button("Answer").click();
    assertThat(learner.text("Partly right")).isVisible();
    learner.button("Leave it so").click();
    assertThat(learner.text("question 2 of 10")).isVisible();

    page.getByLabel("Your answer").fill("the King");
    learner.button("Answer").click();
    assertThat(learner.text("People thought so long ago")).isVisible();
    learner.button("Try again").click();
    learner.button("Hint (costs 2 points)").click();
    assertThat(learner.text("There is only one in each hive.")).isVisible();
    page.getByLabel("Your answer").fill("a quen bee.");
    check(page, look, "typed text");
    learner.button("Answer").click();
    assertThat(learner.text("+8 points")).isVisible();
    learner.button("Next").click();

    page.getByLabel("Your number").fill("5,0 d");
    learner.button("Answer").click();
    assertThat(learner.text("+15 points")).isVisible();
    learner.button("Next").click();

    put(page, "three", "Gap 1");
    put(page, "larva", "Gap 2");
    put(page, "mud", "Gap 3");
    put(page, "pupa", "Gap 4");
    check(page, look, "gaps");
    learner.button("Answer").click();
    assertThat(learner.text("Partly right")).isVisible();
    learner.button("Try again").click();
    put(page, "three", "Gap 1");
    put(page, "larva", "Gap 2");
    put(page, "wax", "Gap 3");
    put(page, "pupa", "Gap 4");
    learner.button("Answer").click();
    assertThat(learner.text("+10 points")).isVisible();
    learner.button("Next").click();

    Locator first = page.locator("ol.card-field li").first();
    String card = first.locator("span").nth(1).innerText();
    learner.button(card + ": one place down").click();
    assertThat(page.locator("ol.card-field li").nth(1)).containsText(card);
    check(page, look, "order");
    learner.button("Answer").click();
    learner.button("Leave it so").or(learner.button("Next")).click();

    put(page, "made of wax", "beside the comb");
    put(page, "closes cracks", "beside pollen");
    check(page, look, "pairs");
    learner.button("Answer").click();
    assertThat(learner.text("Partly right")).isVisible();
    learner.button("Leave it so").click();

    put(page, "lays eggs", "Drone");
    check(page, look, "groups");
    learner.button("Answer").click();
    assertThat(learner.text("Not this one")).isVisible();
    learner.button("Try again").click();
    put(page, "lays eggs", "Queen");
    learner.button("Answer").click();
    learner.button("Next").click();

    learner.answer("False");
    learner.button("Next").click();
    learner.answer("wave your hand");
    assertThat(learner.text("Waving frightens her")).isVisible();
    learner.button("Leave it so").click();

    page.getByLabel("Write what you think").fill("Lavender, beside the gate");
    check(page, look, "discussion");
    learner.button("Answer").click();
    assertThat(learner.text("Handed in")).isVisible();
    learner.button("See how it went").click();
    learner.button("See the answers").click();
    assertThat(learner.text("Lavender, beside the gate")).isVisible();
    check(page, look, "answers");
    page.context().close();
  }

  @Test
  void theClassPlaysThemAtTheFrontByKeyboard() {
    Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
    Page page = teacher.open("The beekeeper’s notebook").page;
    teacher.button("Present").click();
    assertThat(page).hasURL(Pattern.compile(".*sitting=.*"));
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
    page.context().close();
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
    page.getByLabel("Cards for alive, one on each line").fill("bee\nlarva");
    page.getByLabel("Cards for made, one on each line").fill("comb");
    assertThat(teacher.stage().getByText("comb")).isVisible();

    add(page, "Which are bees?", "pick all that apply");
    lines(page, "Option", "queen", "drone", "wasp");
    page.getByLabel("Option A is right").click();
    page.getByLabel("Option B is right").click();
    page.getByLabel("What a partly right answer brings").selectOption("each right part counts");
    assertThat(page.getByLabel("Readiness")).containsText("1 thing to look at");
    AccessibilityTest.check(page, Browsers.Look.DAY, "all kinds on the sheet");

    teacher.waitUntilSaved();
    page.reload();
    assertThat(page.locator("[data-line]")).hasCount(7);
    assertThat(page.getByText("honey · wax")).isVisible();
    page.context().close();
  }

  @Test
  void theRulesAreSentencesAndTheClockRunsOut() {
    Teacher teacher =
        new Teacher(Browsers.desktop(server.address())).signIn().startBlankQuiz("Quick");
    Page page = teacher.page;
    teacher.writeQuestion("Do bees dance?", "yes", "no");
    teacher.button("More rules").click();
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
    learner.page.context().close();
    page.context().close();
  }

  private static void put(Page page, String card, String place) {
    Locator stage = page.locator(".stage");
    Locator.GetByRoleOptions exactly = new Locator.GetByRoleOptions().setExact(true);
    stage.getByRole(AriaRole.BUTTON, exactly.setName(card)).click();
    String put = "Put " + card + " into " + place;
    stage
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setExact(true).setName(put))
        .click();
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

  private static void check(Page page, Browsers.Look look, String view) {
    AccessibilityTest.check(page, look, view);
  }
}
