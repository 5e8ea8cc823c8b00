package bravium.bench;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteConfig.JournalMode;
import org.sqlite.SQLiteConfig.SynchronousMode;

/** Raw inserts with one commit each, in the settings that the server writes with. */
final class Inserts {

  private static final double SECONDS = 3;

  private Inserts() {}

  static double perSecond(Path folder) throws SQLException {
    SQLiteConfig config = new SQLiteConfig();
    config.setJournalMode(JournalMode.WAL);
    config.setSynchronous(SynchronousMode.FULL);
    try (Connection connection =
            config.createConnection("jdbc:sqlite:" + folder.resolve("inserts.db"));
        Statement statement = connection.createStatement()) {
      statement.execute("create table move (id integer primary key, document text not null)");
      try (PreparedStatement insert =
          connection.prepareStatement("insert into move (document) values (?)")) {
        long begin = System.nanoTime();
        long count = 0;
        while (System.nanoTime() - begin < SECONDS * 1e9) {
          insert.setString(1, "{\"key\":\"" + count + "\",\"by\":\"player\"}");
          insert.executeUpdate();
          count++;
        }
        return count / ((System.nanoTime() - begin) / 1e9);
      }
    }
  }
}
