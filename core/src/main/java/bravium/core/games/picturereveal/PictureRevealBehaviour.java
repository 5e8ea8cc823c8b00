package bravium.core.games.picturereveal;

import bravium.core.activity.Activity;
import bravium.core.games.Behaviour;
import bravium.core.games.Twin;
import bravium.core.play.Draw;
import bravium.core.play.Opening;
import bravium.core.play.Play;
import bravium.core.play.course.CoursePlay;
import bravium.core.question.Question;
import bravium.core.readiness.Finding;
import bravium.core.readiness.Guessing;
import bravium.core.readiness.Mend;
import bravium.core.readiness.Prospects;
import bravium.core.readiness.TimeLine;
import bravium.core.readiness.Winnable;
import bravium.core.rich.Picture;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** How a picture reveal behaves: a course of questions with a guess at the whole. */
public final class PictureRevealBehaviour implements Behaviour<PictureReveal> {

  @Override
  public Optional<Play> play(Activity activity, PictureReveal reveal) {
    return Optional.of(new CoursePlay(activity, new RevealCourse(activity, reveal)));
  }

  /** Who knows everything guesses right; who knows nothing never does, and has the pieces alone. */
  @Override
  public Prospects prospects(Activity activity, PictureReveal reveal, List<Question> pool) {
    boolean guessed = !reveal.right().isEmpty() && !pool.isEmpty();
    if (!reveal.byPieces()) {
      int asked = Draw.asked(activity.rules(), pool.size());
      return Prospects.ofItself(
          guessed ? Winnable.ALWAYS : Winnable.NEVER,
          Guessing.exactly(0),
          TimeLine.of(activity, pool, asked),
          pool.size());
    }
    Prospects pieces = Prospects.ofPoints(activity, pool);
    return new Prospects(
        pieces.passMark(),
        guessed ? Winnable.ALWAYS : pieces.winnable(),
        pieces.reach(),
        pieces.guessing(),
        false,
        pieces.time(),
        pieces.askable());
  }

  @Override
  public List<Finding> findings(Activity activity, PictureReveal reveal) {
    return PictureRevealChecks.of(activity, reveal);
  }

  @Override
  public PictureReveal mended(PictureReveal reveal, Finding finding) {
    boolean spread =
        finding.mend() == Mend.OF_GAME
            && PictureRevealChecks.WITHOUT_QUESTION.equals(finding.own());
    return spread ? Sharing.spread(reveal) : reveal;
  }

  /** Another answer, another description, and something else said of a piece. */
  @Override
  public Stream<Twin> twins(Activity activity, PictureReveal reveal, Opening opening) {
    List<Twin> twins = new ArrayList<>();
    PictureReveal other = reveal.accepting(List.of("quite another thing"));
    twins.add(new Twin(activity.withGame(other), opening, RevealCourse.GUESS));
    Picture picture = reveal.picture();
    if (picture != null) {
      Picture described =
          new Picture(
              picture.medium(),
              picture.alt() + " otherwise",
              picture.width(),
              picture.height(),
              picture.extra());
      twins.add(
          new Twin(activity.withGame(reveal.showing(described)), opening, RevealCourse.GUESS));
    }
    List<PicturePiece> laid = reveal.laid().stream().map(PictureReveal.Laid::piece).toList();
    for (PicturePiece piece : laid) {
      if (piece.question() != null && !piece.plain()) {
        List<PicturePiece> said =
            laid.stream().map(p -> p == piece ? p.saying("something else") : p).toList();
        twins.add(new Twin(activity.withGame(reveal.withPieces(said)), opening, piece.question()));
      }
    }
    return Stream.concat(twins.stream(), Twin.ofQuestions(activity, opening));
  }
}
