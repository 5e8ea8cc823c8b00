package bravium.server.sittings;

import bravium.core.play.showing.Showing;
import bravium.core.rich.PicturePart;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;

/**
 * The names under which a player gets the media of her play: other ones in each play, so that a
 * name tells nothing of the file, and nothing that was seen in one play helps in another. They are
 * HMAC-SHA-256 (RFC 2104) of the media's own names under the play's seed, cut to 128 bits.
 */
record MediaNames(Set<String> media, String seed) {

  private static final int BYTES = 16;

  /** Those of what a player may have now: what is hidden is not among them, its bare parts are. */
  static MediaNames of(StoredSitting stored, Showing showing) {
    Set<String> all = stored.game().media();
    Set<String> hidden = stored.activity().game().hidden();
    if (!hidden.isEmpty()) {
      all = new LinkedHashSet<>(all);
      all.removeAll(hidden);
      showing.media().stream().filter(stored.game().media()::contains).forEach(all::add);
      if (showing.scene() != null) {
        all.addAll(showing.scene().bare());
        showing.scene().parts().stream().map(PicturePart::name).forEach(all::add);
      }
    }
    return new MediaNames(all, stored.sitting().opening().seed());
  }

  /** What a medium is called in this play; one that is not of it has no name there. */
  String apply(String medium) {
    if (!media.contains(medium)) {
      return "unknown";
    }
    return PlayIds.hexOfHmac(medium, seed, BYTES);
  }

  /** The medium of that name in this play. */
  Optional<String> medium(String name) {
    return media.stream().filter(medium -> apply(medium).equals(name)).findFirst();
  }
}
