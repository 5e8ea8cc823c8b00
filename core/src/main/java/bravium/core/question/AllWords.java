package bravium.core.question;

import bravium.core.answer.Mistake;
import bravium.core.rich.Words;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** All words of a question that can hold pictures and sounds, wherever they stand in it. */
final class AllWords {

  private final List<Words> words = new ArrayList<>();

  private AllWords() {}

  static List<Words> of(Question question) {
    AllWords all = new AllWords();
    all.basics(question.basics());
    switch (question) {
      case PickOne one -> one.options().forEach(all::option);
      case PickAll several -> several.options().forEach(all::option);
      case TypedText typed -> typed.mistakes().forEach(all::mistake);
      case Numeric number -> number.mistakes().forEach(all::mistake);
      case Ordering order -> order.cards().forEach(card -> all.add(card.text()));
      case Matching pairs ->
          pairs
              .pairs()
              .forEach(
                  pair -> {
                    all.card(pair.left());
                    pair.partners().forEach(all::card);
                  });
      case Sorting groups -> {
        groups.groups().forEach(all::card);
        groups.rows().forEach(all::card);
        groups.cards().forEach(card -> all.add(card.text()));
      }
      case PointAt point -> point.areas().forEach(area -> all.add(area.feedback()));
      case TrueFalse truth -> {}
      case FractionTask fraction -> {}
      case Gaps gaps -> {}
      case OwnWordsQuestion own -> {}
      case Information information -> {}
      case UnknownQuestion unknown -> {}
    }
    return List.copyOf(all.words);
  }

  private void basics(Basics basics) {
    add(basics.text());
    add(basics.feedback().right());
    add(basics.feedback().wrong());
    add(basics.feedback().again());
    basics.hints().forEach(this::add);
  }

  private void option(Option option) {
    add(option.text());
    add(option.feedback());
  }

  private void mistake(Mistake mistake) {
    add(mistake.feedback());
  }

  private void card(Card card) {
    add(card.text());
  }

  private void add(@Nullable Words some) {
    if (some != null) {
      words.add(some);
    }
  }
}
