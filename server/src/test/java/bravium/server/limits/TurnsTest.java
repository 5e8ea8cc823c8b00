package bravium.server.limits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bravium.server.problems.Problem;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class TurnsTest {

  private final List<String> order = Collections.synchronizedList(new ArrayList<>());

  @Test
  void whoMakesNoMistakesNeverWaits() {
    Turns turns = new Turns(1, Duration.ofDays(1), Clock.systemUTC());
    for (int i = 0; i < 1_000; i++) {
      turns.take("words", "tablet").right();
    }
  }

  @Test
  void theTurnsGoRoundBetweenTheDevices() throws InterruptedException {
    Turns turns = new Turns(1, Duration.ofMillis(800), Clock.systemUTC());
    turns.take("words", "guesser");
    List<Thread> waiting = new ArrayList<>();
    for (String device : List.of("guesser", "guesser", "guesser", "tablet", "phone")) {
      waiting.add(
          Thread.startVirtualThread(
              () -> {
                turns.take("words", device);
                order.add(device);
              }));
      await(waiting.getLast());
    }
    for (Thread thread : waiting) {
      thread.join();
    }

    // The guesser may have had its first turn before the others came.
    assertThat(order).hasSize(5).endsWith("guesser");
    assertThat(order.subList(0, 4)).contains("tablet", "phone");
    assertThat(order.indexOf("tablet")).isLessThan(order.indexOf("phone"));
  }

  @Test
  void aRightOneMakesRoomForWhoWaits() throws InterruptedException {
    Turns turns = new Turns(1, Duration.ofDays(1), Clock.systemUTC());
    GuessLimit.Guess looked = turns.take("words", "phone");
    Thread next = Thread.startVirtualThread(() -> turns.take("words", "tablet"));
    await(next);
    looked.right();

    assertThat(next.join(Duration.ofSeconds(15))).isTrue();
  }

  @Test
  void ofOneDeviceThreeWaitAndOtherThingsAreAsTheyWere() throws InterruptedException {
    Turns turns = new Turns(1, Duration.ofDays(1), Clock.systemUTC());
    turns.take("words", "guesser");
    List<Thread> waiting = new ArrayList<>();
    for (int i = 0; i < 3; i++) {
      waiting.add(Thread.startVirtualThread(() -> refused(turns)));
      await(waiting.getLast());
    }

    assertThatThrownBy(() -> turns.take("words", "guesser"))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("tried too often");
    turns.take("other words", "guesser").right();
    waiting.forEach(Thread::interrupt);
  }

  @Test
  void whoIsRefusedAtTheSecondOfTwoLimitsHasUsedNothingUpAtTheFirst() {
    Turns first = new Turns(1, Duration.ofDays(1), Clock.systemUTC());
    GuessLimit second = new GuessLimit(1, Duration.ofDays(1), Clock.systemUTC());
    second.begin("class");

    assertThatThrownBy(() -> first.take("words", "tablet").and(() -> second.begin("class")))
        .isInstanceOf(Problem.class);
    first.take("words", "tablet").and(() -> second.begin("other class")).right();
    first.take("words", "tablet");
    second.begin("other class");
  }

  private static void refused(Turns turns) {
    assertThatThrownBy(() -> turns.take("words", "guesser")).isInstanceOf(Problem.class);
  }

  @Test
  void aCodeThatExistsIsOpenedBesideWhoeverTriesWrongOnes() {
    CodeGuesses codes = new CodeGuesses(Clock.systemUTC());
    Asking guesser = new Asking("school", "guesser");
    for (int i = 0; i < 100; i++) {
      int wrong = i;
      assertThatThrownBy(() -> open(codes, "wrong" + wrong, guesser)).hasMessage("no such code");
    }

    assertThat(open(codes, "honey7", new Asking("school", "tablet"))).isEqualTo("honey7");
    assertThat(open(codes, "honey7", guesser)).as("and is no guess any more").isEqualTo("honey7");
  }

  private static String open(CodeGuesses codes, String code, Asking from) {
    return codes.find(
        code,
        from,
        typed -> Optional.of(typed).filter("honey7"::equals),
        () -> Problem.notFound("no-such-code", "no such code"));
  }

  /** Until it waits. */
  private static void await(Thread thread) throws InterruptedException {
    while (thread.getState() == Thread.State.NEW || thread.getState() == Thread.State.RUNNABLE) {
      Thread.sleep(1);
    }
  }
}
