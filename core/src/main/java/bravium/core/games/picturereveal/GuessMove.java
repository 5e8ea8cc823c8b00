package bravium.core.games.picturereveal;

import bravium.core.answer.Comparison;
import bravium.core.play.Attempts;
import bravium.core.play.Entry;
import bravium.core.play.Happening;
import bravium.core.play.Point;
import bravium.core.play.Refusal;
import bravium.core.play.Result;
import bravium.core.play.Sitting;
import bravium.core.play.Turn;
import bravium.core.play.Verdict;
import bravium.core.question.Response;
import bravium.core.rich.Texts;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a guess at the whole comes to. */
final class GuessMove {

  /** The longest text that is a guess, in characters. */
  private static final int LONGEST = 200;

  /** So many guesses are kept; after them no more is taken. */
  private static final int MOST_KEPT = 500;

  private final RevealCourse course;
  private final Point at;
  private final Sitting sitting;

  GuessMove(RevealCourse course, Point at) {
    this.course = course;
    this.at = at;
    this.sitting = at.sitting();
  }

  Turn guess(String written, @Nullable Integer said) {
    if (!course.guesses(sitting)) {
      return at.refused(Refusal.NOT_OPEN);
    }
    String text = Texts.trimmed(written);
    if (text.length() > LONGEST || Comparison.fair(text).isEmpty()) {
      return at.refused(Refusal.NO_NAME);
    }
    Integer team = said == null ? sitting.front().turn() : said;
    if (!mayGuess(said, team)) {
      return at.refused(Refusal.NO_SUCH_TEAM);
    }
    if (course.left(sitting, team) == 0 || sitting.entries().size() >= MOST_KEPT) {
      return at.refused(Refusal.NO_ENTRY_LEFT);
    }
    return course.isRight(text) ? right(text, team) : wrong(text, team);
  }

  private boolean mayGuess(@Nullable Integer said, @Nullable Integer team) {
    int teams = sitting.opening().teams().size();
    if (teams == 0) {
      return said == null;
    }
    boolean there = team != null && team >= 0 && team < teams;
    return there && (course.asksWho(sitting) || team.equals(sitting.front().turn()));
  }

  private Turn right(String text, @Nullable Integer team) {
    List<Happening> happenings = new ArrayList<>();
    happenings.add(new Happening.Entered(Verdict.RIGHT, true));
    Result result =
        new Result(
                RevealCourse.GUESS,
                new Response.Typed(text),
                Verdict.RIGHT,
                course.worth(sitting),
                0,
                null)
            .by(team, List.of());
    Sitting told = told(text, Verdict.RIGHT, true, team);
    return Turn.of(Attempts.settled(told, result, happenings), happenings);
  }

  private Turn wrong(String text, @Nullable Integer team) {
    List<String> words = Comparison.words(text, course.reveal().comparing());
    boolean again =
        sitting.entries().stream()
            .anyMatch(e -> Comparison.words(e.text(), course.reveal().comparing()).equals(words));
    Sitting told = told(text, Verdict.WRONG, !again, team);
    return Turn.of(
        course.usedUp(told)
            ? told.adding(new Result(RevealCourse.GUESS, null, Verdict.WRONG, 0, 0, null))
            : told,
        new Happening.Entered(Verdict.WRONG, !again));
  }

  private Sitting told(String text, Verdict verdict, boolean counted, @Nullable Integer team) {
    return sitting.with(
        new Entry(text, null, verdict, counted, team, at.at(), course.lifted(sitting)));
  }
}
