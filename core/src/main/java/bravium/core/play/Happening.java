package bravium.core.play;

import bravium.core.activity.Clock;
import bravium.core.json.OfQuestion;
import bravium.core.json.OwnId;
import bravium.core.json.PartId;
import bravium.core.json.Root;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;

/** Something that a move brought about, in the order it came; the interface plays it out. */
@Root
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Happening.QuestionOpened.class, name = "question-opened"),
  @JsonSubTypes.Type(value = Happening.AnswerMarked.class, name = "answer-marked"),
  @JsonSubTypes.Type(value = Happening.PointsGiven.class, name = "points-given"),
  @JsonSubTypes.Type(value = Happening.MarkerChanged.class, name = "marker-changed"),
  @JsonSubTypes.Type(value = Happening.HintGiven.class, name = "hint-given"),
  @JsonSubTypes.Type(value = Happening.LifeLost.class, name = "life-lost"),
  @JsonSubTypes.Type(value = Happening.TimeRanOut.class, name = "time-ran-out"),
  @JsonSubTypes.Type(value = Happening.MoveTakenBack.class, name = "move-taken-back"),
  @JsonSubTypes.Type(value = Happening.BoardShown.class, name = "board-shown"),
  @JsonSubTypes.Type(value = Happening.CardLaid.class, name = "card-laid"),
  @JsonSubTypes.Type(value = Happening.AnswerOpened.class, name = "answer-opened"),
  @JsonSubTypes.Type(value = Happening.OptionStruck.class, name = "option-struck"),
  @JsonSubTypes.Type(value = Happening.TurnGiven.class, name = "turn-given"),
  @JsonSubTypes.Type(value = Happening.TeamAwarded.class, name = "team-awarded"),
  @JsonSubTypes.Type(value = Happening.Tied.class, name = "tied"),
  @JsonSubTypes.Type(value = Happening.Won.class, name = "won"),
  @JsonSubTypes.Type(value = Happening.Lost.class, name = "lost"),
  @JsonSubTypes.Type(value = Happening.AwaitsMarking.class, name = "awaits-marking"),
  @JsonSubTypes.Type(value = Happening.Entered.class, name = "entered")
})
public sealed interface Happening {

  /** A question was opened. */
  record QuestionOpened(@OwnId String question) implements Happening {}

  /** A try at a question was marked, or the teacher marked an answer. */
  record AnswerMarked(@OwnId String question, Verdict verdict) implements Happening {}

  /**
   * Something was entered where an entry says by itself which item it means.
   *
   * @param counted whether it used up one of the entries there are
   */
  record Entered(Verdict verdict, boolean counted) implements Happening {}

  /** Points were given; total is what they make together. */
  record PointsGiven(int points, int total) implements Happening {}

  /** A marker changed. */
  record MarkerChanged(@OwnId String question, Markers.State state) implements Happening {}

  /** A hint was given: the one at that place, from 1. */
  record HintGiven(@OwnId String question, int hint) implements Happening {}

  /** A wrong answer cost a life; left is how many more are allowed. */
  record LifeLost(int left) implements Happening {}

  /** The time of a question, or of the game, ran out. */
  record TimeRanOut(Clock.Per per) implements Happening {}

  /** A move was taken back; the play stands where it stood before it. */
  record MoveTakenBack(String move) implements Happening {}

  /** The board is shown; a question can be picked. */
  record BoardShown() implements Happening {}

  /** A card was laid, and whether it lies where it belongs. */
  record CardLaid(@OwnId String question, @PartId String card, boolean right)
      implements Happening, OfQuestion {

    @Override
    public String ofQuestion() {
      return question;
    }
  }

  /** What is right was given away without an answer. */
  record AnswerOpened(@OwnId String question) implements Happening {}

  /** An option was struck out. */
  record OptionStruck(@OwnId String question, @PartId String option)
      implements Happening, OfQuestion {

    @Override
    public String ofQuestion() {
      return question;
    }
  }

  /** A team has the turn, or takes the open question over. */
  record TurnGiven(int team, boolean takesOver) implements Happening {}

  /** A team was given points, or they were taken from it; total is what it has now. */
  record TeamAwarded(int team, int points, int total) implements Happening {}

  /** The play is over, and the teams of these places share the most points. */
  record Tied(List<Integer> teams) implements Happening {}

  /** The play was won. */
  record Won(int points) implements Happening {}

  /** The play was lost. */
  record Lost(int points) implements Happening {}

  /** The play is over, and whether it is won depends on so many answers the teacher will mark. */
  record AwaitsMarking(int answers) implements Happening {}
}
