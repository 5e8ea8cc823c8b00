package bravium.server.sittings;

import static bravium.server.data.schema.Tables.LEARNER;
import static bravium.server.data.schema.Tables.LEARNER_DEVICE;

import bravium.server.data.Codes;
import bravium.server.limits.Asking;
import bravium.server.limits.Device;
import bravium.server.problems.Problem;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Whose the tokens are that learners' devices bring. */
@Component
public class LearnerTokens {

  private static final int MOST = 10_000;

  private final DSLContext database;

  /** A token is whose it is until a device is forgotten, so it need not be looked up twice. */
  private final Cache<String, Long> known =
      Caffeine.newBuilder().maximumSize(MOST).expireAfterAccess(Duration.ofHours(1)).build();

  LearnerTokens(DSLContext database) {
    this.database = database;
  }

  /**
   * The number of the row of the learner whose token it is: of one who came by a link, or of one in
   * a class.
   *
   * @param token null where none was brought
   */
  public Optional<Long> learner(@Nullable String token) {
    return token == null
        ? Optional.empty()
        : Optional.ofNullable(known.get(Codes.hash(token), this::find));
  }

  /**
   * The same of a token that has to be known.
   *
   * @throws Problem if it isn't
   */
  public long require(@Nullable String token) {
    return learner(token)
        .orElseThrow(
            () ->
                Problem.whoAreYou(
                    "no-such-token",
                    "This device is not known here. Open the link again to start a new game."));
  }

  /**
   * As whom somebody guesses: a learner whose device is known has guesses of her own, all others
   * share those of their address and take turns.
   */
  public Asking guesser(@Nullable String token, Device device) {
    return learner(token)
        .map(known -> new Asking("learner " + known, device.key()))
        .orElseGet(device::asking);
  }

  /** Looks one up anew: its device was left. */
  public void forget(String token) {
    known.invalidate(Codes.hash(token));
  }

  /** Looks all of them up anew: a device was forgotten, or two learners became one. */
  public void forget() {
    known.invalidateAll();
  }

  private @Nullable Long find(String hash) {
    return database
        .select(LEARNER.ID)
        .from(LEARNER)
        .where(LEARNER.TOKEN_HASH.eq(hash))
        .unionAll(
            database
                .select(LEARNER_DEVICE.LEARNER_ID)
                .from(LEARNER_DEVICE)
                .where(LEARNER_DEVICE.TOKEN_HASH.eq(hash)))
        .fetchOne(0, Long.class);
  }
}
