package bravium.core.play.course;

import bravium.core.activity.Activity;
import bravium.core.activity.Order;
import bravium.core.activity.Rules;
import bravium.core.play.Chance;
import bravium.core.play.Draw;
import bravium.core.play.Opening;
import bravium.core.question.ChoiceQuestion;
import bravium.core.question.Information;
import bravium.core.question.Option;
import bravium.core.question.Question;
import bravium.core.question.TrueFalse;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Which questions a play asks, in which order, with which order of options. */
public final class Asking {

  private Asking() {}

  /**
   * Draws for a play.
   *
   * @param pool as {@link #pool} gives it for such a play
   */
  static Draw draw(Activity activity, List<Question> pool, Opening opening) {
    return drawn(activity, asked(activity, pool, opening), opening);
  }

  /** Which questions are asked: where they are fewer than there are, chance chooses them. */
  public static List<Question> asked(Activity activity, Opening opening) {
    return asked(activity, pool(activity, opening.rehearsal()), opening);
  }

  private static List<Question> asked(Activity activity, List<Question> pool, Opening opening) {
    Rules rules = activity.rules();
    if (opening.only() != null) {
      return pool.stream().filter(q -> q.id().equals(opening.only())).toList();
    }
    List<Question> mixed = Chance.of(opening.seed(), "questions").shuffled(pool);
    List<Question> asked = mixed.subList(0, Draw.asked(rules, pool.size()));
    if (rules.questionOrder() == Order.AS_WRITTEN) {
      Set<String> ids = new LinkedHashSet<>(asked.stream().map(Question::id).toList());
      asked = pool.stream().filter(q -> ids.contains(q.id())).toList();
    }
    return asked;
  }

  /** These questions in this order, with their cards of information. */
  private static Draw drawn(Activity activity, List<Question> asked, Opening opening) {
    List<Draw.Drawn> drawn = new ArrayList<>();
    List<Question> shown = opening.only() == null ? withInformation(activity, asked) : asked;
    for (Question question : shown) {
      drawn.add(drawn(question, activity.rules(), opening));
    }
    return new Draw(List.copyOf(drawn));
  }

  /** The questions that can be drawn, as written: all answerable ones, or all started ones. */
  public static List<Question> pool(Activity activity, boolean rehearsal) {
    return activity.game().questions().stream()
        .filter(q -> !(q instanceof Information) && activity.game().asks(q))
        .filter(q -> isShown(q, rehearsal))
        .toList();
  }

  private static boolean isShown(Question question, boolean rehearsal) {
    return question.answerable() || rehearsal && question.started() && !question.off();
  }

  /**
   * These questions with their cards of information. Information comes right before the question
   * that is written after it, if that is asked; what is written behind the last question comes at
   * the end.
   */
  public static List<Question> withInformation(Activity activity, List<Question> asked) {
    Map<String, List<Question>> before = new LinkedHashMap<>();
    List<Question> waiting = new ArrayList<>();
    for (Question question : activity.game().questions()) {
      if (question instanceof Information && question.answerable()) {
        if (activity.game().asks(question)) {
          waiting.add(question);
        }
      } else if (isShown(question, true)) {
        before.put(question.id(), waiting);
        waiting = new ArrayList<>();
      }
    }
    List<Question> all = new ArrayList<>();
    for (Question question : asked) {
      all.addAll(before.getOrDefault(question.id(), List.of()));
      all.add(question);
    }
    all.addAll(waiting);
    return all;
  }

  /** How one question is shown in a play: chance for it doesn't depend on the other questions. */
  public static Draw.Drawn drawn(Question question, Rules rules, Opening opening) {
    return drawn(question, rules, order(question, rules, opening));
  }

  /** A question that is shown with its options in this order. */
  public static Draw.Drawn drawn(Question question, Rules rules, List<String> order) {
    return new Draw.Drawn(
        question.id(), order, rules.worthOf(question), !(question instanceof Information));
  }

  private static List<String> order(Question question, Rules rules, Opening opening) {
    String stream = "options/" + question.id();
    if (question.orderIsTheAnswer()) {
      List<String> items = question.items().stream().sorted().toList();
      return Chance.of(opening.seed(), stream).shuffled(items);
    }
    boolean mixed = rules.optionOrder() == Order.MIXED && !(question instanceof TrueFalse);
    if (!mixed || !(question instanceof ChoiceQuestion choice)) {
      return question.items();
    }
    List<String> loose =
        choice.choices().stream().filter(o -> !o.pinned()).map(Option::id).toList();
    return aroundPins(question, Chance.of(opening.seed(), stream).shuffled(loose));
  }

  /**
   * The options in this order, with the pinned ones where they were written.
   *
   * @param order ids of the question's own options
   */
  public static List<String> aroundPins(Question question, List<String> order) {
    if (!(question instanceof ChoiceQuestion choice)) {
      return order;
    }
    List<Option> written = choice.choices();
    List<String> pinned = written.stream().filter(Option::pinned).map(Option::id).toList();
    if (pinned.isEmpty()) {
      return order;
    }
    List<String> placed = new ArrayList<>();
    Iterator<String> loose = order.stream().filter(id -> !pinned.contains(id)).iterator();
    written.forEach(o -> placed.add(o.pinned() ? o.id() : loose.next()));
    return List.copyOf(placed);
  }

  /** A question that counts for nothing: it decides a tie. */
  static Draw.Drawn decider(Question question, Rules rules, Opening opening) {
    return new Draw.Drawn(question.id(), order(question, rules, opening), 0, false);
  }
}
