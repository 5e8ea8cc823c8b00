package bravium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bravium.server.TestServer;
import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.Media;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.assertj.core.api.Assertions;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The whiteboard: sorted, ordered and shaded alone on a phone and together at the front. */
@ExtendWith(Browsers.class)
class WhiteboardTest {

  private static final String DEMO = "The hive on the board";
  private static final String BOTH = "Visits flowers and Lives in a colony";

  private final TestServer server = TestServer.shared();
  private final Teacher teacher = new Teacher(Browsers.desktop(server.address())).signIn();
  private final Page page = teacher.page;

  private static void put(Page page, String card, String place) {
    button(page, card).click();
    button(page, "Put " + card + " into " + place).click();
  }

  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  /** Every page to a right answer, with the keyboard alone where that is asked for. */
  @Test
  void aLearnerWinsTheBoardAloneOnAPhone() {
    teacher.open(DEMO);
    Learner learner = new Learner(Browsers.phone(server.address())).come(teacher.learnersLink());
    Page phone = learner.page;
    learner.button("Start").click();
    AccessibilityTest.check(phone, "rings on a phone");
    for (String card : List.of("Honeybee", "Bumblebee")) {
      put(phone, card, BOTH);
    }
    for (String card : List.of("Hoverfly", "Red mason bee", "Peacock butterfly")) {
      put(phone, card, "Visits flowers");
    }
    put(phone, "Wood ant", "Visits flowers");
    put(phone, "Garden spider", "In none of them");
    put(phone, "Earthworm", "Lives in a colony");
    button(phone, "Undo").click();
    assertThat(button(phone, "Earthworm")).isVisible();
    put(phone, "Earthworm", "In none of them");
    learner.button("Answer").click();
    assertThat(learner.text("Partly right")).isVisible();
    learner.button("Try again").click();
    // What lay wrong has gone back, and the rest stayed.
    assertThat(phone.locator(".card-bench [data-card]")).hasCount(1);
    put(phone, "Wood ant", "Lives in a colony");
    learner.button("Answer").click();
    assertThat(learner.text("Since the first time one card has moved, to where it belongs."))
        .isVisible();
    learner.button("Next").click();

    phone.getByLabel("Parts that are shaded").fill("5");
    phone.getByLabel("Parts in a whole").fill("12");
    learner.button("Answer").click();
    assertThat(learner.text("Five twelfths of the rectangle is shaded.")).isVisible();
    learner.button("Next").click();

    // Three parts, by keys alone.
    phone.getByLabel("Part 1 of 8").focus();
    for (int i = 0; i < 3; i++) {
      phone.keyboard().press("Space");
      phone.keyboard().press("ArrowRight");
      phone.keyboard().press("ArrowRight");
    }
    assertThat(learner.text("3 of 8 parts shaded").first()).isVisible();
    learner.button("Answer").click();
    learner.button("Next").click();

    for (int part = 1; part <= 4; part++) {
      phone.getByLabel("Part " + part + " of 6").click();
    }
    learner.button("Answer").click();
    learner.button("Next").click();
    phone.getByText("more", new Page.GetByTextOptions().setExact(true)).click();
    learner.button("Answer").click();
    assertThat(learner.text("Three quarters is more than four sixths.")).isVisible();
    learner.button("Next").click();
    inOrder(phone);
    learner.button("Answer").click();
    learner.button("Next").click();
    put(phone, "lays an egg every minute", "Queen and In summer");
    put(phone, "is kept warm in the cluster", "Queen and In winter");
    put(phone, "shivers to make heat", "Worker and In summer");
    assertThat(phone.locator(".card-bench").getByText("shivers to make heat")).isVisible();
    put(phone, "shivers to make heat", "Worker and In winter");
    put(phone, "carries nectar home", "Worker and In summer");
    put(phone, "fans the door with her wings", "Worker and In summer");
    put(phone, "sleeps in a nest of leaves", "In none of them");
    learner.button("Next").click();
    put(phone, "Willow", "beside Spring");
    put(phone, "Dandelion", "beside Spring");
    put(phone, "Lime tree", "beside Summer");
    put(phone, "White clover", "beside Summer");
    put(phone, "Ivy", "beside Autumn");
    learner.button("Answer").click();
    learner.button("See how it went").or(learner.button("Next")).first().click();
    assertThat(learner.text("The board is yours").first()).isVisible();
    AccessibilityTest.check(phone, "the end of a board");
  }

  /** Each card one place at a time; the two that are level may come either way round. */
  private static void inOrder(Page phone) {
    List<String> year =
        List.of(
            "Bees fly out on the first mild days",
            "The queen lays more and more eggs",
            "A swarm leaves with the old queen",
            "Cells of honey are capped",
            "Lime trees flower",
            "The beekeeper takes honey",
            "The drones are driven out",
            "The bees crowd into a cluster");
    Locator rows = phone.locator("ol.card-field li");
    assertThat(rows).hasCount(year.size());
    for (int to = 0; to < year.size(); to++) {
      String card = year.get(to);
      List<String> texts = rows.allInnerTexts();
      int at = 0;
      while (!texts.get(at).contains(card)) {
        at++;
      }
      for (; at > to; at--) {
        button(phone, card + ": one place up").click();
        assertThat(rows.nth(at - 1)).containsText(card);
      }
    }
  }

  private static boolean isOneStroke(Request request) {
    return request.method().equals("PUT")
        && request.url().contains("/pages/")
        && request.postData().split("\"points\"").length == 2;
  }

  @Test
  void atTheFrontTwoHandsMoveTheFlapWaitsAndThePenTouchesNothing() throws IOException {
    teacher.open(DEMO).present();
    page.locator("[data-card]").first().waitFor();
    AccessibilityTest.check(page, "rings at the front");
    twoHands();
    assertThat(page.locator(".ring-region [data-card]")).hasCount(2);
    page.keyboard().press("p");
    assertThat(teacher.button("Highlighter")).isVisible();
    page.mouse().move(300, 300);
    page.mouse().down();
    page.mouse().move(600, 420, new Mouse.MoveOptions().setSteps(8));
    page.mouse().up();
    page.mouse().move(300, 500);
    page.mouse().down();
    page.mouse().move(500, 500, new Mouse.MoveOptions().setSteps(8));
    page.mouse().up();
    assertThat(page.locator("canvas[data-strokes='2']")).hasCount(1);
    page.waitForResponse(
        kept -> isOneStroke(kept.request()),
        () -> teacher.button("Take back the last stroke").click());
    assertThat(page.locator("canvas[data-strokes='1']")).hasCount(1);
    page.keyboard().press("Escape");
    // At another board the lesson goes on as it was left here.
    Page elsewhere = new Teacher(Browsers.desktop(server.address())).signIn().page;
    elsewhere.navigate(page.url());
    assertThat(elsewhere.locator("canvas[data-strokes='1']")).hasCount(1);
    assertThat(page.locator(".ring-region [data-card]")).hasCount(2);
    Download picture = page.waitForDownload(() -> page.keyboard().press("i"));
    Assertions.assertThat(picture.suggestedFilename()).isEqualTo(DEMO + " 1.png");
    BufferedImage left = ImageIO.read(Files.newInputStream(picture.path()));
    Assertions.assertThat(left.getWidth()).isGreaterThan(1_000);

    // A reload keeps what was drawn beside the play; the cards were not handed in.
    page.reload();
    assertThat(page.locator("canvas[data-strokes='1']")).hasCount(1);
    page.keyboard().press("p");
    teacher.button("Wipe everything").click();
    assertThat(page.locator("canvas[data-strokes='0']")).hasCount(1);
    page.keyboard().press("Escape");

    page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
    assertThat(page.locator(".front-strip")).isHidden();
    assertThat(page.locator(".rings")).isVisible();
    Files.write(Path.of("target/page.pdf"), page.pdf());
    page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));

    assertThat(page.getByText("Honeybees and bumblebees do both")).hasCount(0);
    page.keyboard().press("r");
    assertThat(page.getByText("Honeybees and bumblebees do both")).isVisible();
    teacher.button("Close the flap").click();
    assertThat(page.getByText("Honeybees and bumblebees do both")).hasCount(0);
    page.keyboard().press("w");
    assertThat(page.locator("main.present[data-low='true']")).hasCount(1);
    page.keyboard().press("s");
    assertThat(page.locator("[aria-label='Shutter']")).isVisible();
    page.keyboard().press("Escape");
    page.keyboard().press("w");
    assertThat(page.locator("main.present[data-low='false']")).hasCount(1);
  }

  /** Two fingers take a card each, and let go over two rings. */
  private void twoHands() {
    CDPSession touch = page.context().newCDPSession(page);
    Locator cards = page.locator(".card-bench [data-card]");
    double[][] from = {middle(cards.nth(0)), middle(cards.nth(1))};
    BoundingBox sheet = page.locator(".rings").boundingBox();
    double y = sheet.y + sheet.height / 2;
    double[][] to = {{sheet.x + sheet.width / 2, y}, {sheet.x + sheet.width * 0.85, y}};
    fingers(touch, "touchStart", from);
    for (int step = 1; step <= 10; step++) {
      double[][] now = new double[2][2];
      for (int finger = 0; finger < 2; finger++) {
        for (int axis = 0; axis < 2; axis++) {
          now[finger][axis] =
              from[finger][axis] + (to[finger][axis] - from[finger][axis]) * step / 10;
        }
      }
      fingers(touch, "touchMove", now);
    }
    fingers(touch, "touchEnd", new double[0][]);
  }

  private static double[] middle(Locator card) {
    BoundingBox box = card.boundingBox();
    return new double[] {box.x + box.width / 2, box.y + box.height / 2};
  }

  private static void fingers(CDPSession touch, String type, double[][] at) {
    JsonArray points = new JsonArray();
    for (int id = 0; id < at.length; id++) {
      JsonObject point = new JsonObject();
      point.addProperty("x", at[id][0]);
      point.addProperty("y", at[id][1]);
      point.addProperty("id", id);
      points.add(point);
    }
    JsonObject event = new JsonObject();
    event.addProperty("type", type);
    event.add("touchPoints", points);
    touch.send("Input.dispatchTouchEvent", event);
  }

  @Test
  void aFreshPageLikeTheLastIsOneStepAndFiguresFollowTheirSentences() {
    teacher.start("a fraction in a figure", "Fresh pages");
    assertThat(page.getByText("The answer: Seven tenths of the bar is shaded.")).isVisible();
    teacher.button("New page like this one").click();
    assertThat(page.getByText("The answer: Eight tenths of the bar is shaded.")).isVisible();
    page.getByLabel("Parts of each whole").fill("16");
    page.getByLabel("Parts of each whole").press("Enter");
    assertThat(page.getByText("The answer: Eight sixteenths of the bar is shaded.")).isVisible();
    page.getByLabel("What there is to do").selectOption("shades a fraction");
    assertThat(teacher.question()).hasText("Shade eight sixteenths of the bar.");
    teacher.waitUntilSaved();
    page.getByLabel("How the pages come").selectOption("as the class picks them");
    teacher.button("Again").click();
    teacher.stage().getByText("Start").click();
    assertThat(teacher.stage().getByText("Pick a page.")).isVisible();
    AccessibilityTest.check(page, "a whiteboard being written");
  }

  /** The share of the pixels that are shaded is the fraction, within half of a per cent. */
  @Test
  void whatIsShadedIsDrawnAsLargeAsItIs() throws IOException {
    page.navigate("/activities");
    teacher.button("a fraction in a figure").click();
    Locator figure = page.locator(".figure-small svg");
    for (String shape : List.of("circle", "bar", "rectangle", "set of things")) {
      page.getByLabel("What is cut").selectOption(shape);
      for (int parts : new int[] {3, 5, 7, 8, 12, 24}) {
        page.getByLabel("Parts of each whole").fill(String.valueOf(parts));
        page.getByLabel("Parts of each whole").press("Enter");
        assertThat(figure.locator("[data-part]")).hasCount(parts);
        assertThat(figure.locator("[data-shaded='true']")).hasCount(3);
        figure
            .locator("[data-shaded='false']")
            .evaluateAll("parts => parts.forEach(part => { part.style.fill = '#ff00ff'; })");
        // As large as on a board: where a part is a few pixels wide, their rounding is more than
        // that.
        figure.evaluate("svg => { svg.style.height = '640px'; svg.style.width = 'auto'; }");
        Assertions.assertThat(shadedShare(figure.screenshot()))
            .as("%s in %d parts", shape, parts)
            .isCloseTo(3.0 / parts, Offset.offset(0.005));
      }
    }
  }

  private static double shadedShare(byte[] png) throws IOException {
    BufferedImage image = ImageIO.read(new ByteArrayInputStream(png));
    long shaded = 0;
    long plain = 0;
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        int rgb = image.getRGB(x, y) & 0xffffff;
        shaded += rgb == SHADED ? 1 : 0;
        plain += rgb == PLAIN ? 1 : 0;
      }
    }
    return (double) shaded / (shaded + plain);
  }

  /**
   * Petrol, and what parts are painted with that are not shaded: the paper around is white, too.
   */
  private static final int SHADED = 0x0f5e6b;

  private static final int PLAIN = 0xff00ff;
}
