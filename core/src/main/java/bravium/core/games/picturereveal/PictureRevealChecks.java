package bravium.core.games.picturereveal;

import bravium.core.activity.Activity;
import bravium.core.answer.Comparison;
import bravium.core.question.Question;
import bravium.core.question.Spot;
import bravium.core.readiness.Finding;
import bravium.core.readiness.Mend;
import bravium.core.readiness.Weight;
import bravium.core.rich.Picture;
import bravium.core.rich.Words;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What is worth a look in a picture reveal alone. */
final class PictureRevealChecks {

  /** There is no picture. */
  static final String NO_PICTURE = "reveal-no-picture";

  /** No guess is right, so that nobody can win by one. */
  static final String NO_ANSWER = "reveal-no-answer";

  /** Pieces have no question: they stay until the end. Value: how many. */
  static final String WITHOUT_QUESTION = "reveal-without-question";

  /** A question that a piece waits for is still empty. Value: the number of the piece. */
  static final String EMPTY_QUESTION = "reveal-empty-question";

  /** A question covers no piece: it is asked nowhere. */
  static final String WITHOUT_PIECE = "reveal-without-piece";

  /** A question, or what is said before, names the answer. Value: the answer. */
  static final String GIVEN_AWAY = "reveal-given-away";

  /** The picture stands in a question as well. */
  static final String SHOWN_ELSEWHERE = "reveal-shown-elsewhere";

  /** A piece is too small to be seen. Values: its shorter side in pixels, the fewest. */
  static final String TOO_SMALL = "reveal-too-small";

  /** A guess brings nothing from so many lifted pieces on. Values: how many, how many there are. */
  static final String WORTHLESS = "reveal-worthless";

  /** A piece is seen from the back row from so many of its own pixels on (common practice). */
  private static final int FEWEST_PIXELS = 40;

  private final PictureReveal reveal;
  private final List<Finding> found = new ArrayList<>();

  private PictureRevealChecks(PictureReveal reveal) {
    this.reveal = reveal;
  }

  static List<Finding> of(Activity activity, PictureReveal reveal) {
    PictureRevealChecks checks = new PictureRevealChecks(reveal);
    checks.picture();
    checks.answer(activity);
    checks.pieces();
    return checks.found;
  }

  private void picture() {
    Picture picture = reveal.picture();
    if (picture == null) {
      found.add(Finding.own(NO_PICTURE, null, Weight.LOOK));
      return;
    }
    if (picture.width() != null && picture.height() != null) {
      long least = Long.MAX_VALUE;
      for (Patch patch : reveal.cut().patches()) {
        long width = (long) picture.width() * patch.width() / Spot.WHOLE;
        long height = (long) picture.height() * patch.height() / Spot.WHOLE;
        least = Math.min(least, Math.min(width, height));
      }
      if (least < FEWEST_PIXELS) {
        found.add(Finding.own(TOO_SMALL, null, Weight.LOOK, least, FEWEST_PIXELS));
      }
    }
    for (Question question : reveal.questions()) {
      boolean shown =
          question.words().stream()
              .flatMap(words -> words.media().stream())
              .anyMatch(medium -> medium.medium().equals(picture.medium()));
      if (shown) {
        found.add(Finding.own(SHOWN_ELSEWHERE, question.id(), Weight.STOP));
      }
    }
  }

  private void answer(Activity activity) {
    List<String> right = reveal.right();
    if (right.isEmpty()) {
      found.add(Finding.own(NO_ANSWER, null, reveal.byPieces() ? Weight.LOOK : Weight.STOP));
      return;
    }
    for (Question question : reveal.questions()) {
      told(question.words(), right, question.id());
    }
    List<Words> before = new ArrayList<>();
    before.add(Words.of(activity.titlePage().title()));
    if (activity.titlePage().introduction() != null) {
      before.add(activity.titlePage().introduction());
    }
    if (reveal.said() != null) {
      before.add(reveal.said());
    }
    told(before, right, null);
    int size = reveal.cut().size();
    GuessRule rule = reveal.guessing();
    for (int lifted = 0; lifted < size; lifted++) {
      if (rule.worth(lifted) == 0) {
        found.add(Finding.own(WORTHLESS, null, Weight.LOOK, lifted, size));
        return;
      }
    }
  }

  private void told(List<Words> words, List<String> right, @Nullable String question) {
    for (String answer : right) {
      String name = " " + Comparison.fair(answer) + " ";
      boolean there =
          words.stream().anyMatch(w -> (" " + Comparison.fair(w.plain()) + " ").contains(name));
      if (there) {
        found.add(Finding.own(GIVEN_AWAY, question, Weight.LOOK, answer));
        return;
      }
    }
  }

  private void pieces() {
    Set<String> asked = new LinkedHashSet<>(Sharing.asked(reveal));
    Set<String> used = new LinkedHashSet<>();
    int without = 0;
    int number = 0;
    for (PictureReveal.Laid laid : reveal.laid()) {
      String question = laid.piece().question();
      number++;
      if (question != null && isEmpty(question)) {
        found.add(Finding.own(EMPTY_QUESTION, question, Weight.LOOK, number).about("" + number));
      }
      if (question != null && asked.contains(question)) {
        used.add(question);
      } else if (!laid.piece().plain()) {
        without++;
      }
    }
    if (without > 0 && !asked.isEmpty()) {
      Finding finding = Finding.own(WITHOUT_QUESTION, null, Weight.LOOK, without);
      found.add(finding.mendedBy(Mend.OF_GAME));
    }
    for (Question question : reveal.questions()) {
      if (asked.contains(question.id()) && !used.contains(question.id()) && question.started()) {
        found.add(Finding.own(WITHOUT_PIECE, question.id(), Weight.LOOK));
      }
    }
  }

  private boolean isEmpty(String id) {
    return reveal.questions().stream()
        .anyMatch(question -> question.id().equals(id) && !question.off() && !question.started());
  }
}
