package bravium.server.lists;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Caller.Answer;
import bravium.server.TestServer;
import bravium.server.media.Pictures;
import com.eclipsesource.json.JsonObject;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ListsHttpTest {

  private static final String ITEMS = "/api/lists/items?of=things";

  private final TestServer server = TestServer.shared();
  private final Caller teacher = Caller.teacher(server);

  private JsonObject list(String path, String text) {
    return teacher.post(path, text).json().asObject().get("list").asObject();
  }

  @Test
  void thingsAreReadAndReadOtherwise() {
    String text = "Kitchen:\n1. kettle, pot\n2. pan";

    JsonObject names = list(ITEMS, text);
    assertThat(names.getString("reading", "")).isEqualTo("names");
    assertThat(names.get("items").toString())
        .isEqualTo(
            "[{\"names\":[\"kettle\",\"pot\"],\"right\":false},{\"names\":[\"pan\"],\"right\":false}]");
    assertThat(names.get("lines").asArray().get(0).asObject().getString("role", ""))
        .isEqualTo("head");
    assertThat(list("/api/lists/items?of=options", "a) wax\n*b) honey").get("items").toString())
        .contains("{\"names\":[\"honey\"],\"right\":true}");
    assertThat(list("/api/lists/items?of=pairs", "Rhine: Basel").get("items").toString())
        .contains("[\"Rhine\",\"Basel\"]");
    assertThat(teacher.post("/api/lists/items?of=bees", text).status()).isEqualTo(400);
    assertThat(list(ITEMS + "&reading=each", text).get("items").asArray()).hasSize(3);
    assertThat(list(ITEMS + "&reading=as-it-is", text).get("items").toString())
        .contains("1. kettle, pot");
  }

  @Test
  void wordsAndCluesAreReadAndTurnedRound() {
    String text = "hive: where bees live";

    assertThat(list("/api/lists/clues", text).get("entries").toString())
        .isEqualTo("[{\"word\":\"hive\",\"clue\":\"where bees live\"}]");
    assertThat(list("/api/lists/clues?reading=clue-first", text).get("entries").toString())
        .isEqualTo("[{\"word\":\"where bees live\",\"clue\":\"hive\"}]");
  }

  @ParameterizedTest
  @ValueSource(strings = {"/api/lists/items?of=things", "/api/lists/clues"})
  void whatCantBeReadIsRefusedInWords(String path) {
    String and = path.contains("?") ? "&" : "?";

    assertThat(teacher.post(path + and + "reading=backwards", "a").status()).isEqualTo(400);
    assertThat(teacher.post(path, "a\n".repeat(5_001)).text("detail"))
        .contains("5000 lines", "Nothing was changed");
    assertThat(teacher.post(path, "").status()).isEqualTo(200);
    assertThat(Caller.stranger(server).post(path, "a").status()).isIn(401, 403);
  }

  @Test
  void aFileIsReadWhateverItsEncoding() {
    byte[] file = "Name;Year\r\nZo\u00eb;4\r\n".getBytes(StandardCharsets.ISO_8859_1);

    Answer opened = teacher.upload("/api/lists/opened", file);

    assertThat(opened.json().asObject().getString("text", ""))
        .isEqualTo("Name;Year\r\nZo\u00eb;4\r\n");
    assertThat(teacher.upload("/api/lists/opened", new byte[5_000_000]).status()).isEqualTo(413);
  }

  @Test
  void aSpreadsheetIsOpenedAsItsCells() throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (Workbook book = new Workbook(out, "Test", "1.0")) {
      Worksheet sheet = book.newWorksheet("Class");
      sheet.value(0, 0, "Question");
      sheet.value(0, 1, "Right");
      sheet.value(1, 0, "Legs?");
      sheet.value(1, 1, 6);
    }
    byte[] file = out.toByteArray();

    assertThat(teacher.upload("/api/lists/opened", file).json().asObject().getString("text", ""))
        .isEqualTo("Question\tRight\nLegs?\t6\n");
    assertThat(teacher.upload("/api/activities/files?name=legs.xlsx", file).status())
        .as("it is imported as an activity too")
        .isEqualTo(201);
  }

  @ParameterizedTest
  @CsvSource({
    "word/document.xml, a document from a word processor",
    "ppt/presentation.xml, These are slides",
    "xl/workbook.bin, another format than XLSX",
    "whatever.txt, a packed file"
  })
  void otherPackedFilesAreNamed(String entry, String words) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      zip.putNextEntry(new ZipEntry(entry));
      zip.write(1);
    }

    Answer answer = teacher.upload("/api/lists/opened", out.toByteArray());

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.text("detail")).contains(words, "Nothing was changed");
  }

  @Test
  void aPictureAndADamagedSpreadsheetAreNamed() throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      zip.putNextEntry(new ZipEntry("xl/workbook.xml"));
      zip.write(1);
    }

    assertThat(teacher.upload("/api/lists/opened", out.toByteArray()).text("detail"))
        .contains("damaged", "copy its cells");
    assertThat(teacher.upload("/api/lists/opened", Pictures.halves("png", 20, 20)).text("detail"))
        .contains("This is a picture");
  }
}
