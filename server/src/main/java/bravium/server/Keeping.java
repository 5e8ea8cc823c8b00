package bravium.server;

import bravium.server.accounts.ForgottenPassword;
import bravium.server.data.Copies;
import bravium.server.data.DataFolder;
import bravium.server.data.DataFolderProblem;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Set;

/** What whoever has the machine does to a data folder from the command line, and what is said. */
final class Keeping {

  private static final Set<String> ALL = Set.of("restore", "copy", "password");

  private Keeping() {}

  static boolean isOne(String name) {
    return ALL.contains(name);
  }

  /**
   * Does it: {@code restore DATA FILE} brings a copy back and {@code password DATA [NAME]} sets a
   * new password, while no server runs; {@code copy DATA} makes a copy at any time.
   *
   * @return what the process ends with: 0 if it was done
   */
  static int run(String what, Path data, List<String> rest) {
    try {
      switch (what) {
        case "restore" -> restore(data, Path.of(rest.isEmpty() ? "" : rest.getFirst()));
        case "copy" -> copy(data);
        default -> ForgottenPassword.set(data, rest.isEmpty() ? null : rest.getFirst());
      }
      return 0;
    } catch (DataFolderProblem problem) {
      System.err.println("bravium: " + problem.getMessage());
      System.err.println(problem.whatToDo());
    } catch (IOException | SQLException e) {
      System.err.println("bravium: this could not be done: " + e.getMessage());
      System.err.println(
          "Make room on the disk, or check the rights of the folder, then try again.");
    }
    return 1;
  }

  private static void restore(Path data, Path copy) {
    Path before = Copies.restore(data, copy, Instant.now());
    System.out.println("Bravium now has what was in " + copy + ".");
    if (!before.equals(data)) {
      System.out.println("What was there before is kept in " + before + ".");
    }
  }

  private static void copy(Path data) throws IOException, SQLException {
    System.out.println(
        "The copy is "
            + Copies.byHand(DataFolder.databaseIn(data), Instant.now())
            + ". It is kept for "
            + Copies.KEPT
            + " days; pictures and films are in the folder media.");
  }
}
