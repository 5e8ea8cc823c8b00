package bravium.core.json;

import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** The members of an object being read. JSON's null counts as absent. */
public final class Fields {

  private final JsonObject object;
  private final Node owner;

  public Fields(JsonObject object, Node owner) {
    this.object = object;
    this.owner = owner;
  }

  public <T> T required(String name, Function<Node, T> reader) {
    Node node = member(name);
    if (node == null) {
      throw owner.missing(name);
    }
    return reader.apply(node);
  }

  public <T> @Nullable T optional(String name, Function<Node, T> reader) {
    Node node = member(name);
    return node == null ? null : reader.apply(node);
  }

  public boolean flag(String name) {
    Node node = member(name);
    return node != null && node.flag();
  }

  public <T> List<T> list(String name, Function<Node, T> reader) {
    return list(name, Node.MOST_ITEMS, reader);
  }

  public <T> List<T> list(String name, int most, Function<Node, T> reader) {
    Node node = member(name);
    return node == null ? List.of() : node.items(most, reader);
  }

  public Extra extra(String... known) {
    JsonObject unknown = null;
    if (known.length == 0 && !object.isEmpty()) {
      owner.noteNotUnderstood();
      return new Extra(object);
    }
    for (JsonObject.Member member : object) {
      if (!isOneOf(known, member.getName())) {
        owner.member(member.getName(), member.getValue()).noteNotUnderstood();
        unknown = unknown == null ? new JsonObject() : unknown;
        unknown.add(member.getName(), member.getValue());
      }
    }
    return unknown == null ? Extra.NONE : new Extra(unknown);
  }

  private static boolean isOneOf(String[] names, String name) {
    for (String known : names) {
      if (known.equals(name)) {
        return true;
      }
    }
    return false;
  }

  private @Nullable Node member(String name) {
    JsonValue value = object.get(name);
    return value == null || value.isNull() ? null : owner.member(name, value);
  }
}
