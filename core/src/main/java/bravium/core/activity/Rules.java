package bravium.core.activity;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.question.Basics;
import bravium.core.question.Marking;
import bravium.core.question.Question;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/**
 * The few rules that every game with questions shares.
 *
 * @param ask how many questions are asked, from 1; null asks all
 * @param worth the points of each question that has no worth of its own, 0 to {@value #MOST_WORTH}
 * @param passMark the share of the points that wins, in per cent, 0 to 100
 * @param thinking where the teacher expects other thinking times than the usual ones; they matter
 *     for the time line alone
 * @param tries how often a question may be tried; null for one go each
 * @param prices what costs points; null for nothing
 * @param lives how many wrong answers are allowed before the game is lost, 0 to {@value
 *     #MOST_LIVES}; null for any number
 * @param clock null for no clock
 * @param bonus null for none
 * @param answers when learners see what would have been right; null for {@link
 *     Answers#AFTER_LAST_TRY}
 * @param teams who plays at the front of the class; null for no teams. A learner on her own device
 *     plays alone
 * @param startAgain whether a learner can begin anew at any time; what she did before is kept
 */
public record Rules(
    @Range(min = 1) @Nullable Integer ask,
    Order questionOrder,
    Order optionOrder,
    @Range(min = 0, max = MOST_WORTH) int worth,
    @Range(min = 0, max = 100) int passMark,
    @Range(max = MOST_THINKING) List<Thinking> thinking,
    @Nullable Tries tries,
    @Nullable Prices prices,
    @Range(min = 0, max = MOST_LIVES) @Nullable Integer lives,
    @Nullable Clock clock,
    @Nullable Bonus bonus,
    @Nullable Answers answers,
    @Nullable Teams teams,
    boolean startAgain,
    @JsonIgnore Extra extra) {

  /** The most that a question can be worth, in points. */
  public static final int MOST_WORTH = Basics.MOST_WORTH;

  /** More kinds of questions than there are. */
  public static final int MOST_THINKING = 100;

  /** More lives are none at all. */
  public static final int MOST_LIVES = 99;

  /** The usual worth of a question, in points (common practice). */
  public static final int USUAL_WORTH = 10;

  /** The usual time for a question, in seconds (common practice). */
  public static final int USUAL_SECONDS = 30;

  /** The usual pass mark, in per cent (common practice). */
  public static final int USUAL_PASS_MARK = 80;

  /** Checks the ranges. */
  public Rules {
    if (ask != null && ask < 1) {
      throw new IllegalArgumentException("ask is at least 1, or absent for all questions");
    }
    if (worth < 0 || worth > MOST_WORTH) {
      throw new IllegalArgumentException("worth is from 0 to " + MOST_WORTH + " points");
    }
    if (passMark < 0 || passMark > 100) {
      throw new IllegalArgumentException("passMark is from 0 to 100 per cent");
    }
    if (lives != null && (lives < 0 || lives > MOST_LIVES)) {
      throw new IllegalArgumentException("lives is from 0 to " + MOST_LIVES);
    }
  }

  /** Rules without any of the further ones. */
  public Rules(
      @Nullable Integer ask,
      Order questionOrder,
      Order optionOrder,
      int worth,
      int passMark,
      Extra extra) {
    this(
        ask,
        questionOrder,
        optionOrder,
        worth,
        passMark,
        List.of(),
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        false,
        extra);
  }

  /** The same rules, asking another number; null asks all. */
  public Rules withAsk(@Nullable Integer changed) {
    return with(copy -> copy.ask = changed);
  }

  /** The same rules, asking every question as it is written. */
  public Rules askingAllInOrder() {
    return with(
        copy -> {
          copy.ask = null;
          copy.questionOrder = Order.AS_WRITTEN;
        });
  }

  /** The same rules with options in another order. */
  public Rules withOptionOrder(Order changed) {
    return with(copy -> copy.optionOrder = changed);
  }

  /** The same rules with another worth of each question, in points. */
  public Rules withWorth(int changed) {
    return with(copy -> copy.worth = changed);
  }

  /** The same rules with another pass mark, in per cent. */
  public Rules withPassMark(int changed) {
    return with(copy -> copy.passMark = changed);
  }

  /** The same rules with other thinking times. */
  public Rules withThinking(List<Thinking> changed) {
    return with(copy -> copy.thinking = changed);
  }

  /** The same rules with other tries; null for one go each. */
  public Rules withTries(@Nullable Tries changed) {
    return with(copy -> copy.tries = changed);
  }

  /** The same rules with other prices; null for none. */
  public Rules withPrices(@Nullable Prices changed) {
    return with(copy -> copy.prices = changed);
  }

  /** The same rules with another number of lives; null for any. */
  public Rules withLives(@Nullable Integer changed) {
    return with(copy -> copy.lives = changed);
  }

  /** The same rules with another clock; null for none. */
  public Rules withClock(@Nullable Clock changed) {
    return with(copy -> copy.clock = changed);
  }

  /** The same rules with another bonus; null for none. */
  public Rules withBonus(@Nullable Bonus changed) {
    return with(copy -> copy.bonus = changed);
  }

  /** The same rules, giving answers away at another time. */
  public Rules withAnswers(@Nullable Answers changed) {
    return with(copy -> copy.answers = changed);
  }

  /** The same rules with other teams; null for none. */
  public Rules withTeams(@Nullable Teams changed) {
    return with(copy -> copy.teams = changed);
  }

  /** The same rules, with beginning anew at any time or without. */
  public Rules withStartAgain(boolean changed) {
    return with(copy -> copy.startAgain = changed);
  }

  /** All questions in a new order each time, 10 points each, won with 80 %. */
  public static Rules usual() {
    return new Rules(null, Order.MIXED, Order.MIXED, USUAL_WORTH, USUAL_PASS_MARK, Extra.NONE);
  }

  /** The prices, where there are any. */
  public Prices costs() {
    return prices == null ? Prices.NONE : prices;
  }

  /** How many tries a question has; as many as there are whole numbers where it is until right. */
  public int mostTries() {
    if (tries == null) {
      return 1;
    }
    return tries.again() == Tries.Again.UNTIL_RIGHT
        ? Integer.MAX_VALUE
        : tries.most() == null ? Tries.FEWEST : tries.most();
  }

  /** Whether wrong ones wait until the others have had their turn. */
  public boolean triedLater() {
    return tries != null && tries.again() == Tries.Again.LATER;
  }

  /** What a question is worth under these rules, in points; nothing where nobody marks it. */
  public int worthOf(Question question) {
    if (question.marking() == Marking.NONE) {
      return 0;
    }
    Integer own = question.basics().worth();
    return own == null ? worth : own;
  }

  /** The seconds for a try at a question; null where there is no clock for it. */
  public @Nullable Integer secondsFor(Question question) {
    if (question.marking() == Marking.NONE) {
      return null;
    }
    Integer own = question.basics().seconds();
    boolean ruled = clock != null && clock.per() == Clock.Per.QUESTION;
    return own != null ? own : ruled ? Integer.valueOf(clock.seconds()) : null;
  }

  private Rules with(Consumer<Copy> change) {
    Copy copy = new Copy(this);
    change.accept(copy);
    return copy.rules();
  }

  /** Rules of which one is about to be changed. */
  private static final class Copy {

    private @Nullable Integer ask;
    private Order questionOrder;
    private Order optionOrder;
    private int worth;
    private int passMark;
    private List<Thinking> thinking;
    private @Nullable Tries tries;
    private @Nullable Prices prices;
    private @Nullable Integer lives;
    private @Nullable Clock clock;
    private @Nullable Bonus bonus;
    private @Nullable Answers answers;
    private @Nullable Teams teams;
    private boolean startAgain;
    private final Extra extra;

    Copy(Rules rules) {
      this.ask = rules.ask;
      this.questionOrder = rules.questionOrder;
      this.optionOrder = rules.optionOrder;
      this.worth = rules.worth;
      this.passMark = rules.passMark;
      this.thinking = rules.thinking;
      this.tries = rules.tries;
      this.prices = rules.prices;
      this.lives = rules.lives;
      this.clock = rules.clock;
      this.bonus = rules.bonus;
      this.answers = rules.answers;
      this.teams = rules.teams;
      this.startAgain = rules.startAgain;
      this.extra = rules.extra;
    }

    Rules rules() {
      return new Rules(
          ask,
          questionOrder,
          optionOrder,
          worth,
          passMark,
          thinking,
          tries,
          prices,
          lives,
          clock,
          bonus,
          answers,
          teams,
          startAgain,
          extra);
    }
  }
}
