package bravium.core.question;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.json.Extra;
import java.util.List;
import org.junit.jupiter.api.Test;

class LookAlikeTest {

  @Test
  void whereNobodyCanPointThereIsNothingToFindOut() {
    List<Spot> thin = List.of(new Spot(612, 155), new Spot(613, 110));
    Area area = new Area("a", "Door", Area.Form.ELLIPSE, thin, true, null, Extra.NONE);
    Basics basics = Basics.of("p", "Where do they come in?", Feedback.USUAL);
    PointAt point = new PointAt(basics, "hive", "A hive", List.of(area), Extra.NONE);

    assertThat(point.canBeRight()).isFalse();
    assertThat(LookAlike.of(point)).isEmpty();
  }
}
