package bravium.core.games.escaperoom;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Rules;
import bravium.core.json.Extra;
import bravium.core.question.Feedback;
import bravium.core.question.Question;
import bravium.core.question.TrueFalse;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The guess line of small escapes, worked out by hand. */
class EscapeOddsTest {

  private static Question trueOrFalse(String id) {
    return new TrueFalse(id, "So?", true, Feedback.USUAL);
  }

  /** One question gives all pieces; the door takes some of them. */
  private static EscapeRoom doorThatTakes(int pieces, String... order) {
    List<KeyPiece> all =
        Arrays.asList("a", "b", "c").subList(0, pieces).stream()
            .map(id -> KeyPiece.of(id, id))
            .toList();
    Effect[] gives = all.stream().map(piece -> new Effect.Gives(piece.id())).toArray(Effect[]::new);
    return EscapeRoom.of(
            List.of(Room.of("yard", "The yard")),
            List.of(
                Lock.asking("box", "yard", gives),
                new Lock(
                    "door",
                    "yard",
                    "The door",
                    null,
                    null,
                    new Opener.ByPieces(null, List.of(order), List.of(), Extra.NONE),
                    List.of(new Effect.LeadsOut()),
                    Extra.NONE)),
            List.of(trueOrFalse("box")))
        .withPieces(all);
  }

  private static double chance(EscapeRoom room, Rules rules) {
    return EscapeOdds.guessing(new Escape(room), rules).chance();
  }

  @Test
  void aLockThatTakesOnePieceIsCertainWhereAllMayBeTried() {
    assertThat(chance(doorThatTakes(3, "b"), Rules.usual())).isEqualTo(1);
    assertThat(chance(doorThatTakes(1, "a"), Rules.usual())).isEqualTo(1);
  }

  @Test
  void anOrderOfSeveralPiecesIsNeverGuessed() {
    assertThat(chance(doorThatTakes(3, "b", "a"), Rules.usual())).isZero();
  }

  @Test
  void whereAWrongPieceTakesALifeOnlyTheOnlyOneIsCertain() {
    Rules twoLives = Rules.usual().withLives(2);
    assertThat(chance(doorThatTakes(3, "b"), twoLives)).isZero();
    // One wrong answer to “true or false” is less than two lives.
    assertThat(chance(doorThatTakes(1, "a"), twoLives)).isEqualTo(1);
  }
}
