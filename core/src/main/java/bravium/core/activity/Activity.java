package bravium.core.activity;

import bravium.core.games.Game;
import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.json.Root;
import bravium.core.question.Question;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;

/**
 * Everything that a teacher wrote for one game: complete, immutable, the same in the database, over
 * HTTP, in a file.
 *
 * @param bravium the version of the format, at least 1; this code writes {@value #VERSION}
 */
@Root
public record Activity(
    @Range(min = 1) int bravium,
    TitlePage titlePage,
    Game game,
    Rules rules,
    Endings endings,
    @JsonIgnore Extra extra) {

  /** The version of the format that this code knows. */
  public static final int VERSION = 1;

  /** Checks the version. */
  public Activity {
    if (bravium < 1) {
      throw new IllegalArgumentException("bravium, the version of the format, is at least 1");
    }
  }

  /** The same activity under other rules. */
  public Activity withRules(Rules changed) {
    return new Activity(bravium, titlePage, game, changed, endings, extra);
  }

  /** The same activity with another title page. */
  public Activity withTitlePage(TitlePage changed) {
    return new Activity(bravium, changed, game, rules, endings, extra);
  }

  /** The same activity with other questions, where its game is known. */
  public Activity withQuestions(List<Question> questions) {
    return new Activity(bravium, titlePage, game.withQuestions(questions), rules, endings, extra);
  }

  /** An activity of this version. */
  public Activity(TitlePage titlePage, Game game, Rules rules, Endings endings) {
    this(VERSION, titlePage, game, rules, endings, Extra.NONE);
  }
}
