package bravium.core.play;

import bravium.core.activity.Activity;
import bravium.core.activity.Order;
import bravium.core.activity.Rules;
import bravium.core.question.Option;
import bravium.core.question.Question;
import bravium.core.question.TrueFalse;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What chance settled when a play opened: which questions, in which order, with which options. */
public record Draw(List<Drawn> questions) {

  /**
   * A question that is asked.
   *
   * @param question its id
   * @param options the ids of its options in the order they are shown
   */
  public record Drawn(String question, List<String> options) {}

  /** Draws for a play. With fewer asked than there are, those asked are chosen by chance. */
  static Draw of(Activity activity, Opening opening) {
    Rules rules = activity.rules();
    List<Question> pool = pool(activity, opening.rehearsal());
    List<Question> mixed = Chance.of(opening.seed(), "questions").shuffled(pool);
    List<Question> asked = mixed.subList(0, asked(rules, pool.size()));
    if (rules.questionOrder() == Order.AS_WRITTEN) {
      Set<String> ids = new LinkedHashSet<>(asked.stream().map(Question::id).toList());
      asked = pool.stream().filter(q -> ids.contains(q.id())).toList();
    }
    return new Draw(asked.stream().map(q -> drawn(q, rules, opening)).toList());
  }

  /** The questions that can be drawn, as written: all answerable ones, or all started ones. */
  public static List<Question> pool(Activity activity, boolean rehearsal) {
    return activity.game().questions().stream()
        .filter(q -> q.answerable() || rehearsal && q.started() && !q.off())
        .toList();
  }

  /** How many are asked of as many as there are. */
  public static int asked(Rules rules, int pool) {
    return rules.ask() == null ? pool : Math.min(rules.ask(), pool);
  }

  /** How one question is shown in a play: chance for it doesn't depend on the other questions. */
  public static Drawn drawn(Question question, Rules rules, Opening opening) {
    boolean mixed = rules.optionOrder() == Order.MIXED && !(question instanceof TrueFalse);
    if (!mixed) {
      return new Drawn(question.id(), question.choices().stream().map(Option::id).toList());
    }
    List<String> loose =
        question.choices().stream().filter(o -> !o.pinned()).map(Option::id).toList();
    List<String> shuffled = Chance.of(opening.seed(), "options/" + question.id()).shuffled(loose);
    return new Drawn(question.id(), aroundPins(question, shuffled));
  }

  /** The options in this order, with the pinned ones where they were written. */
  public static List<String> aroundPins(Question question, List<String> order) {
    List<String> placed = new ArrayList<>();
    Iterator<String> loose =
        order.stream()
            .filter(id -> question.choice(id).map(o -> !o.pinned()).orElse(false))
            .iterator();
    question.choices().forEach(o -> placed.add(o.pinned() ? o.id() : loose.next()));
    return List.copyOf(placed);
  }

  /** The questions' ids in the order they are asked. */
  public List<String> ids() {
    return questions.stream().map(Drawn::question).toList();
  }

  /** The drawn question of that id. */
  public Optional<Drawn> find(String question) {
    return questions.stream().filter(d -> d.question().equals(question)).findFirst();
  }

  /** This draw with one question in another's place. */
  Draw with(Drawn joining, String leaving) {
    List<Drawn> changed = new ArrayList<>(questions);
    changed.replaceAll(d -> d.question().equals(leaving) ? joining : d);
    return new Draw(List.copyOf(changed));
  }
}
