package bravium.core.json;

import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.util.LinkedHashSet;
import java.util.Set;

/**
 * Refuses what the grammar lets through and nobody can mean: half a character, which can't be
 * stored or sent as UTF-8 (Unicode 16, 3.8), and a name that stands twice in one object, of which
 * each reader would take another (RFC 8259, 4).
 */
final class WellFormed {

  private WellFormed() {}

  static void require(Node node) {
    JsonValue value = node.value();
    if (value.isString()) {
      require(value.asString(), node);
    } else if (value.isArray()) {
      int index = 0;
      for (JsonValue item : value.asArray()) {
        require(node.item(index++, item));
      }
    } else if (value.isObject()) {
      Set<String> seen = new LinkedHashSet<>();
      for (JsonObject.Member member : value.asObject()) {
        Node child = node.member(member.getName(), member.getValue());
        require(member.getName(), node);
        if (!seen.add(member.getName())) {
          throw new FormatProblem(child.path(), "this stands twice");
        }
        require(child);
      }
    }
  }

  private static void require(String text, Node where) {
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      boolean high = c >= '\ud800' && c <= '\udbff';
      boolean low = isLow(c);
      boolean pair = high && i + 1 < text.length() && isLow(text.charAt(i + 1));
      if (pair) {
        i++;
      } else if (high || low) {
        throw new FormatProblem(where.path(), "the text holds half a character (U+D800 to U+DFFF)");
      }
    }
  }

  private static boolean isLow(char c) {
    return c >= '\udc00' && c <= '\udfff';
  }
}
