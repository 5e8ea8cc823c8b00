package bravium.server.sittings;

import bravium.core.activity.Activity;
import bravium.core.codec.Codec;
import bravium.core.json.Names;
import bravium.core.question.Question;
import bravium.core.question.TrueFalse;
import bravium.server.data.Codes;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The ids that a player gets: other ones in each play, so that nothing is won by how they are
 * spelt, and nothing that was seen in one play helps in another. They are HMAC-SHA-256 (RFC 2104)
 * of an activity's own ids under the play's seed, cut to 64 bits. Where an id of a part of a
 * question, an option say, stands elsewhere too, its question is part of what is hashed: what was
 * right in one question tells nothing of the next.
 */
public final class PlayIds implements Names {

  private static final int BYTES = 8;

  private final Map<String, String> own = new HashMap<>();
  private final Map<Part, String> parts = new HashMap<>();
  private final Map<String, String> meant = new HashMap<>();

  /** A part of a question whose id stands elsewhere too. */
  private record Part(String question, String id) {}

  private PlayIds() {}

  /** Those of a play of this activity that has that seed. */
  public static PlayIds of(Activity activity, String seed) {
    List<String> all = new ArrayList<>(List.of(TrueFalse.TRUE, TrueFalse.FALSE));
    collect(Codec.ACTIVITY.tree(activity), all);
    Map<String, Integer> times = new HashMap<>();
    all.forEach(id -> times.merge(id, 1, Integer::sum));
    times.remove("");
    PlayIds ids = new PlayIds();
    for (String id : times.keySet()) {
      ids.own.put(id, ids.named(id, "id " + id, seed));
    }
    if (times.size() < all.size()) {
      for (Question question : activity.game().questions()) {
        ids.addParts(question, times, seed);
      }
    }
    return ids;
  }

  private void addParts(Question question, Map<String, Integer> times, String seed) {
    List<String> there = new ArrayList<>();
    collect(Codec.QUESTION.tree(question), there);
    there.remove(question.id());
    for (String id : there) {
      if (times.getOrDefault(id, 0) > 1) {
        Part part = new Part(question.id(), id);
        String text = "part " + question.id().length() + " " + question.id() + " " + id;
        parts.computeIfAbsent(part, p -> named(id, text, seed));
      }
    }
  }

  private String named(String id, String text, String seed) {
    String name = hexOfHmac(text, seed, BYTES);
    meant.put(name, id);
    return name;
  }

  private static void collect(JsonValue value, List<String> ids) {
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

  /** What a medium is called: as it is, as it has no id. */
  @Override
  public String medium(String name) {
    return name;
  }

  /** What an id of the activity is called in this play. What is none stays as it is. */
  @Override
  public String id(String id) {
    return own.getOrDefault(id, id);
  }

  /** What the id of a part of that question is called in this play. */
  @Override
  public String part(String question, String id) {
    String name = parts.get(new Part(question, id));
    return name == null ? id(id) : name;
  }

  /** The id of the activity that is meant; one that no id is called by means nothing. */
  public String meant(String name) {
    return meant.getOrDefault(name, own.containsKey(name) ? "" : name);
  }

  /** How many there are. */
  int size() {
    return meant.size();
  }

  /** The beginning of the HMAC of a text under a play's seed, in hexadecimal digits. */
  static String hexOfHmac(String text, String seed, int bytes) {
    return Codes.hmac(seed.getBytes(StandardCharsets.UTF_8), text).substring(0, 2 * bytes);
  }
}
