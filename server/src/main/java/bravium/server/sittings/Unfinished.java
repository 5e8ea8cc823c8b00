package bravium.server.sittings;

import org.jspecify.annotations.Nullable;

/**
 * A game at the front of the class that was left before its end.
 *
 * @param sitting its id; null where there is none
 * @param last when something was last done in it, in milliseconds since 1970
 * @param settled how many of its questions are settled
 * @param right how many of them were right, or found
 * @param asked how many questions it asks
 * @param game the kind of the game; empty where there is none
 */
public record Unfinished(
    @Nullable String sitting, long last, int settled, int right, int asked, String game) {

  static final Unfinished NONE = new Unfinished(null, 0, 0, 0, 0, "");
}
