package bravium.core.revision;

import bravium.core.activity.Activity;
import bravium.core.activity.Difference;
import bravium.core.activity.Edit;
import com.eclipsesource.json.JsonValue;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Compares versions of an activity, and makes one of two. */
public final class Revisions {

  private final Parts base;
  private final Parts mine;
  private final Parts theirs;

  private Revisions(Activity base, Activity mine, Activity theirs) {
    boolean oneKind = oneKind(base, mine) && oneKind(mine, theirs);
    this.base = Parts.of(base, oneKind);
    this.mine = Parts.of(mine, oneKind);
    this.theirs = Parts.of(theirs, oneKind);
  }

  private static boolean oneKind(Activity one, Activity other) {
    return one.game().kind().equals(other.game().kind());
  }

  /** What was done from one version to a later one, as edits of {@code theirs}. */
  public static List<Difference> between(Activity before, Activity after) {
    return differences(before, before, after);
  }

  /**
   * The parts in which two sides differ that both come from one version. Parts that both changed
   * alike are none.
   */
  public static List<Difference> differences(Activity base, Activity mine, Activity theirs) {
    return new Revisions(base, mine, theirs).differences();
  }

  /**
   * This side's activity with the named parts of the other side. Items that the order doesn't name
   * stand behind the one before them on the other side.
   *
   * @param fromTheirs paths of {@link Difference}s; others are passed over
   */
  public static Activity merge(Activity mine, Activity theirs, List<String> fromTheirs) {
    boolean oneKind = oneKind(mine, theirs);
    Parts merged = Parts.of(mine, oneKind);
    Parts other = Parts.of(theirs, oneKind);
    Parts elsewhere =
        Parts.of(fromTheirs.stream().anyMatch(merged::isOrder) ? mine : theirs, oneKind);
    for (String path : fromTheirs) {
      merged.set(path, other.value(path));
    }
    return merged.activity(elsewhere);
  }

  private List<Difference> differences() {
    Set<String> paths = new LinkedHashSet<>(mine.paths());
    paths.addAll(theirs.paths());
    List<Difference> found = new ArrayList<>();
    for (String path : paths) {
      boolean order = mine.isOrder(path) || theirs.isOrder(path);
      boolean same =
          order ? sameOrder(path, mine, theirs) : mine.value(path).equals(theirs.value(path));
      if (!same) {
        found.add(
            new Difference(
                path,
                id(path),
                number(path),
                order ? reordered(path, mine) : edit(path, mine),
                order ? reordered(path, theirs) : edit(path, theirs)));
      }
    }
    return List.copyOf(found);
  }

  private Edit edit(String path, Parts side) {
    Optional<JsonValue> before = base.value(path);
    Optional<JsonValue> now = side.value(path);
    if (before.equals(now)) {
      return Edit.SAME;
    }
    return before.isEmpty() ? Edit.ADDED : now.isEmpty() ? Edit.REMOVED : Edit.CHANGED;
  }

  private Edit reordered(String path, Parts side) {
    return sameOrder(path, base, side) ? Edit.SAME : Edit.CHANGED;
  }

  /** Whether the items that are on both sides stand in the same order. */
  private static boolean sameOrder(String path, Parts one, Parts other) {
    List<String> first = new ArrayList<>(one.order(path));
    List<String> second = new ArrayList<>(other.order(path));
    first.retainAll(other.order(path));
    second.retainAll(one.order(path));
    return first.equals(second);
  }

  private static @Nullable String id(String path) {
    return path.endsWith("]") ? path.substring(path.indexOf('[') + 1, path.length() - 1) : null;
  }

  /** Its number among what is counted in its list, from 1; null where it is none of these. */
  private @Nullable Integer number(String path) {
    String id = id(path);
    if (id == null) {
      return null;
    }
    String list = path.substring(0, path.indexOf('['));
    Parts side = mine.order(list).contains(id) ? mine : theirs;
    List<String> counted =
        side.order(list).stream().filter(one -> counts(side, list + "[" + one + "]")).toList();
    int place = counted.indexOf(id);
    return place < 0 ? null : Integer.valueOf(place + 1);
  }

  /** Cards that only say something are no questions, and what is switched off is not asked. */
  private static boolean counts(Parts side, String path) {
    JsonValue item = side.value(path).orElse(null);
    return item == null
        || !item.isObject()
        || !item.asObject().getString("kind", "").equals("information")
            && !item.asObject().getBoolean("off", false);
  }
}
