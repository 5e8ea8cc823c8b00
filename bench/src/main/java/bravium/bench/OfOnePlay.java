package bravium.bench;

import bravium.core.activity.Activity;
import bravium.core.codec.Codec;
import bravium.core.play.Move;
import bravium.server.sittings.PlayIds;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;

/** Moves with the ids of one play: its seed stands in the server's database. */
final class OfOnePlay implements AutoCloseable {

  private final Connection connection;
  private final PreparedStatement opening;

  OfOnePlay(Path database) {
    try {
      connection = DriverManager.getConnection("jdbc:sqlite:" + database);
      opening = connection.prepareStatement("select opening from sitting where public_id = ?");
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Moves that were written with an activity's ids, as a page in that sitting sends them. */
  List<String> moves(Activity activity, String sitting, List<Move> moves) {
    try {
      opening.setString(1, sitting);
      try (ResultSet row = opening.executeQuery()) {
        row.next();
        PlayIds ids = PlayIds.of(activity, Codec.OPENING.read(row.getString(1)).seed());
        return moves.stream().map(move -> Codec.MOVE.write(Codec.MOVE.named(move, ids))).toList();
      }
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  @Override
  public void close() {
    try {
      connection.close();
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }
}
