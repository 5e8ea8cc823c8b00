package bravium.core.activity;

import bravium.core.question.PointAt;
import bravium.core.question.Question;
import bravium.core.rich.Picture;
import bravium.core.rich.Words;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What a teacher wrote for one game alone, besides the rules that all share. How a game of its kind
 * behaves is another thing: {@code bravium.core.games} knows it, and lists every game.
 */
public interface Game {

  /** The name of its kind, as in the format. */
  String kind();

  /** The questions it can ask, as written. */
  List<Question> questions();

  /** The same game with other questions; as it is where it has none. */
  Game withQuestions(List<Question> changed);

  /** Whether it can ask a question of this kind. */
  default boolean asks(Question question) {
    return true;
  }

  /** All words in it, those of its questions too, in the order they are met. */
  default List<Words> words() {
    List<Words> all = new ArrayList<>();
    questions().forEach(question -> all.addAll(question.words()));
    return all;
  }

  /** The pictures it is played on; not those of questions, and not those in words. */
  default List<Picture> pictures() {
    return List.of();
  }

  /** The picture that stands for it in its teacher's own list. */
  default Optional<Picture> coverPicture() {
    return Optional.empty();
  }

  /** Whether a learner can begin anew at any time, whatever the rules that all games share say. */
  default boolean startsAgain() {
    return false;
  }

  /** The names of media that a player doesn't get whole before they are given away. */
  default Set<String> hidden() {
    return Set.of();
  }

  /** The names of all pictures and sounds in it, each once, in the order they are first met. */
  default Set<String> media() {
    Set<String> names = new LinkedHashSet<>();
    pictures().forEach(picture -> names.add(picture.medium()));
    for (Question question : questions()) {
      if (question instanceof PointAt point && point.picture() != null) {
        names.add(point.picture());
      }
    }
    for (Words words : words()) {
      words.media().forEach(medium -> names.add(medium.medium()));
    }
    return names;
  }
}
