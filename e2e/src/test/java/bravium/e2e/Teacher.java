package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.Caller;
import com.google.gson.JsonElement;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Cookie;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** What a teacher does on a page, in her own words. */
final class Teacher {

  final Page page;

  Teacher(Page page) {
    this.page = page;
  }

  /** Is signed in by a call, and at no page yet. */
  Teacher signIn() {
    String server = Browsers.address(page);
    Caller signedIn = Caller.teacherAt(server);
    page.context()
        .addCookies(
            Stream.of("bravium-session", "XSRF-TOKEN")
                .map(name -> new Cookie(name, signedIn.cookie(name)).setUrl(server))
                .toList());
    return this;
  }

  /** Signs in as a visitor does, by the button of the demo. */
  Teacher signInByTheButton() {
    page.navigate("/activities");
    button("Look around as Ms Alder").click();
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Activities")))
        .isVisible();
    return this;
  }

  /** Opens the first activity of the list whose title has these words, by its address. */
  Teacher open(String title) {
    String words = URLEncoder.encode(title, StandardCharsets.UTF_8);
    String list = page.context().request().get("/api/activities?search=" + words).text();
    String id =
        JsonParser.parseString(list).getAsJsonObject().getAsJsonArray("cards").asList().stream()
            .map(JsonElement::getAsJsonObject)
            .filter(card -> card.get("title").getAsString().contains(title))
            .findFirst()
            .orElseThrow()
            .get("id")
            .getAsString();
    page.navigate("/activities/" + id);
    assertThat(stage()).isVisible();
    return this;
  }

  /**
   * Opens a question on the sheet; what stands beside it may say the same words, and be there
   * before.
   */
  Teacher openQuestion(String text) {
    page.locator("[data-line]")
        .filter(new Locator.FilterOptions().setHasText(text))
        .first()
        .click();
    return this;
  }

  /** From a list that shows nothing: to draw all that earlier tests left takes half a second. */
  Teacher startBlankQuiz(String title) {
    page.navigate("/activities?search=nothing+has+this+name");
    return begin("New quiz show", title);
  }

  /** Begins an activity in one of the ways that stand above the whole list. */
  Teacher start(String how, String title) {
    page.navigate("/activities");
    return begin(how, title);
  }

  private Teacher begin(String how, String title) {
    button(how).click();
    page.getByLabel("Title", new Page.GetByLabelOptions().setExact(true)).fill(title);
    return this;
  }

  /** Writes into the open question with the keyboard alone; the first option is the right one. */
  Teacher writeQuestion(String text, String right, String... wrong) {
    Locator question = page.locator("fieldset textarea").first();
    question.fill(text);
    question.press("Enter");
    page.keyboard().type(right);
    page.keyboard().press("Control+Enter");
    for (String option : wrong) {
      page.keyboard().press("Enter");
      page.keyboard().type(option);
    }
    return this;
  }

  /** From the last option on to a new question. */
  Teacher nextQuestion() {
    page.keyboard().press("Enter");
    page.keyboard().press("Enter");
    return this;
  }

  Teacher waitUntilSaved() {
    assertThat(page.getByText(Pattern.compile("^saved \\d\\d:\\d\\d$"))).isVisible();
    return this;
  }

  /** Pastes into the open question. */
  void paste(String text) {
    page.locator("fieldset textarea").first().focus();
    page.evaluate(
        "text => { const data = new DataTransfer(); data.setData('text', text);"
            + " document.activeElement.dispatchEvent(new ClipboardEvent('paste',"
            + " { clipboardData: data, bubbles: true, cancelable: true })); }",
        text);
  }

  /** Goes to the projector and starts the game there. */
  void present() {
    toTheFront();
    page.keyboard().press("Space");
  }

  /** Goes to the projector with a new game, whose title page is seen. */
  void toTheFront() {
    button("Present").click();
    // A test before this one may have left a game in the middle.
    Locator begin = button("Start a new game");
    assertThat(begin.or(page.locator("main.present")).first()).isVisible();
    if (begin.isVisible()) {
      begin.click();
    }
    assertThat(page).hasURL(Pattern.compile(".*sitting=.*"));
  }

  /** Pastes rows of a question, its right and its wrong answers, and takes them in. */
  void takeIn(String table) {
    int cells = table.lines().mapToInt(line -> line.split("\t").length).max().orElse(2);
    paste("Question\tRight" + "\tWrong".repeat(Math.max(0, cells - 2)) + "\n" + table);
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("Import [1-9]\\d* questions?")))
        .press("Enter");
  }

  /** Unfolds what there is to check, once readiness has found something. */
  Teacher lookAtFindings() {
    page.getByLabel("Readiness")
        .getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName(Pattern.compile("things? to check")))
        .click();
    return this;
  }

  /** Unfolds the further rules, once what was typed is read and the page stands still. */
  Teacher moreRules() {
    waitUntilSaved();
    button("More rules").click();
    assertThat(button("Fewer rules")).isVisible();
    return this;
  }

  /** The address by which learners come. */
  String learnersLink() {
    button("Link for learners").click();
    String address = page.getByText(Pattern.compile("^http.*/play/\\w+$")).innerText();
    button("Close").click();
    return address.substring(address.indexOf("/play/"));
  }

  /** Opens a menu and presses one of its actions. */
  void inMenu(String menu, String action) {
    button(menu).first().click();
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(action)).first().click();
  }

  Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  /** The game: the live one in Build, the only one in Present. */
  Locator stage() {
    return page.locator(".stage");
  }

  Locator question() {
    return stage().locator("h2");
  }
}
