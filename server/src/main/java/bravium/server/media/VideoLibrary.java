package bravium.server.media;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.springframework.core.io.Resource;

/**
 * Videos that teachers can look for and use: the one that ships with Bravium, and what a school's
 * own library or a service would be reached through.
 */
public interface VideoLibrary {

  /**
   * The clips that fit, the best first.
   *
   * @param search words, each of which has to be in a clip's title, description or tags; blank for
   *     all
   */
  List<LibraryClip> search(String search);

  /** The clip of that name. */
  Optional<LibraryClip> find(String name);

  /** Fetches one of a clip's files. */
  Resource fetch(LibraryClip clip, Part part) throws IOException;

  /** What there is of a clip. */
  enum Part {
    /** The film itself. */
    FILM,
    /** A still picture of it, as PNG. */
    POSTER,
    /** What is said in it, as WebVTT. */
    CAPTIONS
  }
}
