package bravium.server.sittings;

import bravium.core.codec.Codec;
import bravium.core.json.FormatProblem;
import bravium.server.TestServer;
import bravium.server.problems.Problem;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;

/** What a page does by what it is shown: it names things as they are called in its play. */
public final class OwnIds {

  private OwnIds() {}

  /** The move, written with an activity's ids, with those of a play; as it is if it is none. */
  public static String move(TestServer server, String sitting, String move) {
    try {
      StoredSitting stored = server.part(WarmSittings.class).read(sitting, any -> true);
      return move(PlayIds.of(stored.activity(), stored.sitting().opening().seed()), move);
    } catch (Problem | FormatProblem e) {
      return move;
    }
  }

  /** What an id is called in a play. */
  public static String id(TestServer server, String sitting, String id) {
    StoredSitting stored = server.part(WarmSittings.class).read(sitting, any -> true);
    return PlayIds.of(stored.activity(), stored.sitting().opening().seed()).id(id);
  }

  /** What the id of a part of a question is called in a play. */
  public static String part(TestServer server, String sitting, String question, String id) {
    StoredSitting stored = server.part(WarmSittings.class).read(sitting, any -> true);
    String seed = stored.sitting().opening().seed();
    return PlayIds.of(stored.activity(), seed).part(question, id);
  }

  /** The same in another process, with that database. */
  public static String move(Path database, String sitting, String move) {
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database);
        PreparedStatement find =
            connection.prepareStatement(
                "select opening, document from sitting s join activity_version v"
                    + " on v.id = s.activity_version_id where public_id = ?")) {
      find.setString(1, sitting);
      ResultSet row = find.executeQuery();
      row.next();
      return move(
          PlayIds.of(
              Codec.ACTIVITY.read(row.getString(2)), Codec.OPENING.read(row.getString(1)).seed()),
          move);
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  private static String move(PlayIds ids, String move) {
    return Codec.MOVE.write(Codec.MOVE.named(Codec.MOVE.read(move), ids));
  }
}
