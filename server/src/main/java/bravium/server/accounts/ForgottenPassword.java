package bravium.server.accounts;

import bravium.server.data.Codes;
import bravium.server.data.DataFolder;
import bravium.server.data.DataFolderProblem;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;

/**
 * A new password for a teacher whom nobody can help any more, such as the one who looks after the
 * server: for whoever has the machine, while no server runs.
 */
public final class ForgottenPassword {

  private ForgottenPassword() {}

  private record Found(long id, String name) {}

  /**
   * Sets one and says it.
   *
   * @param name whose; null for the one who looks after the server
   * @throws DataFolderProblem if there is no such teacher, or a server uses the folder
   */
  public static void set(Path data, @Nullable String name) throws SQLException {
    DataFolder.existing(DataFolder.databaseIn(data));
    String password = Codes.id();
    try (DataFolder held = DataFolder.lock(data);
        Connection connection = DriverManager.getConnection("jdbc:sqlite:" + held.database())) {
      Found teacher = find(connection, name);
      connection.setAutoCommit(false);
      change(
          connection,
          "UPDATE teacher SET password_hash = ? WHERE id = ?",
          new BCryptPasswordEncoder(Passwords.ROUNDS).encode(password),
          teacher.id());
      change(connection, "DELETE FROM teacher_session WHERE teacher_id = ?", teacher.id());
      connection.commit();
      System.out.println("The password of " + teacher.name() + " is now: " + password);
      System.out.println("Change it under “Your account” once you are signed in.");
    }
  }

  private static Found find(Connection connection, @Nullable String name) throws SQLException {
    String which = name == null ? "is_keeper" : "name_key = ?";
    try (PreparedStatement select =
        connection.prepareStatement("SELECT id, name FROM teacher WHERE " + which)) {
      if (name != null) {
        select.setString(1, TeacherRepository.key(name));
      }
      try (ResultSet found = select.executeQuery()) {
        if (!found.next()) {
          throw new DataFolderProblem(
              name == null
                  ? "This server has no teacher yet."
                  : "There is no teacher called “" + name + "” here.",
              "Nothing was changed.");
        }
        return new Found(found.getLong(1), found.getString(2));
      }
    }
  }

  private static void change(Connection connection, String sql, Object... values)
      throws SQLException {
    try (PreparedStatement statement = connection.prepareStatement(sql)) {
      for (int i = 0; i < values.length; i++) {
        statement.setObject(i + 1, values[i]);
      }
      statement.executeUpdate();
    }
  }
}
