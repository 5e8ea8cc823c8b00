package bravium.server.web;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;

/** The file name under which a browser keeps what it is given. */
public final class Attachment {

  /** The most characters of a name in it. */
  private static final int LONGEST = 100;

  private Attachment() {}

  /**
   * For the header {@code Content-Disposition}: a name with this ending.
   *
   * @param name any; where it is blank, {@code otherwise} is
   */
  public static String of(String name, String otherwise, String ending) {
    // The header has to fit beside all others, three characters for each of most letters.
    String begun =
        name.strip()
            .codePoints()
            .limit(LONGEST)
            .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
            .toString();
    String file = begun.isEmpty() ? otherwise : begun.replaceAll("[\\\\/:*?\"<>|\\p{Cntrl}]", "_");
    return ContentDisposition.attachment()
        .filename(file + "." + ending, StandardCharsets.UTF_8)
        .build()
        .toString();
  }
}
