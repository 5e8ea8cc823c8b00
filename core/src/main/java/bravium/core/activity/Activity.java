package bravium.core.activity;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.json.Root;
import bravium.core.question.Question;
import bravium.core.rich.Media;
import bravium.core.rich.Picture;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Everything that a teacher wrote for one game: complete, immutable, the same in the database, over
 * HTTP, in a file.
 *
 * @param bravium the version of the format, at least 1; this code writes {@value #VERSION}
 * @param look null for Bravium's own
 * @param sounds null for the usual
 * @param wording null for the usual
 */
@Root
public record Activity(
    @Range(min = 1) int bravium,
    TitlePage titlePage,
    Game game,
    Rules rules,
    Endings endings,
    @Nullable Look look,
    @Nullable Sounds sounds,
    @Nullable Wording wording,
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
    return new Activity(bravium, titlePage, game, changed, endings, look, sounds, wording, extra);
  }

  /** The same activity with another title page. */
  public Activity withTitlePage(TitlePage changed) {
    return new Activity(bravium, changed, game, rules, endings, look, sounds, wording, extra);
  }

  /** The same activity with another game. */
  public Activity withGame(Game changed) {
    return new Activity(bravium, titlePage, changed, rules, endings, look, sounds, wording, extra);
  }

  /** The same activity with another look; null for Bravium's own. */
  public Activity withLook(@Nullable Look changed) {
    return new Activity(bravium, titlePage, game, rules, endings, changed, sounds, wording, extra);
  }

  /** The same activity with other questions, where its game is known. */
  public Activity withQuestions(List<Question> questions) {
    return new Activity(
        bravium,
        titlePage,
        game.withQuestions(questions),
        rules,
        endings,
        look,
        sounds,
        wording,
        extra);
  }

  /** Whether a learner can begin anew at any time, by the rules or by the game's own. */
  public boolean startsAgain() {
    return rules.startAgain() || game.startsAgain();
  }

  /** The picture that stands for it in its teacher's own list, if one does. */
  public Optional<Picture> coverPicture() {
    Words introduction = titlePage.introduction();
    return (introduction == null ? List.<Media>of() : introduction.media())
        .stream()
            .flatMap(medium -> medium instanceof Picture picture ? Stream.of(picture) : null)
            .findFirst()
            .or(game::coverPicture);
  }

  /** The names of all pictures and sounds in it, each once, in the order they are first met. */
  public Set<String> media() {
    Set<String> names = new LinkedHashSet<>(game.media());
    if (look != null && look.backdrop().picture() != null) {
      names.add(look.backdrop().picture().medium());
    }
    if (sounds != null && sounds.music() != null) {
      names.add(sounds.music().medium());
    }
    List<Words> around = new ArrayList<>();
    around.add(titlePage.introduction());
    around.add(endings.win().text());
    around.add(endings.lose().text());
    for (Words words : around) {
      if (words != null) {
        words.media().forEach(medium -> names.add(medium.medium()));
      }
    }
    return names;
  }

  /** An activity of this version. */
  public Activity(TitlePage titlePage, Game game, Rules rules, Endings endings) {
    this(VERSION, titlePage, game, rules, endings, null, null, null, Extra.NONE);
  }
}
