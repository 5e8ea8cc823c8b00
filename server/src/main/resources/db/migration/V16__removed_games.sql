-- A game that its teacher took out of the results; it can be brought back for thirty days.
ALTER TABLE sitting ADD COLUMN removed_at BIGINT;
