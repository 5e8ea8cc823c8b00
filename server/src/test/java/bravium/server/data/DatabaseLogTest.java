package bravium.server.data;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What SQLite makes of a damaged log is asked of SQLite itself. */
class DatabaseLogTest {

  private static final int COMMITS = 40;

  @TempDir private Path folder;
  private byte[] database;
  private byte[] log;

  @BeforeEach
  void aProcessThatWasKilled() throws Exception {
    Path file = folder.resolve("live.db");
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
        Statement statement = connection.createStatement()) {
      statement.execute("PRAGMA journal_mode=WAL");
      statement.execute("PRAGMA wal_autocheckpoint=0");
      statement.execute("create table move (n integer, text text)");
      // An earlier round of the log, of which frames are left behind the new ones.
      for (int i = 0; i < 2 * COMMITS; i++) {
        statement.execute("insert into move values (-1, 'earlier')");
      }
      statement.execute("PRAGMA wal_checkpoint(RESTART)");
      for (int i = 0; i < COMMITS; i++) {
        statement.execute("insert into move values (" + i + ", 'waggle')");
      }
      database = Files.readAllBytes(file);
      log = Files.readAllBytes(folder.resolve("live.db-wal"));
    }
  }

  @Test
  void aLogThatIsWholeLostNothing() throws Exception {
    assertThat(told(log)).isZero();
    assertThat(kept(log)).isEqualTo(COMMITS);
  }

  @Test
  void aLogThatEndsInTheMiddleOfAFrameLostNothingThatWasAcknowledged() throws Exception {
    byte[] torn = Arrays.copyOf(log, log.length - 1_000);
    assertThat(told(torn)).isZero();
  }

  @Test
  void whereverAByteIsFlippedWhatIsLostIsTold() throws Exception {
    Random random = new Random(11);
    int lost = 0;
    for (int i = 0; i < 120; i++) {
      byte[] damaged = log.clone();
      int place = i < 32 ? i : random.nextInt(damaged.length);
      damaged[place] ^= (byte) (1 << random.nextInt(8));
      int missing = COMMITS - kept(damaged);
      if (missing > 0) {
        lost++;
        assertThat(told(damaged)).as("byte %d: %d are missing", place, missing).isPositive();
      }
    }
    assertThat(lost).as("flips that cost something").isGreaterThan(20);
  }

  private int told(byte[] damaged) throws IOException {
    Path file = folder.resolve("told-wal");
    Files.write(file, damaged);
    return DatabaseLog.afterDamage(file);
  }

  /** How many of the last round's rows SQLite still has. */
  private int kept(byte[] damaged) throws IOException {
    Path file = folder.resolve("opened.db");
    Files.deleteIfExists(folder.resolve("opened.db-shm"));
    Files.write(file, database, StandardOpenOption.CREATE, StandardOpenOption.TRUNCATE_EXISTING);
    Files.write(folder.resolve("opened.db-wal"), damaged);
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
        Statement statement = connection.createStatement();
        ResultSet rows = statement.executeQuery("select count(*) from move where n >= 0")) {
      return rows.getInt(1);
    } catch (SQLException e) {
      return 0;
    }
  }
}
