package bravium.server.data;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import org.jspecify.annotations.Nullable;
import org.sqlite.SQLiteConfig;

/**
 * The folder of everything that is kept, locked while a server uses it. Before anything is read or
 * written it is looked at; what is wrong is said in words.
 */
public final class DataFolder implements AutoCloseable {

  private static final String DATABASE = "bravium.db";
  private static final String LOCK = "bravium.lock";
  static final DateTimeFormatter SECOND =
      DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss").withZone(ZoneId.systemDefault());

  private final Path folder;
  private final FileChannel channel;
  private final @Nullable FileLock lock;

  private DataFolder(Path folder, FileChannel channel, @Nullable FileLock lock) {
    this.folder = folder;
    this.channel = channel;
    this.lock = lock;
  }

  /**
   * Opens a folder, making it if it isn't there.
   *
   * @throws DataFolderProblem if it can't be used, with the reason in words
   */
  public static DataFolder open(Path folder) {
    DataFolder opened = lock(folder);
    try {
      opened.look();
      OwnersAlone.file(opened.database());
      OwnersAlone.restrictAll(folder);
      return opened;
    } catch (IOException e) {
      opened.close();
      throw notWritable(folder, e);
    } catch (RuntimeException e) {
      opened.close();
      throw e;
    }
  }

  /**
   * Locks a folder without looking at its database.
   *
   * @throws DataFolderProblem if it can't be written or another server uses it
   */
  public static DataFolder lock(Path folder) {
    try {
      Files.createDirectories(folder);
      OwnersAlone.restrict(folder);
      FileChannel channel =
          FileChannel.open(
              folder.resolve(LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
      FileLock lock = tryLock(channel);
      if (lock == null) {
        channel.close();
        throw new DataFolderProblem(
            "Another Bravium uses the data folder " + folder.toAbsolutePath() + " just now.",
            "End that one first, or choose another folder with --bravium.data=FOLDER.");
      }
      return new DataFolder(folder, channel, lock);
    } catch (IOException e) {
      throw notWritable(folder, e);
    }
  }

  private static DataFolderProblem notWritable(Path folder, IOException e) {
    return new DataFolderProblem(
        "The data folder " + folder.toAbsolutePath() + " can't be written: " + reason(e) + ".",
        "Give this user the right to write there, or choose another folder with"
            + " --bravium.data=FOLDER. Nothing was changed.");
  }

  private static @Nullable FileLock tryLock(FileChannel channel) throws IOException {
    try {
      return channel.tryLock();
    } catch (OverlappingFileLockException e) {
      return null;
    }
  }

  private static String reason(IOException e) {
    return switch (e) {
      case java.nio.file.AccessDeniedException denied -> "this user has no right to";
      case java.nio.file.FileAlreadyExistsException file -> "a file of that name is in its place";
      default -> String.valueOf(e.getMessage());
    };
  }

  /** The database's file. */
  public Path database() {
    return databaseIn(folder);
  }

  /** Where the database of a data folder is. */
  public static Path databaseIn(Path folder) {
    return folder.resolve(DATABASE);
  }

  /** The folder of pictures and sounds. */
  public Path media() {
    return folder.resolve("media");
  }

  /**
   * The secret under which learners' words are hashed, so that whoever has the database alone can't
   * try words out.
   */
  public Path wordsKey() {
    return folder.resolve("words.key");
  }

  /** The folder of the nightly copies. */
  public Path copies() {
    return copiesBeside(database());
  }

  /**
   * Where it is, if it is there.
   *
   * @throws DataFolderProblem if it isn't
   */
  public static Path existing(Path database) {
    if (!Files.exists(database)) {
      throw new DataFolderProblem(
          "There is no database in " + database.toAbsolutePath().getParent() + ".",
          "Say with BRAVIUM_DATA which data folder is meant.");
    }
    return database;
  }

  /** The folder of the copies of a database. */
  static Path copiesBeside(Path database) {
    return database.resolveSibling("copies");
  }

  private void look() {
    Path file = database();
    if (!Files.exists(file)) {
      return;
    }
    if (!Files.isWritable(file)) {
      throw new DataFolderProblem(
          "The database " + file.toAbsolutePath() + " can't be written: this user has no right to.",
          "Give this user the right to write it. Nothing was changed.");
    }
    int lost = DatabaseLog.afterDamage(log());
    if (lost > 0) {
      keepDamagedLog(lost);
    }
    checkDatabase(file);
  }

  private Path log() {
    return folder.resolve(DATABASE + "-wal");
  }

  /** SQLite passes over what can't be read in its log, and over all behind it: it is kept. */
  private void keepDamagedLog(int lost) {
    String beside = "damaged-" + SECOND.format(Instant.now()) + "-" + lost;
    try {
      Files.copy(database(), folder.resolve(beside + ".db"));
      Files.copy(log(), folder.resolve(beside + ".db-wal"));
    } catch (IOException e) {
      throw new DataFolderProblem(
          "The database's log is damaged, and what is there can't be copied: " + reason(e) + ".",
          "Make room on the disk, then start Bravium again. Nothing was changed.");
    }
  }

  /**
   * Checks that a file is a sound SQLite database.
   *
   * @throws DataFolderProblem if it is damaged, locked, or something else
   */
  static void checkDatabase(Path file) {
    SQLiteConfig config = new SQLiteConfig();
    config.setBusyTimeout(2_000);
    try (Connection connection = config.createConnection("jdbc:sqlite:" + file);
        Statement statement = connection.createStatement();
        ResultSet result = statement.executeQuery("PRAGMA quick_check(1)")) {
      String found = result.next() ? result.getString(1) : "nothing";
      if (!found.equals("ok")) {
        throw damaged(file, found);
      }
    } catch (SQLException e) {
      if (String.valueOf(e.getMessage()).contains("SQLITE_BUSY")) {
        throw new DataFolderProblem(
            "Another program holds the database " + file.toAbsolutePath() + " locked.",
            "End that program, then start Bravium again. Nothing was changed.");
      }
      throw damaged(file, String.valueOf(e.getMessage()));
    }
  }

  private static DataFolderProblem damaged(Path file, String found) {
    return new DataFolderProblem(
        "The database " + file.toAbsolutePath() + " is damaged (" + found + ").",
        "Nothing was changed. Bring back one of the nightly copies:"
            + " ./bravium restore FOLDER/copies/bravium-DATE.db");
  }

  @Override
  public void close() {
    try {
      if (lock != null) {
        lock.release();
      }
      channel.close();
    } catch (IOException e) {
      // The lock goes with the process in any case.
    }
  }
}
