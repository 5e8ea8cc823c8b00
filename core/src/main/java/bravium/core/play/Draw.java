package bravium.core.play;

import bravium.core.activity.Activity;
import bravium.core.activity.Order;
import bravium.core.activity.Rules;
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
import java.util.Optional;
import java.util.Set;

/** What chance settled when a play opened: which questions, in which order, with which options. */
public record Draw(List<Drawn> questions) {

  /**
   * A question that is asked, or a card of information that is shown.
   *
   * @param question its id
   * @param options the ids of its options or cards, or the words of its bank, in the order they are
   *     shown
   * @param worth its worth in points
   * @param counts whether it counts as a question; information doesn't
   */
  public record Drawn(String question, List<String> options, int worth, boolean counts) {}

  /** Draws for a play. */
  static Draw of(Activity activity, Opening opening) {
    return of(activity, asked(activity, opening), opening);
  }

  /** Which questions are asked: where they are fewer than there are, chance chooses them. */
  public static List<Question> asked(Activity activity, Opening opening) {
    Rules rules = activity.rules();
    List<Question> pool = pool(activity, opening.rehearsal());
    if (opening.only() != null) {
      return pool.stream().filter(q -> q.id().equals(opening.only())).toList();
    }
    List<Question> mixed = Chance.of(opening.seed(), "questions").shuffled(pool);
    List<Question> asked = mixed.subList(0, asked(rules, pool.size()));
    if (rules.questionOrder() == Order.AS_WRITTEN) {
      Set<String> ids = new LinkedHashSet<>(asked.stream().map(Question::id).toList());
      asked = pool.stream().filter(q -> ids.contains(q.id())).toList();
    }
    return asked;
  }

  /** These questions in this order, with their cards of information. */
  private static Draw of(Activity activity, List<Question> asked, Opening opening) {
    List<Drawn> drawn = new ArrayList<>();
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
        waiting.add(question);
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

  /** How many are asked of as many as there are. */
  public static int asked(Rules rules, int pool) {
    return rules.ask() == null ? pool : Math.min(rules.ask(), pool);
  }

  /** How one question is shown in a play: chance for it doesn't depend on the other questions. */
  public static Drawn drawn(Question question, Rules rules, Opening opening) {
    return drawn(question, rules, order(question, rules, opening));
  }

  /** A question that is shown with its options in this order. */
  public static Drawn drawn(Question question, Rules rules, List<String> order) {
    return new Drawn(
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

  /** The ids of all that is drawn, in the order it comes. */
  public List<String> ids() {
    return questions.stream().map(Drawn::question).toList();
  }

  /** What counts as a question, in the order it comes. */
  public List<Drawn> counting() {
    return questions.stream().filter(Drawn::counts).toList();
  }

  /** The drawn question of that id. */
  public Optional<Drawn> find(String question) {
    return questions.stream().filter(d -> d.question().equals(question)).findFirst();
  }

  /** Whether a drawn question counts. */
  public boolean counts(String question) {
    return find(question).map(Drawn::counts).orElse(false);
  }

  /** The worth of a drawn question, in points. */
  int worthOf(String question) {
    return find(question).map(Drawn::worth).orElse(0);
  }

  /** This draw with one question that counts for nothing behind the others. */
  Draw withDecider(Question question, Rules rules, Opening opening) {
    List<Drawn> more = new ArrayList<>(questions);
    more.add(new Drawn(question.id(), order(question, rules, opening), 0, false));
    return new Draw(List.copyOf(more));
  }

  /** This draw with one question that is worth nothing. */
  Draw withoutWorthOf(String question) {
    List<Drawn> changed = new ArrayList<>(questions);
    changed.replaceAll(
        d -> d.question().equals(question) ? new Drawn(question, d.options(), 0, d.counts()) : d);
    return new Draw(List.copyOf(changed));
  }

  /** This draw with one question in another's place. */
  Draw with(Drawn joining, String leaving) {
    List<Drawn> changed = new ArrayList<>(questions);
    changed.replaceAll(d -> d.question().equals(leaving) ? joining : d);
    return new Draw(List.copyOf(changed));
  }
}
