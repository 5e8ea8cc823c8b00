-- A device on which a teacher signed in well: whoever guesses elsewhere at her name keeps her from
-- nothing there. Of its token only the hash is kept.
CREATE TABLE teacher_device (
  id         INTEGER NOT NULL PRIMARY KEY,
  teacher_id INTEGER NOT NULL REFERENCES teacher (id),
  token_hash TEXT    NOT NULL UNIQUE,
  seen_at    BIGINT  NOT NULL
);

CREATE INDEX teacher_device_by_teacher ON teacher_device (teacher_id, seen_at);
