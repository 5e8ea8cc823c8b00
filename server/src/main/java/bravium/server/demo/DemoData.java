package bravium.server.demo;

import bravium.core.play.Opening;
import bravium.formats.ActivityFile;
import bravium.server.accounts.Teacher;
import bravium.server.accounts.TeacherRepository;
import bravium.server.activities.ActivityService;
import bravium.server.activities.ActivityVersion;
import bravium.server.activities.StoredActivity;
import bravium.server.sittings.EarlierGames;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.util.Arrays;
import java.util.Comparator;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/** Lays in the demo data where no teacher is yet; what was made in a demo before stays. */
@Component
@ConditionalOnBooleanProperty("bravium.demo")
class DemoData implements ApplicationRunner {

  private static final String TEACHER = "Ms Alder";

  private final TeacherRepository teachers;
  private final ActivityService activities;
  private final EarlierGames games;
  private final Clock clock;

  DemoData(
      TeacherRepository teachers, ActivityService activities, EarlierGames games, Clock clock) {
    this.games = games;
    this.clock = clock;
    this.teachers = teachers;
    this.activities = activities;
  }

  @Override
  public void run(ApplicationArguments arguments) throws IOException {
    if (teachers.first().isPresent()) {
      return;
    }
    Teacher teacher = teachers.addFirst(TEACHER, null).orElseThrow();
    Resource[] files =
        new PathMatchingResourcePatternResolver().getResources("classpath:demo/*.json");
    Arrays.sort(files, Comparator.comparing(Resource::getFilename));
    for (Resource file : files) {
      StoredActivity stored =
          activities.add(teacher, ActivityFile.read(file.getContentAsByteArray()));
      if (file.equals(files[files.length - 1])) {
        play(activities.row(teacher, stored.id()));
      }
    }
  }

  /** A class has played the last one, yesterday. */
  private void play(long activity) {
    ActivityVersion version = activities.newest(activity);
    DemoClass learners = new DemoClass(version.activity());
    long yesterday = clock.instant().minus(Duration.ofDays(1)).toEpochMilli();
    for (int i = 0; i < DemoClass.LEARNERS; i++) {
      Opening opening = DemoClass.opening(i, yesterday);
      games.add(activity, version, opening, learners.game(i, opening));
    }
  }
}
