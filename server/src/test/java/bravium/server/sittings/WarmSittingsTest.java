package bravium.server.sittings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyBoolean;
import static org.mockito.Mockito.doNothing;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import bravium.core.codec.Codec;
import bravium.core.games.Games;
import bravium.core.play.Action;
import bravium.core.play.Engine;
import bravium.core.play.Move;
import bravium.core.play.Mover;
import bravium.core.play.Opening;
import bravium.core.play.Prepared;
import bravium.core.play.Refusal;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.server.Samples;
import java.time.Clock;
import java.util.Optional;
import org.jooq.exception.DataAccessException;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class WarmSittingsTest {

  private static final Move START = new Move("k1", Mover.PLAYER, new Action.Start());

  private final SittingRepository rows = mock(SittingRepository.class);
  private final WarmSittings warm =
      new WarmSittings(rows, mock(AssignedSittings.class), event -> {}, Clock.systemUTC());

  @BeforeEach
  void aSittingOnItsTitlePage() {
    Prepared game = Games.prepared(Codec.ACTIVITY.read(Samples.threeQuestions("Warm")));
    Opening opening = new Opening("seed", 0, false);
    Sitting sitting = Engine.open(game, opening);
    when(rows.find("s"))
        .thenReturn(
            Optional.of(
                new StoredSitting(
                    7L, 1L, null, null, 3L, game, opening, () -> sitting, null, false, false)));
  }

  @Test
  void itIsReadFromItsRowsOnceAndKeptAtHand() {
    warm.play("s", any -> true, START);

    assertThat(warm.read("s", any -> true).sitting().now()).isEqualTo("q1");
    verify(rows, times(1)).find("s");
    verify(rows).addMove(any(), any(), anyBoolean());
  }

  @Test
  void aMoveThatCouldNotBeWrittenDidNotHappen() {
    doThrow(new DataAccessException("disk full"))
        .doNothing()
        .when(rows)
        .addMove(any(), any(), anyBoolean());

    assertThatThrownBy(() -> warm.play("s", any -> true, START))
        .isInstanceOf(DataAccessException.class);

    assertThat(warm.read("s", any -> true).sitting().stage()).isEqualTo(Stage.TITLE);
    assertThat(warm.play("s", any -> true, START).repeated()).isFalse();
  }

  @Test
  void aRefusedMoveIsNotWritten() {
    doNothing().when(rows).addMove(any(), any(), anyBoolean());
    Move late = new Move("k2", Mover.PLAYER, new Action.Continue("q1"));

    assertThat(warm.play("s", any -> true, late).refusal()).isEqualTo(Refusal.NOT_OPEN);
    verify(rows, never()).addMove(any(), any(), anyBoolean());
  }
}
