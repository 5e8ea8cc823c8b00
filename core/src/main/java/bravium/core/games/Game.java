package bravium.core.games;

import bravium.core.activity.Activity;
import bravium.core.activity.Rules;
import bravium.core.games.quizshow.QuizShow;
import bravium.core.play.Course;
import bravium.core.question.Question;
import bravium.core.readiness.Finding;
import bravium.core.readiness.Prospects;
import bravium.core.words.Picture;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.Optional;

/** A game of any kind: what only this game needs, besides the rules that all share. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({@JsonSubTypes.Type(value = QuizShow.class, name = "quiz-show")})
public sealed interface Game permits QuizShow, UnknownGame {

  /** The questions it can ask, as written. */
  List<Question> questions();

  /** The same game with other questions; as it is where its kind is not known. */
  Game withQuestions(List<Question> changed);

  /** What is worth a look in this game and in no other. */
  List<Finding> findings(Activity activity);

  /** The same game with one of its own findings mended; as it is where it has no such mend. */
  default Game mended(Finding finding) {
    return this;
  }

  /** What it can come to with these questions to draw from. */
  default Prospects prospects(Rules rules, List<Question> pool) {
    return Prospects.ofPoints(rules, pool);
  }

  /** How it runs under these rules; empty where this version can't play it. */
  Optional<Course> course(Rules rules);

  /** Whether it can ask a question of this kind. */
  default boolean asks(Question question) {
    return true;
  }

  /** The picture it is played on, if it is played on one. */
  default Optional<Picture> picture() {
    return Optional.empty();
  }
}
