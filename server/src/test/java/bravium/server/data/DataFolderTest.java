package bravium.server.data;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assumptions.assumeThat;

import bravium.server.Caller;
import bravium.server.OwnProcess;
import bravium.server.Samples;
import bravium.server.TestServer;
import bravium.server.accounts.ForgottenPassword;
import bravium.server.upkeep.Upkeep;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DataFolderTest {

  @TempDir private Path folder;

  @Test
  void aSecondServerOnTheSameFolderIsRefused() {
    DataFolder first = DataFolder.open(folder);

    assertThatThrownBy(() -> DataFolder.open(folder))
        .isInstanceOf(DataFolderProblem.class)
        .hasMessageStartingWith("Another Bravium uses the data folder");
    first.close();
    DataFolder.open(folder).close();
  }

  @Test
  void aDamagedDatabaseIsSaidToBeOne() throws IOException {
    Files.writeString(folder.resolve("bravium.db"), "This is no database at all. ".repeat(100));

    assertThatThrownBy(() -> DataFolder.open(folder))
        .isInstanceOf(DataFolderProblem.class)
        .hasMessageContaining("is damaged");
    assertThat(failure().getDescription()).contains("is damaged");
    assertThat(failure().getAction()).contains("./bravium restore");
  }

  @Test
  void aLockedDatabaseIsSaidToBeOne() throws Exception {
    try (Connection other =
            DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("bravium.db"));
        Statement statement = other.createStatement()) {
      statement.execute("create table t (x)");
      statement.execute("begin exclusive");

      assertThatThrownBy(() -> DataFolder.open(folder))
          .isInstanceOf(DataFolderProblem.class)
          .hasMessageContaining("locked");
    }
  }

  @Test
  void aFolderThatCanNotBeMadeIsSaidToBeOne() throws IOException {
    Path inTheWay = Files.writeString(folder.resolve("data"), "a file");

    assertThatThrownBy(() -> DataFolder.open(inTheWay))
        .isInstanceOf(DataFolderProblem.class)
        .hasMessageContaining("a file of that name is in its place");
  }

  @Test
  void aFolderWithoutRightsIsSaidToBeOne() {
    assumeThat(folder.toFile().setWritable(false)).isTrue();
    assumeThat(Files.isWritable(folder)).as("root may write everywhere").isFalse();

    assertThatThrownBy(() -> DataFolder.open(folder))
        .isInstanceOf(DataFolderProblem.class)
        .hasMessageContaining("this user has no right to");
  }

  @Test
  void aFullDiskIsSaidAtTheRequestAndNothingIsLost() {
    try (TestServer server = TestServer.start(folder)) {
      Caller teacher = Caller.teacher(server);
      String kept = teacher.post("/api/activities", Samples.threeQuestions("Kept")).text("id");
      Writer writer = server.part(Writer.class);
      int pages = writer.write(dsl -> dsl.fetchSingle("pragma page_count").get(0, int.class));
      writer.write(dsl -> dsl.fetch("pragma max_page_count = " + (pages + 4)));
      Caller.Answer full = null;
      String large = Samples.threeQuestions("Large").replace("Sweet.", "Sweet. ".repeat(1_300));
      for (int i = 0; i < 10 && (full == null || full.status() == 201); i++) {
        full = teacher.post("/api/activities", large);
      }

      assertThat(full.status()).isEqualTo(507);
      assertThat(full.text("detail")).startsWith("The server's disk is full.");
      assertThat(teacher.get("/api/activities/" + kept).body()).contains("Kept");
      writer.write(dsl -> dsl.fetch("pragma max_page_count = 100000"));
      assertThat(teacher.post("/api/activities", large).status())
          .as("once there is room again, it goes on")
          .isEqualTo(201);
    }
  }

  @Test
  void whatIsErasedIsGoneFromTheDatabaseItsLogAndTheNightsCopy() throws IOException {
    String secret = "WaggleSecret" + "4711";
    try (TestServer server = TestServer.start(folder)) {
      Caller teacher = Caller.teacher(server);
      String id = teacher.post("/api/activities", Samples.threeQuestions(secret)).text("id");
      server.part(Upkeep.class).atNight();
      assertThat(holds(folder.resolve("bravium.db"), secret)).isTrue();
      teacher.send("DELETE", "/api/activities/" + id, null);
      server.clock().pass(Duration.ofDays(31));

      server.part(Upkeep.class).atNight();

      List<Path> left = files(folder.resolve("copies"));
      assertThat(left).as("the old copy is older than a week").hasSize(1);
      for (Path file :
          List.of(
              left.getFirst(), folder.resolve("bravium.db"), folder.resolve("bravium.db-wal"))) {
        assertThat(holds(file, secret)).as(file.toString()).isFalse();
      }
    }
  }

  private static boolean holds(Path file, String text) throws IOException {
    return new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1).contains(text);
  }

  @Test
  void aDamagedLogIsToldToWhoKeepsTheServerAndKept() throws Exception {
    try (OwnProcess server = OwnProcess.start(folder)) {
      Caller teacher = Caller.teacherAt(server.address());
      for (int i = 0; i < 30; i++) {
        teacher.post("/api/activities", Samples.threeQuestions("Written " + i));
      }
    }
    Path log = folder.resolve("bravium.db-wal");
    byte[] bytes = Files.readAllBytes(log);
    bytes[bytes.length / 3] ^= 4;
    Files.write(log, bytes);

    try (TestServer server = TestServer.start(folder)) {
      Caller keeper = Caller.teacher(server);
      assertThat(keeper.get("/api/server").body())
          .contains("log was damaged", "could not be read any more", "./bravium restore");
      assertThat(keeper.get("/actuator/health").body()).contains("\"status\":\"LOOK\"");
      assertThat(keeper.post("/api/activities", Samples.threeQuestions("On")).status())
          .isEqualTo(201);
    }
    try (Stream<Path> kept = Files.list(folder)) {
      assertThat(kept.map(file -> file.getFileName().toString()))
          .anyMatch(name -> name.startsWith("damaged-") && name.endsWith(".db-wal"));
    }
  }

  /** The night may be far: there is a copy within minutes, and none of nothing. */
  @Test
  void theFirstCopyIsMadeOnceThereIsSomethingInIt() throws IOException {
    Path copies = folder.resolve("copies");
    try (TestServer server = TestServer.start(folder, "--bravium.demo=false")) {
      Caller keeper = Caller.stranger(server);
      keeper.beginAs(server, "Ms Fern", "six-sided cells");
      server.part(Copies.class).first();
      assertThat(copies).doesNotExist();

      keeper.post("/api/activities", Samples.threeQuestions("Bees"));
      server.part(Copies.class).first();
      server.part(Copies.class).first();
      assertThat(files(copies)).hasSize(1);

      // By hand from another process, too, while the server runs.
      Path byHand = byHand();
      assertThat(files(copies)).hasSize(2).contains(byHand);
      assertThat(keeper.get("/api/server").text("newestCopy")).contains("T");
    }
    Files.delete(folder.resolve("bravium.db"));
    Copies.restore(folder, files(copies).getLast(), Instant.now());
    assertThatThrownBy(() -> Copies.byHand(folder.resolve("none.db"), Instant.now()))
        .hasMessageContaining("There is no database");
  }

  private Path byHand() {
    try {
      return Copies.byHand(folder.resolve("bravium.db"), Instant.now());
    } catch (IOException | SQLException e) {
      throw new AssertionError(e);
    }
  }

  @Test
  void aForgottenPasswordIsSetByWhoeverHasTheMachine() throws SQLException {
    PrintStream out = System.out;
    ByteArrayOutputStream said = new ByteArrayOutputStream();
    try (TestServer server = TestServer.start(folder, "--bravium.demo=false")) {
      Caller.stranger(server).beginAs(server, "Ms Fern", "six-sided cells");
      assertThatThrownBy(() -> ForgottenPassword.set(folder, null))
          .hasMessageContaining("Another Bravium uses the data folder");
    }
    assertThatThrownBy(() -> ForgottenPassword.set(folder, "Mr Nobody"))
        .hasMessageContaining("no teacher called “Mr Nobody”");

    System.setOut(new PrintStream(said, true, StandardCharsets.UTF_8));
    try {
      ForgottenPassword.set(folder, null);
    } finally {
      System.setOut(out);
    }

    String words = said.toString(StandardCharsets.UTF_8).lines().findFirst().orElseThrow();
    assertThat(words).startsWith("The password of Ms Fern is now: ");
    String fresh = words.substring(words.indexOf(": ") + 2);
    try (TestServer server = TestServer.start(folder, "--bravium.demo=false")) {
      Caller keeper = Caller.stranger(server);
      keeper.get("/api/session");
      String typed = "{\"name\": \"Ms Fern\", \"password\": \"%s\"}";
      assertThat(keeper.post("/api/session", typed.formatted("six-sided cells")).status())
          .isEqualTo(401);
      assertThat(keeper.post("/api/session", typed.formatted(fresh)).status()).isEqualTo(200);
    }
  }

  @Test
  void theLastSevenNightlyCopiesAreKeptAndOneCanBeBroughtBack() throws IOException {
    Path copies = folder.resolve("copies");
    try (TestServer server = TestServer.start(folder)) {
      Caller teacher = Caller.teacher(server);
      teacher.post("/api/activities", Samples.threeQuestions("Before the copy"));
      // The process ended while one was made.
      Files.createDirectories(copies);
      Files.writeString(copies.resolve("unfinished7.db"), "half of it");
      for (int day = 1; day <= 9; day++) {
        server.part(Copies.class).atNight(Instant.now().plus(Duration.ofDays(day)));
      }
      teacher.post("/api/activities", Samples.threeQuestions("After the copy"));
      assertThat(files(copies)).hasSize(Copies.KEPT);
      Path newest = files(copies).getLast();
      assertThatThrownBy(() -> Copies.restore(folder, newest, Instant.now()))
          .hasMessageStartingWith("Another Bravium uses the data folder");
    }
    Path copy = files(copies).getLast();

    Path before = Copies.restore(folder, copy, Instant.now());

    assertThat(before).exists();
    try (TestServer server = TestServer.start(folder)) {
      assertThat(Caller.teacher(server).get("/api/activities").body())
          .contains("Before the copy")
          .doesNotContain("After the copy");
    }
  }

  @Test
  void onlyASoundCopyOfOursIsBroughtBack() throws Exception {
    Path text = Files.writeString(folder.resolve("notes.db"), "not a database ".repeat(99));
    Path other = folder.resolve("other.db");
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + other);
        Statement statement = connection.createStatement()) {
      statement.execute("create table bees (x)");
    }

    assertThatThrownBy(() -> Copies.restore(folder, text, Instant.now()))
        .hasMessageContaining("is damaged");
    assertThatThrownBy(() -> Copies.restore(folder, other, Instant.now()))
        .hasMessageContaining("not one of Bravium's");
    assertThatThrownBy(() -> Copies.restore(folder, folder.resolve("none.db"), Instant.now()))
        .hasMessageStartingWith("There is no file");
    assertThat(folder.resolve("bravium.db")).doesNotExist();
  }

  private org.springframework.boot.diagnostics.FailureAnalysis failure() {
    try {
      DataFolder.open(folder).close();
      throw new AssertionError("it should not open");
    } catch (DataFolderProblem problem) {
      return new DataFolderFailure().analyze(new IllegalStateException("a bean", problem));
    }
  }

  private static List<Path> files(Path folder) throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files.sorted().toList();
    }
  }
}
