-- Learners have no names here: the teacher and they themselves know them by a number.
ALTER TABLE learner ADD COLUMN number INTEGER NOT NULL DEFAULT 0;
UPDATE learner SET number = (
  SELECT count(*) FROM learner AS before
  WHERE before.play_link_id = learner.play_link_id AND before.id <= learner.id
);
CREATE UNIQUE INDEX learner_by_number ON learner (play_link_id, number);

-- What was written in a player's own words: free answers, and contributions to a discussion. It
-- stands in the moves; here it is found without playing them again.
-- is_waiting: for the teacher's mark. is_hidden: the teacher took it out of the class's sight.
CREATE TABLE own_words (
  id            INTEGER NOT NULL PRIMARY KEY,
  sitting_id    INTEGER NOT NULL REFERENCES sitting (id),
  question      TEXT    NOT NULL,
  text          TEXT    NOT NULL,
  is_discussion INTEGER NOT NULL,
  is_waiting    INTEGER NOT NULL,
  is_hidden     INTEGER NOT NULL DEFAULT 0,
  written_at    BIGINT  NOT NULL,
  UNIQUE (sitting_id, question)
);

CREATE INDEX own_words_waiting ON own_words (sitting_id) WHERE is_waiting;
