package bravium.server.accounts;

import static bravium.server.data.schema.Tables.TEACHER;

import bravium.server.data.Writer;
import java.time.Clock;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The teachers' rows. */
@Repository
public class TeacherRepository {

  private final DSLContext database;
  private final Writer writer;
  private final Clock clock;

  TeacherRepository(DSLContext database, Writer writer, Clock clock) {
    this.database = database;
    this.writer = writer;
    this.clock = clock;
  }

  /** The first teacher, if there is any. */
  public Optional<Teacher> first() {
    return database
        .select(TEACHER.ID, TEACHER.NAME)
        .from(TEACHER)
        .orderBy(TEACHER.ID)
        .limit(1)
        .fetchOptional(row -> new Teacher(row.value1(), row.value2()));
  }

  /** Adds a teacher. */
  public Teacher add(String name) {
    long id =
        writer.write(
            dsl ->
                dsl.insertInto(TEACHER)
                    .set(TEACHER.NAME, name)
                    .set(TEACHER.CREATED_AT, clock.instant())
                    .returning(TEACHER.ID)
                    .fetchSingle(TEACHER.ID));
    return new Teacher(id, name);
  }
}
