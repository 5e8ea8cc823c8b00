package bravium.server.media;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Caller.Answer;
import bravium.server.OwnProcess;
import com.eclipsesource.json.Json;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.ByteBuffer;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * A large film, against a server with 128 MB that ends when they are used up: it comes in parts and
 * is streamed to ten at once. How large is said by {@code bravium.film}, in megabytes: 24 in {@code
 * ./bravium test}, 1,023 in the soak.
 */
class LargeFilmTest {

  private static final int MEGABYTES = Integer.getInteger("bravium.film", 24);
  private static final int PART = 4 << 20;
  private static final int VIEWERS = 10;

  @TempDir private Path folder;

  @Test
  void aLargeFilmTakesNoMemory() throws Exception {
    byte[] film;
    try (var in = LargeFilmTest.class.getResourceAsStream("counting.mp4")) {
      film = in.readAllBytes();
    }
    try (OwnProcess server = OwnProcess.start(folder, "-Xmx128m", "-XX:+ExitOnOutOfMemoryError")) {
      Caller teacher = Caller.teacherAt(server.address());
      String medium = uploaded(teacher, film);

      try (var viewers = Executors.newFixedThreadPool(VIEWERS)) {
        List<Future<Long>> seen =
            IntStream.range(0, VIEWERS)
                .mapToObj(viewer -> viewers.submit(() -> watched(server.address(), medium, viewer)))
                .toList();
        for (Future<Long> one : seen) {
          assertThat(one.get()).isEqualTo(length(film));
        }
      }
      assertThat(server.isAlive()).isTrue();
      assertThat(teacher.get("/api/activities").status()).isEqualTo(200);
    }
  }

  /** The film itself, and behind it a box of nothing that makes it as long as it is to be. */
  private static long length(byte[] film) {
    return Math.max(film.length + 8L, (long) MEGABYTES << 20);
  }

  private static byte[] part(byte[] film, long from) {
    int length = (int) Math.min(PART, length(film) - from);
    ByteBuffer part = ByteBuffer.allocate(length);
    if (from == 0) {
      part.put(film).putInt((int) (length(film) - film.length)).put("free".getBytes());
    }
    return part.array();
  }

  private static String uploaded(Caller teacher, byte[] film) {
    String said = Json.object().add("title", "large.mp4").add("bytes", length(film)).toString();
    Answer begun = teacher.post("/api/uploads", said);
    assertThat(begun.status()).as(begun.body()).isEqualTo(201);
    String upload = "/api/uploads/" + begun.text("id");
    for (long from = 0; from < length(film); from += PART) {
      Answer part = teacher.uploadPart(upload + "?from=" + from, part(film, from));
      assertThat(part.status()).as(part.body()).isEqualTo(200);
    }
    Answer done = teacher.post(upload + "/medium", "");
    assertThat(done.status()).as(done.body()).isEqualTo(201);
    return done.text("medium");
  }

  /** As a player does: in ranges, one after another. */
  private static long watched(String address, String medium, int viewer) throws IOException {
    Caller caller = Caller.teacherAt(address);
    long seen = 0;
    long whole = Long.MAX_VALUE;
    while (seen < whole) {
      HttpResponse<byte[]> range =
          caller.bytes(
              "/api/media/" + medium + "/file",
              "Range",
              "bytes=" + seen + "-" + (seen + PART + viewer));
      assertThat(range.statusCode()).isEqualTo(206);
      String of = range.headers().firstValue("Content-Range").orElseThrow();
      whole = Long.parseLong(of.substring(of.indexOf('/') + 1));
      seen += range.body().length;
    }
    return seen;
  }
}
