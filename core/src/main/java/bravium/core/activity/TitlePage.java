package bravium.core.activity;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What stands before the game.
 *
 * @param title may be empty while it is being written
 * @param year the year group, 0 (reception) to {@value #LAST_YEAR}; null where none is said
 */
public record TitlePage(
    @Range(longest = LONGEST_TITLE) String title,
    @Range(longest = LONGEST_TITLE) @Nullable String subject,
    @Range(min = 0, max = LAST_YEAR) @Nullable Integer year,
    @Nullable String objective,
    @Range(max = MOST_TAGS, longest = LONGEST_TAG) List<String> tags,
    @Nullable Words introduction,
    @JsonIgnore Extra extra) {

  /** The last year group of school. */
  public static final int LAST_YEAR = 13;

  /** The most characters of a title, and of a subject. */
  public static final int LONGEST_TITLE = 500;

  /** The most tags, and the most characters of one. */
  public static final int MOST_TAGS = 100;

  public static final int LONGEST_TAG = 200;

  /** Checks the year group. */
  public TitlePage {
    if (year != null && (year < 0 || year > LAST_YEAR)) {
      throw new IllegalArgumentException("year is from 0 to " + LAST_YEAR);
    }
  }

  /** The same title page with another title. */
  public TitlePage withTitle(String changed) {
    return new TitlePage(changed, subject, year, objective, tags, introduction, extra);
  }

  /** A title page with nothing but a title. */
  public static TitlePage of(String title) {
    return new TitlePage(title, null, null, null, List.of(), null, Extra.NONE);
  }
}
