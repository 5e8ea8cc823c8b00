package bravium.core.play;

import bravium.core.json.OwnId;
import org.jspecify.annotations.Nullable;

/**
 * Something that was entered in a play where several items are open and an entry says by itself
 * which one it means.
 *
 * @param text as it was entered
 * @param item the id of the item that it named; null where it named none
 * @param verdict partly where it was nearly right
 * @param counted whether it used up one of the entries there are; not where it was entered before
 * @param team the place of the team that entered it, from 0; null where there are no teams
 * @param at when, in milliseconds since 1970
 * @param bare how many parts of a picture lay bare when it was entered; null where none is covered
 */
public record Entry(
    String text,
    @OwnId @Nullable String item,
    Verdict verdict,
    boolean counted,
    @Nullable Integer team,
    long at,
    @Nullable Integer bare) {

  /** An entry of a play in which nothing is covered. */
  public static Entry of(
      String text,
      @Nullable String item,
      Verdict verdict,
      boolean counted,
      @Nullable Integer team,
      long at) {
    return new Entry(text, item, verdict, counted, team, at, null);
  }
}
