package bravium.core.samples;

import bravium.core.activity.Activity;
import bravium.core.answer.Comparing;
import bravium.core.games.picturereveal.Cut;
import bravium.core.games.picturereveal.GuessRule;
import bravium.core.games.picturereveal.Patch;
import bravium.core.games.picturereveal.PicturePiece;
import bravium.core.games.picturereveal.PictureReveal;
import bravium.core.games.picturereveal.RevealAction;
import bravium.core.json.Extra;
import bravium.core.play.Action;
import bravium.core.play.Sitting;
import bravium.core.question.Question;
import bravium.core.rich.Picture;
import bravium.core.rich.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Picture reveals and guesses at them: more pieces than questions, fewer, none of either. */
public final class RandomReveals {

  private static final List<String> ANSWERS =
      List.of("a honeycomb", "the queen", "улей", "خلية", "ひつじ", "café", "🐝", " ", "");

  private final Random random;

  public RandomReveals(Random random) {
    this.random = random;
  }

  /** Any reveal, unfinished questions and all. */
  public Activity any() {
    return of(new RandomActivities(random).any());
  }

  /** One in which every question can be asked and every piece has one. */
  public Activity finished(int questions) {
    Activity activity = of(new RandomActivities(random).finished(questions));
    PictureReveal reveal = (PictureReveal) activity.game();
    List<PicturePiece> pieces = new ArrayList<>();
    for (int i = 0; i < reveal.cut().size(); i++) {
      pieces.add(new PicturePiece("p" + i, question(reveal, i), "Part " + i, Extra.NONE));
    }
    return activity.withGame(reveal.withPieces(pieces));
  }

  private static String question(PictureReveal reveal, int i) {
    List<Question> questions = reveal.questions();
    return questions.get(i % questions.size()).id();
  }

  private Activity of(Activity other) {
    List<Question> questions =
        other.game().questions().subList(0, Math.min(30, other.game().questions().size()));
    return other.withGame(
        new PictureReveal(
            random.nextInt(6) == 0 ? null : new Picture("b".repeat(64), "What it hides"),
            random.nextBoolean() ? Words.of("Found under the lid") : null,
            cut(),
            pieces(questions),
            questions,
            List.of(ANSWERS.get(random.nextInt(4)), answer()),
            random.nextBoolean() ? Comparing.FAIR : Comparing.FAIR.forgivingSlips(),
            new GuessRule(
                random.nextInt(200),
                random.nextInt(30),
                random.nextBoolean() ? null : Integer.valueOf(1 + random.nextInt(4)),
                random.nextBoolean(),
                Extra.NONE),
            random.nextBoolean(),
            Extra.NONE));
  }

  private Cut cut() {
    List<Patch> uneven =
        List.of(
            new Patch(0, 0, 400, 1_000),
            new Patch(400, 0, 600, 300),
            new Patch(400, 300, 600, 700));
    return random.nextInt(4) == 0
        ? new Cut(1, 2, uneven, Extra.NONE)
        : Cut.of(1 + random.nextInt(3), 2 + random.nextInt(3));
  }

  private List<PicturePiece> pieces(List<Question> questions) {
    List<PicturePiece> pieces = new ArrayList<>();
    int count = random.nextInt(12);
    for (int i = 0; i < count; i++) {
      boolean none = questions.isEmpty() || random.nextInt(6) == 0;
      String question = none ? null : questions.get(random.nextInt(questions.size())).id();
      pieces.add(
          new PicturePiece(
              "p" + i, question, random.nextBoolean() ? "Part " + i : null, Extra.NONE));
    }
    return pieces;
  }

  private String answer() {
    return ANSWERS.get(random.nextInt(ANSWERS.size()));
  }

  /** A guess, right or wrong, or none any more. */
  public Action next(PictureReveal reveal, Sitting sitting) {
    if (random.nextInt(8) == 0) {
      return new Action.Own(new RevealAction.StopGuessing());
    }
    int teams = sitting.opening().teams().size();
    Integer team =
        teams == 0 || random.nextBoolean() ? null : Integer.valueOf(random.nextInt(teams));
    boolean knows = random.nextInt(6) == 0 && !reveal.accepted().isEmpty();
    String text =
        knows
            ? reveal.accepted().getFirst()
            : random.nextBoolean() ? "nothing " + random.nextInt(9) : answer();
    return new Action.Own(new RevealAction.Guess(text, team));
  }
}
