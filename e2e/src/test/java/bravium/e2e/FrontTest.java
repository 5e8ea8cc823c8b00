package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.core.measure.AdvanceWidths;
import bravium.server.TestServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The front of the class: teams, a question taken apart, and the keys for everything. */
@ExtendWith(Browsers.class)
class FrontTest {

  private final TestServer server = TestServer.shared();
  private final Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
  private final Page page = teacher.page;

  @Test
  void fourOptionsAreStruckOutOneByOneWithOneStepUndone() {
    teacher.open("Hazel class in teams");
    teacher.openQuestion("Why does the beekeeper blow smoke");
    command("Show this question alone at the front");
    assertThat(page).hasURL(Pattern.compile(".*only=t2.*sitting=.*|.*sitting=.*only=t2.*"));
    page.keyboard().press("Space");
    assertThat(page.locator(".stage-card")).hasCount(4);

    page.keyboard().press("x");
    assertThat(struck()).hasCount(1);
    assertThat(page.getByText("Mites don’t mind smoke.")).isVisible();
    page.keyboard().press("x");
    assertThat(struck()).hasCount(2);
    page.keyboard().press("ArrowLeft");
    assertThat(struck()).hasCount(1);
    page.keyboard().press("x");
    AccessibilityTest.check(page, "present, struck out");
    page.keyboard().press("x");

    Locator stays = page.locator("[data-stays=true]");
    assertThat(stays).containsText("The bees stay calm and fill up with honey");
    // It grows where it stands, and they draw together.
    assertThat(struck()).hasCount(3);
    Assertions.assertThat(stays.boundingBox().height)
        .isGreaterThan(1.3 * struck().first().boundingBox().height);
    page.keyboard().press("Space");
    assertThat(page.getByText("Answer shown, no points")).isVisible();
    page.keyboard().press("Space");
    assertThat(page.getByText("That was the question")).isVisible();
  }

  @Test
  void aGameThatWasLeftIsGoneOnWithHereAndFromResultsAlsoWithoutANetworkAtTheEnd() {
    teacher.startBlankQuiz("Left in the middle");
    teacher.writeQuestion("One?", "yes", "no").nextQuestion().writeQuestion("Two?", "yes", "no");
    teacher.waitUntilSaved();
    String build = page.url();
    teacher.present();
    page.keyboard().press("o");
    assertThat(page.getByText("Options come one by one")).isVisible();
    page.keyboard().press("o");
    page.locator(".stage-card", new Page.LocatorOptions().setHasText("yes")).click();
    page.keyboard().press("Enter");
    assertThat(page.getByText("question 1 of 2").first()).isVisible();
    String sitting = page.url().replaceAll(".*sitting=(\\w+).*", "$1");
    page.route("**/api/sittings/**", route -> route.abort());
    page.keyboard().press("Space");
    assertThat(page.getByText("question 2 of 2").first()).isVisible();
    page.keyboard().press("Escape");
    assertThat(page.getByText("You have left the game")).isVisible();
    assertThat(page.getByText("Two?")).isHidden();
    AccessibilityTest.check(page, "present, left");
    page.unroute("**/api/sittings/**");

    page.getByText("Open the sheet").click();
    assertThat(page).hasURL(build);
    teacher.button("Present").click();
    assertThat(page.getByText("This game is not finished")).isVisible();
    AccessibilityTest.check(page, "a game that was left");
    teacher.button("Continue it").click();
    assertThat(page).hasURL(Pattern.compile(".*sitting=" + sitting + ".*"));
    assertThat(page.getByText("question 2 of 2").first()).isVisible();
    page.keyboard().press("Escape");

    page.navigate(build.replace("/activities/", "/results/"));
    page.getByText("At the front of the class").click();
    page.getByText("Continue it at the front").click();
    assertThat(page.getByText("question 2 of 2").first()).isVisible();
    page.locator(".stage-card", new Page.LocatorOptions().setHasText("yes")).click();
    page.keyboard().press("Enter");
    page.keyboard().press("Space");
    assertThat(page.getByText("You did it!")).isVisible();
    page.keyboard().press("Escape");
    page.getByText("Open the sheet").click();
    teacher.button("Present").click();
    assertThat(page).hasURL(Pattern.compile(".*sitting=.*"));
    assertThat(page.getByText("This game is not finished")).isHidden();
  }

  @Test
  void onAPhoneTheSameIsPressedOneByOneAndHandsAreCounted() {
    teacher.open("Hazel class in teams");
    String id = page.url().replaceAll(".*/", "");
    Page phone = page;
    phone.setViewportSize(390, 780);
    phone.navigate("/present/" + id + "?only=t3");
    assertThat(phone).hasURL(Pattern.compile(".*sitting=.*"));
    phone.keyboard().press("o");
    phone.keyboard().press("Space");
    assertThat(phone.locator(".stage-card").first()).isHidden();
    phone.keyboard().press("Space");
    assertThat(phone.locator(".stage-card").first()).isVisible();
    assertThat(phone.locator(".stage-card").nth(1)).isHidden();
    for (int i = 0; i < 3; i++) {
      phone.keyboard().press("Space");
    }
    assertThat(phone.locator(".stage-card").nth(3)).isVisible();
    phone.keyboard().press("o");

    phone.keyboard().press("v");
    phone.getByLabel("Hands for A").fill("12");
    phone.getByLabel("Hands for B").fill("1");
    AccessibilityTest.check(phone, "counting hands");
    teacher.button("Show them").click();
    assertThat(phone.getByText("12 hands")).isVisible();
    assertThat(phone.getByText("1 hand", new Page.GetByTextOptions().setExact(true))).isVisible();
    phone.keyboard().press("r");
    assertThat(phone.locator("[data-stays=true]")).hasCount(1);
    phone.keyboard().press("0");
    AccessibilityTest.check(phone, "what stays, on a phone");
  }

  @Test
  void aTeamTakesOverWhatAnotherMissedAndATieStaysATie() {
    teacher.startBlankQuiz("Two teams");
    teacher.takeIn("One?\tyes\tno\nTwo?\tyes\tno");
    page.getByLabel("How many teams play at the front").selectOption("2 teams");
    page.getByLabel("What happens when a team gets it wrong").selectOption("goes to the next team");
    page.getByLabel("Points of a question that is taken over").fill("10");
    page.getByLabel("Name of team 2").fill("Brambles");
    AccessibilityTest.check(page, "build, teams");
    teacher.waitUntilSaved();
    teacher.present();
    assertThat(team(1)).containsText("Willow: 0 points, its turn");

    answer("no");
    assertThat(page.getByText("Brambles may take it over.")).isVisible();
    page.keyboard().press("Space");
    assertThat(team(2)).containsText("takes over");
    answer("yes");
    assertThat(team(2)).containsText("10 points");
    page.keyboard().press("Space");
    assertThat(team(2)).containsText("its turn");

    page.keyboard().press("1");
    teacher.button("+10").click();
    assertThat(team(1)).containsText("10 points");
    page.keyboard().press("ArrowLeft");
    assertThat(team(1)).containsText("0 points");
    page.keyboard().press("1");
    teacher.button("+10").click();
    page.keyboard().press("0");
    AccessibilityTest.check(page, "present, teams");
    answer("no");
    page.keyboard().press("Space");
    answer("no");
    page.keyboard().press("Space");

    assertThat(page.getByText("A tie between Willow and Brambles")).isVisible();
  }

  @Test
  void aTeamJoinsLateAndIsTakenOutAgain() {
    teacher.open("Hazel class in teams");
    teacher.present();
    Locator sides = page.getByLabel("Teams").locator("li");
    assertThat(sides.first()).isVisible();
    int before = sides.count();
    page.keyboard().press("?");
    teacher.button("A team joins").click();
    page.keyboard().type("Latecomers");
    page.keyboard().press("Enter");
    assertThat(sides).hasCount(before + 1);
    assertThat(sides.last()).containsText("Latecomers");
    page.reload();
    assertThat(sides.last()).containsText("Latecomers");
    page.keyboard().press("ArrowLeft");
    assertThat(sides).hasCount(before);
  }

  @Test
  void whereTheTeacherGivesTheTurnAnAnswerWaitsForIt() {
    teacher.startBlankQuiz("Called up");
    teacher.takeIn("One?\tyes\tno\nTwo?\tyes\tno");
    page.getByLabel("How many teams play at the front").selectOption("2 teams");
    page.getByLabel("How teams take turns").selectOption("answer when I give them the turn.");
    teacher.waitUntilSaved();
    teacher.present();
    assertThat(page.getByText("Press a team, or its number, to give it the turn.")).isVisible();
    // The other one: what is chosen has a sign behind its words, and answer() looks at these.
    boolean first = page.locator(".stage-card").first().innerText().endsWith("yes");
    page.keyboard().press(first ? "b" : "a");
    page.keyboard().press("Space");
    assertThat(page.getByText("Give a team the turn first: press its number.")).isVisible();
    page.keyboard().press("5");
    assertThat(page.getByText("There is no team 5.")).isVisible();
    page.keyboard().press("2");
    assertThat(team(2)).containsText("its turn");
    answer("yes");
    assertThat(team(2)).containsText("10 points");
  }

  @Test
  void theTeachersOwnScreenFollowsTheProjector() {
    teacher.open("Hazel class in teams");
    teacher.present();
    page.keyboard().press("?");
    Page notes =
        page.context()
            .waitForPage(
                () ->
                    page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName("Open my own screen"))
                        .click());
    String first = teacher.question().innerText();
    assertThat(notes.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(first)))
        .isVisible();
    assertThat(notes.getByText("Right:")).isVisible();
    assertThat(notes.getByText("Next:")).isVisible();
    AccessibilityTest.check(notes, "the teacher’s own screen");

    page.keyboard().press("Escape");
    page.keyboard().press("a");
    page.keyboard().press("Space");
    page.keyboard().press("Space");
    String shown = teacher.question().innerText();
    assertThat(notes.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(shown)))
        .isVisible();
  }

  @Test
  void shutterPenClockSoundAndJumpHaveTheirKeys() {
    teacher.open("From flower to honey");
    teacher.present();

    page.keyboard().press("s");
    Locator shutter =
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Shutter"));
    assertThat(shutter).isVisible();
    double before = shutter.boundingBox().y;
    page.keyboard().press("ArrowUp");
    Assertions.assertThat(shutter.boundingBox().y).isLessThan(before);
    teacher.button("Lift the shutter").click();
    assertThat(shutter).isHidden();

    page.keyboard().press("p");
    Locator tools = page.getByRole(AriaRole.TOOLBAR, new Page.GetByRoleOptions().setName("Pen"));
    assertThat(tools).isVisible();
    page.mouse().move(300, 300);
    page.mouse().down();
    page.mouse().move(500, 350);
    page.mouse().up();
    assertThat(page.locator(".pen-sheet[data-strokes='1']")).hasCount(1);
    page.getByLabel("Wipe everything").click();
    assertThat(page.locator(".pen-sheet[data-strokes='0']")).hasCount(1);
    page.keyboard().press("Escape");
    assertThat(tools).isHidden();

    page.keyboard().press("t");
    assertThat(page.locator(".class-timer")).containsText("0:");
    page.keyboard().press("t");
    assertThat(page.locator(".class-timer")).containsText("paused");
    page.keyboard().press("m");
    assertThat(page.getByText("Sound is off")).isVisible();
    page.keyboard().press("m");

    page.keyboard().press("j");
    Locator jump = page.locator("dialog ol button:enabled").last();
    String to = jump.locator("span").nth(2).innerText();
    jump.click();
    assertThat(teacher.question()).hasText(to);
  }

  @Test
  void aLookThatCanNotBeReadIsMendedWithOnePressAndWornByTheGame() {
    teacher.startBlankQuiz("Looks").writeQuestion("Do bees dance?", "yes", "no");
    teacher.inMenu("More", "Look, sound and wording");
    teacher.button("Evening").click();
    assertThat(page.getByText("Everything can be read from the back row.")).isVisible();
    page.locator("dialog input[type=color]").nth(1).fill("#202840");
    assertThat(page.locator("dialog")).containsText("and it takes 7 to 1");
    teacher.button("Fix the colours").click();
    assertThat(page.getByText("Everything can be read from the back row.")).isVisible();
    AccessibilityTest.check(page, "look, sound and wording");
    page.getByLabel("Start", new Page.GetByLabelOptions().setExact(true)).fill("Off we fly");
    teacher.button("Done").click();

    String ground = "getComputedStyle(document.querySelector('.stage')).backgroundColor";
    Assertions.assertThat(page.evaluate(ground)).isEqualTo("rgb(22, 28, 51)");
    teacher.button("Again").click();
    assertThat(teacher.stage().getByText("Off we fly")).isVisible();
    teacher.waitUntilSaved();
  }

  @Test
  void aPictureBehindTheGameIsVeiledSoThatItCanBeRead() {
    teacher.startBlankQuiz("A picture behind").writeQuestion("Do bees dance?", "yes", "no");
    teacher.inMenu("More", "Look, sound and wording");
    teacher.button("Paper").click();
    page.getByLabel("Background").selectOption("a picture");
    page.locator("dialog").last().getByText("Garden").click();
    page.waitForFunction(
        "() => getComputedStyle(document.querySelector('.stage')).backgroundImage.includes('url')");
    String behind =
        (String)
            page.evaluate(
                "() => getComputedStyle(document.querySelector('.stage')).backgroundImage");
    // The garden has black and white in it: hardly anything of it may show behind dark text.
    Matcher veil = Pattern.compile("color\\(srgb [\\d. ]+/ ([\\d.]+)\\)").matcher(behind);
    Assertions.assertThat(veil.find()).as(behind).isTrue();
    Assertions.assertThat(Double.parseDouble(veil.group(1))).isBetween(0.4, 0.99);
    page.keyboard().press("Escape");
    teacher.waitUntilSaved();
    String link = teacher.learnersLink();
    Learner learner = new Learner(Browsers.phone(server.address())).come(link);
    String fetched =
        (String)
            learner.page.evaluate(
                "() => getComputedStyle(document.querySelector('.stage')).backgroundImage");
    Assertions.assertThat(fetched).contains("/api/play/").contains("/media/");
  }

  /** Source: the browser's own text measure, with the shipped type. */
  @Test
  void theCoreMeasuresTextAsTheBrowserSetsIt() {
    page.navigate("/activities");
    for (String text :
        new String[] {
          "What do bees collect?", "Half of a colony on the way to a new home", "WAX, 35 °C & ½"
        }) {
      double set =
          ((Number)
                  page.evaluate(
                      "async text => { await document.fonts.load('600 40px \"Lexend Variable\"');"
                          + " const pen = document.createElement('canvas').getContext('2d');"
                          + " pen.font = '600 40px \"Lexend Variable\"';"
                          + " return pen.measureText(text).width; }",
                      text))
              .doubleValue();
      Assertions.assertThat((double) AdvanceWidths.of(text, 40))
          .as(text)
          .isBetween(set * 0.97, set * 1.06);
    }
  }

  @Test
  void singleKeysCanBeSwitchedOff() {
    teacher.open("From flower to honey");
    teacher.present();
    page.keyboard().press("?");
    page.getByLabel("Use single letters, digits and signs as keys here").uncheck();
    page.keyboard().press("Escape");
    page.keyboard().press("s");
    page.keyboard().press("a");
    assertThat(page.getByText("Lift the shutter")).isHidden();
    assertThat(page.locator("[data-mark=chosen]")).hasCount(0);
    page.keyboard().press("Space");
    assertThat(page.getByText(Pattern.compile("Choose with the keys|Give an answer"))).isVisible();
  }

  private Locator team(int number) {
    return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Teams"))
        .getByRole(AriaRole.LISTITEM)
        .nth(number - 1);
  }

  private Locator struck() {
    return page.locator("[data-struck=true]");
  }

  private void answer(String option) {
    boolean first = page.locator(".stage-card").first().innerText().endsWith(option);
    page.keyboard().press(first ? "a" : "b");
    page.keyboard().press("Space");
    assertThat(page.locator("[data-told=true]")).isVisible();
  }

  private void command(String name) {
    page.keyboard().press("Control+k");
    page.keyboard().type(name);
    page.keyboard().press("Enter");
  }
}
