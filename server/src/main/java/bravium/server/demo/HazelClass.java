package bravium.server.demo;

import bravium.core.assignment.Allowance;
import bravium.core.assignment.Terms;
import bravium.core.play.Opening;
import bravium.server.accounts.Teacher;
import bravium.server.activities.ActivityService;
import bravium.server.activities.ActivityVersion;
import bravium.server.classes.EarlierClasses;
import bravium.server.sittings.EarlierGames;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.stereotype.Component;

/** Hazel class, invented, with what it had to do in the last two weeks and what came back. */
@Component
@ConditionalOnBooleanProperty("bravium.demo")
class HazelClass {

  private static final List<String> NAMES =
      List.of(
          "Ada", "Ben", "Cleo", "Dara", "Eli", "Freya", "Gus", "Hana", "Ines", "Jonah", "Kaya",
          "Leo", "Mina", "Nell", "Omar", "Pia", "Quinn", "Rosa", "Sami", "Tess", "Uma", "Vito",
          "Wren", "Zeki");

  private static final int ABSENT = 9;
  private static final int MORE_TIME = 3;
  private static final int PICKS = 17;

  private final EarlierClasses classes;
  private final EarlierGames games;
  private final ActivityService activities;
  private final Clock clock;

  HazelClass(EarlierClasses classes, EarlierGames games, ActivityService activities, Clock clock) {
    this.classes = classes;
    this.games = games;
    this.activities = activities;
    this.clock = clock;
  }

  /**
   * Lays the class in.
   *
   * @param files the rows of the demo's activities, by the names of their files
   */
  void add(Teacher teacher, Map<String, Long> files) {
    Instant now = clock.instant();
    EarlierClasses.Rows hazel =
        classes.add(teacher, "Hazel class", 4, NAMES, now.minus(Duration.ofDays(30)));
    classes.entitle(hazel.learners().get(MORE_TIME), 150, List.of());
    classes.entitle(hazel.learners().get(PICKS), 100, List.of("names"));
    long cell = given(hazel, files, "2-three", 13, -7, null, Terms.WhenTold.AT_ONCE);
    classes.allow(cell, hazel.learners().get(ABSENT), new Allowance(null, null, 0, true));
    played(hazel, files, "2-three", cell, 12, List.of(ABSENT, 20), List.of());
    long bench = given(hazel, files, "0e-on", 9, -3, 1, Terms.WhenTold.AT_ONCE);
    played(hazel, files, "0e-on", bench, 8, List.of(5, 14), List.of());
    long notebook = given(hazel, files, "3-the", 5, 1, 2, Terms.WhenTold.AFTER_CLOSING);
    classes.allow(
        notebook,
        hazel.learners().get(ABSENT),
        new Allowance(null, classes.at(now.plus(Duration.ofDays(6)), 16), 0, false));
    played(hazel, files, "3-the", notebook, 4, List.of(2, 5, 9, 13, 20, 22), List.of(11, 16));
    long lid = given(hazel, files, "0f-under", 1, 5, null, Terms.WhenTold.AT_ONCE);
    played(
        hazel,
        files,
        "0f-under",
        lid,
        1,
        List.of(1, 2, 3, 5, 6, 8, 9, 10, 11, 13, 15, 16, 18, 19, 20, 22, 23),
        List.of(14));
    long honey = row(files, "1-from");
    classes.assign(
        hazel.row(),
        honey,
        activities.newest(honey),
        new Terms(
            classes.at(now.plus(Duration.ofDays(2)), 8),
            classes.at(now.plus(Duration.ofDays(9)), 16),
            null,
            Terms.Counts.BEST,
            Terms.WhenTold.AT_ONCE,
            Terms.AtClosing.FINISH,
            Terms.WhenMarked.AT_ONCE),
        now);
  }

  private static long row(Map<String, Long> files, String name) {
    return files.entrySet().stream()
        .filter(file -> file.getKey().startsWith(name))
        .findFirst()
        .orElseThrow()
        .getValue();
  }

  /** Given so many days ago, closing in so many days: at four in the afternoon. */
  private long given(
      EarlierClasses.Rows hazel,
      Map<String, Long> files,
      String name,
      int ago,
      int closes,
      @Nullable Integer goes,
      Terms.WhenTold told) {
    long activity = row(files, name);
    Instant now = clock.instant();
    Terms terms =
        new Terms(
            classes.at(now.minus(Duration.ofDays(ago)), 8),
            classes.at(now.plus(Duration.ofDays(closes)), 16),
            goes,
            Terms.Counts.BEST,
            told,
            Terms.AtClosing.FINISH,
            Terms.WhenMarked.AT_ONCE);
    return classes.assign(
        hazel.row(), activity, activities.newest(activity), terms, now.minus(Duration.ofDays(ago)));
  }

  /** All have played it on that day, but for some; a few have stopped early. */
  private void played(
      EarlierClasses.Rows hazel,
      Map<String, Long> files,
      String name,
      long assignment,
      int ago,
      List<Integer> without,
      List<Integer> stopped) {
    ActivityVersion version = activities.newest(row(files, name));
    DemoClass learners = new DemoClass(version.activity());
    long at = classes.at(clock.instant().minus(Duration.ofDays(ago)), 10);
    for (int i = 0; i < NAMES.size(); i++) {
      if (!without.contains(i)) {
        Opening opening =
            new Opening(name + i, Math.min(at + i * 40_000L, clock.millis() - 7_200_000L), false)
                .withTime(i == MORE_TIME ? 150 : null)
                .withHelp(i == PICKS ? List.of("names") : List.of());
        games.addFor(
            assignment,
            version,
            hazel.learners().get(i),
            opening,
            learners.game(i, opening, stopped.contains(i)));
      }
    }
  }
}
