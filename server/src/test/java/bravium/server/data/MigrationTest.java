package bravium.server.data;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;

/** A database of an earlier version is taken on with all that is in it. */
class MigrationTest {

  private static final String TEACHER =
      "insert into teacher (id, name, created_at) values (1, 'T', 0)";

  private static final String ACTIVITY =
      "insert into activity (id, public_id, teacher_id, version, title, kind, question_count,"
          + " finding_count, is_playable, created_at, changed_at)"
          + " values (1, 'a', 1, 1, 'A', 'quiz-show', 1, 0, 1, 0, 0)";

  private SQLiteDataSource file;

  @BeforeEach
  void file(@TempDir Path folder) {
    SQLiteConfig config = new SQLiteConfig();
    config.enforceForeignKeys(true);
    file = new SQLiteDataSource(config);
    file.setUrl("jdbc:sqlite:" + folder.resolve("bravium.db"));
  }

  private void migrate(String version) {
    Flyway.configure()
        .dataSource(file)
        .locations("classpath:db/migration")
        .target(version)
        .load()
        .migrate();
  }

  private List<String> ask(String... statements) throws SQLException {
    List<String> answers = new ArrayList<>();
    try (Connection connection = file.getConnection();
        Statement statement = connection.createStatement()) {
      for (String sql : statements) {
        if (statement.execute(sql)) {
          try (ResultSet rows = statement.getResultSet()) {
            while (rows.next()) {
              answers.add(rows.getString(1));
            }
          }
        }
      }
    }
    return answers;
  }

  /**
   * The version with classes lets learners be of a class: those who came by a link stay as they
   * are.
   */
  @Test
  void learnersOfLinksAndTheirGamesAreStillThereOnceThereAreClasses() throws SQLException {
    migrate("6");
    ask(
        TEACHER,
        ACTIVITY,
        "insert into activity_version (id, activity_id, version, document, saved_at)"
            + " values (1, 1, 1, '{}', 0)",
        "insert into play_link (id, activity_id, code, created_at) values (1, 1, 'abcdef', 0)",
        "insert into learner (id, play_link_id, token_hash, created_at, number)"
            + " values (7, 1, 'hash', 5, 3)",
        "insert into sitting (id, public_id, activity_version_id, learner_id, opening, opened_at)"
            + " values (9, 's', 1, 7, '{}', 0)");

    migrate("latest");

    assertThat(ask("select token_hash || play_link_id || number || created_at from learner"))
        .containsExactly("hash135");
    assertThat(ask("select learner_id from sitting")).containsExactly("7");
    assertThat(ask("pragma integrity_check", "pragma foreign_key_check")).containsExactly("ok");
    assertThat(
            ask(
                "insert into learner (id, created_at, number) values (8, 0, 1)",
                "select count(*) from learner"))
        .containsExactly("2");
  }

  /** Where a worth grows otherwise now, a game that runs can't go on; all others can. */
  @Test
  void gamesThatRunGoOnUnlessTheyAreCountedOtherwiseNow() throws SQLException {
    migrate("12");
    ask(
        TEACHER,
        ACTIVITY,
        "insert into activity_version (id, activity_id, version, document, saved_at) values"
            + " (1, 1, 1, '{\"game\": {\"board\": {\"rise\": \"even\"}}}', 0),"
            + " (2, 1, 2, '{\"game\": {\"board\": {\"rise\": \"doubling\"}}}', 0),"
            + " (3, 1, 3, '{\"game\": {\"kind\": \"word-hunt\"}}', 0)",
        "insert into sitting (public_id, activity_version_id, teacher_id, opening, outcome,"
            + " opened_at, opened_revision) values"
            + " ('even', 1, 1, '{}', null, 0, 5), ('grows', 2, 1, '{}', null, 0, 5),"
            + " ('hunt', 3, 1, '{}', null, 0, 5), ('ended', 1, 1, '{}', '{}', 0, 5),"
            + " ('old', 1, 1, '{}', null, 0, 4)");

    migrate("13");

    assertThat(ask("select public_id from sitting where opened_revision = 6"))
        .containsExactly("even", "hunt");
  }

  /** What is typed is read otherwise now, so only games in which nothing was can go on. */
  @Test
  void gamesInWhichNothingWasTypedGoOn() throws SQLException {
    migrate("14");
    String answered =
        "insert into move (sitting_id, place, move_key, document, played_at) values"
            + " (%d, 1, 'k', '{\"key\": \"k\", \"action\": %s}', 0)";
    ask(
        TEACHER,
        ACTIVITY,
        "insert into activity_version (id, activity_id, version, document, saved_at) values"
            + " (1, 1, 1, '{\"game\": {\"questions\": [{\"kind\": \"pick-one\", \"id\": \"p\"},"
            + " {\"kind\": \"number\", \"id\": \"n\"}, {\"kind\": \"free\", \"id\": \"f\"}]}}', 0)",
        "insert into sitting (id, public_id, activity_version_id, teacher_id, opening, outcome,"
            + " opened_at, opened_revision) values"
            + " (1, 'picked', 1, 1, '{}', null, 0, 6), (2, 'typed', 1, 1, '{}', null, 0, 6),"
            + " (3, 'own words', 1, 1, '{}', null, 0, 6), (4, 'found', 1, 1, '{}', null, 0, 6),"
            + " (5, 'begun', 1, 1, '{}', null, 0, 6), (6, 'ended', 1, 1, '{}', '{}', 0, 6)",
        answered.formatted(1, answer("p", "picked")),
        answered.formatted(2, answer("n", "typed")),
        answered.formatted(3, answer("f", "typed")),
        answered.formatted(4, "{\"kind\": \"enter\"}"));

    migrate("latest");

    assertThat(ask("select public_id from sitting where opened_revision = 7"))
        .containsExactly("picked", "own words", "begun");
  }

  private static String answer(String question, String kind) {
    return "{\"kind\": \"answer\", \"question\": \"%s\", \"response\": {\"kind\": \"%s\"}}"
        .formatted(question, kind);
  }

  /** Who was on a device, or has played, had joined before it was written down. */
  @Test
  void whoJoinedBeforeItWasWrittenDownHasJoined() throws SQLException {
    migrate("13");
    ask(
        TEACHER,
        "insert into school_class (id, public_id, teacher_id, name, code, door, created_at)"
            + " values (1, 'c', 1, 'C', 'abcdef', 'open', 0)",
        "insert into learner (id, created_at, number) values (1, 0, 1), (2, 0, 2), (3, 0, 3)",
        "insert into class_learner (learner_id, class_id, public_id, name, name_key, is_waiting)"
            + " values (1, 1, 'x', 'Ada', 'ada', 0), (2, 1, 'y', 'Bo', 'bo', 0),"
            + " (3, 1, 'z', 'Cleo', 'cleo', 0)",
        "insert into learner_device (learner_id, token_hash, created_at) values (1, 'h', 5)",
        ACTIVITY,
        "insert into activity_version (id, activity_id, version, document, saved_at)"
            + " values (1, 1, 1, '{}', 0)",
        "insert into sitting (public_id, activity_version_id, learner_id, opening, opened_at,"
            + " opened_revision) values ('s', 1, 2, '{}', 7, 6)");

    migrate("latest");

    assertThat(ask("select name || ' ' || joined_at from class_learner where joined_at > 0"))
        .containsExactly("Ada 5", "Bo 7");
  }
}
