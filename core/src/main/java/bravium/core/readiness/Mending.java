package bravium.core.readiness;

import bravium.core.activity.Activity;
import bravium.core.activity.Clock;
import bravium.core.activity.Order;
import bravium.core.activity.Prices;
import bravium.core.activity.Rules;
import bravium.core.activity.Tries;
import bravium.core.question.Credit;
import bravium.core.question.Marking;
import bravium.core.question.Numeric;
import bravium.core.question.Option;
import bravium.core.question.PickAll;
import bravium.core.question.PickOne;
import bravium.core.question.Question;
import bravium.core.rich.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** Does what a finding offers. */
public final class Mending {

  private final Activity activity;
  private final Finding finding;
  private final GameChecks game;

  private Mending(Activity activity, Finding finding, GameChecks game) {
    this.activity = activity;
    this.finding = finding;
    this.game = game;
  }

  /**
   * The activity with this finding mended. It is as it was if the finding has no mend, or if what
   * it is about has gone.
   */
  public static Activity mend(Activity activity, Finding finding, GameChecks game) {
    return finding.mend() == null
        ? activity
        : new Mending(activity, finding, game).by(finding.mend());
  }

  private Activity by(Mend mend) {
    Rules rules = activity.rules();
    return switch (mend) {
      case REMOVE_OPTION -> options(this::without);
      case KEEP_FIRST_RIGHT -> options(Mending::onlyFirstRight);
      case PIN_LAST -> options(this::pinnedLast);
      case SWITCH_OFF -> question(question -> question.switched(true));
      case SWITCH_ON_ALL -> questions(question -> question.switched(false));
      case ASK_ALL -> activity.withRules(rules.withAsk(null));
      case ASK_FEWER -> activity.withRules(rules.withAsk(value(1)));
      case MIX_OPTIONS -> activity.withRules(rules.withOptionOrder(Order.MIXED));
      case USUAL_WORTH ->
          questions(Mending::withoutWorthOfNothing).withRules(rules.withWorth(Rules.USUAL_WORTH));
      case USUAL_PASS_MARK -> activity.withRules(rules.withPassMark(Rules.USUAL_PASS_MARK));
      case SET_PASS_MARK -> activity.withRules(rules.withPassMark(lastValue()));
      case WRONG_COSTS ->
          question(q -> q instanceof PickAll all ? all.withCredit(Credit.WRONG_COSTS) : q);
      case SET_LIVES -> activity.withRules(rules.withLives(value(1)));
      case LOWER_PRICES -> activity.withRules(rules.withPrices(lowered(rules.costs(), value(1))));
      case USUAL_CLOCK -> timed();
      case SET_TRIES ->
          activity.withRules(
              rules.withTries(value(1) == 1 ? null : new Tries(Tries.Again.AT_ONCE, value(1))));
      case WRITE_NUMBER ->
          question(q -> q instanceof Numeric n ? n.withValue(finding.values().getFirst()) : q);
      case NO_LIVES -> activity.withRules(rules.withLives(null));
      case NO_DECIDER ->
          rules.teams() == null
              ? activity
              : activity.withRules(rules.withTeams(rules.teams().withDecider(false)));
      case ASK_SO_MANY -> activity.withRules(rules.withAsk(value(0)));
      case SET_SECONDS -> question(q -> q.with(q.basics().withSeconds(lastValue())));
      case SET_CLOCK -> activity.withRules(rules.withClock(new Clock(Clock.Per.GAME, lastValue())));
      case MEND_LOOK ->
          activity.look() == null ? activity : activity.withLook(activity.look().mended());
      case OF_GAME -> activity.withGame(game.mended(activity.game(), finding));
      case REMOVE_HINT -> question(q -> q.with(q.basics().withHints(hintsWithout(q, value(0)))));
    };
  }

  /** A clock for each question; a clock of the game stays, and each gets a time of its own. */
  private Activity timed() {
    Rules rules = activity.rules();
    Activity clocked =
        rules.clock() == null
            ? activity.withRules(
                rules.withClock(new Clock(Clock.Per.QUESTION, Rules.USUAL_SECONDS)))
            : activity;
    Integer year = activity.titlePage().year();
    return clocked.withQuestions(
        clocked.game().questions().stream()
            .map(
                question -> {
                  int needed = ClockChecks.secondsFor(question, year);
                  Integer there = clocked.rules().secondsFor(question);
                  boolean marked = question.marking() != Marking.NONE;
                  boolean own = activity.rules().secondsFor(question) != null;
                  return !marked || own || there != null && there >= needed
                      ? question
                      : question.with(question.basics().withSeconds(needed));
                })
            .toList());
  }

  private int value(int place) {
    return Integer.parseInt(finding.values().get(place));
  }

  private int lastValue() {
    return value(finding.values().size() - 1);
  }

  private static Question withoutWorthOfNothing(Question question) {
    Integer own = question.basics().worth();
    return own != null && own == 0 ? question.with(question.basics().withWorth(null)) : question;
  }

  private static Prices lowered(Prices prices, int most) {
    return new Prices(
        Math.min(prices.hint(), most), Math.min(prices.wrong(), most), prices.extra());
  }

  /** Its number counts the hints that are written. */
  private static List<Words> hintsWithout(Question question, int number) {
    List<Words> hints = new ArrayList<>(question.hints());
    if (number <= hints.size()) {
      hints.remove(number - 1);
    }
    return List.copyOf(hints);
  }

  private Activity questions(UnaryOperator<Question> change) {
    return activity.withQuestions(activity.game().questions().stream().map(change).toList());
  }

  private Activity question(UnaryOperator<Question> change) {
    return questions(q -> q.id().equals(finding.question()) ? change.apply(q) : q);
  }

  private Activity options(UnaryOperator<List<Option>> change) {
    return question(
        q ->
            switch (q) {
              case PickOne one -> one.withOptions(change.apply(one.options()));
              case PickAll all -> all.withOptions(change.apply(all.options()));
              default -> q;
            });
  }

  private List<Option> without(List<Option> options) {
    return options.stream().filter(o -> !o.id().equals(finding.option())).toList();
  }

  private List<Option> pinnedLast(List<Option> options) {
    List<Option> changed = new ArrayList<>(without(options));
    options.stream()
        .filter(o -> o.id().equals(finding.option()))
        .forEach(o -> changed.add(o.withPin()));
    return changed;
  }

  private static List<Option> onlyFirstRight(List<Option> options) {
    List<Option> changed = new ArrayList<>();
    boolean found = false;
    for (Option option : options) {
      changed.add(option.withRight(option.right() && !found));
      found |= option.right();
    }
    return changed;
  }
}
