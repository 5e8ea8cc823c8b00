package bravium.core.samples;

import bravium.core.activity.Activity;
import bravium.core.activity.Team;
import bravium.core.games.escaperoom.EscapeRoom;
import bravium.core.games.picturereveal.PictureReveal;
import bravium.core.games.picturereveal.RevealAction;
import bravium.core.games.questionvideo.QuestionVideo;
import bravium.core.games.wordhunt.WordHunt;
import bravium.core.play.Action;
import bravium.core.play.Move;
import bravium.core.play.Mover;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.Talk;
import bravium.core.question.Question;
import bravium.core.question.Response;
import bravium.core.question.Sorting;
import java.util.List;
import java.util.Random;

/** Moves as devices might send them: mostly fitting, some late, doubled or out of place. */
public final class RandomMoves {

  private final Random random;
  private int keys;

  public RandomMoves(Random random) {
    this.random = random;
  }

  /** A move that may or may not fit the sitting. */
  public Move next(Activity activity, Sitting sitting) {
    if (!sitting.log().isEmpty() && random.nextInt(12) == 0) {
      Move old = sitting.log().get(random.nextInt(sitting.log().size())).move();
      return random.nextBoolean() ? old : new Move(old.key(), old.by(), new Action.Start());
    }
    return new Move("key-" + keys++, mover(), action(activity, sitting));
  }

  /** A move that takes the play forward. */
  public Move fitting(Activity activity, Sitting sitting) {
    return new Move("key-" + keys++, Mover.PLAYER, forward(activity, sitting));
  }

  private Mover mover() {
    return random.nextBoolean() ? Mover.PLAYER : Mover.TEACHER;
  }

  private Action action(Activity activity, Sitting sitting) {
    List<Question> questions = activity.game().questions();
    String any =
        questions.isEmpty() ? "none" : questions.get(random.nextInt(questions.size())).id();
    return switch (random.nextInt(31)) {
      case 0 -> new Action.Start();
      case 1 -> new Action.Continue(any);
      case 2 -> new Action.GoTo(any);
      case 3 -> new Action.Answer(any, random.nextInt(3), new Response.Picked(any + "o0"));
      case 4, 5 ->
          new Action.TakeBack(
              sitting.log().isEmpty() ? "none" : sitting.log().getLast().move().key());
      case 6 -> new Action.Hint(String.valueOf(sitting.now()));
      case 7 -> new Action.Settle(String.valueOf(sitting.now()));
      case 9 -> new Action.Strike(String.valueOf(sitting.now()));
      case 10 -> new Action.Reveal(String.valueOf(sitting.now()));
      case 11 ->
          new Action.CountHands(
              String.valueOf(sitting.now()), List.of(new Talk.Vote(any + "o0", 7)));
      case 12, 13 -> new Action.GiveTurn(random.nextInt(4));
      case 14 -> new Action.GivePoints(random.nextInt(4), 1 + random.nextInt(9));
      case 15 ->
          random.nextBoolean()
              ? new Action.HoldClock(String.valueOf(sitting.now()))
              : new Action.RunClock(String.valueOf(sitting.now()));
      case 16 -> new Action.AddTime(String.valueOf(sitting.now()), 1 + random.nextInt(30));
      case 17 -> new Action.JoinTeam(new Team("Late " + keys, Team.Sign.KITE));
      case 8 -> new Action.Mark(any, random.nextInt(12), "Well seen");
      default -> forward(activity, sitting);
    };
  }

  private Action forward(Activity activity, Sitting sitting) {
    boolean begun = sitting.stage() != Stage.TITLE;
    if (begun && activity.game() instanceof PictureReveal reveal && random.nextInt(5) == 0) {
      return new RandomReveals(random).next(reveal, sitting);
    }
    boolean films = begun && activity.game() instanceof QuestionVideo;
    if (films && (sitting.stage() == Stage.BOARD || random.nextInt(8) == 0)) {
      return new RandomVideos(random).next((QuestionVideo) activity.game(), sitting);
    }
    return switch (sitting.stage()) {
      case TITLE, END -> new Action.Start();
      case PLAYING ->
          switch (activity.game()) {
            case WordHunt hunt -> new RandomHunts(random).next(hunt, sitting);
            case EscapeRoom room -> new RandomEscapes(random).next(room, sitting);
            default -> new Action.Start();
          };
      case FEEDBACK -> new Action.Continue(sitting.now());
      case BOARD -> {
        List<String> open =
            sitting.draw().ids().stream().filter(id -> sitting.resultOf(id).isEmpty()).toList();
        yield open.isEmpty()
            ? new Action.Own(new RevealAction.StopGuessing())
            : new Action.Pick(open.get(random.nextInt(open.size())));
      }
      case QUESTION -> {
        Question question = Plays.question(activity, sitting.now()).orElseThrow();
        Response response = new RandomQuestions(random).response(question);
        boolean fits = question.answerable() && question.takes(response);
        Long held = random.nextInt(5) == 0 ? (Long) (long) random.nextInt(90_000) : null;
        int attempt = sitting.effortFor(question.id()).tries() + 1;
        if (question instanceof Sorting sorting && sorting.atOnce() && random.nextInt(4) > 0) {
          yield new RandomQuestions(random).lay(sorting, sitting.effortFor(question.id()));
        }
        yield fits
            ? new Action.Answer(question.id(), attempt, response, held)
            : new Action.Continue(question.id());
      }
    };
  }
}
