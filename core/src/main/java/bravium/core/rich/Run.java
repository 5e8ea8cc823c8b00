package bravium.core.rich;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * A text in one style. A line's end in it begins a new line of the paragraph.
 *
 * @param styles each at most once
 * @param link where it leads: an address that begins with http://, https:// or mailto:, at most
 *     {@value #LONGEST_LINK} characters; null for nowhere
 */
public record Run(
    String text, @Range(max = 4) List<Style> styles, @Nullable String link, @JsonIgnore Extra extra)
    implements Inline {

  /** The most characters of a link. */
  public static final int LONGEST_LINK = 2_000;

  private static final List<String> LEADS = List.of("http://", "https://", "mailto:");

  /** How a text can look. */
  public enum Style {
    /** Bold. */
    @JsonProperty("bold")
    BOLD,
    /** Slanted. */
    @JsonProperty("italic")
    ITALIC,
    /** Small and lowered. */
    @JsonProperty("sub")
    SUB,
    /** Small and raised. */
    @JsonProperty("sup")
    SUP
  }

  /** Checks the link. */
  public Run {
    if (link != null && !isLink(link)) {
      throw new IllegalArgumentException(
          "a link begins with http://, https:// or mailto: and has at most "
              + LONGEST_LINK
              + " characters");
    }
  }

  /** Whether a text can be a link. */
  public static boolean isLink(String text) {
    String start = text.toLowerCase(Locale.ROOT);
    return text.length() <= LONGEST_LINK
        && LEADS.stream().anyMatch(lead -> start.startsWith(lead) && text.length() > lead.length());
  }

  /** A text as it is, with nothing unknown in it. */
  public static Run of(String text) {
    return new Run(text, List.of(), null, Extra.NONE);
  }

  @Override
  public String plain() {
    return text;
  }
}
