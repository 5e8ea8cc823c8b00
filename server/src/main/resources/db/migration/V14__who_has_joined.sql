-- When a learner first came in on a device of her own or of the class; it outlives the device, which
-- is forgotten when she leaves it.
ALTER TABLE class_learner ADD COLUMN joined_at BIGINT;

UPDATE class_learner SET joined_at = (
  SELECT min(at) FROM (
    SELECT created_at AS at FROM learner_device WHERE learner_device.learner_id = class_learner.learner_id
    UNION ALL
    SELECT opened_at FROM sitting WHERE sitting.learner_id = class_learner.learner_id
  )
);
