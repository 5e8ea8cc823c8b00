package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Trails and climbs, from a blank page to their win and their loss. */
@ExtendWith(Browsers.class)
class BoardsTest {

  private static final String THREE = "One?\tyes\tno\nTwo?\tyes\tno\nThree?\tyes\tno";

  private final TestServer server = TestServer.shared();
  private final Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
  private final Page page = teacher.page;

  @Test
  void aTrailIsLaidByPressingAndMovedByDraggingAndArrows() {
    teacher.start("from pegs on a picture", "A trail of three");
    teacher.takeIn(THREE);
    teacher.button("Larger").click();
    Locator picture = page.getByRole(AriaRole.APPLICATION);
    for (int[] at : new int[][] {{80, 60}, {250, 200}, {400, 120}}) {
      picture.click(new Locator.ClickOptions().setPosition(at[0], at[1]));
    }
    assertThat(page.getByText("3 of 3 pegs placed")).isVisible();
    assertThat(page.getByLabel("Readiness")).containsText("1 thing to check");

    Locator second = picture.getByRole(AriaRole.BUTTON).nth(1);
    BoundingBox before = second.boundingBox();
    second.press("ArrowRight");
    second.press("Shift+ArrowDown");
    BoundingBox nudged = second.boundingBox();
    Assertions.assertThat(nudged.x).isGreaterThan(before.x);
    Assertions.assertThat(nudged.y).isGreaterThan(before.y + 5);
    drag(second, -120, -60);
    Assertions.assertThat(second.boundingBox().x).isLessThan(nudged.x - 80);
    // Dragged onto another, it makes room: no two touch.
    Locator third = picture.getByRole(AriaRole.BUTTON).nth(2);
    BoundingBox first = picture.getByRole(AriaRole.BUTTON).nth(0).boundingBox();
    drag(third, first.x - third.boundingBox().x, first.y - third.boundingBox().y);
    BoundingBox one = picture.getByRole(AriaRole.BUTTON).nth(0).boundingBox();
    BoundingBox other = third.boundingBox();
    Assertions.assertThat(Math.hypot(one.x - other.x, one.y - other.y)).isGreaterThan(30);

    teacher.inMenu("Pegs", "Space along a path");
    BoundingBox box = picture.boundingBox();
    page.mouse().move(box.x + 40, box.y + 60);
    page.mouse().down();
    page.mouse()
        .move(
            box.x + 400, box.y + 60, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(6));
    page.mouse().up();
    List<Double> places = new ArrayList<>();
    for (Locator marker : picture.getByRole(AriaRole.BUTTON).all()) {
      places.add(marker.boundingBox().x);
    }
    Assertions.assertThat(places.get(1) - places.get(0))
        .isCloseTo(places.get(2) - places.get(1), Assertions.within(6.0));
    page.getByLabel("Undo").click();
    teacher.inMenu("Pegs", "Remove all pegs");
    assertThat(page.getByText("0 of 3 pegs placed")).isVisible();
    page.getByLabel("Undo").click();
    assertThat(page.getByText("3 of 3 pegs placed")).isVisible();
    AccessibilityTest.check(page, "build, a trail");
    teacher.waitUntilSaved();
  }

  @Test
  void aTrailIsPlayedOnAPhoneToItsWin() {
    teacher.open("A walk through our garden");
    String link = teacher.learnersLink();
    Learner learner = new Learner(Browsers.phone(server.address())).come(link);
    learner.button("Start").click();
    Page phone = learner.page;
    Locator first = phone.getByLabel("Question 1: to do");
    BoundingBox finger = first.boundingBox();
    Assertions.assertThat(finger.width).isGreaterThanOrEqualTo(43.5);
    first.click();
    learner.answer("It’s full of nectar");
    assertThat(learner.text("right")).isVisible();
    phone.getByText("Next", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(phone.getByLabel("Question 1: right")).isVisible();

    phone.getByLabel("The pegs as a list").click();
    List<String> rights =
        List.of(
            "To carry pollen from blossom to blossom",
            "Water",
            "False",
            "Bees start flying early",
            "Asters");
    for (int i = 0; i < rights.size(); i++) {
      if (i > 0) {
        phone.getByLabel("The pegs as a list").click();
      }
      phone
          .getByRole(
              AriaRole.BUTTON,
              new Page.GetByRoleOptions().setName("Question " + (i + 2) + ": to do"))
          .click();
      learner.answer(rights.get(i));
      phone.getByText("Next", new Page.GetByTextOptions().setExact(true)).click();
    }
    for (int i = 7; i <= 9; i++) {
      phone.getByLabel("Question " + i + ": to do").click();
      phone.locator(".stage-card").first().click();
      phone.getByText("Answer", new Page.GetByTextOptions().setExact(true)).click();
      phone
          .getByRole(
              AriaRole.BUTTON,
              new Page.GetByRoleOptions().setName(Pattern.compile("Next|See how it went")))
          .click();
    }
    assertThat(phone.getByText("You did it!")).isVisible();
  }

  @Test
  void aTrailIsLostByKeyboardAlone() {
    teacher.start("from pegs on a picture", "Lost on the trail");
    teacher.takeIn(THREE);
    teacher.waitUntilSaved();
    teacher.present();
    page.keyboard().press("Space");
    assertThat(page.getByLabel("Question 1: to do")).isFocused();
    page.keyboard().press("ArrowRight");
    assertThat(page.getByLabel("Question 2: to do")).isFocused();
    page.keyboard().press("Enter");
    assertThat(teacher.question()).isFocused();
    page.keyboard().press("Backspace");
    assertThat(page.getByLabel("Question 2: to do")).isVisible();
    for (int i = 1; i <= 3; i++) {
      page.keyboard().press("ArrowRight");
      assertThat(page.getByLabel("Question " + i + ": to do")).isFocused();
      page.keyboard().press("Enter");
      assertThat(teacher.question()).isFocused();
      boolean firstIsWrong = page.locator(".stage-card").first().innerText().contains("no");
      page.keyboard().press(firstIsWrong ? "a" : "b");
      page.keyboard().press("Space");
      assertThat(page.getByText("Not this one").last()).isVisible();
      page.keyboard().press("Space");
    }
    assertThat(page.getByText("Not this time — you got 0 of 3")).isVisible();
  }

  @Test
  void aClimbFallsBackToItsRestingPlaceAndIsWon() {
    teacher.start("step by step up a climb", "A small climb");
    teacher.takeIn(THREE + "\nFour?\tyes\tno\nFive?\tyes\tno\nSix?\tyes\tno");
    page.getByLabel("Number of steps").fill("3");
    page.locator("p button[aria-expanded]").first().click();
    page.getByLabel("Step 1 is a camp").click();
    assertThat(page.getByText("that is step 3 of 3")).isVisible();
    AccessibilityTest.check(page, "build, a climb");
    teacher.waitUntilSaved();
    teacher.present();
    assertThat(page.getByText("At the foot of 3 steps").last()).isVisible();
    answerAtTheFront("yes");
    answerAtTheFront("yes");
    assertThat(page.getByText("On step 2 of 3").last()).isVisible();
    answerAtTheFront("no");
    assertThat(page.getByText("On step 1 of 3").last()).isVisible();
    page.keyboard().press("0");
    answerAtTheFront("yes");
    answerAtTheFront("yes");
    assertThat(page.getByText("You made it")).isVisible();
    assertThat(page.getByText("Up to step 3 of 3: 30 points.")).isVisible();
  }

  @Test
  void aClimbThatAMissEndsIsLostOnAPhone() {
    teacher.start("step by step up a climb", "A steep climb");
    teacher.takeIn(THREE);
    page.getByLabel("Number of steps").fill("3");
    page.getByLabel("What a wrong answer leads to")
        .selectOption("ends the climb at the last camp.");
    teacher.waitUntilSaved();
    String link = teacher.learnersLink();
    Learner learner = new Learner(Browsers.phone(server.address())).come(link).start();
    learner.answer("no");
    learner.page.getByText("Next", new Page.GetByTextOptions().setExact(true)).click();

    assertThat(learner.text("Not this time — back at the foot of the climb")).isVisible();
  }

  private void answerAtTheFront(String option) {
    boolean first = page.locator(".stage-card").first().innerText().endsWith(option);
    page.keyboard().press(first ? "a" : "b");
    page.keyboard().press("Space");
    assertThat(page.locator("[data-told=true]")).isVisible();
    page.keyboard().press("Space");
    assertThat(page.locator("[data-told=true]")).isHidden();
  }

  private void drag(Locator marker, double by, double down) {
    BoundingBox box = marker.boundingBox();
    double x = box.x + box.width / 2;
    double y = box.y + box.height / 2;
    page.mouse().move(x, y);
    page.mouse().down();
    page.mouse()
        .move(x + by, y + down, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(8));
    page.mouse().up();
  }
}
