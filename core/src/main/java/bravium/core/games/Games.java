package bravium.core.games;

import bravium.core.activity.Activity;
import bravium.core.activity.Game;
import bravium.core.games.escaperoom.EscapeRoom;
import bravium.core.games.escaperoom.EscapeRoomBehaviour;
import bravium.core.games.picturereveal.PictureReveal;
import bravium.core.games.picturereveal.PictureRevealBehaviour;
import bravium.core.games.questionvideo.QuestionVideo;
import bravium.core.games.questionvideo.QuestionVideoBehaviour;
import bravium.core.games.quizshow.QuizShow;
import bravium.core.games.quizshow.QuizShowBehaviour;
import bravium.core.games.whiteboard.Whiteboard;
import bravium.core.games.whiteboard.WhiteboardBehaviour;
import bravium.core.games.wordhunt.WordHunt;
import bravium.core.games.wordhunt.WordHuntBehaviour;
import bravium.core.play.Opening;
import bravium.core.play.Play;
import bravium.core.play.Prepared;
import bravium.core.question.Question;
import bravium.core.readiness.Finding;
import bravium.core.readiness.GameChecks;
import bravium.core.readiness.Mending;
import bravium.core.readiness.Prospects;
import bravium.core.readiness.Readiness;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/** How each game behaves: one line a game. All else is reached through here. */
public final class Games {

  private static final GameChecks CHECKS =
      new GameChecks() {

        @Override
        public boolean playable(Activity activity) {
          return prepared(activity).playable();
        }

        @Override
        public Prospects prospects(Activity activity, List<Question> pool) {
          return with(activity.game(), known -> known.prospects(activity, pool));
        }

        @Override
        public List<Finding> findings(Activity activity) {
          return with(activity.game(), known -> known.findings(activity));
        }

        @Override
        public Game mended(Game game, Finding finding) {
          return with(game, known -> known.mended(finding));
        }
      };

  private Games() {}

  /** The game that asks these questions one after another: what questions without a game become. */
  public static Game asking(List<Question> questions) {
    return QuizShow.onLine(questions);
  }

  /** The activity made ready to be played. */
  public static Prepared prepared(Activity activity) {
    return Prepared.of(activity, with(activity.game(), known -> known.play(activity)).orElse(null));
  }

  /** What is worth a look in an activity before class. */
  public static Readiness readiness(Activity activity) {
    return Readiness.of(activity, CHECKS);
  }

  /** The same, with those mends alone that hold; reads the activity once more for each. */
  public static Readiness readinessWithMends(Activity activity) {
    return Readiness.withMendsThatHold(activity, CHECKS);
  }

  /** The activity with a finding mended; as it is where that can't be. */
  public static Activity mended(Activity activity, Finding finding) {
    return Mending.mend(activity, finding, CHECKS);
  }

  /** Activities that must look like this one to a player until something is given away. */
  public static Stream<Twin> twins(Activity activity, Opening opening) {
    return with(activity.game(), known -> known.twins(activity, opening));
  }

  /** A game beside its behaviour. */
  private record Known<G extends Game>(G game, Behaviour<G> behaviour) {

    Prospects prospects(Activity activity, List<Question> pool) {
      return behaviour.prospects(activity, game, pool);
    }

    List<Finding> findings(Activity activity) {
      return behaviour.findings(activity, game);
    }

    Optional<Play> play(Activity activity) {
      return behaviour.play(activity, game);
    }

    Game mended(Finding finding) {
      return behaviour.mended(game, finding);
    }

    Stream<Twin> twins(Activity activity, Opening opening) {
      return behaviour.twins(activity, game, opening);
    }
  }

  private static <T> T with(Game game, Function<Known<?>, T> use) {
    return use.apply(
        switch ((GameData) game) {
          case QuizShow show -> new Known<>(show, new QuizShowBehaviour());
          case PictureReveal reveal -> new Known<>(reveal, new PictureRevealBehaviour());
          case WordHunt hunt -> new Known<>(hunt, new WordHuntBehaviour());
          case EscapeRoom escape -> new Known<>(escape, new EscapeRoomBehaviour());
          case QuestionVideo video -> new Known<>(video, new QuestionVideoBehaviour());
          case Whiteboard board -> new Known<>(board, new WhiteboardBehaviour());
          case UnknownGame unknown -> new Known<>(unknown, new UnknownBehaviour());
        });
  }
}
