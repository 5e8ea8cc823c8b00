package bravium.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bravium.core.activity.Activity;
import bravium.core.json.FormatProblem;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;

class ActivityFileTest {

  private static final String FILE =
      """
      {
        "bravium": 1,
        "titlePage": {"title": "Honeycomb – six sides", "glow": [1, {"deep": true}]},
        "game": {
          "kind": "quiz-show",
          "board": {"kind": "spiral", "turns": 3},
          "questions": [{"kind": "hum-along", "id": "x1", "tune": "low"}]
        },
        "rules": {"questionOrder": "mixed", "optionOrder": "as-written", "worth": 10, "passMark": 80},
        "endings": {"win": {}, "lose": {"text": "Next time."}},
        "later": 5
      }
      """;

  @Test
  void whatANewerVersionWroteIsKeptThroughReadingAndWriting() {
    Activity activity = ActivityFile.read(FILE.getBytes(StandardCharsets.UTF_8));

    String written = new String(ActivityFile.write(activity), StandardCharsets.UTF_8);

    assertThat(written)
        .contains("\"glow\"", "\"deep\": true", "\"spiral\"", "\"turns\": 3", "\"hum-along\"")
        .contains("\"tune\": \"low\"", "\"later\": 5", "Honeycomb – six sides");
    assertThat(ActivityFile.read(written.getBytes(StandardCharsets.UTF_8))).isEqualTo(activity);
  }

  @Test
  void aByteOrderMarkIsPassedOver() {
    byte[] marked = ("\uFEFF" + FILE).getBytes(StandardCharsets.UTF_8);

    assertThat(ActivityFile.read(marked).titlePage().title()).isEqualTo("Honeycomb – six sides");
  }

  @Test
  void whatIsWrongIsNamedByItsPath() {
    String file = FILE.replace("\"mixed\"", "\"sideways\"");

    assertThatThrownBy(() -> ActivityFile.read(file.getBytes(StandardCharsets.UTF_8)))
        .isInstanceOf(FormatProblem.class)
        .hasMessage("$.rules.questionOrder: expected one of as-written, mixed");
  }
}
