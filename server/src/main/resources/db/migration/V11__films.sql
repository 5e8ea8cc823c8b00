-- How many frames a video has in 1,000 seconds; null where that is not known, and for all else.
ALTER TABLE medium ADD COLUMN rate INTEGER;

-- A large file that comes in parts. What is there lies in the data folder under its name; how much that
-- is the file itself says. bytes: how long it will be. What was never brought to its end is forgotten.
CREATE TABLE upload (
  id         INTEGER NOT NULL PRIMARY KEY,
  teacher_id INTEGER NOT NULL REFERENCES teacher (id),
  name       TEXT    NOT NULL UNIQUE,
  title      TEXT    NOT NULL,
  bytes      INTEGER NOT NULL,
  begun_at   BIGINT  NOT NULL
);

CREATE INDEX upload_by_teacher ON upload (teacher_id);
