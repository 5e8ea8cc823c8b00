package bravium.server.activities;

import bravium.core.activity.Activity;
import bravium.server.accounts.Teacher;
import bravium.server.data.Codes;
import bravium.server.problems.Problem;
import java.util.List;
import org.springframework.stereotype.Service;

/** A teacher's activities. What is another's is not there for her. */
@Service
public class ActivityService {

  private final ActivityRepository activities;

  ActivityService(ActivityRepository activities) {
    this.activities = activities;
  }

  List<ActivityCard> cards(Teacher teacher) {
    return activities.cards(teacher.id());
  }

  StoredActivity read(Teacher teacher, String id) {
    return activities.find(teacher.id(), id).orElseThrow(ActivityService::notThere);
  }

  /** Adds an activity and gives it its public id. */
  public StoredActivity add(Teacher teacher, Activity activity) {
    return activities.add(teacher.id(), Codes.id(), activity);
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

  private static Problem notThere() {
    return Problem.notFound(
        "no-such-activity",
        "There is no such activity among yours. It may have been removed, or the address has a"
            + " slip in it.");
  }
}
