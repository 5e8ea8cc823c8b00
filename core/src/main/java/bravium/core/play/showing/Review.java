package bravium.core.play.showing;

import bravium.core.json.OfQuestion;
import bravium.core.json.OwnId;
import bravium.core.json.Root;
import bravium.core.play.Audience;
import bravium.core.play.Engine;
import bravium.core.play.Entry;
import bravium.core.play.Outcome;
import bravium.core.play.PassMark;
import bravium.core.play.Prepared;
import bravium.core.play.Scorecard;
import bravium.core.play.Sitting;
import bravium.core.play.Verdict;
import bravium.core.play.Watched;
import bravium.core.question.Marking;
import bravium.core.question.Response;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A play as its teacher looks back at it, also while it goes on: all that was answered, and what
 * would have been right.
 *
 * @param started when it left its title page, in milliseconds since 1970; null while it is there
 * @param last when its player did something last; null while she did nothing
 * @param passMark null where no share of the points wins
 * @param outcome null until the end
 * @param answers the items that are settled, in the order they come in the play
 * @param entries what was entered where an entry says by itself what it means, in that order
 * @param others what is settled besides what was drawn
 * @param teams the teams and how they stand; empty where none played, and in reviews that were kept
 *     before teams were
 * @param watched what was watched; null where nothing is
 */
@Root
public record Review(
    @Nullable Long started,
    @Nullable Long last,
    Scorecard score,
    @Nullable PassMark passMark,
    @Nullable Outcome outcome,
    List<Reviewed> answers,
    List<Entry> entries,
    List<Other> others,
    List<Showing.Side> teams,
    @Nullable Watched watched) {

  /**
   * How something came out that is not drawn, such as a guess at the whole.
   *
   * @param item its id
   */
  public record Other(@OwnId String item, Verdict verdict, int points) {}

  /**
   * A play as its teacher looks back at it.
   *
   * @param at the moment, in milliseconds since 1970: what has run out by then is settled
   */
  public static Review of(Prepared game, Sitting sitting, long at) {
    long now = Engine.notBefore(sitting, at);
    Sitting there = Engine.settled(game, sitting, now);
    return new ShowingBuilder(game, there, Audience.TEACHER, now).review();
  }

  /**
   * A question and what was answered.
   *
   * @param told what the player is told at the end, and always what is right
   * @param tries how many tries were made
   * @param hints how many hints were given
   * @param model a free answer as it could be; null where there is none
   * @param parts the parts of a picture that it covered, by their number from 1
   * @param when when it came into reach and when it was settled; null where its game doesn't say
   * @param mark what the answer itself brought, as Bravium found or the teacher says, in points:
   *     without prices and bonuses. Null where it has no mark, or none was kept
   */
  @Root
  public record Reviewed(
      Showing.Asked question,
      Showing.Told told,
      int tries,
      int hints,
      Marking marking,
      @Nullable String model,
      List<Integer> parts,
      @Nullable When when,
      @Nullable Integer mark)
      implements OfQuestion {

    @Override
    public String ofQuestion() {
      return question.id();
    }

    /** Takes what was kept earlier as it is told today. */
    public Reviewed {
      told = told.withIdsApart(question.kind());
    }

    Reviewed with(Showing.Told changed, int given) {
      return new Reviewed(question, changed, tries, hints, marking, model, parts, when, given);
    }

    /** Whether the same was answered to the same question, which may have been edited meanwhile. */
    public boolean saysTheSame(Reviewed other) {
      Response response = told.response();
      Response said = other.told.response();
      return response != null
          && said != null
          && question.id().equals(other.question.id())
          && question.kind() == other.question.kind()
          && question.text().equals(other.question.text())
          && response.saysTheSame(said)
          && !isJudgedApart(other);
    }

    /** Whether what looks alike was not the same to Bravium, such as mg and Mg. */
    private boolean isJudgedApart(Reviewed other) {
      return marking == Marking.AT_ONCE
          && told.verdict() != other.told.verdict()
          && !told.markedAnew()
          && !other.told.markedAnew()
          && !told.response().equals(other.told.response());
    }

    /**
     * Whether the teacher can mark it: where only she can, and where what was judged at once can be
     * marked anew.
     */
    public boolean canBeMarked(Prepared game) {
      boolean anew = question.worth() > 0 && game.playable() && game.marksCanChange(question.id());
      return told.response() != null && (marking == Marking.BY_TEACHER || anew);
    }

    /** Whether it was answered and has a mark, whoever gave it. */
    boolean isMarked() {
      return told.response() != null && marking != Marking.NONE && told.verdict() != Verdict.GIVEN;
    }

    /** Whether the teacher has yet to mark it. */
    public boolean waits() {
      return marking == Marking.BY_TEACHER && told.verdict() == Verdict.GIVEN;
    }
  }

  /**
   * When an item came into reach and when it was settled, in milliseconds since 1970.
   *
   * @param at when it was last tried, which settled it if anything did; null where it never was
   */
  public record When(long since, @Nullable Long at) {}

  /** The question of that id, if it was settled. */
  public Optional<Reviewed> find(String question) {
    return answers.stream().filter(answer -> answer.question().id().equals(question)).findFirst();
  }

  /** The same with another outcome and, as that says it, other points. */
  public Review with(Outcome changed) {
    return new Review(
        started,
        last,
        score.withPoints(changed.points()),
        passMark,
        changed,
        answers,
        entries,
        others,
        teams,
        watched);
  }

  Review with(Scorecard scored, List<Reviewed> changed) {
    return new Review(
        started,
        last,
        scored,
        passMark,
        outcome,
        List.copyOf(changed),
        entries,
        others,
        teams,
        watched);
  }

  /** How many answers the teacher has yet to mark, those that decide nothing among them. */
  public int waiting() {
    return (int) answers.stream().filter(Reviewed::waits).count();
  }
}
