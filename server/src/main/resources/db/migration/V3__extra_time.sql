-- Further codes of a link, for learners who are entitled to more time: in per cent of the usual.
CREATE TABLE timed_link (
  id           INTEGER NOT NULL PRIMARY KEY,
  play_link_id INTEGER NOT NULL REFERENCES play_link (id),
  percent      INTEGER NOT NULL,
  code         TEXT    NOT NULL UNIQUE,
  created_at   BIGINT  NOT NULL,
  UNIQUE (play_link_id, percent)
);
