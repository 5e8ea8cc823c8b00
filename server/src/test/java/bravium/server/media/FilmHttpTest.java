package bravium.server.media;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Caller.Answer;
import bravium.server.TestServer;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Videos as they come in and are served. The files were made with ffmpeg, as their streams say. */
class FilmHttpTest {

  private static final int FILM_MILLIS = 6_000;

  private final TestServer server = TestServer.shared();
  private final Caller teacher = Caller.teacher(server);

  private static byte[] file(String name) throws IOException {
    try (var in = FilmHttpTest.class.getResourceAsStream(name)) {
      return in.readAllBytes();
    }
  }

  private JsonObject added(String title, byte[] content) {
    Answer answer = teacher.upload("/api/media?title=" + title, content);
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
    return answer.json().asObject();
  }

  @Test
  void lengthSizeAndFramesAreReadFromTheFile() throws IOException {
    for (String name : new String[] {"counting.mp4", "counting.webm", "fragmented.mp4"}) {
      JsonObject card = added(name, file(name));

      assertThat(card.getString("kind", "")).as(name).isEqualTo("video");
      assertThat(card.getInt("width", 0)).as(name).isEqualTo(160);
      assertThat(card.getInt("height", 0)).as(name).isEqualTo(90);
      // Sound is coded in blocks, so that a file lasts up to some of them longer.
      assertThat(card.getInt("millis", 0)).as(name).isBetween(FILM_MILLIS - 50, FILM_MILLIS + 100);
      if (!name.endsWith("webm")) {
        assertThat(card.getInt("rate", 0)).as(name).isBetween(23_900, 24_100);
      }
    }
  }

  @Test
  void aRecordingOfSoundInTheFormOfAVideoIsASound() throws IOException {
    JsonObject card = added("tone.mp4", file("tone.m4a"));

    assertThat(card.getString("kind", "")).isEqualTo("sound");
    assertThat(card.getInt("millis", 0)).isBetween(1_950, 2_100);
  }

  @Test
  void whatNotEveryBrowserPlaysIsSaidAtOnce() throws IOException {
    Answer answer = teacher.upload("/api/media?title=new.mp4", file("hevc.mp4"));

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.text("reason")).isEqualTo("medium-unplayable");
    assertThat(answer.text("detail")).contains("hev1").contains("H.264");
  }

  @Test
  void whatWasCutOffInTransferIsNotTakenWithoutAWord() throws IOException {
    for (String name : new String[] {"counting.mp4", "counting.webm"}) {
      byte[] whole = file(name);
      byte[] part = Arrays.copyOf(whole, whole.length * 3 / 4);
      Answer answer = teacher.upload("/api/media?title=part-" + name, part);

      assertThat(answer.status()).as(name).isEqualTo(400);
      assertThat(answer.text("detail")).as(name).contains("The end of this video is missing");
    }
  }

  @Test
  void aTextNamedAsAVideoIsNone() {
    Answer answer =
        teacher.upload(
            "/api/media?title=film.mp4", "just some words".getBytes(StandardCharsets.UTF_8));

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.text("reason")).isEqualTo("medium-type");
  }

  @Test
  void aFileThatClaimsFourHoursIsRefused() throws IOException {
    byte[] film = file("counting.mp4");
    int times = indexOf(film, "mdhd");
    while (times >= 0) {
      // A scale of a thousandth of what it was makes each frame last a thousand times as long.
      int scale = ByteBuffer.wrap(film).getInt(times + 16);
      ByteBuffer.wrap(film).putInt(times + 16, Math.max(1, scale / 2_400));
      int next = indexOf(Arrays.copyOfRange(film, times + 4, film.length), "mdhd");
      times = next < 0 ? -1 : next + times + 4;
    }

    Answer answer = teacher.upload("/api/media?title=long.mp4", film);

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.text("detail")).contains("claims to last far longer");
  }

  private static int indexOf(byte[] in, String text) {
    return new String(in, StandardCharsets.ISO_8859_1).indexOf(text);
  }

  @Test
  void brokenFilesAreRefusedInWordsAndNothingFails() throws IOException {
    for (String name : new String[] {"counting.mp4", "counting.webm", "fragmented.mp4"}) {
      byte[] whole = file(name);
      for (int length = 40; length < 2_000; length += 97) {
        byte[] cut = Arrays.copyOf(whole, length);
        Answer answer = teacher.upload("/api/media?title=cut", cut);
        assertThat(answer.status()).as(name + " " + length).isIn(201, 400);
      }
    }
  }

  @Test
  void aVideoIsServedInRanges() throws IOException {
    byte[] film = file("counting.webm");
    JsonObject card = added("ranged.webm", film);
    String address = "/api/media/" + card.getString("medium", "") + "/file";

    HttpResponse<byte[]> part = teacher.bytes(address, "Range", "bytes=100-299");
    assertThat(part.statusCode()).isEqualTo(206);
    assertThat(part.body()).isEqualTo(Arrays.copyOfRange(film, 100, 300));
    assertThat(part.headers().firstValue("Content-Range")).hasValue("bytes 100-299/" + film.length);
    HttpResponse<byte[]> end = teacher.bytes(address, "Range", "bytes=-10");
    assertThat(end.body()).isEqualTo(Arrays.copyOfRange(film, film.length - 10, film.length));
    HttpResponse<byte[]> beyond = teacher.bytes(address, "Range", "bytes=" + film.length + "-");
    assertThat(beyond.statusCode()).isEqualTo(416);
    assertThat(beyond.body()).as("nothing of the file").isEmpty();
    assertThat(beyond.headers().firstValue("Content-Range")).hasValue("bytes */" + film.length);
    assertThat(part.headers().firstValue("Content-Type")).hasValue("video/webm");
  }

  @Test
  void aLargeFileComesInPartsAndGoesOnWhereItBroke() throws IOException {
    byte[] film = another(file("counting.mp4"));
    JsonObject begun = begun("in parts.mp4", film.length);
    String upload = "/api/uploads/" + begun.getString("id", "");
    assertThat(begun.getInt("received", -1)).isZero();

    assertThat(part(upload, 0, Arrays.copyOf(film, 10_000)).status()).isEqualTo(200);
    // Chosen again after a reload, the same file is found.
    assertThat(begun("in parts.mp4", film.length).getInt("received", 0)).isEqualTo(10_000);
    Answer elsewhere = part(upload, 5_000, new byte[10]);
    assertThat(elsewhere.status()).isEqualTo(409);
    assertThat(elsewhere.text("detail")).contains("10000");
    Answer early = teacher.post(upload + "/medium", "");
    assertThat(early.status()).isEqualTo(409);
    assertThat(early.text("reason")).isEqualTo("upload-unfinished");
    part(upload, 10_000, Arrays.copyOfRange(film, 10_000, film.length));

    Answer done = teacher.post(upload + "/medium", "");

    assertThat(done.status()).as(done.body()).isEqualTo(201);
    assertThat(done.text("kind")).isEqualTo("video");
    assertThat(done.text("title")).isEqualTo("in parts");
    byte[] kept = teacher.bytes("/api/media/" + done.text("medium") + "/file").body();
    assertThat(kept).isEqualTo(film);
    assertThat(teacher.get(upload).status()).isEqualTo(404);
  }

  /** The same film with a box of nothing behind it, so that it is another file. */
  private static byte[] another(byte[] film) {
    return ByteBuffer.allocate(film.length + 8)
        .put(film)
        .putInt(8)
        .put("free".getBytes(StandardCharsets.US_ASCII))
        .array();
  }

  @Test
  void moreThanWasAnnouncedIsRefusedAndWhatIsNoFilmIsGone() {
    JsonObject begun = begun("words.mp4", 20);
    String upload = "/api/uploads/" + begun.getString("id", "");
    assertThat(part(upload, 0, new byte[30]).text("reason")).isEqualTo("upload-long");
    JsonObject again = begun("more words.mp4", 20);
    String other = "/api/uploads/" + again.getString("id", "");
    part(other, 0, "twenty letters of it".getBytes(StandardCharsets.UTF_8));

    assertThat(teacher.post(other + "/medium", "").text("reason")).isEqualTo("medium-type");
    assertThat(teacher.get(other).status()).isEqualTo(404);
    assertThat(teacher.send("DELETE", upload, null).status()).isEqualTo(204);
    assertThat(teacher.get(upload).status()).isEqualTo(404);
  }

  @Test
  void fewAreOnTheirWayAtOnceAndNoneIsLargerThanAGigabyte() throws InterruptedException {
    assertThat(
            teacher
                .post("/api/uploads", "{\"title\":\"huge\",\"bytes\":2000000000}")
                .text("detail"))
        .contains("1024 MB");
    assertThat(teacher.post("/api/uploads", "{\"title\":\"none\",\"bytes\":0}").status())
        .isEqualTo(400);
    // Also where they are all begun at once.
    List<Thread> beginnings =
        IntStream.range(0, 8)
            .mapToObj(i -> Thread.startVirtualThread(() -> begunQuietly("many " + i, 1_000 + i)))
            .toList();
    for (Thread beginning : beginnings) {
      beginning.join();
    }
    assertThat(teacher.get("/api/uploads").json().asArray()).hasSize(5);
    Answer many = teacher.post("/api/uploads", "{\"title\":\"one more\",\"bytes\":9}");
    assertThat(many.text("reason")).isEqualTo("uploads-many");
    teacher
        .get("/api/uploads")
        .json()
        .asArray()
        .forEach(
            one ->
                teacher.send("DELETE", "/api/uploads/" + one.asObject().getString("id", ""), null));
  }

  @Test
  void whatIsNeverBroughtToItsEndIsForgottenAfterADay() throws IOException {
    JsonObject begun = begun("never ended.mp4", 5_000);
    String name = begun.getString("id", "");
    part("/api/uploads/" + name, 0, new byte[2_000]);
    Path file = server.part(MediaFiles.class).upload(name);
    UploadService uploads = server.part(UploadService.class);
    uploads.atNight(Instant.now());
    assertThat(teacher.get("/api/uploads/" + name).status()).isEqualTo(200);
    assertThat(file).hasSize(2_000);

    uploads.atNight(Instant.now().plus(Duration.ofHours(25)));

    assertThat(teacher.get("/api/uploads/" + name).status()).isEqualTo(404);
    assertThat(file).doesNotExist();
  }

  @Test
  void theLibraryIsSearchedByWordsWatchedAndUsed() {
    assertThat(names("")).hasSizeGreaterThanOrEqualTo(4);
    assertThat(names("?search=pollen")).contains("a-morning-at-the-hive");
    assertThat(names("?search=sun%20angles")).containsExactly("the-waggle-dance");
    assertThat(names("?search=submarine")).isEmpty();
    for (var value : teacher.get("/api/library").json().asArray()) {
      JsonObject clip = value.asObject();
      assertThat(clip.getInt("millis", 0)).isBetween(30_000, 60_000);
      assertThat(clip.getBoolean("captions", false)).isTrue();
      assertThat(clip.getString("licence", "")).isNotBlank();
      String address = clip.getString("address", "");
      HttpResponse<byte[]> film = teacher.bytes(address);
      assertThat(film.body().length).isLessThan(1_500_000);
      assertThat(film.headers().firstValue("Content-Type").orElse("")).startsWith("video/");
      Answer kept = teacher.post("/api/library/" + clip.getString("name", "") + "/medium", "");
      assertThat(kept.json().asObject().getInt("millis", -1)).isEqualTo(clip.getInt("millis", 0));
      assertThat(teacher.bytes(address, "Range", "bytes=0-9").statusCode()).isEqualTo(206);
      assertThat(teacher.get("/api/library/" + clip.getString("name", "") + "/captions").body())
          .startsWith("WEBVTT");
    }
    Answer taken = teacher.post("/api/library/the-waggle-dance/medium", "");
    assertThat(taken.status()).isEqualTo(201);
    assertThat(taken.text("kind")).isEqualTo("video");
    assertThat(teacher.get("/api/library/nothing/film").status()).isEqualTo(404);
    assertThat(Caller.stranger(server).get("/api/library").status()).isEqualTo(401);
  }

  private List<String> names(String query) {
    return teacher.get("/api/library" + query).json().asArray().values().stream()
        .map(clip -> clip.asObject().getString("name", ""))
        .toList();
  }

  private JsonObject begun(String title, long bytes) {
    Answer answer = begunQuietly(title, bytes);
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
    return answer.json().asObject();
  }

  private Answer begunQuietly(String title, long bytes) {
    return teacher.post(
        "/api/uploads", Json.object().add("title", title).add("bytes", bytes).toString());
  }

  private Answer part(String upload, long from, byte[] bytes) {
    return teacher.uploadPart(upload + "?from=" + from, bytes);
  }
}
