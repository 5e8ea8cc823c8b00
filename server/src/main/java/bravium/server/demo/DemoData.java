package bravium.server.demo;

import bravium.core.activity.Activity;
import bravium.core.play.Opening;
import bravium.formats.ActivityArchive;
import bravium.formats.ActivityFile;
import bravium.server.accounts.Teacher;
import bravium.server.accounts.TeacherRepository;
import bravium.server.activities.ActivityService;
import bravium.server.activities.ActivityVersion;
import bravium.server.activities.StoredActivity;
import bravium.server.media.LibraryClip;
import bravium.server.media.MediaService;
import bravium.server.media.VideoLibrary;
import bravium.server.sittings.EarlierGames;
import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.time.Duration;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
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

  /** The film of the demo comes from the library. */
  private static final String CLIP = "a-morning-at-the-hive";

  private static final String POSTER = "early-in-the-meadow";

  /** What stands for the media of the demo. */
  private static final Map<String, String> WORDS =
      Map.ofEntries(
          Map.entry(
              "garden",
              "The school garden from above: the school, beds, lavender, an orchard, a meadow, a pond,"
                  + " a compost heap and two hives, with a path through it all"),
          Map.entry(
              "hive",
              "A beehive on its stand, cut open: boxes with frames one over another, a floor and a"
                  + " roof"),
          Map.entry("honeybee", "A honeybee from the side, with all the parts of her body"),
          Map.entry("blossom", "A blossom cut through the middle, with all its parts"),
          Map.entry(
              "workbench", "A beekeeper's workbench with tools on it, and more on pegs above it"),
          Map.entry(
              "lid",
              "Under the lid of a beehive a dormouse lies asleep in a nest of grass and leaves"),
          Map.entry("workshop", "A workshop with a cupboard, a bench with a hive, and a door"),
          Map.entry("extracting-room", "A tiled room with a large drum in which honey is spun"),
          Map.entry("honey-store", "Shelves full of jars of honey, and a green door"),
          Map.entry(POSTER, "A beehive in a meadow on a bright morning"),
          Map.entry("piping", "One long high tone, like a small trumpet, and five short ones"));

  private final TeacherRepository teachers;
  private final ActivityService activities;
  private final MediaService media;
  private final VideoLibrary library;
  private final EarlierGames games;
  private final HazelClass hazel;
  private final Clock clock;

  DemoData(
      TeacherRepository teachers,
      ActivityService activities,
      MediaService media,
      VideoLibrary library,
      EarlierGames games,
      HazelClass hazel,
      Clock clock) {
    this.hazel = hazel;
    this.media = media;
    this.library = library;
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
    Map<String, String> names = new LinkedHashMap<>();
    for (Resource file : files("media/*")) {
      String name = String.valueOf(file.getFilename()).replaceAll("\\..*", "");
      try (InputStream in = file.getInputStream()) {
        names.put(name, media.add(teacher, titled(name), words(name), null, in).medium());
      }
    }
    LibraryClip clip = library.find(CLIP).orElseThrow();
    try (InputStream in = library.fetch(clip, VideoLibrary.Part.FILM).getInputStream()) {
      names.put(CLIP, media.add(teacher, clip.title(), clip.words(), null, in).medium());
    }
    try (InputStream in = library.fetch(clip, VideoLibrary.Part.POSTER).getInputStream()) {
      names.put(POSTER, media.add(teacher, titled(POSTER), words(POSTER), null, in).medium());
    }
    Resource[] files = files("*.json");
    Map<String, Long> rows = new LinkedHashMap<>();
    for (Resource file : files) {
      Activity activity = ActivityFile.read(file.getContentAsByteArray());
      StoredActivity stored = activities.add(teacher, ActivityArchive.renamed(activity, names));
      rows.put(String.valueOf(file.getFilename()), activities.row(teacher, stored.id()));
      if (file.equals(files[files.length - 1])) {
        play(activities.row(teacher, stored.id()));
      }
    }
    hazel.add(teacher, rows);
  }

  private static Resource[] files(String pattern) throws IOException {
    Resource[] files =
        new PathMatchingResourcePatternResolver().getResources("classpath:demo/" + pattern);
    Arrays.sort(files, Comparator.comparing(Resource::getFilename));
    return files;
  }

  private static String titled(String name) {
    return name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1).replace('-', ' ');
  }

  private String words(String name) {
    return WORDS.getOrDefault(name, "");
  }

  /** A class has played the last one, yesterday. */
  private void play(long activity) {
    ActivityVersion version = activities.newest(activity);
    DemoClass learners = new DemoClass(version.activity());
    long yesterday = clock.instant().minus(Duration.ofDays(1)).toEpochMilli();
    for (int i = 0; i < DemoClass.BY_LINK; i++) {
      Opening opening = DemoClass.opening(i, yesterday);
      games.add(activity, version, opening, learners.game(i, opening));
    }
  }
}
