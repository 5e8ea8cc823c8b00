-- Times (…_at) are milliseconds since 1970, BIGINT for jOOQ’s sake. Documents are the core's JSON.

CREATE TABLE teacher (
  id         INTEGER NOT NULL PRIMARY KEY,
  name       TEXT    NOT NULL,
  created_at BIGINT  NOT NULL
);

CREATE TABLE activity (
  id             INTEGER NOT NULL PRIMARY KEY,
  public_id      TEXT    NOT NULL UNIQUE,
  teacher_id     INTEGER NOT NULL REFERENCES teacher (id),
  version        INTEGER NOT NULL,
  title          TEXT    NOT NULL,
  kind           TEXT    NOT NULL,
  subject        TEXT,
  year           INTEGER,
  question_count INTEGER NOT NULL,
  finding_count  INTEGER NOT NULL,
  is_playable    INTEGER NOT NULL,
  created_at     BIGINT  NOT NULL,
  changed_at     BIGINT  NOT NULL
);

CREATE INDEX activity_by_teacher ON activity (teacher_id, changed_at DESC);

-- Every save. A sitting plays the version that it was opened with.
CREATE TABLE activity_version (
  id          INTEGER NOT NULL PRIMARY KEY,
  activity_id INTEGER NOT NULL REFERENCES activity (id),
  version     INTEGER NOT NULL,
  document    TEXT    NOT NULL,
  saved_at    BIGINT  NOT NULL,
  UNIQUE (activity_id, version)
);

-- A link with a code, by which learners come.
CREATE TABLE play_link (
  id          INTEGER NOT NULL PRIMARY KEY,
  activity_id INTEGER NOT NULL UNIQUE REFERENCES activity (id),
  code        TEXT    NOT NULL UNIQUE,
  created_at  BIGINT  NOT NULL
);

-- Someone who came by a link. Of the token only its hash is kept.
CREATE TABLE learner (
  id           INTEGER NOT NULL PRIMARY KEY,
  play_link_id INTEGER NOT NULL REFERENCES play_link (id),
  token_hash   TEXT    NOT NULL UNIQUE,
  created_at   BIGINT  NOT NULL
);

-- A play: a learner's, or a teacher's at the front of the class.
CREATE TABLE sitting (
  id                  INTEGER NOT NULL PRIMARY KEY,
  public_id           TEXT    NOT NULL UNIQUE,
  activity_version_id INTEGER NOT NULL REFERENCES activity_version (id),
  learner_id          INTEGER REFERENCES learner (id),
  teacher_id          INTEGER REFERENCES teacher (id),
  opening             TEXT    NOT NULL,
  outcome             TEXT,
  engine_revision     INTEGER,
  opened_at           BIGINT  NOT NULL,
  ended_at            BIGINT ,
  CHECK ((learner_id IS NULL) <> (teacher_id IS NULL))
);

CREATE INDEX sitting_by_learner ON sitting (learner_id, opened_at DESC);

-- The moves that were applied, in their order.
CREATE TABLE move (
  id         INTEGER NOT NULL PRIMARY KEY,
  sitting_id INTEGER NOT NULL REFERENCES sitting (id),
  place      INTEGER NOT NULL,
  move_key   TEXT    NOT NULL,
  document   TEXT    NOT NULL,
  played_at  BIGINT  NOT NULL,
  UNIQUE (sitting_id, place),
  UNIQUE (sitting_id, move_key)
);
