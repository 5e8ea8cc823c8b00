package bravium.server.classes;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * News of a class that plays.
 *
 * @param at the moment, in milliseconds since 1970, by the server's clock
 * @param title of what the class plays, with all lines; else null
 * @param all whether these are all lines, or those alone that are new
 */
public record LiveNews(long at, @Nullable String title, boolean all, List<LiveLine> lines) {

  /** How far everybody is, and nothing of how well: for whoever covers. */
  LiveNews withoutMarks() {
    return new LiveNews(at, title, all, lines.stream().map(LiveLine::withoutMarks).toList());
  }
}
