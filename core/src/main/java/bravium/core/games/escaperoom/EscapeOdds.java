package bravium.core.games.escaperoom;

import bravium.core.activity.Rules;
import bravium.core.activity.Tries;
import bravium.core.question.Question;
import bravium.core.readiness.GuessOdds;
import bravium.core.readiness.Guessing;
import java.util.BitSet;
import java.util.List;

/**
 * The chance to get out by guessing alone. What is typed, set or put in order is never guessed; a
 * lock that takes one key piece is, for one after another can be tried.
 */
final class EscapeOdds {

  private EscapeOdds() {}

  /**
   * Every lock is tried until it is right: so it is certain where the locks that can be guessed
   * lead out, and else there is none. Lives end it: then the mistakes at the locks of a shortest
   * way are added up.
   */
  static Guessing guessing(Escape escape, Rules written) {
    Rules rules = written.withTries(new Tries(Tries.Again.UNTIL_RIGHT, null));
    BitSet guessable = new BitSet();
    for (int lock = 0; lock < escape.locks().size(); lock++) {
      boolean ends =
          escape
              .question(escape.lock(lock))
              .filter(Escape::canBeOpened)
              .map(question -> GuessOdds.of(question, rules, 0).ends())
              .orElse(opensByTrying(escape, escape.lock(lock), rules));
      guessable.set(lock, ends);
    }
    // Whatever else opens: if no way out is among them, nobody guesses it open.
    if (!escape.exits().intersects(guessable)) {
      return Guessing.exactly(0);
    }
    Plan plan = escape.planOf(guessable);
    if (!plan.isEscapable()) {
      return Guessing.exactly(0);
    }
    if (rules.lives() == null) {
      return Guessing.exactly(1);
    }
    List<Question> way =
        plan.orders(1).example().stream()
            .flatMap(lock -> escape.question(escape.lock(lock)).stream())
            .toList();
    return Guessing.exactly(within(rules.lives(), way, rules));
  }

  /** Whether a lock without a question opens to whoever tries: a wrong piece takes a life. */
  private static boolean opensByTrying(Escape escape, Lock lock, Rules rules) {
    return switch (lock.by()) {
      case Opener.ByLocks locks -> true;
      case Opener.ByPieces pieces ->
          pieces.order().size() == 1
              && (rules.lives() == null || escape.written().pieces().size() == 1);
      case Opener.ByAnswer answer -> false;
    };
  }

  /** The chance that so many mistakes are enough for all of these. */
  private static double within(int lives, List<Question> way, Rules rules) {
    double[] mistakes = new double[lives + 1];
    mistakes[0] = 1;
    for (Question question : way) {
      double[] more = new double[lives + 1];
      for (GuessOdds.Guess guess : GuessOdds.of(question, rules, lives).guesses()) {
        for (int before = 0; before + guess.mistakes() <= lives; before++) {
          more[before + guess.mistakes()] += mistakes[before] * guess.chance();
        }
      }
      mistakes = more;
    }
    double sum = 0;
    for (double chance : mistakes) {
      sum += chance;
    }
    return sum;
  }
}
