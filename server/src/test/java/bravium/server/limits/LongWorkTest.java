package bravium.server.limits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bravium.server.problems.Problem;
import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.Test;

class LongWorkTest {

  @Test
  void whatIsDoneComesBackAndWhatGoesWrongGoesWrongAsItWould() throws Exception {
    try (LongWork work = new LongWork("test", 1, Duration.ofSeconds(20))) {
      assertThat(work.run(() -> 5)).isEqualTo(5);
      assertThatThrownBy(
              () ->
                  work.run(
                      () -> {
                        throw new IOException("damaged");
                      }))
          .isInstanceOf(IOException.class)
          .hasMessage("damaged");
      assertThatThrownBy(() -> work.run(() -> deeper(0)))
          .isInstanceOf(Problem.class)
          .hasMessageContaining("deeper than can be followed");
      assertThat(work.run(() -> 6)).as("and it goes on").isEqualTo(6);
    }
  }

  @Test
  void whatTakesTooLongIsGivenUpInWords() throws Exception {
    CountDownLatch never = new CountDownLatch(1);
    try (LongWork work = new LongWork("test", 1, Duration.ofMillis(200))) {
      assertThatThrownBy(
              () ->
                  work.run(
                      () -> {
                        never.await();
                        return 0;
                      }))
          .isInstanceOf(Problem.class)
          .hasMessageContaining("longer than anybody waits")
          .hasMessageContaining("Nothing was changed");
      assertThat(work.run(() -> 7)).as("its thread is free again").isEqualTo(7);
    }
  }

  private static int deeper(int depth) {
    return depth < 0 ? 0 : 1 + deeper(depth + 1);
  }
}
