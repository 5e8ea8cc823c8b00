package bravium.core.json;

import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.util.List;
import java.util.function.Function;

/** Writes trees of JSON. */
final class TreeTarget implements Target<JsonValue> {

  static final TreeTarget TREE = new TreeTarget(Names.AS_THEY_ARE);

  private final Names names;

  TreeTarget(Names names) {
    this.names = names;
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
