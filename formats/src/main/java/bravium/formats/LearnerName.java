package bravium.formats;

import java.text.Normalizer;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * The name under which a learner is known in her class.
 *
 * @param text as it is shown: in Unicode's composed form (UAX #15, NFC), single spaces, nothing
 *     that can't be seen
 * @param key what has to differ between two learners of a class: the same in lower case, in
 *     compatibility form (NFKC), without full stops; so neither case nor a wide letter tells two
 *     apart
 */
public record LearnerName(String text, String key) {

  /** The most characters of a name, as a reader counts them or more. */
  public static final int LONGEST = 60;

  /** Spaces of any kind, line ends among them. */
  static final Pattern SPACES = Pattern.compile("[\\s\\p{Z}]+");

  /**
   * What is not seen, and would turn other text round or hide a difference; but for the two joiners
   * that some scripts, and emoji, are written with.
   */
  private static final Pattern UNSEEN =
      Pattern.compile("[\\p{Cc}\\p{Cf}\\p{Co}\\p{Cn}\\p{Cs}&&[^\\u200c\\u200d\\s]]");

  private static final Pattern JOINERS = Pattern.compile("[\\u200c\\u200d]+");

  /** A name as it was typed; empty where nothing is left that can be seen, or too much. */
  public static Optional<LearnerName> of(String typed) {
    String seen = UNSEEN.matcher(typed).replaceAll("");
    String text = Normalizer.normalize(SPACES.matcher(seen).replaceAll(" "), Normalizer.Form.NFC);
    String name = text.strip();
    String key =
        SPACES
            .matcher(
                JOINERS
                    .matcher(Normalizer.normalize(name, Normalizer.Form.NFKC))
                    .replaceAll("")
                    .replace(".", " ")
                    .toLowerCase(Locale.ROOT))
            .replaceAll(" ")
            .strip();
    boolean fits = name.codePointCount(0, name.length()) <= LONGEST;
    return key.isEmpty() || !fits ? Optional.empty() : Optional.of(new LearnerName(name, key));
  }
}
