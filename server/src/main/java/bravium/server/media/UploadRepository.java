package bravium.server.media;

import static bravium.server.data.schema.Tables.UPLOAD;

import bravium.server.data.Writer;
import bravium.server.data.schema.tables.records.UploadRecord;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The rows of files that come in parts. */
@Repository
class UploadRepository {

  private final DSLContext database;
  private final Writer writer;

  UploadRepository(DSLContext database, Writer writer) {
    this.database = database;
    this.writer = writer;
  }

  void add(long teacher, String name, UploadBeginning said, Instant now) {
    writer.write(
        dsl -> {
          UploadRecord row = dsl.newRecord(UPLOAD);
          row.setTeacherId(teacher);
          row.setName(name);
          row.setTitle(said.title());
          row.setBytes(said.bytes());
          row.setBegunAt(now);
          return row.insert();
        });
  }

  List<UploadRecord> list(long teacher) {
    return database
        .selectFrom(UPLOAD)
        .where(UPLOAD.TEACHER_ID.eq(teacher))
        .orderBy(UPLOAD.ID)
        .fetch();
  }

  Optional<UploadRecord> find(long teacher, String name) {
    return database
        .selectFrom(UPLOAD)
        .where(UPLOAD.TEACHER_ID.eq(teacher), UPLOAD.NAME.eq(name))
        .fetchOptional();
  }

  void remove(String name) {
    writer.write(dsl -> dsl.deleteFrom(UPLOAD).where(UPLOAD.NAME.eq(name)).execute());
  }

  /** Forgets those that were begun before that time. */
  void forget(Instant before) {
    writer.write(dsl -> dsl.deleteFrom(UPLOAD).where(UPLOAD.BEGUN_AT.lt(before)).execute());
  }
}
