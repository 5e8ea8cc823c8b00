-- What was given, and classes that were archived, can be removed: for thirty days they can be brought
-- back, then they are erased with all that was played.
ALTER TABLE assignment ADD COLUMN removed_at BIGINT;
ALTER TABLE school_class ADD COLUMN removed_at BIGINT;
