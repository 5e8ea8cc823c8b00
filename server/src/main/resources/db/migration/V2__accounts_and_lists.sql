-- A teacher signs in by her name, compared as name_key: trimmed, in lower case. Without a password
-- hash nobody signs in by a password: the demo's teacher.
ALTER TABLE teacher ADD COLUMN name_key TEXT NOT NULL DEFAULT '';
ALTER TABLE teacher ADD COLUMN password_hash TEXT;
ALTER TABLE teacher ADD COLUMN is_keeper INTEGER NOT NULL DEFAULT 0;
UPDATE teacher SET name_key = lower(trim(name)), is_keeper = (id = (SELECT min(id) FROM teacher));
CREATE UNIQUE INDEX teacher_by_name ON teacher (name_key);

-- Of a session's token only its hash is kept.
CREATE TABLE teacher_session (
  id         INTEGER NOT NULL PRIMARY KEY,
  teacher_id INTEGER NOT NULL REFERENCES teacher (id),
  token_hash TEXT    NOT NULL UNIQUE,
  opened_at  BIGINT  NOT NULL,
  seen_at    BIGINT  NOT NULL
);

CREATE INDEX teacher_session_by_teacher ON teacher_session (teacher_id);

-- search_text: title, subject, tags and objective, folded as the server folds what is searched for.
-- removed_at: when the teacher removed it; until the nightly upkeep she can bring it back.
ALTER TABLE activity ADD COLUMN search_text TEXT NOT NULL DEFAULT '';
ALTER TABLE activity ADD COLUMN removed_at BIGINT;
UPDATE activity SET search_text = lower(title || ' ' || coalesce(subject, ''));

DROP INDEX activity_by_teacher;
CREATE INDEX activity_by_change ON activity (teacher_id, removed_at, changed_at DESC);
CREATE INDEX activity_by_title ON activity (teacher_id, removed_at, search_text);
CREATE INDEX activity_by_year ON activity (teacher_id, removed_at, year);

CREATE TABLE activity_tag (
  activity_id INTEGER NOT NULL REFERENCES activity (id),
  tag         TEXT    NOT NULL,
  PRIMARY KEY (activity_id, tag)
);

INSERT OR IGNORE INTO activity_tag (activity_id, tag)
  SELECT activity.id, tags.value
  FROM activity
  JOIN activity_version
    ON activity_version.activity_id = activity.id AND activity_version.version = activity.version
  JOIN json_each(activity_version.document, '$.titlePage.tags') AS tags;

CREATE INDEX sitting_by_version ON sitting (activity_version_id);
