package bravium.core.play;

import bravium.core.activity.Rules;
import bravium.core.question.Option;
import bravium.core.question.Question;
import java.util.List;

/** Applies the rules that all games share: what an answer brings, and what wins. */
public final class Referee {

  private final Rules rules;

  /** A referee under these rules. */
  public Referee(Rules rules) {
    this.rules = rules;
  }

  /** Marks an answer to a question. */
  public Result mark(Question question, Response response) {
    boolean right =
        switch (response) {
          case Response.Picked picked ->
              question.choice(picked.option()).map(Option::right).orElse(false);
        };
    return new Result(
        question.id(), response, right ? Verdict.RIGHT : Verdict.WRONG, right ? rules.worth() : 0);
  }

  /** Settles a question that nobody answered. */
  public Result pass(Question question) {
    return new Result(question.id(), null, Verdict.MISSED, 0);
  }

  /** What wins when that many questions are asked. */
  public PassMark passMark(int asked) {
    return PassMark.of(rules, asked);
  }

  /** How a play with these results ends when that many questions were asked. */
  public Outcome outcome(List<Result> results, int asked) {
    PassMark mark = passMark(asked);
    int points = Scorecard.of(results, asked).points();
    return new Outcome(points >= mark.needed(), points, mark.possible(), mark.needed());
  }
}
