package bravium.core.games.picturereveal;

import bravium.core.activity.Answers;
import bravium.core.play.Audience;
import bravium.core.play.Result;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.Verdict;
import bravium.core.rich.Picture;
import bravium.core.rich.PicturePart;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Takes from a sitting what an audience may see of the picture: to a player only what is bare. */
final class SceneOfReveal {

  private final RevealCourse course;
  private final PictureReveal reveal;
  private final Sitting sitting;
  private final boolean bare;
  private final boolean whole;
  private final boolean known;

  SceneOfReveal(RevealCourse course, Sitting sitting, Audience audience) {
    this.course = course;
    this.reveal = course.reveal();
    this.sitting = sitting;
    boolean won =
        sitting
            .resultOf(RevealCourse.GUESS)
            .map(result -> result.verdict() == Verdict.RIGHT)
            .orElse(false);
    Answers told = sitting.opening().answersUnder(course.activity().rules());
    this.bare = won || sitting.stage() == Stage.END && told != Answers.NEVER;
    this.whole = bare || audience != Audience.PLAYER;
    this.known = bare || audience == Audience.TEACHER;
  }

  RevealScene scene() {
    boolean begun = sitting.stage() != Stage.TITLE;
    int teams = sitting.opening().teams().size();
    boolean limited = reveal.guessing().most() != null;
    Integer turn = sitting.front().turn();
    boolean guesses = course.guesses(sitting);
    return new RevealScene(
        sheets(),
        begun && whole ? picture() : null,
        Picture.ratio(reveal.picture()),
        begun ? reveal.said() : null,
        known ? course.answer().orElse(null) : null,
        course.worth(sitting),
        limited && (teams == 0 || turn != null) ? course.left(sitting, turn) : null,
        limited
            ? IntStream.range(0, teams).map(team -> course.left(sitting, team)).boxed().toList()
            : List.of(),
        guesses,
        guesses && course.asksWho(sitting),
        guesses && sitting.stage() == Stage.BOARD && !course.anyLeft(sitting),
        sitting.entries().stream()
            .map(e -> new RevealScene.Tell(e.text(), e.verdict() == Verdict.RIGHT, e.team()))
            .toList());
  }

  /** What it shows is said once it is bare, also where whoever looks has it. */
  private @Nullable Picture picture() {
    Picture picture = reveal.picture();
    return picture == null || bare
        ? picture
        : new Picture(picture.medium(), "", picture.width(), picture.height(), picture.extra());
  }

  private List<RevealScene.Sheet> sheets() {
    List<RevealScene.Sheet> sheets = new ArrayList<>();
    for (PictureReveal.Laid laid : course.laid()) {
      sheets.add(sheet(laid.piece(), laid.patch()));
    }
    return List.copyOf(sheets);
  }

  private RevealScene.Sheet sheet(PicturePiece piece, Patch patch) {
    RevealScene.Lying lying = lying(piece);
    boolean seen = lying == RevealScene.Lying.LIFTED;
    boolean asks = lying == RevealScene.Lying.COVERED || lying == RevealScene.Lying.AGAIN;
    return new RevealScene.Sheet(
        lying == RevealScene.Lying.BLANK ? null : piece.question(),
        patch,
        lying,
        asks && sitting.stage() == Stage.BOARD,
        seen && !whole ? part(patch) : null,
        (seen || bare) && !piece.told().isEmpty() ? piece.told() : null);
  }

  private @Nullable String part(Patch patch) {
    Picture picture = reveal.picture();
    return picture == null
        ? null
        : new PicturePart(picture.medium(), patch.x(), patch.y(), patch.width(), patch.height())
            .name();
  }

  private RevealScene.Lying lying(PicturePiece piece) {
    String question = piece.lifting();
    if (question == null || !sitting.draw().counts(question)) {
      return RevealScene.Lying.BLANK;
    }
    Result result = sitting.resultOf(question).orElse(null);
    if (result != null) {
      return result.verdict() == Verdict.RIGHT ? RevealScene.Lying.LIFTED : RevealScene.Lying.STAYS;
    }
    if (question.equals(sitting.now())) {
      return RevealScene.Lying.NOW;
    }
    return sitting.effortFor(question).tries() > 0
        ? RevealScene.Lying.AGAIN
        : RevealScene.Lying.COVERED;
  }
}
