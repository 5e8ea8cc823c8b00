-- Revision 7 of the engine reads typed answers otherwise than revision 6. A running game in which
-- nothing was typed so far comes out as before, so it goes on as it was begun. What is written in
-- one's own words is marked by the teacher, and read by nobody else.
UPDATE sitting SET opened_revision = 7
WHERE opened_revision = 6 AND outcome IS NULL
  AND NOT EXISTS (
    SELECT 1 FROM move
    WHERE move.sitting_id = sitting.id
      AND (json_extract(move.document, '$.action.kind') IN ('enter', 'guess')
        OR json_extract(move.document, '$.action.response.kind') = 'filled'
        OR json_extract(move.document, '$.action.response.kind') = 'typed'
          AND EXISTS (
            SELECT 1 FROM activity_version, json_tree(activity_version.document) AS part
            WHERE activity_version.id = sitting.activity_version_id
              AND part.type = 'object'
              AND json_extract(part.value, '$.id') = json_extract(move.document, '$.action.question')
              AND json_extract(part.value, '$.kind') IN ('typed-text', 'number', 'fraction'))));
