package bravium.server.activities;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Caller.Answer;
import bravium.server.Playing;
import bravium.server.Samples;
import bravium.server.TestServer;
import bravium.server.media.Pictures;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonValue;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ArchiveHttpTest {

  private final Caller teacher = Caller.teacher(TestServer.shared());

  @Test
  void anActivityWithItsMediaGoesIntoOneFileAndPlaysTheSameElsewhere(@TempDir Path folder)
      throws IOException {
    String picture = medium(Pictures.halves("png", 60, 40));
    String sound = medium(Pictures.wav());
    String id = teacher.post("/api/activities", with(picture, sound)).text("id");

    var file = teacher.bytes("/api/activities/" + id + "/file");

    assertThat(file.headers().firstValue("Content-Type")).hasValue("application/zip");
    assertThat(file.headers().firstValue("Content-Disposition").orElseThrow())
        .contains("Pictures.bravium.zip");
    Map<String, byte[]> entries = entries(file.body());
    assertThat(entries.keySet())
        .containsExactly("activity.json", "media/" + picture + ".png", "media/" + sound + ".wav");

    try (TestServer elsewhere = TestServer.start(folder, "--bravium.demo=false")) {
      Caller other = Caller.stranger(elsewhere);
      other.beginAs(elsewhere, "A", "a long password");
      Answer taken = other.upload("/api/activities/files", file.body());
      assertThat(taken.status()).as(taken.body()).isEqualTo(201);
      assertThat(taken.json().asObject().get("left").asArray()).isEmpty();
      JsonValue there =
          other.get("/api/activities/" + taken.text("id")).json().asObject().get("activity");
      assertThat(there).isEqualTo(Json.parse(text(entries, "activity.json")));

      String code = other.post("/api/activities/" + taken.text("id") + "/link", "").text("code");
      Playing player = Playing.by(elsewhere, code);
      player.move(Samples.start("start"));
      String shown = player.showing().toString();
      String name = shown.replaceFirst("(?s).*\"picture\",\"medium\":\"([0-9a-f]+)\".*", "$1");
      assertThat(player.get("/media/" + name).header("Content-Type")).isEqualTo("image/png");
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"mp3", "ogg", "webm"})
  void whateverASoundIsKeptAsItLeavesAndComesBackWithItsLength(
      String ending, @TempDir Path folder) {
    byte[] bytes = Pictures.sound(ending);
    Answer kept = teacher.upload("/api/media?title=Hum." + ending + "&millis=1234", bytes);
    assertThat(kept.status()).as(kept.body()).isEqualTo(201);
    String sound = kept.text("medium");
    // A WebM says by itself how long it is.
    int millis = kept.json().asObject().getInt("millis", 0);
    assertThat(millis).isBetween(1_200, 1_260);
    String activity =
        with("hive", sound)
            .replace(
                "\"medium\": \"" + sound, "\"millis\": " + millis + ", \"medium\": \"" + sound);
    String id = teacher.post("/api/activities", activity).text("id");
    byte[] file = teacher.bytes("/api/activities/" + id + "/file").body();

    try (TestServer elsewhere = TestServer.start(folder, "--bravium.demo=false")) {
      Caller other = Caller.stranger(elsewhere);
      other.beginAs(elsewhere, "A", "a long password");
      Answer taken = other.upload("/api/activities/files", file);
      assertThat(taken.status()).as(taken.body()).isEqualTo(201);
      assertThat(taken.json().asObject().get("left").asArray()).isEmpty();
      Answer there = other.get("/api/media/" + sound);
      assertThat(there.json().asObject().getInt("millis", 0)).isEqualTo(millis);
      assertThat(other.bytes("/api/media/" + sound + "/file").body()).isEqualTo(bytes);
    }
  }

  @Test
  void aZipThatWasCutOffIsRefusedInWords() throws IOException {
    Map<String, byte[]> file = new LinkedHashMap<>();
    file.put("activity.json", with("hive", "hum").getBytes(StandardCharsets.UTF_8));
    byte[] whole = zip(file);
    for (int length : new int[] {5, whole.length / 3, whole.length / 2, whole.length - 3}) {
      Answer cut = teacher.upload("/api/activities/files", java.util.Arrays.copyOf(whole, length));
      assertThat(cut.status()).as(cut.body()).isEqualTo(400);
      assertThat(cut.text("detail")).endsWith("Nothing was changed.");
    }
  }

  @Test
  void anActivityWithoutMediaStaysOneReadableFile() {
    String id = teacher.post("/api/activities", Samples.threeQuestions("Plain")).text("id");

    Answer file = teacher.get("/api/activities/" + id + "/file");

    assertThat(file.header("Content-Type")).isEqualTo("application/json");
    assertThat(file.body()).startsWith("{\n  \"bravium\": 1,");
  }

  @Test
  void namesThatWouldBePathsAreNoMediaAndAreNeverWritten() throws IOException {
    Map<String, byte[]> tricks = new LinkedHashMap<>();
    tricks.put("activity.json", with("hive", "hum").getBytes(StandardCharsets.UTF_8));
    for (String name :
        new String[] {
          "../../bravium.db",
          "media/../hive.png",
          "/etc/hive.png",
          "media\\..\\hive.png",
          "media/hive/../hive.png",
          "media/HIVE.png"
        }) {
      tricks.put(name, Pictures.halves("png", 5, 5));
    }
    Answer taken = teacher.upload("/api/activities/files", zip(tricks));

    assertThat(taken.status()).isEqualTo(201);
    assertThat(teacher.get("/api/activities/" + taken.text("id")).body())
        .contains("\"medium\":\"hive\"");
  }

  @Test
  void aMediumThatCanNotBeTakenIsNamedAndTheActivityIsThere() throws IOException {
    Map<String, byte[]> file = new LinkedHashMap<>();
    file.put("media/hive.png", "no picture".getBytes(StandardCharsets.UTF_8));
    file.put("media/hum.wav", Pictures.wav());
    file.put("activity.json", with("hive", "hum").getBytes(StandardCharsets.UTF_8));

    Answer taken = teacher.upload("/api/activities/files", zip(file));

    assertThat(taken.status()).isEqualTo(201);
    assertThat(taken.json().asObject().get("left").asArray()).hasSize(1);
    assertThat(taken.body()).contains("no picture, sound or video");
    assertThat(teacher.get("/api/activities/" + taken.text("id")).body())
        .contains("\"medium\":\"hive\"")
        .doesNotContain("\"medium\":\"hum\"");
  }

  @Test
  void aZipThatIsNoActivityOrDamagedIsRefusedInWords() throws IOException {
    byte[] whole = zip(Map.of("activity.json", new byte[200]));
    byte[] half = java.util.Arrays.copyOf(whole, whole.length / 2);

    assertThat(refused(zip(Map.of("letter.txt", new byte[3])))).contains("no activity.json");
    assertThat(refused(half)).contains("this zip is damaged");
    assertThat(refused(whole)).contains("this is not JSON");
    assertThat(refused(new byte[] {'P', 'K', 3, 4, 0})).contains("this zip is damaged");
    assertThat(refused(new byte[0])).contains("no questions with answers");
    assertThat(refused(zip(Map.of("word/document.xml", new byte[3]))))
        .contains("a document from a word processor");
    assertThat(refused(zip(Map.of("xl/workbook.xml", new byte[3]))))
        .contains("This spreadsheet is damaged", "copy its cells");
    assertThat(refused(zip(Map.of("xl/workbook.bin", new byte[3])))).contains("as XLSX or CSV");
    assertThat(refused(Pictures.halves("png", 20, 20))).contains("This is a picture (png)");
  }

  private String refused(byte[] file) {
    Answer answer = teacher.upload("/api/activities/files", file);
    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    assertThat(answer.text("detail")).contains("Nothing was changed");
    return answer.text("detail");
  }

  private String medium(byte[] file) {
    return teacher.upload("/api/media", file).text("medium");
  }

  private static String with(String picture, String sound) {
    return Samples.threeQuestions("Pictures")
        .replace(
            "\"text\": \"Which one, q1?\"",
            """
            "text": [{"kind": "picture", "medium": "%s", "alt": "Halves"},
                     {"kind": "sound", "medium": "%s", "words": "A hum"}]
            """
                .formatted(picture, sound));
  }

  private static byte[] zip(Map<String, byte[]> entries) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
        zip.putNextEntry(new ZipEntry(entry.getKey()));
        zip.write(entry.getValue());
      }
    }
    return out.toByteArray();
  }

  private static Map<String, byte[]> entries(byte[] file) throws IOException {
    Map<String, byte[]> entries = new LinkedHashMap<>();
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        entries.put(entry.getName(), zip.readAllBytes());
      }
    }
    return entries;
  }

  private static String text(Map<String, byte[]> entries, String name) {
    return new String(entries.get(name), StandardCharsets.UTF_8);
  }
}
