package bravium.core.play;

import bravium.core.activity.Team;
import bravium.core.json.Flat;
import bravium.core.json.OfQuestion;
import bravium.core.json.OwnId;
import bravium.core.question.Response;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a move does. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Action.Start.class, name = "start"),
  @JsonSubTypes.Type(value = Action.Answer.class, name = "answer"),
  @JsonSubTypes.Type(value = Action.Lay.class, name = "lay"),
  @JsonSubTypes.Type(value = Action.Continue.class, name = "continue"),
  @JsonSubTypes.Type(value = Action.Hint.class, name = "hint"),
  @JsonSubTypes.Type(value = Action.Pick.class, name = "pick"),
  @JsonSubTypes.Type(value = Action.Settle.class, name = "settle"),
  @JsonSubTypes.Type(value = Action.Mark.class, name = "mark"),
  @JsonSubTypes.Type(value = Action.GoTo.class, name = "go-to"),
  @JsonSubTypes.Type(value = Action.Strike.class, name = "strike"),
  @JsonSubTypes.Type(value = Action.Reveal.class, name = "reveal"),
  @JsonSubTypes.Type(value = Action.CountHands.class, name = "count-hands"),
  @JsonSubTypes.Type(value = Action.GiveTurn.class, name = "give-turn"),
  @JsonSubTypes.Type(value = Action.GivePoints.class, name = "give-points"),
  @JsonSubTypes.Type(value = Action.JoinTeam.class, name = "join-team"),
  @JsonSubTypes.Type(value = Action.HoldClock.class, name = "hold-clock"),
  @JsonSubTypes.Type(value = Action.RunClock.class, name = "run-clock"),
  @JsonSubTypes.Type(value = Action.AddTime.class, name = "add-time"),
  @JsonSubTypes.Type(value = Action.TakeBack.class, name = "take-back")
})
public sealed interface Action {

  /** The most characters of a teacher's comment. */
  int LONGEST_COMMENT = 2_000;

  /** Leaves the title page. */
  record Start() implements Action {}

  /**
   * Answers the open question.
   *
   * @param attempt which try at it this is, from 1
   * @param held the milliseconds for which the device could not reach anybody with it; null for
   *     none. They are made up for, up to a bound
   */
  record Answer(@OwnId String question, int attempt, Response response, @Nullable Long held)
      implements Action, OfQuestion {

    @Override
    public String ofQuestion() {
      return question;
    }

    /** An answer that came through at once. */
    public Answer(String question, int attempt, Response response) {
      this(question, attempt, response, null);
    }
  }

  /**
   * Lays cards that are marked at once. Where all are laid, and what goes back lies right, it is
   * the try at the question.
   *
   * @param attempt which try at it this is, from 1
   */
  record Lay(@OwnId String question, int attempt, List<Response.Placing> placings)
      implements Action, OfQuestion {

    @Override
    public String ofQuestion() {
      return question;
    }
  }

  /**
   * Leaves the feedback: to the next question, or to the same one where it may be tried again.
   * Leaves information that was read; or, when trying out, a question that can't be answered yet.
   * The teacher leaves a discussion so that the class talked over and nobody wrote to, and a
   * question whose wrong options were all struck out.
   */
  record Continue(@OwnId String question) implements Action {}

  /** Takes the next hint for the open question. */
  record Hint(@OwnId String question) implements Action {}

  /** Picks a question on the board. */
  record Pick(@OwnId String question) implements Action {}

  /** Leaves it at the best try so far, though another is left. */
  record Settle(@OwnId String question) implements Action {}

  /**
   * Marks an answer that only the teacher can mark, or one anew that was judged at once: for the
   * teacher, at any time once it is settled.
   *
   * @param points 0 to the question's worth
   * @param comment at most {@value #LONGEST_COMMENT} characters; null for none
   */
  record Mark(@OwnId String question, int points, @Nullable String comment) implements Action {

    /** Checks the comment's length. */
    public Mark {
      if (comment != null && comment.length() > LONGEST_COMMENT) {
        throw new IllegalArgumentException(
            "a comment has at most " + LONGEST_COMMENT + " characters");
      }
    }
  }

  /** Opens a question out of turn: for the teacher. */
  record GoTo(@OwnId String question) implements Action {}

  /** Strikes out the next wrong option of the question that is shown: for the teacher. */
  record Strike(@OwnId String question) implements Action {}

  /**
   * Strikes out all wrong options that are left, or gives the answer away where there are no
   * options: for the teacher.
   */
  record Reveal(@OwnId String question) implements Action {}

  /** Counts the hands for each option, anew: for the teacher. */
  record CountHands(@OwnId String question, List<Talk.Vote> votes) implements Action, OfQuestion {

    @Override
    public String ofQuestion() {
      return question;
    }
  }

  /**
   * Gives a team the turn: for the teacher.
   *
   * @param team its place, from 0
   */
  record GiveTurn(int team) implements Action {}

  /**
   * Gives a team points by hand, or takes them: for the teacher.
   *
   * @param team its place, from 0
   * @param points {@value #LEAST_BY_HAND} to {@value #MOST_BY_HAND}, not 0
   */
  record GivePoints(int team, int points) implements Action {

    /** The most points that are given at once. */
    public static final int MOST_BY_HAND = 10_000;

    /** The most points that are taken at once. */
    public static final int LEAST_BY_HAND = -MOST_BY_HAND;

    /** Checks the range. */
    public GivePoints {
      if (points < LEAST_BY_HAND || points > MOST_BY_HAND || points == 0) {
        throw new IllegalArgumentException("points is up to " + MOST_BY_HAND + ", and not 0");
      }
    }
  }

  /** One more team plays from here on, after the others in turn: for the teacher. */
  record JoinTeam(Team team) implements Action {}

  /** Holds the clock of the question that is open: for the teacher. */
  record HoldClock(@OwnId String question) implements Action {}

  /** Lets the clock run again: for the teacher. */
  record RunClock(@OwnId String question) implements Action {}

  /**
   * Gives more time for the question that is open: for the teacher.
   *
   * @param seconds 1 to {@value #MOST_SECONDS}
   */
  record AddTime(@OwnId String question, int seconds) implements Action {

    /** The most seconds that are given at once. */
    public static final int MOST_SECONDS = 600;

    /** Checks the range. */
    public AddTime {
      if (seconds < 1 || seconds > MOST_SECONDS) {
        throw new IllegalArgumentException("seconds is from 1 to " + MOST_SECONDS);
      }
    }
  }

  /** Something that is done in one game alone. */
  record Own(@Flat OwnAction own) implements Action {}

  /**
   * Takes the last move back that still stands: for the teacher.
   *
   * @param move that move's key
   */
  record TakeBack(String move) implements Action {}
}
