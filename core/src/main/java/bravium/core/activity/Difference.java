package bravium.core.activity;

import bravium.core.json.Root;
import org.jspecify.annotations.Nullable;

/**
 * A part in which two versions of an activity differ.
 *
 * @param path the part's place in the format, such as {@code titlePage.title}, {@code
 *     game.questions[ab12]} for the question of that id, or {@code game.questions} for the order
 * @param question the question's id; null where the part is none
 * @param number the question's place on the sheet, from 1: on this side or, where it is gone, on
 *     the other
 * @param mine what this side did since the version both come from
 * @param theirs what the other side did
 */
@Root
public record Difference(
    String path, @Nullable String question, @Nullable Integer number, Edit mine, Edit theirs) {

  /** Whether both sides changed it, so that only a person can choose. */
  public boolean contested() {
    return mine != Edit.SAME && theirs != Edit.SAME;
  }
}
