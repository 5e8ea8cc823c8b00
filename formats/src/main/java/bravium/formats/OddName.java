package bravium.formats;

import java.lang.Character.UnicodeScript;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Names under which nobody comes into a class without being looked at: those that are no name, and
 * those that look like another's.
 */
public final class OddName {

  /** Scripts of which letters look the same (UTS #39, Unicode Security Mechanisms, section 5). */
  private static final Set<UnicodeScript> ALIKE =
      EnumSet.of(UnicodeScript.LATIN, UnicodeScript.CYRILLIC, UnicodeScript.GREEK);

  /** What turns the direction of a text (UAX #9, Unicode Bidirectional Algorithm, table 4). */
  private static final Pattern DIRECTION =
      Pattern.compile("[\\u202a-\\u202e\\u2066-\\u2069\\u200e\\u200f\\u061c]");

  private OddName() {}

  /**
   * Whether a name is odd.
   *
   * @param typed as it was typed
   * @param teacher the name of the class's teacher, which is no learner's: neither whole nor
   *     without the word that stands first, such as "Ms"
   */
  public static boolean is(String typed, String teacher) {
    return typed.codePoints().noneMatch(Character::isLetter)
        || DIRECTION.matcher(typed).find()
        || LearnerName.SPACES.splitAsStream(typed).anyMatch(OddName::isMixed)
        || isTeachers(typed, teacher);
  }

  private static boolean isMixed(String word) {
    return word.codePoints().mapToObj(UnicodeScript::of).filter(ALIKE::contains).distinct().count()
        > 1;
  }

  private static boolean isTeachers(String typed, String teacher) {
    String key = key(typed);
    String whole = key(teacher);
    return List.of(whole, whole.substring(whole.indexOf(' ') + 1)).contains(key);
  }

  private static String key(String name) {
    return LearnerName.of(name).map(LearnerName::key).orElse("");
  }
}
