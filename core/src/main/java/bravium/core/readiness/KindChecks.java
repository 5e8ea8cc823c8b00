package bravium.core.readiness;

import bravium.core.answer.Comparison;
import bravium.core.answer.Judgement;
import bravium.core.answer.Mistake;
import bravium.core.answer.NumberRead;
import bravium.core.question.Arrangement;
import bravium.core.question.FractionTask;
import bravium.core.question.Gaps;
import bravium.core.question.Matching;
import bravium.core.question.Numeric;
import bravium.core.question.Ordering;
import bravium.core.question.PointAt;
import bravium.core.question.Question;
import bravium.core.question.Ranked;
import bravium.core.question.Sortable;
import bravium.core.question.Sorting;
import bravium.core.question.TypedText;
import bravium.core.rich.Texts;
import bravium.core.rich.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** What is worth a look in the kinds of questions that have no options. */
final class KindChecks {

  private final Question question;
  private final List<Finding> found = new ArrayList<>();

  private KindChecks(Question question) {
    this.question = question;
  }

  static List<Finding> of(Question question) {
    KindChecks checks = new KindChecks(question);
    switch (question) {
      case TypedText typed -> checks.read(typed);
      case Numeric number -> checks.read(number);
      case Gaps gaps -> checks.needs(gaps.complete(), Check.NO_GAPS);
      case Ordering order -> checks.read(order);
      case Matching pairs -> checks.needs(pairs.complete(), Check.FEW_PAIRS);
      case Sorting sorting -> checks.read(sorting);
      case PointAt point -> checks.read(point);
      case FractionTask fraction -> checks.read(fraction);
      default -> {}
    }
    return checks.found;
  }

  private void needs(boolean there, Check otherwise) {
    if (!there) {
      found.add(Finding.of(question.id(), otherwise, Weight.STOP).mendedBy(Mend.SWITCH_OFF));
    }
  }

  private void look(Check check, Object... values) {
    found.add(Finding.of(question.id(), check, Weight.LOOK, values));
  }

  private void read(TypedText typed) {
    needs(typed.complete(), Check.NO_ANSWER);
    Comparison all = typed.comparison();
    Comparison without = typed.withMistakes(List.of()).comparison();
    mistakes(
        typed.mistakes(),
        text -> all.right(text).isPresent(),
        text -> without.right(text).isPresent());
  }

  private void read(Numeric number) {
    needs(number.complete(), Check.NO_NUMBER);
    Numeric without = number.withMistakes(List.of());
    mistakes(
        number.mistakes(),
        text -> number.judge(text).map(Judgement::right).orElse(false),
        text -> without.judge(text).map(Judgement::right).orElse(false));
    number.numberRead().ifPresent(read -> read(number, read));
  }

  private void read(Numeric number, NumberRead read) {
    if (read.other() != null) {
      found.add(
          Finding.of(question.id(), Check.NUMBER_TWO_WAYS, Weight.LOOK, read.value(), read.other())
              .mendedBy(Mend.WRITE_NUMBER));
    }
    if (read.toleranceUnread()) {
      look(Check.TOLERANCE_UNREAD, Texts.trimmed(number.tolerance()));
    }
  }

  /** A listed wrong answer that counts as right all the same, or would if it were not listed. */
  private void mistakes(
      List<Mistake> listed, Predicate<String> isRight, Predicate<String> wouldBeRight) {
    for (Mistake mistake : listed) {
      String text = Texts.trimmed(mistake.text());
      if (!text.isEmpty() && isRight.test(text)) {
        look(Check.RIGHT_AND_WRONG, text);
      } else if (!text.isEmpty() && wouldBeRight.test(text)) {
        look(Check.MISTAKE_IS_RIGHT, text);
      }
    }
  }

  private void read(Sorting sorting) {
    needs(sorting.complete(), Check.FEW_GROUPS);
    for (Sortable card : sorting.cards()) {
      if (!card.text().blank() && sorting.placesOf(card).isEmpty()) {
        boolean apart =
            sorting.laidOut() == Arrangement.RINGS && !card.nowhere() && card.groups().size() > 1;
        look(
            apart ? Check.RINGS_APART : Check.CARD_WITHOUT_GROUP,
            Texts.trimmed(card.text().plain()));
      }
    }
    alike(sorting.written().stream().map(Sortable::text).toList());
  }

  private void read(Ordering order) {
    if (order.written().size() > 1) {
      needs(order.complete(), Check.ANY_ORDER);
    } else {
      needs(false, Check.FEW_CARDS);
    }
    alike(order.written().stream().map(Ranked::text).toList());
  }

  private void alike(List<Words> cards) {
    if (cards.size() > 1 && cards.stream().map(Words::key).distinct().count() == 1) {
      look(Check.CARDS_ALIKE);
    }
  }

  private void read(FractionTask fraction) {
    if (!fraction.complete()) {
      int cut =
          fraction.task() == FractionTask.FractionAsk.EQUAL
              ? fraction.beside().parts()
              : fraction.figure().parts();
      found.add(
          Finding.of(
                  question.id(),
                  Check.FRACTION_NOT_THERE,
                  Weight.STOP,
                  fraction.fraction().over(),
                  fraction.fraction().under(),
                  cut)
              .mendedBy(Mend.SWITCH_OFF));
    }
    if (fraction.figure().shaded().isEmpty()) {
      look(Check.NOTHING_SHADED);
    }
  }

  private void read(PointAt point) {
    needs(point.picture() != null, Check.NO_PICTURE);
    if (point.picture() != null) {
      needs(point.canBeRight(), Check.NO_RIGHT_AREA);
      if (Texts.blank(point.alt())) {
        look(Check.NO_ALT);
      }
    }
  }
}
