package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Classes: a register by list and by code, an activity given and played, what came back. */
@ExtendWith(Browsers.class)
class ClassesTest {

  private final TestServer server = TestServer.shared();
  private final Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
  private final Page page = teacher.page;

  private void newClass(String name) {
    page.navigate("/classes");
    teacher.button("New class").click();
    page.getByLabel("Name of the class").fill(name);
    page.getByLabel("Year group").selectOption("4");
    teacher.button("Make the class").click();
    assertThat(page.getByText("Nobody is in the register yet.")).isVisible();
  }

  private void newOpenClass(String name) {
    newClass(name);
    page.getByLabel("Whether newcomers can join").selectOption("joins straight away.");
  }

  private String code() {
    return page.getByLabel("Class code").locator("span").nth(1).innerText();
  }

  private Locator line(String name) {
    return page.getByRole(AriaRole.LISTITEM)
        .filter(
            new Locator.FilterOptions()
                .setHas(page.getByText(name, new Page.GetByTextOptions().setExact(true))));
  }

  private static Page comesIn(Page device, String code, String name) {
    device.navigate("/join/" + code);
    device.getByLabel("Your name").fill(name);
    button(device, "Join").click();
    return device;
  }

  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  @Test
  void aRegisterIsTakenFromAListAndEachLearnerHasASlip() {
    newClass("Hazel by list");
    teacher.button("Add learners").click();
    page.getByLabel("Names").fill("Surname\tFirst name\nBirch\tMia\nRowan\tNoah\nBirch\tmia");
    assertThat(page.getByText("New: 2")).isVisible();
    assertThat(page.getByText("More than once in the list, added once: mia Birch")).isVisible();
    AccessibilityTest.check(page, "adding learners");
    teacher.button("Add 2 learners").click();
    Locator slips = page.locator(".slip");
    assertThat(slips).hasCount(2);
    assertThat(slips.first()).containsText("Mia Birch");
    AccessibilityTest.check(page, "slips");
    String words = slips.first().locator("dd").nth(2).innerText();
    Assertions.assertThat(Paper.text(page))
        .contains("Mia Birch", "Noah Rowan", words, code())
        .doesNotContain("Add learners", "I have written them down");
    // They are shown once: a key too many doesn't take them away.
    page.keyboard().press("Escape");
    teacher.button("Show the words again").click();
    assertThat(slips).hasCount(2);
    teacher.button("I have written them down").click();
    assertThat(page.getByText("Register (2)")).isVisible();
    teacher.button("Poster with the code").click();
    Assertions.assertThat(Paper.text(page))
        .contains("Join Hazel by list", code())
        .doesNotContain("Register", "Done");
    page.keyboard().press("Escape");
    link("Noah Rowan").click();
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Noah Rowan")))
        .isVisible();
    Assertions.assertThat(Paper.text(page))
        .contains("Noah Rowan", "Hazel by list")
        .doesNotContain("This term", "Sign out");
    page.goBack();

    Page device = Browsers.phone(server.address());
    device.navigate("/play");
    device.getByLabel("Code").fill(code());
    button(device, "Go").click();
    device.getByLabel("Your name").fill("mia birch");
    button(device, "Join").click();
    assertThat(device.getByRole(AriaRole.ALERT)).containsText("type your two words too");
    device.getByLabel("I have two words").check();
    device.getByLabel("Your two words").fill(words);
    AccessibilityTest.check(device, "coming into a class");
    button(device, "Join").click();
    assertThat(device.getByText("Hello, Mia Birch")).isVisible();
    assertThat(device.getByText("There is nothing to do at the moment.")).isVisible();

    teacher.inMenu("What can be done with Noah Rowan", "Name, time and help");
    page.getByLabel("How much of the usual time").selectOption("150");
    page.getByLabel("may pick from a list in Look and name").check();
    teacher.button("Save").click();
    assertThat(line("Noah Rowan")).containsText("150% of the time · picks from a list");
    teacher.inMenu("What can be done with Noah Rowan", "Remove");
    assertThat(line("Noah Rowan")).hasCount(0);
    teacher.button("Undo").click();
    assertThat(line("Noah Rowan")).isVisible();
    AccessibilityTest.check(page, "a class");
  }

  @Test
  void newcomersWaitUntilTheyAreLetInAndADeviceAsksWhoseItIs() {
    newClass("Hazel at the door");
    String code = code();
    Page device = comesIn(Browsers.phone(server.address()), code, "Pia");
    assertThat(device.getByText("Write these two words down")).isVisible();
    AccessibilityTest.check(device, "two words");
    button(device, "I have written them down").click();
    assertThat(device.getByText("Waiting for your teacher")).isVisible();
    page.reload();
    teacher.button("Let in").click();
    assertThat(device.getByText("Hello, Pia")).isVisible();

    for (String name : List.of("Quill", "Rowan")) {
      Page other = comesIn(Browsers.phone(server.address()), code, name);
      assertThat(other.getByText("Write these two words down")).isVisible();
    }
    page.reload();
    assertThat(page.getByText("2 newcomers are waiting to join.")).isVisible();
    teacher.button("Refuse all").click();
    assertThat(page.getByText("2 newcomers were refused.")).isVisible();
    assertThat(page.getByText("Register (1)")).isVisible();
    teacher.button("Undo").click();
    teacher.button("Let all in").click();
    assertThat(page.getByText("waiting to join")).hasCount(0);
    assertThat(page.getByText("Register (3)")).isVisible();

    Page again = device.context().newPage();
    again.navigate("/join/" + code);
    assertThat(again.getByText("Are you Pia?")).isVisible();
    button(again, "No, I’m someone else").click();
    assertThat(again.getByText("Join Hazel at the door")).isVisible();
  }

  @Test
  void anActivityIsAssignedFromBuildPlayedLeftTakenUpElsewhereAndRead() {
    newOpenClass("Hazel plays");
    String code = code();
    Page phone = comesIn(Browsers.phone(server.address()), code, "Nell");
    String words = phone.locator("main > p").first().innerText();
    button(phone, "I have written them down").click();

    teacher.startBlankQuiz("Assigned");
    teacher.writeQuestion("Do bees dance?", "yes", "no").nextQuestion();
    teacher.writeQuestion("Do bees sing?", "no", "yes");
    page.getByLabel("Order of the questions").selectOption("in the order written");
    teacher.button("Assign").click();
    page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Class").setExact(true))
        .selectOption("Hazel plays");
    page.getByLabel("How many goes").first().selectOption("at most");
    page.getByLabel("Until when").selectOption("a day and hour");
    AccessibilityTest.check(page, "assigning");
    teacher.button("Assign it").click();
    assertThat(page.getByText("“Assigned” is set for Hazel plays.")).isVisible();

    phone.reload();
    Locator task = phone.locator("article");
    assertThat(task).containsText(Pattern.compile("to do · until .*, 16:00"));
    AccessibilityTest.check(phone, "a learner’s page");
    phone.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Play")).click();
    button(phone, "Start").click();
    new Learner(phone).answer("yes");
    assertThat(button(phone, "Next")).isVisible();
    phone.close();

    Page home = Browsers.phone(server.address());
    home.navigate("/join/" + code);
    home.getByLabel("I have two words").check();
    home.getByLabel("Your name").fill("Nell");
    home.getByLabel("Your two words").fill(words.toUpperCase());
    button(home, "Join").click();
    assertThat(home.locator("article")).containsText("started");
    home.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Go on")).click();
    button(home, "Next").click();
    assertThat(home.getByText("Do bees sing?")).isVisible();

    page.navigate("/classes");
    link("Hazel plays").click();
    assertThat(page.getByText("0 of 1 finished, 1 playing")).isVisible();
    link("Assigned").click();
    Locator row =
        page.getByRole(
            AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("Nell.*")));
    assertThat(row).containsText("playing");
    AccessibilityTest.check(page, "a class at a glance");
    Assertions.assertThat(Paper.text(page))
        .contains("Hazel plays", "Assigned", "Nell", "playing", "Questions")
        .containsPattern("\\d+ of \\d+")
        .doesNotContain("Change dates and goes", "While they play", "Sign out");
    page.getByLabel(Pattern.compile("^Nell, 1: ")).click();
    assertThat(page.getByText("What Nell answered")).isVisible();
    AccessibilityTest.check(page, "a learner’s answers");
    page.keyboard().press("Escape");
    page.getByLabel("Just for Nell").last().click();
    page.getByLabel("Excused: left out of the sums").check();
    AccessibilityTest.check(page, "for one learner alone");
    teacher.button("Save").click();
    assertThat(row).containsText("excused");
    Assertions.assertThat(page.url()).doesNotContain("Nell");

    teacher.inMenu("What else can be done with it", "Take back");
    home.navigate("/join/" + code);
    assertThat(home.getByText("There is nothing to do at the moment.")).isVisible();
    teacher.button("Undo").click();
    home.reload();
    assertThat(home.locator("article")).containsText("You don’t have to do this one.");

    home.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Go on")).click();
    new Learner(home).answer("no");
    button(home, "See how it went").click();
    // There was one go.
    assertThat(home.getByText("You did it!")).isVisible();
    assertThat(button(home, "Play again")).hasCount(0);
    home.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("My page")).click();
    assertThat(home.locator("article")).containsText("Won: 20 of 20 points");
    home.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Look back")).click();
    assertThat(home.getByText("You did it!")).isVisible();
    assertThat(button(home, "Play again")).hasCount(0);
  }

  @Test
  void whatWasPlayedAndAWholeClassAreRemovedAndComeBack() {
    newOpenClass("Hazel goes");
    String code = code();
    Page phone = comesIn(Browsers.phone(server.address()), code, "Ash");
    button(phone, "I have written them down").click();
    teacher.startBlankQuiz("Removed");
    teacher.writeQuestion("Do bees dance?", "yes", "no");
    teacher.button("Assign").click();
    page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Class").setExact(true))
        .selectOption("Hazel goes");
    teacher.button("Assign it").click();
    assertThat(page.getByText("“Removed” is set for Hazel goes.")).isVisible();
    phone.reload();
    phone.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Play")).click();
    button(phone, "Start").click();

    page.navigate("/classes");
    link("Hazel goes").click();
    link("Removed").click();
    teacher.inMenu("What else can be done with it", "Remove with all results");
    assertThat(page.getByText("“Removed” is removed from this class")).isVisible();
    assertThat(link("Removed")).hasCount(0);
    new Learner(phone).answer("yes");
    assertThat(phone.getByText("Your teacher has taken this back.")).isVisible();
    teacher.button("Undo").click();
    assertThat(link("Removed")).isVisible();

    link("Removed").click();
    teacher.inMenu("What else can be done with it", "Remove with all results");
    assertThat(page.getByText("“Removed” is removed from this class")).isVisible();
    page.reload();
    page.getByText("Removed (1)").click();
    teacher.button("Restore").press("Enter");
    assertThat(link("Removed")).isVisible();
    assertThat(page.locator(":focus")).hasCount(1);

    teacher.inMenu("What can be done with this class", "Archive");
    teacher.inMenu("What can be done with this class", "Remove with all results");
    assertThat(page.getByText("Hazel goes is removed with its register")).isVisible();
    assertThat(link("Hazel goes")).hasCount(0);
    phone.navigate("/join/" + code);
    assertThat(phone.getByText("Hello, Ash")).hasCount(0);
    page.reload();
    page.getByText(Pattern.compile("^Archive")).click();
    page.getByText("Removed (1)").click();
    page.getByRole(AriaRole.LISTITEM)
        .filter(new Locator.FilterOptions().setHasText("Hazel goes"))
        .last()
        .getByRole(AriaRole.BUTTON)
        .press("Enter");
    assertThat(link("Hazel goes")).isVisible();
    assertThat(page.locator(":focus")).hasCount(1);
    link("Hazel goes").click();
    teacher.inMenu("What can be done with this class", "Restore");
    assertThat(page.getByText("Register (1)")).isVisible();
    assertThat(page.getByText("0 of 1 finished, 1 playing")).isVisible();
    phone.reload();
    assertThat(phone.locator("article")).containsText("started");
  }

  @Test
  void theTeacherFollowsThreeLearnersAtOnceAndTheProjectorHasNoNames() {
    newOpenClass("Hazel live");
    String code = code();
    List<Page> devices = new ArrayList<>();
    for (String name : List.of("Uma", "Vito", "Wren")) {
      Page device = comesIn(Browsers.phone(server.address()), code, name);
      button(device, "I have written them down").click();
      devices.add(device);
    }
    teacher.button("Assign an activity").click();
    assertThat(page.getByLabel("Three weeks in a cell")).isVisible();
    page.getByLabel("Find an activity").fill("workbench");
    assertThat(page.getByLabel("Three weeks in a cell")).hasCount(0);
    page.getByLabel("On the workbench").check();
    teacher.button("Assign it").click();
    assertThat(page.getByText("“On the workbench” is set for Hazel live.")).isVisible();
    link("On the workbench").click();
    link("While they play").click();
    assertThat(page.getByText("0 of 3 have started, 0 have finished")).isVisible();

    for (Page device : devices) {
      device.reload();
      device.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Play")).click();
      button(device, "Start").click();
    }
    assertThat(page.getByText("3 of 3 have started, 0 have finished")).isVisible();
    Page uma = devices.getFirst();
    for (String thing : List.of("smoker", "gloves")) {
      uma.getByLabel("What do you see?").fill(thing);
      uma.getByLabel("What do you see?").press("Enter");
    }
    assertThat(line("Uma").getByText("right", new Locator.GetByTextOptions().setExact(false)))
        .hasCount(2);
    AccessibilityTest.check(page, "a class while it plays");
    teacher.button("Without names, for the projector").click();
    assertThat(page.getByText("3 of 3 have started")).isVisible();
    assertThat(page.getByText("Uma")).hasCount(0);
    AccessibilityTest.check(page, "the same for the projector");

    page.navigate("/classes");
    link("Hazel live").click();
    link("This term").click();
    assertThat(page.getByText("playing")).hasCount(3);
    AccessibilityTest.check(page, "the term");
    link("Vito").click();
    assertThat(page.getByText("not finished")).isVisible();
    AccessibilityTest.check(page, "all that a learner did");
  }

  @Test
  void whoeverCoversForADayPresentsAndWatchesAndNothingElse() {
    newOpenClass("Hazel covered");
    teacher.button("Assign an activity").click();
    page.getByLabel("On the workbench").check();
    teacher.button("Assign it").click();
    assertThat(page.getByText("“On the workbench” is set for")).isVisible();
    teacher.inMenu("What can be done with this class", "Cover lesson");
    page.getByLabel("Three weeks in a cell").check();
    teacher.button("Make the code").click();
    assertThat(page.getByText("Also: Three weeks in a cell").first()).isVisible();
    AccessibilityTest.check(page, "a cover code");
    String typed = page.locator("dialog li .tracking-widest").innerText();

    Page cover = Browsers.phone(server.address());
    cover.navigate("/cover/wrong2222");
    button(cover, "Continue").click();
    assertThat(cover.getByRole(AriaRole.ALERT)).containsText("No class has this code");
    cover.getByLabel("Code").fill(" " + typed.toUpperCase(Locale.ROOT));
    cover.getByLabel("Code").press("Enter");
    assertThat(cover.getByText("for nobody yet")).isVisible();
    AccessibilityTest.check(cover, "what there is for whoever covers");
    cover.navigate("/classes");
    assertThat(cover.getByText("Learners join with the code")).isVisible();
    cover.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Watch")).click();
    assertThat(cover.getByText("It isn’t set for anyone.")).isVisible();
    cover.goBack();
    cover
        .getByRole(
            AriaRole.LINK,
            new Page.GetByRoleOptions().setName(Pattern.compile("Present.*Three weeks in a cell")))
        .click();
    button(cover, "Start").click();
    assertThat(button(cover, "Start")).hasCount(0);
    cover.keyboard().press("Escape");
    assertThat(cover.getByText("You have left the game")).isVisible();
    cover.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Back to the list")).click();
    assertThat(cover.getByText("Learners join with the code")).isVisible();

    page.locator("dialog li button").last().click();
    assertThat(page.getByText("no longer works")).isVisible();
    cover.reload();
    assertThat(button(cover, "Continue")).isVisible();
  }

  @Test
  void whatTheClassWroteIsMarkedQuestionByQuestionWithoutNamesIfWished() {
    page.navigate("/classes");
    link("Hazel class").click();
    link("The beekeeper’s notebook").click();
    link("Mark 16 answers").click();
    Locator first = page.getByText("Zeki", new Page.GetByTextOptions().setExact(false)).first();
    assertThat(first).isVisible();
    page.getByLabel("Hide the names").check();
    assertThat(page.getByText("Zeki")).hasCount(0);
    assertThat(page.getByText("learners, who wrote the same").first()).isVisible();
    AccessibilityTest.check(page, "marking what a class wrote");
  }

  private Locator link(String name) {
    return page.getByRole(
            AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile(name + ".*")))
        .first();
  }
}
