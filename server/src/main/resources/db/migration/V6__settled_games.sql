-- A game that has ended keeps its review: Results reads it, and later rules never count it anew.
-- opened_revision: of the engine whose rules it began with. A game that still runs under other rules
-- is closed.
ALTER TABLE sitting ADD COLUMN opened_revision INTEGER NOT NULL DEFAULT 3;
ALTER TABLE sitting ADD COLUMN review TEXT;
