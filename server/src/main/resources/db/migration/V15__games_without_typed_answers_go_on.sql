-- Revision 7 of the engine reads typed answers otherwise than revision 6. A running game in which
-- nothing is typed comes out as before, so it goes on as it was begun.
UPDATE sitting SET opened_revision = 7
WHERE opened_revision = 6 AND outcome IS NULL
  AND NOT EXISTS (
    SELECT 1 FROM activity_version, json_tree(activity_version.document) AS part
    WHERE activity_version.id = sitting.activity_version_id
      AND part.key = 'kind'
      AND part.value IN ('typed-text', 'number', 'gaps', 'fraction', 'picture-reveal', 'word-hunt'));
