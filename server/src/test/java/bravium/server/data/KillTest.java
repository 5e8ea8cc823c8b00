package bravium.server.data;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Caller.Answer;
import bravium.server.OwnProcess;
import bravium.server.Samples;
import bravium.server.sittings.OwnIds;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Kills the real server's process under load, at random moments, and compares what was acknowledged
 * with what is on disk. How often is said by {@code bravium.kills}: twice in {@code ./bravium
 * test}, 50 in {@code ./bravium soak}.
 */
class KillTest {

  private static final int KILLS = Integer.getInteger("bravium.kills", 2);
  private static final int LEARNERS = 12;
  private static final int WRITERS = 3;

  /** What was acknowledged: a sitting's moves by their keys, an activity's newest version. */
  private final Map<String, List<String>> moves = new ConcurrentHashMap<>();

  private final Map<String, Integer> versions = new ConcurrentHashMap<>();

  @TempDir private Path folder;

  @Test
  void nothingThatWasAcknowledgedIsLostWhenTheProcessIsKilledUnderLoad() throws Exception {
    Random random = new Random();
    for (int kill = 0; kill < KILLS; kill++) {
      OwnProcess server = OwnProcess.start(folder);
      int moved = moved();
      int written = written();
      List<Thread> load = load(server.address(), kill);
      // However slow the machine is: first there has to be something that could be lost.
      for (int i = 0; i < 3_000 && (moved() < moved + 25 || written() < written + 3); i++) {
        Thread.sleep(20);
      }
      Thread.sleep(random.nextInt(1_000));

      server.close();

      for (Thread thread : load) {
        thread.join();
      }
      compare();
    }
    assertThat(moved()).isGreaterThan(20 * KILLS);
    assertThat(written()).isGreaterThan(2 * KILLS);
  }

  private int moved() {
    return moves.values().stream().mapToInt(List::size).sum();
  }

  private int written() {
    return versions.values().stream().mapToInt(v -> v).sum();
  }

  private List<Thread> load(String address, int kill) {
    Caller teacher = Caller.teacherAt(address);
    String id = teacher.post("/api/activities", Samples.threeQuestions("Load")).text("id");
    String code = teacher.post("/api/activities/" + id + "/link", "").text("code");
    List<Thread> load = new ArrayList<>();
    for (int i = 0; i < LEARNERS; i++) {
      load.add(Thread.startVirtualThread(() -> untilItEnds(() -> play(Caller.at(address), code))));
    }
    for (int i = 0; i < WRITERS; i++) {
      load.add(Thread.startVirtualThread(() -> untilItEnds(() -> write(teacher))));
    }
    return load;
  }

  /** The server goes away in the middle of it: that is what this is about. */
  private static void untilItEnds(Runnable work) {
    try {
      while (true) {
        work.run();
      }
    } catch (UncheckedIOException e) {
      // It has gone.
    }
  }

  private void play(Caller learner, String code) {
    Answer opened = learner.post("/api/links/" + code + "/sittings", "");
    String sitting = opened.text("sitting");
    String[] bearer = {"Authorization", "Bearer " + opened.text("token")};
    List<String> acknowledged = moves.computeIfAbsent(sitting, s -> new ArrayList<>());
    List<String> all = new ArrayList<>(List.of(Samples.start("start")));
    for (String question : List.of("q1", "q2", "q3")) {
      all.add(Samples.pick("pick-" + question, question, "r"));
      all.add(Samples.goOn("on-" + question, question));
    }
    for (String move : all) {
      String hers = OwnIds.move(folder.resolve("bravium.db"), sitting, move);
      Answer answer = learner.post("/api/play/" + sitting + "/moves", hers, bearer);
      if (answer.status() == 200) {
        acknowledged.add(move.substring(move.indexOf(": \"") + 3, move.indexOf("\",")));
      }
    }
  }

  private void write(Caller teacher) {
    String id = teacher.post("/api/activities", Samples.threeQuestions("Written")).text("id");
    versions.put(id, 1);
    for (int version = 1; version < 20; version++) {
      Answer saved =
          teacher.put(
              "/api/activities/" + id,
              Samples.threeQuestions("Written " + version),
              "If-Match",
              "\"" + version + "\"");
      if (saved.status() == 200) {
        versions.put(id, version + 1);
      }
    }
  }

  private void compare() throws SQLException {
    try (Connection database =
        DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("bravium.db"))) {
      for (Map.Entry<String, List<String>> sitting : moves.entrySet()) {
        List<String> kept =
            strings(
                database,
                "select move_key from move join sitting on sitting.id = move.sitting_id"
                    + " where public_id = ? order by place",
                sitting.getKey());
        int acknowledged = sitting.getValue().size();
        assertThat(kept).hasSizeGreaterThanOrEqualTo(acknowledged);
        assertThat(kept.subList(0, acknowledged)).isEqualTo(sitting.getValue());
        assertThat(kept.size())
            .as("at most the one that was on its way")
            .isLessThanOrEqualTo(acknowledged + 1);
      }
      for (Map.Entry<String, Integer> activity : versions.entrySet()) {
        List<String> kept =
            strings(
                database,
                "select document from activity_version join activity on activity.id = activity_id"
                    + " where public_id = ? order by activity_version.version",
                activity.getKey());
        assertThat(kept).hasSizeBetween(activity.getValue(), activity.getValue() + 1);
      }
    }
  }

  private static List<String> strings(Connection database, String query, String parameter)
      throws SQLException {
    List<String> found = new ArrayList<>();
    try (PreparedStatement statement = database.prepareStatement(query)) {
      statement.setString(1, parameter);
      try (ResultSet rows = statement.executeQuery()) {
        while (rows.next()) {
          found.add(rows.getString(1));
        }
      }
    }
    return found;
  }
}
