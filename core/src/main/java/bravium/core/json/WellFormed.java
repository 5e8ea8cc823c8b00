package bravium.core.json;

import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;

/**
 * Refuses texts with half a character in them: a surrogate without its other half (Unicode 16, 3.8)
 * can't be stored or sent as UTF-8.
 */
final class WellFormed {

  private WellFormed() {}

  static void require(JsonValue value) {
    if (value.isString()) {
      require(value.asString());
    } else if (value.isArray()) {
      value.asArray().forEach(WellFormed::require);
    } else if (value.isObject()) {
      for (JsonObject.Member member : value.asObject()) {
        require(member.getName());
        require(member.getValue());
      }
    }
  }

  private static void require(String text) {
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      boolean high = c >= '\ud800' && c <= '\udbff';
      boolean low = isLow(c);
      boolean pair = high && i + 1 < text.length() && isLow(text.charAt(i + 1));
      if (pair) {
        i++;
      } else if (high || low) {
        throw new FormatProblem("$", "a text holds half a character (U+D800 to U+DFFF)");
      }
    }
  }

  private static boolean isLow(char c) {
    return c >= '\udc00' && c <= '\udfff';
  }
}
