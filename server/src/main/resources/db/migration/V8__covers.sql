-- Whoever stands in for a class's teacher on a day: may present what is assigned to the class and what
-- is named here, and watch it play. day: as the school's calendar has it; A number is never
-- given twice: a session that still knows one must not come to stand for another cover.
CREATE TABLE cover (
  id         INTEGER NOT NULL PRIMARY KEY AUTOINCREMENT,
  public_id  TEXT    NOT NULL UNIQUE,
  class_id   INTEGER NOT NULL REFERENCES school_class (id) ON DELETE CASCADE,
  code       TEXT    NOT NULL UNIQUE,
  day        TEXT    NOT NULL,
  opens_at   BIGINT  NOT NULL,
  ends_at    BIGINT  NOT NULL,
  UNIQUE (class_id, day)
);

CREATE TABLE cover_activity (
  cover_id    INTEGER NOT NULL REFERENCES cover (id) ON DELETE CASCADE,
  activity_id INTEGER NOT NULL REFERENCES activity (id) ON DELETE CASCADE,
  PRIMARY KEY (cover_id, activity_id)
);

CREATE INDEX cover_activity_by_activity ON cover_activity (activity_id);

-- A session that somebody opened with a cover's code ends with it.
ALTER TABLE teacher_session ADD COLUMN cover_id INTEGER REFERENCES cover (id) ON DELETE CASCADE;
CREATE INDEX teacher_session_by_cover ON teacher_session (cover_id) WHERE cover_id IS NOT NULL;
