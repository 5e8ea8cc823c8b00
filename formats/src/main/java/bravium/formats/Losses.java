package bravium.formats;

import bravium.core.answer.Comparing;
import bravium.core.question.ChoiceQuestion;
import bravium.core.question.Credit;
import bravium.core.question.FractionTask;
import bravium.core.question.Gaps;
import bravium.core.question.Matching;
import bravium.core.question.Numeric;
import bravium.core.question.Option;
import bravium.core.question.Ordering;
import bravium.core.question.PickAll;
import bravium.core.question.PointAt;
import bravium.core.question.Question;
import bravium.core.question.Sorting;
import bravium.core.question.TypedText;
import bravium.core.question.UnknownQuestion;
import bravium.formats.writing.QuestionRow;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** What tables and lists can't hold of some questions. */
public final class Losses {

  /**
   * Something that is lost.
   *
   * @param what a key
   * @param questions of how many questions
   */
  public record Loss(String what, int questions) {}

  private Losses() {}

  /** What of these questions a table or a list can't hold, each kind of loss once. */
  public static List<Loss> of(List<Question> questions) {
    List<Loss> losses = new ArrayList<>();
    add(losses, "left-out", questions, Losses::isLeftOut);
    add(losses, "switched-off", questions, Question::off);
    add(losses, "formatting", questions, q -> !q.words().stream().allMatch(QuestionRow::holds));
    add(
        losses,
        "time",
        questions,
        q -> !(q instanceof UnknownQuestion) && q.basics().seconds() != null);
    add(losses, "options", questions, Losses::hasMoreInOptions);
    add(losses, "comparing", questions, Losses::comparesOtherwise);
    add(losses, "number", questions, Losses::isMoreThanANumber);
    add(losses, "credit", questions, Losses::creditsOtherwise);
    add(losses, "arrangement", questions, Losses::isArrangedOtherwise);
    return losses;
  }

  private static boolean isLeftOut(Question question) {
    return question instanceof PointAt
        || question instanceof FractionTask
        || question instanceof UnknownQuestion;
  }

  private static void add(
      List<Loss> losses, String what, List<Question> questions, Predicate<Question> lost) {
    int count = (int) questions.stream().filter(lost).count();
    if (count > 0) {
      losses.add(new Loss(what, count));
    }
  }

  private static boolean hasMoreInOptions(Question question) {
    return question instanceof ChoiceQuestion choice
        && (choice.choices().stream().anyMatch(Losses::hasMore) || !choice.strikeOrder().isEmpty());
  }

  private static boolean hasMore(Option option) {
    return option.pinned() || option.feedback() != null && !option.feedback().blank();
  }

  private static boolean comparesOtherwise(Question question) {
    Comparing usual = Comparing.FAIR.forgivingSlips();
    return switch (question) {
      case TypedText typed ->
          !typed.comparing().equals(usual)
              || typed.mistakes().stream().anyMatch(m -> m.feedback() != null);
      case Gaps gaps -> !gaps.comparing().equals(usual) || gaps.filling() != Gaps.Filling.DRAGGED;
      default -> false;
    };
  }

  private static boolean isMoreThanANumber(Question question) {
    return question instanceof Numeric number
        && (number.tolerance() != null
            || !number.units().isEmpty()
            || number.fractions()
            || number.percent()
            || number.lowestTerms()
            || number.mistakes().stream().anyMatch(m -> m.feedback() != null));
  }

  private static boolean creditsOtherwise(Question question) {
    return switch (question) {
      case PickAll all -> all.credit() != Credit.ALL_OR_NOTHING;
      case Gaps gaps -> gaps.credit() != Credit.EACH_RIGHT_COUNTS;
      case Ordering order -> order.credit() != Credit.EACH_RIGHT_COUNTS;
      case Matching pairs -> pairs.credit() != Credit.EACH_RIGHT_COUNTS;
      case Sorting groups -> groups.credit() != Credit.EACH_RIGHT_COUNTS;
      default -> false;
    };
  }

  /** Rings, tables, cards in several groups or in none, orders with ties, several partners. */
  private static boolean isArrangedOtherwise(Question question) {
    return switch (question) {
      case Ordering order ->
          order.scoring() != null
              || order.cards().stream().anyMatch(card -> card.level() || !card.after().isEmpty());
      case Matching pairs -> pairs.oneToMany();
      case Sorting groups ->
          groups.arrangement() != null
              || groups.outside()
              || groups.atOnce()
              || groups.misplaced() != null
              || groups.cards().stream()
                  .anyMatch(card -> card.groups().size() > 1 || card.nowhere());
      default -> false;
    };
  }
}
