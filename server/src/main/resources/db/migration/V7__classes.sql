-- A class, its register, and what is given to it.

-- door: open, wait (newcomers wait for the teacher) or shut. put_away_at: at the end of its year.
CREATE TABLE school_class (
  id          INTEGER NOT NULL PRIMARY KEY,
  public_id   TEXT    NOT NULL UNIQUE,
  teacher_id  INTEGER NOT NULL REFERENCES teacher (id),
  name        TEXT    NOT NULL,
  year        INTEGER,
  code        TEXT    NOT NULL UNIQUE,
  door        TEXT    NOT NULL,
  created_at  BIGINT  NOT NULL,
  put_away_at BIGINT
);

CREATE INDEX school_class_by_teacher ON school_class (teacher_id, put_away_at, name);

-- Someone who plays came by a link, and of her token only its hash is kept; or she is in a class, has
-- neither, and what is known of her there stands in class_learner. Both columns lose their NOT NULL as
-- SQLite's manual says for changes that alter no content (lang_altertable, section 7).
PRAGMA writable_schema = ON;
UPDATE sqlite_schema
  SET sql = replace(
    replace(sql, 'INTEGER NOT NULL REFERENCES play_link', 'INTEGER REFERENCES play_link'),
    'TEXT    NOT NULL UNIQUE', 'TEXT UNIQUE')
  WHERE type = 'table' AND name = 'learner';
PRAGMA writable_schema = RESET;

-- name_key: what has to differ within a class. words_hash: of her two words, keyed by a secret that
-- is not in the database. is_waiting: for the teacher to let her in. time: in per cent of the usual.
-- help: the names that games give to it, one a line. removed_at: out of the register; merged_id:
-- because she is that other learner.
CREATE TABLE class_learner (
  learner_id INTEGER NOT NULL PRIMARY KEY REFERENCES learner (id),
  class_id   INTEGER NOT NULL REFERENCES school_class (id),
  public_id  TEXT    NOT NULL UNIQUE,
  name       TEXT    NOT NULL,
  name_key   TEXT    NOT NULL,
  words_hash TEXT,
  is_waiting INTEGER NOT NULL,
  time       INTEGER,
  help       TEXT    NOT NULL DEFAULT '',
  removed_at BIGINT,
  merged_id  INTEGER REFERENCES learner (id)
);

CREATE UNIQUE INDEX class_learner_by_name ON class_learner (class_id, name_key) WHERE removed_at IS NULL;

-- A device on which a learner of a class is known; of its token only the hash is kept.
CREATE TABLE learner_device (
  id         INTEGER NOT NULL PRIMARY KEY,
  learner_id INTEGER NOT NULL REFERENCES learner (id),
  token_hash TEXT    NOT NULL UNIQUE,
  created_at BIGINT  NOT NULL
);

CREATE INDEX learner_device_by_learner ON learner_device (learner_id);

-- An activity given to a class, in the version of that moment. is_for_all: to whoever is in the
-- class, also later; else to those that are chosen. taken_back_at: nobody can play it any more.
CREATE TABLE assignment (
  id                  INTEGER NOT NULL PRIMARY KEY,
  public_id           TEXT    NOT NULL UNIQUE,
  class_id            INTEGER NOT NULL REFERENCES school_class (id),
  activity_id         INTEGER NOT NULL REFERENCES activity (id),
  activity_version_id INTEGER NOT NULL REFERENCES activity_version (id),
  title               TEXT    NOT NULL,
  terms               TEXT    NOT NULL,
  is_for_all          INTEGER NOT NULL,
  given_at            BIGINT  NOT NULL,
  taken_back_at       BIGINT,
  told_at             BIGINT
);

CREATE INDEX assignment_by_class ON assignment (class_id, given_at DESC);
CREATE INDEX assignment_by_activity ON assignment (activity_id);
CREATE INDEX assignment_by_version ON assignment (activity_version_id);

-- What is settled otherwise for one learner.
CREATE TABLE assignment_learner (
  assignment_id INTEGER NOT NULL REFERENCES assignment (id),
  learner_id    INTEGER NOT NULL REFERENCES learner (id),
  is_chosen     INTEGER NOT NULL DEFAULT 0,
  allowance     TEXT,
  PRIMARY KEY (assignment_id, learner_id)
);

ALTER TABLE sitting ADD COLUMN assignment_id INTEGER REFERENCES assignment (id);
CREATE INDEX sitting_by_assignment ON sitting (assignment_id, learner_id) WHERE assignment_id IS NOT NULL;

-- What the version uses that was given: it is kept as long as the assignment is.
CREATE TABLE assignment_medium (
  assignment_id INTEGER NOT NULL REFERENCES assignment (id),
  medium        TEXT    NOT NULL,
  PRIMARY KEY (assignment_id, medium)
);

CREATE INDEX assignment_medium_by_name ON assignment_medium (medium);
