package bravium.server.data;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentSkipListMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * What whoever looks after the server has to know: each until it is over. It is said in the log
 * once, and to her whenever she is signed in.
 */
@Component
public final class KeeperNews {

  /** What there can be to say. */
  public enum About {
    /** The database itself is damaged. */
    DATABASE,
    /** The database's log was damaged, and commits are gone. */
    LOG,
    /** The night's copy could not be made. */
    COPY,
    /** A part of the night's work went wrong. */
    NIGHT
  }

  private final Map<About, String> news = new ConcurrentSkipListMap<>();

  /** Says something in words for her; null where there is nothing to say any more. */
  public void say(About about, @Nullable String words) {
    if (words == null) {
      news.remove(about);
    } else {
      news.put(about, words);
    }
  }

  /** All there is to say, the weightiest first. */
  public List<String> all() {
    return List.copyOf(news.values());
  }
}
