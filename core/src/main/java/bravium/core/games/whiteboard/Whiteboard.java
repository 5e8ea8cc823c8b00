package bravium.core.games.whiteboard;

import bravium.core.games.GameData;
import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.question.Ids;
import bravium.core.question.Question;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;

/**
 * Pages for the front of the class, a task on each.
 *
 * @param questions the tasks, page after page, at most {@value #MOST_PAGES}
 * @param picked whether the class picks any page that is open; otherwise they come in their order
 * @param flaps whether answers lie under a folded flap, until it is opened
 */
public record Whiteboard(
    @Range(max = MOST_PAGES) List<Question> questions,
    boolean picked,
    boolean flaps,
    @JsonIgnore Extra extra)
    implements GameData {

  /** The name of its kind. */
  public static final String KIND = "whiteboard";

  /** The most pages that one activity can hold. */
  public static final int MOST_PAGES = 500;

  /** Checks the pages' number and ids. */
  public Whiteboard {
    if (questions.size() > MOST_PAGES) {
      throw new IllegalArgumentException("a whiteboard has at most " + MOST_PAGES + " pages");
    }
    Ids.requireDistinct("page", questions.stream().map(Question::id).toList());
  }

  @Override
  public Whiteboard withQuestions(List<Question> changed) {
    return new Whiteboard(changed, picked, flaps, extra);
  }

  /** The same with its answers under flaps, or not. */
  Whiteboard withFlaps(boolean changed) {
    return new Whiteboard(questions, picked, changed, extra);
  }

  @Override
  public String kind() {
    return KIND;
  }
}
