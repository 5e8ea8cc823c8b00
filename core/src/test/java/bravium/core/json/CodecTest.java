package bravium.core.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bravium.core.activity.Activity;
import bravium.core.codec.Codec;
import bravium.core.samples.Activities;
import bravium.core.samples.RandomActivities;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CodecTest {

  private static final String WRITTEN =
      Codec.ACTIVITY.write(Activities.quiz(Activities.asWritten(null, 80), 1));

  @Property(tries = 200)
  void whatIsWrittenIsReadBackTheSame(@ForAll long seed) {
    Activity activity = new RandomActivities(new Random(seed)).any();
    String text = Codec.ACTIVITY.write(activity);

    assertThat(Codec.ACTIVITY.read(text)).isEqualTo(activity);
    assertThat(Codec.ACTIVITY.write(Codec.ACTIVITY.read(text))).isEqualTo(text);
  }

  @Test
  void componentsArePropertiesInTheirOrderAndAbsentMeansNull() {
    assertThat(WRITTEN)
        .isEqualTo(
            "{\"bravium\":1,\"titlePage\":{\"title\":\"Bees\",\"tags\":[]},"
                + "\"game\":{\"kind\":\"quiz-show\",\"board\":{\"kind\":\"line\"},\"questions\":["
                + "{\"kind\":\"pick-one\",\"id\":\"q1\",\"text\":\"Question q1\","
                + "\"feedback\":{},\"off\":false,\"hints\":[],\"options\":["
                + "{\"id\":\"a\",\"text\":\"Option a\",\"right\":true,\"pinned\":false},"
                + "{\"id\":\"b\",\"text\":\"Option b\",\"right\":false,\"pinned\":false}],\"strikeOrder\":[]}]},"
                + "\"rules\":{\"questionOrder\":\"as-written\",\"optionOrder\":\"as-written\","
                + "\"worth\":10,\"passMark\":80,\"thinking\":[],\"startAgain\":false},\"endings\":{\"win\":{},\"lose\":{}}}");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"worth\":10 | \"worth\":\"ten\" | $.rules.worth: expected a whole number",
        "\"worth\":10 | \"worth\":1.5 | $.rules.worth: expected a whole number",
        "\"worth\":10 | \"worth\":-1 | $.rules: worth is from 0 to 10000 points",
        "\"passMark\":80 | \"passMark\":101 | $.rules: passMark is from 0 to 100 per cent",
        "\"passMark\":80 | \"passMark\":99999999999 | $.rules.passMark: expected a smaller number",
        "\"title\":\"Bees\" | \"titel\":\"Bees\" | $.titlePage.title: this is missing",
        "\"text\":\"Option b\" | \"text\":7 | $.game.questions[0].options[1].text: expected text or a"
            + " list",
        "\"right\":true | \"right\":1 | $.game.questions[0].options[0].right: expected true or false",
        "\"id\":\"b\" | \"id\":\"a\" | $.game.questions[0]: the id a stands twice among the options",
        "\"tags\":[] | \"tags\":{} | $.titlePage.tags: expected a list",
        "\"bravium\":1 | \"bravium\":0 | $: bravium, the version of the format, is at least 1",
        "\"worth\":10 | \"worth\":10,\"worth\":20 | $.rules.worth: this stands twice",
        "\"Bees\" | \"\\udc1d\" | $.titlePage.title: the text holds half a character"
            + " (U+D800 to U+DFFF)",
        "\"as-written\",\"optionOrder\" | \"sideways\",\"optionOrder\" |"
            + " $.rules.questionOrder: expected one of as-written, mixed",
      })
  void whatIsWrongIsNamedByPathAndInWords(String part, String other, String message) {
    assertThatThrownBy(() -> Codec.ACTIVITY.read(WRITTEN.replace(part, other)))
        .isInstanceOf(FormatProblem.class)
        .hasMessage(message);
  }

  @Test
  void whatANewerVersionAddedIsKeptAndNamed() {
    String newer =
        WRITTEN
            .replace("\"passMark\":80", "\"passMark\":80,\"weather\":3")
            .replace("\"feedback\":{}", "\"feedback\":{\"sound\":{\"is\":\"bell\"}}")
            .replace(
                "\"questions\":[", "\"questions\":[{\"kind\":\"mime\",\"id\":\"m\",\"act\":1},");

    Format.Understood<Activity> read = Codec.ACTIVITY.readNoting(newer);

    assertThat(read.notUnderstood())
        .containsExactly(
            "$.game.questions[0]", "$.game.questions[1].feedback.sound", "$.rules.weather");
    assertThat(Codec.ACTIVITY.write(read.value()))
        .contains("\"is\":\"bell\"", "\"act\":1", "\"weather\":3");
    assertThat(Codec.ACTIVITY.readNoting(WRITTEN).notUnderstood()).isEmpty();
  }

  @Test
  void whatIsNoJsonIsSaidToBeNone() {
    assertThatThrownBy(() -> Codec.ACTIVITY.read("{\"bravium\":"))
        .isInstanceOf(FormatProblem.class)
        .hasMessageStartingWith("$: this is not JSON (line 1");
  }

  @Test
  void deepNestingIsRefusedAndDoesNotBreakTheReader() {
    assertThatThrownBy(() -> Codec.ACTIVITY.read("[".repeat(100_000)))
        .isInstanceOf(FormatProblem.class);
  }
}
