package bravium.core.json;

import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Writes trees of JSON. */
final class TreeTarget implements Target<JsonValue> {

  static final TreeTarget TREE = new TreeTarget(Names.AS_THEY_ARE);

  private final Names names;
  private final String question;

  TreeTarget(Names names) {
    this(names, "");
  }

  private TreeTarget(Names names, String question) {
    this.names = names;
    this.question = question;
  }

  @Override
  public JsonValue object() {
    return new JsonObject();
  }

  @Override
  public void put(JsonValue object, String name, JsonValue member) {
    object.asObject().add(name, member);
  }

  @Override
  public <T> JsonValue list(List<T> items, Function<T, JsonValue> writer) {
    JsonArray list = new JsonArray();
    for (T item : items) {
      list.add(writer.apply(item));
    }
    return list;
  }

  @Override
  public JsonValue text(String text) {
    return Json.value(text);
  }

  @Override
  public JsonValue name(String name) {
    return Json.value(names.medium(name));
  }

  @Override
  public JsonValue id(String id) {
    return Json.value(names.id(id));
  }

  @Override
  public JsonValue part(String id) {
    return Json.value(names.part(question, id));
  }

  @Override
  public TreeTarget of(@Nullable String other) {
    return other == null || other.equals(question) ? this : new TreeTarget(names, other);
  }

  @Override
  public JsonValue number(long number) {
    return Json.value(number);
  }

  @Override
  public JsonValue flag(boolean flag) {
    return Json.value(flag);
  }

  @Override
  public JsonValue tree(JsonValue kept) {
    return kept;
  }
}
