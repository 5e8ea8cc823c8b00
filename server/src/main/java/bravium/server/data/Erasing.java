package bravium.server.data;

import static bravium.server.data.schema.Tables.BESIDE_PAGE;
import static bravium.server.data.schema.Tables.MOVE;
import static bravium.server.data.schema.Tables.OWN_WORDS;
import static bravium.server.data.schema.Tables.SITTING;

import java.time.Duration;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record1;
import org.jooq.Select;
import org.jooq.impl.DSL;

/**
 * Erases games with all that hangs on them: whoever erases what they belong to erases them first.
 */
public final class Erasing {

  /** How long what was removed can be brought back, whatever it is. */
  public static final Duration KEPT = Duration.ofDays(30);

  private Erasing() {}

  /** Erases the games of which a condition on their rows is true, and says how many they were. */
  public static int sittings(DSLContext dsl, Condition which) {
    Select<? extends Record1<Long>> sittings = DSL.select(SITTING.ID).from(SITTING).where(which);
    dsl.deleteFrom(OWN_WORDS).where(OWN_WORDS.SITTING_ID.in(sittings)).execute();
    dsl.deleteFrom(BESIDE_PAGE).where(BESIDE_PAGE.SITTING_ID.in(sittings)).execute();
    dsl.deleteFrom(MOVE).where(MOVE.SITTING_ID.in(sittings)).execute();
    return dsl.deleteFrom(SITTING).where(which).execute();
  }
}
