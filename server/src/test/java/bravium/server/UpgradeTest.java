package bravium.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bravium.server.Caller.Answer;
import bravium.server.data.DataFolderProblem;
import com.eclipsesource.json.JsonObject;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * The data folder of release 1.0, as its server left it: a teacher with two versions of an activity
 * and a picture, a game that had ended and one in the middle, a class with a learner and something
 * to do. Whatever comes later starts on it and has lost nothing.
 */
class UpgradeTest {

  private static final String ACTIVITY = "7gsk2jy6gskz";
  private static final String ENDED = "28vzp2ctpq2d";
  private static final String HALF = "r7y7hkddbdm8";
  private static final String HALF_TOKEN = "qqk2zxzcsyw8wddxjxhw5578gv5dphtv";
  private static final String CLASS = "qw7t2r";
  private static final String MIA = "8hk34yn994sznhdjk79vx3n5k37c6kjq";
  private static final String PICTURE =
      "8349b8f7b347589a2c3ff267ea4cb3b971d52e88be2084420df20131cdd3d681";

  /** How often the database had been changed by then. */
  private static final int RELEASED = 8;

  @TempDir private Path folder;

  @BeforeEach
  void unpack() throws IOException {
    try (InputStream file = UpgradeTest.class.getResourceAsStream("/release-1.0.zip");
        ZipInputStream zip = new ZipInputStream(file)) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        Path path = folder.resolve(entry.getName());
        if (entry.isDirectory()) {
          Files.createDirectories(path);
        } else {
          Files.createDirectories(path.getParent());
          Files.copy(zip, path);
        }
      }
    }
  }

  @Test
  void whatTheFirstReleaseLeftIsThereAndGoesOn() throws IOException {
    try (TestServer server = TestServer.start(folder, "--bravium.demo=false")) {
      Caller teacher = Caller.stranger(server);
      teacher.get("/api/session");
      Answer in =
          teacher.post(
              "/api/session", "{\"name\": \"Ms Fern\", \"password\": \"six-sided cells\"}");
      assertThat(in.status()).as(in.body()).isEqualTo(200);
      assertThat(teacher.get("/api/server").json().asObject().get("news").asArray()).isEmpty();

      Answer activity = teacher.get("/api/activities/" + ACTIVITY);
      assertThat(activity.body()).contains("The waggle dance", "\"version\":2", PICTURE);
      assertThat(teacher.get("/api/activities/" + ACTIVITY + "/versions/1").body())
          .contains("The dance");
      assertThat(teacher.bytes("/api/media/" + PICTURE + "/file").statusCode()).isEqualTo(200);

      JsonObject ended = teacher.get("/api/results/" + ENDED).json().asObject();
      assertThat(ended.toString()).contains("\"rightIds\":[\"c1\",\"c2\",\"c3\"]", "egs");
      Answer taken =
          teacher.put(
              "/api/activities/" + ACTIVITY,
              activity.json().asObject().get("activity").toString(),
              "If-Match",
              "\"2\"");
      assertThat(taken.status()).as(taken.body()).isEqualTo(200);

      Caller learner = Caller.stranger(server);
      String[] token = {"Authorization", "Bearer " + HALF_TOKEN};
      assertThat(learner.get("/api/play/" + HALF, token).body()).contains("Which one, q2?");
      Answer moved =
          learner.post("/api/play/" + HALF + "/moves", Samples.pick("later", "q2", "r"), token);
      assertThat(moved.status()).as(moved.body()).isEqualTo(200);
      assertThat(moved.body()).contains("Well seen");

      Answer page =
          Caller.stranger(server)
              .get("/api/join/" + CLASS + "/page", "Authorization", "Bearer " + MIA);
      assertThat(page.body()).contains("\"name\":\"Mia\"", "The waggle dance");
      assertThat(
              Caller.stranger(server)
                  .post(
                      "/api/join/" + CLASS + "/learners",
                      "{\"name\": \"Mia\", \"words\": \"dune robin\"}")
                  .status())
          .isEqualTo(201);
    }
    assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder)))
        .isEqualTo("rwx------");
    // Beside the night's own.
    assertThat(copies()).extracting(UpgradeTest::version).contains(RELEASED);
    assertThat(version(folder.resolve("bravium.db"))).isGreaterThan(RELEASED);
  }

  @Test
  void whereNoCopyCanBeMadeNothingIsChangedAndItSaysSo() throws IOException {
    Files.writeString(folder.resolve("copies"), "in the way");

    assertThatThrownBy(() -> TestServer.start(folder, "--bravium.demo=false"))
        .hasRootCauseInstanceOf(DataFolderProblem.class)
        .rootCause()
        .hasMessageContaining("copy that is made of it before could not be made");
    assertThat(version(folder.resolve("bravium.db"))).isEqualTo(RELEASED);
    Files.delete(folder.resolve("copies"));
    whatTheFirstReleaseLeftIsThereAndGoesOn();
  }

  private List<Path> copies() throws IOException {
    try (Stream<Path> copies = Files.list(folder.resolve("copies"))) {
      return copies.toList();
    }
  }

  /** How often the database was changed by a new version. */
  private static int version(Path database) {
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database);
        ResultSet newest =
            connection
                .createStatement()
                .executeQuery(
                    "select max(cast(version as integer)) from flyway_schema_history where success")) {
      return newest.getInt(1);
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }
}
