-- From now on who was taken out of a register is erased after thirty days. Whoever was taken out before
-- that was said can be brought back for thirty days from now.
UPDATE class_learner SET removed_at = CAST(strftime('%s', 'now') AS INTEGER) * 1000
  WHERE removed_at IS NOT NULL AND merged_id IS NULL;

-- What a night looks for.
CREATE INDEX class_learner_by_removal ON class_learner (removed_at) WHERE removed_at IS NOT NULL;
