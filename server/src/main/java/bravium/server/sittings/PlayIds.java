package bravium.server.sittings;

import bravium.core.activity.Activity;
import bravium.core.codec.Codec;
import bravium.core.question.TrueFalse;
import bravium.server.data.Codes;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;

/**
 * The ids that a player gets: other ones in each play, so that nothing is won by how they are
 * spelt, and nothing that was seen in one play helps in another. They are HMAC-SHA-256 (RFC 2104)
 * of an activity's own ids under the play's seed, cut to 64 bits.
 */
public final class PlayIds {

  private static final int BYTES = 8;

  private final Map<String, String> own = new HashMap<>();
  private final Map<String, String> meant = new HashMap<>();

  private PlayIds(Set<String> ids, String seed) {
    for (String id : ids) {
      String name = hexOfHmac("id " + id, seed, BYTES);
      own.put(id, name);
      meant.put(name, id);
    }
  }

  /** Those of a play of this activity that has that seed. */
  public static PlayIds of(Activity activity, String seed) {
    Set<String> ids = new LinkedHashSet<>(Set.of(TrueFalse.TRUE, TrueFalse.FALSE));
    collect(Codec.ACTIVITY.tree(activity), ids);
    ids.remove("");
    return new PlayIds(ids, seed);
  }

  private static void collect(JsonValue value, Set<String> ids) {
    if (value.isArray()) {
      value.asArray().forEach(item -> collect(item, ids));
    } else if (value.isObject()) {
      for (JsonObject.Member member : value.asObject()) {
        if (member.getName().equals("id") && member.getValue().isString()) {
          ids.add(member.getValue().asString());
        }
        collect(member.getValue(), ids);
      }
    }
  }

  /** What an id of the activity is called in this play. What is none stays as it is. */
  public String own(String id) {
    return own.getOrDefault(id, id);
  }

  /** The id of the activity that is meant; one that no id is called by means nothing. */
  public String meant(String name) {
    return meant.getOrDefault(name, own.containsKey(name) ? "" : name);
  }

  /** How many there are. */
  int size() {
    return own.size();
  }

  /** The beginning of the HMAC of a text under a play's seed, in hexadecimal digits. */
  static String hexOfHmac(String text, String seed, int bytes) {
    return Codes.hmac(seed.getBytes(StandardCharsets.UTF_8), text).substring(0, 2 * bytes);
  }
}
