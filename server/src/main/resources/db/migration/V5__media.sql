-- A picture or a sound of a teacher's. Its file lies in the data folder under its name, which is the
-- SHA-256 of what is in it: the same file of two teachers is there once.
-- words: what a picture shows, what is heard in a sound. removed_at: as for activities.
CREATE TABLE medium (
  id         INTEGER NOT NULL PRIMARY KEY,
  teacher_id INTEGER NOT NULL REFERENCES teacher (id),
  name       TEXT    NOT NULL,
  kind       TEXT    NOT NULL,
  type       TEXT    NOT NULL,
  title      TEXT    NOT NULL,
  words      TEXT    NOT NULL,
  width      INTEGER,
  height     INTEGER,
  millis     INTEGER,
  bytes      INTEGER NOT NULL,
  added_at   BIGINT  NOT NULL,
  removed_at BIGINT,
  UNIQUE (teacher_id, name)
);

CREATE INDEX medium_by_age ON medium (teacher_id, removed_at, added_at DESC);
CREATE INDEX medium_by_name ON medium (name);

-- What the newest version of an activity uses.
CREATE TABLE activity_medium (
  activity_id INTEGER NOT NULL REFERENCES activity (id),
  medium      TEXT    NOT NULL,
  PRIMARY KEY (activity_id, medium)
);

CREATE INDEX activity_medium_by_name ON activity_medium (medium);
