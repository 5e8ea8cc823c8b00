package bravium.core.json;

import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;

/**
 * The properties of an object that this version of Bravium doesn't know. They are kept as they came
 * and written behind the known ones, so that a file from a newer version loses nothing.
 */
public final class Extra {

  /** Nothing unknown. */
  public static final Extra NONE = new Extra(new JsonObject());

  private final JsonObject properties;

  Extra(JsonObject properties) {
    this.properties = properties;
  }

  /** The text of an unknown property, or an empty text where it is absent or no text. */
  public String text(String name) {
    JsonValue value = properties.get(name);
    return value != null && value.isString() ? value.asString() : "";
  }

  /** Writes the properties behind those that are there. */
  public <V> void addTo(V out, Target<V> to) {
    for (JsonObject.Member member : properties) {
      to.put(out, member.getName(), to.tree(member.getValue()));
    }
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Extra that && properties.equals(that.properties);
  }

  @Override
  public int hashCode() {
    return properties.hashCode();
  }

  @Override
  public String toString() {
    return properties.toString();
  }
}
