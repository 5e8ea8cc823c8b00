package bravium.server.sittings;

import bravium.core.codec.Codec;
import bravium.core.games.Games;
import bravium.core.json.Names;
import bravium.core.play.Audience;
import bravium.core.play.Move;
import bravium.core.play.Mover;
import bravium.core.play.Opening;
import bravium.core.play.Turn;
import bravium.core.play.showing.PastGame;
import bravium.core.play.showing.Showing;
import bravium.core.rich.PicturePart;
import bravium.server.activities.ActivityService;
import bravium.server.data.Codes;
import bravium.server.limits.Asking;
import bravium.server.limits.CodeGuesses;
import bravium.server.limits.Device;
import bravium.server.limits.GuessLimit;
import bravium.server.media.MediaService;
import bravium.server.media.MediumFile;
import bravium.server.problems.Problem;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What a learner does: come by a link, open a sitting, play it. */
@Service
class LearnerService {

  /** A year group with two goes each; and then about a thousand an hour. */
  private static final int GAMES_AT_ONCE = 600;

  private static final Duration ONE_MORE_EACH = Duration.ofSeconds(4);

  /** The most ids that are kept at hand: some thousand plays of a usual length. */
  private static final int MOST_IDS = 300_000;

  private final PlayLinkRepository links;
  private final LearnerTokens tokens;
  private final ActivityService activities;
  private final WarmSittings warm;
  private final ContributionRepository contributions;
  private final MediaService media;
  private final AssignedSittings assigned;
  private final Clock clock;

  private final CodeGuesses codes;

  /** Each game takes room for as long as the activity is there. */
  private final GuessLimit games;

  private final Cache<String, PlayIds> ids =
      Caffeine.newBuilder()
          .maximumWeight(MOST_IDS)
          .weigher((String seed, PlayIds known) -> known.size())
          .expireAfterAccess(Duration.ofHours(1))
          .build();

  LearnerService(
      PlayLinkRepository links,
      LearnerTokens tokens,
      ActivityService activities,
      WarmSittings warm,
      ContributionRepository contributions,
      MediaService media,
      AssignedSittings assigned,
      CodeGuesses codes,
      Clock clock) {
    this.media = media;
    this.assigned = assigned;
    this.contributions = contributions;
    this.links = links;
    this.tokens = tokens;
    this.activities = activities;
    this.warm = warm;
    this.clock = clock;
    this.codes = codes;
    this.games = new GuessLimit(GAMES_AT_ONCE, ONE_MORE_EACH, clock);
  }

  Invitation invitation(String code, Device device) {
    PlayLinkRepository.Link link = link(code, device.asking());
    var activity = activities.newest(link.activity()).activity();
    var page = activity.titlePage();
    return new Invitation(
        link.code(),
        page.title(),
        page.subject(),
        page.year(),
        Games.prepared(activity).asksAnything());
  }

  /** Opens a sitting; who comes without a token of this link gets a new one. */
  LearnerSitting open(String code, @Nullable String token, Device device) {
    PlayLinkRepository.Link link = link(code, tokens.guesser(token, device));
    if (!link.open()) {
      throw Problem.conflict(
          "link-shut",
          "Your teacher has switched this game off, so nobody can start it at the moment. Anyone who has"
              + " started can finish.");
    }
    games.count(
        link.code(),
        seconds ->
            Problem.tooMany(
                seconds,
                "Too many games were started with this code in a short time. Try again in "
                    + (seconds == 1 ? "a second." : seconds + " seconds.")));
    Optional<Long> known =
        Optional.ofNullable(token).flatMap(t -> links.learnerOf(link.row(), Codes.hash(t)));
    String fresh = known.isPresent() ? null : Codes.secret();
    long learner = known.orElseGet(() -> links.addLearner(link.row(), Codes.hash(fresh)));
    String id =
        warm.open(
            activities.newest(link.activity()), learner, null, o -> o.withTime(link.percent()));
    return sitting(id, fresh, warm.read(id, of(learner)));
  }

  LearnerSitting read(String sitting, @Nullable String token) {
    return sitting(sitting, null, warm.read(sitting, of(tokens.require(token))));
  }

  private LearnerSitting sitting(String id, @Nullable String fresh, StoredSitting stored) {
    AssignedSittings.Seen seen = seen(stored);
    return new LearnerSitting(
        id,
        stored.assignment() == null ? links.numberOf(stored.learner()) : 0,
        fresh,
        show(stored, seen),
        endsIn(seen),
        seen.again());
  }

  MoveAnswer move(String sitting, @Nullable String token, Move move) {
    Predicate<StoredSitting> owner = of(tokens.require(token));
    StoredSitting before = warm.readFor(move, sitting, owner);
    // What was taken before the hour is told once more after it.
    if (before.assignment() != null && before.sitting().log().find(move.key()).isEmpty()) {
      assigned.requirePlayable(before);
    }
    PlayIds ids = ids(before);
    Move meant = Codec.MOVE.named(move, Names.ofIds(ids::meant));
    Move hers = new Move(meant.key(), Mover.PLAYER, meant.action());
    Turn turn = Refusals.taken(warm.play(sitting, owner, hers));
    StoredSitting after = warm.read(sitting, owner);
    AssignedSittings.Seen seen = seen(after);
    Shown shown = show(after, seen);
    return new MoveAnswer(
        new Happened(turn.happenings(), shown.names()),
        shown,
        turn.repeated(),
        endsIn(seen),
        seen.again());
  }

  /**
   * What the class wrote to a discussion, for who has written to it herself.
   *
   * @param question what it is called in her play
   */
  List<Contribution> contributions(String sitting, @Nullable String token, String question) {
    StoredSitting stored = warm.read(sitting, of(tokens.require(token)));
    String meant = ids(stored).meant(question);
    boolean wrote =
        OwnWords.in(stored.activity(), stored.sitting()).stream()
            .anyMatch(own -> own.discussion() && own.question().equals(meant));
    return wrote ? contributions.of(stored, meant) : List.of();
  }

  /**
   * A picture or a sound of her play.
   *
   * @param name what it is called in this play
   */
  MediumFile medium(String sitting, @Nullable String token, String name) {
    StoredSitting stored = warm.read(sitting, of(tokens.require(token)));
    String medium = names(stored).medium(name).orElseThrow(LearnerService::noMedium);
    return PicturePart.isName(medium)
        ? media.pieceOfActivity(stored.activityRow(), PicturePart.of(medium))
        : media.fileOfActivity(stored.activityRow(), medium);
  }

  private static Problem noMedium() {
    return Problem.notFound(
        "no-such-medium", "There is no such picture or sound in this game. Reload the page.");
  }

  private AssignedSittings.Seen seen(StoredSitting stored) {
    return stored.assignment() == null ? AssignedSittings.Seen.ALL : assigned.seen(stored);
  }

  private @Nullable Long endsIn(AssignedSittings.Seen seen) {
    return seen.ends() == null ? null : Long.valueOf(Math.max(0, seen.ends() - clock.millis()));
  }

  private Shown show(StoredSitting stored, AssignedSittings.Seen seen) {
    Showing showing = showing(stored, seen);
    return new Shown(showing, new PlayNames(MediaNames.of(stored, showing), ids(stored)));
  }

  private PlayIds ids(StoredSitting stored) {
    return ids.get(stored.sitting().opening().seed(), seed -> PlayIds.of(stored.activity(), seed));
  }

  private MediaNames names(StoredSitting stored) {
    return MediaNames.of(stored, showing(stored, seen(stored)));
  }

  private Showing showing(StoredSitting kept, AssignedSittings.Seen seen) {
    Opening opening = kept.sitting().opening();
    return showing(
        Unmarked.until(kept, seen.marksUntil()),
        seen.tells() ? opening.withAnswers(null) : opening);
  }

  private Showing showing(StoredSitting stored, Opening shown) {
    return stored.past()
        ? PastGame.show(stored.game(), shown, stored.review(), clock.millis())
        : Showing.of(stored.game(), stored.sitting().with(shown), Audience.PLAYER, clock.millis());
  }

  private PlayLinkRepository.Link link(String code, Asking from) {
    return codes.find(
        Codes.typed(code),
        from,
        links::find,
        () ->
            Problem.notFound(
                "no-such-code",
                "No activity and no class has this code. Look at the board again: a code has six"
                    + " letters and digits."));
  }

  private static Predicate<StoredSitting> of(long learner) {
    return stored -> stored.learner() != null && stored.learner() == learner;
  }
}
