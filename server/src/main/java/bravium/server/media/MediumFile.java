package bravium.server.media;

import java.nio.file.Path;
import java.time.Duration;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/**
 * A medium's file.
 *
 * @param name the medium's
 * @param type as in the header {@code Content-Type}
 * @param ending the end of a file's name, without a dot
 */
public record MediumFile(String name, String type, String ending, Path path) {

  /** Whatever is in it, it runs nothing and fetches nothing. */
  private static final String POLICY =
      "default-src 'none'; style-src 'unsafe-inline'; img-src data:; sandbox";

  static final Duration YEAR = Duration.ofDays(365);

  /**
   * An answer with it, whole or in ranges. Under one name there is always the same.
   *
   * @param tag the entity tag, without quotes
   */
  public ResponseEntity<Resource> answer(String tag) {
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(type))
        .eTag('"' + tag + '"')
        .cacheControl(CacheControl.maxAge(YEAR).cachePrivate().immutable())
        .header("Content-Security-Policy", POLICY)
        .header("X-Content-Type-Options", "nosniff")
        .header("Cross-Origin-Resource-Policy", "same-origin")
        .body(new FileSystemResource(path));
  }
}
