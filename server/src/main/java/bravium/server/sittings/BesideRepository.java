package bravium.server.sittings;

import static bravium.server.data.schema.Tables.BESIDE_PAGE;

import bravium.server.data.Writer;
import bravium.server.problems.Problem;
import java.time.Clock;
import java.util.Map;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** What lies on the pages of games at the front, page by page. */
@Repository
class BesideRepository {

  /**
   * In bytes, which are characters here. Unlike length it is known without reading the document.
   */
  private static final Field<Long> LENGTH =
      DSL.field("octet_length({0})", Long.class, BESIDE_PAGE.DOCUMENT);

  /** How much is kept of one game, in characters: some three hours with the pen down. */
  private static final int MOST = 4 << 20;

  private final DSLContext database;
  private final Writer writer;
  private final Clock clock;

  BesideRepository(DSLContext database, Writer writer, Clock clock) {
    this.database = database;
    this.writer = writer;
    this.clock = clock;
  }

  /** As they were kept, by the pages' names; only those on which something lies. */
  Map<String, String> of(StoredSitting sitting) {
    return database
        .select(BESIDE_PAGE.PAGE, BESIDE_PAGE.DOCUMENT)
        .from(BESIDE_PAGE)
        .where(BESIDE_PAGE.SITTING_ID.eq(sitting.row()))
        .orderBy(BESIDE_PAGE.PAGE)
        .fetchMap(BESIDE_PAGE.PAGE, BESIDE_PAGE.DOCUMENT);
  }

  /**
   * Keeps what lies on a page now.
   *
   * @param document null where nothing lies there: then it takes no room
   */
  void keep(StoredSitting sitting, String page, @Nullable String document) {
    writer.write(
        dsl -> {
          dsl.deleteFrom(BESIDE_PAGE)
              .where(BESIDE_PAGE.SITTING_ID.eq(sitting.row()), BESIDE_PAGE.PAGE.eq(page))
              .execute();
          return document == null ? 0 : insert(dsl, sitting.row(), page, document);
        });
  }

  private int insert(DSLContext dsl, long sitting, String page, String document) {
    Number there =
        dsl.select(DSL.sum(LENGTH))
            .from(BESIDE_PAGE)
            .where(BESIDE_PAGE.SITTING_ID.eq(sitting))
            .fetchSingle()
            .value1();
    if ((there == null ? 0 : there.longValue()) + document.length() > MOST) {
      throw Problem.tooLarge(
          "The pages of this game are full of strokes. Wipe some of them; what was kept before stays.");
    }
    return dsl.insertInto(BESIDE_PAGE)
        .set(BESIDE_PAGE.SITTING_ID, sitting)
        .set(BESIDE_PAGE.PAGE, page)
        .set(BESIDE_PAGE.DOCUMENT, document)
        .set(BESIDE_PAGE.CHANGED_AT, clock.instant())
        .execute();
  }
}
