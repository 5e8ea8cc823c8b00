package bravium.core.play.showing;

import bravium.core.activity.Activity;
import bravium.core.activity.Answers;
import bravium.core.activity.Clock;
import bravium.core.activity.Dress;
import bravium.core.activity.Rules;
import bravium.core.activity.Team;
import bravium.core.activity.TitlePage;
import bravium.core.measure.ReadingSpeed;
import bravium.core.play.Action;
import bravium.core.play.Audience;
import bravium.core.play.Clocked;
import bravium.core.play.Draw;
import bravium.core.play.Effort;
import bravium.core.play.Front;
import bravium.core.play.Item;
import bravium.core.play.Markers;
import bravium.core.play.Outcome;
import bravium.core.play.PassMark;
import bravium.core.play.Play;
import bravium.core.play.Played;
import bravium.core.play.Prepared;
import bravium.core.play.Result;
import bravium.core.play.Scorecard;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.Talk;
import bravium.core.play.Tried;
import bravium.core.play.Verdict;
import bravium.core.question.ChoiceQuestion;
import bravium.core.question.FreeAnswer;
import bravium.core.question.Marking;
import bravium.core.question.Question;
import bravium.core.rich.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Takes from a sitting what an audience may see. */
final class ShowingBuilder {

  private final Prepared game;
  private final Activity activity;
  private final Sitting sitting;
  private final Audience audience;
  private final long at;
  private final Scorecard score;

  ShowingBuilder(Prepared game, Sitting sitting, Audience audience, long at) {
    this.game = game;
    this.activity = game.activity();
    this.sitting = sitting;
    this.audience = audience;
    this.at = at;
    this.score = Scorecard.of(sitting).withMarked(marked());
  }

  /** Of how many questions it is said at once whether they are right, or was said by now. */
  private int marked() {
    int marked = 0;
    for (Draw.Drawn drawn : sitting.draw().counting()) {
      Marking marking =
          game.question(drawn.question()).map(Question::marking).orElse(Marking.AT_ONCE);
      Verdict verdict =
          sitting.resultOf(drawn.question()).map(Result::verdict).orElse(Verdict.GIVEN);
      boolean said =
          marking == Marking.AT_ONCE
              ? sitting.resultOf(drawn.question()).isEmpty() || verdict != Verdict.GIVEN
              : marking == Marking.BY_TEACHER && verdict != Verdict.GIVEN;
      marked += said ? 1 : 0;
    }
    return marked;
  }

  Showing build() {
    Question now = game.question(sitting.now()).orElse(null);
    return new Showing(
        at,
        activity.game().kind(),
        sitting.stage(),
        cover(activity),
        passMark(),
        terms(activity.rules()),
        game.playable() ? game.play().sums(score, sitting, audience) : score,
        game.playable() ? Markers.of(game.play(), sitting, audience).list() : List.of(),
        game.playable() ? game.play().scene(sitting, audience).orElse(null) : null,
        teams(),
        now == null ? null : asked(now),
        atOnce(),
        clock(),
        now == null ? null : talk(now),
        sitting.stage() == Stage.FEEDBACK && now != null ? told(now) : null,
        closing(),
        audience == Audience.TEACHER && now != null ? notes(now) : null,
        activity.look() == null ? null : Dress.of(activity.look()),
        activity.sounds(),
        activity.wording());
  }

  private List<Showing.AtOnce> atOnce() {
    if (!game.playable()) {
      return List.of();
    }
    List<Showing.AtOnce> all = new ArrayList<>();
    for (String id : game.play().asked(sitting)) {
      Question question = game.question(id).orElseThrow();
      boolean tried = sitting.effortFor(id).tries() > 0 || sitting.resultOf(id).isPresent();
      all.add(
          new Showing.AtOnce(
              asked(question).numbered(all.size() + 1),
              tried ? told(question) : null,
              talk(question)));
    }
    return List.copyOf(all);
  }

  private static Showing.Cover cover(Activity activity) {
    TitlePage page = activity.titlePage();
    return new Showing.Cover(
        page.title(),
        page.subject(),
        page.year(),
        page.introduction(),
        ReadingSpeed.aloud(page.year()),
        activity
            .game()
            .coverPicture()
            .filter(picture -> !activity.game().hidden().contains(picture.medium()))
            .orElse(null));
  }

  private @Nullable PassMark passMark() {
    return game.playable()
        ? game.play().passMark(sitting.draw()).orElse(null)
        : PassMark.of(activity.rules(), sitting.draw());
  }

  private List<Showing.Side> teams() {
    Front front = sitting.front();
    boolean playing = sitting.stage() != Stage.END;
    List<Showing.Side> sides = new ArrayList<>();
    for (Team team : sitting.opening().teams()) {
      Integer place = sides.size();
      sides.add(
          new Showing.Side(
              team.name(),
              team.sign(),
              front.points(place),
              playing && place.equals(front.turn()),
              playing && place.equals(front.answering())));
    }
    return List.copyOf(sides);
  }

  private Showing.@Nullable Talked talk(Question question) {
    Talk talk = sitting.front().talk(question.id()).orElse(null);
    if (talk == null) {
      return null;
    }
    if (!(question instanceof ChoiceQuestion choice)) {
      return talk.opened()
          ? new Showing.Talked(List.of(), true, List.of(), opened(question))
          : null;
    }
    List<Showing.Struck> struck =
        talk.struck().stream()
            .flatMap(id -> choice.choice(id).stream())
            .map(option -> new Showing.Struck(option.id(), option.feedback()))
            .toList();
    boolean done = !struck.isEmpty() && talk.struck().containsAll(choice.strikes());
    return new Showing.Talked(struck, done, talk.votes(), null);
  }

  /** What is right, without anybody having answered. */
  private Showing.Told opened(Question question) {
    Showing.Told told =
        new GivenAway(question, sitting, true)
            .told(Verdict.GIVEN, false, 0, 0, null, List.of())
            .saying(question.feedback().right(), null);
    String model = model(question);
    return model == null ? told : told.withRight(model);
  }

  private Showing.Terms terms(Rules rules) {
    Clock clock = rules.clock();
    boolean whole = clock != null && clock.per() == Clock.Per.GAME;
    boolean untilRight = game.playable() && game.play().untilRight();
    return new Showing.Terms(
        untilRight || rules.mostTries() == Integer.MAX_VALUE ? null : rules.mostTries(),
        game.playable() && game.play().triesLater(),
        game.playable() ? game.referee().livesLeft(sitting).orElse(null) : rules.lives(),
        whole ? (int) (sitting.opening().millis(clock.seconds()) / 1_000) : null,
        activity.startsAgain());
  }

  /** The clock that runs out first, of equals the game's; a game's other clocks are its scene's. */
  private Showing.@Nullable Countdown clock() {
    Clocked first = null;
    for (Clocked clock : sitting.clocks().running()) {
      if (!clock.name().equals(Clocked.QUESTION) && !clock.name().equals(Clocked.GAME)) {
        continue;
      }
      boolean sooner = first == null || clock.end() < first.end();
      first = sooner ? clock : first;
    }
    if (first == null || sitting.outcome() != null) {
      return null;
    }
    boolean held = first.held() != null;
    boolean stands = held || sitting.stands();
    long left = stands && !held ? first.total() : first.left(at);
    Clock.Per per = first.name().equals(Clocked.QUESTION) ? Clock.Per.QUESTION : Clock.Per.GAME;
    return new Showing.Countdown(per, left, first.total(), stands, held);
  }

  private Showing.Asked asked(Question question) {
    return new AskedBuilder(game, sitting, question).build();
  }

  /**
   * What is said right after a try. While another is left, what the teacher says to any wrong
   * answer waits: it may tell the right one.
   */
  private Showing.Told told(Question question) {
    Effort effort = sitting.effortFor(question.id());
    Tried last = effort.last();
    Result result = sitting.resultOf(question.id()).orElse(null);
    boolean settled = result != null;
    // What was shown after a wrong try is shown, and is that try's no more.
    boolean shown = settled && result.verdict() == Verdict.GIVEN && result.response() == null;
    last = shown ? null : last;
    Verdict verdict = last != null ? last.verdict() : settled ? result.verdict() : Verdict.MISSED;
    boolean gives = settled && givesAway(Answers.AFTER_LAST_TRY);
    return new GivenAway(question, sitting, gives)
        .told(
            verdict,
            settled,
            settled ? result.points() : 0,
            settled ? result.bonus() : 0,
            last == null ? null : last.response(),
            last == null ? List.of() : last.parts())
        .saying(settled ? words(question, last, verdict, gives) : between(question, last), null);
  }

  /**
   * What is said while another try is left: to the response itself, or to any that isn't right yet.
   */
  private @Nullable Words between(Question question, @Nullable Tried last) {
    if (last == null || sitting.opening().saysNothing()) {
      return null;
    }
    return last.feedback() != null ? last.feedback() : question.feedback().again();
  }

  /**
   * The teacher's words to what came of a question, as long as they tell nobody what is right
   * before it is told: what is said to a wrong answer often does.
   */
  private @Nullable Words words(
      Question question, @Nullable Tried tried, Verdict verdict, boolean gives) {
    boolean said =
        gives
            || audience == Audience.TEACHER
            || verdict == Verdict.GIVEN
            || verdict == Verdict.RIGHT && !sitting.opening().saysNothing();
    return said ? words(question, tried, verdict) : null;
  }

  /** What is said at the end to the best try. */
  private Showing.Told toldAtEnd(Question question, Result result) {
    Tried best = sitting.effortFor(question.id()).best();
    boolean gives = audience == Audience.TEACHER || givesAway(Answers.AT_THE_END);
    boolean anew = result.isMarkedAnew();
    return new GivenAway(question, sitting, gives)
        .told(
            result.verdict(),
            true,
            result.points(),
            result.bonus(),
            result.response(),
            best == null ? List.of() : best.parts())
        .saying(words(question, anew ? null : best, result.verdict(), gives), result.comment())
        .markedAnew(anew);
  }

  /** Whether the rules give answers away at this point. The teacher's own view is another. */
  private boolean givesAway(Answers at) {
    return switch (sitting.opening().answersUnder(activity.rules())) {
      case AFTER_LAST_TRY -> true;
      case AT_THE_END -> at == Answers.AT_THE_END;
      case NEVER -> false;
    };
  }

  private static @Nullable Words words(Question question, @Nullable Tried tried, Verdict verdict) {
    if (tried != null && tried.feedback() != null) {
      return tried.feedback();
    }
    return switch (verdict) {
      case RIGHT -> question.feedback().right();
      case PARTLY, WRONG, MISSED -> question.feedback().wrong();
      // Nobody answered it: the class talked it through, and this is the explanation.
      case GIVEN -> tried == null ? question.feedback().right() : null;
    };
  }

  private Showing.@Nullable Closing closing() {
    Outcome outcome = sitting.outcome();
    if (outcome == null) {
      return null;
    }
    List<Showing.Answered> answers =
        settled()
            .filter(result -> game.play().looksBackAt(sitting, result.question()))
            .flatMap(
                result ->
                    game.question(result.question()).stream()
                        .map(q -> new Showing.Answered(asked(q), toldAtEnd(q, result))))
            .toList();
    Words ending =
        audience == Audience.TEACHER || !sitting.opening().saysNothing()
            ? ending(activity, outcome)
            : null;
    return new Showing.Closing(outcome, ending, answers);
  }

  /** The play as its teacher looks back at it. */
  Review review() {
    List<Long> times =
        sitting.log().standing().stream()
            .filter(played -> !(played.move().action() instanceof Action.Mark))
            .map(Played::at)
            .toList();
    return new Review(
        times.isEmpty() ? null : times.getFirst(),
        times.isEmpty() ? null : times.getLast(),
        score,
        passMark(),
        sitting.outcome(),
        settled().map(this::reviewed).toList(),
        sitting.entries(),
        others(),
        teams(),
        game.playable() ? game.play().watched(sitting).orElse(null) : null);
  }

  private Review.Reviewed reviewed(Result result) {
    Question question = game.question(result.question()).orElse(null);
    if (question == null) {
      return reviewed(game.item(result.question()).orElseThrow(), result);
    }
    Effort effort = sitting.effortFor(question.id());
    return new Review.Reviewed(
        asked(question),
        toldAtEnd(question, result),
        effort.tries(),
        effort.hints(),
        question.marking(),
        model(question),
        game.play().parts(question.id()),
        when(question.id()),
        game.referee().markOf(result, effort));
  }

  private Review.Reviewed reviewed(Item item, Result result) {
    Effort effort = sitting.effortFor(item.id());
    return new Review.Reviewed(
        AskedBuilder.item(item, sitting, effort),
        new Showing.Told(
            result.verdict(),
            true,
            result.points(),
            result.bonus(),
            result.response(),
            List.of(),
            List.of(item.label().plain()),
            List.of(),
            List.of(),
            null,
            null,
            null,
            null,
            null,
            result.comment(),
            false),
        effort.tries(),
        effort.hints(),
        item.marking(),
        null,
        game.play().parts(item.id()),
        when(item.id()),
        null);
  }

  /** When an item came into reach and when it was settled, where its game says so. */
  private Review.@Nullable When when(String item) {
    Play.Reached reached = game.play().reached(sitting, item).orElse(null);
    Long since = reached == null ? null : lastMoveAbout(reached.with());
    return since == null ? null : new Review.When(since, lastMoveAbout(item));
  }

  /** When something was last done about an item that settled it or could have; null for never. */
  private @Nullable Long lastMoveAbout(@Nullable String item) {
    Long last = null;
    for (Played played : sitting.log().standing()) {
      String about =
          switch (played.move().action()) {
            case Action.Answer answer -> answer.question();
            case Action.Own(var own) -> own.item();
            default -> null;
          };
      boolean begins = item == null && played.move().action() instanceof Action.Start;
      if (begins || item != null && item.equals(about)) {
        last = played.at();
      }
    }
    return last;
  }

  /** The results of items that are no questions and were not drawn. */
  private List<Review.Other> others() {
    return sitting.results().stream()
        .filter(result -> game.question(result.question()).isEmpty())
        .filter(result -> !sitting.draw().ids().contains(result.question()))
        .map(result -> new Review.Other(result.question(), result.verdict(), result.points()))
        .toList();
  }

  /** The results of what counts, in the order of the play. */
  private Stream<Result> settled() {
    return sitting.draw().counting().stream()
        .flatMap(drawn -> sitting.resultOf(drawn.question()).stream());
  }

  /** The teacher's words at the end; null for the usual ones. */
  static @Nullable Words ending(Activity activity, Outcome outcome) {
    if (outcome.awaiting() > 0) {
      return null;
    }
    return outcome.won() ? activity.endings().win().text() : activity.endings().lose().text();
  }

  private Showing.Notes notes(Question now) {
    String next =
        game.playable()
            ? game.play().next(sitting).map(question -> question.asked().plain()).orElse(null)
            : null;
    return new Showing.Notes(GivenAway.solution(now, sitting), model(now), next);
  }

  private static @Nullable String model(Question question) {
    return question instanceof FreeAnswer free ? free.model() : null;
  }
}
