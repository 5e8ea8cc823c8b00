package bravium.server.sittings;

import static bravium.server.data.schema.Tables.BESIDE_PAGE;

import bravium.server.data.Writer;
import bravium.server.problems.Problem;
import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** What lies on the pages of games at the front, page by page. */
@Repository
class BesideRepository {

  private static final JsonMapper JSON = new JsonMapper();
  private static final int LONGEST_NAME = 100;

  /**
   * In bytes, which are characters here. Unlike length it is known without reading the document.
   */
  private static final Field<Long> LENGTH =
      DSL.field("octet_length({0})", Long.class, BESIDE_PAGE.DOCUMENT);

  /** How much is kept of one game, in characters: eight pages as full as a page can be. */
  private static final int MOST = 32 << 20;

  private final DSLContext database;
  private final Writer writer;
  private final Clock clock;

  BesideRepository(DSLContext database, Writer writer, Clock clock) {
    this.database = database;
    this.writer = writer;
    this.clock = clock;
  }

  /** By the pages' names; only those on which something lies. */
  Map<String, BesidePage> of(StoredSitting sitting) {
    Map<String, BesidePage> pages = new LinkedHashMap<>();
    database
        .select(BESIDE_PAGE.PAGE, BESIDE_PAGE.DOCUMENT)
        .from(BESIDE_PAGE)
        .where(BESIDE_PAGE.SITTING_ID.eq(sitting.row()))
        .orderBy(BESIDE_PAGE.PAGE)
        .forEach(row -> pages.put(row.value1(), JSON.readValue(row.value2(), BesidePage.class)));
    return pages;
  }

  /** Keeps what lies on a page now; a blank one takes no room. */
  void keep(StoredSitting sitting, String page, BesidePage beside) {
    if (page.length() > LONGEST_NAME) {
      throw Problem.badRequest("no-such-page", "This game has no such page. Nothing was changed.");
    }
    beside.check();
    String document = JSON.writeValueAsString(beside);
    writer.write(
        dsl -> {
          dsl.deleteFrom(BESIDE_PAGE)
              .where(BESIDE_PAGE.SITTING_ID.eq(sitting.row()), BESIDE_PAGE.PAGE.eq(page))
              .execute();
          return beside.blank() ? 0 : insert(dsl, sitting.row(), page, document);
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
