-- What lies on the pages of a game at the front of the class and is no move: strokes of the pen, and
-- whether the flap is folded open.
CREATE TABLE beside_page (
  id         INTEGER NOT NULL PRIMARY KEY,
  sitting_id INTEGER NOT NULL REFERENCES sitting (id) ON DELETE CASCADE,
  page       TEXT    NOT NULL,
  document   TEXT    NOT NULL,
  changed_at BIGINT  NOT NULL,
  UNIQUE (sitting_id, page)
);
