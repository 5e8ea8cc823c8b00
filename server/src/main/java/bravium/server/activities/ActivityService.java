package bravium.server.activities;

import bravium.core.activity.Activity;
import bravium.server.accounts.Teacher;
import bravium.server.data.Codes;
import bravium.server.problems.Problem;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** A teacher's activities. What is another's is not there for her. */
@Service
public class ActivityService {

  private static final int TRIES = 5;

  private final ActivityRepository activities;
  private final ActivityLists lists;
  private final VersionRepository versions;
  private final Clock clock;

  ActivityService(
      ActivityRepository activities, ActivityLists lists, VersionRepository versions, Clock clock) {
    this.activities = activities;
    this.lists = lists;
    this.versions = versions;
    this.clock = clock;
  }

  ActivityList list(Teacher teacher, ActivityQuery query) {
    return lists.list(teacher.id(), query);
  }

  Facets facets(Teacher teacher) {
    return lists.facets(teacher.id());
  }

  StoredActivity read(Teacher teacher, String id) {
    return activities.find(teacher.id(), id).orElseThrow(ActivityService::notThere);
  }

  /** Adds an activity and gives it its public id. */
  public StoredActivity add(Teacher teacher, Activity activity) {
    return activities.add(teacher.id(), Codes.id(), activity);
  }

  StoredActivity copy(Teacher teacher, String id, String title) {
    Activity activity = read(teacher, id).activity();
    return add(teacher, activity.withTitlePage(activity.titlePage().withTitle(title)));
  }

  Saved save(Teacher teacher, String id, int expected, Activity activity) {
    return activities
        .save(teacher.id(), id, expected, activity)
        .orElseThrow(
            () -> {
              read(teacher, id);
              return Problem.stale(
                  "This activity was changed somewhere else in the meantime. That change is kept;"
                      + " yours was not saved.");
            });
  }

  /** Gives an activity another title, as a version of its own. */
  Saved rename(Teacher teacher, String id, String title) {
    for (int i = 0; i < TRIES; i++) {
      StoredActivity stored = read(teacher, id);
      Activity activity = stored.activity();
      Optional<Saved> saved =
          activities.save(
              teacher.id(),
              id,
              stored.version(),
              activity.withTitlePage(activity.titlePage().withTitle(title)));
      if (saved.isPresent()) {
        return saved.get();
      }
    }
    throw Problem.stale(
        "This activity is being changed somewhere else just now. Its title was not changed; try"
            + " again.");
  }

  void remove(Teacher teacher, String id) {
    if (!activities.setRemoved(teacher.id(), id, clock.instant())) {
      throw notThere();
    }
  }

  /**
   * Forgets an activity that was begun and into which nothing was written; others are left alone.
   */
  void forgetUnwritten(Teacher teacher, String id) {
    StoredActivity stored = read(teacher, id);
    if (stored.version() == 1 && stored.activity().titlePage().title().isBlank()) {
      versions.forgetUnused(row(teacher, id));
    }
  }

  void bringBack(Teacher teacher, String id) {
    if (!activities.setRemoved(teacher.id(), id, null)) {
      read(teacher, id);
    }
  }

  List<VersionCard> versions(Teacher teacher, String id, int before) {
    return versions.list(row(teacher, id), before);
  }

  StoredActivity version(Teacher teacher, String id, int version) {
    return versions
        .find(teacher.id(), id, version)
        .orElseThrow(
            () ->
                Problem.notFound(
                    "no-such-version",
                    "This version is not kept any more, or never was. The newest one is safe."));
  }

  /**
   * The row of an activity of hers.
   *
   * @throws Problem if it isn't there
   */
  public long row(Teacher teacher, String id) {
    return activities.row(teacher.id(), id).orElseThrow(ActivityService::notThere);
  }

  /** The newest version of the activity in that row. */
  public ActivityVersion newest(long row) {
    return activities.newestVersion(row).orElseThrow(ActivityService::notThere);
  }

  /**
   * The version in that row, which something that was given or played keeps from being forgotten.
   */
  public ActivityVersion version(long row) {
    return activities.version(row).orElseThrow(ActivityService::notThere);
  }

  private static Problem notThere() {
    return Problem.notFound(
        "no-such-activity",
        "There is no such activity among yours. It may have been removed, or the address has a"
            + " slip in it.");
  }
}
