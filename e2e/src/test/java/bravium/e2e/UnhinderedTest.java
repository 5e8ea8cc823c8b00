package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * What could get in a teacher's way while she writes: lost focus, rules too long, words cut off.
 */
@ExtendWith(Browsers.class)
class UnhinderedTest {

  private static final String LONG = "Honigbienenkönigin".repeat(12);
  private static final String HEBREW = "מה אוספות הדבורים?";

  private final TestServer server = TestServer.shared();
  private final Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
  private final Page page = teacher.page;

  @Test
  void everyDialogGivesTheFocusBackAndTheFirstFieldHasItWhereOneWrites() {
    teacher.open("Three weeks in a cell");
    for (String opener : List.of("Title page and endings", "Link for learners")) {
      teacher.button(opener).click();
      assertThat(page.locator("dialog")).isVisible();
      page.keyboard().press("Escape");
      assertThat(page.locator("dialog")).hasCount(0);
      assertThat(teacher.button(opener)).isFocused();
    }
    teacher.inMenu("More", "Find and replace");
    assertThat(page.getByLabel("Find", new Page.GetByLabelOptions().setExact(true))).isFocused();
    page.keyboard().press("Escape");
    assertThat(teacher.button("More")).isFocused();
    page.keyboard().press("Control+k");
    assertThat(page.getByLabel("Find an action", new Page.GetByLabelOptions().setExact(true)))
        .isFocused();
    page.keyboard().press("Escape");

    teacher.open("A walk through our garden");
    teacher.button("Another picture").click();
    assertThat(page.getByLabel("Find by name or description")).isFocused();
    page.keyboard().press("Escape");
    assertThat(teacher.button("Another picture")).isFocused();
  }

  @Test
  void enterLeadsToWhatIsWrittenNextInEachKind() {
    teacher.startBlankQuiz("By Enter alone");
    ask("How many legs?");
    kind("n");
    page.keyboard().press("Enter");
    page.keyboard().type("6");
    page.keyboard().press("Enter");
    page.keyboard().type("Which belong together?");
    kind("m");
    page.keyboard().press("Enter");
    for (String side : List.of("queen", "eggs", "drone", "mating")) {
      page.keyboard().type(side);
      page.keyboard().press("Enter");
    }
    page.keyboard().press("Enter");
    page.keyboard().type("Sort them.");
    kind("s");
    page.keyboard().press("Enter");
    page.keyboard().type("insect");
    page.keyboard().press("Enter");
    page.keyboard().type("flower");
    page.keyboard().press("Enter");
    page.keyboard().press("Enter");
    page.keyboard().type("bee");
    page.keyboard().press("Enter");
    page.keyboard().press("Enter");
    page.keyboard().type("clover");
    page.keyboard().press("Enter");
    page.keyboard().press("Enter");
    page.keyboard().type("Bees can dance.");
    kind("t");
    page.keyboard().press("Enter");
    page.keyboard().press("Enter");
    page.keyboard().type("The last one?");

    assertThat(line(0)).containsText("6");
    assertThat(line(1)).containsText("queen – eggs · drone – mating");
    assertThat(line(2)).containsText("insect · flower");
    assertThat(line(3)).containsText("True");
    assertThat(page.locator("fieldset textarea").first()).hasValue("The last one?");
    Assertions.assertThat(page.locator(".closed-line").count()).isEqualTo(4);
  }

  private void ask(String text) {
    page.locator("fieldset textarea").first().fill(text);
  }

  /** Of which kind the open question is: two keys away, and the cursor goes on in its text. */
  private void kind(String key) {
    page.keyboard().press("Alt+k");
    assertThat(page.locator("dialog")).isVisible();
    page.keyboard().press(key);
    assertThat(page.locator("fieldset textarea").first()).isFocused();
    page.keyboard().press("End");
  }

  private Locator line(int place) {
    return page.locator("[data-line]").nth(place);
  }

  @Test
  void theFirstQuestionIsInSightBesideTheLongestRulesInEveryGame() {
    Map<String, String> first = new LinkedHashMap<>();
    first.put("The beekeeper’s notebook", "[data-line]");
    first.put("A walk through our garden", "[data-line]");
    first.put("What the beekeeper found under the lid", "[data-line]");
    first.put("On the workbench", "section ol li");
    first.put("The locked honey house", "text=The cupboard");
    first.put("Up to the top hive", "[data-line]");
    first.forEach(
        (title, seen) -> {
          teacher.open(title);
          inSight(title, seen);
        });
    page.getByLabel("How many teams play at the front").selectOption("6 teams");
    inSight("a climb with six teams", "[data-line]");
    // It opens in place, and what follows from it stays beside it.
    Locator steps = page.getByLabel("Number of steps");
    BoundingBox before = steps.boundingBox();
    steps.focus();
    Assertions.assertThat(steps.boundingBox().y).isEqualTo(before.y);
    teacher.button("steps 3 and 6").click();
    assertThat(page.getByLabel("Step 3 is a camp")).isVisible();
    page.getByLabel("Undo").click();
    teacher.waitUntilSaved();
  }

  private void inSight(String of, String first) {
    Locator seen = page.locator(first).first();
    assertThat(seen).isVisible();
    double strip = page.getByLabel("Readiness").boundingBox().y;
    BoundingBox box = seen.boundingBox();
    Assertions.assertThat(box.y + box.height).as(of).isLessThanOrEqualTo(strip);
  }

  @Test
  void layingMarkersMovesNothingUnderThePointer() {
    teacher.start("from pegs on a picture", "A still trail");
    Locator board = page.getByRole(AriaRole.APPLICATION);
    BoundingBox box = board.boundingBox();
    for (int i = 0; i < 11; i++) {
      page.mouse().click(box.x + 20 + 26 * i, box.y + (i % 2 == 0 ? 30 : 120));
      assertThat(page.getByText(Pattern.compile("%d of %d pegs? placed".formatted(i + 1, i + 1))))
          .isVisible();
      BoundingBox now = board.boundingBox();
      Assertions.assertThat(now.x).isEqualTo(box.x);
      Assertions.assertThat(now.y).as("marker %d", i + 1).isEqualTo(box.y);
      Assertions.assertThat(now.height).isEqualTo(box.height);
    }
    teacher.waitUntilSaved();
  }

  @Test
  void oneMendMendsAllOfItsKindAndTheFocusGoesOn() {
    teacher.startBlankQuiz("Three of a kind");
    teacher.takeIn("One?\tyes\tno\nTwo?\tyes\tno\nThree?\tyes\tno");
    for (String question : List.of("One?", "Two?", "Three?")) {
      Locator line = page.locator("[data-line]", new Page.LocatorOptions().setHasText(question));
      if (line.count() > 0) {
        line.click();
      }
      page.getByLabel("Option B is right").click();
    }
    teacher.lookAtFindings();
    Locator all = page.getByText("Fix all 3");
    assertThat(all).isVisible();
    all.focus();
    page.keyboard().press("Enter");

    assertThat(all).isHidden();
    assertThat(page.getByText("options are marked right")).hasCount(0);
    Assertions.assertThat((Boolean) page.evaluate("() => document.activeElement !== document.body"))
        .isTrue();
    page.getByLabel("Undo").click();
    assertThat(all).isVisible();
  }

  @Test
  void findShowsThePlacesAndLeadsToThem() {
    teacher.startBlankQuiz("Places of honey");
    teacher.takeIn("What is honey?\tsweet\tsour\nWho makes honey?\tbees\tdrones");
    teacher.inMenu("More", "Find and replace");
    page.getByLabel("Find", new Page.GetByLabelOptions().setExact(true)).fill("honey");

    assertThat(page.getByText("Found in 3 places:")).isVisible();
    assertThat(page.locator("dialog mark")).hasCount(3);
    page.locator("dialog li button", new Page.LocatorOptions().setHasText("Question 2")).click();
    assertThat(page.locator("fieldset textarea").first()).hasValue("Who makes honey?");
    assertThat(page.locator("fieldset textarea").first()).isFocused();
  }

  @Test
  void aTableSaysWhichQuestionsHaveNoRightAnswerYet() {
    teacher.startBlankQuiz("No answer yet");
    teacher.paste(
        "1. Who lays the eggs?\n   - [x] the queen\n   - [ ] a drone\n2. What now?\n   - [ ] this\n   - [ ] that");

    assertThat(page.getByText("1 question read").last()).isVisible();
    assertThat(page.getByText("1 question without a right answer yet").last()).isVisible();
    assertThat(page.getByText("no right answer yet")).isVisible();
  }

  @Test
  void aLongWordWrapsAndARightToLeftScriptRunsItsWayOnSheetStageAndInResults() {
    teacher.startBlankQuiz("Words of all shapes");
    teacher.takeIn(HEBREW + "\tצוף\tאבנים\n" + LONG + "?\tja\t" + LONG);
    teacher.waitUntilSaved();
    Assertions.assertThat(runsFromTheRight("[data-line] .own-way, fieldset textarea")).isTrue();
    noneIsTooWide("main > div:first-child");
    teacher.present();
    page.keyboard().press("a");
    page.keyboard().press("Enter");
    noneIsTooWide(".stage-frame");
    page.keyboard().press("Space");
    noneIsTooWide(".stage-frame");
    page.keyboard().press("a");
    page.keyboard().press("Enter");
    page.keyboard().press("Space");
    page.keyboard().press("Escape");
    page.navigate("/results");
    page.getByText("Words of all shapes").first().click();
    page.locator("summary").first().click();
    assertThat(page.getByText(HEBREW)).isVisible();
    Assertions.assertThat(runsFromTheRight("li p")).isTrue();
    noneIsTooWide("html");
  }

  /** Whether the first element with Hebrew in it starts at its right edge. */
  private boolean runsFromTheRight(String selector) {
    return (Boolean)
        page.evaluate(
            """
            selector => {
              const one = [...document.querySelectorAll(selector)]
                .find(e => /[֐-׿]/.test(e.value ?? e.textContent));
              return getComputedStyle(one).unicodeBidi === 'plaintext'
                && getComputedStyle(one).textAlign === 'start';
            }
            """,
            selector);
  }

  private void noneIsTooWide(String selector) {
    Assertions.assertThat(
            (Integer)
                page.evaluate(
                    "s => { const e = document.querySelector(s); return e.scrollWidth -"
                        + " e.clientWidth; }",
                    selector))
        .as(selector)
        .isLessThanOrEqualTo(0);
  }

  @Test
  void theLiveGameShowsItsButtonsAtEverySize() {
    teacher.open("Look and listen");
    for (String size : List.of("Projector", "Tablet", "Phone")) {
      teacher.button(size).click();
      for (int i = 1; i <= 5; i++) {
        page.getByLabel("Jump to")
            .selectOption(new com.microsoft.playwright.options.SelectOption().setIndex(i));
        page.waitForTimeout(150);
        Assertions.assertThat(
                (Boolean)
                    page.evaluate(
                        """
                        () => {
                          const frame = document.querySelector('.stage-frame').getBoundingClientRect();
                          const on = document.querySelector('.stage-foot button[type=submit]')
                            .getBoundingClientRect();
                          return on.bottom <= frame.bottom + 1 && on.top >= frame.top;
                        }
                        """))
            .as("%s, question %d", size, i)
            .isTrue();
      }
    }
  }

  @Test
  void titlesNameThePlaceAndUnknownAddressesLeadBack() {
    for (String[] place :
        new String[][] {
          {"/activities", "Activities"},
          {"/classes", "Classes"},
          {"/results", "Results"},
          {"/media", "Media"},
          {"/account", "Your account"},
          {"/nowhere", "There is nothing here"},
        }) {
      page.navigate(place[0]);
      assertThat(page).hasTitle(place[1] + " – Bravium");
    }
    page.navigate("/activities/nosuchactivity");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Back").setExact(true))
        .click();
    assertThat(page).hasURL(Pattern.compile(".*/activities$"));
  }

  @Test
  void whatIsBegunAndLeftWithoutAWordIsNotKept() {
    page.navigate("/activities");
    Locator counted = page.getByText(Pattern.compile("^\\d+ activities$"));
    String before = counted.innerText();
    teacher.button("one after another").click();
    assertThat(page.getByLabel("Title", new Page.GetByLabelOptions().setExact(true))).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Activities")).click();

    assertThat(counted).hasText(before);
    page.reload();
    assertThat(counted).hasText(before);
  }

  @Test
  void aFormulaIsPutTogetherWithoutTeXAndSaysWhatIsMissing() {
    teacher.startBlankQuiz("Formulas");
    ask("What is");
    page.locator("fieldset .words-format").first().click();
    page.getByLabel("Formula", new Page.GetByLabelOptions().setExact(true)).click();
    teacher.button("Fraction").click();
    page.keyboard().type("3");
    page.keyboard().press("Tab");
    page.keyboard().type("4");
    page.keyboard().press("Enter");
    Locator tex = page.getByLabel("Formula in TeX");
    assertThat(tex).hasValue("\\frac{3}{4}");
    assertThat(tex).isFocused();
    page.keyboard().type("+\\sqrt{");
    assertThat(page.getByText("“}” is missing at its end.")).isVisible();
    assertThat(page.locator("dialog .katex").first()).containsText("3");
    page.keyboard().type("2}");
    page.keyboard().press("Enter");
    assertThat(page.locator("fieldset .katex").first()).isVisible();
  }
}
