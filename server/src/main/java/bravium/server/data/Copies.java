package bravium.server.data;

import static bravium.server.data.schema.Tables.ACTIVITY;
import static bravium.server.data.schema.Tables.SCHOOL_CLASS;

import bravium.server.problems.Problem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jooq.DSLContext;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * The nightly copy of the database, kept for seven days, and bringing one back. A copy is made
 * while the server works, behind all else that is done at night, so that what was erased is not in
 * it; it is whole: SQLite's {@code VACUUM INTO}. Before it the database is looked at: a damaged one
 * takes no sound copy's place.
 */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
public final class Copies implements Nightly {

  /** How many days a copy is kept; the newest is kept in any case. */
  public static final int KEPT = 7;

  /** How long is kept what a restored copy, or a damaged log, left beside the database. */
  private static final Duration KEPT_BEFORE = Duration.ofDays(30);

  private static final Pattern DAMAGED =
      Pattern.compile("damaged-(?<day>\\d{4}-\\d\\d-\\d\\d)-\\d{6}-(?<lost>\\d+)\\.db");

  private static final Pattern BESIDE =
      Pattern.compile("(bravium-before|damaged)-[\\d-]+\\.db(-wal|-shm)?");

  private static final Logger LOG = LoggerFactory.getLogger(Copies.class);
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("yyyy-MM-dd").withZone(ZoneId.systemDefault());
  private static final DateTimeFormatter MINUTE =
      DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmm").withZone(ZoneId.systemDefault());
  private static final Pattern NAME =
      Pattern.compile("bravium-\\d{4}-\\d\\d-\\d\\d(-\\d{4})?\\.db");

  /** What a copy is called until it is whole; one that was left so is no copy. */
  private static final String UNFINISHED = "unfinished";

  /** Whoever presses the button all day fills no disk. */
  private static final int MOST_BY_HAND = 10;

  private final DataFolder folder;
  private final DSLContext database;
  private final KeeperNews news;
  private final Clock clock;

  Copies(DataFolder folder, DSLContext database, KeeperNews news, Clock clock) {
    this.folder = folder;
    this.database = database;
    this.news = news;
    this.clock = clock;
  }

  /** Says that the log was damaged for as long as what was there is kept: a month. */
  @EventListener
  void started(ApplicationReadyEvent event) {
    try (Stream<Path> files = Files.list(here())) {
      files
          .map(file -> DAMAGED.matcher(file.getFileName().toString()))
          .filter(Matcher::matches)
          .max(Comparator.comparing(Matcher::group))
          .ifPresent(this::sayDamaged);
    } catch (IOException e) {
      LOG.error("The data folder can't be read", e);
    }
  }

  private void sayDamaged(Matcher kept) {
    String lost = kept.group("lost");
    String words =
        "On %s, when Bravium was started, the database's log was damaged: %s could not be read any more. "
            .formatted(kept.group("day"), lost.equals("1") ? "one save" : lost + " saves");
    LOG.error("{}What was there is kept in {}", words, kept.group());
    news.say(
        KeeperNews.About.LOG,
        words
            + "What was there is kept as it was, in "
            + kept.group()
            + " in the data folder, for a month. "
            + offer());
  }

  private Path here() {
    return folder.database().toAbsolutePath().getParent();
  }

  @Override
  public void atNight(Instant now) {
    if (!holdsAnything() || !isSound()) {
      return;
    }
    try {
      Path copy = copyOf(now);
      make(folder.database(), copy);
      forgetOld(now);
      news.say(KeeperNews.About.COPY, null);
      LOG.info("The night's copy is {}", copy);
    } catch (IOException | SQLException e) {
      LOG.error("The nightly copy could not be made; the ones before are kept", e);
      news.say(
          KeeperNews.About.COPY,
          "The night's copy of the database could not be made ("
              + e.getMessage()
              + "). The ones before are kept. Look whether the disk is full, and whether the folder"
              + " “copies” in the data folder can be written.");
    }
  }

  /** A first copy is made as soon as there is something in it; the night may be far. */
  @Scheduled(fixedDelay = 10, initialDelay = 5, timeUnit = TimeUnit.MINUTES)
  public void first() {
    if (newestDay().isEmpty()) {
      atNight(clock.instant());
    }
  }

  private boolean holdsAnything() {
    return database.fetchExists(ACTIVITY) || database.fetchExists(SCHOOL_CLASS);
  }

  /**
   * Makes a copy now, beside those of the nights; the newest ten of these are kept, for as long as
   * those. One of the same minute is replaced.
   *
   * @throws Problem if it can't be made, with the reason
   */
  public void now() {
    try {
      byHand(folder.database(), clock.instant());
      forgetOld(clock.instant());
    } catch (DataFolderProblem damaged) {
      throw Problem.conflict("copy-damaged", damaged.getMessage() + " No copy was made of it.");
    } catch (IOException | SQLException e) {
      LOG.error("A copy could not be made", e);
      throw Problem.conflict(
          "copy-failed",
          "The copy could not be made. The ones before are kept. Look whether the disk is full, and"
              + " whether the folder “copies” in the data folder can be written.");
    }
  }

  /**
   * Makes a copy of a database that a server may be using, into the folder of its copies.
   *
   * @return the copy
   * @throws DataFolderProblem if there is no database, or it is damaged
   */
  public static Path byHand(Path database, Instant now) throws IOException, SQLException {
    DataFolder.checkDatabase(DataFolder.existing(database));
    Path copy = DataFolder.copiesBeside(database).resolve("bravium-" + MINUTE.format(now) + ".db");
    make(database, copy);
    return copy;
  }

  /**
   * Makes a copy of the database before a new version of Bravium changes it.
   *
   * @throws DataFolderProblem if it can't be made, or there is no room for one beside it; nothing
   *     was changed then
   */
  static void beforeUpdate(Path database, Instant now) {
    try {
      Path there = database.toAbsolutePath().getParent();
      long needed = Files.size(database);
      if (Files.getFileStore(there).getUsableSpace() < 2 * needed) {
        throw new IOException("there is too little room on the disk");
      }
      LOG.info("Before the update the database was copied to {}", byHand(database, now));
    } catch (IOException | SQLException e) {
      throw new DataFolderProblem(
          "This version of Bravium changes the database, and the copy that is made of it before could"
              + " not be made: "
              + e.getMessage()
              + ".",
          "Nothing was changed. Make room on the disk, and see that the folder “copies” in "
              + database.toAbsolutePath().getParent()
              + " can be written; then start Bravium again.");
    }
  }

  /** Makes it under another name first: what has a copy's name is whole. */
  private static void make(Path database, Path copy) throws IOException, SQLException {
    OwnersAlone.folder(copy.getParent());
    Path unfinished = Files.createTempFile(copy.getParent(), UNFINISHED, ".db");
    try {
      OwnersAlone.restrict(unfinished);
      vacuumInto(database, unfinished);
      Files.move(unfinished, copy, StandardCopyOption.ATOMIC_MOVE);
    } finally {
      Files.deleteIfExists(unfinished);
    }
  }

  private boolean isSound() {
    try {
      DataFolder.checkDatabase(folder.database());
      news.say(KeeperNews.About.DATABASE, null);
      return true;
    } catch (DataFolderProblem damaged) {
      LOG.error("The database was looked at: {}", damaged.getMessage());
      news.say(
          KeeperNews.About.DATABASE,
          damaged.getMessage() + " No copy was made of it, and none was taken away. " + offer());
      return false;
    }
  }

  /** How to bring the newest copy back. */
  private String offer() {
    try {
      return newest()
          .map(
              copy ->
                  "The newest copy is of "
                      + day(copy)
                      + ": end Bravium, then call ./bravium restore "
                      + copy)
          .orElse("There is no nightly copy to bring back yet.");
    } catch (IOException e) {
      return "The nightly copies can't be read.";
    }
  }

  /** What was erased is to be gone from the copies, too: only the newest is kept for longer. */
  private void forgetOld(Instant now) throws IOException {
    String last = DAY.format(now.minus(KEPT, ChronoUnit.DAYS));
    for (Path old : copies().skip(1).toList()) {
      if (old.getFileName().toString().compareTo("bravium-" + last + ".db") <= 0) {
        Files.delete(old);
      }
    }
    List<Path> byHand = copies().filter(copy -> day(copy).length() > last.length()).toList();
    for (Path old : byHand.stream().skip(MOST_BY_HAND).toList()) {
      Files.delete(old);
    }
    forget(here(), name -> BESIDE.matcher(name).matches(), now.minus(KEPT_BEFORE));
    forget(folder.copies(), name -> name.startsWith(UNFINISHED), now.minus(1, ChronoUnit.DAYS));
  }

  private static void forget(Path in, Predicate<String> which, Instant before) throws IOException {
    try (Stream<Path> files = Files.list(in)) {
      for (Path file : files.filter(f -> which.test(f.getFileName().toString())).toList()) {
        if (Files.getLastModifiedTime(file).toInstant().isBefore(before)) {
          LOG.info("{} is of before {} and goes", file, before);
          Files.delete(file);
        }
      }
    }
  }

  /**
   * The day of the newest copy, with its time if it was made by hand, such as {@code
   * 2026-11-23T14:05}; empty where there is none.
   */
  public Optional<String> newestDay() {
    try {
      return newest().map(Copies::day).map(Copies::withTime);
    } catch (IOException e) {
      return Optional.empty();
    }
  }

  private Optional<Path> newest() throws IOException {
    return Files.exists(folder.copies()) ? copies().findFirst() : Optional.empty();
  }

  private static String withTime(String day) {
    int date = "2026-11-23".length();
    return day.length() == date
        ? day
        : day.substring(0, date)
            + "T"
            + day.substring(date + 1, date + 3)
            + ":"
            + day.substring(date + 3);
  }

  private static String day(Path copy) {
    return copy.getFileName().toString().replaceAll("bravium-|\\.db", "");
  }

  /** Whether the copy of this day is there. */
  public boolean hasCopyOf(Instant day) {
    return Files.exists(copyOf(day));
  }

  private Path copyOf(Instant day) {
    return folder.copies().resolve("bravium-" + DAY.format(day) + ".db");
  }

  private static void vacuumInto(Path database, Path copy) throws SQLException {
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database);
        PreparedStatement statement = connection.prepareStatement("VACUUM INTO ?")) {
      try (Statement first = connection.createStatement()) {
        // What was erased also leaves the log.
        first.execute("PRAGMA wal_checkpoint(TRUNCATE)");
      }
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
              .filter(f -> NAME.matcher(f.getFileName().toString()).matches())
              .sorted(Comparator.comparing(Copies::day).reversed())
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
      OwnersAlone.restrict(fresh);
      Path before = data.resolve("bravium-before-" + DataFolder.SECOND.format(now) + ".db");
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
