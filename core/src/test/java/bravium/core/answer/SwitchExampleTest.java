package bravium.core.answer;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.json.Extra;
import java.util.List;
import java.util.Random;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** What the help says of a switch is what the game does. */
class SwitchExampleTest {

  private static final List<String> ANSWERS =
      List.of(
          "queen bee", "The Hive", "élève", "H2O", "42", "wax, honey", "been", "l'abeille", "蜜蜂");

  @Property(tries = 300)
  void anExampleIsJudgedAsItSaysAndOtherwiseWithTheSwitchTurned(@ForAll long seed) {
    Random random = new Random(seed);
    String accepted = ANSWERS.get(random.nextInt(ANSWERS.size()));
    boolean[] on = new boolean[6];
    for (int i = 0; i < on.length; i++) {
      on[i] = random.nextBoolean();
    }
    List<SwitchExample> examples = SwitchExample.of(accepted, how(on));

    assertThat(examples).hasSize(6);
    for (int i = 0; i < on.length; i++) {
      SwitchExample example = examples.get(i);
      if (example.typed() != null) {
        assertThat(right(accepted, example.typed(), on)).isEqualTo(example.right());
        on[i] = !on[i];
        assertThat(right(accepted, example.typed(), on)).isEqualTo(!example.right());
        on[i] = !on[i];
      }
    }
  }

  @Example
  void aSwitchThatDecidesNothingAboutAnAnswerHasNoExample() {
    List<SwitchExample> examples = SwitchExample.of("42", Comparing.FAIR);

    assertThat(examples.get(0).typed()).isNull();
    assertThat(examples.get(1).typed()).isEqualTo("42!");
    assertThat(examples.get(3).typed()).as("no slips in numbers").isNull();
    assertThat(SwitchExample.of("drone", Comparing.FAIR).get(3).typed()).isEqualTo("dorne");
  }

  private static Comparing how(boolean[] on) {
    return new Comparing(on[0], on[1], on[2], on[3], on[4], on[5], Extra.NONE);
  }

  private static boolean right(String accepted, String typed, boolean[] on) {
    return Comparison.with(List.of(accepted), List.of(), how(on)).judge(typed).right();
  }
}
