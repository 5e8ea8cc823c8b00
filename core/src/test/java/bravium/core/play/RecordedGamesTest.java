package bravium.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.samples.Recording;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * Games that were recorded before the engine learned other games come out the same: whatever was
 * written down then is there now. What is new beside it may be there, too.
 */
class RecordedGamesTest {

  private final List<String> differences = new ArrayList<>();
  private int games;

  /** Whether the game that is compared tells what is right later: so do the teacher's words now. */
  private boolean tellsLater;

  @Test
  void quizShowsThatWereRecordedComeOutTheSame() {
    Recording.each(
        Recording.QUIZ_SHOWS,
        game -> {
          tellsLater = game.tellsLater();
          compare("game " + games++, game.cameOut(), game.played());
        });

    assertThat(differences).isEmpty();
    assertThat(games).isGreaterThanOrEqualTo(500);
  }

  /** What is right was one list, whether of ids or of texts; ids are told apart now. */
  private static JsonValue now(JsonObject.Member member, JsonObject now) {
    JsonValue ids = now.get("rightIds");
    boolean told = member.getName().equals("right") && ids != null && !ids.asArray().isEmpty();
    return told ? ids : now.get(member.getName());
  }

  /** The part of an answer that is a gap was called by its number alone. */
  private static boolean isGap(JsonValue before, JsonValue now) {
    return before.isString() && now.isString() && now.asString().equals("gap " + before.asString());
  }

  private void compare(String where, JsonValue before, JsonValue now) {
    if (differences.size() > 20) {
      return;
    }
    // How fast is read aloud is no rule of play.
    boolean other =
        where.endsWith(".cover.aloud") || now == null && tellsLater && where.endsWith(".text");
    if (other) {
      return;
    }
    if (now == null) {
      differences.add(where + " is gone, was " + before);
    } else if (before.isObject() && now.isObject()) {
      for (JsonObject.Member member : before.asObject()) {
        compare(where + "." + member.getName(), member.getValue(), now(member, now.asObject()));
      }
    } else if (before.isArray() && now.isArray()) {
      JsonArray were = before.asArray();
      JsonArray are = now.asArray();
      for (int i = 0; i < Math.max(were.size(), are.size()); i++) {
        JsonValue was = i < were.size() ? were.get(i) : Json.value("nothing");
        compare(where + "[" + i + "]", was, i < are.size() ? are.get(i) : null);
      }
    } else if (!before.equals(now) && !isGap(before, now)) {
      differences.add(where + " is " + now + ", was " + before);
    }
  }
}
