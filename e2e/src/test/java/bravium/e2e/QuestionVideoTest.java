package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import bravium.server.media.Pictures;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Question videos, on real films of six seconds: written, watched at each speed, won and lost. */
@ExtendWith(Browsers.class)
class QuestionVideoTest {

  private static final String DEMO = "A morning at the hive";

  /** A frame of the films, in seconds. */
  private static final Offset<Double> FRAME = Offset.offset(1 / 24.0);

  private final TestServer server = TestServer.shared();
  private final Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
  private final Page page = teacher.page;

  private static byte[] film(String name) throws IOException {
    try (var in = Pictures.class.getResourceAsStream(name)) {
      return in.readAllBytes();
    }
  }

  private static double at(Page page) {
    return ((Number) page.locator(".film-picture").evaluate("film => film.currentTime"))
        .doubleValue();
  }

  /** Writes a video with stops at two and at four seconds. */
  private void written(String title, String file) throws IOException {
    teacher.start("a film with stops", title);
    teacher.button("Choose a video").click();
    page.locator("dialog input[type=file]")
        .setInputFiles(new FilePayload(file, "video/mp4", film(file)));
    assertThat(exactly("Moment shown")).isVisible();
    exactly("Moment shown").fill("0:02");
    exactly("Moment shown").press("Enter");
    teacher.button("Stop here S").click();
    teacher.writeQuestion("Which number was that?", "two", "nine");
    exactly("Moment shown").fill("4");
    exactly("Moment shown").press("Enter");
    teacher.button("Play").focus();
    page.keyboard().press("s");
    teacher.writeQuestion("And this one?", "four", "seven");
    assertThat(page.getByLabel("Script — 2 stops")).isVisible();
  }

  private Locator exactly(String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  @ParameterizedTest
  @CsvSource({"counting.webm, 100", "counting.mp4, 200"})
  void eachStopIsMetWithinAFrameAndAReloadForgetsNothing(String file, int speed)
      throws IOException {
    written("Counting at " + speed, file);
    page.getByLabel("How fast learners may watch").selectOption("up to twice as fast");
    teacher.waitUntilSaved();
    String link = teacher.learnersLink();
    Learner learner = new Learner(Browsers.phone(server.address())).come(link);
    learner.button("Start").click();
    learner.page.getByLabel("Speed").selectOption(String.valueOf(speed));
    assertThat(learner.text("Which number was that?")).isVisible();
    Assertions.assertThat(at(learner.page)).isCloseTo(2, FRAME);
    AccessibilityTest.check(learner.page, "a stop of a film");
    learner.answer("two");
    learner.button("Go on").click();
    learner.page.reload();

    assertThat(learner.button("Go on")).isVisible();
    Assertions.assertThat(at(learner.page)).isBetween(1.95, 4.05);
    AccessibilityTest.check(learner.page, "a film");
    learner.page.getByLabel("Speed").selectOption(String.valueOf(speed));
    learner.button("Go on").click();
    assertThat(learner.text("And this one?")).isVisible();
    Assertions.assertThat(at(learner.page)).isCloseTo(4, FRAME);
    learner.answer("four");
    learner.button("Go on").click();
    assertThat(learner.text("You did it!")).isVisible();
  }

  @Test
  void whatCannotBeSkippedIsSaidAndWhoWatchesWithoutANetworkLosesNothing() {
    teacher.open(DEMO);
    Learner learner = new Learner(Browsers.phone(server.address())).come(teacher.learnersLink());
    learner.button("Start").click();
    assertThat(learner.button("Pause")).isVisible();
    learner.page.evaluate(HIDDEN);
    assertThat(learner.button("Pause")).hasCount(0);
    learner.page.getByLabel("Where the film is").press("End");
    assertThat(learner.page.getByText("What comes next can’t be skipped.")).isVisible();
    Assertions.assertThat(at(learner.page)).isLessThan(13);
    learner.page.getByLabel("Speed").selectOption("150");
    learner.page.context().setOffline(true);
    goesOn(learner).click();
    learner.page.waitForCondition(() -> at(learner.page) > 13.2);
    learner.page.context().setOffline(false);
    assertThat(learner.text("How do the guards know")).isVisible();
    assertThat(learner.text("28% watched")).isVisible();
  }

  @Test
  void whereSkippingIsAllowedNoStopIsMissedAndTooLittleWatchedIsSaid() throws IOException {
    written("Counting in a hurry", "counting.webm");
    page.getByLabel("Whether learners may skip ahead")
        .selectOption("can skip ahead (no stop is missed)");
    teacher.waitUntilSaved();
    Learner learner = new Learner(Browsers.phone(server.address())).come(teacher.learnersLink());
    learner.button("Start").click();
    Locator place = learner.page.getByLabel("Where the film is");
    place.press("End");
    assertThat(learner.text("Which number was that?")).isVisible();
    Assertions.assertThat(at(learner.page)).isCloseTo(2, FRAME);
    learner.answer("two");
    learner.button("Go on").click();
    place.press("End");
    assertThat(learner.text("And this one?")).isVisible();
    learner.answer("four");
    learner.button("Go on").click();
    place.press("End");
    assertThat(learner.text("90% is needed.")).isVisible();
    AccessibilityTest.check(learner.page, "a film of which too little was watched");
    learner.button("Finish anyway").click();
    assertThat(learner.page.getByText("90% of the film has to be watched.")).isVisible();
  }

  /** Another tab is in front for a moment: nobody watches a film that can't be seen. */
  private static final String HIDDEN =
      """
      () => {
        Object.defineProperty(document, "hidden", { value: true, configurable: true });
        document.dispatchEvent(new Event("visibilitychange"));
        delete document.hidden;
      }""";

  /** What plays on: it says “Play” where nothing was watched yet. */
  private static Locator goesOn(Learner learner) {
    return learner.button("Go on").or(learner.button("Play"));
  }

  @Test
  void whoAnswersWrongLosesAndResultsSayWhatWasWatched() throws IOException {
    written("Counting in vain", "counting.webm");
    teacher.waitUntilSaved();
    Learner learner = new Learner(Browsers.phone(server.address())).come(teacher.learnersLink());
    learner.button("Start").click();
    learner.answer("nine");
    learner.button("Go on").click();
    learner.answer("seven");
    learner.button("Go on").click();
    assertThat(learner.text("Not this time — you got 0 of 2")).isVisible();

    page.navigate(page.url().replace("/activities/", "/results/"));
    assertThat(page.getByText("What the class watched")).isVisible();
    page.getByText("Learner 1", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(page.getByText("100% of the film watched")).isVisible();
    AccessibilityTest.check(page, "results, a question video");
  }

  @Test
  void aWrongAnswerLeadsBackAtTheFrontByKeyboardAlone() {
    teacher.open(DEMO);
    teacher.present();
    assertThat(page.getByText("Watch, and answer where it stops.")).isVisible();
    page.waitForCondition(() -> at(page) > 1);
    page.keyboard().press("Space");
    assertThat(teacher.button("Go on")).isVisible();
    AccessibilityTest.check(page, "a film at the front");
    page.getByLabel("Where the film is").focus();
    for (int i = 0; i < 3; i++) {
      page.keyboard().press("ArrowRight");
    }
    assertThat(teacher.question()).containsText("How do the guards know");
    Assertions.assertThat(at(page)).isCloseTo(13.25, FRAME);
    page.keyboard().press(letterOf("By the colour"));
    page.keyboard().press("Enter");
    assertThat(page.getByText("You can try again.")).isVisible();
    page.keyboard().press("Space");
    assertThat(page.getByText("Watch, and answer where it stops.")).isVisible();
    Assertions.assertThat(at(page)).isBetween(8.4, 11.0);
    assertThat(teacher.question()).containsText("How do the guards know");
    page.keyboard().press("ArrowLeft");
    assertThat(page.getByText("You can try again.")).isVisible();
  }

  private String letterOf(String option) {
    String text = page.locator("label", new Page.LocatorOptions().setHasText(option)).innerText();
    return text.strip().substring(0, 1).toLowerCase();
  }

  @Test
  void aClipOfTheLibraryIsTrimmedAndItsCaptionsGoOutAsEveryBrowserReadsThem() throws IOException {
    teacher.start("a film with stops", "Dancing");
    teacher.button("Video library").click();
    Locator library = page.locator("dialog");
    library.getByLabel("Find in the library").fill("angles");
    assertThat(library.getByRole(AriaRole.LISTITEM)).hasCount(1);
    AccessibilityTest.check(page, "the video library");
    library.getByText("Use this film").click();
    assertThat(page.getByLabel(Pattern.compile("^What is said or seen at"))).hasCount(7);
    exactly("Moment shown").fill("0:30");
    exactly("Moment shown").press("Enter");
    teacher.button("Stop here S").click();
    teacher.writeQuestion("Which way is the sun?", "straight up", "down");
    exactly("Moment shown").fill("0:20");
    exactly("Moment shown").press("Enter");
    teacher.button("End here").click();
    assertThat(page.getByText("outside the part that is shown").first()).isVisible();
    Locator strip = page.getByLabel("Readiness");
    strip.getByRole(AriaRole.BUTTON).first().click();
    page.getByText("Move it to the nearest moment that is shown").click();
    assertThat(page.getByLabel("Moment of stop 1")).hasValue("0:20");
    AccessibilityTest.check(page, "build, a question video");

    Download saved = page.waitForDownload(() -> teacher.button("Save the captions").click());
    String text = Files.readString(saved.path(), StandardCharsets.UTF_8);
    @SuppressWarnings("unchecked")
    List<String> cues = (List<String>) page.evaluate(READ_BY_THE_BROWSER, text);
    Assertions.assertThat(cues)
        .hasSize(7)
        .contains("15.5 20 The longer the straight run lasts, the farther the flowers are.");
    teacher.waitUntilSaved();
  }

  /** What the browser's own parser of text tracks makes of a text. */
  private static final String READ_BY_THE_BROWSER =
      """
      text => new Promise((done, failed) => {
        const video = document.createElement("video");
        const track = document.createElement("track");
        track.kind = "captions";
        track.src = URL.createObjectURL(new Blob([text], { type: "text/vtt" }));
        track.onload = () =>
          done([...track.track.cues].map(cue => `${cue.startTime} ${cue.endTime} ${cue.text}`));
        track.onerror = () => failed(new Error("no captions"));
        video.append(track);
        document.body.append(video);
        track.track.mode = "hidden";
      })""";
}
