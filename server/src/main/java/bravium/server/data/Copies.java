package bravium.server.data;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * The nightly copy of the database, of which the last seven are kept, and bringing one back. A copy
 * is made while the server works, and is whole: SQLite's {@code VACUUM INTO}.
 */
@Component
@Order(0)
public final class Copies implements Nightly {

  /** How many copies are kept. */
  public static final int KEPT = 7;

  private static final Logger LOG = LoggerFactory.getLogger(Copies.class);
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("yyyy-MM-dd").withZone(ZoneId.systemDefault());
  private static final DateTimeFormatter SECOND =
      DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss").withZone(ZoneId.systemDefault());

  private final DataFolder folder;

  Copies(DataFolder folder) {
    this.folder = folder;
  }

  @Override
  public void atNight(Instant now) {
    try {
      Files.createDirectories(folder.copies());
      Path copy = copyOf(now);
      Path unfinished = folder.copies().resolve("unfinished.db");
      Files.deleteIfExists(unfinished);
      vacuumInto(unfinished);
      Files.move(unfinished, copy, StandardCopyOption.ATOMIC_MOVE);
      for (Path old : copies().skip(KEPT).toList()) {
        Files.delete(old);
      }
      LOG.info("The night's copy is {}", copy);
    } catch (IOException | SQLException e) {
      LOG.error("The nightly copy could not be made; the ones before are kept", e);
    }
  }

  /** Whether the copy of this day is there. */
  public boolean hasCopyOf(Instant day) {
    return Files.exists(copyOf(day));
  }

  private Path copyOf(Instant day) {
    return folder.copies().resolve("bravium-" + DAY.format(day) + ".db");
  }

  private void vacuumInto(Path copy) throws SQLException {
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + folder.database());
        PreparedStatement statement = connection.prepareStatement("VACUUM INTO ?")) {
      statement.setString(1, copy.toString());
      statement.execute();
    }
  }

  private static void requireOurs(Path copy) {
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + copy);
        ResultSet tables =
            connection.getMetaData().getTables(null, null, "activity_version", null)) {
      if (!tables.next()) {
        throw new DataFolderProblem(
            "The file " + copy.toAbsolutePath() + " is a database, but not one of Bravium's.",
            "Nothing was changed. The copies are named bravium-DATE.db.");
      }
    } catch (SQLException e) {
      throw new IllegalStateException("it was sound a moment ago", e);
    }
  }

  /** The newest first. */
  private Stream<Path> copies() throws IOException {
    try (Stream<Path> files = Files.list(folder.copies())) {
      List<Path> sorted =
          files
              .filter(f -> f.getFileName().toString().matches("bravium-\\d{4}-\\d\\d-\\d\\d\\.db"))
              .sorted(Comparator.comparing(Path::getFileName).reversed())
              .toList();
      return sorted.stream();
    }
  }

  /**
   * Puts a copy in the database's place. What was there before is kept beside it.
   *
   * @return where the database of before is kept; the folder if there was none
   * @throws DataFolderProblem if the copy is no sound database, or a server uses the folder
   */
  public static Path restore(Path data, Path copy, Instant now) {
    if (!Files.isRegularFile(copy)) {
      throw new DataFolderProblem(
          "There is no file " + copy.toAbsolutePath() + ".",
          "The copies are in " + data.resolve("copies").toAbsolutePath() + ".");
    }
    DataFolder.checkDatabase(copy);
    requireOurs(copy);
    try (DataFolder folder = DataFolder.lock(data)) {
      Path database = folder.database();
      Path fresh = data.resolve("restoring.db");
      Files.copy(copy, fresh, StandardCopyOption.REPLACE_EXISTING);
      Path before = data.resolve("bravium-before-" + SECOND.format(now) + ".db");
      boolean there = Files.exists(database);
      for (String part : List.of("", "-wal", "-shm")) {
        Path file = data.resolve(database.getFileName() + part);
        if (Files.exists(file)) {
          Files.move(file, data.resolve(before.getFileName() + part));
        }
      }
      Files.move(fresh, database, StandardCopyOption.ATOMIC_MOVE);
      return there ? before : data;
    } catch (IOException e) {
      throw new DataFolderProblem(
          "The copy could not be put in place: " + e.getMessage() + ".",
          "Make room on the disk, or check the rights of the folder, then try again.");
    }
  }
}
