package bravium.core.games.picturereveal;

import bravium.core.answer.Comparing;
import bravium.core.games.GameData;
import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.json.Root;
import bravium.core.question.Ids;
import bravium.core.question.Question;
import bravium.core.rich.Picture;
import bravium.core.rich.Texts;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A picture under pieces, each with a question.
 *
 * @param picture the covered one, with what it shows, which is said once it is bare; null while
 *     there is none
 * @param said what may be said of the picture while it is covered; null for nothing
 * @param pieces those of which something is written, in the order of the cut; what is more than the
 *     cut makes is left out
 * @param questions at most {@value #MOST_QUESTIONS}
 * @param accepted the guesses that are right; blank ones are passed over
 * @param comparing how strictly guesses are compared
 * @param byPieces whether the pass mark over the pieces wins, too, where nobody guessed right
 */
@Root
public record PictureReveal(
    @Nullable Picture picture,
    @Nullable Words said,
    Cut cut,
    @Range(max = Cut.MOST) List<PicturePiece> pieces,
    @Range(max = MOST_QUESTIONS) List<Question> questions,
    @Range(max = MOST_ACCEPTED) List<String> accepted,
    Comparing comparing,
    GuessRule guessing,
    boolean byPieces,
    @JsonIgnore Extra extra)
    implements GameData {

  /** The name of its kind. */
  public static final String KIND = "picture-reveal";

  /** The most questions: one for each piece, and cards of information between them. */
  public static final int MOST_QUESTIONS = 100;

  /** The most guesses that are right. */
  public static final int MOST_ACCEPTED = 30;

  /** Checks numbers and ids. */
  public PictureReveal {
    if (questions.size() > MOST_QUESTIONS) {
      throw new IllegalArgumentException(
          "a picture reveal has at most " + MOST_QUESTIONS + " questions");
    }
    if (pieces.size() > Cut.MOST) {
      throw new IllegalArgumentException("a picture reveal has at most " + Cut.MOST + " pieces");
    }
    if (accepted.size() > MOST_ACCEPTED) {
      throw new IllegalArgumentException("at most " + MOST_ACCEPTED + " guesses are right");
    }
    Ids.requireDistinct("question", questions.stream().map(Question::id).toList());
    Ids.requireDistinct("piece", pieces.stream().map(PicturePiece::id).toList());
  }

  /** The same with other pieces. */
  public PictureReveal withPieces(List<PicturePiece> changed) {
    return new PictureReveal(
        picture,
        said,
        cut,
        List.copyOf(changed),
        questions,
        accepted,
        comparing,
        guessing,
        byPieces,
        extra);
  }

  /** The same, cut in another way. */
  PictureReveal cutAs(Cut changed) {
    return new PictureReveal(
        picture, said, changed, pieces, questions, accepted, comparing, guessing, byPieces, extra);
  }

  /** The same with another picture. */
  PictureReveal showing(Picture changed) {
    return new PictureReveal(
        changed, said, cut, pieces, questions, accepted, comparing, guessing, byPieces, extra);
  }

  /** The same with other right guesses. */
  PictureReveal accepting(List<String> changed) {
    return new PictureReveal(
        picture,
        said,
        cut,
        pieces,
        questions,
        List.copyOf(changed),
        comparing,
        guessing,
        byPieces,
        extra);
  }

  @Override
  public PictureReveal withQuestions(List<Question> changed) {
    return new PictureReveal(
        picture,
        said,
        cut,
        pieces,
        List.copyOf(changed),
        accepted,
        comparing,
        guessing,
        byPieces,
        extra);
  }

  /** The guesses that are right, with something written in them. */
  List<String> right() {
    return accepted.stream().filter(text -> !Texts.blank(text)).toList();
  }

  /** A piece, with the question that lifts it if one does, and where it lies. */
  record Laid(PicturePiece piece, Patch patch) {}

  /** All pieces of the cut, each with its place and its question. */
  List<Laid> laid() {
    List<String> asked = Sharing.asked(this);
    List<String> free = new ArrayList<>(asked);
    pieces.stream().limit(cut.size()).forEach(piece -> free.remove(piece.question()));
    List<Patch> patches = cut.patches();
    List<Laid> laid = new ArrayList<>();
    for (int i = 0; i < patches.size(); i++) {
      PicturePiece piece = i < pieces.size() ? pieces.get(i) : PicturePiece.of("piece " + i, null);
      boolean own = piece.plain() || asked.contains(String.valueOf(piece.question()));
      if (!own) {
        piece = piece.under(free.isEmpty() ? null : free.removeFirst());
      }
      laid.add(new Laid(piece, patches.get(i)));
    }
    return laid;
  }

  @Override
  public String kind() {
    return KIND;
  }

  @Override
  public List<Words> words() {
    List<Words> all = new ArrayList<>();
    if (said != null) {
      all.add(said);
    }
    all.addAll(GameData.super.words());
    accepted.forEach(text -> all.add(Words.of(text)));
    return all;
  }

  @Override
  public List<Picture> pictures() {
    return picture == null ? List.of() : List.of(picture);
  }

  @Override
  public Set<String> hidden() {
    Set<String> hidden = new LinkedHashSet<>();
    if (picture != null) {
      hidden.add(picture.medium());
    }
    return hidden;
  }
}
