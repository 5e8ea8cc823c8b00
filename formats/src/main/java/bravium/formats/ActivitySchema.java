package bravium.formats;

import bravium.core.activity.Activity;
import bravium.core.games.GameData;
import bravium.core.json.Extra;
import bravium.core.json.Flat;
import bravium.core.json.Node;
import bravium.core.json.Range;
import bravium.core.json.StandsFor;
import bravium.core.json.TextOrList;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import com.eclipsesource.json.WriterConfig;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import java.io.IOException;
import java.lang.reflect.Field;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The JSON Schema (draft 2020-12) of an activity file, read off the records that are the format. A
 * property that the schema doesn't name may be there: it comes from a newer version and is kept.
 */
public final class ActivitySchema {

  private final Map<String, JsonObject> definitions = new LinkedHashMap<>();

  private ActivitySchema() {}

  /** Writes the schema into the file whose name is given. */
  public static void main(String[] arguments) throws IOException {
    Files.writeString(Path.of(arguments[0]), text());
  }

  /** For an open interface that an activity holds, the sealed list that stands for it. */
  private static final Map<Class<?>, Class<?>> LISTS =
      Map.of(GameData.class.getAnnotation(StandsFor.class).value(), GameData.class);

  /** The schema, indented by two spaces. */
  public static String text() {
    ActivitySchema schema = new ActivitySchema();
    JsonObject root =
        new JsonObject()
            .add("$schema", "https://json-schema.org/draft/2020-12/schema")
            .add("$id", "urn:bravium:activity:" + Activity.VERSION)
            .add("title", "Bravium activity");
    root.merge(schema.record(Activity.class));
    JsonObject definitions = new JsonObject();
    schema.definitions.forEach(definitions::add);
    return root.add("$defs", definitions).toString(WriterConfig.PRETTY_PRINT) + "\n";
  }

  private JsonObject record(Class<?> type) {
    JsonObject properties = new JsonObject();
    JsonArray required = new JsonArray();
    addProperties(type, properties, required);
    JsonObject record = new JsonObject().add("type", "object").add("properties", properties);
    return required.isEmpty() ? record : record.add("required", required);
  }

  private void addProperties(Class<?> type, JsonObject properties, JsonArray required) {
    for (RecordComponent component : type.getRecordComponents()) {
      if (component.getType() == Extra.class) {
        continue;
      }
      if (component.isAnnotationPresent(Flat.class)) {
        addProperties(component.getType(), properties, required);
        continue;
      }
      JsonObject schema = schema(component.getGenericType());
      Range range = component.getAnnotation(Range.class);
      if (range != null) {
        addRange(schema, component.getType() == List.class ? "Items" : "imum", range);
        addLongest(component.getType() == List.class ? schema.get("items") : schema, range);
      }
      properties.add(component.getName(), schema);
      if (isRequired(component)) {
        required.add(component.getName());
      }
    }
  }

  private static void addRange(JsonObject schema, String of, Range range) {
    if (range.min() != Integer.MIN_VALUE) {
      schema.add("min" + of, range.min());
    }
    if (range.max() != Integer.MAX_VALUE) {
      schema.add("max" + of, range.max());
    }
  }

  private static void addLongest(JsonValue text, Range range) {
    if (range.longest() != Node.LONGEST) {
      text.asObject().add("maxLength", range.longest());
    }
  }

  /** Lists may be absent when empty, flags when false. */
  private static boolean isRequired(RecordComponent component) {
    return !component.getAnnotatedType().isAnnotationPresent(Nullable.class)
        && component.getType() != List.class
        && component.getType() != boolean.class;
  }

  private JsonObject schema(Type type) {
    if (type instanceof ParameterizedType list) {
      return new JsonObject()
          .add("type", "array")
          .add("items", schema(list.getActualTypeArguments()[0]));
    }
    Class<?> plain = (Class<?>) type;
    if (plain == String.class) {
      return new JsonObject().add("type", "string");
    }
    if (plain == boolean.class || plain == Boolean.class) {
      return new JsonObject().add("type", "boolean");
    }
    if (plain == int.class || plain == Integer.class) {
      return new JsonObject().add("type", "integer");
    }
    return reference(plain);
  }

  private JsonObject reference(Class<?> type) {
    String name = type.getSimpleName();
    if (!definitions.containsKey(name)) {
      definitions.put(name, new JsonObject());
      definitions.put(name, definition(type));
    }
    return new JsonObject().add("$ref", "#/$defs/" + name);
  }

  private JsonObject definition(Class<?> type) {
    if (type.isEnum()) {
      JsonArray names = new JsonArray();
      Arrays.stream(type.getFields())
          .filter(Field::isEnumConstant)
          .map(constant -> constant.getAnnotation(JsonProperty.class).value())
          .forEach(names::add);
      return new JsonObject().add("enum", names);
    }
    if (type.isAnnotationPresent(TextOrList.class)) {
      return textOrList(type);
    }
    Class<?> listed = LISTS.getOrDefault(type, type);
    return listed.isSealed() ? sealed(listed) : record(type);
  }

  private JsonObject textOrList(Class<?> type) {
    RecordComponent list = type.getRecordComponents()[1];
    JsonObject items = schema(list.getGenericType());
    Range range = list.getAnnotation(Range.class);
    if (range != null) {
      addRange(items, "Items", range);
    }
    return new JsonObject()
        .add("oneOf", new JsonArray().add(new JsonObject().add("type", "string")).add(items));
  }

  /** Each known kind follows its record; other kinds are of newer versions. */
  private JsonObject sealed(Class<?> type) {
    JsonArray kinds = new JsonArray();
    for (JsonSubTypes.Type kind : type.getAnnotation(JsonSubTypes.class).value()) {
      JsonObject is =
          new JsonObject()
              .add(
                  "properties",
                  new JsonObject().add("kind", new JsonObject().add("const", kind.name())));
      kinds.add(new JsonObject().add("if", is).add("then", reference(kind.value())));
    }
    return new JsonObject()
        .add("type", "object")
        .add(
            "properties",
            new JsonObject().add("kind", new JsonObject().add("type", Json.value("string"))))
        .add("required", new JsonArray().add("kind"))
        .add("allOf", kinds);
  }
}
