package bravium.server.accounts;

import bravium.server.limits.Device;
import java.util.Optional;

/** Those who stand in for a teacher for a day; each is known by the number of a row. */
public interface Covers {

  /**
   * The cover whose code was typed.
   *
   * @param device where it was typed, so that nobody tries codes out
   */
  long enter(String code, Device device);

  /** For whom somebody covers; nobody once that is over, or was withdrawn. */
  Optional<Teacher> standsFor(long cover);

  /**
   * Whether that may be done in a cover's session. What is not named is not allowed.
   *
   * @param method of HTTP, such as {@code GET}
   * @param path of the address, such as {@code /api/cover}
   */
  boolean allows(long cover, String method, String path);
}
