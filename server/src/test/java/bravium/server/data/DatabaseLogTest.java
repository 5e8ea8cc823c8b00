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

  /** What a disk writes whole or not at all, in bytes (common practice). */
  private static final int SECTOR = 512;

  private static final int FRAME = 24 + 4_096;

  @TempDir private Path folder;
  private byte[] database;
  private byte[] log;

  /** What stood in the log's file before its last round. */
  private byte[] earlier;

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
      earlier = Files.readAllBytes(folder.resolve("live.db-wal"));
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

  /** The power fails while it is written: up to there it is new, behind it what was before. */
  @Test
  void whereverTheLogIsTornNoWholeCommitIsMissedAndAtMostTheTornOneIsTold() throws Exception {
    for (int cut = 0; cut < log.length; cut += SECTOR) {
      byte[] torn = Arrays.copyOf(earlier, Math.max(earlier.length, log.length));
      System.arraycopy(log, 0, torn, 0, cut);
      int whole = cut < 32 ? 0 : (cut - 32) / FRAME;
      if (whole < COMMITS) {
        // What is missing of a frame can be what stood there before.
        assertThat(kept(torn)).as("torn at %d", cut).isBetween(whole, whole + 1);
        assertThat(told(torn)).as("torn at %d", cut).isBetween(0, 1);
      }
    }
  }

  /**
   * A disk that says it has written what it hasn't: one sector is missing, later ones are there.
   */
  @Test
  void whicheverSectorIsMissingTheCommitsBehindItAreTold() throws Exception {
    int end = 32 + COMMITS * FRAME;
    for (int sector = 0; sector < end; sector += SECTOR) {
      byte[] torn = log.clone();
      for (int i = sector; i < Math.min(end, sector + SECTOR); i++) {
        torn[i] = earlier[i];
      }
      int missing = COMMITS - kept(torn);
      // Without its header the last frame can't be told from one that was never begun.
      boolean lastOnes = sector + SECTOR > 32 + (COMMITS - 1) * FRAME;
      if (missing > (lastOnes ? 1 : 0)) {
        assertThat(told(torn)).as("sector at %d: %d are missing", sector, missing).isPositive();
      }
    }
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
