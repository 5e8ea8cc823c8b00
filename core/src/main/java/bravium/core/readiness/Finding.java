package bravium.core.readiness;

import bravium.core.json.Root;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Something worth the teacher's eye: what, where, and what can be done about it.
 *
 * @param place where it leads
 * @param question the id of the question it is about; null for the activity as a whole
 * @param option the id of the option it is about, if one; of a game's own findings what tells
 *     several of one kind apart
 * @param mend what one press does about it; null where only the teacher can know
 * @param values what its sentence and its mend need
 * @param own the game's own name of what was found, where it is a check of that game alone
 */
@Root
public record Finding(
    Check check,
    Weight weight,
    Place place,
    @Nullable String question,
    @Nullable String option,
    @Nullable Mend mend,
    List<String> values,
    @Nullable String own) {

  private Finding(
      Check check,
      Weight weight,
      Place place,
      @Nullable String question,
      @Nullable String option,
      @Nullable Mend mend,
      List<String> values) {
    this(check, weight, place, question, option, mend, values, null);
  }

  /** A finding about the activity as a whole. */
  public static Finding of(Check check, Weight weight, Place place, Object... values) {
    return new Finding(check, weight, place, null, null, null, texts(values));
  }

  /** A finding about a question. */
  public static Finding of(String question, Check check, Weight weight, Object... values) {
    return new Finding(check, weight, Place.QUESTION, question, null, null, texts(values));
  }

  /** A finding about an option of a question. */
  public static Finding of(
      String question, String option, Check check, Weight weight, Object... values) {
    return new Finding(check, weight, Place.OPTION, question, option, null, texts(values));
  }

  /**
   * A finding of one game alone.
   *
   * @param own the game's name for it
   * @param item the id of the item it is about; null for the game as a whole
   */
  public static Finding own(String own, @Nullable String item, Weight weight, Object... values) {
    Place place = item == null ? Place.BOARD : Place.QUESTION;
    return new Finding(Check.OF_GAME, weight, place, item, null, null, texts(values), own);
  }

  /** The same finding about one of several that are alike. */
  public Finding about(String one) {
    return new Finding(check, weight, place, question, one, mend, values, own);
  }

  /** What was found and where, whatever its figures. */
  String about() {
    String about = check + " " + place + " " + question + " " + option;
    return own == null ? about + (check.many() ? values : "") : about + " " + own;
  }

  /** The same finding with what one press does about it; null for nothing. */
  public Finding mendedBy(@Nullable Mend how) {
    return new Finding(check, weight, place, question, option, how, values, own);
  }

  private static List<String> texts(Object... values) {
    return Arrays.stream(values).map(String::valueOf).toList();
  }
}
