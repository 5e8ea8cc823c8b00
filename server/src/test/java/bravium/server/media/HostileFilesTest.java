package bravium.server.media;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Caller.Answer;
import bravium.server.OwnProcess;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Files that mean harm, to a server with 512 MB: each is refused in words, and it goes on. */
class HostileFilesTest {

  @TempDir private static Path folder;

  private static OwnProcess server;
  private static Caller teacher;

  @BeforeAll
  static void aServerWithLittleMemory() throws IOException, InterruptedException {
    server = OwnProcess.start(folder, "-Xmx512m", "-XX:+ExitOnOutOfMemoryError");
    teacher = Caller.teacherAt(server.address());
  }

  @AfterAll
  static void end() {
    server.close();
  }

  @AfterEach
  void nothingElseIsDisturbedAndNothingIsLeft() throws IOException {
    assertThat(server.isAlive()).isTrue();
    assertThat(teacher.get("/api/activities").body()).contains("Look and listen");
    try (Stream<Path> left = Files.list(folder.resolve("media/incoming"))) {
      assertThat(left).isEmpty();
    }
  }

  @Test
  void aPngThatClaimsTwoHundredMegapixels() {
    assertThat(refused(Pictures.pngThatClaims(20_000, 10_000)))
        .contains("20000 × 10000", "Up to 50 million pixels", "Nothing was added");
    assertThat(refused(Pictures.pngThatClaims(Integer.MAX_VALUE, Integer.MAX_VALUE)))
        .contains("Nothing was added");
  }

  /** 49 million pixels that are allowed, packed into some hundred kilobytes, three at once. */
  @Test
  void largePicturesThatAreAllowedAreTakenOneAfterAnother() throws Exception {
    byte[] large = packedPng(7_000, 7_000);
    assertThat(large.length).isLessThan(1_000_000);
    List<Thread> all =
        Stream.generate(() -> Thread.startVirtualThread(() -> taken(large))).limit(2).toList();
    for (Thread thread : all) {
      thread.join();
    }
    assertThat(taken(large).json().asObject().getInt("width", 0)).isEqualTo(2_000);
  }

  private static Answer taken(byte[] file) {
    Answer answer = teacher.upload("/api/media", file);
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
    return answer;
  }

  @Test
  void aTextFileThatIsCalledAPicture() {
    Answer answer =
        teacher.upload("/api/media?title=bee.png", "I am no bee".getBytes(StandardCharsets.UTF_8));

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.text("detail"))
        .contains("no picture, sound or video", "text/plain", "PNG, JPEG, WebP, GIF or SVG");
  }

  @Test
  void aZipThatIsCalledAPictureAndAPictureThatUnpacksToMoreThanItSays() throws IOException {
    assertThat(refused(bomb("bee.png", 500))).contains("no picture, sound or video");

    ByteArrayOutputStream data = new ByteArrayOutputStream();
    try (DeflaterOutputStream packed = new DeflaterOutputStream(data)) {
      zeros(packed, 500);
    }
    ByteArrayOutputStream bomb = new ByteArrayOutputStream();
    bomb.writeBytes(Pictures.pngThatClaims(10, 10));
    chunk(bomb, "IDAT", data.toByteArray());
    chunk(bomb, "IEND", new byte[0]);
    assertThat(taken(bomb.toByteArray()).json().asObject().getInt("width", 0)).isEqualTo(10);
  }

  @Test
  void picturesThatAreDamagedOrEmpty() {
    byte[] jpeg = Pictures.halves("jpg", 300, 200);
    assertThat(refused(Arrays.copyOf(jpeg, 40))).contains("damaged");
    assertThat(refused(Pictures.pngThatClaims(10, 10))).contains("damaged");
    assertThat(refused("<svg xmlns='http://www.w3.org/2000/svg'><g>".getBytes()))
        .contains("damaged");
    assertThat(refused(new byte[0])).contains("empty");
  }

  /**
   * Each entity stands for ten of the one before: the billion laughs of every XML reader's tests.
   */
  @Test
  void aDrawingWhoseEntitiesUnfoldWithoutEnd() {
    StringBuilder bomb = new StringBuilder("<!DOCTYPE svg [<!ENTITY a0 'ha'>");
    for (int i = 1; i < 12; i++) {
      bomb.append("<!ENTITY a%d '%s'>".formatted(i, "&a%d;".formatted(i - 1).repeat(10)));
    }
    bomb.append("]><svg xmlns='http://www.w3.org/2000/svg'><text>&a11;</text></svg>");

    Answer answer = teacher.upload("/api/media", bomb.toString().getBytes(StandardCharsets.UTF_8));

    assertThat(answer.status()).isEqualTo(400);
  }

  @Test
  void aDrawingOfAMillionElementsOrEndlessDepth() {
    String start = "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 9 9'>";
    assertThat(refused((start + "<g/>".repeat(1_000_000) + "</svg>").getBytes()))
        .contains("damaged");
    assertThat(refused((start + "<g>".repeat(100_000)).getBytes())).contains("damaged");
  }

  @Test
  void aPhotoOfAThousandScans() {
    assertThat(refused(Pictures.jpegOfScans(1_000))).contains("takes minutes to draw");
  }

  @Test
  void drawingsThatGrowWithEachStep() {
    String start = "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 9 9'><defs>";
    StringBuilder patterns = new StringBuilder(start);
    for (int i = 1; i < 12; i++) {
      String inside = "<rect width='9' height='9' fill='url(#p%d)'/>".formatted(i - 1).repeat(10);
      patterns.append("<pattern id='p%d' width='9' height='9'>%s</pattern>".formatted(i, inside));
    }
    patterns.append("</defs><rect width='9' height='9' fill='url(#p11)'/></svg>");
    String dots = "<circle r='1'/>".repeat(500);
    String markers =
        start
            + "<marker id='m'>"
            + dots
            + "</marker></defs><path marker-mid='url(#m)' d='M"
            + "1 2 ".repeat(2_000)
            + "'/></svg>";
    String styled =
        start
            + "<filter id='f'>"
            + "<feGaussianBlur stdDeviation='9'/>".repeat(20)
            + "</filter></defs><style>rect{filter:url(#f)}</style>"
            + "<rect width='9' height='9'/>".repeat(500)
            + "</svg>";
    for (String drawing : List.of(patterns.toString(), markers, styled)) {
      assertThat(refused(drawing.getBytes(StandardCharsets.UTF_8)))
          .contains("takes minutes to draw");
    }
  }

  @Test
  void aDrawingThatWouldFetchBySomeOtherFunction() {
    String drawing =
        "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 9 9'>"
            + "<style>rect{mask-image:image-set('http://spy.invalid/a.png' 1x)}</style>"
            + "<rect width='9' height='9' style=\"mask:cross-fade('//spy.invalid/b', red)\""
            + " aria-label='A bee (drawn)' transform='rotate(3)'/></svg>";

    String medium = taken(drawing.getBytes(StandardCharsets.UTF_8)).text("medium");

    String kept = teacher.get("/api/media/" + medium + "/file").body();
    assertThat(kept).doesNotContain("spy").contains("A bee (drawn)", "rotate(3)");
  }

  @Test
  void anActivityFileThatUnpacksToAThousandTimesItsSize() throws IOException {
    assertThat(importRefused(bomb("activity.json", 500))).contains("larger than the 8 MB");
  }

  @Test
  void aMediumInAnActivityFileThatUnpacksToAThousandTimesItsSize() throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      zip.putNextEntry(new ZipEntry("activity.json"));
      zip.write(MediaHttpTest.withPicture("bomb").getBytes(StandardCharsets.UTF_8));
      zip.putNextEntry(new ZipEntry("media/bomb.png"));
      zeros(zip, 500);
    }
    Answer answer = teacher.upload("/api/activities/files", out.toByteArray());

    assertThat(answer.status()).isEqualTo(201);
    assertThat(answer.body()).contains("larger than the 20 MB");
  }

  @Test
  void anUploadOfAGigabyteIsRefusedBeforeItIsRead() throws IOException {
    for (String path :
        List.of("/api/media", "/api/activities/files", "/api/questions/understood")) {
      assertThat(head(path, "Content-Length: 1073741824")).contains(" 413 ", "MB that are taken");
      assertThat(head(path, "Transfer-Encoding: chunked")).contains(" 411 ", "Content-Length");
    }
  }

  @Test
  void whoIsNotKnownIsRefusedBeforeAnythingIsRead() throws IOException {
    assertThat(head("/api/play/nonsense/moves", "Content-Length: 60000"))
        .contains(" 401 ", "This device is not known here");
    assertThat(head("/api/play/nonsense/moves", "Content-Length: 70000"))
        .contains(" 413 ", "64 KB");
    assertThat(head("/api/session", "Content-Length: 5000")).contains(" 413 ", "4 KB");
    for (String path : List.of("/api/activities", "/api/media", "/api/questions/understood")) {
      assertThat(head(path, "Content-Length: 3000000")).contains(" 403 ", "Nothing was changed");
    }
  }

  @Test
  void aTableOfAMillionLines() {
    String table = "question,right,wrong\n" + "a?,b,c\n".repeat(600_000);
    Answer answer =
        teacher.upload("/api/questions/understood", table.getBytes(StandardCharsets.UTF_8));
    assertThat(answer.status()).as("more than 4 MB").isEqualTo(413);

    String lines = "question,right\n" + "a\n".repeat(1_000_000);
    Answer million =
        teacher.upload("/api/questions/understood", lines.getBytes(StandardCharsets.UTF_8));
    assertThat(million.status()).isEqualTo(400);
    assertThat(million.text("detail")).contains("lines");
  }

  private static String refused(byte[] file) {
    Answer answer = teacher.upload("/api/media", file);
    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    return answer.text("detail");
  }

  private static String importRefused(byte[] file) {
    Answer answer = teacher.upload("/api/activities/files", file);
    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    return answer.text("detail");
  }

  /** The server's answer to the beginning of a request whose body never comes. */
  private static String head(String path, String header) throws IOException {
    URI address = URI.create(server.address());
    try (Socket socket = new Socket(address.getHost(), address.getPort())) {
      socket.setSoTimeout(30_000);
      OutputStream out = socket.getOutputStream();
      String request = "POST %s HTTP/1.1\r\nHost: x\r\nConnection: close\r\n%s\r\n\r\n";
      out.write(request.formatted(path, header).getBytes(StandardCharsets.US_ASCII));
      out.flush();
      InputStream in = socket.getInputStream();
      StringBuilder answer = new StringBuilder();
      byte[] buffer = new byte[4_096];
      for (int n = in.read(buffer); n >= 0; n = in.read(buffer)) {
        answer.append(new String(buffer, 0, n, StandardCharsets.UTF_8));
        if (answer.indexOf("reason") > 0) {
          break;
        }
      }
      return answer.toString();
    }
  }

  private static byte[] bomb(String name, int megabytes) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      zip.putNextEntry(new ZipEntry(name));
      zeros(zip, megabytes);
    }
    return out.toByteArray();
  }

  private static void zeros(OutputStream out, int megabytes) throws IOException {
    byte[] some = new byte[1 << 20];
    for (int i = 0; i < megabytes; i++) {
      out.write(some);
    }
  }

  /** A PNG of nothing but one colour. */
  private static byte[] packedPng(int width, int height) throws IOException {
    ByteArrayOutputStream data = new ByteArrayOutputStream();
    try (DeflaterOutputStream packed = new DeflaterOutputStream(data)) {
      byte[] row = new byte[1 + 4 * width];
      for (int y = 0; y < height; y++) {
        packed.write(row);
      }
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.writeBytes(Pictures.pngThatClaims(width, height));
    chunk(out, "IDAT", data.toByteArray());
    chunk(out, "IEND", new byte[0]);
    return out.toByteArray();
  }

  private static void chunk(ByteArrayOutputStream out, String name, byte[] data) {
    CRC32 sum = new CRC32();
    sum.update(name.getBytes(StandardCharsets.US_ASCII));
    sum.update(data);
    number(out, data.length);
    out.writeBytes(name.getBytes(StandardCharsets.US_ASCII));
    out.writeBytes(data);
    number(out, (int) sum.getValue());
  }

  private static void number(ByteArrayOutputStream out, int value) {
    for (int shift = 24; shift >= 0; shift -= 8) {
      out.write(value >> shift);
    }
  }
}
