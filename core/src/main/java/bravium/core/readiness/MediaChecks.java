package bravium.core.readiness;

import bravium.core.activity.Activity;
import bravium.core.question.ChoiceQuestion;
import bravium.core.question.Matching;
import bravium.core.question.Option;
import bravium.core.question.Ordering;
import bravium.core.question.Question;
import bravium.core.question.Sorting;
import bravium.core.rich.Media;
import bravium.core.rich.Picture;
import bravium.core.rich.Sound;
import bravium.core.rich.Texts;
import bravium.core.rich.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.stream.Stream;

/**
 * Whether pictures are described and large enough for their places, and whether what is heard in
 * sounds is also written.
 */
final class MediaChecks {

  /**
   * The least pixels across of a picture in a question: half of what it gets on a projector of 1280
   * pixels. Less than that is visibly soft.
   */
  static final int IN_QUESTION = 320;

  /** The same of a picture on an option or a card. */
  static final int ON_CARD = 140;

  private final List<Finding> found = new ArrayList<>();

  private MediaChecks() {}

  static List<Finding> of(Activity activity) {
    MediaChecks checks = new MediaChecks();
    Stream.of(
            activity.titlePage().introduction(),
            activity.endings().win().text(),
            activity.endings().lose().text())
        .filter(words -> words != null)
        .forEach(
            words ->
                checks.read(
                    words,
                    IN_QUESTION,
                    (check, values) -> Finding.of(check, Weight.LOOK, Place.TITLE, values)));
    activity
        .game()
        .pictures()
        .forEach(
            picture ->
                checks.read(
                    picture,
                    IN_QUESTION,
                    (check, values) -> Finding.of(check, Weight.LOOK, Place.BOARD, values)));
    if (activity.sounds() != null && activity.sounds().music() != null) {
      checks.read(
          Words.of(List.of(activity.sounds().music())),
          IN_QUESTION,
          (check, values) -> Finding.of(check, Weight.LOOK, Place.LOOK, values));
    }
    for (Question question : activity.game().questions()) {
      if (!question.off() && question.started()) {
        checks.read(question);
      }
    }
    return checks.found;
  }

  private void read(Question question) {
    List<Words> onCards = new ArrayList<>();
    switch (question) {
      case ChoiceQuestion choice -> {
        for (Option option : choice.choices()) {
          onCards.add(option.text());
          read(
              option.text(),
              ON_CARD,
              (check, values) ->
                  Finding.of(question.id(), option.id(), check, Weight.LOOK, values));
        }
      }
      case Ordering order -> order.cards().forEach(card -> onCards.add(card.text()));
      case Sorting groups -> groups.cards().forEach(card -> onCards.add(card.text()));
      case Matching pairs ->
          pairs
              .pairs()
              .forEach(
                  pair -> {
                    onCards.add(pair.left().text());
                    onCards.add(pair.right().text());
                  });
      default -> {}
    }
    boolean told = question instanceof ChoiceQuestion;
    for (Words words : question.words()) {
      boolean card = onCards.stream().anyMatch(other -> other == words);
      if (!card || !told) {
        read(
            words,
            card ? ON_CARD : IN_QUESTION,
            (check, values) -> Finding.of(question.id(), check, Weight.LOOK, values));
      }
    }
  }

  private void read(Words words, int width, BiFunction<Check, Object[], Finding> finding) {
    for (Media medium : words.media()) {
      switch (medium) {
        case Picture picture -> read(picture, width, finding);
        case Sound sound -> {
          if (Texts.blank(sound.words())) {
            found.add(finding.apply(Check.NO_SOUND_WORDS, new Object[0]));
          }
        }
      }
    }
  }

  private void read(Picture picture, int width, BiFunction<Check, Object[], Finding> finding) {
    if (Texts.blank(picture.alt())) {
      found.add(finding.apply(Check.NO_ALT, new Object[0]));
    }
    if (picture.width() != null && Math.max(picture.width(), height(picture)) < width) {
      found.add(
          finding.apply(
              Check.SMALL_PICTURE, new Object[] {picture.width(), height(picture), width}));
    }
  }

  private static int height(Picture picture) {
    return picture.height() == null ? 0 : picture.height();
  }
}
