package bravium.server.demo;

import bravium.formats.ActivityFile;
import bravium.server.accounts.Teacher;
import bravium.server.accounts.TeacherRepository;
import bravium.server.activities.ActivityService;
import java.io.IOException;
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

  DemoData(TeacherRepository teachers, ActivityService activities) {
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
      activities.add(teacher, ActivityFile.read(file.getContentAsByteArray()));
    }
  }
}
