package bravium.server.activities;

import bravium.core.activity.Activity;
import bravium.core.json.Format.Understood;
import bravium.formats.ActivityArchive;
import bravium.formats.ActivityFile;
import bravium.formats.lists.Spreadsheet;
import bravium.server.accounts.Teacher;
import bravium.server.limits.LongWork;
import bravium.server.limits.Pools;
import bravium.server.lists.OpenedFile;
import bravium.server.media.MediaService;
import bravium.server.problems.Problem;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipException;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.stereotype.Service;

/** Activities as files, with their pictures and sounds. */
@Service
public class ArchiveService {

  /** The most media of a file: they are all worked on while somebody waits. */
  private static final int MOST_MEDIA = 300;

  private final ActivityService activities;
  private final MediaService media;
  private final QuestionFiles questions;
  private final LongWork texts;

  ArchiveService(
      ActivityService activities,
      MediaService media,
      QuestionFiles questions,
      @Qualifier(Pools.TEXTS) LongWork texts) {
    this.questions = questions;
    this.texts = texts;
    this.activities = activities;
    this.media = media;
  }

  /** Writes an activity with its media; one that isn't there any more is left out. */
  void write(Teacher teacher, Activity activity, OutputStream out) throws IOException {
    List<ActivityArchive.Medium> files =
        activity.media().stream()
            .flatMap(name -> media.find(teacher, name).stream())
            .map(file -> new ActivityArchive.Medium(file.name(), file.ending(), file.path()))
            .toList();
    ActivityArchive.write(activity, files, out);
  }

  /**
   * Takes a file in as an activity of its own: a zip with media, the activity's JSON alone, or
   * questions as a table or a list.
   *
   * @param name the file's name; a table's activity is called so
   */
  public Imported take(Teacher teacher, String name, InputStream in) throws IOException {
    Path file = Files.createTempFile("bravium", ".in");
    try {
      Files.copy(in, file, StandardCopyOption.REPLACE_EXISTING);
      boolean small = Files.size(file) <= ActivityArchive.MOST_ACTIVITY_BYTES;
      if (ActivityArchive.is(file) && !(small && Spreadsheet.is(Files.readAllBytes(file)))) {
        return takeArchive(teacher, file);
      }
      if (!small) {
        throw Problem.tooLarge(
            "An activity without pictures is at most "
                + (ActivityArchive.MOST_ACTIVITY_BYTES >> 20)
                + " MB. Nothing was added.");
      }
      byte[] bytes = Files.readAllBytes(file);
      if (!QuestionFiles.isJson(bytes)) {
        return questions.take(teacher, name, bytes);
      }
      Understood<Activity> read = texts.run(() -> ActivityFile.readNoting(bytes));
      return added(teacher, read, read.value(), List.of());
    } finally {
      Files.deleteIfExists(file);
    }
  }

  private Imported takeArchive(Teacher teacher, Path file) throws IOException {
    OpenedFile.refuseZip(file);
    try (ActivityArchive archive = ActivityArchive.open(file)) {
      byte[] document = archive.activity();
      Understood<Activity> read = texts.run(() -> ActivityFile.readNoting(document));
      Map<String, String> names = new LinkedHashMap<>();
      List<String> left = new ArrayList<>();
      Map<String, Integer> lengths = ActivityArchive.lengths(read.value());
      for (String name : read.value().media().stream().limit(MOST_MEDIA).toList()) {
        if (archive.has(name)) {
          takeMedium(teacher, archive, name, lengths.get(name), names, left);
        }
      }
      return added(teacher, read, ActivityArchive.renamed(read.value(), names), left);
    }
  }

  private void takeMedium(
      Teacher teacher,
      ActivityArchive archive,
      String name,
      @Nullable Integer millis,
      Map<String, String> names,
      List<String> left)
      throws IOException {
    try (InputStream in = archive.medium(name)) {
      names.put(name, media.add(teacher, name, "", millis, in).medium());
    } catch (ZipException e) {
      left.add("It is damaged.");
    } catch (Problem problem) {
      left.add(problem.getMessage());
    }
  }

  private Imported added(
      Teacher teacher, Understood<Activity> read, Activity activity, List<String> left) {
    StoredActivity stored = activities.add(teacher, activity);
    return new Imported(
        stored.id(), activity.titlePage().title(), List.copyOf(read.notUnderstood()), left);
  }
}
