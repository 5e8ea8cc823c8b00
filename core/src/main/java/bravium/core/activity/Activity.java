package bravium.core.activity;

import bravium.core.games.Game;
import bravium.core.json.Extra;
import bravium.core.json.Root;
import com.fasterxml.jackson.annotation.JsonIgnore;

/**
 * Everything that a teacher wrote for one game: complete, immutable, the same in the database, over
 * HTTP, in a file.
 *
 * @param bravium the version of the format, at least 1; this code writes {@value #VERSION}
 */
@Root
public record Activity(
    int bravium,
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

  /** An activity of this version. */
  public Activity(TitlePage titlePage, Game game, Rules rules, Endings endings) {
    this(VERSION, titlePage, game, rules, endings, Extra.NONE);
  }
}
