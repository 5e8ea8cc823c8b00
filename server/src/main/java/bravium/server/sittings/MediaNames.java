package bravium.server.sittings;

import bravium.core.codec.Codec;
import bravium.core.play.showing.Showing;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/**
 * The names under which a player gets the media of her play: other ones in each play, so that a
 * name tells nothing of the file, and nothing that was seen in one play helps in another. They are
 * HMAC-SHA-256 (RFC 2104) of the media's own names under the play's seed, cut to 128 bits.
 */
final class MediaNames {

  private static final Pattern NAMED = Pattern.compile("\"medium\":\"([a-z0-9-]+)\"");
  private static final int BYTES = 16;

  private final Map<String, String> names;

  private MediaNames(Map<String, String> names) {
    this.names = names;
  }

  static MediaNames of(StoredSitting stored) {
    Set<String> media = stored.activity().media();
    Map<String, String> names = new LinkedHashMap<>();
    media.forEach(medium -> names.put(medium, name(medium, stored.sitting().opening().seed())));
    return new MediaNames(names);
  }

  private static String name(String medium, String seed) {
    try {
      Mac mac = Mac.getInstance("HmacSHA256");
      mac.init(new SecretKeySpec(seed.getBytes(StandardCharsets.UTF_8), "HmacSHA256"));
      byte[] whole = mac.doFinal(medium.getBytes(StandardCharsets.UTF_8));
      return HexFormat.of().formatHex(whole, 0, BYTES);
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException("every Java has HMAC-SHA-256", e);
    }
  }

  /** The medium of that name in this play. */
  Optional<String> medium(String name) {
    return names.entrySet().stream()
        .filter(entry -> entry.getValue().equals(name))
        .map(Map.Entry::getKey)
        .findFirst();
  }

  /** The same showing with the names of this play. */
  Showing veiled(Showing showing) {
    if (names.isEmpty()) {
      return showing;
    }
    String text =
        NAMED
            .matcher(Codec.SHOWING.write(showing))
            .replaceAll(found -> "\"medium\":\"" + nameOf(found) + "\"");
    return Codec.SHOWING.read(text);
  }

  private String nameOf(MatchResult found) {
    return names.getOrDefault(found.group(1), "unknown");
  }
}
