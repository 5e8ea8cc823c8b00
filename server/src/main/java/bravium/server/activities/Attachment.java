package bravium.server.activities;

import bravium.core.activity.Activity;
import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;

/** The file name under which a browser keeps what it is given. */
final class Attachment {

  private Attachment() {}

  /** For the header {@code Content-Disposition}: the activity's title with this ending. */
  static String of(Activity activity, String ending) {
    String title = activity.titlePage().title().strip();
    String name = title.isEmpty() ? "activity" : title.replaceAll("[\\\\/:*?\"<>|\\p{Cntrl}]", "_");
    return ContentDisposition.attachment()
        .filename(name + "." + ending, StandardCharsets.UTF_8)
        .build()
        .toString();
  }
}
