package bravium.server.sittings;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class InkTest {

  @Test
  void strokesAreReadAsTheyWereWrittenToATenth() {
    long first = new Random().nextLong();
    for (long seed = first; seed < first + 500; seed++) {
      areReadAsTheyWereWritten(seed);
    }
  }

  private static void areReadAsTheyWereWritten(long seed) {
    Random random = new Random(seed);
    double[] points = new double[3 * random.nextInt(40)];
    for (int i = 0; i < points.length; i++) {
      int most = random.nextInt(4) == 0 ? 2_000_000 : 20_000;
      points[i] = (random.nextInt(most + 1) - most / 2) / 10.0;
    }
    boolean light = random.nextBoolean();
    String on = random.nextBoolean() ? "figure" : null;
    BesidePage page = new BesidePage(List.of(new BesidePage.Stroke(points, light, on)), light);

    BesidePage read = Ink.read(Ink.written(page));

    assertThat(read.open()).isEqualTo(light);
    assertThat(read.strokes()).hasSize(1);
    assertThat(read.strokes().getFirst().points()).as("seed %d", seed).isEqualTo(points);
    assertThat(read.strokes().getFirst().light()).isEqualTo(light);
    assertThat(read.strokes().getFirst().on()).isEqualTo(on);
  }

  /** A pen that goes on in small steps takes some four bytes a point. */
  @Test
  void aHandsStrokesTakeLittleRoom() {
    double[] points = new double[3 * 10_000];
    for (int i = 0; i < points.length; i += 3) {
      points[i] = Math.round(5_000 + 4_000 * Math.sin(i / 900.0)) / 10.0;
      points[i + 1] = Math.round(i / 30.0) / 10.0;
      points[i + 2] = 50 + i / 3 % 7;
    }
    String kept =
        Ink.written(new BesidePage(List.of(new BesidePage.Stroke(points, false, null)), false));
    assertThat(kept.length()).isLessThan(5 * 10_000);
  }
}
