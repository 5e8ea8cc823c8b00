package bravium.server.classes;

import bravium.core.assignment.Standing;
import bravium.server.data.Writer;
import bravium.server.data.schema.tables.records.ClassLearnerRecord;
import bravium.server.sittings.StoredSitting;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * What is settled for a learner who plays on an assignment, kept at hand between her moves. It is
 * read anew once anything at all was written but moves, and once a move of hers begins or ends a
 * game: so whatever a teacher changes holds from the very next move.
 */
@Component
class HersAtHand {

  private static final int MOST = 10_000;
  private static final Duration KEPT = Duration.ofHours(1);

  /**
   * What is settled, as of one moment.
   *
   * @param begun the games that she has begun on it
   * @param entry hers in the register; null where she is in none any more
   * @param changes how much had been written when it was read
   */
  record Hers(
      AssignmentRepository.Row row,
      AssignmentRepository.Own own,
      List<AssignmentRepository.Game> begun,
      @Nullable ClassLearnerRecord entry,
      long changes) {

    Standing standing(long at) {
      return row.standing(own.allowance(), begun, at);
    }
  }

  private record Key(long assignment, long learner) {

    static Key of(StoredSitting sitting) {
      return new Key(
          Objects.requireNonNull(sitting.assignment()), Objects.requireNonNull(sitting.learner()));
    }
  }

  private final AssignmentRepository assignments;
  private final RegisterRepository register;
  private final Writer writer;
  private final Cache<Key, Hers> known =
      Caffeine.newBuilder().maximumSize(MOST).expireAfterAccess(KEPT).build();

  HersAtHand(AssignmentRepository assignments, RegisterRepository register, Writer writer) {
    this.assignments = assignments;
    this.register = register;
    this.writer = writer;
  }

  /** What holds for the learner whose sitting it is. */
  Hers of(StoredSitting sitting) {
    Key key = Key.of(sitting);
    Hers hers = known.getIfPresent(key);
    if (hers != null && hers.changes() == writer.changes()) {
      return hers;
    }
    return known.asMap().compute(key, (same, old) -> read(same));
  }

  private Hers read(Key key) {
    long changes = writer.changes();
    return new Hers(
        assignments.byRow(key.assignment).orElseThrow(),
        assignments.own(key.assignment, key.learner),
        assignments.begun(key.assignment, key.learner),
        register.byRow(key.learner).orElse(null),
        changes);
  }

  /** A move was made: games that were begun are others once it began or ended one. */
  void moved(StoredSitting sitting) {
    if (sitting.sitting().log().size() == 1 || sitting.review() != null) {
      known.invalidate(Key.of(sitting));
    }
  }
}
