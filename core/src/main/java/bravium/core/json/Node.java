package bravium.core.json;

import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;

/** A value in a text being read, and the path that leads to it. */
final class Node {

  private final JsonValue value;
  private final String path;

  Node(JsonValue value, String path) {
    this.value = value;
    this.path = path;
  }

  JsonValue value() {
    return value;
  }

  String path() {
    return path;
  }

  Fields fields() {
    return new Fields(object(), path);
  }

  String text() {
    if (!value.isString()) {
      throw expected("text");
    }
    return value.asString();
  }

  int integer() {
    long number = longInteger();
    if (number < Integer.MIN_VALUE || number > Integer.MAX_VALUE) {
      throw expected("a smaller number");
    }
    return (int) number;
  }

  long longInteger() {
    if (!value.isNumber()) {
      throw expected("a whole number");
    }
    try {
      return Long.parseLong(value.toString());
    } catch (NumberFormatException e) {
      throw expected("a whole number");
    }
  }

  boolean flag() {
    if (!value.isBoolean()) {
      throw expected("true or false");
    }
    return value.asBoolean();
  }

  String kind() {
    return at("kind").text();
  }

  /** The member of this object with the given name; it must be there. */
  Node at(String name) {
    JsonValue member = object().get(name);
    Node node = new Node(member, path + "." + name);
    if (member == null) {
      throw new FormatProblem(node.path, "this is missing");
    }
    return node;
  }

  /** This object without one of its members. */
  Node without(String name) {
    return new Node(new JsonObject(object()).remove(name), path);
  }

  FormatProblem expected(String what) {
    return new FormatProblem(path, "expected " + what);
  }

  FormatProblem refused(IllegalArgumentException reason) {
    return new FormatProblem(path, String.valueOf(reason.getMessage()));
  }

  private JsonObject object() {
    if (!value.isObject()) {
      throw expected("an object");
    }
    return value.asObject();
  }
}
