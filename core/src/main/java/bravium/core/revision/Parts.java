package bravium.core.revision;

import bravium.core.activity.Activity;
import bravium.core.codec.Codec;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * An activity's JSON taken apart: each property of the objects that it always has is a part, and so
 * is each item of a list whose items all have an id; such a list itself is then the order of those
 * ids.
 */
final class Parts {

  /** What is always there; anything else is there as a whole or not at all. */
  private static final Set<String> DIVIDED = Set.of("titlePage", "game", "rules", "endings");

  private static final String GAME = "game";

  private final Map<String, JsonValue> values = new LinkedHashMap<>();
  private final Set<String> orders = new LinkedHashSet<>();

  /**
   * The parts of an activity, to be compared with others.
   *
   * @param oneKind whether all of them are games of one kind; otherwise the game is one part
   */
  static Parts of(Activity activity, boolean oneKind) {
    Parts parts = new Parts();
    for (JsonObject.Member top : Json.parse(Codec.ACTIVITY.write(activity)).asObject()) {
      boolean divided = DIVIDED.contains(top.getName()) && (oneKind || !top.getName().equals(GAME));
      if (divided && top.getValue().isObject()) {
        for (JsonObject.Member member : top.getValue().asObject()) {
          parts.add(top.getName() + "." + member.getName(), member.getValue());
        }
      } else {
        parts.values.put(top.getName(), top.getValue());
      }
    }
    return parts;
  }

  private void add(String path, JsonValue value) {
    Optional<JsonArray> ids = ids(value);
    values.put(path, ids.<JsonValue>map(order -> order).orElse(value));
    if (ids.isPresent()) {
      orders.add(path);
      for (JsonValue item : value.asArray()) {
        values.put(item(path, item.asObject().get("id").asString()), item);
      }
    }
  }

  private static Optional<JsonArray> ids(JsonValue value) {
    if (!value.isArray() || value.asArray().isEmpty()) {
      return Optional.empty();
    }
    JsonArray ids = new JsonArray();
    for (JsonValue item : value.asArray()) {
      JsonValue id = item.isObject() ? item.asObject().get("id") : null;
      if (id == null || !id.isString()) {
        return Optional.empty();
      }
      ids.add(id);
    }
    return Optional.of(ids);
  }

  private static String item(String list, String id) {
    return list + "[" + id + "]";
  }

  Set<String> paths() {
    return values.keySet();
  }

  Optional<JsonValue> value(String path) {
    return Optional.ofNullable(values.get(path));
  }

  /** Puts a part in, or takes it out where there is none. */
  void set(String path, Optional<JsonValue> value) {
    value.ifPresentOrElse(v -> values.put(path, v), () -> values.remove(path));
  }

  /** Whether this path is a list whose items are parts of their own. */
  boolean isOrder(String path) {
    return orders.contains(path);
  }

  /** The ids in a list's order, of items that are there. */
  List<String> order(String path) {
    List<String> ids = new ArrayList<>();
    for (JsonValue id : value(path).filter(JsonValue::isArray).orElse(Json.array()).asArray()) {
      if (id.isString() && values.containsKey(item(path, id.asString()))) {
        ids.add(id.asString());
      }
    }
    return ids;
  }

  /**
   * All ids of a list's items, the ones its order doesn't name behind those before them elsewhere.
   */
  private List<String> completeOrder(String path, Parts elsewhere) {
    List<String> ids = order(path);
    String before = null;
    for (String id : elsewhere.order(path)) {
      if (!ids.contains(id) && values.containsKey(item(path, id))) {
        ids.add(before == null ? 0 : ids.indexOf(before) + 1, id);
      }
      before = ids.contains(id) ? id : before;
    }
    return ids;
  }

  /** The activity that these parts make. */
  Activity activity(Parts elsewhere) {
    JsonObject whole = new JsonObject();
    for (Map.Entry<String, JsonValue> part : values.entrySet()) {
      String path = part.getKey();
      int dot = path.indexOf('.');
      if (dot < 0) {
        whole.add(path, part.getValue());
      } else if (!path.endsWith("]")) {
        String top = path.substring(0, dot);
        if (whole.get(top) == null) {
          whole.add(top, new JsonObject());
        }
        boolean list = isOrder(path) || elsewhere.isOrder(path);
        whole
            .get(top)
            .asObject()
            .add(path.substring(dot + 1), list ? items(path, elsewhere) : part.getValue());
      }
    }
    return Codec.ACTIVITY.read(whole.toString());
  }

  private JsonArray items(String path, Parts elsewhere) {
    JsonArray items = new JsonArray();
    completeOrder(path, elsewhere).forEach(id -> items.add(values.get(item(path, id))));
    return items;
  }
}
