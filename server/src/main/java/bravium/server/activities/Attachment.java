package bravium.server.activities;

import bravium.core.activity.Activity;
import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;

/** The file name under which a browser keeps what it is given. */
final class Attachment {

  /** The most characters of the title in it. */
  private static final int LONGEST = 100;

  private Attachment() {}

  /** For the header {@code Content-Disposition}: the activity's title with this ending. */
  static String of(Activity activity, String ending) {
    String title = activity.titlePage().title().strip();
    // The header has to fit beside all others, three characters for each of most letters.
    String begun =
        title
            .codePoints()
            .limit(LONGEST)
            .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
            .toString();
    String name = begun.isEmpty() ? "activity" : begun.replaceAll("[\\\\/:*?\"<>|\\p{Cntrl}]", "_");
    return ContentDisposition.attachment()
        .filename(name + "." + ending, StandardCharsets.UTF_8)
        .build()
        .toString();
  }
}
