package bravium.server;

import bravium.server.data.Copies;
import bravium.server.data.DataFolderProblem;
import java.nio.file.Path;
import java.time.Instant;

/** Brings a nightly copy back, while no server runs. */
final class Restore {

  private Restore() {}

  /** Puts {@code copy} into the data folder and says what was done; 0 if it was. */
  static int run(Path data, Path copy) {
    try {
      Path before = Copies.restore(data, copy, Instant.now());
      System.out.println("Bravium now has what was in " + copy + ".");
      if (!before.equals(data)) {
        System.out.println("What was there before is kept in " + before + ".");
      }
      return 0;
    } catch (DataFolderProblem problem) {
      System.err.println("bravium: " + problem.getMessage());
      System.err.println(problem.whatToDo());
      return 1;
    }
  }
}
