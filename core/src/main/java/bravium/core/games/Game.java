package bravium.core.games;

import bravium.core.activity.Activity;
import bravium.core.games.quizshow.QuizShow;
import bravium.core.play.Course;
import bravium.core.question.Question;
import bravium.core.readiness.Finding;
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

  /** How it runs; empty where this version can't play it. */
  Optional<Course> course();
}
