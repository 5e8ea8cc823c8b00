package bravium.core.games.picturereveal;

import bravium.core.games.GameScene;
import bravium.core.json.OfOnePlay;
import bravium.core.json.OwnId;
import bravium.core.rich.Picture;
import bravium.core.rich.PicturePart;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What is seen of a picture reveal.
 *
 * @param picture all of it: on the teacher's own screens, where it lies under the pieces, and for
 *     everybody once it is given away; null before
 * @param ratio its width in thousandths of its height; 1,500 where that is not known
 * @param said what may be said of it while it is covered; null for nothing
 * @param answer what it is, once that is given away, and always for the teacher alone; null before
 * @param worth what a right guess would bring now, in points
 * @param left how many guesses are left to who guesses; null for any number, and where no team has
 *     the turn
 * @param lefts the same for each team; empty where any number is allowed
 * @param guesses whether a guess can be made
 * @param asksWho whether it has to be said which team guesses
 * @param onlyGuess whether no piece is left to lift, so that only a guess is to be made
 * @param told the guesses that were made, in that order
 */
public record RevealScene(
    List<Sheet> pieces,
    @Nullable Picture picture,
    int ratio,
    @Nullable Words said,
    @Nullable String answer,
    int worth,
    @Nullable Integer left,
    List<Integer> lefts,
    boolean guesses,
    boolean asksWho,
    boolean onlyGuess,
    List<Tell> told)
    implements GameScene {

  /** How a piece lies there. */
  public enum Lying {
    /** It covers its part, and can be lifted by its question. */
    @JsonProperty("covered")
    COVERED,
    /** Its question is asked. */
    @JsonProperty("now")
    NOW,
    /** Its question was missed, and may be tried again. */
    @JsonProperty("again")
    AGAIN,
    /** It is gone. */
    @JsonProperty("lifted")
    LIFTED,
    /** Its question was missed: it stays. */
    @JsonProperty("stays")
    STAYS,
    /** It has no question. */
    @JsonProperty("blank")
    BLANK
  }

  /**
   * A sheet over a part of the picture.
   *
   * @param question the id of the question that lifts it; null for none
   * @param open whether it can be picked now
   * @param part the picture of what it bared, for who doesn't have the whole; null before
   * @param said what is to be seen there, once it is bare; null for nothing
   */
  public record Sheet(
      @OwnId @Nullable String question,
      Patch patch,
      Lying lying,
      boolean open,
      @OfOnePlay @Nullable String part,
      @Nullable String said) {}

  /**
   * A guess that was made.
   *
   * @param team the place of the team that made it; null where there are no teams
   */
  public record Tell(String text, boolean right, @Nullable Integer team) {}

  @Override
  public Set<String> bare() {
    return picture == null ? Set.of() : Set.of(picture.medium());
  }

  @Override
  public Set<PicturePart> parts() {
    Set<PicturePart> parts = new LinkedHashSet<>();
    for (Sheet sheet : pieces) {
      if (sheet.part() != null) {
        parts.add(PicturePart.of(sheet.part()));
      }
    }
    return parts;
  }
}
