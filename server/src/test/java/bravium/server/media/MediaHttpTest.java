package bravium.server.media;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Caller.Answer;
import bravium.server.Playing;
import bravium.server.Samples;
import bravium.server.TestServer;
import com.eclipsesource.json.JsonObject;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class MediaHttpTest {

  private static final String RED_CIRCLE =
      "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 40 20'><circle r='9' fill='red'/></svg>";

  private final TestServer server = TestServer.shared();
  private final Caller teacher = Caller.teacher(server);

  @Test
  void aPictureFromACameraIsTurnedUprightMadeSmallerAndFreedOfItsPlace() throws IOException {
    byte[] camera = Pictures.fromACamera(3_000, 1_500);
    assertThat(new String(camera, StandardCharsets.ISO_8859_1)).contains("SECRET PLACE");

    JsonObject card = added("C:\\photos\\our hive.jpg", camera);

    assertThat(card.getString("title", "")).isEqualTo("our hive");
    assertThat(card.getInt("width", 0)).isEqualTo(1_000);
    assertThat(card.getInt("height", 0)).isEqualTo(2_000);
    HttpResponse<byte[]> file = file(card);
    assertThat(new String(file.body(), StandardCharsets.ISO_8859_1))
        .doesNotContain("SECRET PLACE", "Exif");
    BufferedImage kept = ImageIO.read(new ByteArrayInputStream(file.body()));
    // The camera lay on its right side: what was left is now above.
    assertThat(kept.getRGB(500, 100) & 0xFFFFFF).isGreaterThan(0xE00000);
    assertThat(kept.getRGB(500, 1_900) & 0xFF).isGreaterThan(0xE0);
    BufferedImage small =
        ImageIO.read(
            new ByteArrayInputStream(
                teacher.bytes("/api/media/" + card.getString("medium", "") + "/small").body()));
    assertThat(small.getHeight()).isEqualTo(400);
  }

  @Test
  void whatIsInAFileDecidesAndNotWhatItIsCalled() {
    for (List<Object> file :
        List.<List<Object>>of(
            List.of("bee.txt", Pictures.halves("png", 20, 10), "image/png"),
            List.of("bee.png", Pictures.halves("jpg", 20, 10), "image/jpeg"),
            List.of("bee", Pictures.movingGif(), "image/gif"),
            List.of("bee.exe", RED_CIRCLE.getBytes(StandardCharsets.UTF_8), "image/svg+xml"),
            List.of("hum.mp3", Pictures.wav(), "audio/wav"))) {
      JsonObject card = added((String) file.get(0), (byte[]) file.get(1));

      assertThat(card.getString("type", "")).isEqualTo(file.get(2));
      assertThat(file(card).headers().firstValue("Content-Type")).hasValue((String) file.get(2));
    }
    assertThat(added("hum", Pictures.wav()).getInt("millis", 0)).isEqualTo(1_000);
  }

  /** Drawn by the encoder of another library; a WebP has no writer on the JVM. */
  @Test
  void aWebpIsReadAndKeptAsWhatEveryBrowserShows() throws IOException {
    byte[] webp;
    try (var in = MediaHttpTest.class.getResourceAsStream("halves.webp")) {
      webp = in.readAllBytes();
    }
    JsonObject card = added("halves.webp", webp);

    assertThat(card.getString("type", "")).isEqualTo("image/jpeg");
    BufferedImage kept = ImageIO.read(new ByteArrayInputStream(file(card).body()));
    assertThat(kept.getRGB(5, 10) & 0xFF0000).isGreaterThan(0xC00000);
    assertThat(kept.getRGB(35, 10) & 0xFF).isGreaterThan(0xC0);
  }

  @Test
  void aMovingPictureStillMovesAndSaysNothingElse() throws IOException {
    byte[] kept = file(added("moves.gif", Pictures.movingGif())).body();

    assertThat(new String(kept, StandardCharsets.ISO_8859_1))
        .contains("NETSCAPE2.0")
        .doesNotContain("SECRET");
    var reader = ImageIO.getImageReadersByFormatName("gif").next();
    reader.setInput(ImageIO.createImageInputStream(new ByteArrayInputStream(kept)));
    assertThat(reader.getNumImages(true)).isEqualTo(2);
  }

  @Test
  void ofADrawingOnlyWhatDrawsIsKept() {
    String hostile =
        """
        <?xml version="1.0"?><!DOCTYPE svg [<!ENTITY x SYSTEM "file:///etc/hostname">]>
        <svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink"
             viewBox="0 0 40 20" onload="alert(1)">
          <script>alert(2)</script>
          <style>@import url(https://example.org/x.css);</style>
          <style>circle { fill: url(#g) }</style>
          <linearGradient id="g"/>
          <a xlink:href="javascript:alert(3)"><rect width="4"/></a>
          <image href="https://example.org/spy.png"/>
          <foreignObject><body xmlns="http://www.w3.org/1999/xhtml"><b>x</b></body></foreignObject>
          <set attributeName="href" to="javascript:alert(4)"/>
          <circle r="9" style="fill:url(https://example.org/y)" onclick="alert(5)" stroke="red"/>
          <g id="a"><circle/></g><g id="b"><use href="#a"/><use href="#a"/></g><use href="#b"/>
        </svg>
        """;
    JsonObject card = added("bee.svg", hostile.getBytes(StandardCharsets.UTF_8));
    String kept = new String(file(card).body(), StandardCharsets.UTF_8);

    assertThat(kept)
        .contains("<circle", "stroke=\"red\"", "url(#g)", "width=\"40.0\"", "href=\"#b\"")
        .doesNotContain(
            "alert", "script", "example.org", "foreign", "<set", "onload", "hostname", "#a\"");
    assertThat(file(card).headers().firstValue("Content-Security-Policy").orElseThrow())
        .contains("default-src 'none'", "sandbox");
  }

  @Test
  void theSameFileIsThereOnce() {
    byte[] same = Pictures.halves("png", 31, 17);
    int before = list("").getInt("total", 0);

    String first = added("one.png", same).getString("medium", "");
    String second = added("two.png", same).getString("medium", "");

    assertThat(second).isEqualTo(first);
    assertThat(list("").getInt("total", 0)).isEqualTo(before + 1);
  }

  @Test
  void aFileIsServedWholeInRangesAndNotAgainWhenItIsThere() {
    JsonObject card = added("hum.wav", Pictures.wav());
    String path = path(card);
    HttpResponse<byte[]> whole = teacher.bytes(path);
    String tag = whole.headers().firstValue("ETag").orElseThrow();

    assertThat(whole.headers().firstValue("Cache-Control").orElseThrow())
        .contains("max-age=31536000", "private", "immutable");
    HttpResponse<byte[]> part = teacher.bytes(path, "Range", "bytes=100-149");
    assertThat(part.statusCode()).isEqualTo(206);
    assertThat(part.body()).isEqualTo(Arrays.copyOfRange(whole.body(), 100, 150));
    assertThat(part.headers().firstValue("Content-Range").orElseThrow())
        .isEqualTo("bytes 100-149/" + whole.body().length);
    assertThat(tag).doesNotStartWith("W/");
    assertThat(teacher.bytes(path, "If-None-Match", tag).statusCode()).isEqualTo(304);
    assertThat(teacher.bytes(path, "Range", "bytes=999999-").statusCode()).isEqualTo(416);
  }

  @Test
  void aMediumIsDescribedFoundDeletedAndBroughtBack() {
    JsonObject card = added("bee on clover.png", Pictures.halves("png", 33, 21));
    String medium = "/api/media/" + card.getString("medium", "");

    Answer described =
        teacher.put(medium, "{\"title\": \"Clover bee\", \"words\": \"She sits on clover\"}");
    assertThat(described.text("words")).isEqualTo("She sits on clover");
    assertThat(list("?search=sits").getInt("total", 0)).isEqualTo(1);
    assertThat(list("?search=sits&kind=sound").getInt("total", -1)).isZero();
    assertThat(teacher.put(medium, "{\"title\": \" \", \"words\": \"\"}").status()).isEqualTo(400);
    assertThat(teacher.put(medium, "{}").status()).isEqualTo(400);

    assertThat(teacher.send("DELETE", medium, null).status()).isEqualTo(204);
    assertThat(teacher.bytes(path(card)).statusCode()).isEqualTo(404);
    assertThat(teacher.send("DELETE", medium, null).status()).isEqualTo(404);
    assertThat(teacher.post(medium + "/return", "").status()).isEqualTo(204);
    assertThat(teacher.bytes(path(card)).statusCode()).isEqualTo(200);
    assertThat(teacher.get(medium).text("words")).isEqualTo("She sits on clover");
  }

  @Test
  void onlyTheOwnerAndPlayersOfWhatUsesItGetAMedium(@TempDir Path folder) {
    try (TestServer school = TestServer.start(folder, "--bravium.demo=false")) {
      Caller owner = Caller.stranger(school);
      owner.beginAs(school, "Ms Linden", "a long password");
      owner.post("/api/teachers", "{\"name\": \"Mr Rowan\", \"password\": \"a long password\"}");
      Caller other = signedIn(school, "/api/session", "Mr Rowan");
      JsonObject card = card(owner.upload("/api/media", Pictures.halves("png", 50, 40)));
      String medium = card.getString("medium", "");
      String with = owner.post("/api/activities", withPicture(medium)).text("id");
      String without = owner.post("/api/activities", Samples.threeQuestions("None")).text("id");
      // Somebody who knows the name writes it into an activity of her own: it is not there.
      String stolen = other.post("/api/activities", withPicture(medium)).text("id");

      assertThat(owner.get("/api/media/" + medium).body()).contains(with).doesNotContain(without);
      for (String path : List.of("", "/file", "/small")) {
        assertThat(owner.get("/api/media/" + medium + path).status()).isEqualTo(200);
        assertThat(other.get("/api/media/" + medium + path).status()).isEqualTo(404);
        assertThat(Caller.stranger(school).get("/api/media/" + medium + path).status())
            .isEqualTo(401);
      }

      Playing player = Playing.by(school, code(owner, with));
      player.move(Samples.start("start"));
      String shown = player.showing().toString();
      assertThat(shown).contains("\"kind\":\"picture\"").doesNotContain(medium);
      String name = shown.replaceFirst("(?s).*\"medium\":\"([0-9a-f]+)\".*", "$1");
      assertThat(player.get("/media/" + name).status()).isEqualTo(200);
      assertThat(player.get("/media/" + name).header("ETag")).doesNotContain(medium);
      assertThat(player.get("/media/" + medium).status()).isEqualTo(404);

      Playing second = Playing.by(school, code(owner, with));
      assertThat(second.get("/media/" + name).status()).as("names are a play's own").isEqualTo(404);
      Playing elsewhere = Playing.by(school, code(owner, without));
      assertThat(elsewhere.get("/media/" + name).status()).isEqualTo(404);
      String theirs = "/api/play/" + player.sitting() + "/media/" + name;
      assertThat(Caller.stranger(school).get(theirs).status()).isEqualTo(401);
      assertThat(elsewhere.fetch(theirs).status()).isIn(401, 404);
      Playing thief = Playing.by(school, code(other, stolen));
      thief.move(Samples.start("start"));
      String named = thief.showing().toString();
      String own = named.replaceFirst("(?s).*\"medium\":\"([0-9a-f]+)\".*", "$1");
      assertThat(thief.get("/media/" + own).status()).isEqualTo(404);
    }
  }

  private static Caller signedIn(TestServer school, String path, String name) {
    Caller caller = Caller.stranger(school);
    caller.get("/api/session");
    caller.post(path, "{\"name\": \"%s\", \"password\": \"a long password\"}".formatted(name));
    return caller;
  }

  private static String code(Caller teacher, String activity) {
    return teacher.post("/api/activities/" + activity + "/link", "").text("code");
  }

  /** The first question has a picture. */
  static String withPicture(String medium) {
    return Samples.threeQuestions("Pictures")
        .replace(
            "\"text\": \"Which one, q1?\"",
            """
            "text": [{"kind": "paragraph", "content": [{"kind": "text", "text": "What is it?"}]},
                     {"kind": "picture", "medium": "%s", "alt": "Halves"}]
            """
                .formatted(medium));
  }

  private JsonObject added(String title, byte[] file) {
    String name = java.net.URLEncoder.encode(title, StandardCharsets.UTF_8);
    return card(teacher.upload("/api/media?title=" + name, file));
  }

  private static JsonObject card(Answer answer) {
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
    return answer.json().asObject();
  }

  private JsonObject list(String query) {
    return teacher.get("/api/media" + query).json().asObject();
  }

  private static String path(JsonObject card) {
    return "/api/media/" + card.getString("medium", "") + "/file";
  }

  private HttpResponse<byte[]> file(JsonObject card) {
    return teacher.bytes(path(card));
  }

  @Test
  void whatWasDeletedLiesInTheBinUntilItIsBroughtBack() {
    JsonObject card = added("a frame for the bin.png", Pictures.halves("png", 31, 23));
    String medium = "/api/media/" + card.getString("medium", "");
    int before = list("").getInt("removed", -1);
    assertThat(list("?removed=true&search=for%20the%20bin").getInt("total", -1)).isZero();

    teacher.send("DELETE", medium, null);

    assertThat(list("").getInt("removed", -1)).isEqualTo(before + 1);
    assertThat(list("?removed=true&search=for%20the%20bin").getInt("total", 0)).isEqualTo(1);
    assertThat(list("?search=for%20the%20bin").getInt("total", -1)).isZero();
    assertThat(teacher.bytes(medium + "/small?removed=true").statusCode()).isEqualTo(200);
    assertThat(teacher.bytes(medium + "/small").statusCode()).isEqualTo(404);
    teacher.post(medium + "/return", "");
    assertThat(list("").getInt("removed", -1)).isEqualTo(before);
    assertThat(teacher.bytes(medium + "/small?removed=true").statusCode()).isEqualTo(404);
  }

  /** Boxes as ISO/IEC 14496-12 describes them: sizes and names, a version, a scale, a duration. */
  @Test
  void anM4aIsASoundWithItsLengthAndAVideoOfTheSameFormIsNone() throws IOException {
    JsonObject card = added("memo.m4a", mp4("M4A ", "soun"));

    assertThat(card.getString("kind", "")).isEqualTo("sound");
    assertThat(card.getString("type", "")).isEqualTo("audio/mp4");
    assertThat(card.getInt("millis", 0)).isEqualTo(2_500);
    assertThat(card(teacher.upload("/api/media", mp4("mp42", "soun"))).getString("kind", ""))
        .isEqualTo("sound");
    for (byte[] other :
        List.of(
            mp4("mp42", "soun", "vide"),
            mp4("M4A ", "vide"),
            mp4("M4A "),
            cut(mp4("M4A ", "soun")))) {
      Answer refused = teacher.upload("/api/media", other);
      assertThat(refused.status()).isEqualTo(400);
      assertThat(refused.text("reason")).isIn("medium-type", "medium-damaged");
    }
  }

  private static byte[] cut(byte[] file) {
    return Arrays.copyOf(file, 60);
  }

  private static byte[] mp4(String brand, String... handlers) throws IOException {
    ByteArrayOutputStream moov = new ByteArrayOutputStream();
    ByteArrayOutputStream head = new ByteArrayOutputStream();
    DataOutputStream times = new DataOutputStream(head);
    for (int number : new int[] {0, 0, 0, 1_000, 2_500}) {
      times.writeInt(number);
    }
    head.write(new byte[80]);
    moov.write(box("mvhd", head.toByteArray()));
    for (String handler : handlers) {
      byte[] named =
          ("\0\0\0\0\0\0\0\0" + handler + "\0".repeat(13)).getBytes(StandardCharsets.ISO_8859_1);
      moov.write(box("trak", box("mdia", box("hdlr", named))));
    }
    ByteArrayOutputStream file = new ByteArrayOutputStream();
    file.write(
        box("ftyp", (brand + "\0\0\0\0" + brand + "isom").getBytes(StandardCharsets.ISO_8859_1)));
    file.write(box("moov", moov.toByteArray()));
    file.write(box("mdat", new byte[64]));
    return file.toByteArray();
  }

  private static byte[] box(String name, byte[] content) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    DataOutputStream out = new DataOutputStream(bytes);
    out.writeInt(8 + content.length);
    out.writeBytes(name);
    out.write(content);
    return bytes.toByteArray();
  }
}
