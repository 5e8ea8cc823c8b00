package bravium.server.results;

import bravium.core.play.Action;
import bravium.core.play.ClassWatch;
import bravium.core.play.Move;
import bravium.core.play.Mover;
import bravium.core.play.Watched;
import bravium.core.play.showing.Hardness;
import bravium.core.play.showing.PastGame;
import bravium.core.play.showing.Review;
import bravium.core.question.Marking;
import bravium.server.accounts.Teacher;
import bravium.server.activities.ActivityService;
import bravium.server.problems.Problem;
import bravium.server.sittings.Refusals;
import bravium.server.sittings.StoredSitting;
import bravium.server.sittings.WarmSittings;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Service;

/** What came back from a teacher's activities. What is another's is not there for her. */
@Service
class ResultsService {

  /** Of so many pages of games how hard questions are shows well enough. */
  private static final int PAGES_FOR_HARDNESS = 4;

  private final ResultsRepository rows;
  private final ActivityService activities;
  private final WarmSittings sittings;
  private final Clock clock;

  ResultsService(
      ResultsRepository rows, ActivityService activities, WarmSittings sittings, Clock clock) {
    this.rows = rows;
    this.activities = activities;
    this.sittings = sittings;
    this.clock = clock;
  }

  List<PlayedActivity> played(Teacher teacher) {
    return rows.played(teacher.id());
  }

  ActivityResults of(Teacher teacher, String activity, ResultsRepository.Which which, int page) {
    long row = activities.row(teacher, activity);
    List<PlayedGame> games = new ArrayList<>();
    List<Watched> watched = new ArrayList<>();
    for (ResultsRepository.Begun begun : rows.page(teacher.id(), row, which, page)) {
      Review review = review(begun);
      games.add(game(begun, review));
      if (review.watched() != null && review.started() != null) {
        watched.add(review.watched());
      }
    }
    return new ActivityResults(
        rows.title(row),
        rows.total(teacher.id(), row, which),
        rows.sources(teacher.id(), row),
        rows.waiting(teacher.id(), row),
        games,
        ClassWatch.of(watched).orElse(null));
  }

  /** The ids of the questions of an activity by how they proved in past games, the hardest last. */
  List<String> fromEasy(Teacher teacher, String activity) {
    long row = activities.row(teacher, activity);
    List<Review> games = new ArrayList<>();
    for (int page = 0; page < PAGES_FOR_HARDNESS; page++) {
      rows.page(teacher.id(), row, ResultsRepository.Which.ALL, page)
          .forEach(begun -> games.add(review(begun)));
    }
    return Hardness.fromEasy(games);
  }

  GameAnswers answers(Teacher teacher, String sitting) {
    return answers(own(teacher, sitting));
  }

  /** The answers of an activity that wait for a mark; those that wait longest come first. */
  List<ToMark> toMark(Teacher teacher, String activity) {
    List<ToMark> waiting = new ArrayList<>();
    for (ResultsRepository.Begun begun :
        rows.waitingIn(teacher.id(), activities.row(teacher, activity))) {
      review(begun).answers().stream()
          .filter(Review.Reviewed::waits)
          .forEach(
              answer -> waiting.add(new ToMark(begun.id(), begun.learner(), begun.name(), answer)));
    }
    return waiting;
  }

  /** Of all moves in a game of a learner's, the only one that is the teacher's is to mark. */
  GameAnswers mark(Teacher teacher, String sitting, Move move) {
    ResultsRepository.Begun begun = own(teacher, sitting);
    mark(begun, move.key(), markIn(move));
    return answers(begun);
  }

  /**
   * Marks what says the same, too: where nothing is written to it now, others keep their comment.
   */
  GameAnswers markAlike(Teacher teacher, String sitting, Move move) {
    ResultsRepository.Begun begun = own(teacher, sitting);
    Action.Mark mark = markIn(move);
    AlikeAnswers alike = alike(teacher, begun, mark.question());
    mark(begun, move.key(), mark);
    for (AlikeAnswer answer : alike.answers()) {
      String comment = mark.comment() == null ? answer.comment() : mark.comment();
      Action.Mark same = new Action.Mark(mark.question(), mark.points(), comment);
      mark(own(teacher, answer.sitting()), move.key(), same);
    }
    return answers(begun);
  }

  private static Action.Mark markIn(Move move) {
    if (move.action() instanceof Action.Mark mark) {
      return mark;
    }
    throw Problem.badRequest("no-mark", "Only marks can be given here. Nothing was changed.");
  }

  private void mark(ResultsRepository.Begun begun, String key, Action.Mark mark) {
    Review review = review(begun);
    Review.Reviewed answer = review.find(mark.question()).orElse(null);
    if (answer != null && answer.told().response() != null && !isMarkable(begun, review, answer)) {
      throw Problem.conflict(
          "not-to-be-marked",
          answer.canBeMarked(stored(begun).game())
              ? "This game is still being played. What Bravium judged can be marked anew once it"
                  + " has ended. Nothing was changed."
              : "This answer can't be marked: it brings no points of its own. Nothing was changed.");
    }
    Refusals.taken(sittings.play(begun.id(), any -> true, new Move(key, Mover.TEACHER, mark)));
  }

  /** What was judged at once is marked anew only once its game has ended. */
  private boolean isMarkable(ResultsRepository.Begun game, Review review, Review.Reviewed answer) {
    boolean now = answer.marking() == Marking.BY_TEACHER || review.outcome() != null;
    return now && answer.canBeMarked(stored(game).game());
  }

  AlikeAnswers alike(Teacher teacher, String sitting, String question) {
    return alike(teacher, own(teacher, sitting), question);
  }

  private AlikeAnswers alike(Teacher teacher, ResultsRepository.Begun begun, String question) {
    Review.Reviewed answer =
        review(begun)
            .find(question)
            .orElseThrow(
                () ->
                    Problem.notFound(
                        "no-such-answer", "This question has no answer in this game."));
    List<AlikeAnswer> ended = new ArrayList<>();
    int running = 0;
    for (ResultsRepository.Begun other : rows.besides(teacher.id(), begun.row())) {
      Review review = review(other);
      Review.Reviewed said = review.find(question).filter(answer::saysTheSame).orElse(null);
      if (said != null && isMarkable(other, review, said)) {
        ended.add(alike(other, said));
      } else if (said != null && said.canBeMarked(stored(other).game())) {
        running++;
      }
    }
    ended.sort(
        Comparator.comparing(AlikeAnswer::name, Comparator.nullsLast(Comparator.naturalOrder()))
            .thenComparing(AlikeAnswer::learner));
    return new AlikeAnswers(ended, running);
  }

  private AlikeAnswer alike(ResultsRepository.Begun game, Review.Reviewed answer) {
    Integer mark = answer.waits() ? null : PastGame.markOf(stored(game).activity(), answer);
    return new AlikeAnswer(game.id(), game.learner(), game.name(), mark, answer.told().comment());
  }

  GameAnswers hide(Teacher teacher, String sitting, String question, boolean hidden) {
    ResultsRepository.Begun begun = own(teacher, sitting);
    if (!rows.hide(begun.row(), question, hidden)) {
      throw Problem.notFound(
          "no-such-contribution",
          "Nothing was written to this discussion in this game. Reload the page.");
    }
    return answers(begun);
  }

  /** Takes a game that is no class's out of the results; it can be brought back for a while. */
  void remove(Teacher teacher, String sitting, boolean out) {
    ResultsRepository.Begun begun = own(teacher, sitting);
    if (!rows.remove(begun.row(), out ? clock.instant() : null)) {
      throw Problem.conflict(
          "game-of-a-class",
          "This game belongs to a class and stays with it. Nothing was changed.");
    }
  }

  /** Takes all games by links, or all at the front, out of an activity's results. */
  GamesRemoved removeAll(Teacher teacher, String activity, String from) {
    boolean atTheFront = from.equals(ResultsRepository.Which.FRONT);
    if (!atTheFront && !from.equals(ResultsRepository.Which.LINK)) {
      throw Problem.badRequest(
          "games-of-a-class",
          "Only games by a link or at the front are removed at once. Nothing was changed.");
    }
    Instant at = clock.instant().truncatedTo(ChronoUnit.MILLIS);
    return new GamesRemoved(
        at.toEpochMilli(), rows.removeAll(activities.row(teacher, activity), atTheFront, at));
  }

  void bringBack(Teacher teacher, String activity, long at) {
    rows.bringBack(activities.row(teacher, activity), Instant.ofEpochMilli(at));
  }

  private ResultsRepository.Begun own(Teacher teacher, String sitting) {
    return rows.find(teacher.id(), sitting)
        .orElseThrow(
            () ->
                Problem.notFound(
                    "no-such-game", "There is no such game among those of your activities."));
  }

  private GameAnswers answers(ResultsRepository.Begun begun) {
    Review review = PastGame.withMarks(stored(begun).activity(), review(begun));
    return new GameAnswers(
        game(begun, review),
        rows.hidden(begun.row()),
        review.answers(),
        review.entries(),
        review.others(),
        review.watched(),
        review.answers().stream()
            .filter(answer -> isMarkable(begun, review, answer))
            .map(answer -> answer.question().id())
            .toList());
  }

  private PlayedGame game(ResultsRepository.Begun begun, Review review) {
    return PlayedGame.of(begun, stored(begun), review);
  }

  private Review review(ResultsRepository.Begun begun) {
    return sittings.review(begun.id(), any -> true);
  }

  /** Whose it is has been looked up with its row. */
  private StoredSitting stored(ResultsRepository.Begun begun) {
    return sittings.read(begun.id(), any -> true);
  }
}
