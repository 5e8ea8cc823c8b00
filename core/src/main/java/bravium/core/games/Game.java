package bravium.core.games;

import bravium.core.games.quizshow.QuizShow;
import bravium.core.play.Course;
import bravium.core.question.Question;
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

  /** How it runs; empty where this version can't play it. */
  Optional<Course> course();
}
