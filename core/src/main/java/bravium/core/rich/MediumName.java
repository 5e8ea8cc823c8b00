package bravium.core.rich;

/**
 * The name by which an activity refers to a picture or a sound: lower-case letters, digits and
 * hyphens. The server names media by what is in them.
 */
public final class MediumName {

  /** The most characters of a name. */
  public static final int LONGEST = 64;

  private static final String IN_NAMES = "abcdefghijklmnopqrstuvwxyz0123456789-";

  private MediumName() {}

  /** Whether a text can be a name. */
  public static boolean is(String name) {
    return !name.isEmpty()
        && name.length() <= LONGEST
        && name.chars().allMatch(c -> IN_NAMES.indexOf(c) >= 0);
  }

  /**
   * Checks a name.
   *
   * @throws IllegalArgumentException if it can't be one
   */
  public static void require(String name) {
    if (!is(name)) {
      throw new IllegalArgumentException(
          "a medium's name has 1 to " + LONGEST + " lower-case letters, digits and hyphens");
    }
  }
}
