package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import bravium.server.accounts.FirstCode;
import bravium.server.media.Pictures;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.Map;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/** Words with more in them than text: formulas, pictures, sounds; and the place where these are. */
@ExtendWith(Browsers.class)
class MediaTest {

  private final TestServer server = TestServer.shared();
  private final Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
  private final Page page = teacher.page;

  @Test
  void aFormulaIsWrittenWithItsResultBesideItAndShownInPresent() {
    teacher.startBlankQuiz("Formulas").writeQuestion("How much is ", "a half", "two");
    format();
    tool("Formula");
    page.getByLabel("Formula in TeX").fill("\\frac{1}{4} + \\frac{1}{4}");
    assertThat(page.locator("dialog .katex .mfrac")).hasCount(2);
    AccessibilityTest.check(page, "a formula");
    page.keyboard().press("Enter");
    page.keyboard().type(" of a ");
    page.keyboard().press("Control+b");
    page.keyboard().type("comb");
    page.keyboard().press("Control+b");
    page.keyboard().type("?");

    assertThat(teacher.question().locator(".katex")).isVisible();
    assertThat(teacher.question().locator("strong")).hasText("comb");
    page.keyboard().press("Control+z");
    page.keyboard().press("Control+y");
    assertThat(teacher.question().locator("strong")).hasText("comb");
    teacher.waitUntilSaved();
    page.reload();
    assertThat(page.locator("[data-line] .katex, .rich-text .katex").first()).isVisible();
    teacher.button("Present").click();
    assertThat(page).hasURL(Pattern.compile(".*sitting=.*"));
    page.keyboard().press("Space");
    assertThat(teacher.question().locator(".katex .mfrac")).hasCount(2);
    // What a screen reader is given.
    assertThat(teacher.question().locator("math mfrac")).hasCount(2);
  }

  @Test
  void aPictureIsPastedFittedDescribedAndShown() {
    teacher.startBlankQuiz("Pictures").writeQuestion("What is red?", "the left half", "the right");
    Locator field = page.locator("fieldset textarea").first();
    field.focus();
    pasteFile("halves.png", Pictures.halves("png", 2_400, 1_800));

    Locator shown = teacher.stage().locator("img");
    assertThat(shown).isVisible();
    // What is typed right after it stands behind it and takes nothing's place.
    page.keyboard().type("Look");
    assertThat(page.locator(".rich-text").first()).containsText("Look");
    assertThat(shown).isVisible();
    for (int letter = 0; letter < 4; letter++) {
      page.keyboard().press("Backspace");
    }
    assertThat(page.getByLabel("Readiness")).containsText("1 thing to check");
    page.getByLabel("What it shows").fill("Red on the left, blue on the right");
    assertThat(page.getByLabel("Readiness")).containsText("nothing to fix");
    assertThat(shown).hasAttribute("alt", "Red on the left, blue on the right");
    BoundingBox stage = teacher.stage().boundingBox();
    BoundingBox picture = shown.boundingBox();
    Assertions.assertThat(picture.width).isBetween(100.0, stage.width);
    Assertions.assertThat(picture.y + picture.height).isLessThan(stage.y + stage.height);
    Assertions.assertThat(picture.width / picture.height).isBetween(1.3, 1.37);

    teacher.waitUntilSaved();
    Learner learner = new Learner(Browsers.phone(server.address()));
    learner.come(teacher.learnersLink()).start();
    Locator there = learner.page.getByAltText("Red on the left, blue on the right");
    assertThat(there).isVisible();
    assertThat(there).hasJSProperty("naturalWidth", 2_000);
    AccessibilityTest.check(learner.page, "play, with a picture");
    learner.answer("the left half");
    assertThat(learner.text("right")).isVisible();
  }

  @Test
  void aSoundIsRecordedWrittenDownAndPlayed() {
    page.navigate("/media");
    teacher.button("Record a sound").click();
    teacher.button("Start recording").click();
    page.waitForFunction("() => document.querySelector('dialog meter').value > 0.1");
    page.waitForTimeout(1_200);
    teacher.button("Stop").click();
    assertThat(page.locator("dialog audio")).isVisible();
    AccessibilityTest.check(page, "a sound recorded");
    page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("The hum");
    teacher.button("Keep this sound").click();
    page.getByLabel("What is heard").fill("A steady beep");
    teacher.button("Done").click();
    assertThat(page.locator("main li").getByText("The hum")).isVisible();

    teacher.startBlankQuiz("Sounds").writeQuestion("What do you hear?", "a beep", "a bee");
    format();
    tool("Sound");
    page.locator("dialog").getByText("The hum").click();
    Locator listen =
        teacher
            .stage()
            .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Listen"));
    listen.click();
    page.waitForFunction(
        "() => [...document.querySelectorAll('.stage audio')].some(a => a.currentTime > 0.3)");
    teacher.stage().getByText("Read it").click();
    assertThat(teacher.stage()).containsText("A steady beep");
    AccessibilityTest.check(page, "a question with a sound");
  }

  @Test
  void anActivityGoesIntoOneFileAndIsPlayedTheSameElsewhere(@TempDir Path folder) {
    teacher.open("Look and listen");
    page.keyboard().press("Control+k");
    page.keyboard().type("Save as a file");
    Download file = page.waitForDownload(() -> page.keyboard().press("Enter"));
    Assertions.assertThat(file.suggestedFilename()).endsWith(".bravium.zip");
    Path kept = folder.resolve("look.zip");
    file.saveAs(kept);

    try (TestServer elsewhere = TestServer.start(folder.resolve("data"), "--bravium.demo=false")) {
      Teacher other = new Teacher(Browsers.desktop(elsewhere.address()));
      other.page.navigate("/sign-in");
      other
          .page
          .getByLabel("The code that the server printed")
          .fill(elsewhere.part(FirstCode.class).spaced());
      other.page.getByLabel("Name").fill("Ms Linden");
      other.page.getByLabel("Password").fill("a long password");
      other.button("Start").click();
      other.page.locator("input[type=file]").setInputFiles(kept);
      assertThat(other.page.getByText("is imported")).isVisible();
      other.open("Look and listen");
      for (Page here : new Page[] {page, other.page}) {
        Locator stage = here.locator(".stage");
        here.getByLabel("Jump to")
            .selectOption(
                new com.microsoft.playwright.options.SelectOption()
                    .setLabel("1  Which of these does a bee visit for nectar?"));
        assertThat(stage.locator("img")).hasCount(2);
        assertThat(stage.locator("img").first()).hasJSProperty("complete", true);
        Assertions.assertThat(
                (Integer) stage.locator("img").first().evaluate("i => i.naturalWidth"))
            .isEqualTo(800);
        here.getByText("The queen makes this sound").first().click();
        assertThat(stage.getByText("Listen")).isVisible();
      }
      other.page.navigate("/media");
      assertThat(other.page.locator("main li")).hasCount(4);
    }
  }

  @Test
  void questionsFromAWordProcessorBringTheirPictures() {
    teacher.startBlankQuiz("Word processor");
    String picture =
        "data:image/png;base64,"
            + Base64.getEncoder().encodeToString(Pictures.halves("png", 640, 480));
    String html =
        "<p>What is it? <img alt='halves' src='"
            + picture
            + "'></p><p>And this?</p>"
            + "<p><img src='file:///C:/bee.png'>Last?</p>";
    page.locator("fieldset textarea").first().focus();
    page.evaluate(
        "html => { const data = new DataTransfer(); data.setData('text', 'What is it?\\nAnd"
            + " this?\\nLast?'); data.setData('text/html', html);"
            + " document.activeElement.dispatchEvent(new ClipboardEvent('paste',"
            + " { clipboardData: data, bubbles: true, cancelable: true })); }",
        html);

    assertThat(page.locator("dialog")).containsText("3 questions without a right answer yet");
    assertThat(page.locator("dialog")).containsText("1 picture could not be added");
    assertThat(page.locator("dialog img")).isVisible();
    teacher.button("Import 3 questions").click();
    assertThat(page.getByText("Sheet · 3 questions")).isVisible();
    page.locator("[data-line]", new Page.LocatorOptions().setHasText("What is it?")).click();
    assertThat(teacher.stage().getByAltText("halves")).isVisible();
  }

  @Test
  void formattingThatIsPastedIsKeptAndScriptsAreNot() {
    teacher.startBlankQuiz("Pasted").writeQuestion("", "yes", "no");
    page.locator("fieldset textarea").first().focus();
    page.evaluate(
        "() => { const data = new DataTransfer(); data.setData('text', 'H2O is wet');"
            + " data.setData('text/html', '<p onclick=\"window.hit=1\">H<sub>2</sub>O <b>is</b>"
            + " <a href=\"javascript:window.hit=2\">wet</a><script>window.hit=3</script>"
            + "<img src=x onerror=\"window.hit=4\"></p>');"
            + " document.activeElement.dispatchEvent(new ClipboardEvent('paste',"
            + " { clipboardData: data, bubbles: true, cancelable: true })); }");

    assertThat(teacher.question().locator("sub")).hasText("2");
    assertThat(teacher.question().locator("strong")).hasText("is");
    assertThat(teacher.question()).hasText("H2O is wet");
    assertThat(teacher.question().locator("a, script, img")).hasCount(0);
    Assertions.assertThat(page.evaluate("() => window.hit ?? 0")).isEqualTo(0);
  }

  @Test
  void whatIsReadAloudIsLitWordByWord() {
    teacher.open("From flower to honey");
    teacher.stage().getByText("Start").click();
    Locator read =
        teacher
            .stage()
            .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Read aloud"));
    String lit = "[...(CSS.highlights.get('read-aloud') ?? [])].join('')";
    String first = teacher.question().innerText().split(" ")[0];

    read.click();
    page.waitForFunction("word => " + lit + " === word", first);
    page.waitForFunction("word => ![word, ''].includes(" + lit + ")", first);
    teacher
        .stage()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Stop reading"))
        .click();
    Assertions.assertThat(page.evaluate(lit)).isEqualTo("");
    assertThat(read).isVisible();
  }

  @Test
  void aVoiceOfTheBrowserIsUsedWhereThereIsOne() {
    page.addInitScript(
        """
        window.said = [];
        const voice = { lang: 'en-GB', name: 'Stand-in' };
        window.SpeechSynthesisUtterance = function (text) { this.text = text; };
        Object.defineProperty(window, 'speechSynthesis', { value: {
          getVoices: () => [voice], cancel: () => {},
          speak: (u) => { window.said.push([u.text, u.rate]);
            u.onboundary({ name: 'word', charIndex: u.text.indexOf('bees') });
            setTimeout(() => u.onend(), 700); } } });
        """);
    page.reload();
    teacher.open("From flower to honey");
    teacher.stage().getByText("Start").click();
    page.getByLabel("Jump to")
        .selectOption(
            new com.microsoft.playwright.options.SelectOption()
                .setLabel("1  What do bees sip from flowers to make honey?"));
    page.keyboard().press("Escape");
    teacher
        .stage()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Read aloud"))
        .click();

    page.waitForFunction("() => [...(CSS.highlights.get('read-aloud') ?? [])].join('') === 'bees'");
    page.waitForFunction("() => !CSS.highlights.get('read-aloud')");
    Assertions.assertThat((String) page.evaluate("() => window.said[0][0]"))
        .startsWith("What do bees sip from flowers to make honey?")
        .contains("nectar.");
    // Year 4 follows at 112 words a minute, of 184 that are usual.
    Assertions.assertThat((Double) page.evaluate("() => window.said[0][1]")).isBetween(0.55, 0.75);
  }

  @Test
  void whatIsUsedIsDeletedOnlyAfterAWarningAndComesBack() throws IOException {
    Path file = Files.createTempFile("hive door", ".png");
    Files.write(file, Pictures.halves("png", 500, 400));
    page.navigate("/media");
    page.locator("input[type=file]").setInputFiles(file);
    page.getByLabel("What it shows").fill("The door of our hive");
    page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Door");
    teacher.button("Done").click();
    teacher.startBlankQuiz("Doors").writeQuestion("What is it?", "a door", "a roof");
    format();
    tool("Picture");
    assertThat(page.locator("dialog").getByText("Door")).isVisible();
    AccessibilityTest.check(page, "choose a picture");
    page.locator("dialog").getByText("Door").click();
    assertThat(teacher.stage().getByAltText("The door of our hive")).isVisible();
    teacher.waitUntilSaved();

    page.navigate("/media");
    page.getByText("Door").click();
    assertThat(page.locator("dialog")).containsText("Used in 1 activity");
    teacher.button("Delete").click();
    assertThat(page.getByText("Its description will be shown there instead")).isVisible();
    AccessibilityTest.check(page, "media, delete what is used");
    teacher.button("Delete it anyway").click();
    assertThat(page.getByText("“Door” is in the bin. You can restore it for 30 days.")).isVisible();
    assertThat(page.getByText("Door", new Page.GetByTextOptions().setExact(true))).isHidden();
    teacher.button("Undo").click();
    assertThat(page.getByText("“Door” is back.")).isVisible();
    assertThat(page.getByText("Door", new Page.GetByTextOptions().setExact(true))).isVisible();
  }

  @Test
  void aFileThatIsNoPictureSaysWhatWouldBe() throws IOException {
    Path file = Files.createTempFile("bee", ".png");
    Files.writeString(file, "I am no bee");
    page.navigate("/media");
    page.locator("input[type=file]").setInputFiles(file);

    assertThat(page.getByRole(AriaRole.STATUS).last())
        .containsText(Pattern.compile("was not added.*no picture, sound or video.*PNG, JPEG"));
  }

  private void format() {
    page.locator("fieldset textarea").first().click();
    page.locator(".words-format").first().click();
    assertThat(page.locator(".rich-text").first()).isFocused();
  }

  private void tool(String name) {
    page.getByRole(AriaRole.TOOLBAR)
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name).setExact(true))
        .first()
        .click();
  }

  private void pasteFile(String name, byte[] file) {
    page.evaluate(
        "({ name, data }) => { const bytes = Uint8Array.from(atob(data), c => c.charCodeAt(0));"
            + " const transfer = new DataTransfer();"
            + " transfer.items.add(new File([bytes], name, { type: 'image/png' }));"
            + " document.activeElement.dispatchEvent(new ClipboardEvent('paste',"
            + " { clipboardData: transfer, bubbles: true, cancelable: true })); }",
        Map.of("name", name, "data", Base64.getEncoder().encodeToString(file)));
  }
}
